package dorada.server.installation;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** Why an installation can't be so. */
enum Refused implements OutcomeId {
    VISIT_STILL_OPEN("visit"),
    FIRST_VISIT,
    SIGNED_OFF,
    NO_SUCH_FEEDLINE("typed"),
    FEEDLINE_LENGTH,
    NO_SUCH_RADIO("radio"),
    LONGEST_BELOW_SHORTEST,
    SHORTER_ALREADY,
    LONGER_ALREADY,
    FIT;

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.installation";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
