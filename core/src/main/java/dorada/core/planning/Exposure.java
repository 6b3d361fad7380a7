package dorada.core.planning;

import dorada.core.rf.Wavelength;
import java.util.Optional;

/**
 * Distance that people keep from a transmitting antenna. Limits: 47 CFR 1.1310(e), power density, from memory. Formula: FCC
 * OET Bulletin 65 (1997), equations 3 to 7. Local rules prevail.
 */
public final class Exposure {

    /** What the ground adds: OET 65 takes a field 1.6 times as large as typical, twice as worst. */
    public enum GroundReflection {
        NONE(1),
        TYPICAL(1.6),
        WORST(2);

        private final double fieldFactor;

        GroundReflection(double fieldFactor) {
            this.fieldFactor = fieldFactor;
        }
    }

    /** Who may be there. */
    public enum Group {
        /** People who know and can move away; averaged over 6 minutes. */
        OCCUPATIONAL,
        /** Anybody; averaged over 30 minutes. */
        PUBLIC
    }

    private static final double MHZ = 1e6;
    /** 1 mW/cm² is 10 W/m². */
    private static final double W_PER_M2 = 10;
    /** Nearer than this share of a wavelength the far-field formula does not hold; common practice, λ/2π. */
    private static final double NEAR_WAVES = 1.0 / 6;

    private Exposure() {}

    /**
     * Limit in mW/cm².
     *
     * @throws IllegalArgumentException below 0.3 MHz and above 100 GHz, where the rule gives none
     */
    public static double limitMwPerCm2(Group group, double frequencyHz) {
        double f = frequencyHz / MHZ;
        if (!(f >= 0.3 && f <= 100_000)) {
            throw new IllegalArgumentException("The rule gives no limit at " + f + " MHz.");
        }
        if (group == Group.OCCUPATIONAL) {
            return f < 3 ? 100 : f < 30 ? 900 / (f * f) : f < 300 ? 1 : f < 1500 ? f / 300 : 5;
        }
        return f < 1.34 ? 100 : f < 30 ? 180 / (f * f) : f < 300 ? 0.2 : f < 1500 ? f / 1500 : 1;
    }

    /**
     * @param distanceM to keep; empty where the formula can't tell
     * @param reason why there is no distance; empty where there is one
     * @param limitMwPerCm2 of the group
     */
    public record Distance(Optional<Double> distanceM, Optional<String> reason, double limitMwPerCm2) {}

    /**
     * @param eirpW greatest, in watts
     * @param duty share of the averaging time that is transmitted, times what the modulation leaves of the carrier, 0 to 1
     * @param largestM largest dimension of the antenna, in metres
     * @param atBody true for a handheld or a set worn on the body
     */
    public static Distance distance(
            Group group,
            double frequencyHz,
            double eirpW,
            double duty,
            GroundReflection ground,
            double largestM,
            boolean atBody) {
        if (!(eirpW >= 0) || !(duty >= 0 && duty <= 1)) {
            throw new IllegalArgumentException("Watts must be 0 or more, and the duty between 0 and 1.");
        }
        double limit = limitMwPerCm2(group, frequencyHz);
        if (atBody) {
            return none(
                    limit,
                    "A set at the body is judged by absorption in the body, not by distance:"
                            + " keep to the maker's instructions.");
        }
        double wave = Wavelength.ofHz(frequencyHz);
        double density = limit * W_PER_M2;
        double metres = Math.sqrt(eirpW * duty * ground.fieldFactor * ground.fieldFactor / (4 * Math.PI * density));
        if (metres < NEAR_WAVES * wave) {
            return none(
                    limit,
                    "Within a sixth of a wavelength the far-field formula does not hold, and it would allow less than that:"
                            + " stay at least " + Math.round(NEAR_WAVES * wave * 100) + " cm away.");
        }
        if (metres < largestM) {
            return none(
                    limit,
                    "The distance would be shorter than the antenna is long, where the formula does not hold:"
                            + " have it assessed, or stay at least the antenna's length away.");
        }
        return new Distance(Optional.of(metres), Optional.empty(), limit);
    }

    private static Distance none(double limit, String reason) {
        return new Distance(Optional.empty(), Optional.of(reason), limit);
    }
}
