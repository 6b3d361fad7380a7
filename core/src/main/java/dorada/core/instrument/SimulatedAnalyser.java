package dorada.core.instrument;

import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import java.util.Random;

/**
 * Stands in for a calibrated analyser at an antenna's connector, with what a good one leaves of error: a
 * directivity residue of some −46 dB and a little noise on each point.
 */
public final class SimulatedAnalyser {

    /** It can do all that Dorada works in. */
    private static final AnalyserLimits LIMITS = new AnalyserLimits(new Span(1e6, 1e9), 1601);

    private static final double DIRECTIVITY_RESIDUE = 0.005;
    private static final double NOISE = 0.0006;
    private static final double UNTOLD = 0.008;

    private final Connected connected;
    private final Random random;

    /**
     * @param connected what is at its test port
     * @param random source of noise
     */
    public SimulatedAnalyser(Connected connected, Random random) {
        this.connected = connected;
        this.random = random;
    }

    /** What in |Γ| it could not tell: its residue and some of its noise. */
    public static double untold() {
        return UNTOLD;
    }

    /** @throws IllegalArgumentException where span or points go beyond it, as a sentence */
    public Sweep sweep(Span span, int points) {
        LIMITS.require(span, points);
        Reflection residue = Reflection.polar(DIRECTIVITY_RESIDUE, 360 * random.nextDouble());
        double[] hz = span.points(points);
        double[] re = new double[points];
        double[] im = new double[points];
        Sweep truth = connected.reflection(hz);
        for (int i = 0; i < points; i++) {
            re[i] = truth.re(i) + residue.re() + NOISE * random.nextGaussian();
            im[i] = truth.im(i) + residue.im() + NOISE * random.nextGaussian();
        }
        return new Sweep(hz, re, im, Sweep.STANDARD_REFERENCE_OHM);
    }
}
