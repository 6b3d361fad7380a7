package dorada.core.radio;

import dorada.core.instrument.DirectionalWattmeter;
import dorada.core.instrument.SpotReading;
import dorada.core.outcome.Refusal;
import java.util.Arrays;

/**
 * The plug, or range, of a wattmeter that a reading was taken with.
 *
 * @param fullScaleW above 0
 * @param lowHz lowest frequency that it is made for
 * @param highHz highest
 */
public record Plug(double fullScaleW, double lowHz, double highHz) {

    /** Nearer than a third of a fiftieth of full scale the needle rests at its stop. */
    private static final double STOP_SHARE = 0.993;

    private static final double[] USUAL_W = {1, 2.5, 5, 10, 25, 50, 100, 250, 500, 1000, 2500};

    /** Room above the rated power: a good radio may give more. */
    private static final double ROOM = 1.2;

    /** Full scale in watts of the plug to begin with for a radio of {@code ratedW}: the least that leaves room above it. */
    public static double usualFullScaleW(double ratedW) {
        return Arrays.stream(USUAL_W)
                .filter(w -> w >= ROOM * ratedW)
                .findFirst()
                .orElse(USUAL_W[USUAL_W.length - 1]);
    }

    /** @throws Refusal for what can't be */
    public Plug {
        if (!(fullScaleW > 0) || Double.isInfinite(fullScaleW) || !(lowHz > 0) || !(highHz > lowHz)) {
            throw new Refusal(Refused.NO_SUCH_PLUG);
        }
    }

    public boolean isFor(double frequencyHz) {
        return frequencyHz >= lowHz && frequencyHz <= highHz;
    }

    /** The most by which a reading on it may be wrong, in watts. */
    public double doubtW() {
        return new DirectionalWattmeter(fullScaleW, lowHz, highHz, SpotReading.USUAL_ERROR_SHARE).doubtW();
    }

    /** Whether the needle is at its end stop, where it may mean anything beyond. */
    public boolean isAtEnd(double watts) {
        return watts >= STOP_SHARE * fullScaleW;
    }
}
