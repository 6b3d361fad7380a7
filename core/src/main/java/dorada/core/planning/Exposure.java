package dorada.core.planning;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.outcome.Refusal;
import dorada.core.rf.Wavelength;
import java.util.List;
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
     * @throws Refusal below 0.3 MHz and above 100 GHz, where the rule gives none
     */
    public static double limitMwPerCm2(Group group, double frequencyHz) {
        double f = frequencyHz / MHZ;
        if (!(f >= 0.3 && f <= 100_000)) {
            throw new Refusal(Untold.NO_LIMIT.of(frequencyHz));
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
    public record Distance(Optional<Double> distanceM, Optional<Outcome> reason, double limitMwPerCm2) {}

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
            return none(limit, Untold.AT_THE_BODY.of());
        }
        double wave = Wavelength.ofHz(frequencyHz);
        double density = limit * W_PER_M2;
        double metres = Math.sqrt(eirpW * duty * ground.fieldFactor * ground.fieldFactor / (4 * Math.PI * density));
        if (metres < NEAR_WAVES * wave) {
            return none(limit, Untold.NEAR_FIELD.of(NEAR_WAVES * wave));
        }
        if (metres < largestM) {
            return none(limit, Untold.SHORTER_THAN_THE_ANTENNA.of());
        }
        return new Distance(Optional.of(metres), Optional.empty(), limit);
    }

    private static Distance none(double limit, Outcome reason) {
        return new Distance(Optional.empty(), Optional.of(reason), limit);
    }

    /** Why the formula tells no distance. */
    private enum Untold implements OutcomeId {
        AT_THE_BODY,
        NEAR_FIELD("leastSizeM"),
        SHORTER_THAN_THE_ANTENNA,
        NO_LIMIT("frequencyHz");

        private final List<String> takes;

        Untold(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "exposure";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
