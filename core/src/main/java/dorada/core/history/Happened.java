package dorada.core.history;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** One thing that happened to an installation. */
public enum Happened implements OutcomeId {
    PLANNED,
    /** In the words of another Dorada, which this one does not know. */
    TOLD("text"),
    CHANGED("field", "before", "after"),
    FILLED_IN("field", "after"),
    EMPTIED("field", "before"),
    ADDED("field", "after"),
    TAKEN_OUT("field", "before"),
    /** What it is, it stays; what is said of it is another. */
    SAID_OTHERWISE("field", "before", "after"),
    /** The same in another order. */
    REORDERED("field"),
    VISIT_OPENED("visit", "purpose"),
    VISIT_CANCELLED("visit", "purpose"),
    WHY("text"),
    GOT_READY("method", "yesCount", "noCount"),
    READ("pass"),
    READ_ANY,
    /** With what was changed before it told beside. */
    READ_AFTER_A_CHANGE("pass"),
    READ_OLD("pass"),
    READ_BUILD("pass", "text"),
    SHORTENED("lengthFineM"),
    LENGTHENED("lengthFineM"),
    /** The second piece: lengthened, or moved outward. */
    SECOND_OUT("lengthFineM"),
    SECOND_IN("lengthFineM"),
    READ_FINAL("pass"),
    NOTED("text"),
    PASS_TAKEN_BACK("pass"),
    PASS_PUT_BACK("pass"),
    SIGNED_OFF("pass"),
    SIGNED_OFF_BY_JUDGEMENT("pass", "text"),
    CALLED("text", "report"),
    CALL_TAKEN_BACK("text"),
    COMPARED("channelHz"),
    PHOTO_KEPT("pass"),
    /** Of a pass that was taken back since. */
    PHOTO_KEPT_OF_ANY,
    /** Told once, when it was saved last. */
    SHEET_SAVED("text"),
    SHEET_REMOVED("text"),
    PLAN_SAVED("text"),
    PLAN_REMOVED("text"),
    LESSON_LEARNT("text"),
    LESSON_REMOVED("text");

    private final List<String> takes;

    Happened(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "happened";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
