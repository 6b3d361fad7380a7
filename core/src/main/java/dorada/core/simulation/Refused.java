package dorada.core.simulation;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What the practice bench can't do. */
enum Refused implements OutcomeId {
    BEYOND_ITS_RANGE("control", "lowM", "highM"),
    OTHER_SETTINGS("settingsCount"),
    UNKNOWN_CONDITION,
    NO_SUCH_METER;

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.practice";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
