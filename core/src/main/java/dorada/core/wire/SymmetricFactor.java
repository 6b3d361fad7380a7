package dorada.core.wire;

import java.util.stream.IntStream;

/**
 * A = L·D·Lᵀ of a complex symmetric matrix, in place and without exchanges, in blocks on all cores.
 *
 * <p>Exchanges are left out because every leading block of a moment matrix is the matrix of the same structure with modes
 * taken away: an antenna of its own, which radiates and so has no singular impedance. {@link Solver} checks what is left
 * over and takes {@link PivotedFactor} should it ever be needed. Source: G. H. Golub, C. F. Van Loan, Matrix Computations,
 * sections 4.1 and 4.2 (blocked, outer products).
 */
final class SymmetricFactor {

    private static final int BLOCK = 32;
    private static final int STRIP = 32;
    private static final int TILE = 128;
    private static final int WORTH_SHARING = 192;

    private final double[][] re;
    private final double[][] im;
    private final double[] inverseRe;
    private final double[] inverseIm;

    /** Takes {@code a} over: its rows are overwritten. */
    SymmetricFactor(SymmetricMatrix a, Watch watch) {
        re = a.re;
        im = a.im;
        int n = a.size();
        inverseRe = new double[n];
        inverseIm = new double[n];
        for (int from = 0; from < n; from += BLOCK) {
            int to = Math.min(n, from + BLOCK);
            diagonalBlock(from, to);
            panel(from, to);
            trailing(from, to);
            double left = 1 - (double) to / n;
            watch.report(1 - left * left * left);
        }
    }

    private void diagonalBlock(int from, int to) {
        for (int i = from; i < to; i++) {
            for (int k = from; k < i; k++) {
                takeOne(i, k, i, to);
            }
            double r = re[i][0];
            double x = im[i][0];
            double d = r * r + x * x;
            if (!(d > 0)) {
                throw new ArithmeticException("A pivot vanished.");
            }
            inverseRe[i] = r / d;
            inverseIm[i] = -x / d;
        }
    }

    /** Rows of the block, in the columns right of it. */
    private void panel(int from, int to) {
        int n = re.length;
        int half = to + (n - to) / 2;
        share(n - to, 2, part -> {
            int a = part == 0 ? to : half;
            int b = part == 0 ? half : n;
            for (int i = from + 1; i < to; i++) {
                for (int k = from; k < i; k++) {
                    takeOne(i, k, a, b);
                }
            }
        });
    }

    /** Row i less its share of row k, in columns a to b. */
    private void takeOne(int i, int k, int a, int b) {
        double ur = re[k][i - k];
        double ui = im[k][i - k];
        double lr = ur * inverseRe[k] - ui * inverseIm[k];
        double li = ur * inverseIm[k] + ui * inverseRe[k];
        double[] cr = re[i];
        double[] ci = im[i];
        double[] sr = re[k];
        double[] si = im[k];
        int shift = i - k;
        for (int j = a - i; j < b - i; j++) {
            double r = sr[j + shift];
            double x = si[j + shift];
            cr[j] -= lr * r - li * x;
            ci[j] -= lr * x + li * r;
        }
    }

    /** Everything below the block, in tiles that stay in the cache while their rows use them. */
    private void trailing(int from, int to) {
        int n = re.length;
        int strips = (n - to + STRIP - 1) / STRIP;
        share(n - to, strips, strip -> {
            int top = to + strip * STRIP;
            int bottom = Math.min(n, top + STRIP);
            double[] l = new double[8];
            for (int left = top; left < n; left += TILE) {
                int right = Math.min(n, left + TILE);
                for (int i = top; i < Math.min(bottom, right); i++) {
                    int begin = Math.max(i, left);
                    int k = from;
                    for (; k + 3 < to; k += 4) {
                        takeFour(i, k, begin, right, l);
                    }
                    for (; k < to; k++) {
                        takeOne(i, k, begin, right);
                    }
                }
            }
        });
    }

    /** Row i less its shares of rows k to k + 3, in columns a to b: four at once keep the row in registers longer. */
    private void takeFour(int i, int k, int a, int b, double[] l) {
        for (int m = 0; m < 4; m++) {
            double ur = re[k + m][i - k - m];
            double ui = im[k + m][i - k - m];
            l[2 * m] = ur * inverseRe[k + m] - ui * inverseIm[k + m];
            l[2 * m + 1] = ur * inverseIm[k + m] + ui * inverseRe[k + m];
        }
        subtractFour(
                re[i], im[i], re[k], im[k], re[k + 1], im[k + 1], re[k + 2], im[k + 2], re[k + 3], im[k + 3], i - k,
                a - i, b - i, l);
    }

    private static void subtractFour(
            double[] cr,
            double[] ci,
            double[] r0,
            double[] i0,
            double[] r1,
            double[] i1,
            double[] r2,
            double[] i2,
            double[] r3,
            double[] i3,
            int shift,
            int begin,
            int end,
            double[] l) {
        double a0 = l[0];
        double b0 = l[1];
        double a1 = l[2];
        double b1 = l[3];
        double a2 = l[4];
        double b2 = l[5];
        double a3 = l[6];
        double b3 = l[7];
        for (int j = begin; j < end; j++) {
            int at = j + shift;
            cr[j] -= a0 * r0[at]
                    - b0 * i0[at]
                    + (a1 * r1[at - 1] - b1 * i1[at - 1])
                    + (a2 * r2[at - 2] - b2 * i2[at - 2])
                    + (a3 * r3[at - 3] - b3 * i3[at - 3]);
            ci[j] -= a0 * i0[at]
                    + b0 * r0[at]
                    + (a1 * i1[at - 1] + b1 * r1[at - 1])
                    + (a2 * i2[at - 2] + b2 * r2[at - 2])
                    + (a3 * i3[at - 3] + b3 * r3[at - 3]);
        }
    }

    private static void share(int size, int parts, java.util.function.IntConsumer work) {
        IntStream range = IntStream.range(0, parts);
        (size > WORTH_SHARING ? range.parallel() : range).forEach(work);
    }

    /** The solution of A·x = b. */
    ComplexVector solve(ComplexVector b) {
        int n = re.length;
        ComplexVector x = b.copy();
        for (int k = 0; k < n; k++) {
            double tr = x.re[k] * inverseRe[k] - x.im[k] * inverseIm[k];
            double ti = x.re[k] * inverseIm[k] + x.im[k] * inverseRe[k];
            double[] ur = re[k];
            double[] ui = im[k];
            for (int c = 1; c < ur.length; c++) {
                x.re[k + c] -= ur[c] * tr - ui[c] * ti;
                x.im[k + c] -= ur[c] * ti + ui[c] * tr;
            }
        }
        for (int k = n - 1; k >= 0; k--) {
            double sr = x.re[k];
            double si = x.im[k];
            double[] ur = re[k];
            double[] ui = im[k];
            for (int c = 1; c < ur.length; c++) {
                sr -= ur[c] * x.re[k + c] - ui[c] * x.im[k + c];
                si -= ur[c] * x.im[k + c] + ui[c] * x.re[k + c];
            }
            x.re[k] = sr * inverseRe[k] - si * inverseIm[k];
            x.im[k] = sr * inverseIm[k] + si * inverseRe[k];
        }
        return x;
    }
}
