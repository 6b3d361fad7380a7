package dorada.core.tuning;

import dorada.core.rf.Wavelength;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import java.util.List;

/**
 * How the set length of one antenna turns into its electrical length.
 *
 * <p>A resonant piece has the electrical length k·λ at its dip, k being 0.25 for a quarter-wave. One metre of set length
 * changes it by 1/{@code lengthRatio} metres. What the kind lets expect is corrected by every change (a Kalman filter of
 * one state). A change that the dip followed quite otherwise teaches nothing of the sensitivity: a little of that is a shift of
 * the surroundings, from bench to roof; much of it is a fault. Followed as much otherwise by the next change, it is no shift but an
 * antenna of another kind than was said, as three quarter-waves entered as one.
 *
 * @param lengthRatio metres of set length per metre of electrical length
 * @param doubt standard deviation of that ratio, relative
 * @param learnt true where it comes from passes
 * @param surroundingsShift relative shift of the electrical length that no change explains; 0 for none
 * @param placeShift the same where the place is known to be another: from the ground to the roof; 0 for none
 */
record Sensitivity(double lengthRatio, double doubt, boolean learnt, double surroundingsShift, double placeShift) {

    /** Even a clean measurement leaves this much: the tape measure and the tightening. */
    private static final double LEAST_DOUBT = 0.04;

    /** Nobody puts an antenna back better than this, as a share of its electrical length. */
    private static final double REPEATS = 0.001;

    private static final double MOST_DEVIATIONS = 3.5;

    /** Surroundings shift a dip by so much at most; more is a slipped screw or a wrong entry. */
    private static final double MOST_SHIFT = 0.035;

    /** A change must move the dip by so many of its doubts to teach anything. */
    private static final double TELLS = 2;

    /** What two changes in a row show alike, within this share, is this antenna's own, whatever its kind. */
    private static final double ALIKE = 0.15;

    /** It is known no better than to this share: two changes are few. */
    private static final double OTHERWISE_DOUBT = 0.25;

    /** An answer that is itself known no better than to this share tells nothing. */
    private static final double SEEN_WELL = 0.35;

    /** The parabola is laid through what lies within this of the least |Γ|². */
    private static final double BOTTOM = 0.03;

    static Sensitivity of(List<Pass> passes, TrimPrior prior) {
        double perSet = 1 / prior.lengthRatio();
        double variance = perSet * prior.doubt() * perSet * prior.doubt();
        double pending = 0;
        double shift = 0;
        double before = Double.NaN;
        double doubtBefore = 0;
        double placeShift = 0;
        Pass last = null;
        boolean learnt = false;
        // What the last change showed that was not followed as expected.
        double otherwise = Double.NaN;
        double otherwiseDoubt = 0;
        for (Pass pass : passes) {
            pending += pass.changeM();
            var dip = new SweepAnalysis(pass.sweep()).deepestDip().filter(d -> !d.atEdge());
            if (dip.isEmpty()) {
                continue;
            }
            double hz = bottomHz(pass.sweep(), dip.get().frequencyHz());
            double electrical = prior.waves() * Wavelength.ofHz(hz);
            double doubt = doubtM(pass, electrical, hz);
            if (pass.secondChangeM() != 0) {
                // Another piece moved the dip too: what came before cannot be compared.
                before = Double.NaN;
            }
            if (!Double.isNaN(before)) {
                double noise = doubt * doubt + doubtBefore * doubtBefore + sq(REPEATS * electrical);
                double innovation = electrical - before - perSet * pending;
                double spread = Math.sqrt(pending * pending * variance + noise);
                if (!last.circumstances().equals(pass.circumstances())) {
                    placeShift = innovation / electrical;
                } else if (Math.abs(innovation) > MOST_DEVIATIONS * spread) {
                    double seen = (electrical - before) / pending;
                    double seenDoubt = Math.sqrt(noise) / Math.abs(pending);
                    if (isTheSameAgain(seen, seenDoubt, otherwise, otherwiseDoubt)) {
                        perSet = (seen + otherwise) / 2;
                        variance = sq(Math.max(OTHERWISE_DOUBT * perSet, seenDoubt));
                        learnt = true;
                        shift = 0;
                    } else {
                        shift = innovation / electrical;
                    }
                    otherwise = seen;
                    otherwiseDoubt = seenDoubt;
                } else if (Math.abs(perSet * pending) > TELLS * Math.sqrt(noise)) {
                    double gain = variance * pending / (pending * pending * variance + noise);
                    perSet += gain * innovation;
                    variance *= 1 - gain * pending;
                    learnt = true;
                }
            }
            before = electrical;
            last = pass;
            doubtBefore = doubt;
            pending = 0;
        }
        double relative = Math.max(learnt ? LEAST_DOUBT : 0, Math.sqrt(variance) / perSet);
        return new Sensitivity(1 / perSet, relative, learnt, shift, placeShift);
    }

