package dorada.core.simulation;

import dorada.core.outcome.OutcomeId;

/** Circumstances and faults that change a reading. */
public enum Condition implements OutcomeId {
    DOOR_OPEN,
    PERSON_NEAR,
    HAND_NEAR,
    INDOORS,
    ON_THE_GROUND,
    NO_CHOKE,
    WET_LINE,
    KINKED_LINE,
    PAINT_UNDER_GROUND,
    SLIPPED_SET_SCREW,
    LOOSE_CONNECTOR,
    DUMMY_LOAD;

    @Override
    public String area() {
        return "condition";
    }
}
