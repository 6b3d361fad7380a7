package dorada.core.tuning;

/**
 * What each deed costs where each hypothesis is the true one, in readings: one more reading costs 1. Metal that is off is off, so
 * a cut on the wrong side costs most; a reading is cheap; looking for a fault that is not there costs an afternoon. Common
 * practice, no source; all of them stand here and nowhere else.
 */
final class Losses {

    /** What can be done after a reading. */
    enum Deed {
        /** Something is cut off. */
        CUT,
        /** A change that can be undone. */
        MOVE,
        READ_AGAIN,
        LOOK_FOR_A_FAULT,
        LEAVE_IT
    }

    private Losses() {}

    /** @param shorter true where the change makes it shorter */
    static double of(Deed deed, boolean shorter, Hypothesis truth) {
        return switch (deed) {
            case CUT -> ofCut(truth);
            case MOVE -> ofMove(shorter, truth);
            case READ_AGAIN -> truth.isOfLength() ? 1 : 3;
            case LOOK_FOR_A_FAULT -> truth.isOfLength() ? 5 : 0;
            case LEAVE_IT -> truth == Hypothesis.CENTRED ? 0 : truth.isOfLength() ? 6 : 30;
        };
    }

    private static double ofCut(Hypothesis truth) {
        return switch (truth) {
            case TOO_LONG -> 0;
            case TOO_SHORT -> 40;
            // Cuts are chosen so that they are surely not too much.
            case CENTRED -> 3;
            case POOR_MATCH -> 8;
            case NO_GROUND_PLANE, NOT_FOLLOWING, MOVED_BY_ITSELF -> 25;
            case ANOTHER_KIND -> 10;
            case LOAD_OR_LOSS, OPEN_OR_SHORTED, INSTRUMENT, MISREAD, UNREAD -> 40;
        };
    }

    private static double ofMove(boolean shorter, Hypothesis truth) {
        return switch (truth) {
            // What can be undone and tells something is nearly as cheap as a reading.
            case TOO_LONG -> shorter ? 0 : 2;
            case TOO_SHORT -> shorter ? 2 : 0;
            case CENTRED -> 0.5;
            case POOR_MATCH -> 1.5;
            default -> 4;
        };
    }

    /** Expected loss of {@code deed} under {@code all} hypotheses. */
    static double expected(Deed deed, boolean shorter, Hypotheses all) {
        double sum = 0;
        for (Hypothesis h : Hypothesis.values()) {
            sum += all.probability(h) * of(deed, shorter, h);
        }
        return sum;
    }
}
