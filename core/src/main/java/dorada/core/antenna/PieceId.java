package dorada.core.antenna;

import dorada.core.outcome.OutcomeId;

/** What is adjusted beside or instead of an antenna's one length. */
public enum PieceId implements OutcomeId {
    TAP,
    STRAP,
    RING,
    RADIATOR_BELOW_THE_STUB,
    WIRE_ABOVE_THE_STUB;

    @Override
    public String area() {
        return "piece";
    }
}
