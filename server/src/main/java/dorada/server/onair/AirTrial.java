package dorada.server.onair;

import dorada.core.onair.ClipNoise;
import dorada.core.onair.Report;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;

/** One antenna heard once, in the order of the lot. */
@Embeddable
class AirTrial {

    private int round;
    private String antenna;

    @Enumerated(EnumType.STRING)
    @Column(length = 20)
    private Report report;

    private Double clipDb;
    private Double clipDoubtDb;

    private UUID clipId;

    protected AirTrial() {}

    AirTrial(int round, String antenna) {
        this.round = round;
        this.antenna = antenna;
    }

    int round() {
        return round;
    }

    String antenna() {
        return antenna;
    }

    Optional<Report> report() {
        return Optional.ofNullable(report);
    }

    void heardAs(Report how) {
        report = how;
    }

    /** Signal to noise of its clip in dB; empty without one, or where it told nothing. */
    OptionalDouble clipDb() {
        return clipDb == null ? OptionalDouble.empty() : OptionalDouble.of(clipDb);
    }

    OptionalDouble clipDoubtDb() {
        return clipDoubtDb == null ? OptionalDouble.empty() : OptionalDouble.of(clipDoubtDb);
    }

    boolean hasClip() {
        return clipId != null;
    }

    /** Of its sound; empty without one. */
    Optional<UUID> clipId() {
        return Optional.ofNullable(clipId);
    }

    void recorded(AirClip clip, ClipNoise says) {
        clipId = clip.id();
        clipDb = says.isTold() ? says.db() : null;
        clipDoubtDb = says.isTold() ? says.doubtDb() : null;
    }
}
