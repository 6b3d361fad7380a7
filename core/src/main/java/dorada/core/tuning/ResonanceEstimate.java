package dorada.core.tuning;

import dorada.core.instrument.SpotReading;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Reading;
import dorada.core.sweep.Sweep;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Where an antenna resonates, judged by its SWR at a few channels.
 *
 * <p>Near its resonance an antenna is a series circuit: R + jRQ(f/f₀ − f₀/f). Every f₀, Q and R of a grid is weighed by how
 * well it explains the readings within their doubt and by how usual it is ({@link SpotFit}); the middle of what is left and half
 * the width of its middle 68 % are the answer. Two readings leave much open, one leaves the side open, and the deviation says
 * so.
 *
 * @param resonanceHz middle of where the resonance may be
 * @param deviationHz half the width of the middle 68 %
 * @param q expected quality
 * @param resistanceOhm expected resistance at resonance
 * @param belowShare probability that it lies below the lowest reading
 * @param aboveShare probability that it lies above the highest reading
 * @param possible circuits that explain the readings, each as likely as the others: f₀ in Hz, Q and R in ohms
 */
public record ResonanceEstimate(
        double resonanceHz,
        double deviationHz,
        double q,
        double resistanceOhm,
        double belowShare,
        double aboveShare,
        List<double[]> possible) {

    private static final int KEPT = 200;
    private static final int BAND_POINTS = 61;

    /** The band is shown this far beside the readings, as a share of frequency. */
    private static final double BAND_BESIDE = 0.04;

    /**
     * Where two in three of the curves lie that explain the readings: not a measurement.
     *
     * @param frequencyHz ascending, about the readings
     * @param leastMagnitude |Γ| that one in six lies below
     * @param mostMagnitude |Γ| that one in six lies above
     */
    public record Band(double[] frequencyHz, double[] leastMagnitude, double[] mostMagnitude) {}

    /** @param lowHz lowest and {@code highHz} highest frequency that was read */
    public Band band(double lowHz, double highHz) {
        double from = lowHz * (1 - BAND_BESIDE);
        double to = highHz * (1 + BAND_BESIDE);
        double[] hz = new double[BAND_POINTS];
        double[] least = new double[BAND_POINTS];
        double[] most = new double[BAND_POINTS];
        double[] all = new double[possible.size()];
        double[][] ascending = possible.toArray(double[][]::new);
        for (int i = 0; i < BAND_POINTS; i++) {
            hz[i] = from + (to - from) * i / (BAND_POINTS - 1);
            for (int c = 0; c < all.length; c++) {
                double[] circuit = ascending[c];
                double here = CircuitCurves.magnitude(hz[i], circuit[0], circuit[1], circuit[2]);
                // Curves seldom cross: in the order that they had at the point before, few have to move.
                int k = c;
                for (; k > 0 && all[k - 1] > here; k--) {
                    all[k] = all[k - 1];
                    ascending[k] = ascending[k - 1];
                }
                all[k] = here;
                ascending[k] = circuit;
            }
            least[i] = all[(int) (all.length * (0.5 - ONE_DEVIATION))];
            most[i] = all[(int) (all.length * (0.5 + ONE_DEVIATION))];
        }
        return new Band(hz, least, most);
    }

    /** Resonances are looked for this far beside the readings, as a ratio. */
    private static final double BESIDE = 1.3;

    private static final int STEPS = 181;

    /** Possibilities whose misfit is so many times that of the best are left out. */
    private static final double NEGLIGIBLE = SpotFit.misfit(Math.exp(-25));

    /** How far from usual each circuit is, as a misfit. */
    private static final double[] UNUSUAL = Arrays.stream(SpotFit.usual(TrimPrior.Circuit.ANY))
            .map(log -> SpotFit.misfit(Math.exp(log)))
            .toArray();

    private static final double ONE_DEVIATION = 0.3413;
    private static final double DRAWN_SPAN = 0.25;
    private static final int DRAWN_POINTS = 401;

    /** Empty where nothing was read. */
    public static Optional<ResonanceEstimate> of(List<SpotReading> spots) {
        return spots.isEmpty()
                ? Optional.empty()
                : Optional.of(ofReadings(spots.stream()
                        .map(SpotReading::reading)
                        .sorted(Comparator.comparingDouble(Reading::frequencyHz))
                        .toList()));
    }

    /** @param readings ascending in frequency, at least one */
    static ResonanceEstimate ofReadings(List<Reading> readings) {
        double low = readings.stream().mapToDouble(Reading::frequencyHz).min().orElseThrow();
        double high = readings.stream().mapToDouble(Reading::frequencyHz).max().orElseThrow();
        double middle = Math.sqrt(low * high);
        SpotFit fit = new SpotFit(readings);
        double from = low / BESIDE;
        double ratio = high * BESIDE / from;
        double[] weighed = new double[STEPS * SpotFit.CIRCUITS];
        double least = Double.POSITIVE_INFINITY;
        for (int s = 0; s < STEPS; s++) {
            int row = s * SpotFit.CIRCUITS;
            double[] misfits = fit.misfits(from * Math.pow(ratio, s / (STEPS - 1.0)));
            for (int c = 0; c < SpotFit.CIRCUITS; c++) {
                double misfit = fit.tempered(misfits[c]) * UNUSUAL[c];
                weighed[row + c] = misfit;
                least = misfit < least ? misfit : least;
            }
        }
        double[] weight = new double[STEPS];
        double[] ofCircuit = new double[SpotFit.CIRCUITS];
        double below = 0;
        double above = 0;
        double sum = 0;
        for (int s = 0; s < STEPS; s++) {
            double f0 = from * Math.pow(ratio, s / (STEPS - 1.0));
            double built = SpotBelief.built(f0 / middle);
            for (int c = 0; c < SpotFit.CIRCUITS; c++) {
                double misfit = weighed[s * SpotFit.CIRCUITS + c];
                double w = misfit > NEGLIGIBLE * least ? 0 : built * SpotFit.likelihood(misfit / least);
                weighed[s * SpotFit.CIRCUITS + c] = w;
                weight[s] += w;
                ofCircuit[c] += w;
            }
            below += f0 < low ? weight[s] : 0;
            above += f0 > high ? weight[s] : 0;
            sum += weight[s];
        }
        double sumQ = 0;
        double sumR = 0;
        for (int c = 0; c < SpotFit.CIRCUITS; c++) {
            sumQ += ofCircuit[c] * Math.log(SpotFit.quality(c));
            sumR += ofCircuit[c] * Math.log(SpotFit.resistanceOhm(c));
        }
        double lowHz = quantile(weight, sum, 0.5 - ONE_DEVIATION, from, ratio);
        double highHz = quantile(weight, sum, 0.5 + ONE_DEVIATION, from, ratio);
        return new ResonanceEstimate(
                quantile(weight, sum, 0.5, from, ratio),
                (highHz - lowHz) / 2,
                Math.exp(sumQ / sum),
                Math.exp(sumR / sum),
                below / sum,
                above / sum,
                drawn(weighed, sum, from, ratio));
    }

    /** Evenly by their weights. */
    private static List<double[]> drawn(double[] weighed, double sum, double from, double ratio) {
        List<double[]> drawn = new ArrayList<>(KEPT);
        double so = 0;
        for (int i = 0; i < weighed.length; i++) {
            if (weighed[i] == 0) {
                continue;
            }
            so += weighed[i];
            while (drawn.size() < KEPT && so >= (drawn.size() + 0.5) * sum / KEPT) {
                int c = i % SpotFit.CIRCUITS;
                double f0 = from * Math.pow(ratio, i / SpotFit.CIRCUITS / (STEPS - 1.0));
                drawn.add(new double[] {f0, SpotFit.quality(c), SpotFit.resistanceOhm(c)});
            }
        }
        return drawn;
    }

    /** Between the steps by straight lines through the sums. */
    private static double quantile(double[] weight, double sum, double share, double from, double ratio) {
        double so = 0;
        for (int s = 0; s < STEPS; s++) {
            if (so + weight[s] >= share * sum) {
                double at = s - 0.5 + (share * sum - so) / weight[s];
                return from * Math.pow(ratio, at / (STEPS - 1));
            }
            so += weight[s];
        }
        return from * ratio;
    }

    /** The curve of the expected antenna about its resonance, re 50 Ω, to compute with; never a measurement. */
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
}
