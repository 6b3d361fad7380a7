package dorada.server.archive;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** Why an archive is not read. */
enum Refused implements OutcomeId {
    OTHER_VERSION("archiveCount", "ownCount"),
    WHO_IS("typed"),
    PART_MISSING("part"),
    PART_TOO_LARGE("part");

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.archive";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
