package dorada.server.radio;

import dorada.server.removed.Removable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.UUID;

/** A radio of the shop or of a customer, known by its name. */
@Entity
class Radio extends Removable {

    @Id
    private UUID id;

    @Version
    private Long version;

    private String name;

    @Column(name = "rated_power_w")
    private double ratedPowerW;

    private double swrCeiling;
    private String note;

    protected Radio() {}

    Radio(UUID id) {
        this.id = id;
    }

    Radio set(RadioRequest r) {
        name = r.name().strip();
        ratedPowerW = r.ratedPowerW();
        swrCeiling = r.swrCeiling();
        note = r.note().strip();
        return this;
    }

    /** As its form has it. */
    RadioRequest entered() {
        return new RadioRequest(version == null ? 0 : version, name, ratedPowerW, swrCeiling, note);
    }

    @Override
    public UUID id() {
        return id;
    }

    long version() {
        return version;
    }

    @Override
    public String name() {
        return name;
    }

    double ratedPowerW() {
        return ratedPowerW;
    }

    double swrCeiling() {
        return swrCeiling;
    }

    String note() {
        return note;
    }
}
