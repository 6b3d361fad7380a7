package dorada.core.cutsheet;

import dorada.core.outcome.OutcomeId;
import dorada.core.rf.Wavelength;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What was asked of a sheet, complete: what was not given is as usual.
 *
 * @param frequencyHz what it is cut for
 * @param numbers by the input's id, SI units
 * @param choices by the input's id
 */
public record Inputs(double frequencyHz, Map<String, Double> numbers, Map<String, String> choices) {

    public static final String FREQUENCY = "frequencyHz";

    public Inputs {
        numbers = Map.copyOf(numbers);
        choices = Map.copyOf(choices);
    }

    /**
     * Fills up what is missing and holds everything against its range.
     *
     * @throws InputException where something is outside, with the range and the reason
     */
    public static Inputs of(
            CutKind kind, double frequencyHz, Map<String, Double> numbers, Map<String, String> choices) {
        if (!(frequencyHz >= kind.lowestHz() && frequencyHz <= kind.highestHz())) {
            throw new InputException(FREQUENCY, Say.OUT_OF_REACH.of(kind.title(), kind.lowestHz(), kind.highestHz()));
        }
        Map<String, Double> allNumbers = new HashMap<>();
        Map<String, String> allChoices = new HashMap<>();
        List<Input> asked = kind.inputs(frequencyHz);
        for (Input i : asked) {
            if (i.isChoice()) {
                allChoices.put(i.id(), chosen(i, choices));
            }
        }
        for (Input i : asked) {
            if (!i.isChoice()) {
                allNumbers.put(i.id(), isAsked(i, allChoices) ? given(i, numbers) : i.usual());
            }
        }
        Inputs inputs = new Inputs(frequencyHz, allNumbers, allChoices);
        kind.check(inputs);
        return inputs;
    }

    /** Everything as usual. */
    public static Inputs usual(CutKind kind, double frequencyHz) {
        return of(kind, frequencyHz, Map.of(), Map.of());
    }

    private static String chosen(Input i, Map<String, String> choices) {
        String wanted = choices.getOrDefault(i.id(), i.options().get(0).id());
        if (i.options().stream().noneMatch(o -> o.id().equals(wanted))) {
            throw new InputException(i.id(), Say.NO_SUCH_OPTION.of(wanted, i.title()));
        }
        return wanted;
    }

    private static double given(Input i, Map<String, Double> numbers) {
        double value = numbers.getOrDefault(i.id(), i.usual());
        if (!(value >= i.lowest() * (1 - 1e-9) && value <= i.highest() * (1 + 1e-9))) {
            throw new InputException(
                    i.id(),
                    i.why().isEmpty()
                            ? Say.OUT_OF_RANGE.of(
                                    i.title(),
                                    i.quantity().of(i.lowest()),
                                    i.quantity().of(i.highest()))
                            : Say.OUT_OF_RANGE_BECAUSE.of(
                                    i.title(),
                                    i.quantity().of(i.lowest()),
                                    i.quantity().of(i.highest()),
                                    i.why().get()));
        }
        if (i.quantity() == Quantity.COUNT && value != Math.rint(value)) {
            throw new InputException(i.id(), Say.NOT_WHOLE.of(i.title()));
        }
        return value;
    }

    private static boolean isAsked(Input i, Map<String, String> choices) {
        return i.only().map(c -> c.options().contains(choices.get(c.input()))).orElse(true);
    }

    public double get(String id) {
        return numbers.get(id);
    }

    public String choice(String id) {
        return choices.get(id);
    }

    public boolean has(String id, String option) {
        return option.equals(choices.get(id));
    }

    public double waveM() {
        return Wavelength.ofHz(frequencyHz);
    }

    /** The same with another option, unchecked. */
    public Inputs choosing(String id, String option) {
        Map<String, String> more = new HashMap<>(choices);
        more.put(id, option);
        return new Inputs(frequencyHz, numbers, more);
    }

    /** The same at another frequency or with another number, unchecked. */
    public Inputs with(String id, double value) {
        if (id.equals(FREQUENCY)) {
            return new Inputs(value, numbers, choices);
        }
        Map<String, Double> more = new HashMap<>(numbers);
        more.put(id, value);
        return new Inputs(frequencyHz, more, choices);
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        OUT_OF_REACH("antenna", "lowestWholeHz", "highestWholeHz"),
        NO_SUCH_OPTION("option", "input"),
        OUT_OF_RANGE("input", "lowest", "highest"),
        OUT_OF_RANGE_BECAUSE("input", "lowest", "highest", "why"),
        NOT_WHOLE("input");

        private final List<String> takes;

        Say(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "cut.inputs";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
