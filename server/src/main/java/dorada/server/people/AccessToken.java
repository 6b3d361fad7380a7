package dorada.server.people;

import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.UUID;

/** Lets a script act for its owner. Only the hash is stored. */
@Entity
class AccessToken {

    @Id
    private UUID id;

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    private Person person;

    private String name;
    private String tokenHash;
    private Instant createdAt;
    private Instant expiresAt;

    protected AccessToken() {}

    AccessToken(Person person, String name, String tokenHash, Instant createdAt, Instant expiresAt) {
        this.expiresAt = expiresAt;
        this.id = UUID.randomUUID();
        this.person = person;
        this.name = name;
        this.tokenHash = tokenHash;
        this.createdAt = createdAt;
    }

    /** When it ends; null for one from before tokens ended. */
    Instant expiresAt() {
        return expiresAt;
    }

    boolean isValidAt(Instant now) {
        return person.isActive() && (expiresAt == null || now.isBefore(expiresAt));
    }

    UUID id() {
        return id;
    }

    Person person() {
        return person;
    }

    String name() {
        return name;
    }

    Instant createdAt() {
        return createdAt;
    }
}
