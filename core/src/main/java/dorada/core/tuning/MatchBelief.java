package dorada.core.tuning;

import dorada.core.rf.Reflection;
import dorada.core.sweep.Dip;
import dorada.core.sweep.SweepAnalysis;
import java.util.List;

/**
 * How good the bottom of the dip becomes where a match control is moved.
 *
 * <p>Near a match Γ at the dip moves along a straight line, Γ₀ + G·t, so that |Γ|² is a parabola in t. Its three coefficients
 * are a least-squares fit to all passes, with what the kind lets expect as further equations (Bayesian linear regression).
 * Only |Γ| is fitted, which a feedline leaves nearly as it is; the phase of the first reading, where it is that of the
 * antenna itself, tells which way to begin.
 *
 * @param nowSquare |Γ|² at the dip as it stands
 * @param slope its change per metre outward
 * @param bend half its second derivative, above 0
 * @param slopeDoubt standard deviation of the slope
 * @param pullPerM share by which a metre outward raises the dip
 */
record MatchBelief(double nowSquare, double slope, double bend, double slopeDoubt, double pullPerM) {

    /** Reading errors of |Γ|² and what the parabola leaves out. */
    private static final double NOISE = 0.0008;

    private static final double NOISE_SHARE = 0.08;

    /** The parabola is of the kind's size within this, at least. */
    private static final double LEAST_BEND = 0.12;

    /** Readings from farther away than this many doubts of the bend say less. */
    private static final double FAR = 0.25;

    private static final double PHASE_DOUBT = 0.7;

    /** A pull is of the kind's size within this, relative. */
    private static final double PULL_DOUBT = 0.6;

    /** A dip is read and comes back within this, relative. */
    private static final double DIP_DOUBT = 0.002;

    /** @param phaseIsTheAntennas true where Γ was read at the antenna, or the line was taken off */
    static MatchBelief of(List<Pass> passes, MatchControl control, boolean phaseIsTheAntennas) {
        double[][] normal = new double[3][3];
        double[] right = new double[3];
        double expectedBend = control.effect() * control.effect();
        Reflection last = bottom(passes.get(passes.size() - 1));
        double now = square(last);
        // What the kind lets expect, as two more equations.
        add(normal, right, new double[] {0, 0, 1}, expectedBend, expectedBend * control.doubt());
        boolean knowsSide = phaseIsTheAntennas && passes.get(passes.size() - 1).hasPhase();
        double usual = 2 * Math.sqrt(now) * control.effect();
        add(
                normal,
                right,
                new double[] {0, 1, 0},
                knowsSide ? 2 * (last.re() * control.re() + last.im() * control.im()) : 0,
                Math.max(1e-6, usual * (knowsSide ? PHASE_DOUBT : 1)));
        double t = 0;
        for (int i = passes.size() - 1; i >= 0; i--) {
            Pass p = passes.get(i);
            double q = square(bottom(p));
            double far = FAR * expectedBend * t * t;
            add(normal, right, new double[] {1, t, t * t}, q, Math.hypot(NOISE + NOISE_SHARE * q, far));
            t -= p.secondChangeM();
        }
        double[] fit = solved(normal, right);
        double[] unit = solved(normal, new double[] {0, 1, 0});
        return new MatchBelief(
                Math.max(0, fit[0]),
                fit[1],
                Math.max(LEAST_BEND * expectedBend, fit[2]),
                Math.sqrt(Math.max(0, unit[1])),
                pull(passes, control));
    }

    /** Learnt from moves of the match alone (a Kalman filter of one state). */
    private static double pull(List<Pass> passes, MatchControl control) {
        double pull = control.pullPerM();
        double variance = pull * pull * PULL_DOUBT * PULL_DOUBT;
        for (int i = 1; i < passes.size(); i++) {
            double moved = passes.get(i).secondChangeM();
            double before = dipHz(passes.get(i - 1));
            double after = dipHz(passes.get(i));
            if (moved != 0 && passes.get(i).changeM() == 0 && before > 0 && after > 0) {
                double gain = variance * moved / (moved * moved * variance + DIP_DOUBT * DIP_DOUBT);
                pull += gain * (Math.log(after / before) - pull * moved);
                variance *= 1 - gain * moved;
            }
        }
        return pull;
    }

    private static double dipHz(Pass pass) {
        return new SweepAnalysis(pass.sweep())
                .deepestDip()
                .filter(d -> !d.atEdge())
                .map(Dip::frequencyHz)
                .orElse(0.0);
    }

    /** Γ at the deepest point; for a few readings, of the curve that explains them. */
    private static Reflection bottom(Pass pass) {
        return new SweepAnalysis(pass.sweep())
                .deepestDip()
                .map(d -> d.reading().reflection())
                .orElse(new Reflection(1, 0));
    }

    private static double square(Reflection r) {
        return r.re() * r.re() + r.im() * r.im();
    }

    /** One equation x·θ = y with standard deviation {@code doubt}. */
    private static void add(double[][] normal, double[] right, double[] x, double y, double doubt) {
        double w = 1 / (doubt * doubt);
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                normal[i][j] += w * x[i] * x[j];
            }
            right[i] += w * x[i] * y;
        }
    }

    /** Three equations by Cramer's rule. */
    private static double[] solved(double[][] m, double[] r) {
        double d = determinant(m);
        double[] x = new double[3];
        for (int k = 0; k < 3; k++) {
            double[][] n = {m[0].clone(), m[1].clone(), m[2].clone()};
            for (int i = 0; i < 3; i++) {
                n[i][k] = r[i];
            }
            x[k] = determinant(n) / d;
        }
        return x;
    }

    private static double determinant(double[][] m) {
        return m[0][0] * (m[1][1] * m[2][2] - m[1][2] * m[2][1])
                - m[0][1] * (m[1][0] * m[2][2] - m[1][2] * m[2][0])
                + m[0][2] * (m[1][0] * m[2][1] - m[1][1] * m[2][0]);
    }

    /** True where it is as good as unknown which way is better. */
    boolean isBlind() {
        return Math.abs(slope) < slopeDoubt;
    }

    /** |Γ|² at the dip after a move of {@code t} metres outward; where the side is not known, as if it were the right one. */
    double squareAfter(double t) {
        if (isBlind()) {
            double left = Math.sqrt(nowSquare) - Math.sqrt(bend) * Math.abs(t);
            return left * left;
        }
        return Math.max(0, nowSquare + slope * t + bend * t * t);
    }

    /** The dip after that by the dip now. */
    double dipFactor(double t) {
        return Math.exp(pullPerM * t);
    }
}
