package dorada.core.tuning;

import dorada.core.antenna.Carrier;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/** What was not as it should be, or not yet as it will be, when a pass was taken (common practice, no source). */
public enum Circumstance implements OutcomeId {
    ON_THE_GROUND(Effect.STAGE, 0.05),
    INDOORS(Effect.SPOILS, 0.05),
    DOOR_OPEN(Effect.SPOILS, 0.03),
    PEOPLE_NEAR(Effect.SPOILS, 0.03),
    HAND_ON_IT(Effect.SPOILS, 0.08),
    OUT_OF_ITS_TUBE(Effect.SPOILS, 0.06),
    METAL_NEAR(Effect.SPOILS, 0.05),
    /** Nearer than some 40 m to what reflects. */
    NOT_IN_THE_OPEN(Effect.DOUBTS, 0.02),
    NOT_CALIBRATED(Effect.DOUBTS, 0.02);

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
    private final double mostShift;

    /** @param mostShift by how much of its frequency it may move a dip, either way (common practice, no source) */
    Circumstance(Effect effect, double mostShift) {
        this.effect = effect;
        this.mostShift = mostShift;
    }

    /** By how much of its frequency it may move a dip, either way. */
    double mostShift() {
        return mostShift;
    }

    /** Whether it is a fault at all on {@code carrier}: what stays indoors is read indoors. */
    public boolean mattersOn(Carrier carrier) {
        return carrier != Carrier.INDOOR || this != INDOORS && this != NOT_IN_THE_OPEN;
    }

    /** What a person can say of a reading on {@code carrier}; whether it was calibrated is known without asking. */
    public static List<Circumstance> saidOn(Carrier carrier) {
        return Arrays.stream(values())
                .filter(c -> c != NOT_CALIBRATED && c.mattersOn(carrier))
                .toList();
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
