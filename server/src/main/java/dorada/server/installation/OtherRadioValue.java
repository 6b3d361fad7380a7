package dorada.server.installation;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;

/** Another radio as it is stored: no record, because Envers reads none. */
@Embeddable
class OtherRadioValue {

    private String name;

    @Column(name = "rated_power_w")
    private double ratedPowerW;

    private double swrCeiling;

    protected OtherRadioValue() {}

    OtherRadioValue(OtherRadio r) {
        name = r.name();
        ratedPowerW = r.ratedPowerW();
        swrCeiling = r.swrCeiling();
    }

    OtherRadio record() {
        return new OtherRadio(name, ratedPowerW, swrCeiling);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof OtherRadioValue r && record().equals(r.record());
    }

    @Override
    public int hashCode() {
        return record().hashCode();
    }
}
