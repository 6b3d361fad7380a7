package dorada.core.acceptance;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.sweep.Reading;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Several builds of one antenna, each read by a meter at the same frequencies under a name of its own, against a limit: which of them
 * hold, and which of those is the lightest.
 *
 * @param runs as they were read, in that order
 * @param says what it comes to, the answer first
 */
public record RunComparison(List<Judged> runs, List<Outcome> says) {

    /**
     * @param name such as "plate and radials"
     * @param weightKg what it weighs; empty where nobody weighed it
     * @param readings at least one
     */
    public record Run(String name, OptionalDouble weightKg, List<Reading> readings) {}

    /** Whether a build keeps to the limit. */
    public enum State {
        /** Whatever the meter's doubt. */
        HOLDS,
        /** As it was read; within the meter's doubt it may be above. */
        HOLDS_AS_READ,
        FAILS
    }

    /**
     * @param worst reading of all
     * @param highSwr the greatest that any may stand for, perhaps infinite
     */
    public record Judged(Run run, State state, Reading worst, double highSwr) {}

    /** What it comes to. */
    public enum Says implements OutcomeId {
        LIGHTEST_HOLDS("best", "weightKg", "worstSwr", "limitSwr"),
        LIGHTEST_HOLDS_AS_READ("best", "weightKg", "worstSwr", "highSwr", "limitSwr"),
        HOLDS("best", "worstSwr", "limitSwr"),
        HOLDS_AS_READ("best", "worstSwr", "highSwr", "limitSwr"),
        NONE_HOLDS("best", "worstSwr", "worstHz", "limitSwr"),
        NOT_WEIGHED("best"),
        NOT_READ_EVERYWHERE("best", "missingCount");

        private final List<String> takes;

        Says(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "runs";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }

    private static final double SAME_HZ = 1000;

    /** A reading of the limit itself is within it. */
    private static final double EXACT = 1e-6;

    /** @param runs at least one, each with a reading */
    public static RunComparison of(List<Run> runs, double limitSwr) {
        List<Judged> judged = runs.stream().map(r -> judge(r, limitSwr)).toList();
        return new RunComparison(judged, says(judged, limitSwr));
    }

    private static Judged judge(Run run, double limitSwr) {
        Reading worst = run.readings().stream()
                .max(Comparator.comparingDouble(Reading::swr))
                .orElseThrow();
        double high =
                run.readings().stream().mapToDouble(Reading::highSwr).max().orElseThrow();
        State state = worst.swr() > limitSwr + EXACT
                ? State.FAILS
                : Math.max(high, worst.swr()) > limitSwr + EXACT ? State.HOLDS_AS_READ : State.HOLDS;
        return new Judged(run, state, worst, Math.max(high, worst.swr()));
    }

    private static List<Outcome> says(List<Judged> judged, double limitSwr) {
        List<Outcome> says = new ArrayList<>();
        Judged best = lightest(judged, State.HOLDS)
                .or(() -> lightest(judged, State.HOLDS_AS_READ))
                .orElseGet(() -> judged.stream()
                        .min(Comparator.comparingDouble(j -> j.worst().swr()))
                        .orElseThrow());
        String name = best.run().name();
        double worst = best.worst().swr();
        OptionalDouble kg = best.run().weightKg();
        switch (best.state()) {
            case HOLDS ->
                says.add(
                        kg.isPresent()
                                ? Says.LIGHTEST_HOLDS.of(name, kg.getAsDouble(), worst, limitSwr)
                                : Says.HOLDS.of(name, worst, limitSwr));
            case HOLDS_AS_READ ->
                says.add(
                        kg.isPresent()
                                ? Says.LIGHTEST_HOLDS_AS_READ.of(
                                        name, kg.getAsDouble(), worst, best.highSwr(), limitSwr)
                                : Says.HOLDS_AS_READ.of(name, worst, best.highSwr(), limitSwr));
            default -> says.add(Says.NONE_HOLDS.of(name, worst, best.worst().frequencyHz(), limitSwr));
        }
        judged.stream()
                .filter(j -> j != best && j.state() == best.state() && best.state() != State.FAILS)
                .filter(j -> j.run().weightKg().isEmpty())
                .forEach(j -> says.add(Says.NOT_WEIGHED.of(j.run().name())));
        int missing = missing(best.run(), judged);
        if (missing > 0) {
            says.add(Says.NOT_READ_EVERYWHERE.of(name, missing));
        }
        return says;
    }

    /** Of those with {@code state}: the lightest that was weighed, else the best match. */
    private static Optional<Judged> lightest(List<Judged> judged, State state) {
        List<Judged> of = judged.stream().filter(j -> j.state() == state).toList();
        return of.stream()
                .filter(j -> j.run().weightKg().isPresent())
                .min(Comparator.comparingDouble(j -> j.run().weightKg().getAsDouble()))
                .or(() -> of.stream()
                        .min(Comparator.comparingDouble(j -> j.worst().swr())));
    }

    /** At how many frequencies others were read and it was not. */
    private static int missing(Run run, List<Judged> judged) {
        return (int) judged.stream()
                .flatMap(j -> j.run().readings().stream())
                .map(r -> Math.rint(r.frequencyHz() / SAME_HZ))
                .distinct()
                .filter(khz -> run.readings().stream().noneMatch(r -> Math.rint(r.frequencyHz() / SAME_HZ) == khz))
                .count();
    }
}
