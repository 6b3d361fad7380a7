package dorada.core.tuning;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.WantedChannel;
import dorada.core.instrument.ReadingKind;
import dorada.core.rf.Swr;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Reading;
import dorada.core.sweep.Sweep;
import dorada.core.tuning.LengthBelief.Sample;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What readings at a few channels leave possible, over all passes together: each dip, quality, resistance and sensitivity of a
 * grid is weighed by how well it explains every pass, since a change of length moves the dip by what the sensitivity says.
 */
final class SpotBelief {

    private static final double[] QS = {3, 4.5, 6.5, 9.5, 14, 20, 30, 45, 70};
    private static final double[] RS = {22, 29, 37, 46, 57, 73, 95};
    private static final double USUAL_Q = 11;
    private static final double USUAL_R = 43;
    private static final int DIPS = 141;
    private static final double LOWEST = 0.82;
    private static final double HIGHEST = 1.2;
    private static final double[] RATIOS = {-2.2, -1.3, -0.6, 0, 0.6, 1.3, 2.2};

    private static final int KEPT = 400;
    /** A few readings leave many a circuit possible that no length would match: those must not stop every cut. */
    private static final double SLACK = 0.03;

    /** What a change does differs by this from what the circuits say, relative: curves are not quite circuits. */
    private static final double LIKENESS = 0.2;

    private static final double MOST_FACTORS = 1e200;

    private static final double NEAR_DEVIATIONS = 5;

    /** Nobody builds an antenna much farther off than this, as a share of the band's middle; common practice, no source. */
    private static final double BUILT_WITHIN = 0.06;

    private SpotBelief() {}

