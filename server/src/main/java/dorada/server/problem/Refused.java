package dorada.server.problem;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** Why what was sent was not kept, whatever it was. */
enum Refused implements OutcomeId {
    OTHER_CONTENT,
    STALE,
    NOT_THERE("what"),
    SAVED_AT_ONCE,
    RECORDED_AT_ONCE,
    UNKEPT_LETTER,
    OUR_SIDE,
    DISK_FULL,
    DATABASE_OPENS;

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.shop";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
