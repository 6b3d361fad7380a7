package dorada.core.line;

import dorada.core.sweep.Sweep;

/**
 * Cosine and sine of an angle that grows with frequency, at the points of a sweep. Where they are evenly spaced, as an
 * analyser's are, each follows from the one before by one rotation, and every few points are worked out afresh, so that no error
 * gathers.
 */
final class Turns {

    private static final int AFRESH = 16;
    private static final double EVEN_WITHIN = 1e-13;

    private final Sweep sweep;
    private final double radiansPerHz;
    private final boolean even;
    private final double stepCos;
    private final double stepSin;
    private double cos;
    private double sin;

    Turns(Sweep sweep, double radiansPerHz) {
        this.sweep = sweep;
        this.radiansPerHz = radiansPerHz;
        int last = sweep.size() - 1;
        double step = last == 0 ? 0 : (sweep.stopHz() - sweep.startHz()) / last;
        boolean all = true;
        for (int i = 0; i <= last; i++) {
            all &= Math.abs(sweep.frequencyHz(i) - sweep.startHz() - i * step) <= EVEN_WITHIN * sweep.stopHz();
        }
        even = all;
        stepCos = Math.cos(radiansPerHz * step);
        stepSin = Math.sin(radiansPerHz * step);
    }

    /** Goes to point {@code i}; points are taken in their order, from 0. */
    void to(int i) {
        if (!even || i % AFRESH == 0) {
            double angle = radiansPerHz * sweep.frequencyHz(i);
            cos = Math.cos(angle);
            sin = Math.sin(angle);
        } else {
            double c = cos * stepCos - sin * stepSin;
            sin = cos * stepSin + sin * stepCos;
            cos = c;
        }
    }

    double cos() {
        return cos;
    }

    double sin() {
        return sin;
    }
}
