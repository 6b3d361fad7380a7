package dorada.server.tuning;

import dorada.core.calibration.Calibration;
import dorada.core.format.CsvWriter;
import dorada.core.format.FrequencyUnit;
import dorada.core.format.NumberFormat;
import dorada.core.format.SweepFile;
import dorada.core.format.TouchstoneWriter;
import dorada.core.instrument.ReadingKind;
import dorada.core.instrument.Span;
import dorada.core.instrument.SpotReading;
import dorada.core.sweep.Sweep;
import dorada.server.calibration.Calibrations;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import dorada.server.installation.InstallationView;
import dorada.server.instrument.PracticeBench;
import dorada.server.people.PeopleService;
import dorada.server.problem.JobException;
import dorada.server.sweep.SweepStore;
import dorada.server.sweep.TraceData;
import dorada.server.sweep.UploadedSweep;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Records passes, judges them, signs off. */
@Service
@Transactional
public class TuningService {

    private final TuningPassRepository passes;
    private final InstallationService installations;
    private final SweepStore sweeps;
    private final PracticeBench bench;
    private final PeopleService people;
    private final Calibrations calibrations;
    private final Adviser adviser;
    private final PassPhotoRepository photos;
    private final Clock clock;

    TuningService(
            TuningPassRepository passes,
            InstallationService installations,
            SweepStore sweeps,
            PracticeBench bench,
            PeopleService people,
            Calibrations calibrations,
            Adviser adviser,
            PassPhotoRepository photos,
            Clock clock) {
        this.passes = passes;
        this.installations = installations;
        this.sweeps = sweeps;
        this.bench = bench;
        this.people = people;
        this.calibrations = calibrations;
        this.adviser = adviser;
        this.photos = photos;
        this.clock = clock;
    }

    /** A file to hand out. */
    record Download(String name, byte[] bytes) {}

    @Transactional(readOnly = true)
    public List<PassView> passesOf(UUID installationId) {
        Installation installation = installations.byId(installationId);
        List<TuningPass> all = passesThatCount(installationId);
        List<PassView> views = new ArrayList<>();
        Function<TuningPass, Judgement> judged = judgedOnce(installation);
        for (int n = 1; n <= all.size(); n++) {
            List<TuningPass> until = all.subList(0, n);
            views.add(PassView.lastOf(until, installation, adviser.advice(installation, until), judged));
        }
        return views;
    }

    /** Sweeps with the simulated analyser and records the result. */
    public PassView measure(UUID installationId, Recording recording, Span span, int points, UUID by) {
        return record(
                installationId,
                recording,
                SentDigest.of(recording, "measured", span, points),
                by,
                (installation, before) -> {
                    double changedM = recording.changeM()
                            + before.stream().mapToDouble(TuningPass::changeM).sum();
                    double secondM = recording.secondMetres()
                            + before.stream()
                                    .mapToDouble(TuningPass::secondChangeM)
                                    .sum();
                    int number = before.size() + 1;
                    return TuningPass.Taken.swept(
                            sweeps.keepMeasured(
                                    Boolean.TRUE.equals(recording.oldAntenna())
                                            ? bench.sweepOld(installation, number, span, points)
                                            : bench.sweep(installation, changedM, secondM, number, span, points)),
                            ReadingKind.CALIBRATED_ANALYSER,
                            "");
                });
    }

    /** Records what an instrument swept just now. */
    public PassView recordSwept(UUID installationId, Recording recording, Calibration.Corrected taken, UUID by) {
        boolean isOurs = recording.calibrationId() != null;
        ReadingKind kind = isOurs ? ReadingKind.CALIBRATED_ANALYSER : sweptKind(recording);
        String declared =
                isOurs ? "corrected with " + calibrations.nameOf(recording.calibrationId()) : recording.declaredWords();
        Sweep sweep = taken.sweep();
        return record(
                installationId,
                recording,
                SentDigest.of(recording, "swept", sweep.startHz(), sweep.stopHz(), sweep.size()),
                by,
                (installation, before) ->
                        TuningPass.Taken.swept(sweeps.keepTaken(taken.sweep(), taken.warnings()), kind, declared));
    }

