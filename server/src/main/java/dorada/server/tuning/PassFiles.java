package dorada.server.tuning;

import dorada.core.format.CsvWriter;
import dorada.core.format.FrequencyUnit;
import dorada.core.format.NumberFormat;
import dorada.core.format.TouchstoneWriter;
import dorada.server.people.PeopleService;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import dorada.server.sweep.SweepStore;
import dorada.server.sweep.TraceData;
import dorada.server.words.Words;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a pass can be taken away as, and the picture beside it. */
@Service
@Transactional
public class PassFiles {

    private final TuningPassRepository passes;
    private final SweepStore sweeps;
    private final PassPhotoRepository photos;
    private final PeopleService people;
    private final Clock clock;

    PassFiles(
            TuningPassRepository passes,
            SweepStore sweeps,
            PassPhotoRepository photos,
            PeopleService people,
            Clock clock) {
        this.people = people;
        this.passes = passes;
        this.sweeps = sweeps;
        this.photos = photos;
        this.clock = clock;
    }

    /** A file to hand out. */
    record Download(String name, byte[] bytes) {}

    /** Keeps a picture beside a pass; a new one is shown in place of the old. */
    void savePhoto(UUID passId, byte[] picture, UUID by) {
        TuningPass pass = byId(passId);
        photos.save(new PassPhoto(passId, Photos.shrunk(picture), people.byId(by), clock.instant()));
        pass.setHasPhoto(true);
    }

    @Transactional(readOnly = true)
    byte[] photo(UUID passId) {
        return photos.findFirstByPassIdOrderByKeptAtDesc(passId)
                .orElseThrow(() -> UserProblem.notFound(Missing.PHOTO))
                .jpeg();
    }

    @Transactional(readOnly = true)
    Download touchstone(UUID passId, NumberFormat format) {
        TuningPass pass = byId(passId);
        StringBuilder out = new StringBuilder();
        if (!pass.sweep().sweep().hasPhase()) {
            throw UserProblem.conflict(Refused.NO_PHASE_FOR_A_FILE.of());
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
                                    "Measured " + Words.ENGLISH.phrase(pass.plane())),
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
        byte[] bytes =
                sweeps.original(pass.sweep().id()).orElseThrow(() -> UserProblem.notFound(Missing.IMPORTED_FILE));
        return new Download(pass.sweep().fileName().orElse("sweep.s1p"), bytes);
    }

    private TuningPass byId(UUID passId) {
        return passes.findById(passId).orElseThrow(() -> UserProblem.notFound(Missing.PASS));
    }
}
