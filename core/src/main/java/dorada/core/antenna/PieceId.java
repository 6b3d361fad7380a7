package dorada.core.antenna;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import java.util.Map;

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

    /** Without an article. */
    public Outcome bare() {
        return new Outcome("trimmed." + name(), Map.of());
    }
}
