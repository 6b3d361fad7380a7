package dorada.core.tuning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How probable each {@link Hypothesis} is after the readings. Nothing is ever quite certain or quite impossible: what the
 * hypotheses do not contain happens too.
 */
public final class Hypotheses {

    /** Nothing is said to be less likely than this: one job in a thousand is something that nobody thought of. */
    public static final double LEAST = 0.001;

    /** Less is not worth naming. */
    private static final double NAMED = 0.02;

    /** One of them with its probability. */
    public record Weighed(Hypothesis hypothesis, double probability) {}

    private final Map<Hypothesis, Double> probability;

    private Hypotheses(Map<Hypothesis, Double> probability) {
        this.probability = probability;
    }

    /** @param weights 0 or more, at least one above 0; they are normalised here */
    static Hypotheses of(Map<Hypothesis, Double> weights) {
        double sum = weights.values().stream().mapToDouble(Double::doubleValue).sum();
        Map<Hypothesis, Double> all = new EnumMap<>(Hypothesis.class);
        for (Hypothesis h : Hypothesis.values()) {
            double share = sum > 0 ? weights.getOrDefault(h, 0.0) / sum : 0;
            all.put(h, LEAST + (1 - LEAST * Hypothesis.values().length) * share);
        }
        return new Hypotheses(all);
    }

    /** One that the evidence leaves little doubt of. */
    static Hypotheses mostly(Hypothesis hypothesis, double share, Hypothesis other) {
        return of(Map.of(hypothesis, share, other, 1 - share));
    }

    public double probability(Hypothesis hypothesis) {
        return probability.get(hypothesis);
    }

    /** The same where the rule is met as it was read: then no sound antenna is too long or too short, whatever its estimate says. */
    Hypotheses whereTheRuleIsMet() {
        Map<Hypothesis, Double> all = new EnumMap<>(probability);
        for (Hypothesis h :
                List.of(Hypothesis.TOO_LONG, Hypothesis.TOO_SHORT, Hypothesis.POOR_MATCH, Hypothesis.NO_GROUND_PLANE)) {
            all.merge(Hypothesis.CENTRED, all.put(h, 0.0), Double::sum);
        }
        return of(all);
    }

    /** The likeliest first, as many as are worth naming, at least one. */
    public List<Weighed> likeliest() {
        List<Weighed> all = new ArrayList<>();
        probability.forEach((h, p) -> all.add(new Weighed(h, p)));
        all.sort(Comparator.comparingDouble(Weighed::probability).reversed());
        int count = 1;
        while (count < all.size() && all.get(count).probability() >= NAMED) {
            count++;
        }
        return List.copyOf(all.subList(0, count));
    }
}
