package dorada.server.tuning;

import dorada.server.people.Person;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.Length;

/** A picture that belongs to a pass; the newest is shown, and those before it stay. */
@Entity
class PassPhoto {

    @Id
    private UUID id;

    private UUID passId;
    private Instant keptAt;

    /** Null where nobody knows any more. */
    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "kept_by")
    private Person keptBy;

    @Column(length = Length.LONG32)
    private byte[] jpeg;

    protected PassPhoto() {}

    /** @param keptBy null where nobody knows any more */
    PassPhoto(UUID passId, byte[] jpeg, Person keptBy, Instant keptAt) {
        this.id = UUID.randomUUID();
        this.keptBy = keptBy;
        this.keptAt = keptAt;
        this.passId = passId;
        this.jpeg = jpeg.clone();
    }

    byte[] jpeg() {
        return jpeg.clone();
    }
}
