package dorada.core.antenna;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What is done to an antenna between its last change and its last sweep (common practice, no source). */
public enum PermanentStep implements OutcomeId {
    DEBURRED,
    WIRE_ENDS,
    BARE_METAL,
    DEPTH_MARKED,
    TIGHTENED,
    SEALED,
    TIP_CAP;

    @Override
    public String area() {
        return "tuning";
    }

    /** What such a piece asks for: a wire has no burr, and no cap belongs on a beam. */
    static List<PermanentStep> of(AdjustedPiece piece) {
        return switch (piece) {
            case WHIP, TIP -> List.of(DEBURRED, BARE_METAL, DEPTH_MARKED, TIGHTENED, SEALED, TIP_CAP);
            case ROD -> List.of(DEBURRED, TIGHTENED, TIP_CAP);
            case ELEMENT, RADIATOR -> List.of(DEBURRED, BARE_METAL, TIGHTENED, SEALED);
            case HALF_OF_THE_DRIVEN_ELEMENT, DRIVEN_ELEMENT -> List.of(DEBURRED, DEPTH_MARKED, TIGHTENED, SEALED);
            case LONG_TUBE -> List.of(DEBURRED, TIGHTENED, SEALED);
            case ARM, WIRE, FOLD, LOOP -> List.of(WIRE_ENDS, TIGHTENED, SEALED);
        };
    }
}
