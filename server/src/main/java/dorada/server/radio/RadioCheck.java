package dorada.server.radio;

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

/** One bench check of a radio as it was read: never altered. */
@Entity
class RadioCheck {

    @Id
    private UUID id;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "radio_id")
    private Radio radio;

    @Embedded
    private BenchCheckRequest read;

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "checked_by")
    private Person checkedBy;

    private Instant checkedAt;
    private Instant takenBackAt;

    @ManyToOne(fetch = FetchType.EAGER)
    @JoinColumn(name = "taken_back_by")
    private Person takenBackBy;

    protected RadioCheck() {}

    RadioCheck(UUID id, Radio radio, BenchCheckRequest read, Person by, Instant at) {
        this.id = id;
        this.radio = radio;
        this.read = read;
        this.checkedBy = by;
        this.checkedAt = at;
    }

    /** The radio turned out to be another of the shop's: what was read stays as it is. */
    void isOf(Radio other) {
        radio = other;
    }

    UUID id() {
        return id;
    }

    Radio radio() {
        return radio;
    }

    BenchCheckRequest read() {
        return read;
    }

    Person checkedBy() {
        return checkedBy;
    }

    Instant checkedAt() {
        return checkedAt;
    }

    /** It was entered wrongly: it counts no more, and stays. */
    void takeBack(Person by, Instant at) {
        if (takenBackAt == null) {
            takenBackAt = at;
            takenBackBy = by;
        }
    }

    Optional<Instant> takenBackAt() {
        return Optional.ofNullable(takenBackAt);
    }

    Optional<Person> takenBackBy() {
        return Optional.ofNullable(takenBackBy);
    }
}
