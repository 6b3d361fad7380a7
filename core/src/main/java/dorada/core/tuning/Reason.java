package dorada.core.tuning;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What an advice rests on. */
public enum Reason implements OutcomeId {
    // Where the dip is, and how far it is believed to move.
    DIP_AT("dipHz", "targetHz"),
    DIP_ABOUT("dipHz", "dipDoubtHz", "targetHz"),
    MOVEMENT_LEARNT,
    MOVEMENT_OF_ITS_KIND("antennaCount"),
    MOVEMENT_BY_ITS_LENGTH,
    NO_PHASE,
    PLACE_MOVED_THE_DIP("dipShiftHz"),
    PROVISIONAL("circumstance", "remedy"),
    GOOD_ENOUGH_TO_BEGIN("circumstance", "remedy"),
    MEASURED_WHILE("circumstance", "remedy"),
    FAR_OFF_ANYWAY("circumstances"),
    /** Several {@link #ONE_OF_SEVERAL}. */
    MAY_BE("hypotheses"),
    ONE_OF_SEVERAL("hypothesis", "chance"),

    // The rule is met, or as good as met.
    BEST_THAT_IS_LEFT("bestSwr"),
    AT_ITS_LIMIT,
    CUT_HAS_ROOM("amountM", "afterChance", "nowChance", "tooMuchFineChance"),
    SHORTER_HAS_ROOM("amountM", "afterChance", "nowChance"),
    LONGER_HAS_ROOM("amountM", "afterChance", "nowChance"),
    MET_THOUGH_IT_DID_NOT_FOLLOW,
    LESS_THAN_AN_ANALYSER_RESOLVES,
    LESS_THAN_AN_ANALYSER_RESOLVES_OF("bestSwr"),
    LESS_THAN_A_METER_RESOLVES,
    ONLY_TOO_NARROW("bestSwr"),

    // Length will not do it.
    NO_LENGTH_MEETS_THE_RULE("bestSwr"),
    CENTRED_BUT_FOR_LITTLE("gainSwr"),
    CENTRED_AND_MISMATCHED,
    MISMATCHED,
    NOTHING_LEFT_TO_SHORTEN,
    EVERY_CHANGE_MAKES_IT_WORSE,

    // Too short.
    A_CUT_ONLY_SHORTENS,
    AS_LONG_AS_ITS_RANGE,
    NOTHING_CUT_YET,
    CUT_BUT_NOT_TOO_MUCH,

    // How much, and how sure that is.
    MEASURE_TWICE_FOR_MORE("amountM"),
    MEASURE_TWICE_NO_MARGIN,
    MEASURE_TWICE_MARGIN("marginShare"),
    HALF_OF_IT_BACK,
    ONLY_WHAT_IS_SURE("tooMuchFineChance", "metChance"),
    ONCE_MORE_GOES_CLOSER,
    RANGE_LEAVES_LESS("leftM", "neededM"),
    FIRST_A_PART("needM", "doubtM", "because"),
    KIND_IN_DOUBT,
    FAR_OFF,
    FEW_READINGS,
    ALL_PIECES_ALIKE,
    THIS_PIECE_ALONE,

    // What must hold before anything is changed.
    CHANGED_SINCE_IT_WAS_READ,
    /** Several {@link #BAND} and {@link #FREQUENCY}. */
    OTHER_BAND_UNREAD("bands"),
    CHANNELS_UNREAD("bands"),
    BAND("lowHz", "highHz"),
    FREQUENCY("hz"),
    MET_BEFORE_AND_UNTOUCHED("evidence"),
    MOVED_A_MOMENT_AGO("movedShiftShare"),
    NEEDLE_AT_ITS_END,
    LAST_CHANGE_WENT_WRONG_WAY,
    LAST_CHANGE_MOVED_NOTHING,
    DID_NOT_FOLLOW,
    LENGTH_OF_ANOTHER_KIND("lengthM", "usualM", "middleRoughHz"),
    NOT_SEEN_TO_FOLLOW_HOLD_A_HAND,
    NOT_SEEN_TO_FOLLOW_READ_AGAIN,
    NOT_SEEN_TO_FOLLOW_SWEEP_AGAIN,
    CANNOT_TELL_THE_SIDE_OF_A_CUT("channelCount"),
    CANNOT_TELL_THE_SIDE_OF_A_MOVE("channelCount"),
    LESS_THAN_THIS_METER_SHOWS,
    NO_EXPLANATION,
    TOO_GOOD_TO_BE_TRUE,
    NEARLY_ALL_COMES_BACK,
    ALIKE_ON_EVERY_CHANNEL,
    CAUSE("cause", "evidence", "check"),

    // The dip lies beyond the sweep.
    FALLING_AT_THE_LOW_END,
    FALLING_AT_THE_HIGH_END,
    NO_DIP_IN_A_NARROW_SWEEP,
    NO_DIP_FAR_AND_WIDE("lowRoughHz", "highRoughHz"),
    SIDE_NOT_CERTAIN,
    SWEEP_WIDER,
    CANNOT_SWEEP_WIDER_NOTHING_LEFT,
    CANNOT_SWEEP_WIDER,
    DIP_NEAR_THE_END,

    // A match, a second band, a ring.
    NO_LENGTH_THAT_IS_LEFT("dipHz", "bottomSwr"),
    WAY_NOT_KNOWN_YET,
    BOTTOM_AFTER_THE_MOVE("bottomSwr", "dipHz"),
    MATCH_FIRST,
    BAND_UNREAD("roughHz"),
    UPPER_BAND_FIRST("piece"),
    STUB_FIRST,
    LOWER_BAND_NOW("piece"),
    RING_REACHES,
    RING_FALLS_SHORT("inwardM", "outwardM");

    private final List<String> takes;

    Reason(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "reason";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
