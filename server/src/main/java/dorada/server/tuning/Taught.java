package dorada.server.tuning;

import dorada.core.tuning.TrimPrior;
import dorada.server.installation.Installation;
import java.util.List;

/** What the shop's finished antennas taught that helps with the next one. */
public interface Taught {

    /** Each weighed by how like {@code installation} it was; its own lesson is not among them. */
    List<TrimPrior.Lesson> lessonsFor(Installation installation);
}
