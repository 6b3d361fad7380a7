package dorada.core.safety;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** Something to be said before anybody acts. */
public enum Caution implements OutcomeId {
    DO_NOT_TRANSMIT("swr"),
    DO_NOT_TRANSMIT_WITH("radio", "swr"),
    /** Nobody has read these yet. */
    CHANNELS_UNREAD("channels"),
    CHANNELS_UNREAD_WITH("radio", "channels"),
    REDUCED_POWER("powerW", "ceilingSwr"),
    REDUCED_POWER_WITH("radio", "powerW"),
    CUTTING,
    DRILLING,
    AIRWORTHINESS,
    POWER_LINES("distanceFarM"),
    /** Where the height is not known. */
    POWER_LINES_ANY_HEIGHT,
    LIGHTNING,
    RF_BURNS,
    HELD_AT_THE_BODY,
    /** Readings with an analyser, swept or on a dial. */
    INTO_AN_ANALYSER,
    /** Readings for which one transmits. */
    WHILE_READING_A_METER,
    /** Somebody far away is called. */
    CALLING,
    /** A radio is measured at a bench. */
    INTO_A_DUMMY_LOAD,
    LOCAL_CODES,

    // While something is made.
    STEEL_ROD,
    TUBE_CHIPS,
    CUT_AWAY_FROM_THE_HAND,
    SOLDER_FUMES,
    OPEN_FLAME,
    RADIO_OFF_THE_LINE,
    SET_THE_NEEDLE,
    HIGH_VOLTAGE_AT_BASE_AND_TIP,
    HIGH_VOLTAGE_AT_THE_ENDS,
    BARE_TIP,
    ROD_ENDS,
    OVERALL_HEIGHT,
    ROOF_WIRING,
    JOISTS_ONLY;

    private final List<String> takes;

    Caution(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "caution";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
