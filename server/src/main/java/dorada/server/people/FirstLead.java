package dorada.server.people;

import dorada.server.neighbour.InTurn;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Whoever sets a shop up is its first lead, and nobody else: one at a time, on this server and its neighbours. */
@Component
class FirstLead {

    private static final UUID TURN = UUID.nameUUIDFromBytes("the first lead".getBytes(StandardCharsets.UTF_8));

    private final PeopleService people;
    private final InTurn inTurn;

    FirstLead(PeopleService people, InTurn inTurn) {
        this.people = people;
        this.inTurn = inTurn;
    }

    Person add(NewPerson lead) {
        return inTurn.on(
                TURN,
                Refused.IS_SET_UP_JUST_NOW,
                () -> people.addFirst(lead.login(), lead.displayName(), lead.password()));
    }
}
