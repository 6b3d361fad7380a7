package dorada.core.format;

import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import java.util.Arrays;
import java.util.Locale;

/** The points of a file as they are read, held against what every sweep must be. */
final class Points {

    static final int MOST = 100_001;
    private static final double VISIBLY_MORE_THAN_ALL = 1.02;

    private int count;
    private int aboveOne;
    private double[] frequencyHz = new double[256];
    private double[] re = new double[256];
    private double[] im = new double[256];

    int count() {
        return count;
    }

    double lastHz() {
        return count == 0 ? 0 : frequencyHz[count - 1];
    }

    /** @throws FormatException where {@code hz} does not ascend */
    void add(double hz, Reflection r, int line) throws FormatException {
        if (!(hz > 0)) {
            throw new FormatException(line, "a frequency must be above 0.");
        }
        if (count > 0 && hz <= lastHz()) {
            throw new FormatException(
                    line,
                    String.format(
                            Locale.ROOT,
                            "frequencies must ascend, but %.6f MHz follows %.6f MHz.",
                            hz / 1e6,
                            lastHz() / 1e6));
        }
        if (count == MOST) {
            throw new FormatException(line, "more than " + MOST + " points; sweep with fewer.");
        }
        if (count == frequencyHz.length) {
            frequencyHz = Arrays.copyOf(frequencyHz, count * 2);
            re = Arrays.copyOf(re, count * 2);
            im = Arrays.copyOf(im, count * 2);
        }
        aboveOne += r.magnitude() > VISIBLY_MORE_THAN_ALL ? 1 : 0;
        frequencyHz[count] = hz;
        re[count] = r.re();
        im[count] = r.im();
        count++;
    }

    /** The sentence for points that reflect more than they receive, or "". */
    String warning() {
        return aboveOne == 0
                ? ""
                : aboveOne + " of " + count
                        + " points reflect more than they receive (|Γ| above 1): check the calibration.";
    }

    Sweep sweep(double referenceOhm) {
        return new Sweep(
                Arrays.copyOf(frequencyHz, count), Arrays.copyOf(re, count), Arrays.copyOf(im, count), referenceOhm);
    }

    Sweep sweepOfMagnitudes() {
        return Sweep.ofMagnitudes(Arrays.copyOf(frequencyHz, count), Arrays.copyOf(re, count));
    }
}
