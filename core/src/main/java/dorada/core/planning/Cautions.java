package dorada.core.planning;

import java.util.ArrayList;
import java.util.List;

/** What can hurt someone at a planned station: reminders, never a substitute for local code or a licensed person. */
public final class Cautions {

    /** Distance to overhead power lines as a multiple of the total height; common practice, no source. */
    private static final double POWER_LINE_HEIGHTS = 1.5;

    private static final double HIGH_POWER_W = 10;
    private static final double STANDS_UP_M = 3;

    private Cautions() {}

    /** Metres to keep from overhead power lines while something of this height is raised or could fall. */
    public static double powerLineDistanceM(double totalHeightM) {
        return POWER_LINE_HEIGHTS * totalHeightM;
    }

    /**
     * @param totalHeightM of what stands up, from its foot
     * @param ratedW greatest of the radios
     * @param swrAtRadio worst
     * @param frequencyHz of the plan
     * @param atBody true for a handheld or a set worn on the body
     */
    public static List<String> of(
            double totalHeightM, double ratedW, double swrAtRadio, double frequencyHz, boolean atBody) {
        List<String> all = new ArrayList<>();
        if (swrAtRadio >= 3) {
            all.add("Do not transmit into an SWR of 3 or more: one of these ways shows it at the radio.");
        }
        if (totalHeightM > 0) {
            all.add(String.format(
                    java.util.Locale.ROOT,
                    "Overhead power lines: keep at least %.1f m away, one and a half times the height; look up before"
                            + " raising anything.",
                    powerLineDistanceM(totalHeightM)));
        }
        if (totalHeightM >= STANDS_UP_M) {
            all.add("Lightning and mains bonding of a mast: by the local electrical code, by a qualified person.");
        }
        if (!atBody && ratedW >= HIGH_POWER_W) {
            all.add(
                    "RF burns at the whip's tip: nobody touches the antenna while it transmits, and somebody watches it.");
        }
        if (frequencyHz >= 118e6 && frequencyHz <= 137e6) {
            all.add(
                    "Airband: structural, electrical and return-to-service work on an aircraft only by licensed staff with"
                            + " approved data.");
        }
        return all;
    }
}
