package dorada.core.instrument;

import dorada.core.outcome.Refusal;
import dorada.core.rf.Reflection;
import dorada.core.rf.Swr;

/**
 * A stand-in for the in-line meter whose needle is set to full scale with the forward switch before each channel, then read
 * on the reflected side.
 *
 * <p>Its pick-up grows with frequency and with the square root of power, as that of a short coupled line: a reading on a
 * channel or at a power for which it was not set is wrong in proportion. The scale is read to the nearest mark.
 */
public final class InlineMeter {

    /** Marks of an SWR scale: tenths to 2, fifths to 3, then 4, 5 and 10. */
    private static final double[] MARKS = {
        1, 1.1, 1.2, 1.3, 1.4, 1.5, 1.6, 1.7, 1.8, 1.9, 2, 2.2, 2.4, 2.6, 2.8, 3, 4, 5, 10
    };

    private final double rangeW;
    private double setPickUp;

    /** @param rangeW the most forward watts on the range that is switched in; more pegs the needle */
    public InlineMeter(double rangeW) {
        this.rangeW = rangeW;
    }

    /** Sets the needle to full scale with this carrier. */
    public void set(double frequencyHz, double forwardW) {
        requireInRange(forwardW);
        setPickUp = pickUp(frequencyHz, forwardW);
    }

    /**
     * The SWR that a person reads off the scale.
     *
     * @throws Refusal where the needle was never set
     */
    public double swr(Reflection load, double frequencyHz, double forwardW) {
        requireInRange(forwardW);
        if (setPickUp == 0) {
            throw new Refusal(Refused.NEEDLE_NOT_SET);
        }
        double deflection = Math.min(0.999, load.magnitude() * pickUp(frequencyHz, forwardW) / setPickUp);
        double swr = Swr.ofMagnitude(deflection);
        double nearest = MARKS[0];
        for (double mark : MARKS) {
            // The needle moves with ρ: so does what looks nearest.
            if (Math.abs(rho(mark) - deflection) < Math.abs(rho(nearest) - deflection)) {
                nearest = mark;
            }
        }
        return swr > MARKS[MARKS.length - 1] ? MARKS[MARKS.length - 1] : nearest;
    }

    private static double rho(double swr) {
        return (swr - 1) / (swr + 1);
    }

    private static double pickUp(double frequencyHz, double forwardW) {
        return frequencyHz * Math.sqrt(forwardW);
    }

    private void requireInRange(double forwardW) {
        if (!(forwardW > 0) || forwardW > rangeW) {
            throw new Refusal(Refused.NEEDLE_PEGS.of(forwardW, rangeW));
        }
    }
}
