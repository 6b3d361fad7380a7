package dorada.core.calibration;

import dorada.core.outcome.Refusal;
import dorada.core.sweep.Sweep;

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

    private final Sweep a;
    private final Sweep b;
    private final Sweep c;

    private ErrorTerms(Sweep a, Sweep b, Sweep c) {
        this.a = a;
        this.b = b;
        this.c = c;
    }

    /**
     * @param read what the analyser read of the three
     * @param truth what they are, over the same frequencies
     * @throws Refusal where two of them read alike
     */
    static ErrorTerms of(Standards.Truth read, Standards.Truth truth) {
        int n = read.open().size();
        double[] ar = new double[n];
        double[] ai = new double[n];
        double[] br = new double[n];
        double[] bi = new double[n];
        double[] cr = new double[n];
        double[] ci = new double[n];
        double[] m = new double[6];
        double[] g = new double[6];
        double[] term = new double[6];
        for (int i = 0; i < n; i++) {
            fill(m, read, i);
            fill(g, truth, i);
            requireApart(m, read.open(), i);
            solve(m, g, term);
            ar[i] = term[0];
            ai[i] = term[1];
            br[i] = term[2];
            bi[i] = term[3];
            cr[i] = term[4];
            ci[i] = term[5];
        }
        Sweep at = read.open();
        return new ErrorTerms(at.withReflections(ar, ai), at.withReflections(br, bi), at.withReflections(cr, ci));
    }

    private static void fill(double[] into, Standards.Truth from, int i) {
        into[0] = from.open().re(i);
        into[1] = from.open().im(i);
        into[2] = from.shorted().re(i);
        into[3] = from.shorted().im(i);
        into[4] = from.load().re(i);
        into[5] = from.load().im(i);
    }

    private static void requireApart(double[] m, Sweep at, int i) {
        Refused alike = alike(m, 0, 2)
                ? Refused.OPEN_AND_SHORT
                : alike(m, 2, 4) ? Refused.SHORT_AND_LOAD : alike(m, 0, 4) ? Refused.OPEN_AND_LOAD : null;
        if (alike != null) {
            throw new Refusal(alike.of(at.frequencyHz(i)));
        }
    }

    private static boolean alike(double[] m, int one, int other) {
        double re = m[one] - m[other];
        double im = m[one + 1] - m[other + 1];
        return re * re + im * im < ALIKE * ALIKE;
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
        double inverse = 1 / (dr * dr + di * di);
        term[2] = (br * dr + bi * di) * inverse;
        term[3] = (bi * dr - br * di) * inverse;
        term[4] = (cr * dr + ci * di) * inverse;
        term[5] = (ci * dr - cr * di) * inverse;
        term[0] = m[4] - (term[2] * u[4] - term[3] * u[5]) + (term[4] * g[4] - term[5] * g[5]);
        term[1] = m[5] - (term[2] * u[5] + term[3] * u[4]) + (term[4] * g[5] + term[5] * g[4]);
    }

    /** A sweep over the calibrated points; its reflections are the directivity. */
    Sweep frequencies() {
        return a;
    }

    /** Corrected reflections of {@code raw}, whose frequencies must lie inside; between points the terms are interpolated. */
    Sweep correct(Sweep raw) {
        int n = raw.size();
        boolean same = a.hasFrequenciesOf(raw);
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
            double inverse = 1 / (dr * dr + di * di);
            re[i] = (nr * dr + ni * di) * inverse;
            im[i] = (ni * dr - nr * di) * inverse;
        }
        return raw.withReflections(re, im);
    }

    /** Greatest directivity error before correction, as |a|. */
    double worstDirectivity() {
        double worst = 0;
        for (int i = 0; i < a.size(); i++) {
            worst = Math.max(worst, a.magnitude(i));
        }
        return worst;
    }
}
