package dorada.core.cutsheet;

import dorada.core.cutsheet.Input.Option;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
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
    public static List<Input> inputs(double usual, Outcome words, double frequencyHz) {
        return List.of(
                Input.choice(
                        FROM,
                        Say.SHORTENING_FACTOR.of(),
                        new Option("usual", Say.USUAL.of()),
                        new Option("typed", Say.TYPED.of()),
                        new Option(MEASURED, Say.MEASURED.of())),
                Input.number("factor", Say.FACTOR.of(), Quantity.FACTOR, LEAST, 1.05, usual, Say.NOTHING_IS_SLOWER.of())
                        .onlyWith(FROM, "typed"),
                Input.length(
                                "measuredLengthM",
                                Say.A_LENGTH_OF_IT.of(words),
                                0,
                                MOST_LENGTH_M,
                                NOT_MEASURED,
                                Say.AS_IT_WAS_CUT.of())
                        .onlyWith(FROM, MEASURED),
                Input.number(
                                "measuredAtHz",
                                Say.CAME_OUT_RESONANT_AT.of(),
                                Quantity.FREQUENCY,
                                1e6,
                                3e9,
                                frequencyHz,
                                Say.WHERE_X_WAS_0.of())
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
            throw new InputException("measuredLengthM", Say.TYPE_THE_LENGTH_THAT_WAS_CUT.of());
        }
        double factor = in.get("measuredLengthM") / (waves * Wavelength.ofHz(in.get("measuredAtHz")));
        if (!(factor >= LEAST && factor <= 1.05)) {
            throw new InputException("measuredLengthM", Say.NO_SENSIBLE_FACTOR.of(factor));
        }
        return factor;
    }

    /** Where the factor comes from, for the sheet. */
    public static Outcome source(Inputs in, Outcome usual) {
        return switch (in.choice(FROM)) {
            case "typed" -> Say.FACTOR_TYPED.of();
            case MEASURED -> Say.FACTOR_MEASURED.of();
            default -> usual;
        };
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        A_LENGTH_OF_IT("part"),
        NO_SENSIBLE_FACTOR("givenFactor"),
        SHORTENING_FACTOR,
        USUAL,
        TYPED,
        MEASURED,
        FACTOR,
        NOTHING_IS_SLOWER,
        AS_IT_WAS_CUT,
        CAME_OUT_RESONANT_AT,
        WHERE_X_WAS_0,
        TYPE_THE_LENGTH_THAT_WAS_CUT,
        FACTOR_TYPED,
        FACTOR_MEASURED;

        private final List<String> takes;

        Say(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "cut.shortening";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
