package dorada.server.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import dorada.server.problem.UserProblem;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.springframework.security.crypto.password.PasswordEncoder;

class PeopleServiceTest {

    private final PersonRepository people = mock();
    private final AccessTokenRepository tokens = mock();
    private final PasswordEncoder encoder = mock();
    private final Clock clock = Clock.fixed(Instant.parse("2026-03-01T08:00:00Z"), ZoneOffset.UTC);
    private final PeopleService service = new PeopleService(people, tokens, encoder, clock);

    @Test
    void theFirstIsALeadWithATidyLogin() {
        when(people.findByLogin("marisol")).thenReturn(Optional.empty());
        when(encoder.encode("secret words")).thenReturn("hash");
        when(people.saveAndFlush(any())).thenAnswer(call -> call.getArgument(0));
        Person first = service.addFirst(" Marisol ", "Marisol", "secret words");
        assertThat(first.role()).isEqualTo(Role.LEAD);
        assertThat(first.login()).isEqualTo("marisol");
        assertThat(first.passwordHash()).isEqualTo("hash");
    }

    @Test
    void whoIsKnownByNameFromAnArchiveMayBeTheFirst() {
        Person known = Person.whoLeft("marisol", "Marisol", clock.instant());
        when(people.findByLogin("marisol")).thenReturn(Optional.of(known));
        when(encoder.encode("secret words")).thenReturn("hash");
        when(people.saveAndFlush(any())).thenAnswer(call -> call.getArgument(0));
        Person first = service.addFirst("marisol", "Marisol", "secret words");
        assertThat(first).isSameAs(known);
        assertThat(first.isActive()).isTrue();
        assertThat(first.role()).isEqualTo(Role.LEAD);
    }

    @Test
    void thereIsNoSecondFirst() {
        when(people.countByRoleAndActiveTrue(Role.LEAD)).thenReturn(1L);
        assertThatThrownBy(() -> service.addFirst("x", "X", "secret words")).isInstanceOf(UserProblem.class);
        verify(people, never()).saveAndFlush(any());
    }

    @Test
    void everyTokenIsNewAndOnlyItsHashIsStored() {
        Person owner = new Person("ines", "Inés", Role.TECHNICIAN, "hash", clock.instant());
        when(people.findById(owner.id())).thenReturn(Optional.of(owner));
        when(tokens.save(any())).thenAnswer(call -> call.getArgument(0));
        String one = service.createToken(owner.id(), "a", 90).text();
        String two = service.createToken(owner.id(), "b", 90).text();
        assertThat(one).isNotEqualTo(two).hasSizeGreaterThan(30);
        assertThat(PeopleService.hash(one)).hasSize(64).isNotEqualTo(PeopleService.hash(two));
    }
}