    private static ReadingKind sweptKind(Recording recording) {
        ReadingKind kind = recording.rests() == null ? ReadingKind.UNCALIBRATED_ANALYSER : recording.rests();
        if (!kind.isSwept()) {
            throw JobException.atField("rests", "A sweep is of an analyser.");
        }
        return kind;
    }

    /** Records an imported file, corrected by one of the shop's calibrations where the recording names one. */
    public PassView importFile(UUID installationId, Recording recording, UploadedSweep upload, UUID by) {
        return record(
                installationId, recording, SentDigest.of(recording, upload.bytes()), by, (installation, before) -> {
                    if (recording.calibrationId() != null) {
                        Calibrations.Use use = calibrations.correct(
                                recording.calibrationId(),
                                upload.file().sweep().renormalised(Sweep.STANDARD_REFERENCE_OHM));
                        SweepFile corrected = new SweepFile(
                                use.corrected().sweep(), use.corrected().warnings());
                        return TuningPass.Taken.swept(
                                sweeps.keepImported(corrected, upload.name(), upload.bytes()),
                                ReadingKind.CALIBRATED_ANALYSER,
                                "corrected with " + use.name());
                    }
                    return TuningPass.Taken.swept(
                            sweeps.keepImported(upload.file(), upload.name(), upload.bytes()),
                            sweptKind(recording),
                            recording.declaredWords());
                });
    }

    /** Records readings at single channels. */
    public PassView recordSpots(
            UUID installationId, Recording recording, ReadingKind kind, List<SpotReading> spots, UUID by) {
        List<SpotReading> ascending = spots.stream()
                .sorted(Comparator.comparingDouble(SpotReading::frequencyHz))
                .toList();
        return record(
                installationId,
                recording,
                SentDigest.of(recording, kind, ascending),
                by,
                (installation, before) -> new TuningPass.Taken(
                        sweeps.keepSpots(magnitudes(ascending)), kind, recording.declaredWords(), ascending));
    }

    private static Sweep magnitudes(List<SpotReading> spots) {
        try {
            return Sweep.ofMagnitudes(
                    spots.stream().mapToDouble(SpotReading::frequencyHz).toArray(),
                    spots.stream().mapToDouble(SpotReading::magnitude).toArray());
        } catch (IllegalArgumentException e) {
            throw JobException.atField("spots", "Each channel is read once: two readings stand at one frequency.");
        }
    }

    private PassView record(
            UUID installationId,
            Recording recording,
            String digest,
            UUID by,
            BiFunction<Installation, List<TuningPass>, TuningPass.Taken> take) {
        Installation installation = installations.byId(installationId);
        List<TuningPass> before = passesThatCount(installationId);
        Optional<TuningPass> sentBefore = passes.findByRequestKey(recording.requestKey());
        if (sentBefore.isPresent()) {
            return viewOf(sentBefore.get(), before, installation, recording, digest);
        }
        installation.requireOpen();
        TuningPass pass = new TuningPass(
                installation,
                before.size() + 1,
                recording,
                digest,
                take.apply(installation, before),
                people.byId(by),
                clock.instant());
        List<TuningPass> all = new ArrayList<>(before);
        all.add(passes.saveAndFlush(pass));
        return view(all, installation);
    }

    /** The same entry sent again, after a lost answer: what was recorded then, and nothing new. */
    private PassView viewOf(
            TuningPass pass, List<TuningPass> all, Installation installation, Recording recording, String digest) {
        if (!pass.installation().id().equals(installation.id())) {
            throw JobException.conflict("This entry was already recorded for another installation.");
        }
        if (!all.contains(pass)) {
            throw JobException.conflict(
                    "This entry was recorded and taken back. Put it back, or record it as a new one.");
        }
        PassView recorded = view(all.subList(0, pass.number()), installation);
        if (!pass.isMadeFrom(digest)) {
            throw JobException.otherContent(recorded, recording);
        }
        return recorded;
    }

    private PassView view(List<TuningPass> passes, Installation installation) {
        return PassView.lastOf(passes, installation, adviser.advice(installation, passes), judgedOnce(installation));
    }

    /** The old antenna is asked for with each pass after it. */
    private Function<TuningPass, Judgement> judgedOnce(Installation installation) {
        Map<UUID, Judgement> known = new HashMap<>();
        return pass -> known.computeIfAbsent(pass.id(), id -> Judgement.of(pass, installation, adviser.estimate(pass)));
    }

