package dorada.core.simulation;

import dorada.core.outcome.OutcomeId;

/** What is adjusted on the practice bench, with what moves along where pieces are coupled. */
public enum ControlName implements OutcomeId {
    ELEMENT,
    BOTH_HALVES_OF_THE_DRIVEN_ELEMENT_TOGETHER,
    BOTH_ARMS_ALIKE,
    WHIP,
    FOLDED_END,
    DRIVEN_ELEMENT,
    GAMMAS_STRAP,
    UPRIGHT,
    BOTH_RADIALS_ALIKE,
    ALL_FOUR_RADIALS_ALIKE,
    ROD,
    COUNTERPOISE,
    TIP,
    LOOPS_WIDTH,
    RADIATOR_UP_TO_THE_STUB,
    WIRE_ABOVE_THE_STUB,
    TIP_ABOVE_THE_COIL,
    RING_BELOW_THE_COIL,
    LONG_TUBE_ABOVE_THE_STUB,
    TAP;

    /** Metres of the antenna's length in one metre of it: a loop's width is two of its sides. */
    public double lengths() {
        return this == LOOPS_WIDTH ? 2 : 1;
    }

    @Override
    public String area() {
        return "control";
    }
}
