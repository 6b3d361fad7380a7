package dorada.server.sweep;

import dorada.core.format.SweepFile;
import dorada.core.outcome.Outcome;
import dorada.core.sweep.Sweep;
import dorada.server.words.Words;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps sweeps; nobody else knows how their points are stored. */
@Service
@Transactional
public class SweepStore {

    private static final int MOST_NAME_LETTERS = 255;

    private final StoredSweepRepository sweeps;
    private final SweepOriginalRepository originals;

    SweepStore(StoredSweepRepository sweeps, SweepOriginalRepository originals) {
        this.sweeps = sweeps;
        this.originals = originals;
    }

    public StoredSweep saveMeasured(Sweep sweep) {
        return sweeps.save(new StoredSweep(sweep, SweepSource.SIMULATED_ANALYSER, null, List.of()));
    }

    /** Keeps a sweep that an instrument took just now. */
    public StoredSweep saveTaken(Sweep sweep, List<Outcome> warnings) {
        return sweeps.save(new StoredSweep(sweep, SweepSource.ANALYSER, null, Words.ENGLISH.each(warnings)));
    }

    /** Keeps readings at single channels. */
    public StoredSweep saveSpots(Sweep magnitudes) {
        return sweeps.save(new StoredSweep(magnitudes, SweepSource.SPOTS, null, List.of()));
    }

    /** Keeps a raw reading of a calibration standard. */
    public StoredSweep saveStandard(Sweep sweep) {
        return sweeps.save(new StoredSweep(sweep, SweepSource.STANDARD, null, List.of()));
    }

    /** Keeps what was read from a file and, beside it, the file as it came. */
    public StoredSweep saveImported(SweepFile file, String name, byte[] asItCame) {
        StoredSweep stored = sweeps.save(
                new StoredSweep(file.sweep(), SweepSource.FILE, plainName(name), Words.ENGLISH.each(file.warnings())));
        originals.save(new SweepOriginal(stored.id(), asItCame));
        return stored;
    }

    /**
     * Keeps what an archive holds.
     *
     * @param original the imported file as it came; null where there was none
     */
    public StoredSweep restore(Sweep sweep, SweepSource source, String name, List<String> warnings, byte[] original) {
        StoredSweep stored =
                sweeps.save(new StoredSweep(sweep, source, name == null ? null : plainName(name), warnings));
        if (original != null) {
            originals.save(new SweepOriginal(stored.id(), original));
        }
        return stored;
    }

    @Transactional(readOnly = true)
    public Optional<byte[]> original(UUID sweepId) {
        return originals.findById(sweepId).map(SweepOriginal::bytes);
    }

    /** The last part of a name that a browser may have sent with its folders. */
    private static String plainName(String name) {
        String plain = name.replace('\\', '/').replaceAll("\\p{Cntrl}", " ");
        String last = plain.substring(plain.lastIndexOf('/') + 1).strip();
        return last.isEmpty() ? "sweep" : last.substring(0, Math.min(MOST_NAME_LETTERS, last.length()));
    }
}
