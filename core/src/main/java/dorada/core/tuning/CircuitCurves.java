package dorada.core.tuning;

import dorada.core.sweep.Sweep;
import java.util.stream.IntStream;

/**
 * |Γ| of series circuits over the frequency of their dip: R + jRQ(f/f₀ − f₀/f) re 50 Ω, for all circuits of {@link SpotFit}, and the
 * rows of a table of dips about a middle.
 */
final class CircuitCurves {

    /** Rows of the table, this far apart; nearer than what a needle tells. */
    private static final double ROW = 0.0015;

    private static final double LOWEST = Math.log(0.7);
    private static final double HIGHEST = Math.log(1.35);
    static final int ROWS = (int) ((HIGHEST - LOWEST) / ROW) + 2;

    /** Of each circuit: RQ, and the squares of R less and more than the reference. */
    private static final double[] RQ = new double[SpotFit.CIRCUITS];

    private static final double[] MINUS = new double[SpotFit.CIRCUITS];
    private static final double[] PLUS = new double[SpotFit.CIRCUITS];

    static {
        for (int c = 0; c < SpotFit.CIRCUITS; c++) {
            RQ[c] = SpotFit.resistanceOhm(c) * SpotFit.quality(c);
            MINUS[c] = sq(SpotFit.resistanceOhm(c) - Sweep.STANDARD_REFERENCE_OHM);
            PLUS[c] = sq(SpotFit.resistanceOhm(c) + Sweep.STANDARD_REFERENCE_OHM);
        }
    }

    private static final double[] OF_MIDDLE = IntStream.range(0, ROWS)
            .mapToDouble(row -> Math.exp(LOWEST + row * ROW))
            .toArray();

    private final double middleHz;

    /** @param middleHz about which dips are looked for */
    CircuitCurves(double middleHz) {
        this.middleHz = middleHz;
    }

    /** Where in the table a dip at {@code dipHz} lies, in rows; it may lie beyond its ends. */
    double rowOf(double dipHz) {
        return (Math.log(dipHz / middleHz) - LOWEST) / ROW;
    }

    /** How many rows a dip moves whose logarithm changes by {@code by}. */
    static double rows(double by) {
        return by / ROW;
    }

    /** The table's end for what is beyond it. */
    static double within(double row) {
        return Math.max(0, Math.min(ROWS - 1.001, row));
    }

    /** How far {@code hz} is from the dip of each row: f/f₀ − f₀/f. */
    double[] detuned(double hz) {
        double[] detuned = new double[ROWS];
        for (int row = 0; row < ROWS; row++) {
            detuned[row] = detuned(hz, middleHz * OF_MIDDLE[row]);
        }
        return detuned;
    }

    private static double detuned(double hz, double dipHz) {
        return hz / dipHz - dipHz / hz;
    }

    /** Fills in {@code magnitudes}, one per circuit. */
    static void fill(double[] magnitudes, double hz, double dipHz) {
        double detuned = detuned(hz, dipHz);
        for (int c = 0; c < SpotFit.CIRCUITS; c++) {
            magnitudes[c] = magnitude(c, detuned);
        }
    }

    /** Of circuit {@code c}, so far from its dip. */
    static double magnitude(int c, double detuned) {
        double x = RQ[c] * detuned;
        return Math.sqrt((MINUS[c] + x * x) / (PLUS[c] + x * x));
    }

    /** Of any circuit. */
    static double magnitude(double hz, double dipHz, double q, double r) {
        double x2 = sq(r * q * detuned(hz, dipHz));
        return Math.sqrt((sq(r - Sweep.STANDARD_REFERENCE_OHM) + x2) / (sq(r + Sweep.STANDARD_REFERENCE_OHM) + x2));
    }

    private static double sq(double x) {
        return x * x;
    }
}
