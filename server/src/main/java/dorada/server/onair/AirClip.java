package dorada.server.onair;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;
import org.hibernate.Length;

/** What was heard in one trial, as WAV; fetched only by who listens. */
@Entity
class AirClip {

    @Id
    private UUID id;

    @Column(length = Length.LONG32)
    private byte[] wav;

    protected AirClip() {}

    AirClip(byte[] wav) {
        this.id = UUID.randomUUID();
        this.wav = wav.clone();
    }

    UUID id() {
        return id;
    }

    byte[] wav() {
        return wav.clone();
    }
}
