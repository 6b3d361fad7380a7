package dorada.server.removed;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** Why something is not put back. */
enum Refused implements OutcomeId {
    THE_LEAD_DOES("what"),
    NAME_TAKEN_SINCE("what", "typed");

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.removed";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
