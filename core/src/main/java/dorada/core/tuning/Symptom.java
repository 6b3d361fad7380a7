package dorada.core.tuning;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What speaks for a {@link Cause}. */
public enum Symptom implements OutcomeId {
    FLAT_AND_LOW,
    LOSS_FLATTENS_A_CURVE,
    CURVE_JUMPS("jumpGamma"),
    CHANGES_WHEN_TOUCHED,
    EVEN_RIPPLE("rippleRoughHz", "lineLongM"),
    NO_DIP,
    NOTHING_RESONATES,
    LOW_RESISTANCE_AT_THE_DIP("resistanceOhm"),
    HIGH_RESISTANCE_AT_THE_DIP("resistanceOhm"),
    DIP_STAYS_HIGH,
    LINE_DOES_NOT_MOVE,
    SURROUNDINGS_CHANGE_RESISTANCE,
    DIP_ABOVE("missingM"),
    GAP_RAISES_THE_DIP,
    LINE_MOVES_THE_DIP,
    LAST_CHANGE_WENT_WRONG_WAY,
    LAST_CHANGE_MOVED_NOTHING,
    WRONG_WAY_ON_ANY_CHANNEL,
    NOTHING_ON_ANY_CHANNEL,
    NEEDLE_AT_ITS_END,
    LOW_OVER_THE_WHOLE_SPAN,
    LOSS_LOWERS_ALL_READINGS,
    LOW_AND_ALIKE,
    ALIKE_ON_EVERY_CHANNEL,
    ENDS_OF_THE_BAND_TOO_HIGH("bottomSwr"),
    LENGTH_OF_ANOTHER_KIND("lengthM", "usualM", "middleRoughHz"),
    DID_NOT_FOLLOW,
    TOO_MUCH_THERE_AND_BACK,
    TOO_MUCH_AND_THE_LINE_STAYS,
    STILL_TOO_LONG("tooLongM"),
    DIP_BELOW_THE_SWEEP,
    UPPER_DIP_MOVED("cutM", "movedRoughHz"),
    READS_OTHERWISE,
    DIP_MOVED_UP("movedShare"),
    DIP_MOVED_DOWN("movedShare"),
    LOSS_CAME_IN("lossDb"),
    RESISTANCE_CAME_IN("addedOhm");

    private final List<String> takes;

    Symptom(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "symptom";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
