package dorada.core.format;

import dorada.core.outcome.Outcome;
import dorada.core.sweep.Sweep;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A sweep as read from a file.
 *
 * @param sweep the reflections: of a one-port file re its own reference; of a two-port file with another reference than
 *     50 Ω already re 50 Ω at both ports
 * @param fileReferenceOhm the reference resistance that the file names for this port
 * @param ports how many ports the file describes, 1 or 2
 * @param lacks what it cannot give; empty where nothing is missing
 * @param warnings what was odd but certain in meaning
 */
public record SweepFile(
        Sweep sweep, double fileReferenceOhm, int ports, Optional<Outcome> lacks, List<Outcome> warnings) {

    public SweepFile {
        warnings = List.copyOf(warnings);
    }

    /** A complete one-port sweep. */
    public SweepFile(Sweep sweep, List<Outcome> warnings) {
        this(
                sweep,
                sweep.referenceOhm(),
                1,
                sweep.hasPhase() ? Optional.empty() : Optional.of(WITHOUT_PHASE),
                warnings);
    }

    /** What SWR or return loss alone leave unknown. */
    public static final Outcome WITHOUT_PHASE = FileRemark.MAGNITUDES_ONLY.of();

    /** For keeping: where there are more than {@code most} points, an even choice of them, with a word about it. */
    public SweepFile thinned(int most) {
        if (sweep.size() <= most) {
            return this;
        }
        List<Outcome> more = new ArrayList<>(warnings);
        more.add(FileRemark.THINNED.of(sweep.size(), most));
        return new SweepFile(sweep.thinned(most), fileReferenceOhm, ports, lacks, more);
    }
}
