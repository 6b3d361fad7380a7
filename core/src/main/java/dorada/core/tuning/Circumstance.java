package dorada.core.tuning;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import java.util.Map;

/** What was not as it should be, or not yet as it will be, when a pass was taken (common practice, no source). */
public enum Circumstance implements OutcomeId {
    ON_THE_GROUND(Effect.STAGE),
    INDOORS(Effect.SPOILS),
    DOOR_OPEN(Effect.SPOILS),
    PEOPLE_NEAR(Effect.SPOILS),
    HAND_ON_IT(Effect.SPOILS),
    OUT_OF_ITS_TUBE(Effect.SPOILS),
    NOT_CALIBRATED(Effect.DOUBTS);

    /** What it does to a reading. */
    public enum Effect {
        /** A stage of the work: tuning goes on, and the place moves the dip afterwards. */
        STAGE,
        /** The reading is repeated before anything is changed. */
        SPOILS,
        /** Good enough for a first change, not for the last. */
        DOUBTS
    }

    private final Effect effect;

    Circumstance(Effect effect) {
        this.effect = effect;
    }

    @Override
    public String area() {
        return "circumstance";
    }

    /** What to do before measuring again. */
    public Outcome remedy() {
        return new Outcome("remedy." + name(), Map.of());
    }

    public Effect effect() {
        return effect;
    }
}
