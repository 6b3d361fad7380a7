package dorada.server.planning;

import dorada.core.planning.GroundPlanner.Outcome;
import dorada.core.planning.Need.Band;
import dorada.core.sweep.Trace;
import dorada.server.tuning.PassView.ChannelVerdictView;
import dorada.server.tuning.PassView.TraceView;
import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * What one ground brings. Gains are toward the horizon, vertical polarisation, in mid band.
 *
 * @param whipM length for which this holds
 * @param trace the curve
 * @param holds true where the whole band is under the limit
 * @param ends both ends of the band, judged
 * @param dipHz absent where there is no dip
 * @param lowHz where the limit is crossed below the dip; absent where the dip is not under the limit
 * @param highHz and above it
 * @param weakestDeg the weakest direction, from where the whip leans
 */
record GroundAnswer(
        @NotNull double whipM,
        @NotNull TraceView trace,
        @NotNull double worstSwr,
        @NotNull double worstHz,
        @NotNull boolean holds,
        @NotNull List<ChannelVerdictView> ends,
        Double dipHz,
        Double dipSwr,
        Double lowHz,
        Double highHz,
        @NotNull double horizonDbi,
        @NotNull double weakestDbi,
        @NotNull double weakestDeg,
        @NotNull double massKg,
        @NotNull double areaM2,
        @NotNull int unknowns,
        @NotNull int solves) {

    static GroundAnswer of(Outcome o, Band band) {
        return new GroundAnswer(
                o.lengthM(),
                TraceView.of(Trace.of(o.sweep())),
                o.worstSwr(),
                o.worstHz(),
                o.holds(),
                band.ends(o.sweep()).stream().map(ChannelVerdictView::of).toList(),
                o.dip().map(d -> d.frequencyHz()).orElse(null),
                o.dip().map(d -> d.reading().swr()).orElse(null),
                o.bandwidth().map(b -> b.lowHz()).orElse(null),
                o.bandwidth().map(b -> b.highHz()).orElse(null),
                o.horizonDbi(),
                o.weakestDbi(),
                o.weakestDeg(),
                o.massKg(),
                o.areaM2(),
                o.unknowns(),
                o.solves());
    }
}
