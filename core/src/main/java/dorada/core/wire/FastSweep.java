package dorada.core.wire;

import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import java.util.Arrays;
import java.util.BitSet;
import java.util.function.DoubleFunction;
import org.hipparchus.complex.Complex;

/**
 * A whole sweep from a few solutions: a rational function is laid through them, and the next frequency to solve is where
 * two such functions, of all solutions and of all but the latest, disagree most.
 *
 * @param sweep reflection at every frequency that was asked for
 * @param solves how many frequencies were solved
 * @param errorEstimate what the last two functions differed by, at most, in |ΔΓ|; 0 where every point was solved
 */
public record FastSweep(Sweep sweep, int solves, double errorEstimate) {

    /** Wanted |ΔΓ| between one function and the next, twice in a row. */
    public static final double TOLERANCE = 1e-3;

    private static final int FIRST = 5;
    private static final int SOLVE_ALL_BELOW = 8;

    /** Progress is reported against so many solutions: most sweeps need fewer. */
    private static final int USUAL = 10;

    /**
     * @param frequenciesHz where the sweep is wanted, ascending, in Hz
     * @param reflection solves one frequency; of a passive antenna against the standard reference
     * @param watch told how far it is; may end it
     */
    public static FastSweep of(double[] frequenciesHz, DoubleFunction<Reflection> reflection, Watch watch) {
        return new Search(frequenciesHz, reflection, watch).run();
    }

    private static final class Search {
        private final double[] hz;
        private final double[] x;
        private final DoubleFunction<Reflection> reflection;
        private final Watch watch;
        private final Complex[] solved;
        private final BitSet known = new BitSet();

        Search(double[] hz, DoubleFunction<Reflection> reflection, Watch watch) {
            this.hz = hz;
            this.reflection = reflection;
            this.watch = watch;
            solved = new Complex[hz.length];
            double low = hz[0];
            double width = hz[hz.length - 1] - low;
            x = Arrays.stream(hz).map(f -> 2 * (f - low) / width - 1).toArray();
        }

        FastSweep run() {
            if (hz.length < SOLVE_ALL_BELOW) {
                for (int i = 0; i < hz.length; i++) {
                    solve(i);
                }
                return result(solved, 0);
            }
            // Denser toward the ends, as Chebyshev's points are: there the function is held from one side only.
            for (int i = 0; i < FIRST; i++) {
                solve((int) Math.round((hz.length - 1) * (1 - Math.cos(Math.PI * i / (FIRST - 1))) / 2));
            }
            Complex[] before = fitted();
            solve(farthestFromSolved());
            int close = 0;
            while (true) {
                Complex[] now = fitted();
                int worst = worst(before, now);
                double error = before[worst].subtract(now[worst]).norm();
                close = error < TOLERANCE ? close + 1 : 0;
                if (close == 2 || known.cardinality() == hz.length) {
                    return result(now, error);
                }
                solve(known.get(worst) || error < TOLERANCE ? farthestFromSolved() : worst);
                before = now;
            }
        }

        private void solve(int i) {
            Reflection r = reflection.apply(hz[i]);
            solved[i] = new Complex(r.re(), r.im());
            known.set(i);
            double n = known.cardinality();
            watch.report(n / (n + USUAL) * (1 + USUAL / (double) hz.length));
        }

        private Complex[] fitted() {
            int[] at = known.stream().toArray();
            RationalFit fit = new RationalFit(
                    Arrays.stream(at).mapToDouble(i -> x[i]).toArray(),
                    Arrays.stream(at).mapToObj(i -> solved[i]).toArray(Complex[]::new),
                    (at.length + 1) / 2);
            Complex[] all = new Complex[hz.length];
            for (int i = 0; i < hz.length; i++) {
                all[i] = known.get(i) ? solved[i] : bounded(fit.of(x[i]));
            }
            return all;
        }

        /** A passive antenna reflects no more than all. */
        private static Complex bounded(Complex r) {
            double size = r.norm();
            return Double.isNaN(size) ? Complex.ONE : size > 1 ? r.divide(size) : r;
        }

        private static int worst(Complex[] a, Complex[] b) {
            int worst = 0;
            for (int i = 1; i < a.length; i++) {
                if (a[i].subtract(b[i]).norm() > a[worst].subtract(b[worst]).norm()) {
                    worst = i;
                }
            }
            return worst;
        }

        private int farthestFromSolved() {
            int best = 0;
            double most = -1;
            for (int i = 0; i < hz.length; i++) {
                int below = known.previousSetBit(i);
                int above = known.nextSetBit(i);
                double gap = Math.min(
                        below < 0 ? Double.MAX_VALUE : hz[i] - hz[below],
                        above < 0 ? Double.MAX_VALUE : hz[above] - hz[i]);
                if (gap > most) {
                    most = gap;
                    best = i;
                }
            }
            return best;
        }

        private FastSweep result(Complex[] all, double error) {
            double[] re = Arrays.stream(all).mapToDouble(Complex::getReal).toArray();
            double[] im = Arrays.stream(all).mapToDouble(Complex::getImaginary).toArray();
            return new FastSweep(new Sweep(hz, re, im, Sweep.STANDARD_REFERENCE_OHM), known.cardinality(), error);
        }
    }
}
