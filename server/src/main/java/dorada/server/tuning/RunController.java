package dorada.server.tuning;

import dorada.core.acceptance.RunComparison;
import dorada.core.tuning.Circumstance;
import dorada.core.tuning.Unlike;
import dorada.server.sweep.ReadingView;
import dorada.server.tuning.PassView.CircumstanceView;
import dorada.server.words.OutcomeView;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Builds that were read under names of their own, held against the rule's limit and one another. */
@RestController
class RunController {

    private final Runs runs;

    RunController(Runs runs) {
        this.runs = runs;
    }

    /** @param highSwr greatest that any of its readings may stand for; absent where there is no end to it */
    record RunView(
            @NotNull String name,
            Double weightKg,
            @NotNull RunComparison.State state,
            @NotNull double worstSwr,
            @NotNull double worstHz,
            Double highSwr,
            @NotNull List<ReadingView> readings,
            @NotNull List<CircumstanceView> circumstances) {}

    /**
     * @param says what it comes to; empty without a run
     * @param otherwise some were read under other circumstances than others, so that what differs may be theirs
     */
    record RunsView(
            @NotNull double limitSwr,
            @NotNull List<RunView> runs,
            @NotNull List<OutcomeView> says,
            @NotNull boolean otherwise) {}

    @GetMapping("/api/installations/{id}/runs")
    RunsView runs(@PathVariable UUID id) {
        Runs.Known known = runs.of(id);
        return known.comparison()
                .map(c -> new RunsView(
                        known.limitSwr(),
                        c.runs().stream()
                                .map(j -> view(
                                        j, known.circumstances().get(j.run().name())))
                                .toList(),
                        OutcomeView.of(c.says()),
                        Unlike.among(known.circumstances().values())))
                .orElseGet(() -> new RunsView(known.limitSwr(), List.of(), List.of(), false));
    }

    private static RunView view(RunComparison.Judged j, List<Circumstance> circumstances) {
        return new RunView(
                j.run().name(),
                j.run().weightKg().isPresent() ? j.run().weightKg().getAsDouble() : null,
                j.state(),
                j.worst().swr(),
                j.worst().frequencyHz(),
                ReadingView.finite(j.highSwr()),
                j.run().readings().stream().map(ReadingView::of).toList(),
                circumstances.stream().map(CircumstanceView::of).toList());
    }
}
