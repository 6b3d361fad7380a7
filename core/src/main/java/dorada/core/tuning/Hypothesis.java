package dorada.core.tuning;

import java.util.Locale;

/** What may be true of an antenna and its readings. Every reading is explained by all of them before anything is ordered. */
public enum Hypothesis {
    /** Sound, and its dip lies below where the rule wants it. */
    TOO_LONG("too long"),
    /** Sound, and its dip lies above. */
    TOO_SHORT("too short"),
    /** Sound, and no change of length would do better. */
    CENTRED("as long as it should be"),
    /** In the right place, and its resistance is not the line's. */
    POOR_MATCH("a poor match in the right place"),
    /** Wide and high throughout: half of the antenna is missing. */
    NO_GROUND_PLANE("no ground plane"),
    /** Another kind than the one that was named, such as three quarter-waves for one. */
    ANOTHER_KIND("another kind than the plan names"),
    /** Changes of length do not move it. */
    NOT_FOLLOWING("an antenna that does not follow its changes"),
    /** It has changed with nobody changing it. */
    MOVED_BY_ITSELF("an antenna that moved by itself"),
    /** A dummy load, or a line so lossy that it looks like one. */
    LOAD_OR_LOSS("a dummy load or a lossy line"),
    /** Nothing is connected, or the line is open or shorted. */
    OPEN_OR_SHORTED("an open or shorted line"),
    /** Needle at its end, meter not set, or a needle that sticks. */
    INSTRUMENT("a meter that sticks or is not set"),
    /** A wanted band that nobody has read. */
    UNREAD("a band that was not read"),
    /** The readings fit none of the others: misread, or disturbed. */
    MISREAD("a reading that went wrong");

    private final String words;

    Hypothesis(String words) {
        this.words = words;
    }

    /** As it stands in a list of what may be. */
    public String words() {
        return words;
    }

    /** As scripts and screens know it: "too-long". */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** True where the antenna is sound and only its length is asked for. */
    boolean isOfLength() {
        return this == TOO_LONG || this == TOO_SHORT || this == CENTRED;
    }
}
