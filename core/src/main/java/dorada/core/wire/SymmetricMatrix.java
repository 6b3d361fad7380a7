package dorada.core.wire;

/** A complex symmetric matrix: the upper triangle by rows; row i holds columns i to n − 1. */
final class SymmetricMatrix {

    final double[][] re;
    final double[][] im;

    SymmetricMatrix(int n) {
        re = new double[n][];
        im = new double[n][];
        for (int i = 0; i < n; i++) {
            re[i] = new double[n - i];
            im[i] = new double[n - i];
        }
    }

    private SymmetricMatrix(double[][] re, double[][] im) {
        this.re = re;
        this.im = im;
    }

    int size() {
        return re.length;
    }

    SymmetricMatrix copy() {
        double[][] a = re.clone();
        double[][] b = im.clone();
        for (int i = 0; i < a.length; i++) {
            a[i] = a[i].clone();
            b[i] = b[i].clone();
        }
        return new SymmetricMatrix(a, b);
    }

    void add(int i, int j, double addRe, double addIm) {
        int row = Math.min(i, j);
        int column = Math.max(i, j) - row;
        re[row][column] += addRe;
        im[row][column] += addIm;
    }

    /** This matrix times {@code v}. */
    ComplexVector times(ComplexVector v) {
        int n = size();
        ComplexVector out = new ComplexVector(n);
        for (int i = 0; i < n; i++) {
            double[] a = re[i];
            double[] b = im[i];
            double sumRe = a[0] * v.re[i] - b[0] * v.im[i];
            double sumIm = a[0] * v.im[i] + b[0] * v.re[i];
            for (int c = 1; c < a.length; c++) {
                int j = i + c;
                sumRe += a[c] * v.re[j] - b[c] * v.im[j];
                sumIm += a[c] * v.im[j] + b[c] * v.re[j];
                out.re[j] += a[c] * v.re[i] - b[c] * v.im[i];
                out.im[j] += a[c] * v.im[i] + b[c] * v.re[i];
            }
            out.re[i] += sumRe;
            out.im[i] += sumIm;
        }
        return out;
    }
}
