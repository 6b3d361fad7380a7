package dorada.core.cutsheet;

import dorada.core.outcome.Outcome;
import dorada.core.safety.Caution;
import java.util.List;

/**
 * Something to do, and what to mind with it.
 *
 * @param id short name, stable for one kind, under which it is ticked off
 * @param stage which part of the work it belongs to
 * @param text what to do
 * @param cautions what can hurt someone or spoil the work
 */
public record Step(String id, Stage stage, Outcome text, List<Caution> cautions) {

    public Step {
        cautions = List.copyOf(cautions);
    }

    /** The parts of the work, in order. */
    public enum Stage {
        CUT,
        JOIN,
        MOUNT,
        TUNE,
        FINISH
    }
}
