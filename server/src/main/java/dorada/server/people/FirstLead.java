package dorada.server.people;

import dorada.server.neighbour.Neighbours;
import dorada.server.problem.UserProblem;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Whoever sets a shop up is its first lead, and nobody else: one at a time, on this server and its neighbours. */
@Component
class FirstLead {

    private static final UUID TURN = UUID.nameUUIDFromBytes("the first lead".getBytes(StandardCharsets.UTF_8));
    private static final Duration PATIENCE = Duration.ofSeconds(10);

    private final PeopleService people;
    private final Neighbours neighbours;

    FirstLead(PeopleService people, Neighbours neighbours) {
        this.people = people;
        this.neighbours = neighbours;
    }

    /** The turn ends after the work is written, not before: the next one sees it. */
    synchronized Person add(NewPerson lead) {
        try (Neighbours.Turn ours = neighbours.turn(TURN, PATIENCE).orElse(null)) {
            if (ours == null) {
                throw UserProblem.busy(Refused.IS_SET_UP_JUST_NOW.of());
            }
            return people.addFirst(lead.login(), lead.displayName(), lead.password());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw UserProblem.busy(Refused.IS_SET_UP_JUST_NOW.of());
        }
    }
}
