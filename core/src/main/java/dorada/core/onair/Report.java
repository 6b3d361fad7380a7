package dorada.core.onair;

import dorada.core.outcome.OutcomeId;

/** How somebody was heard, in words that need no table; from worst to best. */
public enum Report implements OutcomeId {
    NOT_HEARD,
    NOT_UNDERSTOOD,
    WITH_REPEATS,
    NOISY,
    LITTLE_NOISE,
    CLEAR;

    /** Higher is better. */
    public double score() {
        return ordinal();
    }

    public boolean isHeard() {
        return this != NOT_HEARD;
    }

    @Override
    public String area() {
        return "report";
    }
}