    /**
     * Closes the installation on its newest pass: a final sweep that meets the rule, else with a reason, and perhaps a limit until
     * a date.
     */
    public InstallationView signOff(UUID installationId, SignOff request, UUID by) {
        Installation installation = installations.byId(installationId);
        if (installation.version() != request.version()) {
            throw JobException.stale(InstallationView.of(installation), request);
        }
        installation.requireOpen();
        List<TuningPass> all = passesThatCount(installationId);
        if (all.isEmpty()) {
            throw JobException.conflict("There is nothing to sign off yet: take a sweep first.");
        }
        TuningPass last = all.get(all.size() - 1);
        if (last.number() != request.passNumber()) {
            throw JobException.conflict(
                    "Somebody recorded pass " + last.number() + " meanwhile. Look at it before signing off.");
        }
        if (last.isOldAntenna()) {
            throw JobException.conflict("The newest pass is of the old antenna. Sweep the one that stays.");
        }
        PassView seen = view(all, installation);
        String reason = request.reason() == null ? "" : request.reason().strip();
        boolean met = seen.verdict().met();
        if (!met && reason.isEmpty()) {
            throw JobException.atField(
                    "reason", "The rule is not met, so please say why it is good enough, or with which limit.");
        }
        if (!last.isFinalSweep() && reason.isEmpty()) {
            throw JobException.atField(
                    "reason",
                    "Tightening and sealing move the dip: take the final sweep first, or say why there is none.");
        }
        requireLimit(request, seen);
        installation.signOff(
                new Installation.Closing(
                        last.number(),
                        request.remark().strip(),
                        met && last.isFinalSweep() ? null : reason,
                        request.limitW(),
                        request.due(),
                        seen.cost() == null ? null : seen.cost().worstDb()),
                adviser.lesson(installation, all),
                people.byId(by),
                clock.instant());
        return installations.saved(installation);
    }

    /** No limit above what the radio stands into this SWR, and no date that has passed. */
    private void requireLimit(SignOff request, PassView seen) {
        if (request.limitW() != null
                && (!seen.transmit().allowed()
                        || request.limitW() > seen.transmit().powerW() * (1 + 1e-9))) {
            throw JobException.atField(
                    "limitW",
                    seen.transmit().allowed()
                            ? String.format(
                                    Locale.ROOT,
                                    "Into this SWR at most %.1f W: more would come back to the radio than at its ceiling.",
                                    seen.transmit().powerW())
                            : "Into this SWR nobody should transmit, at any power.");
        }
        if (request.hasPassed(clock)) {
            throw JobException.atField("due", "This date has passed already.");
        }
    }

    /** Keeps a picture beside a pass; a new one is shown in place of the old. */
    void keepPhoto(UUID passId, byte[] picture) {
        TuningPass pass = byId(passId);
        photos.save(new PassPhoto(passId, Photos.shrunk(picture), clock.instant()));
        pass.setHasPhoto(true);
    }

    @Transactional(readOnly = true)
    byte[] photo(UUID passId) {
        return photos.findFirstByPassIdOrderByKeptAtDesc(passId)
                .orElseThrow(() -> JobException.notFound("photo"))
                .jpeg();
    }

    public InstallationView reopen(UUID installationId, UUID by) {
        Installation installation = installations.byId(installationId);
        installation.reopen(people.byId(by), clock.instant());
        return installations.saved(installation);
    }

