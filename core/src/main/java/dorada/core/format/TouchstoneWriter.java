package dorada.core.format;

import dorada.core.sweep.NeedsPhase;
import dorada.core.sweep.Sweep;
import java.io.IOException;

/** Writes a sweep as a one-port Touchstone file. Source: as {@link TouchstoneReader}. */
public final class TouchstoneWriter {

    /** Which version of the format is written. */
    public enum Version {
        V1_1,
        V2_0
    }

    private final FrequencyUnit unit;
    private final NumberFormat format;
    private final Version version;

    /** A writer of version 1.1, which everything reads. */
    public TouchstoneWriter(FrequencyUnit unit, NumberFormat format) {
        this(unit, format, Version.V1_1);
    }

    public TouchstoneWriter(FrequencyUnit unit, NumberFormat format, Version version) {
        this.unit = unit;
        this.format = format;
        this.version = version;
    }

    /**
     * Writes every point; numbers are written so that reading returns the same double in RI and Hz.
     *
     * @param comments lines put at the top behind {@code !}
     * @throws dorada.core.outcome.Refusal where the sweep has no phase, which a Touchstone file must hold
     */
    public void write(Sweep sweep, Iterable<String> comments, Appendable out) throws IOException {
        sweep.requirePhase(NeedsPhase.WRITTEN_AS_TOUCHSTONE);
        for (String comment : comments) {
            out.append("! ").append(comment.replaceAll("\\R", " ")).append('\n');
        }
        boolean v2 = version == Version.V2_0;
        if (v2) {
            out.append("[Version] 2.0\n");
        }
        out.append("# ")
                .append(unit.text())
                .append(" S ")
                .append(format.name())
                .append(" R ")
                .append(Numbers.plain(sweep.referenceOhm()))
                .append('\n');
        if (v2) {
            out.append("[Number of Ports] 1\n[Number of Frequencies] ")
                    .append(Integer.toString(sweep.size()))
                    .append("\n[Network Data]\n");
        }
        for (int i = 0; i < sweep.size(); i++) {
            double[] pair = format.write(sweep.reflection(i));
            out.append(Numbers.plain(sweep.frequencyHz(i) / unit.hertz()))
                    .append(' ')
                    .append(Numbers.plain(pair[0]))
                    .append(' ')
                    .append(Numbers.plain(pair[1]))
                    .append('\n');
        }
        if (v2) {
            out.append("[End]\n");
        }
    }
}
