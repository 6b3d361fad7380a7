package dorada.core.tuning;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** A quick test that tells one {@link Cause} from the others. */
public enum Check implements OutcomeId {
    FOLLOW_THE_LINE,
    OPEN_THE_FAR_END,
    MOVE_THE_CONNECTOR,
    CLIP_A_FERRITE,
    DISTANCE_PICTURE,
    OHMMETER,
    WIDEST_SWEEP,
    DROOP_RADIALS,
    TAP_OR_COIL,
    SCRAPE_OR_LAY_METAL,
    SWEEP_AT_THE_ANTENNA,
    CLEAR_OR_CARRY,
    AGAINST_ITS_CUT_SHEET,
    SCRAPE_BARE,
    DEPTH_MARK_AND_MOVE,
    TAKE_THE_ANTENNA_OFF,
    READ_A_DUMMY_LOAD,
    READ_A_DUMMY_LOAD_FULL_SCALE,
    OPEN_AT_THE_ANTENNA,
    ANTENNA_OFF_MUST_JUMP,
    COMPARE_WIDTH,
    SWEEP_AND_COMPARE,
    THREE_QUARTER_WAVES,
    CORRECT_THE_PLAN,
    DEPTH_MARK,
    MEASURE_THE_PIECE,
    LOOSEN_AND_TIGHTEN,
    SWEEP_TWICE,
    FIT_A_SHORTER_ONE,
    LOOK_AT_THE_STUB,
    DEPTH_MARK_AND_SIGN_OFF,
    DRY_AND_OPEN,
    CLEAN_THE_MOUNT,
    CLEAR_AND_READ,
    TAKE_IT_OFF_THE_ROOF,
    HOLD_AS_SIGNED_OFF,
    TURN_THE_ROD,
    LICENSED_STAFF,
    INTO_THE_OPEN,
    FIELD_GLASSES,
    CLEAR_EACH_WIRE,
    HANG_AS_SIGNED_OFF,
    SET_UP_AS_SIGNED_OFF;

    @Override
    public String area() {
        return "check";
    }

    @Override
    public List<String> takes() {
        return List.of();
    }
}
