package dorada.server.removed;

import dorada.server.people.Person;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.MappedSuperclass;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/** Something of the shop that a person may remove. */
@MappedSuperclass
public abstract class Removable {

    private Instant removedAt;

    @ManyToOne(fetch = FetchType.EAGER)
    @JoinColumn(name = "removed_by")
    private Person removedBy;

    public abstract UUID id();

    public abstract String name();

    public final Optional<Instant> removedAt() {
        return Optional.ofNullable(removedAt);
    }

    public final Optional<Person> removedBy() {
        return Optional.ofNullable(removedBy);
    }

    public final void remove(Person by, Instant at) {
        removedBy = by;
        removedAt = at;
    }

    public final void putBack() {
        removedBy = null;
        removedAt = null;
    }
}
