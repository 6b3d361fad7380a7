package dorada.core.calibration;

import dorada.core.sweep.Sweep;
import java.util.Locale;

/**
 * Directivity a, source match b and tracking of a one-port at each frequency, and their use: a reading M of a reflection Γ
 * is M = a + t·Γ/(1 − b·Γ).
 *
 * <p>Three standards give three linear equations M = a + b·(Γ·M) − c·Γ with c = a·b − t, solved by elimination; then Γ = (M −
 * a)/(b·M − c). Source: D. Rytting, Network analyzer error models and calibration methods (1998), from memory.
 */
final class ErrorTerms {

    /** Standards that read as alike as this cannot be told apart, as |difference| of reflections. */
    private static final double ALIKE = 0.02;

    private final double[] frequencyHz;
    private final Sweep a;
    private final Sweep b;
    private final Sweep c;

    private ErrorTerms(double[] frequencyHz, double[][] parts) {
        this.frequencyHz = frequencyHz;
        double ohm = Sweep.STANDARD_REFERENCE_OHM;
        this.a = new Sweep(frequencyHz, parts[0], parts[1], ohm);
        this.b = new Sweep(frequencyHz, parts[2], parts[3], ohm);
        this.c = new Sweep(frequencyHz, parts[4], parts[5], ohm);
    }

    /**
     * @param read what the analyser read of the three
     * @param truth what they are, over the same frequencies
     * @throws CalibrationException where two of them read alike
     */
    static ErrorTerms of(Standards.Truth read, Standards.Truth truth) {
        int n = read.open().size();
        double[][] parts = new double[6][n];
        double[] m = new double[6];
        double[] g = new double[6];
        double[] term = new double[6];
        for (int i = 0; i < n; i++) {
            fill(m, read, i);
            fill(g, truth, i);
            requireApart(m, read.open().frequencyHz(i));
            solve(m, g, term);
            for (int k = 0; k < 6; k++) {
                parts[k][i] = term[k];
            }
        }
        return new ErrorTerms(read.open().frequenciesHz(), parts);
    }

    private static void fill(double[] into, Standards.Truth from, int i) {
        into[0] = from.open().re(i);
        into[1] = from.open().im(i);
        into[2] = from.shorted().re(i);
        into[3] = from.shorted().im(i);
        into[4] = from.load().re(i);
        into[5] = from.load().im(i);
    }

    private static void requireApart(double[] m, double hz) {
        for (int i = 0; i < 3; i++) {
            int j = (i + 1) % 3;
            double re = m[2 * i] - m[2 * j];
            double im = m[2 * i + 1] - m[2 * j + 1];
            if (re * re + im * im < ALIKE * ALIKE) {
                String[] names = {"open", "short", "load"};
                throw new CalibrationException(String.format(
                        Locale.ROOT,
                        "The %s and the %s read alike at %.3f MHz. Was one of them measured twice, or is nothing connected?",
                        names[Math.min(i, j)],
                        names[Math.max(i, j)],
                        hz / 1e6));
            }
        }
    }

    /** Differences of the equations leave two in b and c; a follows. All numbers as pairs re, im. */
    private static void solve(double[] m, double[] g, double[] term) {
        double[] u = new double[6];
        for (int i = 0; i < 3; i++) {
            u[2 * i] = g[2 * i] * m[2 * i] - g[2 * i + 1] * m[2 * i + 1];
            u[2 * i + 1] = g[2 * i] * m[2 * i + 1] + g[2 * i + 1] * m[2 * i];
        }
        double u1r = u[0] - u[4];
        double u1i = u[1] - u[5];
        double u2r = u[2] - u[4];
        double u2i = u[3] - u[5];
        double g1r = g[0] - g[4];
        double g1i = g[1] - g[5];
        double g2r = g[2] - g[4];
        double g2i = g[3] - g[5];
        double m1r = m[0] - m[4];
        double m1i = m[1] - m[5];
        double m2r = m[2] - m[4];
        double m2i = m[3] - m[5];
        // b·u1 − c·g1 = m1 and b·u2 − c·g2 = m2 by Cramer's rule; the determinant is g1·u2 − u1·g2.
        double dr = g1r * u2r - g1i * u2i - (u1r * g2r - u1i * g2i);
        double di = g1r * u2i + g1i * u2r - (u1r * g2i + u1i * g2r);
        double br = g1r * m2r - g1i * m2i - (m1r * g2r - m1i * g2i);
        double bi = g1r * m2i + g1i * m2r - (m1r * g2i + m1i * g2r);
        double cr = u1r * m2r - u1i * m2i - (m1r * u2r - m1i * u2i);
        double ci = u1r * m2i + u1i * m2r - (m1r * u2i + m1i * u2r);
        double d = dr * dr + di * di;
        term[2] = (br * dr + bi * di) / d;
        term[3] = (bi * dr - br * di) / d;
        term[4] = (cr * dr + ci * di) / d;
        term[5] = (ci * dr - cr * di) / d;
        term[0] = m[4] - (term[2] * u[4] - term[3] * u[5]) + (term[4] * g[4] - term[5] * g[5]);
        term[1] = m[5] - (term[2] * u[5] + term[3] * u[4]) + (term[4] * g[5] + term[5] * g[4]);
    }

    double[] frequencyHz() {
        return frequencyHz;
    }

    /** Corrected reflections of {@code raw}, whose frequencies must lie inside; between points the terms are interpolated. */
    Sweep correct(Sweep raw) {
        int n = raw.size();
        boolean same = n == frequencyHz.length;
        for (int i = 0; same && i < n; i++) {
            same = raw.frequencyHz(i) == frequencyHz[i];
        }
        Sweep ta = same ? a : a.atPointsOf(raw);
        Sweep tb = same ? b : b.atPointsOf(raw);
        Sweep tc = same ? c : c.atPointsOf(raw);
        double[] re = new double[n];
        double[] im = new double[n];
        for (int i = 0; i < n; i++) {
            double mr = raw.re(i);
            double mi = raw.im(i);
            double nr = mr - ta.re(i);
            double ni = mi - ta.im(i);
            double dr = tb.re(i) * mr - tb.im(i) * mi - tc.re(i);
            double di = tb.re(i) * mi + tb.im(i) * mr - tc.im(i);
            double d = dr * dr + di * di;
            re[i] = (nr * dr + ni * di) / d;
            im[i] = (ni * dr - nr * di) / d;
        }
        return new Sweep(raw.frequenciesHz(), re, im, Sweep.STANDARD_REFERENCE_OHM);
    }

    /** Greatest directivity error before correction, as |a|. */
    double worstDirectivity() {
        double worst = 0;
        for (int i = 0; i < frequencyHz.length; i++) {
            worst = Math.max(worst, a.magnitude(i));
        }
        return worst;
    }
}
