package dorada.core.line;

import dorada.core.outcome.Refusal;
import dorada.core.rf.Swr;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.NeedsPhase;
import dorada.core.sweep.Sweep;
import org.hipparchus.transform.DftNormalization;
import org.hipparchus.transform.FastFourierTransformer;
import org.hipparchus.transform.TransformType;

/**
 * A sweep turned into echoes over the distance along a line.
 *
 * <p>The inverse discrete Fourier transform of the windowed Γ(f), with distance d = v·t/2. What the line itself takes on the
 * way there and back is given back, at the middle of the span. Two equal echoes are told apart from v/(2·span) on; beyond
 * v/(2·step) distances repeat. Source: the usual band-pass time-domain reflectometry; D. M. Pozar, Microwave Engineering, for
 * the line.
 */
public final class EchoProfile {

    public static final int FEWEST_POINTS = 11;

    private static final int PADDING = 2;

    /** Of so many bins one is looked at for the floor; a quarter of them is as good an estimate. */
    private static final int FLOOR_STEP = 4;

    private static final double EVEN_WITHIN = 1e-3;

    private final double[] re;
    private final double[] im;
    private final double metresPerBin;
    private final double startHz;
    private final double middleHz;
    private final double spanHz;
    private final double speed;
    private final double lossDbPerM;
    private final double noise;
    private final int points;

    private EchoProfile(Sweep even, Line line, Window window) {
        int n = even.size();
        int size = Integer.highestOneBit(n * PADDING - 1) * 2;
        double[] weights = window.weights(n);
        double[][] data = new double[2][size];
        for (int i = 0; i < n; i++) {
            data[0][i] = even.re(i) * weights[i];
            data[1][i] = even.im(i) * weights[i];
        }
        // The inverse transform divides by its size; an echo's height is to be its reflection.
        FastFourierTransformer.transformInPlace(data, DftNormalization.STANDARD, TransformType.INVERSE);
        double scale = (double) size / n;
        for (int i = 0; i < size; i++) {
            data[0][i] *= scale;
            data[1][i] *= scale;
        }
        this.re = data[0];
        this.im = data[1];
        this.points = n;
        this.startHz = even.startHz();
        this.spanHz = even.stopHz() - even.startHz();
        this.middleHz = (even.startHz() + even.stopHz()) / 2;
        this.speed = Wavelength.SPEED_OF_LIGHT_M_PER_S * line.velocityFactor();
        this.metresPerBin = speed / 2 / (spanHz / (n - 1)) / size;
        this.lossDbPerM = line.lengthM() > 0
                ? line.matchedLossDb(middleHz) / line.lengthM()
                : new Line(
                                1,
                                line.velocityFactor(),
                                line.impedanceOhm(),
                                line.k1DbPer100mSqrtMHz(),
                                line.k2DbPer100mMHz())
                        .matchedLossDb(middleHz);
        this.noise = floor();
    }

    /**
     * @param sweep at least 11 points with phase; uneven spacing is made even by interpolation
     * @param line velocity factor, impedance and loss of the line; its length is not used
     * @throws Refusal for too few points, or where the phase is not known
     *
     */
    public static EchoProfile of(Sweep sweep, Line line, Window window) {
        sweep.requirePhase(NeedsPhase.TURNED_INTO_DISTANCES);
        if (sweep.size() < FEWEST_POINTS) {
            throw new Refusal(Refused.DISTANCES_TAKE_A_SWEEP_OF_AT);
        }
        return new EchoProfile(even(sweep.renormalised(line.impedanceOhm())), line, window);
    }

    private static Sweep even(Sweep sweep) {
        int n = sweep.size();
        double step = (sweep.stopHz() - sweep.startHz()) / (n - 1);
        boolean isEven = true;
        for (int i = 0; isEven && i < n; i++) {
            isEven = Math.abs(sweep.frequencyHz(i) - sweep.startHz() - i * step) <= EVEN_WITHIN * step;
        }
        if (isEven) {
            return sweep;
        }
        double[] hz = new double[n];
        for (int i = 0; i < n; i++) {
            hz[i] = i == n - 1 ? sweep.stopHz() : sweep.startHz() + i * step;
        }
        double[] none = new double[n];
        return sweep.atPointsOf(new Sweep(hz, none, none, sweep.referenceOhm()));
    }

    /** Half of all bins within reach lie below the median; echoes are few, so it is noise and leakage. */
    private double floor() {
        int n = Math.max(1, re.length / FLOOR_STEP);
        double[] squares = new double[n];
        for (int i = 0; i < n; i++) {
            squares[i] = re[i * FLOOR_STEP] * re[i * FLOOR_STEP] + im[i * FLOOR_STEP] * im[i * FLOOR_STEP];
        }
        java.util.Arrays.sort(squares);
        return Math.sqrt(squares[n / 4]);
    }

    /** From here on two equal echoes can be told apart, without a window, in metres. */
    public double resolutionM() {
        return speed / 2 / spanHz;
    }

    /** Beyond this, distances repeat, in metres. */
    public double reachM() {
        return speed / 2 / (spanHz / (points - 1));
    }

    public int size() {
        return re.length;
    }

    public double distanceM(int bin) {
        return bin * metresPerBin;
    }

    int bin(double distanceM) {
        return (int) Math.max(0, Math.min(size() - 1, Math.round(distanceM / metresPerBin)));
    }

    /** What the line takes to there and back, in dB. */
    double lossThereAndBackDb(double distanceM) {
        return 2 * lossDbPerM * distanceM;
    }

    /** |Γ| of an echo as it arrives at the instrument. */
    double arriving(int bin) {
        return Math.sqrt(re[bin] * re[bin] + im[bin] * im[bin]);
    }

    /** |Γ| of an echo at its place, the line's loss given back. */
    public double magnitude(int bin) {
        return arriving(bin) * Math.pow(10, lossThereAndBackDb(distanceM(bin)) / 20);
    }

    /** Return loss of an echo at its place in dB, cut at 80. */
    public double returnLossDb(int bin) {
        double size = magnitude(bin);
        return size <= 1e-4 ? 80 : Swr.returnLossDb(size);
    }

    /** |Γ| below which nothing that arrives means anything. */
    double noise() {
        return noise;
    }

    /** Phase of the echo at {@code distanceM}, taken back to its place, in radians. */
    double phase(double distanceM) {
        int bin = bin(distanceM);
        return Math.atan2(im[bin], re[bin])
                + 4 * Math.PI * startHz * distanceM / speed
                + 2 * Math.PI * (distanceM - distanceM(bin)) * spanHz / speed;
    }

    double middleHz() {
        return middleHz;
    }

    double spanHz() {
        return spanHz;
    }
}
