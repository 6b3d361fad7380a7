package dorada.core.instrument;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What is refused here. */
public enum Refused implements OutcomeId {
    TWO_POINTS,
    NOT_COVERED("lowTidyHz", "highTidyHz", "startTidyHz", "stopTidyHz"),
    TOO_MANY_POINTS("mostCount", "pointsCount"),
    OTHER_PLUG("lowWholeHz", "highWholeHz", "frequencyHz"),
    NEEDLE_PEGS("forwardW", "rangeW"),
    SWR_BELOW_1,
    NO_FORWARD_POWER,
    REFLECTED_ABOVE_FORWARD("forwardW", "reflectedW"),
    NEEDLE_NOT_SET,
    A_SPAN_NEEDS_A_START_ABOVE,
    A_READING_ABOVE_FULL_SCALE,
    A_FREQUENCY_MUST_BE_ABOVE_0;

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.instrument";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
