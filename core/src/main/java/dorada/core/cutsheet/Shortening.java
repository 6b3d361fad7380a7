package dorada.core.cutsheet;

import dorada.core.rf.Wavelength;
import java.util.List;

/**
 * By how much an element is shorter than in free space: as the trade says, typed from a catalogue, or measured on a piece
 * of the same wire that came out resonant somewhere.
 */
public final class Shortening {

    public static final String FROM = "factorFrom";
    static final String MEASURED = "measured";

    /** 234/f in feet against a quarter of 300/f in metres; common practice, no source. */
    public static final double BARE = 234 * 0.3048 / (299.792458 / 4);

    /** Insulated wire, of a free-space quarter-wave; common practice, no source. */
    public static final double INSULATED = 0.93;

    private static final double LEAST = 0.4;
    private static final double MOST_LENGTH_M = 50;

    /** The rule's own number would look like a measurement. */
    private static final double NOT_MEASURED = 0;

    private Shortening() {}

    /** What to ask for; {@code words} say which part of a wavelength was cut and measured. */
    public static List<Input> inputs(double usual, String words, double frequencyHz) {
        return List.of(
                Input.choice(FROM, "Shortening factor", "usual", "usual", "typed", "typed", MEASURED, "measured"),
                Input.number(
                                "factor",
                                "Factor",
                                Quantity.FACTOR,
                                LEAST,
                                1.05,
                                usual,
                                "nothing is slower, and only a boom makes longer")
                        .onlyWith(FROM, "typed"),
                Input.length(
                                "measuredLengthM",
                                "A length of it, " + words,
                                0,
                                MOST_LENGTH_M,
                                NOT_MEASURED,
                                "as it was cut")
                        .onlyWith(FROM, MEASURED),
                Input.number(
                                "measuredAtHz",
                                "came out resonant at",
                                Quantity.FREQUENCY,
                                1e6,
                                3e9,
                                frequencyHz,
                                "where X was 0")
                        .onlyWith(FROM, MEASURED));
    }

    /**
     * The factor, {@code usual} unless something else is known.
     *
     * @param waves electrical length of what was measured, in wavelengths
     * @throws InputException where what was measured gives no sensible factor
     */
    public static double factor(Inputs in, double usual, double waves) {
        return switch (in.choice(FROM)) {
            case "typed" -> in.get("factor");
            case MEASURED -> measured(in, waves);
            default -> usual;
        };
    }

    private static double measured(Inputs in, double waves) {
        if (!(in.get("measuredLengthM") > NOT_MEASURED)) {
            throw new InputException(
                    "measuredLengthM",
                    "Type the length that was cut, and the frequency at which it came out resonant.");
        }
        double factor = in.get("measuredLengthM") / (waves * Wavelength.ofHz(in.get("measuredAtHz")));
        if (!(factor >= LEAST && factor <= 1.05)) {
            throw new InputException(
                    "measuredLengthM",
                    String.format(
                            java.util.Locale.ROOT,
                            "That length at that frequency gives a factor of %.2f; between 0.4 and 1.05 is possible. Was"
                                    + " it another part of a wavelength?",
                            factor));
        }
        return factor;
    }

    /** Where the factor comes from, for the sheet. */
    public static String source(Inputs in, String usual) {
        return switch (in.choice(FROM)) {
            case "typed" -> "300/f with the factor typed";
            case MEASURED -> "300/f with the factor measured";
            default -> usual;
        };
    }
}
