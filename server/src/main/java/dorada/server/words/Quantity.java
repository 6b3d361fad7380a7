package dorada.server.words;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Locale;
import java.util.Map;

/**
 * A number with its unit, by the end of its name as {@link dorada.core.outcome.OutcomeId} has it. The same as the pages write, in
 * millimetres and with a decimal point in every language, as on meters and in tables; {@code words/examples.json} tries both.
 */
final class Quantity {

    private static final double FOOT_M = 0.3048;
    private static final double INCH_M = 0.0254;
    private static final double MILE_M = 1609.344;

    /** A reflection that is all but full: what is above is no number that anybody reads. */
    private static final double HIGHEST_SWR = 100;

    private static final int MHZ_DIGITS = 3;

    /** Below this a mass is told in grams. */
    private static final double HEAVY_KG = 0.9995;

    private Quantity() {}

    /** @param beside the parameters that stand with it: a frequency has no more digits than a doubt beside it leaves */
    static String of(String name, double value, Map<String, Object> beside, Words words) {
        if (name.endsWith("FineChance")) {
            return value < 0.001
                    ? bounded("LESS_THAN", "0.1 %", words)
                    : bounded("ABOUT", String.format(Locale.ROOT, "%.1f %%", 100 * value), words);
        }
        if (ends(name, "chance")) {
            return value < 0.01
                    ? bounded("LESS_THAN", "1 %", words)
                    : value > 0.99
                            ? bounded("MORE_THAN", "99 %", words)
                            : String.format(Locale.ROOT, "%.0f %%", 100 * value);
        }
        if (name.endsWith("ShiftShare")) {
            return signed(100 * value, 1) + " %";
        }
        if (name.endsWith("Share")) {
            return String.format(Locale.ROOT, "%.1f %%", 100 * value);
        }
        if (name.endsWith("ShiftHz")) {
            return signed(value / 1e6, MHZ_DIGITS) + " MHz";
        }
        if (ends(name, "roughHz")) {
            return String.format(Locale.ROOT, "%.1f MHz", value / 1e6);
        }
        if (name.endsWith("SmallHz")) {
            return String.format(Locale.ROOT, "%.0f kHz", value / 1e3);
        }
        if (name.endsWith("ShiftTinyHz")) {
            return signed(value, 0) + " Hz";
        }
        if (name.endsWith("TinyHz")) {
            return String.format(Locale.ROOT, "%.0f Hz", value);
        }
        if (name.endsWith("ShiftPpm")) {
            return signed(value, 2) + " ppm";
        }
        if (ends(name, "ppm")) {
            return trimmed(value, 2) + " ppm";
        }
        if (ends(name, "dbc")) {
            return String.format(Locale.ROOT, "%.0f dBc", value).replace('-', '−');
        }
        if (name.endsWith("SharpHz")) {
            return String.format(Locale.ROOT, "%.6f MHz", value / 1e6);
        }
        if (name.endsWith("TidyHz")) {
            return trimmed(value / 1e6, MHZ_DIGITS) + " MHz";
        }
        if (name.endsWith("Giga")) {
            return String.format(Locale.ROOT, "%.1f", value / 1e9);
        }
        if (name.endsWith("WholeHz")) {
            return String.format(Locale.ROOT, "%.0f MHz", value / 1e6);
        }
        if (ends(name, "hz")) {
            return String.format(Locale.ROOT, "%." + digits(beside) + "f MHz", value / 1e6);
        }
        if (name.endsWith("AwayM")) {
            return String.format(Locale.ROOT, "%.1f km (%.1f mi)", value / 1000, value / MILE_M);
        }
        if (name.endsWith("FarM")) {
            return String.format(Locale.ROOT, "%.1f m (%.0f ft)", value, Math.ceil(value / FOOT_M));
        }
        if (name.endsWith("LongM")) {
            return String.format(Locale.ROOT, "%.1f m (%.1f ft)", value, value / FOOT_M);
        }
        if (name.endsWith("MetresM")) {
            return String.format(Locale.ROOT, "%.1f m", value);
        }
        if (name.endsWith("SizeM")) {
            return value < 1
                    ? String.format(Locale.ROOT, "%s mm (%.2f in)", trimmed(value * 1000, 2), value / INCH_M)
                    : String.format(Locale.ROOT, "%.2f m (%.1f ft)", value, value / FOOT_M);
        }
        if (name.endsWith("FineM")) {
            return trimmed(value * 1000, 1) + " mm";
        }
        if (name.endsWith("M")) {
            return millimetres(value * 1000);
        }
        if (name.endsWith("FineW")) {
            return watts(value);
        }
        if (name.endsWith("W")) {
            return String.format(Locale.ROOT, value < 10 ? "%.1f W" : "%.0f W", value);
        }
        if (ends(name, "swr")) {
            return value < HIGHEST_SWR
                    ? String.format(Locale.ROOT, value < 10 ? "%.2f" : "%.1f", Math.max(0, value))
                    : bounded("ABOVE", "100", words);
        }
        if (name.endsWith("ShiftOhm")) {
            return signed(value, 0) + " Ω";
        }
        if (name.endsWith("FineOhm")) {
            return String.format(Locale.ROOT, "%.2f Ω", value);
        }
        if (name.endsWith("Ohm")) {
            return String.format(Locale.ROOT, "%.0f Ω", value);
        }
        if (name.endsWith("Dbi")) {
            return String.format(Locale.ROOT, "%.1f dBi", value).replace('-', '−');
        }
        if (name.endsWith("FineDb")) {
            return String.format(Locale.ROOT, "%.1f dB", value).replace('-', '−');
        }
        if (name.endsWith("Db")) {
            return String.format(Locale.ROOT, "%.0f dB", value);
        }
        if (name.endsWith("Kg")) {
            return value < HEAVY_KG
                    ? String.format(Locale.ROOT, "%.0f g", 1000 * value)
                    : String.format(Locale.ROOT, "%.1f kg", value);
        }
        if (name.endsWith("Gamma") || name.endsWith("Factor")) {
            return String.format(Locale.ROOT, "%.3f", value);
        }
        if (name.endsWith("Times")) {
            return String.format(Locale.ROOT, "%.1f", value);
        }
        if (name.endsWith("Deg")) {
            return trimmed(value, 2) + "°";
        }
        if (name.endsWith("Henry")) {
            return String.format(Locale.ROOT, "%.3f µH", value * 1e6);
        }
        if (name.endsWith("Farad")) {
            return String.format(Locale.ROOT, "%.1f pF", value * 1e12);
        }
        throw new IllegalArgumentException("The name of " + name + " says no unit.");
    }

