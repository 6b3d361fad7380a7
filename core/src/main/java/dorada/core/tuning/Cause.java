package dorada.core.tuning;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;

/**
 * Something that trimming cannot cure.
 *
 * @param id what it likely is
 * @param evidence what in the curve or the circumstances speaks for it, one of {@link Symptom}
 * @param check the quick test that tells it from the others
 */
public record Cause(Id id, Outcome evidence, Check check) {

    Cause(Id id, Symptom evidence, Check check) {
        this(id, evidence.of(), check);
    }

    Outcome sentence() {
        return Reason.CAUSE.of(id, evidence, check);
    }

    /** What it may be. */
    public enum Id implements OutcomeId {
        DUMMY_LOAD,
        LOSSY_FEEDLINE,
        LOOSE_CONNECTOR,
        CURRENT_ON_THE_LINE,
        SECOND_REFLECTION,
        OPEN_OR_SHORTED,
        ANOTHER_BAND,
        LOW_RESISTANCE,
        MATCH_DOES_NOT_SUIT,
        NO_GROUND_PLANE,
        BAD_CONNECTOR,
        THINGS_NEAR,
        TOO_SHORT_FROM_THE_START,
        CUT_MORE_THAN_WRITTEN,
        PAINT_UNDER_THE_MOUNT,
        CONNECTOR_OR_FEEDLINE,
        SLIPPED_OR_ANOTHER_PIECE,
        NOT_THIS_ANTENNA,
        METER_STICKS,
        METER_RANGE,
        RESISTOR_IN_THE_LINE,
        TOO_THIN,
        TOO_SHARP,
        ANOTHER_KIND,
        SLIPPED_SCREW,
        WRONG_ENTRY,
        KINKED_FEEDLINE,
        CLAMP_MADE_ANEW,
        SOMEBODY_CAME_AND_WENT,
        TOO_LONG_FOR_ITS_RANGE,
        STUB_OFF,
        // Of what moved with nobody changing it.
        SLIPPED_JOINT,
        WATER,
        ICE,
        WATER_IN_THE_LINE,
        CORRODED_GROUND,
        SOMETHING_NEW_BESIDE_IT,
        SOMETHING_ON_THE_ROOF,
        HELD_OTHERWISE,
        WORN_CONNECTOR,
        LOOSE_BOND,
        WATER_IN_THE_STRUCTURE,
        AIRCRAFT_SURROUNDINGS,
        MAST_SURROUNDINGS,
        SOMETHING_PUT_BESIDE_IT,
        WIRE_HANGS_OTHERWISE,
        SET_UP_OTHERWISE;

        @Override
        public String area() {
            return "cause";
        }
    }
}
