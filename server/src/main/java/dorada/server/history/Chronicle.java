package dorada.server.history;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.server.people.Person;
import dorada.server.removed.Removable;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/** What happened to an installation, as far as one capability keeps it. Each has one such bean, and the page follows. */
public interface Chronicle {

    /**
     * @param by the name of who did it; empty for what Dorada did by itself, and where nobody knows any more
     * @param says in the order in which it is told
     */
    record Happening(Instant at, Optional<String> by, List<Outcome> says) {}

    /** What was removed, told so after what {@code saved} tells of it. */
    static Stream<Happening> withRemoval(Happening saved, Removable thing, OutcomeId removed) {
        return Stream.concat(
                Stream.of(saved),
                thing.removedAt().stream()
                        .map(at -> new Happening(
                                at, thing.removedBy().map(Person::displayName), List.of(removed.of(thing.name())))));
    }

    /** In any order; empty where there is no such installation. */
    List<Happening> of(UUID installation);
}
