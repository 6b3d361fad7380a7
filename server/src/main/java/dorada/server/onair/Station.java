package dorada.server.onair;

import dorada.server.removed.Removable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.UUID;

/** Whom the shop calls: a repeater, a base, a colleague. */
@Entity
class Station extends Removable {

    @Id
    private UUID id;

    @Version
    private Long version;

    private String name;
    private Double frequencyHz;

    @Column(name = "distance_m")
    private Double distanceM;

    @Column(name = "height_m")
    private Double heightM;

    private String note;

    protected Station() {}

    Station(UUID id) {
        this.id = id;
    }

    Station set(StationRequest r) {
        name = r.name().strip();
        frequencyHz = r.frequencyHz();
        distanceM = r.distanceM();
        heightM = r.heightM();
        note = r.note().strip();
        return this;
    }

    StationRequest entered() {
        return new StationRequest(version == null ? 0 : version, name, frequencyHz, distanceM, heightM, note);
    }

    @Override
    public UUID id() {
        return id;
    }

    @Override
    public String name() {
        return name;
    }

    long version() {
        return version;
    }
}
