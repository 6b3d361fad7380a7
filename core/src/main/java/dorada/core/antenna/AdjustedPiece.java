package dorada.core.antenna;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import java.util.Map;

/** What is made shorter or longer of an antenna. Antennas that are one for another at first sight have the same. */
public enum AdjustedPiece implements OutcomeId {
    ELEMENT,
    HALF_OF_THE_DRIVEN_ELEMENT,
    ARM,
    WIRE,
    WHIP,
    FOLD,
    DRIVEN_ELEMENT,
    RADIATOR,
    ROD,
    TIP,
    LOOP,
    LONG_TUBE;

    @Override
    public String area() {
        return "adjusted";
    }

    /** Without an article. */
    public Outcome bare() {
        return new Outcome("trimmed." + name(), Map.of());
    }
}
