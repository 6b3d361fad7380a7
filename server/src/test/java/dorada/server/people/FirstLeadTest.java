package dorada.server.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import dorada.server.neighbour.InTurn;
import dorada.server.neighbour.Neighbours;
import dorada.server.problem.UserProblem;
import java.time.Instant;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mockito.InOrder;

class FirstLeadTest {

    private static final NewPerson LEAD = new NewPerson("marisol", "Marisol", "secret words", null);

    private final PeopleService people = mock();
    private final Neighbours neighbours = mock();
    private final FirstLead first = new FirstLead(people, new InTurn(neighbours));

    @Test
    void theTurnIsHeldUntilTheLeadIsWritten() throws Exception {
        Neighbours.Turn turn = mock();
        Person marisol = new Person("marisol", "Marisol", Role.LEAD, "hash", Instant.EPOCH);
        when(neighbours.turn(any(), any())).thenReturn(Optional.of(turn));
        when(people.addFirst("marisol", "Marisol", "secret words")).thenReturn(marisol);
        assertThat(first.add(LEAD)).isSameAs(marisol);
        InOrder order = inOrder(people, turn);
        order.verify(people).addFirst("marisol", "Marisol", "secret words");
        order.verify(turn).close();
    }

    @Test
    void whileAnotherServerIsAtItNobodyIsMade() throws Exception {
        when(neighbours.turn(any(), any())).thenReturn(Optional.empty());
        assertThatThrownBy(() -> first.add(LEAD)).isInstanceOf(UserProblem.class);
        verifyNoInteractions(people);
    }
}
