package dorada.server.spectrum;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** Why a list of channels is not kept. */
enum Refused implements OutcomeId {
    NAME_TAKEN("typed");

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.lists";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
