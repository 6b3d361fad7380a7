package dorada.server.catalogue;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** Why a name of the catalogue is not taken. */
enum Refused implements OutcomeId {
    NAME_TAKEN("typed"),
    ITSELF,
    ANOTHER_SORT;

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.names";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
