package dorada.server.problem;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** Why what is there was not overwritten. */
enum Refused implements OutcomeId {
    OTHER_CONTENT,
    STALE;

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.shop";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
