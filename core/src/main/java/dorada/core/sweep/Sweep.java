package dorada.core.sweep;

import dorada.core.outcome.Refusal;
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
 *
 * <p>A sweep {@linkplain #ofMagnitudes of magnitudes} has no phase, as a table of SWR or return loss leaves it: its Γ is
 * written as |Γ| + j0, and there is no resistance, no reactance and no other reference to be had from it. Between its
 * points |Γ|² is interpolated, which stays smooth where |Γ| itself has a sharp bottom.
 */
public final class Sweep {

    /** The reference resistance that everything in the project is shown against, in ohms. */
    public static final double STANDARD_REFERENCE_OHM = 50;

    private static final int STENCIL = 4;

    private final double[] frequencyHz;
    private final double[] re;
    private final double[] im;
    private final double referenceOhm;
    private final boolean hasPhase;

    /**
     * @param frequencyHz n ≥ 1 ascending frequencies in Hz, above 0
     * @param re n real parts of Γ
     * @param im n imaginary parts of Γ
     * @param referenceOhm reference resistance in ohms, above 0
     * @throws IllegalArgumentException naming the first point that breaks these conditions
     */
    public Sweep(double[] frequencyHz, double[] re, double[] im, double referenceOhm) {
        this(frequencyHz, re, im, referenceOhm, true);
    }

    private Sweep(double[] frequencyHz, double[] re, double[] im, double referenceOhm, boolean hasPhase) {
        this(referenceOhm, hasPhase, ascending(frequencyHz), re, im);
    }

    /** Shares {@code ascendingHz}, which nobody can change any more. */
    private Sweep(double referenceOhm, boolean hasPhase, double[] ascendingHz, double[] re, double[] im) {
        if (re.length != ascendingHz.length || im.length != ascendingHz.length) {
            throw new Refusal(Refused.A_SWEEP_NEEDS_AS_MANY_REFLECTIONS);
        }
        if (!(referenceOhm > 0) || Double.isInfinite(referenceOhm)) {
            throw new Refusal(Refused.REFERENCE_NOT_ABOVE_0);
        }
        this.frequencyHz = ascendingHz;
        this.re = finite(re);
        this.im = finite(im);
        this.referenceOhm = referenceOhm;
        this.hasPhase = hasPhase;
    }

    private static double[] ascending(double[] frequencyHz) {
        if (frequencyHz.length == 0) {
            throw new Refusal(Refused.A_SWEEP_NEEDS_AT_LEAST_ONE);
        }
        double last = 0;
        for (int i = 0; i < frequencyHz.length; i++) {
            if (!(frequencyHz[i] > last) || Double.isInfinite(frequencyHz[i])) {
                throw new Refusal(Refused.NOT_ASCENDING.of(Integer.toString(i), frequencyHz[i], last));
            }
            last = frequencyHz[i];
        }
        return frequencyHz.clone();
    }

    private static double[] finite(double[] values) {
        for (int i = 0; i < values.length; i++) {
            if (!Double.isFinite(values[i])) {
                throw new Refusal(Refused.NO_NUMBER.of(Integer.toString(i)));
            }
        }
        return values.clone();
    }

    /**
     * A sweep without phase, re 50 Ω, as SWR or return loss alone give it.
     *
     * @param frequencyHz n ≥ 1 ascending frequencies in Hz, above 0
     * @param magnitude n values of |Γ|, 0 or more
     * @throws IllegalArgumentException naming the first point that breaks these conditions
     */
    public static Sweep ofMagnitudes(double[] frequencyHz, double[] magnitude) {
        for (int i = 0; i < magnitude.length; i++) {
            if (magnitude[i] < 0) {
                throw new Refusal(Refused.BELOW_0.of(Integer.toString(i)));
            }
        }
        return new Sweep(frequencyHz, magnitude, new double[magnitude.length], STANDARD_REFERENCE_OHM, false);
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

    /** False where only |Γ| is known: no resistance, no reactance, no line can be taken off. */
    public boolean hasPhase() {
        return hasPhase;
    }

    /** Copies of the real parts. */
    public double[] re() {
        return re.clone();
    }

    /** Copies of the imaginary parts. */
    public double[] im() {
        return im.clone();
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

    /** True where both were swept over exactly the same points. */
    public boolean hasFrequenciesOf(Sweep other) {
        return Arrays.equals(frequencyHz, other.frequencyHz);
    }

    /**
     * Other reflections at the same frequencies, against the same reference.
     *
     * @param newRe real parts of Γ, as many as this sweep has points
     * @param newIm imaginary parts of Γ
     * @throws IllegalArgumentException where their number differs or one of them is not a number
     */
    public Sweep withReflections(double[] newRe, double[] newIm) {
        return new Sweep(referenceOhm, true, frequencyHz, newRe, newIm);
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
        requirePhase(NeedsPhase.OTHER_REFERENCE);
        double[] newRe = new double[size()];
        double[] newIm = new double[size()];
        for (int i = 0; i < size(); i++) {
            Reflection r = reflection(i).renormalised(referenceOhm, toOhm);
            newRe[i] = r.re();
            newIm[i] = r.im();
        }
        return new Sweep(toOhm, true, frequencyHz, newRe, newIm);
    }

    /** @throws Refusal saying {@code why} where only |Γ| is known */
    public void requirePhase(NeedsPhase why) {
        if (!hasPhase) {
            throw new Refusal(why);
        }
    }

    /** The points {@code from} (included) to {@code to} (not included), at least one. */
    public Sweep part(int from, int to) {
        return new Sweep(
                Arrays.copyOfRange(frequencyHz, from, to),
                Arrays.copyOfRange(re, from, to),
                Arrays.copyOfRange(im, from, to),
                referenceOhm,
                hasPhase);
    }

    /**
     * At most {@code most} of the points (2 or more), evenly chosen by their number, the first and the last among them; this sweep where
     * it has no more.
     */
    public Sweep thinned(int most) {
        if (size() <= most) {
            return this;
        }
        double[] hz = new double[most];
        double[] newRe = new double[most];
        double[] newIm = new double[most];
        for (int i = 0; i < most; i++) {
            int from = (int) Math.round((size() - 1.0) * i / (most - 1));
            hz[i] = frequencyHz[from];
            newRe[i] = re[from];
            newIm[i] = im[from];
        }
        return new Sweep(referenceOhm, hasPhase, hz, newRe, newIm);
    }

    /** This curve, interpolated, at the frequencies of {@code other}, all of which must lie inside. */
    public Sweep atPointsOf(Sweep other) {
        double[] newRe = new double[other.size()];
        double[] newIm = new double[other.size()];
        for (int i = 0; i < newRe.length; i++) {
            Reflection r =
                    at(other.frequencyHz[i]).orElseThrow(() -> new Refusal(Refused.A_SWEEP_IS_NEVER_CONTINUED_BEYOND));
            newRe[i] = r.re();
            newIm[i] = r.im();
        }
        return new Sweep(referenceOhm, hasPhase, other.frequencyHz, newRe, newIm);
    }

    /** The same curve with every frequency passed through {@code move}, which must keep their order. */
    public Sweep movedInFrequency(DoubleUnaryOperator move) {
        return new Sweep(Arrays.stream(frequencyHz).map(move).toArray(), re, im, referenceOhm, hasPhase);
    }

    /** As {@link Arrays#binarySearch(double[], double)} says it; the points of most sweeps are evenly apart, where it is told at once. */
    private int place(double hz) {
        int last = size() - 1;
        int from = (int) ((hz - startHz()) / (stopHz() - startHz()) * last);
        return from >= 0 && from < last && frequencyHz[from] < hz && hz < frequencyHz[from + 1]
                ? -from - 2
                : Arrays.binarySearch(frequencyHz, hz);
    }

    private Reflection interpolated(double hz) {
        int found = place(hz);
        if (found >= 0) {
            return reflection(found);
        }
        int right = -found - 1;
        int count = Math.min(STENCIL, size());
        int first = Math.max(0, Math.min(right - count / 2, size() - count));
        double sumRe = 0;
        double sumIm = 0;
        for (int j = first; j < first + count; j++) {
            double above = 1;
            double below = 1;
            for (int k = first; k < first + count; k++) {
                if (k != j) {
                    above *= hz - frequencyHz[k];
                    below *= frequencyHz[j] - frequencyHz[k];
                }
            }
            double weight = above / below;
            sumRe += weight * (hasPhase ? re[j] : re[j] * re[j]);
            sumIm += weight * im[j];
        }
        return hasPhase ? new Reflection(sumRe, sumIm) : new Reflection(Math.sqrt(Math.max(0, sumRe)), 0);
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof Sweep s
                && referenceOhm == s.referenceOhm
                && hasPhase == s.hasPhase
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
        return "Sweep of " + size() + " points, " + startHz() + " to " + stopHz() + " Hz";
    }
}
