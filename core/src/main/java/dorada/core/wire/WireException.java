package dorada.core.wire;

/** A structure that the solver can't compute honestly; says which wire and why. */
public final class WireException extends IllegalArgumentException {

    private static final long serialVersionUID = 1L;

    private final int wire;

    /**
     * @param wire index of the wire, from 0
     * @param sentence why, and what to do
     */
    WireException(int wire, String sentence) {
        super("Wire " + wire + ": " + sentence);
        this.wire = wire;
    }

    /** Index of the wire, from 0. */
    public int wire() {
        return wire;
    }
}
