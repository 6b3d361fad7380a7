package dorada.core.cutsheet;

import dorada.core.outcome.Outcome;
import java.util.List;
import java.util.Optional;

/**
 * Something that a sheet asks for, beside the frequency: a number within a range, or one of several options.
 *
 * @param id short name, as it stands in an address
 * @param title what is asked for
 * @param quantity what it is a number of; without meaning for options
 * @param lowest of what may be given
 * @param highest of what may be given
 * @param usual what is taken where nothing is given
 * @param why the reason for the range; empty for a choice
 * @param options what there is to choose from, the usual one first; empty for a number
 * @param only asked for only where another input has one of these options; empty for always
 */
public record Input(
        String id,
        Outcome title,
        Quantity quantity,
        double lowest,
        double highest,
        double usual,
        Optional<Outcome> why,
        List<Option> options,
        Optional<Condition> only) {

    public Input {
        options = List.copyOf(options);
    }

    /** One of several ways. */
    public record Option(String id, Outcome title) {}

    /** Another input and those of its options with which this one is asked for. */
    public record Condition(String input, List<String> options) {
        public Condition {
            options = List.copyOf(options);
        }
    }

    public static Input number(
            String id, Outcome title, Quantity quantity, double lowest, double highest, double usual, Outcome why) {
        return new Input(id, title, quantity, lowest, highest, usual, Optional.of(why), List.of(), Optional.empty());
    }

    public static Input length(String id, Outcome title, double lowestM, double highestM, double usualM, Outcome why) {
        return number(id, title, Quantity.LENGTH, lowestM, highestM, usualM, why);
    }

    public static Input choice(String id, Outcome title, Option... options) {
        return choice(id, title, List.of(options));
    }

    public static Input choice(String id, Outcome title, List<Option> options) {
        return new Input(id, title, Quantity.COUNT, 0, 0, 0, Optional.empty(), options, Optional.empty());
    }

    public Input onlyWith(String input, String... of) {
        return new Input(
                id,
                title,
                quantity,
                lowest,
                highest,
                usual,
                why,
                options,
                Optional.of(new Condition(input, List.of(of))));
    }

    public boolean isChoice() {
        return !options.isEmpty();
    }
}
