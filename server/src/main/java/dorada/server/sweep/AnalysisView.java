package dorada.server.sweep;

import dorada.core.sweep.Bandwidth;
import dorada.core.sweep.Dip;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** What a sweep says, re 50 Ω. A missing or infinite value is absent. */
public record AnalysisView(
        @NotNull int points,
        @NotNull double startHz,
        @NotNull double stopHz,
        @NotNull double fileReferenceOhm,
        @NotNull double referenceOhm,
        @NotNull List<String> warnings,
        @NotNull List<DipView> dips,
        @NotNull double[] resonancesHz,
        @NotNull List<BandwidthView> bandwidths,
        @NotNull List<ReadingView> wanted,
        List<SampleView> samples) {

    public static final double[] USUAL_SWR_LIMITS = {1.5, 2, 2.5, 3};

    /** A dip, deepest first. */
    public record DipView(
            @NotNull double frequencyHz,
            Double swr,
            Double returnLossDb,
            Double resistanceOhm,
            Double reactanceOhm,
            @NotNull boolean atEdge) {

        public static DipView of(Dip dip) {
            ReadingView r = ReadingView.of(dip.reading());
            return new DipView(
                    r.frequencyHz(), r.swr(), r.returnLossDb(), r.resistanceOhm(), r.reactanceOhm(), dip.atEdge());
        }
    }

    /** Ends are absent where even the dip lies above the limit; an open end is the end of the sweep. */
    public record BandwidthView(
            @NotNull double swrLimit,
            Double lowHz,
            Double highHz,
            @NotNull boolean lowOpen,
            @NotNull boolean highOpen) {

        static BandwidthView of(double limit, Optional<Bandwidth> found) {
            return found.map(b -> new BandwidthView(limit, b.lowHz(), b.highHz(), b.lowOpen(), b.highOpen()))
                    .orElse(new BandwidthView(limit, null, null, false, false));
        }
    }

    /** One point as a complex reflection re 50 Ω. */
    public record SampleView(
            @NotNull double frequencyHz,
            @NotNull double re,
            @NotNull double im) {}

    public static AnalysisView of(
            double fileReferenceOhm,
            List<String> warnings,
            SweepAnalysis analysis,
            double[] wantedHz,
            double[] swrLimits,
            boolean withSamples) {
        Sweep sweep = analysis.sweep();
        return new AnalysisView(
                sweep.size(),
                sweep.startHz(),
                sweep.stopHz(),
                fileReferenceOhm,
                sweep.referenceOhm(),
                warnings,
                analysis.dips().stream().map(DipView::of).toList(),
                analysis.resonancesHz(),
                Arrays.stream(swrLimits)
                        .mapToObj(limit -> BandwidthView.of(limit, analysis.bandwidth(limit)))
                        .toList(),
                Arrays.stream(wantedHz)
                        .mapToObj(hz -> ReadingView.of(hz, analysis.readingAt(hz)))
                        .toList(),
                withSamples
                        ? IntStream.range(0, sweep.size())
                                .mapToObj(i -> new SampleView(sweep.frequencyHz(i), sweep.re(i), sweep.im(i)))
                                .toList()
                        : null);
    }
}
