package dorada.server.planning;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** Why a plan is not kept so. */
enum Refused implements OutcomeId {
    NO_SUCH_GROUND("groundCount"),
    RADIAL_OF_NO_GROUND,
    WHERE_AND_OF_WHAT,
    EMPTY,
    NO_SUCH_LINE("typed");

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.plans";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
