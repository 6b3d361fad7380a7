package dorada.core.tuning;

import java.util.EnumMap;
import java.util.Map;

/**
 * Weighs every {@link Hypothesis} by how likely it is before any reading, and by how well it explains the readings (Bayes). What
 * is likely beforehand is common practice, no source; all of it stands here.
 */
final class Evidence {

    private static final double LOAD = 0.003;
    private static final double OPEN = 0.005;
    private static final double INSTRUMENT = 0.004;
    private static final double MISREAD = 0.02;
    private static final double NOT_FOLLOWING = 0.04;

    /** |Γ| of a load or of a long lossy line is below this. */
    private static final double LOW = 0.06;

    /** |Γ| of an open or shorted line is above this. */
    private static final double HIGH = 0.85;

    /** How well an arbitrary reading is explained by chance, as against one that is explained perfectly. */
    private static final double BY_CHANCE = 0.03;

    /** What stays open of a curve that was swept, whose side is plain. */
    private static final double OPEN_AFTER_A_SWEEP = 0.03;

    /** Of such faults so many stay where somebody has looked for them. */
    private static final double LEFT_AFTER_A_LOOK = 0.2;

    private Evidence() {}

    /**
     * @param hopelessBy a rule that is missed by more at any length is missed for another reason
     * @param looked whether somebody has looked for a fault since it was read otherwise
     */
    static Hypotheses ofSpots(
            SpotBelief belief, LengthBelief lengths, double stepM, double hopelessBy, boolean changed, boolean looked) {
        double left = looked ? LEFT_AFTER_A_LOOK : 1;
        double followingPrior = 1 - left * (LOAD + OPEN + INSTRUMENT) - MISREAD - (changed ? NOT_FOLLOWING : 0);
        Map<Hypothesis, Double> weights = new EnumMap<>(Hypothesis.class);
        double sound = followingPrior * belief.following();
        lengths.shares(stepM, hopelessBy)
                .forEach((h, share) -> weights.put(h, share * sound * (h == Hypothesis.NO_GROUND_PLANE ? left : 1)));
        weights.put(Hypothesis.NOT_FOLLOWING, changed ? NOT_FOLLOWING * belief.notFollowing() : 0);
        weights.put(Hypothesis.LOAD_OR_LOSS, left * LOAD * belief.constant(0, LOW));
        weights.put(Hypothesis.OPEN_OR_SHORTED, left * OPEN * belief.constant(HIGH, 1));
        weights.put(Hypothesis.INSTRUMENT, left * INSTRUMENT * belief.constant(LOW, HIGH));
        weights.put(Hypothesis.MISREAD, MISREAD * Math.pow(BY_CHANCE, belief.independentReadings()));
        return Hypotheses.of(weights);
    }

    /** For a curve whose dip was swept. */
    static Hypotheses ofSweep(LengthBelief lengths, double stepM, double hopelessBy, boolean changed) {
        Map<Hypothesis, Double> weights = new EnumMap<>(Hypothesis.class);
        lengths.shares(stepM, hopelessBy).forEach((h, share) -> weights.put(h, share * (1 - OPEN_AFTER_A_SWEEP)));
        Hypothesis rest = changed ? Hypothesis.NOT_FOLLOWING : Hypothesis.ANOTHER_KIND;
        weights.merge(rest, OPEN_AFTER_A_SWEEP / 2, Double::sum);
        weights.merge(Hypothesis.POOR_MATCH, OPEN_AFTER_A_SWEEP / 2, Double::sum);
        return Hypotheses.of(weights);
    }
}
