package dorada.core.spectrum;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What is refused here. */
enum Refused implements OutcomeId {
    NO_AIRBAND_CHANNEL("typed"),
    BEYOND_THE_AIRBAND("typed"),
    NO_SUCH_ENDING("typed"),
    LINE("row", "why"),
    TOO_MANY("mostCount"),
    NO_CHANNEL,
    NO_NAME_OR_FREQUENCY("typed"),
    OUTSIDE_1_TO_1000("typed");

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.spectrum";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
