package dorada.core.tuning;

import dorada.core.antenna.Carrier;
import dorada.core.outcome.Outcome;
import dorada.core.tuning.Cause.Id;
import java.util.List;
import java.util.Optional;

/**
 * What makes an antenna read otherwise than before with nobody having changed it: what it is fitted to, and which way its dip
 * went, decide what is looked at first (common practice, no source).
 */
final class MovedByItself {

    private MovedByItself() {}

    /** @param movedShare how far the dip moved, as a share, positive for up; NaN where that is not known */
    static List<Cause> causes(double movedShare, Optional<Carrier> carrier) {
        Outcome evidence = Double.isNaN(movedShare)
                ? Symptom.READS_OTHERWISE.of()
                : (movedShare < 0 ? Symptom.DIP_MOVED_DOWN : Symptom.DIP_MOVED_UP).of(Math.abs(movedShare));
        boolean up = movedShare > 0;
        return carrier.map(c -> on(c, up, evidence)).orElseGet(() -> anywhere(up, evidence));
    }

    private static List<Cause> anywhere(boolean up, Outcome evidence) {
        return List.of(
                slipped(evidence),
                up ? ground(evidence) : water(evidence),
                new Cause(Id.SOMETHING_NEW_BESIDE_IT, evidence, Check.CLEAR_AND_READ));
    }

    private static List<Cause> on(Carrier carrier, boolean up, Outcome evidence) {
        Cause slipped = slipped(evidence);
        Cause water = water(evidence);
        Cause ground = ground(evidence);
        return switch (carrier) {
            case VEHICLE ->
                List.of(
                        up ? ground : slipped,
                        up ? slipped : water,
                        new Cause(Id.SOMETHING_ON_THE_ROOF, evidence, Check.TAKE_IT_OFF_THE_ROOF));
            case HANDHELD ->
                List.of(
                        new Cause(Id.HELD_OTHERWISE, evidence, Check.HOLD_AS_SIGNED_OFF),
                        new Cause(Id.WORN_CONNECTOR, evidence, Check.TURN_THE_ROD),
                        slipped);
            case AIRCRAFT ->
                List.of(
                        new Cause(up ? Id.LOOSE_BOND : Id.WATER_IN_THE_STRUCTURE, evidence, Check.LICENSED_STAFF),
                        new Cause(Id.AIRCRAFT_SURROUNDINGS, evidence, Check.INTO_THE_OPEN),
                        slipped);
            case MAST ->
                List.of(
                        up ? slipped : water,
                        up ? ground : slipped,
                        new Cause(Id.MAST_SURROUNDINGS, evidence, Check.FIELD_GLASSES));
            case INDOOR ->
                List.of(
                        new Cause(Id.SOMETHING_PUT_BESIDE_IT, evidence, Check.CLEAR_EACH_WIRE),
                        new Cause(Id.WIRE_HANGS_OTHERWISE, evidence, Check.HANG_AS_SIGNED_OFF),
                        slipped(evidence));
            case PORTABLE ->
                List.of(new Cause(Id.SET_UP_OTHERWISE, evidence, Check.SET_UP_AS_SIGNED_OFF), slipped, water);
        };
    }

    private static Cause slipped(Outcome evidence) {
        return new Cause(Id.SLIPPED_JOINT, evidence, Check.DEPTH_MARK_AND_SIGN_OFF);
    }

    private static Cause water(Outcome evidence) {
        return new Cause(Id.WATER, evidence, Check.DRY_AND_OPEN);
    }

    private static Cause ground(Outcome evidence) {
        return new Cause(Id.CORRODED_GROUND, evidence, Check.CLEAN_THE_MOUNT);
    }
}