    /** @param passes the last of them read at a few channels */
    static LengthBelief of(
            List<Pass> passes, TrimPrior prior, AcceptanceRule rule, List<WantedChannel> channels, double safety) {
        Pass last = passes.get(passes.size() - 1);
        // Anywhere about the channels; nearer by where the last pass alone puts it, once that is known well.
        double low = channels.get(0).frequencyHz() * LOWEST;
        double high = channels.get(channels.size() - 1).frequencyHz() * HIGHEST;
        double middle = Math.sqrt(channels.get(0).frequencyHz()
                * channels.get(channels.size() - 1).frequencyHz());
        double estimate = middleOf(last);
        double near = NEAR_DEVIATIONS * last.dipDeviationHz();
        low = Math.max(low, Math.min(estimate - near, high * 0.98));
        high = Math.min(high, Math.max(estimate + near, low * 1.02));
        // Changes are counted back from the last pass.
        List<double[]> spots = new ArrayList<>();
        double undone = 0;
        for (int i = passes.size() - 1; i >= 0; i--) {
            for (Reading r : passes.get(i).spots()) {
                spots.add(new double[] {
                    r.frequencyHz(),
                    r.reflection().magnitude(),
                    deviation(r),
                    undone,
                    Double.isInfinite(r.highSwr()) ? 0 : 1
                });
            }
            if (passes.get(i).secondChangeM() != 0) {
                // Another piece was moved: what was read before is of another antenna.
                break;
            }
            undone -= passes.get(i).changeM();
        }
        double[][] readings = spots.toArray(new double[0][]);
        List<double[]> weighed = new ArrayList<>();
        double best = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < DIPS; i++) {
            double f = low * Math.pow(high / low, i / (DIPS - 1.0));
            for (double z : RATIOS) {
                double ratio = prior.setPerElectrical() * Math.exp(z * prior.doubt());
                double[] dips = dips(readings, f, ratio, prior.waves());
                // The oldest readings stand last; whoever built it aimed at the band.
                double begun = -sq(Math.log(dips[dips.length - 1] / middle) / BUILT_WITHIN) / 2;
                double[] detuned = new double[dips.length];
                for (int k = 0; k < dips.length; k++) {
                    detuned[k] = readings[k][0] / dips[k] - dips[k] / readings[k][0];
                }
                for (double q : QS) {
                    for (double r : RS) {
                        double w = -z * z / 2 + begun + usual(q, r) + likelihood(readings, detuned, q, r);
                        if (w > best - 12) {
                            weighed.add(new double[] {w, f, q, r, ratio});
                            best = Math.max(best, w);
                        }
                    }
                }
            }
        }
        List<Sample> samples = new ArrayList<>();
        // The same circuit at another frequency has the same window, moved: one for each quality and resistance.
        Map<List<Double>, RuleWindow> windows = new HashMap<>();
        for (double[] w : drawn(weighed, best)) {
            RuleWindow window = windows.computeIfAbsent(
                    List.of(w[2], w[3]),
                    qr -> new RuleWindow(
                            RuleWindow.Curve.seriesCircuit(middle, w[2], w[3]),
                            Optional.empty(),
                            rule,
                            channels,
                            safety,
                            1));
            samples.add(new Sample(w[0], window, middle, w[1], w[4]));
        }
        return new LengthBelief(samples, prior.waves(), SLACK, LIKENESS, passes.size() == 1);
    }

    /** At most {@value #KEPT} of the possibilities, drawn evenly by their weight, so that a broad belief stays broad. */
    private static List<double[]> drawn(List<double[]> weighed, double best) {
        double sum = weighed.stream().mapToDouble(w -> Math.exp(w[0] - best)).sum();
        List<double[]> drawn = new ArrayList<>();
        double each = sum / KEPT;
        double next = each / 2;
        double so = 0;
        for (double[] w : weighed) {
            so += Math.exp(w[0] - best);
            int times = 0;
            while (next <= so) {
                times++;
                next += each;
            }
            if (times > 0) {
                drawn.add(new double[] {times, w[1], w[2], w[3], w[4]});
            }
        }
        return drawn;
    }

    private static double middleOf(Pass pass) {
        return (pass.sweep().startHz() + pass.sweep().stopHz()) / 2;
    }

    private static double deviation(Reading r) {
        double high = Double.isInfinite(r.highSwr()) ? 1 : Swr.magnitude(r.highSwr());
        double doubt = (high - Swr.magnitude(r.lowSwr())) / 4;
        return Math.max(
                0.012,
                doubt == 0 ? ReadingKind.INLINE_METER.doubt(r.reflection().magnitude()) / 2 : doubt);
    }

    /** Where the dip was when each reading was taken, for a dip at {@code f} now. */
    private static double[] dips(double[][] readings, double f, double ratio, double waves) {
        double[] dips = new double[readings.length];
        double electrical = waves * Wavelength.ofHz(f);
        for (int i = 0; i < dips.length; i++) {
            double then = Math.max(electrical * 0.3, electrical + readings[i][3] / ratio);
            dips[i] = waves * Wavelength.SPEED_OF_LIGHT_M_PER_S / then;
        }
        return dips;
    }

    /** @param detuned f/f₀ − f₀/f of each reading */
    private static double likelihood(double[][] readings, double[] detuned, double q, double r) {
        double minus = sq(r - Sweep.STANDARD_REFERENCE_OHM);
        double plus = sq(r + Sweep.STANDARD_REFERENCE_OHM);
        double sum = 0;
        // One logarithm for many readings: their factors are multiplied as long as that cannot overflow.
        double factors = 1;
        for (int i = 0; i < readings.length; i++) {
            double x2 = sq(r * q * detuned[i]);
            double off = (Math.sqrt((minus + x2) / (plus + x2)) - readings[i][1]) / readings[i][2];
            // A needle at the end of its scale says "at least".
            off = off > 0 ? off * readings[i][4] : off;
            factors *= 1 + off * off / 4;
            if (factors > MOST_FACTORS) {
                sum += Math.log(factors);
                factors = 1;
            }
        }
        // Heavier tails than a bell: a meter is now and then read quite wrong, and curves are not quite circuits.
        return -2.5 * (sum + Math.log(factors));
    }

    private static double sq(double x) {
        return x * x;
    }

    private static double usual(double q, double r) {
        double a = Math.log(q / USUAL_Q) / Math.log(2.5);
        double b = Math.log(r / USUAL_R) / Math.log(1.5);
        return -(a * a + b * b) / 2;
    }
}
