package dorada.core.exercise;

/**
 * What an attempt came to.
 *
 * @param minutes that it would have taken
 * @param worstSwr on the worst of the channels in truth, with nothing wrong and nobody near
 * @param met the rule is met so
 * @param faultLeft what is wrong is still there
 * @param moreOffM metres taken off beyond what it needed; 0 for what is not cut
 */
public record Score(
        int readings,
        int changes,
        int looks,
        double minutes,
        double worstSwr,
        boolean met,
        boolean faultLeft,
        double moreOffM) {

    /** How it ended. */
    public enum Ending {
        BROUGHT_IN,
        FAULT_LEFT,
        MISSED
    }

    public Ending ending() {
        return !met ? Ending.MISSED : faultLeft ? Ending.FAULT_LEFT : Ending.BROUGHT_IN;
    }

    public boolean isPassed() {
        return ending() == Ending.BROUGHT_IN;
    }

    /** Whether it missed its rule because more was taken off than it needed. */
    boolean isCutTooFar() {
        return !met && moreOffM > 0;
    }

    /** How much of the time was needed: 1 for as fast as somebody who knew everything, 0 where it was not brought in. */
    public double mark(Score perfect) {
        return isPassed() ? Math.min(1, perfect.minutes / minutes) : 0;
    }
}
