package dorada.server.sweep;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;
import org.hibernate.Length;

/** An imported file as it came, byte for byte; apart from the sweep so that reading one does not load the other. */
@Entity
class SweepOriginal {

    @Id
    private UUID sweepId;

    @Column(length = Length.LONG32)
    private byte[] bytes;

    protected SweepOriginal() {}

    SweepOriginal(UUID sweepId, byte[] bytes) {
        this.sweepId = sweepId;
        this.bytes = bytes;
    }

    byte[] bytes() {
        return bytes;
    }
}
