package dorada.core.tuning;

import dorada.core.instrument.SpotReading;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import java.util.List;
import java.util.Optional;

/**
 * Where an antenna resonates, judged by its SWR at a few channels.
 *
 * <p>Near its resonance an antenna is a series circuit: R + jRQ(f/f₀ − f₀/f). Every f₀, Q and R of a grid is weighed by how
 * well it explains the readings within their doubt and by how usual it is (Q about 10 within a factor of 2.4, R about 42 Ω
 * within a factor of 1.5: common practice, no source); mean and deviation over all of them are the answer. Two readings leave
 * much open, and the deviation says so.
 *
 * @param resonanceHz expected resonance
 * @param deviationHz its standard deviation
 * @param q expected quality
 * @param resistanceOhm expected resistance at resonance
 * @param belowShare probability that it lies below the lowest reading
 * @param aboveShare probability that it lies above the highest reading
 */
public record ResonanceEstimate(
        double resonanceHz, double deviationHz, double q, double resistanceOhm, double belowShare, double aboveShare) {

    private static final double LOWEST = 0.8;
    private static final double HIGHEST = 1.25;
    private static final int STEPS = 360;
    private static final double[] QS = logs(2.5, 70, 15);
    private static final double[] RS = logs(18, 110, 13);
    private static final double USUAL_Q = 10;
    private static final double USUAL_R = 42;
    private static final double DRAWN_SPAN = 0.25;
    private static final int DRAWN_POINTS = 401;

    /** Empty for fewer than two readings, which tell nothing of where the dip is. */
    public static Optional<ResonanceEstimate> of(List<SpotReading> spots) {
        if (spots.stream().mapToDouble(SpotReading::frequencyHz).distinct().count() < 2) {
            return Optional.empty();
        }
        double low = spots.stream().mapToDouble(SpotReading::frequencyHz).min().orElseThrow();
        double high = spots.stream().mapToDouble(SpotReading::frequencyHz).max().orElseThrow();
        int n = spots.size();
        double[] hz = new double[n];
        for (int i = 0; i < n; i++) {
            hz[i] = spots.get(i).frequencyHz();
        }
        double[] logWeight = new double[STEPS * QS.length * RS.length];
        double best = Double.NEGATIVE_INFINITY;
        int k = 0;
        for (int s = 0; s < STEPS; s++) {
            double f0 = candidate(low, high, s);
            for (double q : QS) {
                for (double r : RS) {
                    double w = prior(q, r);
                    for (int i = 0; i < n; i++) {
                        double off = spots.get(i).off(magnitude(f0, q, r, hz[i]));
                        // Heavier tails than a bell: a meter is now and then read quite wrong.
                        w -= 2.5 * Math.log1p(off * off / 4);
                    }
                    logWeight[k++] = w;
                    best = Math.max(best, w);
                }
            }
        }
        double sum = 0;
        double sumF = 0;
        double sumFf = 0;
        double sumQ = 0;
        double sumR = 0;
        double below = 0;
        double above = 0;
        k = 0;
        for (int s = 0; s < STEPS; s++) {
            double f0 = candidate(low, high, s);
            for (double q : QS) {
                for (double r : RS) {
                    double w = Math.exp(logWeight[k++] - best) * f0;
                    sum += w;
                    sumF += w * f0;
                    sumFf += w * f0 * f0;
                    sumQ += w * Math.log(q);
                    sumR += w * Math.log(r);
                    below += f0 < low ? w : 0;
                    above += f0 > high ? w : 0;
                }
            }
        }
        double mean = sumF / sum;
        double gridStep = mean * Math.log(HIGHEST / LOWEST * high / low) / STEPS;
        double deviation = Math.sqrt(Math.max(0, sumFf / sum - mean * mean));
        return Optional.of(new ResonanceEstimate(
                mean,
                Math.max(deviation, gridStep / 2),
                Math.exp(sumQ / sum),
                Math.exp(sumR / sum),
                below / sum,
                above / sum));
    }

    /** The curve of the expected antenna about its resonance, re 50 Ω, for drawing and for prediction; never a measurement. */
    public Sweep curve() {
        double[] hz = new double[DRAWN_POINTS];
        double[] re = new double[DRAWN_POINTS];
        double[] im = new double[DRAWN_POINTS];
        for (int i = 0; i < DRAWN_POINTS; i++) {
            hz[i] = resonanceHz * (1 - DRAWN_SPAN + 2 * DRAWN_SPAN * i / (DRAWN_POINTS - 1));
            double x = resistanceOhm * q * (hz[i] / resonanceHz - resonanceHz / hz[i]);
            Reflection g = Reflection.of(new Impedance(resistanceOhm, x), Sweep.STANDARD_REFERENCE_OHM);
            re[i] = g.re();
            im[i] = g.im();
        }
        return new Sweep(hz, re, im, Sweep.STANDARD_REFERENCE_OHM);
    }

    private static double candidate(double low, double high, int step) {
        return low * LOWEST * Math.pow(HIGHEST / LOWEST * high / low, (step + 0.5) / STEPS);
    }

    private static double prior(double q, double r) {
        double a = Math.log(q / USUAL_Q) / Math.log(2.4);
        double b = Math.log(r / USUAL_R) / Math.log(1.5);
        return -(a * a + b * b) / 2;
    }

    private static double magnitude(double f0, double q, double r, double hz) {
        double x = r * q * (hz / f0 - f0 / hz);
        double minus = r - Sweep.STANDARD_REFERENCE_OHM;
        double plus = r + Sweep.STANDARD_REFERENCE_OHM;
        return Math.sqrt((minus * minus + x * x) / (plus * plus + x * x));
    }

    private static double[] logs(double from, double to, int count) {
        double[] values = new double[count];
        for (int i = 0; i < count; i++) {
            values[i] = from * Math.pow(to / from, i / (count - 1.0));
        }
        return values;
    }
}
