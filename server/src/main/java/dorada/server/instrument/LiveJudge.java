package dorada.server.instrument;

import dorada.core.sweep.SweepAnalysis;
import dorada.server.sweep.ReadingView;
import dorada.server.words.OutcomeView;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;

/** Judges sweeps that are only watched by an installation's rule, as they would be judged when recorded. */
public interface LiveJudge {

    /**
     * The judgement for {@code installationId} as its plan is now.
     *
     * @throws dorada.server.problem.UserProblem where there is no such installation
     */
    Function<SweepAnalysis, LiveVerdict> judgeFor(UUID installationId);

    /** Whether the rule is met as a whole, and each wanted channel. */
    record LiveVerdict(
            @NotNull boolean met,
            @NotNull String sentence,
            @NotNull List<OutcomeView> says,
            @NotNull List<LiveChannel> channels) {}

    record LiveChannel(
            @NotNull String name,
            @NotNull ReadingView reading,
            @NotNull boolean met) {}
}
