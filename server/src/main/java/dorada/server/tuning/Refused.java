package dorada.server.tuning;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** Why something can't be recorded, taken back or signed off. */
enum Refused implements OutcomeId {
    A_SWEEP_IS_OF_AN_ANALYSER,
    READ_TWICE,
    RECORDED_ELSEWHERE,
    RECORDED_AND_TAKEN_BACK,
    ONLY_THE_NEWEST,
    COUNTS_ALREADY,
    RECORDED_MEANWHILE,
    OF_AN_EARLIER_VISIT,
    NO_PHASE_FOR_A_FILE,
    NOTHING_TO_SIGN_OFF,
    NOT_SIGNED_OFF_YET,
    RULE_CHANGED_SINCE,
    SOMEBODY_RECORDED("pass"),
    NOTHING_READ_ON_THIS_VISIT,
    ONLY_THE_OLD_ANTENNA,
    OLD_IS_NOT_CHANGED,
    WHY_NOT_MET,
    WHY_NO_FINAL_SWEEP,
    TOO_MUCH_POWER("powerW"),
    NO_POWER,
    DATE_HAS_PASSED,
    RECORDED_ON_THIS_VISIT,
    MANY_ARE_RECORDING,
    SPAN,
    VALUES_OF_A_METER,
    NO_READING,
    NO_PICTURE,
    TOO_MANY_PIXELS,
    PICTURE_BROKEN,
    SWR_MISSING,
    WATTS_MISSING,
    SHARE_OF_FULL_SCALE;

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.record";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
