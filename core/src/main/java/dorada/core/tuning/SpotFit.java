package dorada.core.tuning;

import dorada.core.instrument.ReadingKind;
import dorada.core.rf.Swr;
import dorada.core.sweep.Reading;
import dorada.core.sweep.Sweep;
import java.util.List;

/**
 * How well series circuits explain the readings of one pass: a logarithm of likelihood for each quality and resistance of a
 * grid, over the frequency of the dip.
 */
final class SpotFit {

    private static final double[] QS = {3, 4.5, 6.5, 9.5, 14, 20, 30, 45, 70};
    private static final double[] RS = {22, 29, 37, 46, 57, 73, 95};

    /** How many circuits there are. */
    static final int CIRCUITS = QS.length * RS.length;

    private static final double USUAL_Q = 11;
    private static final double USUAL_R = 43;

    /** No reading is better than this in |Γ|. */
    private static final double LEAST_DEVIATION = 0.012;

    /** Rows of the table, this far apart; nearer than what a needle tells. */
    private static final double ROW = 0.0015;

    private static final double LOWEST = Math.log(0.7);
    private static final double HIGHEST = Math.log(1.35);
    private static final int ROWS = (int) ((HIGHEST - LOWEST) / ROW) + 2;

    private final double[] hz;
    private final double[] magnitude;
    private final double[] deviation;
    private final boolean[] atLeast;
    private final double middleHz;
    private final double[][] rows = new double[ROWS][];

    /** @param middleHz about which dips are looked for */
    SpotFit(List<Reading> readings, double middleHz) {
        int n = readings.size();
        hz = new double[n];
        magnitude = new double[n];
        deviation = new double[n];
        atLeast = new boolean[n];
        for (int i = 0; i < n; i++) {
            Reading r = readings.get(i);
            hz[i] = r.frequencyHz();
            magnitude[i] = r.reflection().magnitude();
            deviation[i] = deviation(r);
            // A needle at the end of its scale says "at least".
            atLeast[i] = Double.isInfinite(r.highSwr());
        }
        this.middleHz = middleHz;
    }

    private static double deviation(Reading r) {
        double high = Double.isInfinite(r.highSwr()) ? 1 : Swr.magnitude(r.highSwr());
        double doubt = (high - Swr.magnitude(r.lowSwr())) / 4;
        return Math.max(
                LEAST_DEVIATION,
                doubt == 0 ? ReadingKind.INLINE_METER.doubt(r.reflection().magnitude()) / 2 : doubt);
    }

    static double quality(int circuit) {
        return QS[circuit / RS.length];
    }

    static double resistanceOhm(int circuit) {
        return RS[circuit % RS.length];
    }

    /** Logarithm of how usual a circuit is, before anything was read. */
    static double usual(int circuit) {
        double a = Math.log(quality(circuit) / USUAL_Q) / Math.log(2.5);
        double b = Math.log(resistanceOhm(circuit) / USUAL_R) / Math.log(1.5);
        return -(a * a + b * b) / 2;
    }

    /** For a dip at {@code dipHz}, one per circuit. */
    double[] at(double dipHz) {
        double[] all = new double[CIRCUITS];
        double[] detuned = new double[hz.length];
        for (int i = 0; i < hz.length; i++) {
            detuned[i] = hz[i] / dipHz - dipHz / hz[i];
        }
        for (int c = 0; c < CIRCUITS; c++) {
            all[c] = logLikelihood(detuned, quality(c), resistanceOhm(c));
        }
        return all;
    }

    /** Where in the table a dip at {@code dipHz} lies, in rows; at its ends for what is beyond them. */
    double rowOf(double dipHz) {
        return Math.max(0, Math.min(ROWS - 1.001, (Math.log(dipHz / middleHz) - LOWEST) / ROW));
    }

    /** The table's row {@code i}, as {@link #at}, made when it is asked for. */
    double[] row(int i) {
        if (rows[i] == null) {
            rows[i] = at(middleHz * Math.exp(LOWEST + i * ROW));
        }
        return rows[i];
    }

    /** @param detuned f/f₀ − f₀/f of each reading */
    private double logLikelihood(double[] detuned, double q, double r) {
        double minus = sq(r - Sweep.STANDARD_REFERENCE_OHM);
        double plus = sq(r + Sweep.STANDARD_REFERENCE_OHM);
        double product = 1;
        for (int i = 0; i < detuned.length; i++) {
            double x2 = sq(r * q * detuned[i]);
            double off = (Math.sqrt((minus + x2) / (plus + x2)) - magnitude[i]) / deviation[i];
            product *= off > 0 && atLeast[i] ? 1 : 1 + off * off / 4;
        }
        // Heavier tails than a bell: a meter is now and then read quite wrong, and curves are not quite circuits.
        return -2.5 * Math.log(product);
    }

    private static double sq(double x) {
        return x * x;
    }
}
