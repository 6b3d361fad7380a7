package dorada.core.ready;

import dorada.core.antenna.Carrier;
import dorada.core.outcome.OutcomeId;
import dorada.core.tuning.Circumstance;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** One thing that is looked at before the first reading (common practice, no source); in the order in which they are done. */
public enum ReadyStep implements OutcomeId {
    OVERHEAD_LINES(Weight.FORBIDS),
    RADIO_OFF_THE_LINE(Weight.FORBIDS, Method.ANALYSER),
    PEOPLE_OFF_THE_ANTENNA(Weight.FORBIDS, Method.INLINE_METER, Method.WATTMETER, Method.RADIO_METER),
    CALIBRATED_THERE(Circumstance.NOT_CALIBRATED, Method.ANALYSER),
    JUMPER_IN_PLACE(Weight.VOIDS, Method.INLINE_METER, Method.WATTMETER),
    RANGE_FITS(Weight.VOIDS, Method.INLINE_METER),
    PLUG_FITS(Weight.VOIDS, Method.WATTMETER),
    DUMMY_LOAD_FIRST(Weight.DOUBTS, Method.INLINE_METER, Method.WATTMETER, Method.RADIO_METER),
    LOW_POWER(Weight.DOUBTS, Method.INLINE_METER, Method.WATTMETER, Method.RADIO_METER),
    UNMODULATED(Weight.VOIDS, Method.INLINE_METER, Method.WATTMETER, Method.RADIO_METER),
    FREQUENCY_CLEAR(Weight.FORBIDS, Method.INLINE_METER, Method.WATTMETER, Method.RADIO_METER),
    IDENTIFIED(Weight.FORBIDS, Method.INLINE_METER, Method.WATTMETER, Method.RADIO_METER),
    FINAL_PLACE(Circumstance.ON_THE_GROUND),
    OUTDOORS(Circumstance.INDOORS),
    DOORS_SHUT(Circumstance.DOOR_OPEN),
    PEOPLE_AWAY(Circumstance.PEOPLE_NEAR),
    METAL_AWAY(Circumstance.METAL_NEAR),
    OPEN_GROUND(Circumstance.NOT_IN_THE_OPEN);

    /** What a no means. */
    public enum Weight {
        /** Somebody or something could be hurt: nothing is read before. */
        FORBIDS,
        /** What is read says nothing. */
        VOIDS,
        /** What is read is of another state, or less sure. */
        DOUBTS
    }

    private final Weight weight;
    private final Circumstance otherwise;
    private final Set<Method> methods;

    ReadyStep(Weight weight, Method... methods) {
        this(weight, null, methods);
    }

    ReadyStep(Circumstance otherwise, Method... methods) {
        this(Weight.DOUBTS, otherwise, methods);
    }

    ReadyStep(Weight weight, Circumstance otherwise, Method... methods) {
        this.weight = weight;
        this.otherwise = otherwise;
        this.methods = methods.length == 0 ? EnumSet.allOf(Method.class) : EnumSet.copyOf(Arrays.asList(methods));
    }

    public Weight weight() {
        return weight;
    }

    /** The circumstance that a no puts on every reading. */
    public Optional<Circumstance> otherwise() {
        return Optional.ofNullable(otherwise);
    }

    @Override
    public String area() {
        return "ready";
    }

    /** What is asked before readings by {@code method} on {@code carrier}: no doors of a mast, no open ground indoors. */
    public static List<ReadyStep> of(Method method, Carrier carrier) {
        return Arrays.stream(values())
                .filter(s -> s.methods.contains(method) && s.isAskedOn(carrier))
                .toList();
    }

    private boolean isAskedOn(Carrier carrier) {
        boolean isBody = carrier == Carrier.VEHICLE || carrier == Carrier.AIRCRAFT;
        return switch (this) {
            case DOORS_SHUT -> isBody;
            case OVERHEAD_LINES -> carrier == Carrier.MAST || carrier == Carrier.PORTABLE || carrier == Carrier.VEHICLE;
            case FINAL_PLACE -> carrier != Carrier.HANDHELD;
            default -> otherwise == null || otherwise.mattersOn(carrier);
        };
    }
}
