package dorada.core.wire;

import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;

/**
 * Nodes and weights of Gauss-Legendre quadrature on 0 to 1.
 *
 * @param at nodes
 * @param weight weights, which sum to 1
 */
record Gauss(double[] at, double[] weight) {

    static Gauss of(int points) {
        GaussIntegrator rule = new GaussIntegratorFactory().legendre(points);
        double[] at = new double[points];
        double[] weight = new double[points];
        for (int i = 0; i < points; i++) {
            at[i] = (rule.getPoint(i) + 1) / 2;
            weight[i] = rule.getWeight(i) / 2;
        }
        return new Gauss(at, weight);
    }

    /** The same rule with its nodes drawn toward both ends by x²(3 − 2x), for integrands that bend there. */
    Gauss towardEnds() {
        double[] moved = new double[at.length];
        double[] w = new double[at.length];
        for (int i = 0; i < at.length; i++) {
            moved[i] = at[i] * at[i] * (3 - 2 * at[i]);
            w[i] = weight[i] * 6 * at[i] * (1 - at[i]);
        }
        return new Gauss(moved, w);
    }

    int points() {
        return at.length;
    }
}
