package dorada.server.sweep;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import java.util.UUID;

/** An imported file as it came, byte for byte; apart from the sweep so that reading one does not load the other. */
@Entity
class SweepOriginal {

    @Id
    private UUID sweepId;

    @Lob
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
