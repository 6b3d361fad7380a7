package dorada.server.line;

import dorada.core.line.FaultReport;
import dorada.core.line.Window;
import dorada.server.problem.UserProblem;
import dorada.server.words.OutcomeView;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Locale;

/** What a sweep says of the line in front of it; metres along the line, return losses in positive dB. */
public record FaultView(
        @NotNull double resolutionM,
        @NotNull double reachM,
        @NotNull List<EventView> events,
        @NotNull OutcomeView says,
        OutcomeView sweepNext) {

    /** @param what short and stable; {@code kind} says it for a person */
    public record EventView(
            @NotNull double distanceM,
            @NotNull double doubtM,
            @NotNull double returnLossDb,
            @NotNull String what,
            @NotNull OutcomeView kind,
            @NotNull boolean sure) {}

    public static FaultView of(FaultReport report) {
        return new FaultView(
                report.resolutionM(),
                report.reachM(),
                report.events().stream()
                        .map(e -> new EventView(
                                e.distanceM(),
                                e.doubtM(),
                                e.returnLossDb(),
                                e.what().name().toLowerCase(Locale.ROOT),
                                OutcomeView.phrase(e.what()),
                                e.sure()))
                        .toList(),
                OutcomeView.of(report.says()),
                report.better().map(OutcomeView::of).orElse(null));
    }

    /** The window of that name; Kaiser's where none is given. */
    public static Window window(String name) {
        if (name == null || name.isBlank()) {
            return Window.KAISER;
        }
        try {
            return Window.valueOf(name.toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField(
                    "window", "A window is \"rectangular\", \"kaiser\" or \"clean\", not \"" + name + "\".");
        }
    }
}
