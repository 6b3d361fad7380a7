package dorada.server.tuning;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import java.util.UUID;

/** A picture that belongs to a pass. */
@Entity
class PassPhoto {

    @Id
    private UUID passId;

    @Lob
    private byte[] jpeg;

    protected PassPhoto() {}

    PassPhoto(UUID passId, byte[] jpeg) {
        this.passId = passId;
        this.jpeg = jpeg.clone();
    }

    byte[] jpeg() {
        return jpeg.clone();
    }
}