    @Transactional(readOnly = true)
    Download touchstone(UUID passId, NumberFormat format) {
        TuningPass pass = byId(passId);
        StringBuilder out = new StringBuilder();
        if (!pass.sweep().sweep().hasPhase()) {
            throw JobException.conflict(
                    "This pass has no phase, which a Touchstone file must hold. Take the table (CSV).");
        }
        try {
            new TouchstoneWriter(FrequencyUnit.HZ, format)
                    .write(
                            pass.sweep().sweep(),
                            List.of(
                                    pass.installation().shopNumber() + " "
                                            + pass.installation().title(),
                                    "Pass " + pass.number() + ", " + pass.recordedAt() + ", "
                                            + pass.recordedBy().displayName(),
                                    "Measured " + pass.plane().words()),
                            out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        String name = pass.installation().shopNumber() + "-pass-" + pass.number() + ".s1p";
        return new Download(name, out.toString().getBytes(StandardCharsets.UTF_8));
    }

    /** The points as a table; without phase, their magnitudes. */
    @Transactional(readOnly = true)
    Download table(UUID passId) {
        TuningPass pass = byId(passId);
        StringBuilder out = new StringBuilder();
        try {
            CsvWriter.write(pass.sweep().sweep(), out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        String name = pass.installation().shopNumber() + "-pass-" + pass.number() + ".csv";
        return new Download(name, out.toString().getBytes(StandardCharsets.UTF_8));
    }

    /** A pass for the trace desk. */
    record PassTrace(@NotNull String name, @NotNull TraceData trace) {}

    @Transactional(readOnly = true)
    PassTrace trace(UUID passId) {
        TuningPass pass = byId(passId);
        return new PassTrace(
                pass.installation().shopNumber() + " pass " + pass.number(),
                TraceData.of(pass.sweep().sweep()));
    }

    @Transactional(readOnly = true)
    Download original(UUID passId) {
        TuningPass pass = byId(passId);
        byte[] bytes = sweeps.original(pass.sweep().id()).orElseThrow(() -> JobException.notFound("imported file"));
        return new Download(pass.sweep().fileName().orElse("sweep.s1p"), bytes);
    }

    /**
     * Takes the newest pass back, as a wrong entry: it counts no longer, and can be put back until another is recorded.
     */
    public void takeBack(UUID passId) {
        TuningPass pass = byId(passId);
        UUID installationId = pass.installation().id();
        pass.installation().requireOpen();
        List<TuningPass> all = passesThatCount(installationId);
        if (all.isEmpty() || !all.get(all.size() - 1).id().equals(passId)) {
            throw JobException.conflict("Only the newest pass can be taken back; somebody may have recorded another.");
        }
        pass.renumber(-1 - passes.countByInstallationIdAndNumberLessThan(installationId, 0));
    }

    /** Puts a pass back that was taken back, as the newest. */
    public void putBack(UUID passId) {
        TuningPass pass = byId(passId);
        pass.installation().requireOpen();
        if (pass.number() > 0) {
            throw JobException.conflict("This pass counts already.");
        }
        List<TuningPass> all = passesThatCount(pass.installation().id());
        if (!all.isEmpty() && all.get(all.size() - 1).recordedAt().isAfter(pass.recordedAt())) {
            throw JobException.conflict("Another pass was recorded meanwhile; record this one again.");
        }
        pass.renumber(all.size() + 1);
    }

    /** A pass that was taken back. */
    record TakenBack(
            @NotNull UUID id,
            @NotNull Instant recordedAt,
            @NotNull String recordedBy,
            @NotNull String note,
            @NotNull boolean mayBePutBack) {}

    /** The last taken back first; none of them counts. One that others follow is recorded again instead of put back. */
    @Transactional(readOnly = true)
    List<TakenBack> takenBack(UUID installationId) {
        Installation installation = installations.byId(installationId);
        Optional<Instant> newest = passesThatCount(installationId).stream()
                .map(TuningPass::recordedAt)
                .reduce((a, b) -> b);
        return passes.findByInstallationIdAndNumberLessThanOrderByNumber(installationId, 0).stream()
                .map(p -> new TakenBack(
                        p.id(),
                        p.recordedAt(),
                        p.recordedBy().displayName(),
                        p.note(),
                        !installation.isSignedOff()
                                && newest.filter(n -> n.isAfter(p.recordedAt())).isEmpty()))
                .toList();
    }

    /** The installation that pass {@code passId} belongs to. */
    @Transactional(readOnly = true)
    public UUID installationOf(UUID passId) {
        return byId(passId).installation().id();
    }

    private List<TuningPass> passesThatCount(UUID installationId) {
        return passes.findByInstallationIdAndNumberGreaterThanOrderByNumber(installationId, 0);
    }

    private TuningPass byId(UUID passId) {
        return passes.findById(passId).orElseThrow(() -> JobException.notFound("pass"));
    }
}
