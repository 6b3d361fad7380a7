package dorada.core.format;

import dorada.core.sweep.Sweep;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A sweep as read from a file.
 *
 * @param sweep the reflections: of a one-port file re its own reference; of a two-port file with another reference than
 *     50 Ω already re 50 Ω at both ports
 * @param fileReferenceOhm the reference resistance that the file names for this port
 * @param ports how many ports the file describes, 1 or 2
 * @param lacks what it cannot give, as a sentence; empty where nothing is missing
 * @param warnings what was odd but certain in meaning, as sentences
 */
public record SweepFile(Sweep sweep, double fileReferenceOhm, int ports, String lacks, List<String> warnings) {

    public SweepFile {
        warnings = List.copyOf(warnings);
    }

    /** A complete one-port sweep. */
    public SweepFile(Sweep sweep, List<String> warnings) {
        this(sweep, sweep.referenceOhm(), 1, sweep.hasPhase() ? "" : WITHOUT_PHASE, warnings);
    }

    /** What SWR or return loss alone leave unknown. */
    public static final String WITHOUT_PHASE =
            "The file holds magnitudes only: SWR, return loss, dips and bandwidth are "
                    + "there; R, X, resonance (X = 0), the Smith chart, distances and taking a feedline off are not to be had from it.";

    /** For keeping: where there are more than {@code most} points, an even choice of them, with a word about it. */
    public SweepFile thinned(int most) {
        if (sweep.size() <= most) {
            return this;
        }
        List<String> more = new ArrayList<>(warnings);
        more.add(String.format(
                Locale.ROOT,
                "The file has %,d points; an even choice of %,d of them is kept here, and the file itself beside it.",
                sweep.size(),
                most));
        return new SweepFile(sweep.thinned(most), fileReferenceOhm, ports, lacks, more);
    }
}
