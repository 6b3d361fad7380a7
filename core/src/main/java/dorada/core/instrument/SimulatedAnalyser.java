package dorada.core.instrument;

import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import java.util.Locale;
import java.util.Random;

/**
 * Stands in for a calibrated analyser at an antenna's connector, with what a good one leaves of error: a
 * directivity residue of some −46 dB and a little noise on each point.
 */
public final class SimulatedAnalyser {

    /** What a bench analyser of the usual kind covers. */
    public static final Span LIMITS = new Span(1e6, 1e9);

    public static final int MOST_POINTS = 1601;

    private static final double DIRECTIVITY_RESIDUE = 0.005;
    private static final double NOISE = 0.0006;

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

    /** @throws IllegalArgumentException where span or points go beyond it, as a sentence */
    public Sweep sweep(Span span, int points) {
        if (!LIMITS.contains(span)) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT,
                    "The simulated analyser covers %.0f to %.0f MHz, not %.3f to %.3f MHz.",
                    LIMITS.startHz() / 1e6,
                    LIMITS.stopHz() / 1e6,
                    span.startHz() / 1e6,
                    span.stopHz() / 1e6));
        }
        if (points < 2 || points > MOST_POINTS) {
            throw new IllegalArgumentException("The simulated analyser takes 2 to " + MOST_POINTS + " points.");
        }
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
