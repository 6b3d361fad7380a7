package dorada.core.exercise;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What can't be done in an exercise. */
enum Refused implements OutcomeId {
    IT_IS_OVER,
    NOTHING_READ,
    NOTHING_TO_CHANGE,
    NO_SUCH_PIECE,
    ONLY_SHORTER,
    NO_SUCH_SUSPECT,
    BEYOND_ITS_RANGE("lowM", "highM"),
    TOO_MANY_DEEDS("deedsCount");

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.exercise";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
