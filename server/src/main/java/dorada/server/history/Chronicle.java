package dorada.server.history;

import dorada.core.outcome.Outcome;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** What happened to an installation, as far as one capability keeps it. Each has one such bean, and the page follows. */
public interface Chronicle {

    /**
     * @param by the name of who did it; empty for what Dorada did by itself, and where nobody knows any more
     * @param says in the order in which it is told
     */
    record Happening(Instant at, Optional<String> by, List<Outcome> says) {}

    /** In any order; empty where there is no such installation. */
    List<Happening> of(UUID installation);
}
