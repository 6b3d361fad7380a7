package dorada.server.tuning;

import dorada.core.instrument.SpotReading;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.Optional;
import java.util.OptionalDouble;

/** A reading at one channel as it is stored. */
@Embeddable
class SpotValue {

    private double frequencyHz;
    private double swr;
    private double lowSwr;
    private Double highSwr;

    @Column(name = "resistance_ohm")
    private Double resistanceOhm;

    @Column(name = "reactance_size_ohm")
    private Double reactanceSizeOhm;

    private Double forwardW;
    private Double reflectedW;
    private Double forwardFullScaleW;
    private Double reflectedFullScaleW;

    protected SpotValue() {}

    SpotValue(SpotReading r) {
        frequencyHz = r.frequencyHz();
        swr = r.swr();
        lowSwr = r.lowSwr();
        highSwr = Double.isInfinite(r.highSwr()) ? null : r.highSwr();
        resistanceOhm = r.resistanceOhm().isPresent() ? r.resistanceOhm().getAsDouble() : null;
        reactanceSizeOhm =
                r.reactanceSizeOhm().isPresent() ? r.reactanceSizeOhm().getAsDouble() : null;
        r.watts().ifPresent(w -> {
            forwardW = w.forwardW();
            reflectedW = w.reflectedW();
            forwardFullScaleW = w.forwardFullScaleW();
            reflectedFullScaleW = w.reflectedFullScaleW();
        });
    }

    SpotValue(PassRecord.SpotRecord r) {
        frequencyHz = r.frequencyHz();
        swr = r.swr();
        lowSwr = r.lowSwr();
        highSwr = r.highSwr();
        resistanceOhm = r.resistanceOhm();
        reactanceSizeOhm = r.reactanceSizeOhm();
        forwardW = r.forwardW();
        reflectedW = r.reflectedW();
        forwardFullScaleW = r.forwardFullScaleW();
        reflectedFullScaleW = r.reflectedFullScaleW();
    }

    PassRecord.SpotRecord record() {
        return new PassRecord.SpotRecord(
                frequencyHz,
                swr,
                lowSwr,
                highSwr,
                resistanceOhm,
                reactanceSizeOhm,
                forwardW,
                reflectedW,
                forwardFullScaleW,
                reflectedFullScaleW);
    }

    SpotReading reading() {
        return new SpotReading(
                frequencyHz,
                swr,
                lowSwr,
                highSwr == null ? Double.POSITIVE_INFINITY : highSwr,
                resistanceOhm == null ? OptionalDouble.empty() : OptionalDouble.of(resistanceOhm),
                reactanceSizeOhm == null ? OptionalDouble.empty() : OptionalDouble.of(reactanceSizeOhm),
                watts());
    }

    /** Passes from before these were kept have their SWR alone. */
    private Optional<SpotReading.Watts> watts() {
        return forwardW == null || reflectedW == null || forwardFullScaleW == null || reflectedFullScaleW == null
                ? Optional.empty()
                : Optional.of(new SpotReading.Watts(forwardW, reflectedW, forwardFullScaleW, reflectedFullScaleW));
    }
}
