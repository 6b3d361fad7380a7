package dorada.core.wire;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.complex.Complex;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.SingularValueDecomposition;

/**
 * A rational function in barycentric form through complex samples over a real variable. Source: Y. Nakatsukasa, O. Sète,
 * L. N. Trefethen, The AAA algorithm for rational approximation, SIAM J. Sci. Comput. 40 (2018) A1494.
 */
final class RationalFit {

    private static final double EXACT = 1e-13;

    private final double[] at;
    private final Complex[] value;
    private final List<Integer> support = new ArrayList<>();
    private Complex[] weights = {};

    /**
     * @param at where the samples were taken, all different
     * @param value the samples
     * @param mostSupport most support points: half the samples and one leave the weights determined
     */
    RationalFit(double[] at, Complex[] value, int mostSupport) {
        this.at = at;
        this.value = value;
        Complex mean = Complex.ZERO;
        double largest = 0;
        for (Complex v : value) {
            mean = mean.add(v.divide(value.length));
            largest = Math.max(largest, v.norm());
        }
        Complex[] fitted = new Complex[at.length];
        java.util.Arrays.fill(fitted, mean);
        while (support.size() < mostSupport) {
            int worst = worst(fitted);
            if (value[worst].subtract(fitted[worst]).norm() <= EXACT * largest && !support.isEmpty()) {
                break;
            }
            support.add(worst);
            weights = weights();
            for (int i = 0; i < at.length; i++) {
                fitted[i] = of(at[i]);
            }
        }
    }

    private int worst(Complex[] fitted) {
        int worst = 0;
        for (int i = 1; i < at.length; i++) {
            if (value[i].subtract(fitted[i]).norm()
                    > value[worst].subtract(fitted[worst]).norm()) {
                worst = i;
            }
        }
        return worst;
    }

    /** The vector of length 1 that the Loewner matrix of the other samples shortens most. */
    private Complex[] weights() {
        int m = support.size();
        int rows = Math.max(at.length - m, m);
        RealMatrix loewner = new Array2DRowRealMatrix(2 * rows, 2 * m);
        int row = 0;
        for (int i = 0; i < at.length; i++) {
            if (support.contains(i)) {
                continue;
            }
            for (int j = 0; j < m; j++) {
                int s = support.get(j);
                Complex entry = value[i].subtract(value[s]).divide(at[i] - at[s]);
                loewner.setEntry(2 * row, 2 * j, entry.getReal());
                loewner.setEntry(2 * row, 2 * j + 1, -entry.getImaginary());
                loewner.setEntry(2 * row + 1, 2 * j, entry.getImaginary());
                loewner.setEntry(2 * row + 1, 2 * j + 1, entry.getReal());
            }
            row++;
        }
        RealMatrix v = new SingularValueDecomposition(loewner).getV();
        Complex[] w = new Complex[m];
        for (int j = 0; j < m; j++) {
            w[j] = new Complex(v.getEntry(2 * j, 2 * m - 1), v.getEntry(2 * j + 1, 2 * m - 1));
        }
        return w;
    }

    /** The function's value at {@code x}. */
    Complex of(double x) {
        Complex above = Complex.ZERO;
        Complex below = Complex.ZERO;
        for (int j = 0; j < support.size(); j++) {
            int s = support.get(j);
            if (x == at[s]) {
                return value[s];
            }
            Complex share = weights[j].divide(x - at[s]);
            above = above.add(share.multiply(value[s]));
            below = below.add(share);
        }
        return above.divide(below);
    }
}
