package dorada.server.people;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** Why somebody is not let in, or not made. */
enum Refused implements OutcomeId {
    TOO_MANY_TRIES("secondsCount"),
    PASSWORD_TOO_SHORT("leastCount"),
    PASSWORD_TOO_LONG("mostCount", "bytesCount"),
    PASSWORD_COMMON,
    HAS_LOGINS,
    IS_SET_UP_JUST_NOW,
    LOGIN_TAKEN("typed"),
    ONLY_LEAD,
    NOT_TOGETHER,
    TOKEN_NO_PASSWORD,
    NOT_YOURS,
    TOKEN_NO_TOKENS;

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.people";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
