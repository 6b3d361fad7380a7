package dorada.core.wire;

import org.hipparchus.complex.Complex;
import org.hipparchus.complex.ComplexField;
import org.hipparchus.linear.Array2DRowFieldMatrix;
import org.hipparchus.linear.ArrayFieldVector;
import org.hipparchus.linear.FieldDecompositionSolver;
import org.hipparchus.linear.FieldLUDecomposition;
import org.hipparchus.linear.FieldVector;

/** LU with exchanges from the library: slow, and there for the day when {@link SymmetricFactor} is not exact enough. */
final class PivotedFactor {

    private final FieldDecompositionSolver<Complex> solver;

    PivotedFactor(SymmetricMatrix a) {
        int n = a.size();
        Array2DRowFieldMatrix<Complex> full = new Array2DRowFieldMatrix<>(ComplexField.getInstance(), n, n);
        for (int i = 0; i < n; i++) {
            for (int j = i; j < n; j++) {
                Complex value = new Complex(a.re[i][j - i], a.im[i][j - i]);
                full.setEntry(i, j, value);
                full.setEntry(j, i, value);
            }
        }
        solver = new FieldLUDecomposition<>(full).getSolver();
    }

    ComplexVector solve(ComplexVector b) {
        int n = b.size();
        ArrayFieldVector<Complex> right = new ArrayFieldVector<>(ComplexField.getInstance(), n);
        for (int i = 0; i < n; i++) {
            right.setEntry(i, new Complex(b.re[i], b.im[i]));
        }
        FieldVector<Complex> x = solver.solve(right);
        ComplexVector out = new ComplexVector(n);
        for (int i = 0; i < n; i++) {
            out.re[i] = x.getEntry(i).getReal();
            out.im[i] = x.getEntry(i).getImaginary();
        }
        return out;
    }
}
