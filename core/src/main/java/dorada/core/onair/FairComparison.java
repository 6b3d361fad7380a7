package dorada.core.onair;

import dorada.core.outcome.Outcome;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.hipparchus.distribution.discrete.BinomialDistribution;

/**
 * Which of several antennas was heard better, and how sure that is: a sign test over rounds in which all were heard under the same
 * circumstances. Rounds without a difference do not count. Source: the sign test, as in Conover, Practical Nonparametric Statistics;
 * several pairs share the risk of a wrong answer (Bonferroni).
 *
 * @param pairs the surest first
 * @param says what each pair comes to
 */
public record FairComparison(List<Pair> pairs, List<Outcome> says) {

    /** The chance by luck below which a difference is called sure. */
    public static final double SURE = 0.05;

    private static final double LIKELY = 0.25;

    /** With more rounds than this nobody goes on. */
    private static final int MOST_ROUNDS = 60;

    /** Fewer wins than this share are no tendency that more rounds would prove. */
    private static final double TENDENCY = 0.6;

    /**
     * @param round counted from 1
     * @param antenna its name
     * @param score how it was heard, higher is better: decibels or a report in words as a number
     */
    public record Heard(int round, String antenna, double score) {}

    /**
     * @param better the one that won more rounds
     * @param wins rounds that it won
     * @param rounds that counted: those with a difference
     * @param ties rounds without one
     * @param luckChance that luck alone gives such a result or a clearer one, for any pair
     * @param medianGain by how much it was heard better, in the scores' unit; empty without a round
     * @param moreRounds that would make it sure if it goes on alike; 0 where it is sure or would not become so
     */
    public record Pair(
            String better,
            String worse,
            int wins,
            int rounds,
            int ties,
            double luckChance,
            OptionalDouble medianGain,
            int moreRounds) {

        /** Whether it is called sure. */
        public boolean isSure() {
            return luckChance < SURE;
        }
    }

    public FairComparison {
        pairs = List.copyOf(pairs);
        says = List.copyOf(says);
    }

    /** @param tie scores nearer than this are alike: 0 for reports in words, a decibel for clips */
    public static FairComparison of(List<Heard> heard, double tie) {
        Map<String, Map<Integer, Double>> byAntenna = new LinkedHashMap<>();
        heard.forEach(h ->
                byAntenna.computeIfAbsent(h.antenna, a -> new LinkedHashMap<>()).put(h.round, h.score));
        List<String> names = List.copyOf(byAntenna.keySet());
        int count = names.size() * (names.size() - 1) / 2;
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            for (int j = i + 1; j < names.size(); j++) {
                pairs.add(pair(names.get(i), names.get(j), byAntenna, tie, count));
            }
        }
        pairs.sort(Comparator.comparingDouble(Pair::luckChance));
        return new FairComparison(
                pairs, pairs.stream().map(FairComparison::says).toList());
    }

    private static Pair pair(String a, String b, Map<String, Map<Integer, Double>> byAntenna, double tie, int pairs) {
        double[] gains = byAntenna.get(a).entrySet().stream()
                .filter(e -> byAntenna.get(b).containsKey(e.getKey()))
                .mapToDouble(e -> e.getValue() - byAntenna.get(b).get(e.getKey()))
                .sorted()
                .toArray();
        int forA = (int) Arrays.stream(gains).filter(g -> g > 0 && g >= tie).count();
        int forB = (int) Arrays.stream(gains).filter(g -> g < 0 && -g >= tie).count();
        boolean isA = forA >= forB;
        int wins = Math.max(forA, forB);
        int rounds = forA + forB;
        double median = gains.length == 0 ? 0 : (gains[(gains.length - 1) / 2] + gains[gains.length / 2]) / 2;
        return new Pair(
                isA ? a : b,
                isA ? b : a,
                wins,
                rounds,
                gains.length - rounds,
                luckChance(wins, rounds, pairs),
                gains.length == 0 ? OptionalDouble.empty() : OptionalDouble.of(isA ? median : -median),
                moreRounds(wins, rounds, pairs));
    }

    /** Two-sided: luck may favour either. */
    static double luckChance(int wins, int rounds, int pairs) {
        if (rounds == 0) {
            return 1;
        }
        double oneSide = 1 - new BinomialDistribution(rounds, 0.5).cumulativeProbability(wins - 1);
        return Math.min(1, 2 * oneSide * pairs);
    }

    private static int moreRounds(int wins, int rounds, int pairs) {
        if (rounds == 0 || luckChance(wins, rounds, pairs) < SURE || wins < TENDENCY * rounds) {
            return 0;
        }
        double share = (double) wins / rounds;
        for (int more = 1; rounds + more <= MOST_ROUNDS; more++) {
            int all = rounds + more;
            if (luckChance((int) Math.floor(share * all + 1e-9), all, pairs) < SURE) {
                return more;
            }
        }
        return 0;
    }

    private static Outcome says(Pair p) {
        if (p.isSure()) {
            return ComparisonSays.BETTER_SURELY.of(p.better, p.worse, p.wins, p.rounds, p.luckChance);
        }
        if (p.rounds == 0) {
            return ComparisonSays.NO_ROUND.of(p.better, p.worse);
        }
        if (p.moreRounds == 0) {
            return ComparisonSays.NO_DIFFERENCE.of(p.better, p.worse, p.wins, p.rounds);
        }
        return (p.luckChance < LIKELY ? ComparisonSays.BETTER_LIKELY : ComparisonSays.NOT_TOLD_YET)
                .of(p.better, p.worse, p.wins, p.rounds, p.luckChance, p.moreRounds);
    }
}
