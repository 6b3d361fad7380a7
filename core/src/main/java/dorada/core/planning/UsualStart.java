package dorada.core.planning;

import dorada.core.antenna.Carrier;
import java.util.Optional;

/**
 * What a new installation on a carrier usually is, to begin from: everything may be changed. Common practice, no source.
 *
 * @param kind id of the antenna that is fitted most
 * @param limitSwr up to which it counts as good enough
 * @param atAntenna read where the antenna plugs in, rather than at the radio
 * @param ratedPowerW of the radio
 * @param ceilingSwr up to which such a radio is rated
 * @param service id of the radio service whose usual channels are wanted; empty where it may be any
 */
public record UsualStart(
        String kind,
        double limitSwr,
        boolean atAntenna,
        double ratedPowerW,
        double ceilingSwr,
        Optional<String> service) {

    /** One wide band: what a whip over it can hold, measured where it is fitted. */
    private static final double AIRBAND_LIMIT = 2.5;

    public static UsualStart on(Carrier carrier) {
        return switch (carrier) {
            case VEHICLE -> new UsualStart("QUARTER_WAVE_WHIP", 2, false, 25, 2, Optional.empty());
            case HANDHELD -> new UsualStart("HANDHELD_ROD", 2, true, 5, 2, Optional.empty());
            case AIRCRAFT -> new UsualStart("AIRBAND_WHIP", AIRBAND_LIMIT, true, 8, 3, Optional.of("airband"));
            case MAST -> new UsualStart("GROUND_PLANE", 1.5, true, 25, 2, Optional.empty());
            case INDOOR -> new UsualStart("DIPOLE", 2, false, 4, 2, Optional.empty());
            case PORTABLE -> new UsualStart("RIBBON_J_POLE", 2, true, 5, 2, Optional.empty());
        };
    }
}
