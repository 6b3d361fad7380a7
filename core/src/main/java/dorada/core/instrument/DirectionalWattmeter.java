package dorada.core.instrument;

import dorada.core.outcome.Refusal;
import dorada.core.rf.Reflection;

/**
 * A stand-in for the directional wattmeter with a plug for each range of power and frequency, which is turned to read
 * forward or reflected watts. Its error is a share of full scale: little is known of small readings on a large range.
 *
 * @param fullScaleW of the plug
 * @param lowHz lowest frequency of the plug
 * @param highHz highest frequency of the plug
 * @param errorShare this plug's own error as a share of full scale, positive or negative; some 0.05 is usual (common practice)
 */
public record DirectionalWattmeter(double fullScaleW, double lowHz, double highHz, double errorShare) {

    private static final int DIVISIONS = 50;

    /** Which way the arrow on the plug points. */
    public enum Direction {
        FORWARD,
        REFLECTED
    }

    /**
     * Watts as read off the scale, to the nearest fiftieth of full scale; full scale where the needle pegs.
     *
     * @throws Refusal where the plug is not made for that frequency
     */
    public double read(Direction direction, Reflection load, double frequencyHz, double forwardW) {
        if (frequencyHz < lowHz || frequencyHz > highHz) {
            throw new Refusal(Refused.OTHER_PLUG.of(lowHz, highHz, frequencyHz));
        }
        double watts = direction == Direction.FORWARD ? forwardW : forwardW * load.magnitude() * load.magnitude();
        // The error grows with the deflection toward its full amount, and a resting needle rests at zero.
        double shown = watts + errorShare * fullScaleW * Math.min(1, 4 * watts / fullScaleW);
        double division = fullScaleW / DIVISIONS;
        return Math.max(0, Math.min(fullScaleW, Math.rint(shown / division) * division));
    }

    /** The most by which a reading can be wrong, in watts: the error and half a division. */
    public double doubtW() {
        return Math.abs(errorShare) * fullScaleW + fullScaleW / DIVISIONS / 2;
    }
}
