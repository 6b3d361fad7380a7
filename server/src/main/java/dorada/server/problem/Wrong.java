package dorada.server.problem;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/**
 * What may be wrong with a value of a request: a constraint's message is <code>{wrong.NAME}</code> of one of these. Each takes the bounds
 * that the value has, {@code low…} and {@code high…} with their unit, from the constraints that stand beside it: no number is written
 * twice.
 */
public enum Wrong implements OutcomeId {
    LETTERS("highCount"),
    MANY("highCount"),
    HOW_MANY("lowCount", "highCount"),
    NAME,
    SHOP_NAME,
    FREQUENCY("lowTidyHz", "highTidyHz"),
    POWER("lowFineW", "highFineW"),
    CEILING("lowSwr", "highSwr"),
    LIMIT("lowSwr", "highSwr"),
    LIMIT_ABOVE_1,
    CHANGE("highLongM"),
    WEIGHT,
    NOT_NEGATIVE,
    TOO_FAR,
    DISTANCE("lowMetresM"),
    FEEDLINE("lowSizeM", "highSizeM"),
    GAIN("lowDbi", "highDbi"),
    MOST_M("highMetresM"),
    LENGTH("highLongM"),
    LEAST_W("lowFineW"),
    MOST_DB("highDb"),
    LOGIN,
    PASSWORD,
    ROWS("lowCount", "highCount"),
    POINTS("lowCount", "highCount"),
    POINTS_AT_ONCE("highCount"),
    DAYS("lowCount", "highCount"),
    RUN_WEIGHT("lowKg", "highKg"),
    SWR,
    MOST_SWR("highSwr"),
    ELEMENT("lowSizeM", "highSizeM"),
    SHORTEST("lowSizeM", "highSizeM"),
    LONGEST("lowSizeM", "highSizeM"),
    STEP("lowFineM", "highFineM"),
    ROUNDS("lowCount", "highCount"),
    WEEKS("lowCount", "highCount"),
    DUTY,
    FROM_PAGE_0,
    SEARCH_FOR_LESS,
    SHEET_TOO_LONG,
    LIST_TOO_LONG,
    NO_SUCH_DRIVER,
    REQUEST_KEY,
    COMMAND_TEXTS,
    READING_OF_LOAD,
    READING_OF_OPEN,
    READING_OF_SHORT,
    CHANNEL,
    CHOOSE_PASSWORD,
    RULE,
    KIND,
    CARRIER,
    ROLE,
    PRACTICE,
    ONE_NAME,
    REPORT,
    LESSON,
    READ_WITH,
    SORT,
    TOKEN,
    CHANGED,
    DEED,
    MEASURED_AT,
    WHICH_STAYS,
    CALLED,
    TYPE_LOGIN,
    PERSON,
    YOUR_LOGIN,
    PASSWORD_NOW,
    YOUR_PASSWORD,
    PURPOSE,
    INSTRUMENT,
    NEEDED,
    FILL_IN,
    ONE,
    SIZE,
    AT_LEAST("lowCount"),
    AT_MOST("highCount"),
    DOES_NOT_FIT,
    VALUE_DOES_NOT_FIT("typed", "field"),
    FORM("field"),
    MISSING("field"),
    UNREADABLE,
    NOT_AS_SENT,
    NAME_NOT_ALLOWED,
    WILDCARD_TYPE,
    TOO_LONG,
    UPLOAD,
    FILE_TOO_LARGE,
    CHOOSE_FILE;

    private final List<String> takes;

    Wrong(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "wrong";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
