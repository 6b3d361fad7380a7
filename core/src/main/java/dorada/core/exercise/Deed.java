package dorada.core.exercise;

import dorada.core.simulation.Condition;

/**
 * One thing that was done.
 *
 * @param changeM metres by which the piece was made longer; 0 where it was not a change
 * @param suspect what was looked at; null where nothing was
 */
public record Deed(What what, double changeM, Condition suspect) {

    /** With what it takes: a common guess of a yard, no source. */
    public enum What {
        READ(2),
        CHANGE(5),
        LOOK(3),
        SIGN_OFF(0);

        private final double minutes;

        What(double minutes) {
            this.minutes = minutes;
        }

        public double minutes() {
            return minutes;
        }
    }

    static final Deed READ = new Deed(What.READ, 0, null);
    static final Deed SIGN_OFF = new Deed(What.SIGN_OFF, 0, null);

    static Deed change(double metres) {
        return new Deed(What.CHANGE, metres, null);
    }

    static Deed look(Condition suspect) {
        return new Deed(What.LOOK, 0, suspect);
    }
}
