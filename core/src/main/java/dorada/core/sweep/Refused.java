package dorada.core.sweep;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What is refused here. */
enum Refused implements OutcomeId {
    NO_THROUGH("frequencyHz"),
    BEYOND_THE_ADAPTER("knownStartHz", "knownStopHz", "startHz", "stopHz"),
    TOO_MANY_COMPARED("mostCount", "sweepsCount"),
    LIMIT_NOT_ABOVE_1,
    REFERENCE_NOT_ABOVE_0,
    NOT_ASCENDING("point", "frequencySharpHz", "beforeSharpHz"),
    NO_NUMBER("point"),
    BELOW_0("point"),
    THESE_SWEEPS_HAVE_NO_SPAN_IN,
    STEADINESS_TAKES_TWO_SWEEPS_OR_MORE,
    A_SWEEP_IS_NEVER_CONTINUED_BEYOND,
    A_SWEEP_NEEDS_AT_LEAST_ONE,
    A_SWEEP_NEEDS_AS_MANY_REFLECTIONS,
    ALL_OF_AN_ADAPTERS_VALUES_BELONG;

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.sweep";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
