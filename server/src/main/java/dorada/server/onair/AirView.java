package dorada.server.onair;

import dorada.core.onair.FairComparison;
import dorada.core.onair.Report;
import dorada.server.people.Person;
import dorada.server.words.OutcomeView;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;

/**
 * All that was tried on the air with an installation.
 *
 * @param farthest call that was understood; absent where there is none with a distance
 */
record AirView(
        @NotNull List<CallView> calls,
        CallView farthest,
        @NotNull List<ComparisonView> comparisons) {

    static AirView of(List<AirCall> calls, List<AirComparison> comparisons) {
        return new AirView(
                calls.stream().map(CallView::of).toList(),
                farthest(calls).map(CallView::of).orElse(null),
                comparisons.stream().map(ComparisonView::of).toList());
    }

    /** Of the calls with the antenna that stays that count: the farthest that was understood. */
    static Optional<AirCall> farthest(List<AirCall> calls) {
        return calls.stream()
                .filter(c -> c.takenBackAt().isEmpty()
                        && !c.entered().oldAntenna()
                        && c.entered().distanceM() != null
                        && c.entered().report().score() > Report.NOT_UNDERSTOOD.score())
                .max(Comparator.comparingDouble(c -> c.entered().distanceM()));
    }

    /** @param takenBackBy absent where it counts */
    record CallView(
            @NotNull UUID id,
            @NotNull CallRequest entered,
            @NotNull String by,
            @NotNull Instant at,
            String takenBackBy) {

        static CallView of(AirCall c) {
            return new CallView(
                    c.id(),
                    c.entered(),
                    c.calledBy().displayName(),
                    c.calledAt(),
                    c.takenBackBy().map(Person::displayName).orElse(null));
        }
    }

    /**
     * @param number counted from 1: all that the hearer is told
     * @param clipDb signal to noise of its clip; absent without one, or where it told nothing
     */
    record TrialView(
            @NotNull int number,
            @NotNull int round,
            @NotNull String antenna,
            Report report,
            @NotNull boolean hasClip,
            Double clipDb,
            Double clipDoubtDb) {}

    /** @param medianGain in dB where it is by clips, else in steps of the report */
    record PairView(@NotNull OutcomeView says, Double medianGain) {}

    record ComparisonView(
            @NotNull UUID id,
            @NotNull String place,
            @NotNull double powerW,
            @NotNull double frequencyHz,
            @NotNull String by,
            @NotNull Instant at,
            @NotNull List<TrialView> trials,
            @NotNull boolean isByClips,
            @NotNull List<PairView> pairs) {

        static ComparisonView of(AirComparison c) {
            List<AirTrial> trials = c.trials();
            FairComparison result = c.result();
            return new ComparisonView(
                    c.id(),
                    c.place(),
                    c.powerW(),
                    c.frequencyHz(),
                    c.begunBy().displayName(),
                    c.begunAt(),
                    IntStream.range(0, trials.size())
                            .mapToObj(i -> trial(i + 1, trials.get(i)))
                            .toList(),
                    c.isByClips(),
                    IntStream.range(0, result.pairs().size())
                            .mapToObj(i -> new PairView(
                                    OutcomeView.of(result.says().get(i)),
                                    result.pairs().get(i).medianGain().isPresent()
                                            ? result.pairs().get(i).medianGain().getAsDouble()
                                            : null))
                            .toList());
        }

        private static TrialView trial(int number, AirTrial t) {
            return new TrialView(
                    number,
                    t.round(),
                    t.antenna(),
                    t.report().orElse(null),
                    t.hasClip(),
                    t.clipDb().isPresent() ? t.clipDb().getAsDouble() : null,
                    t.clipDoubtDb().isPresent() ? t.clipDoubtDb().getAsDouble() : null);
        }
    }
}
