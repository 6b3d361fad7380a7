package dorada.core.safety;

import java.util.Locale;

/** How each caution is said. */
public final class CautionWords {

    private static final double FOOT_M = 0.3048;

    private CautionWords() {}

    public static String of(Caution c) {
        return switch (c.id()) {
            case DO_NOT_TRANSMIT ->
                "Do not transmit" + (name(c).isEmpty() ? "" : " with " + name(c)) + ": it would send into an SWR of "
                        + swr(number(c, "swr")) + ".";
            case CHANNELS_UNREAD ->
                "Do not transmit" + (name(c).isEmpty() ? "" : " with " + name(c)) + " on "
                        + c.params().get("channels") + ": nobody has read it yet.";
            case REDUCED_POWER ->
                name(c).isEmpty()
                        ? "Above the radio's ceiling of " + swr(number(c, "ceilingSwr")) + ": at most "
                                + watts(number(c, "powerW")) + " until it is tuned."
                        : name(c) + ": at most " + watts(number(c, "powerW")) + ".";
            case CUTTING -> "Cutting steel: eye protection and gloves, mind hot chips, deburr, cap the tip.";
            case DRILLING ->
                "Before drilling: curtain airbags, roof wiring, fuel lines, high-voltage cables. Fuse both supply leads at"
                        + " the battery. Mind the overall height with the whip.";
            case AIRWORTHINESS ->
                "On an aircraft: structural, electrical and return-to-service work only by appropriately licensed staff with"
                        + " approved data.";
            case POWER_LINES -> "Overhead power lines: keep " + away(number(c, "distanceM"));
            case LIGHTNING ->
                "Lightning and mains bonding of a mast: by the local electrical code, by a qualified person.";
            case RF_BURNS ->
                "RF burns at the whip's tip: nobody touches the antenna while it transmits, and somebody watches it.";
            case HELD_AT_THE_BODY ->
                "Held or worn at the body the reading moves, and no exposure distance can be computed: follow the set's"
                        + " papers.";
            case INTO_AN_ANALYSER ->
                "Never transmit into an analyser: radio off the line first. Listen before you transmit.";
            case WHILE_READING_A_METER ->
                "Low power, carrier mode, needle set before each channel. Listen first, identify, keep it short.";
            case LOCAL_CODES -> "Local codes and licences prevail over everything here.";
        };
    }

    private static String away(double metres) {
        String look = "look up before raising anything.";
        return metres > 0
                ? String.format(
                        Locale.ROOT,
                        "at least %.1f m (%.0f ft) away, one and a half times the height; %s",
                        metres,
                        Math.ceil(metres / FOOT_M),
                        look)
                : "one and a half times the total height away; " + look;
    }

    private static String name(Caution c) {
        return (String) c.params().getOrDefault("radio", "");
    }

    private static double number(Caution c, String name) {
        return (Double) c.params().get(name);
    }

    private static String swr(double swr) {
        return Double.isFinite(swr) && swr < 100
                ? String.format(Locale.ROOT, swr < 10 ? "%.2f" : "%.1f", swr)
                : "above 100";
    }

    private static String watts(double w) {
        return String.format(Locale.ROOT, w < 10 ? "%.1f W" : "%.0f W", w);
    }
}
