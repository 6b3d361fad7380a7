package dorada.core.wire;

import dorada.core.outcome.Refusal;

/**
 * A cut in a wire where a source, load or line is connected.
 *
 * @param wire index of the wire, from 0
 * @param position 0 (the wire's beginning) to 1 (its end); at 0 and 1 the cut lies between the wire and what it is
 *     joined to there, or the ground
 */
public record Port(int wire, double position) {

    public Port {
        if (!(position >= 0 && position <= 1)) {
            throw new Refusal(Refused.POSITION);
        }
    }
}
