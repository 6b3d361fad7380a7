package dorada.server.trace;

import dorada.core.sweep.Comparison;
import dorada.core.sweep.Repeatability;
import dorada.server.sweep.AnalysisView;
import dorada.server.sweep.ReadingView;
import dorada.server.sweep.TraceData;
import dorada.server.words.OutcomeView;
import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * Traces side by side, in the order in which they were sent.
 *
 * @param steadiness absent for one trace, where they have no phase or no span in common, or dips too far apart for one antenna
 */
record CompareView(
        @NotNull List<ComparedRowView> rows,
        @NotNull List<ShiftView> shifts,
        @NotNull List<InBandView> bands,
        SteadinessView steadiness) {

    /** @param swrDifferences against the first; absent where either is missing */
    record ComparedRowView(
            @NotNull double frequencyHz,
            @NotNull List<ReadingView> readings,
            @NotNull List<Double> swrDifferences) {

        static ComparedRowView of(Comparison.Row row) {
            return new ComparedRowView(
                    row.frequencyHz(),
                    row.readings().stream()
                            .map(r -> ReadingView.of(row.frequencyHz(), r))
                            .toList(),
                    java.util.stream.IntStream.range(0, row.readings().size())
                            .mapToObj(i -> ReadingView.finite(row.swrDifference(i)))
                            .toList());
        }
    }

    /** Dips of one band, one per trace. */
    record InBandView(
            @NotNull double lowHz,
            @NotNull double highHz,
            @NotNull List<ShiftView> shifts) {

        static InBandView of(Comparison.InBand b) {
            return new InBandView(
                    b.band().lowHz(),
                    b.band().highHz(),
                    b.shifts().stream().map(ShiftView::of).toList());
        }
    }

    record ShiftView(AnalysisView.DipView dip, Double shiftHz, Double shiftShare) {

        static ShiftView of(Comparison.Shift s) {
            return new ShiftView(
                    s.dip().map(AnalysisView.DipView::of).orElse(null),
                    ReadingView.finite(s.shiftHz()),
                    ReadingView.finite(s.shiftShare()));
        }
    }

    /** As repeated sweeps of one untouched antenna. */
    record SteadinessView(
            @NotNull boolean steady,
            @NotNull OutcomeView says,
            @NotNull double spread,
            @NotNull double noise,
            Double dipSpreadHz,
            @NotNull TraceData mean) {

        static SteadinessView of(Repeatability r) {
            return new SteadinessView(
                    r.steady(),
                    OutcomeView.of(r.says()),
                    r.spread(),
                    r.noise(),
                    ReadingView.finite(r.dipSpreadHz()),
                    TraceData.of(r.mean()));
        }
    }
}
