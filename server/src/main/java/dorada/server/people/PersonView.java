package dorada.server.people;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;

/** A person as others see them. */
public record PersonView(
        @NotNull UUID id,
        @NotNull String login,
        @NotNull String displayName,
        @NotNull Role role,
        @NotNull boolean active) {

    static PersonView of(Person p) {
        return new PersonView(p.id(), p.login(), p.displayName(), p.role(), p.isActive());
    }

    static PersonView of(SignedIn p) {
        return new PersonView(p.id(), p.getUsername(), p.displayName(), p.role(), true);
    }
}
