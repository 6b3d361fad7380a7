package dorada.server.onair;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import java.util.UUID;

/** What was heard in one trial, as WAV; fetched only by who listens. */
@Entity
class AirClip {

    @Id
    private UUID id;

    @Lob
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
