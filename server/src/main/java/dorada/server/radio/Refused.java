package dorada.server.radio;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What the shop's radios refuse. */
enum Refused implements OutcomeId {
    NAME_TAKEN("typed"),
    ITSELF;

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.radios";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
