package dorada.core.acceptance;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What a {@link Verdict} says. */
enum Judged implements OutcomeId {
    NOT_JUDGED("channels", "rule", "plane"),
    MET("rule", "plane", "marginSwr", "channel"),
    NOT_MET("rule", "plane"),
    /** Several {@link #CHANNEL}, the worst first. */
    MISSED("channels"),
    MISSED_AND_MORE("channels", "moreCount"),
    CHANNEL("channel", "swr"),
    WITHIN_DOUBT("channels");

    private final List<String> takes;

    Judged(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "verdict";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
