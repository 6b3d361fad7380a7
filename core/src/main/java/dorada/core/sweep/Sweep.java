package dorada.core.sweep;

import dorada.core.rf.Reflection;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;

/**
 * Reflections over ascending frequencies against one reference resistance. Immutable.
 *
 * <p>Between its points Γ is interpolated by the cubic through the four nearest points (fewer where the sweep has
 * fewer), real and imaginary part apart: a smooth antenna curve is followed closely and every measured point is
 * returned exactly.
 */
public final class Sweep {

    /** The reference resistance that everything in the project is shown against, in ohms. */
    public static final double STANDARD_REFERENCE_OHM = 50;

    private static final int STENCIL = 4;

    private final double[] frequencyHz;
    private final double[] re;
    private final double[] im;
    private final double referenceOhm;

    /**
     * @param frequencyHz n ≥ 1 ascending frequencies in Hz, above 0
     * @param re n real parts of Γ
     * @param im n imaginary parts of Γ
     * @param referenceOhm reference resistance in ohms, above 0
     * @throws IllegalArgumentException naming the first point that breaks these conditions
     */
    public Sweep(double[] frequencyHz, double[] re, double[] im, double referenceOhm) {
        if (frequencyHz.length == 0) {
            throw new IllegalArgumentException("A sweep needs at least one point.");
        }
        if (re.length != frequencyHz.length || im.length != frequencyHz.length) {
            throw new IllegalArgumentException("A sweep needs as many reflections as frequencies.");
        }
        if (!(referenceOhm > 0) || Double.isInfinite(referenceOhm)) {
            throw new IllegalArgumentException("A reference resistance must be above 0 Ω, not " + referenceOhm + ".");
        }
        double last = 0;
        for (int i = 0; i < frequencyHz.length; i++) {
            if (!(frequencyHz[i] > last) || Double.isInfinite(frequencyHz[i])) {
                throw new IllegalArgumentException("Frequencies must ascend from above 0 Hz: point " + i + " is at "
                        + frequencyHz[i] + " Hz after " + last + " Hz.");
            }
            if (!Double.isFinite(re[i]) || !Double.isFinite(im[i])) {
                throw new IllegalArgumentException("Point " + i + " is not a number.");
            }
            last = frequencyHz[i];
        }
        this.frequencyHz = frequencyHz.clone();
        this.re = re.clone();
        this.im = im.clone();
        this.referenceOhm = referenceOhm;
    }

    public int size() {
        return frequencyHz.length;
    }

    public double frequencyHz(int i) {
        return frequencyHz[i];
    }

    public double re(int i) {
        return re[i];
    }

    public double im(int i) {
        return im[i];
    }

    public Reflection reflection(int i) {
        return new Reflection(re[i], im[i]);
    }

    public double magnitude(int i) {
        return Math.hypot(re[i], im[i]);
    }

    public double referenceOhm() {
        return referenceOhm;
    }

    public double startHz() {
        return frequencyHz[0];
    }

    public double stopHz() {
        return frequencyHz[frequencyHz.length - 1];
    }

    /** Copies of the frequencies in Hz. */
    public double[] frequenciesHz() {
        return frequencyHz.clone();
    }

    public boolean covers(double hz) {
        return hz >= startHz() && hz <= stopHz();
    }

    /** Γ at {@code hz}, interpolated; empty outside the sweep, which is never extrapolated. */
    public Optional<Reflection> at(double hz) {
        return covers(hz) ? Optional.of(interpolated(hz)) : Optional.empty();
    }

    /** |Γ| at {@code hz}, which must lie inside the sweep. */
    double magnitudeAt(double hz) {
        return interpolated(hz).magnitude();
    }

    /** Im Γ at {@code hz}, which must lie inside the sweep. */
    double imaginaryAt(double hz) {
        return interpolated(hz).im();
    }

    /** The same measurement against {@code toOhm}. */
    public Sweep renormalised(double toOhm) {
        if (toOhm == referenceOhm) {
            return this;
        }
        double[] newRe = new double[size()];
        double[] newIm = new double[size()];
        for (int i = 0; i < size(); i++) {
            Reflection r = reflection(i).renormalised(referenceOhm, toOhm);
            newRe[i] = r.re();
            newIm[i] = r.im();
        }
        return new Sweep(frequencyHz, newRe, newIm, toOhm);
    }

    /** The same curve with every frequency passed through {@code move}, which must keep their order. */
    public Sweep movedInFrequency(DoubleUnaryOperator move) {
        return new Sweep(Arrays.stream(frequencyHz).map(move).toArray(), re, im, referenceOhm);
    }

    private Reflection interpolated(double hz) {
        int found = Arrays.binarySearch(frequencyHz, hz);
        if (found >= 0) {
            return reflection(found);
        }
        int right = -found - 1;
        int count = Math.min(STENCIL, size());
        int first = Math.max(0, Math.min(right - count / 2, size() - count));
        double sumRe = 0;
        double sumIm = 0;
        for (int j = first; j < first + count; j++) {
            double weight = 1;
            for (int k = first; k < first + count; k++) {
                if (k != j) {
                    weight *= (hz - frequencyHz[k]) / (frequencyHz[j] - frequencyHz[k]);
                }
            }
            sumRe += weight * re[j];
            sumIm += weight * im[j];
        }
        return new Reflection(sumRe, sumIm);
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof Sweep s
                && referenceOhm == s.referenceOhm
                && Arrays.equals(frequencyHz, s.frequencyHz)
                && Arrays.equals(re, s.re)
                && Arrays.equals(im, s.im);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(frequencyHz) * 31 + Arrays.hashCode(re);
    }

    @Override
    public String toString() {
        return "Sweep of %d points, %.3f to %.3f MHz".formatted(size(), startHz() / 1e6, stopHz() / 1e6);
    }
}
