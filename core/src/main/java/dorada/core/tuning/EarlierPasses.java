package dorada.core.tuning;

import java.util.Arrays;
import java.util.List;

/**
 * How well circuits explain the passes before the last one: as they are, or with those before some pass moved by their place.
 * Circuits that no earlier pass can bring near the likeliest any more are given up on the way. Filled anew for each place of a
 * grid.
 */
final class EarlierPasses {

    /** By how much surroundings may have moved the earlier dips, in deviations of {@link LengthBelief#PLACE_SHIFT}. */
    private static final double[] SHIFTS = {-2, -1, 1, 2};

    private static final double[] SHIFT_ROWS = Arrays.stream(SHIFTS)
            .map(s -> CircuitCurves.rows(s * LengthBelief.PLACE_SHIFT))
            .toArray();

    private static final double SHIFTS_SUM =
            Arrays.stream(SHIFTS).map(SpotBelief::bell).sum();

    /** Each pass as it is, and moved by each of the shifts. */
    private static final int WAYS = SHIFTS.length + 1;

    private final SpotFit.Table[] tables;
    private final CircuitCurves curves;
    private final SpotFit last;
    /** How usual each circuit is, as a logarithm, and the same as a misfit of the last pass. */
    private final double[] usual;

    private final double[] unusual;
    /** Of each shift, as a logarithm: that some pass was the first that was moved by it. */
    private final double[] chance;

    /** Where the dip of each pass lies in its table, each way. */
    private final double[] rows;

    private final int[] possible = new int[SpotFit.CIRCUITS];
    private final double[] ofNow = new double[SpotFit.CIRCUITS];
    private int possibleNow;

    private final int[] circuits = new int[SpotFit.CIRCUITS];
    private final double[] now = new double[SpotFit.CIRCUITS];
    private final double[] same = new double[SpotFit.CIRCUITS];
    private final double[] likeliest = new double[SpotFit.CIRCUITS];
    /** Of each circuit: with what was read before some pass moved by each of the shifts. */
    private final double[] moved = new double[SpotFit.CIRCUITS * SHIFTS.length];

    private int n;

    /**
     * @param fits of the passes, newest first
     * @param last of the pass after them
     * @param usual how usual each circuit is, as a logarithm, and {@code unusual} the same as a misfit of {@code last}
     */
    EarlierPasses(List<SpotFit> fits, CircuitCurves curves, SpotFit last, double[] usual, double[] unusual) {
        this.last = last;
        this.usual = usual;
        this.unusual = unusual;
        tables = fits.stream().map(f -> f.table(curves)).toArray(SpotFit.Table[]::new);
        this.curves = curves;
        chance = Arrays.stream(SHIFTS)
                .map(s -> Math.log(LengthBelief.SPOILT / fits.size() * SpotBelief.bell(s) / SHIFTS_SUM))
                .toArray();
        rows = new double[fits.size() * WAYS];
    }

    /**
     * Begins with what the last pass says for one dip.
     *
     * @param least as a logarithm: circuits that do not reach it are left out from here on
     */
    void begin(double[] misfits, double least) {
        double most = last.misfitOfLog(least);
        possibleNow = 0;
        for (int c = 0; c < misfits.length; c++) {
            if (misfits[c] * unusual[c] <= most) {
                possible[possibleNow] = c;
                ofNow[possibleNow] = last.log(misfits[c]) + usual[c];
                possibleNow++;
            }
        }
    }

    /** The dip of pass {@code e}, counted from the newest back, was at {@code hz}. */
    void dip(int e, double hz) {
        double row = curves.rowOf(hz);
        rows[e * WAYS] = CircuitCurves.within(row);
        for (int s = 0; s < SHIFTS.length; s++) {
            rows[e * WAYS + s + 1] = CircuitCurves.within(row + SHIFT_ROWS[s]);
        }
    }

    /** @return how many circuits reach {@code least} with what all passes say, the last among them */
    int explained(double least) {
        n = 0;
        for (int k = 0; k < possibleNow; k++) {
            if (ofNow[k] > least) {
                circuits[n] = possible[k];
                now[n] = ofNow[k];
                same[n] = 0;
                likeliest[n] = 0;
                n++;
            }
        }
        Arrays.fill(moved, 0, n * SHIFTS.length, Double.NEGATIVE_INFINITY);
        // From the newest on: each may be the first that was moved, and all before it were too.
        for (int e = 0; e < tables.length && n > 0; e++) {
            explain(tables[e], e * WAYS, least);
        }
        return n;
    }

    /** One pass more. Who does not reach {@code least} any more is given up. */
    private void explain(SpotFit.Table table, int way, double least) {
        int left = 0;
        for (int k = 0; k < n; k++) {
            int c = circuits[k];
            double asItWas = same[k];
            double asItIs = asItWas + table.log(c, rows[way]);
            double most = asItIs;
            for (int s = 0; s < SHIFTS.length; s++) {
                double movedBefore = moved[k * SHIFTS.length + s];
                // None is NaN: comparing is twice as fast as Math.max here.
                double sum = (movedBefore > asItWas ? movedBefore : asItWas) + table.log(c, rows[way + 1 + s]);
                moved[left * SHIFTS.length + s] = sum;
                most = sum + chance[s] > most ? sum + chance[s] : most;
            }
            if (now[k] + most > least) {
                circuits[left] = c;
                now[left] = now[k];
                same[left] = asItIs;
                likeliest[left] = most;
                left++;
            }
        }
        n = left;
    }

    /** Which circuit is the {@code k}-th that was explained. */
    int circuit(int k) {
        return circuits[k];
    }

    /** How likely it is with all passes, as a logarithm. */
    double all(int k) {
        return now[k] + likeliest[k];
    }
}