    /** {@code unit} at the end, or all of the name. */
    private static boolean ends(String name, String unit) {
        return name.toLowerCase(Locale.ROOT).endsWith(unit.toLowerCase(Locale.ROOT));
    }

    private static int digits(Map<String, Object> beside) {
        return beside.entrySet().stream()
                .filter(e -> e.getKey().endsWith("DoubtHz"))
                .mapToInt(e -> (int) Math.max(0, Math.ceil(-Math.log10((Double) e.getValue() / 1e6))))
                .findFirst()
                .orElse(MHZ_DIGITS);
    }

    /** With no more digits than it takes. */
    private static String trimmed(double value, int most) {
        return String.format(Locale.ROOT, "%." + most + "f", value).replaceAll("\\.?0+$", "");
    }

    private static String millimetres(double mm) {
        return Math.abs(mm) < 1
                ? String.format(Locale.ROOT, "%.1f mm", mm).replace(".0 ", " ")
                : String.format(Locale.ROOT, "%.0f mm", mm);
    }

    /** {@code 120 W}, {@code 39.0 W}, {@code 4.25 W}, {@code 850 mW}. */
    private static String watts(double value) {
        if (value < 0.9995) {
            return BigDecimal.valueOf(value * 1000)
                            .round(new MathContext(3))
                            .stripTrailingZeros()
                            .toPlainString()
                    + " mW";
        }
        return String.format(Locale.ROOT, "%." + (value < 10 ? 2 : value < 100 ? 1 : 0) + "f W", value);
    }

    private static String signed(double value, int digits) {
        String number = String.format(Locale.ROOT, "%." + digits + "f", Math.abs(value));
        return (value < 0 ? "−" : "+") + number;
    }

    private static String bounded(String how, String value, Words words) {
        return words.pattern("quantity." + how).replace("{value}", value);
    }
}
