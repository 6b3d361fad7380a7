package dorada.core.format;

import dorada.core.outcome.Outcome;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import java.util.Arrays;
import java.util.Optional;

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
            throw new FormatException(line, Malformed.A_FREQUENCY_MUST_BE_ABOVE_0.of());
        }
        if (count > 0 && hz <= lastHz()) {
            throw new FormatException(line, Malformed.NOT_ASCENDING.of(hz, lastHz()));
        }
        if (count == MOST) {
            throw new FormatException(line, Malformed.TOO_MANY_POINTS.of(MOST));
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

    /** Where points reflect more than they receive. */
    Optional<Outcome> warning() {
        return aboveOne == 0 ? Optional.empty() : Optional.of(FileRemark.MORE_THAN_ALL.of(aboveOne, count));
    }

    Sweep sweep(double referenceOhm) {
        return new Sweep(
                Arrays.copyOf(frequencyHz, count), Arrays.copyOf(re, count), Arrays.copyOf(im, count), referenceOhm);
    }

    Sweep sweepOfMagnitudes() {
        return Sweep.ofMagnitudes(Arrays.copyOf(frequencyHz, count), Arrays.copyOf(re, count));
    }
}