    /**
     * Where the curve has its bottom, by a parabola through |Γ|² about the dip: a shallow dip is so flat that noise alone moves
     * its lowest point by some tenths of a per cent.
     */
    static double bottomHz(Sweep sweep, double dipHz) {
        int at = 0;
        while (at + 1 < sweep.size() && sweep.frequencyHz(at) < dipHz) {
            at++;
        }
        double top = square(sweep, at) + BOTTOM;
        int from = at;
        int to = at;
        while (from > 0 && square(sweep, from - 1) <= top) {
            from--;
        }
        while (to < sweep.size() - 1 && square(sweep, to + 1) <= top) {
            to++;
        }
        // Both sides alike, or the steeper one would pull.
        int half = Math.min(at - from, to - at);
        double n = 2.0 * half + 1;
        double x2 = 0;
        double x4 = 0;
        double y = 0;
        double xy = 0;
        double x2y = 0;
        for (int i = -half; i <= half; i++) {
            double v = square(sweep, at + i);
            double x = i;
            x2 += x * x;
            x4 += x * x * x * x;
            y += v;
            xy += x * v;
            x2y += x * x * v;
        }
        double bend = (n * x2y - x2 * y) / (n * x4 - x2 * x2);
        double vertex = -xy / x2 / 2 / bend;
        boolean usable = half >= 2 && bend > 0 && Math.abs(vertex) <= half;
        int left = Math.max(0, Math.min(sweep.size() - 2, at + (int) Math.floor(usable ? vertex : 0)));
        return usable
                ? sweep.frequencyHz(left)
                        + (at + vertex - left) * (sweep.frequencyHz(left + 1) - sweep.frequencyHz(left))
                : dipHz;
    }

    private static boolean isTheSameAgain(double seen, double doubt, double before, double doubtBefore) {
        return !Double.isNaN(before)
                && seen > 0
                && before > 0
                && doubt < SEEN_WELL * seen
                && Math.abs(seen - before) < ALIKE * seen + Math.hypot(doubt, doubtBefore);
    }

    private static double square(Sweep sweep, int i) {
        return sweep.re(i) * sweep.re(i) + sweep.im(i) * sweep.im(i);
    }

    private static double doubtM(Pass pass, double electrical, double hz) {
        double stepHz = (pass.sweep().stopHz() - pass.sweep().startHz())
                / Math.max(1, pass.sweep().size() - 1);
        return electrical * Math.max(pass.dipDeviationHz(), Math.max(stepHz / 4, hz * 3e-4)) / hz;
    }

    private static double sq(double x) {
        return x * x;
    }

    /** False where the last change contradicts what a change of length does by more than surroundings could. */
    boolean isBelievable() {
        return Math.abs(surroundingsShift) <= MOST_SHIFT;
    }

    /** Hz by which the dip moves per metre of set length, at {@code dipHz}; negative. */
    double hzPerM(double dipHz, double waves) {
        return hzPerM(dipHz, waves, lengthRatio);
    }

    /** The same for a ratio of set to electrical length. */
    static double hzPerM(double dipHz, double waves, double lengthRatio) {
        return -dipHz / (waves * Wavelength.ofHz(dipHz) * lengthRatio);
    }

    /** Where a dip at {@code dipHz} goes when the length is changed: along 1/f, so that a large change stays above 0 Hz. */
    double movedHz(double dipHz, double waves, double changeM) {
        double electricalM = waves * Wavelength.ofHz(dipHz) + changeM / lengthRatio;
        return electricalM > 0 ? waves * Wavelength.SPEED_OF_LIGHT_M_PER_S / electricalM : dipHz;
    }
}
