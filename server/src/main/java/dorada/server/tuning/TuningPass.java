package dorada.server.tuning;

import dorada.core.acceptance.ReferencePlane;
import dorada.server.installation.Installation;
import dorada.server.people.Person;
import dorada.server.sweep.StoredSweep;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.UUID;

/** One turn of the loop, recorded: what was changed, and the sweep after it. Never altered afterwards. */
@Entity
class TuningPass {

    @Id
    private UUID id;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Installation installation;

    private int number;

    @Column(name = "change_m")
    private double changeM;

    private String note;

    @Enumerated(EnumType.STRING)
    @Column(length = 20)
    private ReferencePlane plane;

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    private StoredSweep sweep;

    private UUID requestKey;

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "recorded_by")
    private Person recordedBy;

    private Instant recordedAt;

    protected TuningPass() {}

    TuningPass(Installation installation, int number, Recording recording, StoredSweep sweep, Person by, Instant at) {
        this.id = UUID.randomUUID();
        this.installation = installation;
        this.number = number;
        this.changeM = recording.changeM();
        this.note = recording.note().strip();
        this.plane = installation.measuredAt();
        this.sweep = sweep;
        this.requestKey = recording.requestKey();
        this.recordedBy = by;
        this.recordedAt = at;
    }

    UUID id() {
        return id;
    }

    Installation installation() {
        return installation;
    }

    int number() {
        return number;
    }

    double changeM() {
        return changeM;
    }

    String note() {
        return note;
    }

    ReferencePlane plane() {
        return plane;
    }

    StoredSweep sweep() {
        return sweep;
    }

    Person recordedBy() {
        return recordedBy;
    }

    Instant recordedAt() {
        return recordedAt;
    }
}
