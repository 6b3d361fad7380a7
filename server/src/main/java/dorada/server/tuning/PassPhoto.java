package dorada.server.tuning;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
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

    @Column(length = Length.LONG32)
    private byte[] jpeg;

    protected PassPhoto() {}

    PassPhoto(UUID passId, byte[] jpeg, Instant keptAt) {
        this.id = UUID.randomUUID();
        this.keptAt = keptAt;
        this.passId = passId;
        this.jpeg = jpeg.clone();
    }

    byte[] jpeg() {
        return jpeg.clone();
    }
}
