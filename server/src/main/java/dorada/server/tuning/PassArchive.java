package dorada.server.tuning;

import dorada.core.format.CsvWriter;
import dorada.core.format.FormatException;
import dorada.core.format.FrequencyUnit;
import dorada.core.format.NumberFormat;
import dorada.core.format.SweepFileReader;
import dorada.core.format.TouchstoneWriter;
import dorada.core.sweep.Sweep;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import dorada.server.shop.ArchivedPeople;
import dorada.server.sweep.StoredSweep;
import dorada.server.sweep.SweepStore;
import dorada.server.words.Words;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The passes of an installation, out to an archive and in from one; taken back ones too. */
@Service
@Transactional
public class PassArchive {

    private final TuningPassRepository passes;
    private final InstallationService installations;
    private final SweepStore sweeps;
    private final PassPhotoRepository photos;

    PassArchive(
            TuningPassRepository passes,
            InstallationService installations,
            SweepStore sweeps,
            PassPhotoRepository photos) {
        this.passes = passes;
        this.installations = installations;
        this.sweeps = sweeps;
        this.photos = photos;
    }

    /** @param files what lies beside it, by name */
    public record Packed(PassRecord pass, Map<String, byte[]> files) {}

    /** In the order in which they were recorded. */
    @Transactional(readOnly = true)
    public List<UUID> ids(UUID installationId) {
        return passes.idsInOrder(installationId);
    }

    /** @param place counted from 1, of which its files are named */
    @Transactional(readOnly = true)
    public Packed pack(UUID passId, int place) {
        TuningPass p = passes.findById(passId).orElseThrow(() -> UserProblem.notFound(Missing.PASS));
        Map<String, byte[]> files = new LinkedHashMap<>();
        String name = "pass-%03d".formatted(place);
        Sweep sweep = p.sweep().sweep();
        String points = name + (sweep.hasPhase() ? ".s1p" : ".csv");
        files.put(points, text(sweep));
        Optional<byte[]> original = sweeps.original(p.sweep().id());
        original.ifPresent(bytes -> files.put(name + ".original", bytes));
        Optional<byte[]> photo = p.hasPhoto()
                ? photos.findFirstByPassIdOrderByKeptAtDesc(passId).map(PassPhoto::jpeg)
                : Optional.empty();
        photo.ifPresent(bytes -> files.put(name + ".jpg", bytes));
        PassRecord.SweepRecord swept = new PassRecord.SweepRecord(
                points,
                p.sweep().digest(),
                p.sweep().source(),
                p.sweep().warnings(),
                original.map(o -> name + ".original").orElse(null),
                p.sweep().fileName().orElse(null));
        return new Packed(p.record(swept, photo.map(f -> name + ".jpg").orElse(null)), files);
    }

    private static byte[] text(Sweep sweep) {
        StringBuilder out = new StringBuilder();
        try {
            if (sweep.hasPhase()) {
                new TouchstoneWriter(FrequencyUnit.HZ, NumberFormat.RI).write(sweep, List.of(), out);
            } else {
                CsvWriter.write(sweep, out);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString().getBytes(StandardCharsets.UTF_8);
    }

    /** Reads the files that belong to a pass, by name. */
    @FunctionalInterface
    public interface Files {
        byte[] read(String name);
    }

    /**
     * Adds those that are not here yet; none where the archive's and ours are not the same up to there.
     *
     * @return how many were added; empty where both went on differently, or where one of them is another installation's here
     */
    public Optional<Integer> restore(
            UUID installationId, List<PassRecord> archived, ArchivedPeople people, Files files) {
        List<UUID> ours = passes.idsInOrder(installationId);
        List<UUID> theirs = archived.stream().map(PassRecord::id).toList();
        int same = Math.min(ours.size(), theirs.size());
        List<PassRecord> more = archived.subList(same, archived.size());
        if (!ours.subList(0, same).equals(theirs.subList(0, same))
                || passes.existsByIdIn(more.stream().map(PassRecord::id).toList())
                || passes.existsByRequestKeyIn(
                        more.stream().map(PassRecord::requestKey).toList())) {
            return Optional.empty();
        }
        Installation installation = installations.byId(installationId);
        List<TuningPass> added = new ArrayList<>();
        for (PassRecord r : more) {
            byte[] original =
                    r.sweep().original() == null ? null : files.read(r.sweep().original());
            StoredSweep sweep = sweeps.restore(
                    sweep(r.sweep().file(), files),
                    r.sweep().source(),
                    r.sweep().fileName(),
                    r.sweep().warnings(),
                    original);
            if (!sweep.digest().equals(r.sweep().digest())) {
                throw UserProblem.inFile(
                        0,
                        "The points in " + r.sweep().file()
                                + " are not those that were archived: the file was altered.");
            }
            TuningPass archivedPass = new TuningPass(installation, r, sweep, people.byLogin(r.recordedBy()));
            if (!installation.isOpenAt(archivedPass.visitNumber(), archivedPass.recordedAt())) {
                return Optional.empty();
            }
            TuningPass pass = passes.save(archivedPass);
            if (r.photo() != null) {
                photos.save(new PassPhoto(pass.id(), Photos.shrunk(files.read(r.photo())), null, r.recordedAt()));
                pass.setHasPhoto(true);
            }
            added.add(pass);
        }
        passes.flush();
        TuningPass.lastIsNewest(passes.findByInstallationIdAndNumberGreaterThanOrderByNumber(installationId, 0));
        return Optional.of(added.size());
    }

    private static Sweep sweep(String name, Files files) {
        try {
            return SweepFileReader.read(files.read(name), 1, name).sweep();
        } catch (FormatException e) {
            throw UserProblem.inFile(e.line(), name + ": " + Words.ENGLISH.phrase(e.outcome()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
