package dorada.core.format;

import dorada.core.sweep.Sweep;
import java.io.IOException;

/** Writes a sweep as a one-port Touchstone 1.1 file. Source: as {@link TouchstoneReader}. */
public final class TouchstoneWriter {

    private final FrequencyUnit unit;
    private final NumberFormat format;

    public TouchstoneWriter(FrequencyUnit unit, NumberFormat format) {
        this.unit = unit;
        this.format = format;
    }

    /**
     * Writes every point; numbers are written so that reading returns the same double in RI and Hz.
     *
     * @param comments lines put at the top behind {@code !}
     */
    public void write(Sweep sweep, Iterable<String> comments, Appendable out) throws IOException {
        for (String comment : comments) {
            out.append("! ").append(comment.replaceAll("\\R", " ")).append('\n');
        }
        out.append("# ")
                .append(unit.text())
                .append(" S ")
                .append(format.name())
                .append(" R ")
                .append(plain(sweep.referenceOhm()))
                .append('\n');
        for (int i = 0; i < sweep.size(); i++) {
            double[] pair = format.write(sweep.reflection(i));
            out.append(plain(sweep.frequencyHz(i) / unit.hertz()))
                    .append(' ')
                    .append(plain(pair[0]))
                    .append(' ')
                    .append(plain(pair[1]))
                    .append('\n');
        }
    }

    private static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? Long.toString((long) value)
                : Double.toString(value);
    }
}
