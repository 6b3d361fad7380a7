package dorada.core.onair;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What two antennas come to, heard one after the other. */
public enum ComparisonSays implements OutcomeId {
    BETTER_SURELY("best", "other", "winsCount", "roundsCount", "luckChance"),
    BETTER_LIKELY("best", "other", "winsCount", "roundsCount", "luckChance", "moreCount"),
    NOT_TOLD_YET("best", "other", "winsCount", "roundsCount", "luckChance", "moreCount"),
    NO_DIFFERENCE("best", "other", "winsCount", "roundsCount"),
    NO_ROUND("best", "other");

    private final List<String> takes;

    ComparisonSays(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "comparison";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
