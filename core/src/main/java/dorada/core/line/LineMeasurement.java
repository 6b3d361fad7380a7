package dorada.core.line;

import dorada.core.outcome.Refusal;
import dorada.core.rf.Swr;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.NeedsPhase;
import dorada.core.sweep.Sweep;

/**
 * Length and loss of a feedline, from a sweep with its far end open or shorted.
 *
 * <p>All comes back, once through the line each way: the phase of Γ falls by 4π·L/(c·VF) per hertz, and half the return loss
 * is the matched loss, fitted as k1·√f + k2·f. Source: D. M. Pozar, Microwave Engineering, section 2.3, with Γ = ±1 at the end.
 *
 * @param lengthM as a rule measures it, with the velocity factor that was assumed
 * @param electricalLengthM length of air line with the same delay
 * @param end open or shorted, from the phase; unknown where the sweep starts too high to tell
 * @param line the line itself, to be taken off other sweeps
 * @param lossDbAtMiddle matched loss one way in the middle of the sweep
 * @param lengthDoubtM standard deviation of the fitted length
 * @param repeatsM a line longer by this would look the same with these points
 */
public record LineMeasurement(
        double lengthM,
        double electricalLengthM,
        LineEnd end,
        Line line,
        double lossDbAtMiddle,
        double lengthDoubtM,
        double repeatsM) {

    /** The phase between points must stay below half a turn to be followed, with room for noise. */
    private static final double MOST_PHASE_STEP = 0.8 * Math.PI;

    private static final double LOSSIEST_END = 0.03;
    private static final int FEWEST_POINTS = 11;

    /** Farther from 0 Hz than so many spans, fringing and ripple would be taken for the other end. */
    private static final double FARTHEST_REACH = 10;

    /**
     * @param sweep of the line with its end open or shorted
     * @param velocityFactor of the line
     * @param impedanceOhm of the line
     * @throws Refusal where the sweep cannot tell
     */
    public static LineMeasurement of(Sweep sweep, double velocityFactor, double impedanceOhm) {
        sweep.requirePhase(NeedsPhase.A_LINES_LENGTH);
        if (sweep.size() < FEWEST_POINTS) {
            throw new Refusal(Refused.FINDING_A_LINES_LENGTH_TAKES_A);
        }
        Sweep own = sweep.renormalised(impedanceOhm);
        int n = own.size();
        double[] phase = new double[n];
        double steepest = 0;
        for (int i = 0; i < n; i++) {
            if (own.magnitude(i) < LOSSIEST_END) {
                throw new Refusal(Refused.NOTHING_COMES_BACK.of(own.frequencyHz(i)));
            }
            double angle = Math.atan2(own.im(i), own.re(i));
            if (i > 0) {
                double step = Math.IEEEremainder(angle - phase[i - 1], 2 * Math.PI);
                steepest = Math.max(steepest, Math.abs(step));
                angle = phase[i - 1] + step;
            }
            phase[i] = angle;
        }
        if (steepest > MOST_PHASE_STEP) {
            throw new Refusal(Refused.THE_LINE_IS_TOO_LONG_FOR);
        }
        Fit fit = Fit.of(own, phase);
        double delayM = -fit.slope * Wavelength.SPEED_OF_LIGHT_M_PER_S / (4 * Math.PI);
        if (!(delayM > 0)) {
            throw new Refusal(Refused.THE_PHASE_DOES_NOT_FALL_WITH);
        }
        double length = delayM * velocityFactor;
        double lengthDoubt = fit.slopeDoubt * Wavelength.SPEED_OF_LIGHT_M_PER_S / (4 * Math.PI) * velocityFactor;
        double[] loss = lossFit(own);
        Line line = new Line(length, velocityFactor, impedanceOhm, 100 * loss[0] / length, 100 * loss[1] / length);
        double middle = (own.startHz() + own.stopHz()) / 2;
        double stepHz = (own.stopHz() - own.startHz()) / (n - 1);
        return new LineMeasurement(
                length,
                delayM,
                fit.end(middle / (own.stopHz() - own.startHz())),
                line,
                line.matchedLossDb(middle),
                lengthDoubt,
                Wavelength.SPEED_OF_LIGHT_M_PER_S * velocityFactor / 2 / stepHz);
    }

    /** Straight line through the phase; where it meets 0 Hz tells open (0) from short (half a turn). */
    private record Fit(double slope, double slopeDoubt, double atZero, double atZeroDoubt) {

        static Fit of(Sweep s, double[] phase) {
            int n = s.size();
            double meanF = 0;
            double meanP = 0;
            for (int i = 0; i < n; i++) {
                meanF += s.frequencyHz(i) / n;
                meanP += phase[i] / n;
            }
            double ff = 0;
            double fp = 0;
            for (int i = 0; i < n; i++) {
                double f = s.frequencyHz(i) - meanF;
                ff += f * f;
                fp += f * (phase[i] - meanP);
            }
            double slope = fp / ff;
            double left = 0;
            for (int i = 0; i < n; i++) {
                double e = phase[i] - meanP - slope * (s.frequencyHz(i) - meanF);
                left += e * e;
            }
            double slopeDoubt = Math.sqrt(left / Math.max(1, n - 2) / ff);
            return new Fit(slope, slopeDoubt, meanP - slope * meanF, slopeDoubt * meanF);
        }

        /** @param reach how many spans away 0 Hz is */
        LineEnd end(double reach) {
            double turned = Math.abs(Math.IEEEremainder(atZero, 2 * Math.PI));
            // Fringing and a little ripple move it: more than a third of a turn off, or a doubt as large, tells
            // nothing.
            if (atZeroDoubt > Math.PI / 6 || reach > FARTHEST_REACH) {
                return LineEnd.UNKNOWN;
            }
            return turned < Math.PI / 3 ? LineEnd.OPEN : turned > 2 * Math.PI / 3 ? LineEnd.SHORT : LineEnd.UNKNOWN;
        }
    }

    /** One-way loss of the whole line in dB as {k1, k2} of k1·√f + k2·f, f in MHz; neither below 0. */
    private static double[] lossFit(Sweep s) {
        double aa = 0;
        double ab = 0;
        double bb = 0;
        double ay = 0;
        double by = 0;
        for (int i = 0; i < s.size(); i++) {
            double mhz = s.frequencyHz(i) / 1e6;
            double a = Math.sqrt(mhz);
            double y = Swr.returnLossDb(s.magnitude(i)) / 2;
            aa += a * a;
            ab += a * mhz;
            bb += mhz * mhz;
            ay += a * y;
            by += mhz * y;
        }
        double d = aa * bb - ab * ab;
        double k1 = (ay * bb - by * ab) / d;
        double k2 = (by * aa - ay * ab) / d;
        if (!(d > 1e-9 * aa * bb) || k2 < 0) {
            return new double[] {Math.max(0, ay / aa), 0};
        }
        return k1 < 0 ? new double[] {0, Math.max(0, by / bb)} : new double[] {k1, k2};
    }
}
