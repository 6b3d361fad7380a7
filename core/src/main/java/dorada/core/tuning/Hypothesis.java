package dorada.core.tuning;

import dorada.core.outcome.OutcomeId;
import java.util.Locale;

/** What may be true of an antenna and its readings. Every reading is explained by all of them before anything is ordered. */
public enum Hypothesis implements OutcomeId {
    /** Sound, and its dip lies below where the rule wants it. */
    TOO_LONG,
    /** Sound, and its dip lies above. */
    TOO_SHORT,
    /** Sound, and no change of length would do better. */
    CENTRED,
    /** In the right place, and its resistance is not the line's. */
    POOR_MATCH,
    /** Wide and high throughout: half of the antenna is missing. */
    NO_GROUND_PLANE,
    /** Another kind than the one that was named, such as three quarter-waves for one. */
    ANOTHER_KIND,
    /** Changes of length do not move it. */
    NOT_FOLLOWING,
    /** It has changed with nobody changing it. */
    MOVED_BY_ITSELF,
    /** A dummy load, or a line so lossy that it looks like one. */
    LOAD_OR_LOSS,
    /** Nothing is connected, or the line is open or shorted. */
    OPEN_OR_SHORTED,
    /** Needle at its end, meter not set, or a needle that sticks. */
    INSTRUMENT,
    /** A wanted band that nobody has read. */
    UNREAD,
    /** The readings fit none of the others: misread, or disturbed. */
    MISREAD;

    @Override
    public String area() {
        return "hypothesis";
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
