package dorada.core.cutsheet;

import dorada.core.outcome.Outcome;
import dorada.core.rf.Impedance;
import java.util.List;

/**
 * What the solver found.
 *
 * @param shape every dimension
 * @param atFeed impedance at the wanted frequency, before any transformer or coil across
 * @param atConnector and behind it
 * @param notes what else came out
 */
public record Solved(Shape shape, Impedance atFeed, Impedance atConnector, List<Outcome> notes) {

    public Solved {
        notes = List.copyOf(notes);
    }
}
