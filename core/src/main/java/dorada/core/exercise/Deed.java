package dorada.core.exercise;

import dorada.core.simulation.Condition;

/**
 * One thing that was done.
 *
 * @param piece which was changed, by its number among the controls; 0 where none was
 * @param changeM metres by which it was made longer, or moved outward; 0 where it was not a change
 * @param suspect what was looked at; null where nothing was
 */
public record Deed(What what, int piece, double changeM, Condition suspect) {

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

    static final Deed READ = new Deed(What.READ, 0, 0, null);
    static final Deed SIGN_OFF = new Deed(What.SIGN_OFF, 0, 0, null);

    static Deed change(int piece, double metres) {
        return new Deed(What.CHANGE, piece, metres, null);
    }

    static Deed look(Condition suspect) {
        return new Deed(What.LOOK, 0, 0, suspect);
    }
}
