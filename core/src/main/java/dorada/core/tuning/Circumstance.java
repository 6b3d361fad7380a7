package dorada.core.tuning;

/** What was not as it should be, or not yet as it will be, when a pass was taken (common practice, no source). */
public enum Circumstance {
    ON_THE_GROUND("on the ground, before it goes up", "put it in its final place", Effect.STAGE),
    INDOORS("indoors", "take it out into the open", Effect.SPOILS),
    DOOR_OPEN("with a door open", "shut all doors and windows", Effect.SPOILS),
    PEOPLE_NEAR("with people or metal near", "send everybody a few steps away and clear what is near", Effect.SPOILS),
    HAND_ON_IT("with a hand on it", "let go of it, or hold it as it will be held", Effect.SPOILS),
    OUT_OF_ITS_TUBE("out of its tube", "put it into the tube it will hang in", Effect.SPOILS),
    NOT_CALIBRATED("with nothing calibrated over this span", "calibrate over the span that is swept", Effect.DOUBTS);

    /** What it does to a reading. */
    public enum Effect {
        /** A stage of the work: tuning goes on, and the place moves the dip afterwards. */
        STAGE,
        /** The reading is repeated before anything is changed. */
        SPOILS,
        /** Good enough for a first change, not for the last. */
        DOUBTS
    }

    private final String words;
    private final String remedy;
    private final Effect effect;

    Circumstance(String words, String remedy, Effect effect) {
        this.words = words;
        this.remedy = remedy;
        this.effect = effect;
    }

    /** As it stands after "measured". */
    public String words() {
        return words;
    }

    /** What to do before measuring again, as a request. */
    public String remedy() {
        return remedy;
    }

    public Effect effect() {
        return effect;
    }
}
