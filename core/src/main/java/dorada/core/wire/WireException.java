package dorada.core.wire;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.Refusal;

/** A structure that the solver can't compute honestly; says which wire and why. */
public final class WireException extends Refusal {

    private static final long serialVersionUID = 1L;

    private final int wire;

    /**
     * @param wire index of the wire, from 0
     * @param why and what to do
     */
    WireException(int wire, Outcome why) {
        super(Refused.WIRE.of(Integer.toString(wire), why));
        this.wire = wire;
    }

    /** Index of the wire, from 0. */
    public int wire() {
        return wire;
    }
}
