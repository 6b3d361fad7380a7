package dorada.core.planning;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What to fit of what was looked at: which antenna, which ground. The weighing is common practice and choices of ours. */
public final class Choice {

    /** From here on another antenna is worth a worse match. */
    private static final double MUCH_DB = 6;

    private Choice() {}

    /**
     * A candidate that may stand there, as {@link AntennaChoice} ranks them.
     *
     * @param lengthM of what is cut, by rule
     * @param solved empty before it is computed on its mount
     */
    public record Antenna(String id, Outcome title, double lengthM, Optional<Solved> solved) {}

    /**
     * What {@link AntennaTrial} found.
     *
     * @param lengthM of what is cut, as tuned
     * @param holds all of the band is under the limit
     * @param wantedDbi gain toward what is to be reached
     * @param gainLessEffortDb that gain less what the trouble is worth, in dB
     */
    public record Solved(double lengthM, double worstSwr, boolean holds, double wantedDbi, double gainLessEffortDb) {}

    /** A ground that was solved, as {@link GroundPlanner} has it. */
    public record Ground(String name, double worstSwr, double worstHz, boolean holds, double massKg) {}

    /** @param id of what is advised */
    public record Advised(String id, Outcome outcome) {}

    /** What is said of it. */
    public enum Said implements OutcomeId {
        /** By rule alone: not all are solved yet. */
        RULE_OF_THUMB("antenna", "lengthM"),
        FIT("antenna", "lengthM", "limitSwr", "gainDbi"),
        NONE_HOLDS("antenna", "limitSwr", "worstSwr"),
        /** Another, of a worse match, reaches much more. */
        LOUDER("antenna", "limitSwr", "louder", "moreDb", "worstSwr"),
        GROUND_HOLDS("ground", "limitSwr", "worstSwr", "roughHz"),
        GROUND_AND_LIGHTER("ground", "worstSwr", "roughHz", "lighter", "limitSwr", "massKg"),
        NO_GROUND_HOLDS("ground", "limitSwr", "worstSwr", "roughHz");

        private final List<String> takes;

        Said(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "choice";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }

    /**
     * Among those that hold the band, the one that brings most for its trouble; where none does, the one that is nearest. Until all
     * are solved, the first by rule.
     *
     * @param open those that may stand there, the likeliest first
     * @return empty where none may
     */
    public static Optional<Advised> antenna(List<Antenna> open, double limitSwr) {
        if (open.isEmpty()) {
            return Optional.empty();
        }
        List<Antenna> solved = open.stream().filter(a -> a.solved().isPresent()).toList();
        if (solved.size() < open.size()) {
            Antenna first = open.get(0);
            return Optional.of(new Advised(first.id(), Said.RULE_OF_THUMB.of(first.title(), first.lengthM())));
        }
        Optional<Antenna> holding = solved.stream()
                .filter(a -> of(a).holds())
                .max(Comparator.comparingDouble(a -> of(a).gainLessEffortDb()));
        if (holding.isEmpty()) {
            Antenna nearest = solved.stream()
                    .min(Comparator.comparingDouble(a -> of(a).worstSwr()))
                    .orElseThrow();
            return Optional.of(new Advised(
                    nearest.id(),
                    Said.NONE_HOLDS.of(nearest.title(), limitSwr, of(nearest).worstSwr())));
        }
        Antenna fit = holding.get();
        Antenna loudest = solved.stream()
                .max(Comparator.comparingDouble(a -> of(a).wantedDbi()))
                .orElseThrow();
        double moreDb = of(loudest).wantedDbi() - of(fit).wantedDbi();
        return Optional.of(new Advised(
                fit.id(),
                !of(loudest).holds() && moreDb >= MUCH_DB
                        ? Said.LOUDER.of(
                                fit.title(),
                                limitSwr,
                                loudest.title(),
                                moreDb,
                                of(loudest).worstSwr())
                        : Said.FIT.of(fit.title(), of(fit).lengthM(), limitSwr, of(fit).wantedDbi())));
    }

    private static Solved of(Antenna a) {
        return a.solved().orElseThrow();
    }

    /**
     * The ground with the best match, and beside it the lightest that holds the band.
     *
     * @return empty where none was solved
     */
    public static Optional<Advised> ground(List<Ground> solved, double limitSwr) {
        return solved.stream()
                .min(Comparator.comparingDouble(Ground::worstSwr))
                .map(best -> new Advised(best.name(), ground(best, solved, limitSwr)));
    }

    private static Outcome ground(Ground best, List<Ground> solved, double limitSwr) {
        Optional<Ground> lightest =
                solved.stream().filter(Ground::holds).min(Comparator.comparingDouble(Ground::massKg));
        if (lightest.isEmpty()) {
            return Said.NO_GROUND_HOLDS.of(best.name(), limitSwr, best.worstSwr(), best.worstHz());
        }
        return lightest.get().equals(best)
                ? Said.GROUND_HOLDS.of(best.name(), limitSwr, best.worstSwr(), best.worstHz())
                : Said.GROUND_AND_LIGHTER.of(
                        best.name(),
                        best.worstSwr(),
                        best.worstHz(),
                        lightest.get().name(),
                        limitSwr,
                        lightest.get().massKg());
    }
}
