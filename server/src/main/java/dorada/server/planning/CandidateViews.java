package dorada.server.planning;

import dorada.core.planning.AntennaChoice.Assessment;
import dorada.core.planning.AntennaChoice.Candidate;
import dorada.core.planning.AntennaChoice.Computed;
import dorada.core.sweep.Trace;
import dorada.server.tuning.PassView.TraceView;
import jakarta.validation.constraints.NotNull;
import java.util.List;

/** Candidates as sent. */
final class CandidateViews {

    private CandidateViews() {}

    /**
     * Said at once.
     *
     * @param claim what the trade says of it
     * @param effort 1 (fit and cut once) to 3 (two controls to tune)
     * @param excluded why it can't be; absent where it can
     */
    record AssessmentView(
            @NotNull Candidate candidate,
            @NotNull String title,
            @NotNull String claim,
            @NotNull int effort,
            @NotNull double lengthM,
            @NotNull double tipM,
            @NotNull List<String> reasons,
            String excluded) {

        static AssessmentView of(Assessment a) {
            return new AssessmentView(
                    a.candidate(),
                    a.candidate().title(),
                    a.candidate().claim(),
                    a.candidate().effort(),
                    a.lengthM(),
                    a.tipM(),
                    a.reasons(),
                    a.excluded().orElse(null));
        }
    }

    /**
     * Solved on this surface.
     *
     * @param lowHz where the limit is crossed below the dip; absent where the dip is not under the limit
     * @param highHz and above it
     * @param horizonDbi vertical polarisation toward the horizon, mean over all directions
     * @param takeOffDeg elevation where it is strongest
     * @param merit what it brings for its trouble, in dB: the greatest is advised among those that hold the band
     */
    record ComputedView(
            @NotNull Candidate candidate,
            @NotNull TraceView trace,
            @NotNull double worstSwr,
            @NotNull boolean holds,
            Double lowHz,
            Double highHz,
            @NotNull double horizonDbi,
            @NotNull double maxGainDbi,
            @NotNull double takeOffDeg,
            @NotNull double lengthM,
            @NotNull double merit,
            @NotNull int unknowns) {

        static ComputedView of(Computed c) {
            return new ComputedView(
                    c.candidate(),
                    TraceView.of(Trace.of(c.sweep())),
                    c.worstSwr(),
                    c.holds(),
                    c.bandwidth().map(b -> b.lowHz()).orElse(null),
                    c.bandwidth().map(b -> b.highHz()).orElse(null),
                    c.horizonDbi(),
                    c.maxGainDbi(),
                    c.takeOffDeg(),
                    c.lengthM(),
                    c.merit(),
                    c.unknowns());
        }
    }
}
