package dorada.core.recheck;

import dorada.core.outcome.OutcomeId;

/** What a recheck comes to. */
public enum Finding implements OutcomeId {
    /** Nothing that the two readings could tell apart. */
    UNCHANGED,
    /** It has changed, by so little that it may stay. */
    WATCH,
    /** It has changed so far that its cause is looked for. */
    CHANGED,
    /** Less comes back than when it was signed off, and nobody improved it: loss in the line hides the antenna. */
    SUSPICIOUSLY_BETTER;

    @Override
    public String area() {
        return "recheck";
    }
}
