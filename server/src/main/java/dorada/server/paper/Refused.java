package dorada.server.paper;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What papers refuse. */
enum Refused implements OutcomeId {
    NOTHING_SIGNED_OFF("customer"),
    TOO_MANY_SHEETS("sheetsCount", "mostCount");

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.papers";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
