package dorada.core.cutsheet;

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
 * @param why the reason for the range, as the end of a sentence
 * @param options what there is to choose from, the usual one first; empty for a number
 * @param only asked for only where another input has one of these options; empty for always
 */
public record Input(
        String id,
        String title,
        Quantity quantity,
        double lowest,
        double highest,
        double usual,
        String why,
        List<Option> options,
        Optional<Condition> only) {

    public Input {
        options = List.copyOf(options);
    }

    /** One of several ways. */
    public record Option(String id, String title) {}

    /** Another input and those of its options with which this one is asked for. */
    public record Condition(String input, List<String> options) {
        public Condition {
            options = List.copyOf(options);
        }
    }

    public static Input number(
            String id, String title, Quantity quantity, double lowest, double highest, double usual, String why) {
        return new Input(id, title, quantity, lowest, highest, usual, why, List.of(), Optional.empty());
    }

    public static Input length(String id, String title, double lowestM, double highestM, double usualM, String why) {
        return number(id, title, Quantity.LENGTH, lowestM, highestM, usualM, why);
    }

    /** @param options id and title in turn */
    public static Input choice(String id, String title, String... options) {
        List<Option> all = java.util.stream.IntStream.range(0, options.length / 2)
                .mapToObj(i -> new Option(options[2 * i], options[2 * i + 1]))
                .toList();
        return new Input(id, title, Quantity.COUNT, 0, 0, 0, "", all, Optional.empty());
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
