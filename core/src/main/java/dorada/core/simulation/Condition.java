package dorada.core.simulation;

/** Circumstances and faults that change a reading. */
public enum Condition {
    DOOR_OPEN("a door stands open"),
    PERSON_NEAR("a person stands beside it"),
    HAND_NEAR("a hand is close to the set"),
    INDOORS("measured indoors, among steel"),
    ON_THE_GROUND("stands near the ground, not in its final place"),
    NO_CHOKE("no choke: the line's outside radiates"),
    WET_LINE("water in the line's last third"),
    KINKED_LINE("a kink in the line"),
    PAINT_UNDER_GROUND("paint under the ground contact"),
    SLIPPED_SET_SCREW("the set screw has slipped"),
    LOOSE_CONNECTOR("a loose connector: readings are unsteady"),
    DUMMY_LOAD("the dummy load is still in place");

    private final String words;

    Condition(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
