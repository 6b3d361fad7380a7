package dorada.server.onair;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What is refused here. */
enum Refused implements OutcomeId {
    STATION_NAME_TAKEN("typed"),
    ITSELF,
    NOT_A_CLIP;

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.air";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
