package dorada.core.rf;

/**
 * Conversions between the magnitude of the reflection coefficient ρ, SWR, return loss and watts.
 *
 * <p>SWR = (1+ρ)/(1−ρ), return loss = −20·log₁₀ρ (positive dB), ρ = √(P reflected / P forward). Source: D. M. Pozar,
 * Microwave Engineering, section 2.3.
 */
public final class Swr {

    private Swr() {}

    /** SWR for |Γ| = {@code magnitude}; infinite from 1 upward. */
    public static double ofMagnitude(double magnitude) {
        requireAtLeast(0, magnitude, "reflection magnitude");
        return magnitude >= 1 ? Double.POSITIVE_INFINITY : (1 + magnitude) / (1 - magnitude);
    }

    /** |Γ| for an SWR of 1 or more. */
    public static double magnitude(double swr) {
        requireAtLeast(1, swr, "SWR");
        return Double.isInfinite(swr) ? 1 : (swr - 1) / (swr + 1);
    }

    /** Return loss in positive dB for |Γ|; infinite for 0. */
    public static double returnLossDb(double magnitude) {
        requireAtLeast(0, magnitude, "reflection magnitude");
        // Adding zero turns the −0.0 of a total reflection into 0.0.
        return -20 * Math.log10(magnitude) + 0.0;
    }

    /** |Γ| for a return loss in positive dB. */
    public static double magnitudeOfReturnLoss(double returnLossDb) {
        requireAtLeast(0, returnLossDb, "return loss");
        return Math.pow(10, -returnLossDb / 20);
    }

    /**
     * |Γ| from forward and reflected power at the same place on the line, both in watts.
     *
     * @throws IllegalArgumentException where forward is not above 0 or reflected is negative or above forward
     */
    public static double magnitudeOfWatts(double forwardW, double reflectedW) {
        if (!(forwardW > 0) || Double.isInfinite(forwardW)) {
            throw new IllegalArgumentException("Forward power must be above 0 W, not " + forwardW + ".");
        }
        if (!(reflectedW >= 0) || reflectedW > forwardW) {
            throw new IllegalArgumentException("Reflected power must lie between 0 W and the forward " + forwardW
                    + " W, not " + reflectedW + " W: check the meter's direction and range.");
        }
        return Math.sqrt(reflectedW / forwardW);
    }

    /** Share of the forward power that comes back, 0 to 1. */
    public static double reflectedShare(double swr) {
        double magnitude = magnitude(swr);
        return magnitude * magnitude;
    }

    /** Loss in dB of the power accepted by a load of this SWR against a matched one: −10·log₁₀(1 − ρ²). */
    public static double mismatchLossDb(double swr) {
        return -10 * Math.log10(1 - reflectedShare(swr)) + 0.0;
    }

    /**
     * The power in watts that brings no more reflected watts than full power would at the radio's ceiling: P rated ·
     * ρ²(ceiling)/ρ²(measured), never above the rated power. Common practice, no source.
     */
    public static double reducedPowerW(double ratedW, double ceilingSwr, double measuredSwr) {
        requireAtLeast(0, ratedW, "rated power");
        double measured = reflectedShare(measuredSwr);
        return measured == 0 ? ratedW : Math.min(ratedW, ratedW * reflectedShare(ceilingSwr) / measured);
    }

    private static void requireAtLeast(double least, double value, String name) {
        if (!(value >= least)) {
            throw new IllegalArgumentException("The " + name + " must be " + least + " or more, not " + value + ".");
        }
    }
}
