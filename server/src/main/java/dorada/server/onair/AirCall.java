package dorada.server.onair;

import dorada.server.people.Person;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/** A call that was made, as it was entered: never altered. */
@Entity
class AirCall {

    @Id
    private UUID id;

    private UUID installationId;

    @Embedded
    private CallRequest entered;

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "called_by")
    private Person calledBy;

    private Instant calledAt;

    @ManyToOne(fetch = FetchType.EAGER)
    @JoinColumn(name = "taken_back_by")
    private Person takenBackBy;

    private Instant takenBackAt;

    protected AirCall() {}

    AirCall(UUID id, UUID installationId, CallRequest entered, Person by, Instant at) {
        this.id = id;
        this.installationId = installationId;
        this.entered = entered;
        this.calledBy = by;
        this.calledAt = at;
    }

    void takeBack(Person by, Instant at) {
        if (takenBackAt == null) {
            takenBackBy = by;
            takenBackAt = at;
        }
    }

    UUID installationId() {
        return installationId;
    }

    UUID id() {
        return id;
    }

    CallRequest entered() {
        return entered;
    }

    Person calledBy() {
        return calledBy;
    }

    Instant calledAt() {
        return calledAt;
    }

    Optional<Person> takenBackBy() {
        return Optional.ofNullable(takenBackBy);
    }

    Optional<Instant> takenBackAt() {
        return Optional.ofNullable(takenBackAt);
    }
}
