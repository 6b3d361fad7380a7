package dorada.server.cutting;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** Why a sheet can not be made so. */
enum Refused implements OutcomeId {
    FREQUENCY,
    STOCK,
    DIMENSION,
    STEPS,
    NO_SUCH_INPUT("typed"),
    OUTSIDE("input");

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.cutting";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
