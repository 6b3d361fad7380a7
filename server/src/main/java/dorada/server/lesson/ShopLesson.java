package dorada.server.lesson;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.book.Scope;
import dorada.server.people.Person;
import dorada.server.removed.Removable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/** A short note, and of which installations it holds. */
@Entity
public class ShopLesson extends Removable {

    private static final int NAME_LETTERS = 80;

    @Id
    private UUID id;

    @Version
    private Long version;

    private String says;

    private AntennaKind kind;

    @Enumerated(EnumType.STRING)
    private Carrier carrier;

    private String mount;
    private String part;

    /** On which it was learnt; null where on none in particular. */
    private UUID installationId;

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "learnt_by")
    private Person learntBy;

    private Instant learntAt;

    protected ShopLesson() {}

    ShopLesson(UUID id, UUID installationId, Person by, Instant at) {
        this.id = id;
        this.installationId = installationId;
        learntBy = by;
        learntAt = at;
    }

    final ShopLesson set(String newSays, Scope scope) {
        says = newSays.strip();
        kind = scope.kind().orElse(null);
        carrier = scope.carrier().orElse(null);
        mount = scope.mount().strip();
        part = scope.part().strip();
        return this;
    }

    @Override
    public UUID id() {
        return id;
    }

    long version() {
        return version;
    }

    @Override
    public String name() {
        return says.length() <= NAME_LETTERS ? says : says.substring(0, NAME_LETTERS) + "…";
    }

    String says() {
        return says;
    }

    Scope scope() {
        return new Scope(Optional.ofNullable(kind), Optional.ofNullable(carrier), mount, part);
    }

    Optional<UUID> installationId() {
        return Optional.ofNullable(installationId);
    }

    Person learntBy() {
        return learntBy;
    }

    Instant learntAt() {
        return learntAt;
    }
}
