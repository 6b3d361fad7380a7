package dorada.server.tuning;

import dorada.core.acceptance.ChannelVerdict;
import dorada.core.acceptance.MismatchCost;
import dorada.core.acceptance.Progress;
import dorada.core.acceptance.ReferencePlane;
import dorada.core.acceptance.TransmitLimit;
import dorada.core.acceptance.Verdict;
import dorada.core.instrument.ReadingKind;
import dorada.core.instrument.Span;
import dorada.core.instrument.SpotReading;
import dorada.core.rf.Swr;
import dorada.core.safety.Cautions;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.Trace;
import dorada.core.tuning.Cause;
import dorada.core.tuning.Circumstance;
import dorada.core.tuning.Hypotheses;
import dorada.core.tuning.Pieces;
import dorada.core.tuning.ResonanceEstimate;
import dorada.core.tuning.TradeOff;
import dorada.core.tuning.TrimAdvice;
import dorada.core.tuning.Unlike;
import dorada.server.installation.Installation;
import dorada.server.sweep.AnalysisView;
import dorada.server.sweep.BandView;
import dorada.server.sweep.ReadingView;
import dorada.server.sweep.SweepSource;
import dorada.server.words.OutcomeView;
import dorada.server.words.Words;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;

/**
 * A pass with all that is read from it; SI units, re 50 Ω.
 *
 * @param progress how far the installation was after it, as long as it is not signed off
 * @param unlikeBefore where the pass before it was read under other circumstances
 * @param proven whether it left nothing loose: a final sweep, or nothing was loosened on a recheck
 */
public record PassView(
        @NotNull UUID id,
        @NotNull int number,
        @NotNull int visit,
        @NotNull double changeM,
        Double lengthM,
        @NotNull String note,
        @NotNull ReferencePlane plane,
        @NotNull String planeWords,
        @NotNull SweepSource source,
        String fileName,
        @NotNull String recordedBy,
        @NotNull Instant recordedAt,
        @NotNull ReadingKind readingKind,
        @NotNull String restsOn,
        @NotNull String declared,
        @NotNull boolean hasPhase,
        AnalysisView analysis,
        TraceView trace,
        EstimateView estimate,
        @NotNull VerdictView verdict,
        @NotNull TransmitView transmit,
        @NotNull List<RadioLimitView> otherTransmits,
        @NotNull double secondChangeM,
        @NotNull List<CircumstanceView> circumstances,
        UnlikeView unlikeBefore,
        @NotNull boolean oldAntenna,
        @NotNull boolean finalSweep,
        @NotNull boolean hasPhoto,
        Pieces pieces,
        @NotNull boolean lookedOver,
        String runName,
        Double runWeightKg,
        PlaneView otherEnd,
        CostView cost,
        AdviceView advice,
        @NotNull List<OutcomeView> cautions,
        @NotNull Progress progress,
        @NotNull boolean proven) {

    /** No screen shows more points than this; a long file is thinned out for drawing, never for reading. */
    private static final int MOST_DRAWN = 2000;

    private static final double DEEPEST_DRAWN_DB = 60;

    /** A curve to draw: frequencies in Hz, return losses in positive dB, none deeper than 60 dB; no finer than any screen shows it. */
    public record TraceView(
            @NotNull double[] frequencyHz, @NotNull double[] returnLossDb) {

        /** So many steps in a dB. */
        private static final double STEPS_OF_A_DB = 1000;

        public static TraceView of(Trace trace) {
            return new TraceView(drawn(trace.frequencyHz(), 1), drawn(trace.returnLossDb(), STEPS_OF_A_DB));
        }

        public static TraceView of(Sweep sweep) {
            return of(Trace.of(sweep).outline(MOST_DRAWN));
        }

        private static double[] drawn(double[] values, double steps) {
            return Arrays.stream(values).map(v -> Math.rint(v * steps) / steps).toArray();
        }
    }

    /** Where readings at a few channels put the resonance, and the curves that explain them; no measurement. */
    public record EstimateView(
            @NotNull double resonanceHz,
            @NotNull double deviationHz,
            @NotNull double belowShare,
            @NotNull double aboveShare,
            @NotNull BandOfCurvesView band) {

        static EstimateView of(ResonanceEstimate e, List<SpotReading> spots) {
            double low =
                    spots.stream().mapToDouble(SpotReading::frequencyHz).min().orElseThrow();
            double high =
                    spots.stream().mapToDouble(SpotReading::frequencyHz).max().orElseThrow();
            return new EstimateView(
                    e.resonanceHz(),
                    e.deviationHz(),
                    e.belowShare(),
                    e.aboveShare(),
                    BandOfCurvesView.of(e.band(low, high)));
        }
    }

    /** Where two in three of the curves lie that explain the readings; return losses in positive dB. */
    public record BandOfCurvesView(
            @NotNull double[] frequencyHz,
            @NotNull double[] leastReturnLossDb,
            @NotNull double[] mostReturnLossDb) {

        static BandOfCurvesView of(ResonanceEstimate.Band b) {
            return new BandOfCurvesView(
                    TraceView.drawn(b.frequencyHz(), 1), db(b.mostMagnitude()), db(b.leastMagnitude()));
        }

        private static double[] db(double[] magnitudes) {
            return TraceView.drawn(
                    Arrays.stream(magnitudes)
                            .map(m -> Math.min(DEEPEST_DRAWN_DB, Swr.returnLossDb(m)))
                            .toArray(),
                    TraceView.STEPS_OF_A_DB);
        }
    }

    /** One explanation of the readings, and how probable it is; never 0 and never 1. */
    public record HypothesisView(
            @NotNull String id,
            @NotNull String words,
            @NotNull double probability) {

        static List<HypothesisView> of(Hypotheses all) {
            return all.likeliest().stream()
                    .map(w -> new HypothesisView(
                            w.hypothesis().id(), Words.ENGLISH.phrase(w.hypothesis()), w.probability()))
                    .toList();
        }
    }

    /** What was not as it should be, and its words after "measured". */
    public record CircumstanceView(
            @NotNull Circumstance name, @NotNull String words) {

        static CircumstanceView of(Circumstance c) {
            return new CircumstanceView(c, Words.ENGLISH.phrase(c));
        }
    }

    /**
     * Another pass that was read under other circumstances, so that what differs may be theirs.
     *
     * @param pass its number
     * @param then what was not as it should be with that one alone
     * @param now the same of this one
     */
    public record UnlikeView(
            @NotNull int pass,
            @NotNull List<CircumstanceView> then,
            @NotNull List<CircumstanceView> now) {

        static UnlikeView of(int pass, Unlike unlike) {
            return new UnlikeView(
                    pass,
                    unlike.then().stream().map(CircumstanceView::of).toList(),
                    unlike.now().stream().map(CircumstanceView::of).toList());
        }

        /** Against the one before it. */
        private static UnlikeView before(List<TuningPass> passes) {
            TuningPass now = passes.get(passes.size() - 1);
            return TuningPass.newestOf(passes.subList(0, passes.size() - 1))
                    .filter(p -> !now.isOldAntenna())
                    .flatMap(p -> Unlike.between(p.circumstances(), now.circumstances())
                            .map(u -> of(p.number(), u)))
                    .orElse(null);
        }
    }

    /** The same channels at the other end of the feedline. */
    public record PlaneView(
            @NotNull String planeWords,
            Double worstSwr,
            @NotNull boolean met,
            @NotNull List<ReadingView> readings) {

        static PlaneView of(Verdict v) {
            return new PlaneView(
                    Words.ENGLISH.phrase(v.plane()),
                    ReadingView.finite(v.worstSwr()),
                    v.met(),
                    v.channels().stream()
                            .map(c -> ReadingView.of(
                                    c.measured().channel().frequencyHz(),
                                    c.measured().reading()))
                            .toList());
        }
    }

    /** What a cost is counted from. */
    public enum Against {
        OLD_ANTENNA,
        PERFECT_MATCH
    }

    /** What the match costs in dB on the worst channel that is sent on, against {@code against}. */
    public record CostView(
            @NotNull Against against,
            @NotNull double worstDb,
            @NotNull List<ChannelCostView> channels) {

        static CostView of(Against against, MismatchCost cost) {
            return cost.worstDb()
                    .filter(Double::isFinite)
                    .map(db -> new CostView(
                            against,
                            db,
                            cost.channels().stream()
                                    .map(c -> new ChannelCostView(c.name(), ReadingView.finite(c.db())))
                                    .toList()))
                    .orElse(null);
        }
    }

    public record ChannelCostView(@NotNull String name, Double db) {}

    /** What a change of the one length does to each of several bands; SWR absent where the sweep does not show it. */
    public record TradeOffView(
            @NotNull List<BandView> bands,
            @NotNull double[] changeM,
            @NotNull List<List<Double>> worstSwr,
            @NotNull double bestM) {

        static TradeOffView of(TradeOff t) {
            return new TradeOffView(
                    BandView.of(t.bands()),
                    t.changeM(),
                    t.worstSwr().stream()
                            .map(w -> java.util.Arrays.stream(w)
                                    .mapToObj(ReadingView::finite)
                                    .toList())
                            .toList(),
                    t.bestM());
        }
    }

    /** Met or not, by which rule, and each channel's margin; absent values were not measured or are infinite. */
    public record VerdictView(
            @NotNull boolean met,
            @NotNull boolean sure,
            @NotNull String ruleWords,
            @NotNull String sentence,
            @NotNull List<OutcomeView> says,
            Double worstSwr,
            @NotNull List<ChannelVerdictView> channels) {}

    public record ChannelVerdictView(
            @NotNull String name,
            @NotNull boolean primary,
            @NotNull ReadingView reading,
            @NotNull double limitSwr,
            Double margin,
            @NotNull boolean met) {

        public static ChannelVerdictView of(ChannelVerdict c) {
            return new ChannelVerdictView(
                    c.measured().channel().name(),
                    c.measured().channel().primary(),
                    ReadingView.of(
                            c.measured().channel().frequencyHz(), c.measured().reading()),
                    c.limitSwr(),
                    ReadingView.finite(c.margin()),
                    c.met());
        }
    }

    /** What another radio on the same antenna may send. */
    public record RadioLimitView(
            @NotNull String radio, @NotNull TransmitView transmit) {}

    /** Whether one may transmit, and with how much. */
    public record TransmitView(
            @NotNull boolean allowed,
            @NotNull double powerW,
            @NotNull boolean reduced) {

        static TransmitView of(TransmitLimit limit) {
            return new TransmitView(limit.allowed(), limit.powerW(), limit.reduced());
        }
    }

    /** What to do next; amounts in metres. */
    public record AdviceView(
            @NotNull TrimAdvice.Action action,
            @NotNull boolean onSecond,
            @NotNull TrimAdvice.Fit fit,
            @NotNull double amountM,
            @NotNull double needLowM,
            @NotNull double needHighM,
            Double dipHz,
            @NotNull double dipDoubtHz,
            Double targetHz,
            Double sensitivityHzPerM,
            @NotNull boolean learnt,
            TraceView expected,
            @NotNull List<ReadingView> expectedReadings,
            SpanView widerSweep,
            @NotNull double overshootChance,
            @NotNull List<OutcomeView> reasons,
            @NotNull List<CauseView> causes,
            TradeOffView tradeOff,
            @NotNull List<HypothesisView> hypotheses) {

        static AdviceView of(TrimAdvice a) {
            return new AdviceView(
                    a.action(),
                    a.onSecond(),
                    a.fit(),
                    a.amountM(),
                    a.needLowM(),
                    a.needHighM(),
                    a.dipHz().orElse(null),
                    a.dipDoubtHz(),
                    a.targetHz().orElse(null),
                    a.sensitivityHzPerM().orElse(null),
                    a.learnt(),
                    a.expected().map(TraceView::of).orElse(null),
                    a.expectedReadings().stream().map(ReadingView::of).toList(),
                    a.widerSweep().map(SpanView::of).orElse(null),
                    a.overshootChance(),
                    OutcomeView.of(a.reasons()),
                    a.causes().stream().map(CauseView::of).toList(),
                    a.tradeOff().map(TradeOffView::of).orElse(null),
                    HypothesisView.of(a.hypotheses()));
        }
    }

    /** Something that trimming would not cure, what speaks for it, and the test that tells. */
    public record CauseView(
            @NotNull OutcomeView name,
            @NotNull OutcomeView evidence,
            @NotNull OutcomeView test) {

        static CauseView of(Cause c) {
            return new CauseView(
                    OutcomeView.phrase(c.id()), OutcomeView.phrase(c.evidence()), OutcomeView.phrase(c.check()));
        }
    }

    public record SpanView(@NotNull double startHz, @NotNull double stopHz) {
        static SpanView of(Span span) {
            return new SpanView(span.startHz(), span.stopHz());
        }
    }

    /** The likeliest of what is to be looked for after it, as an outcome's id; empty where nothing is. */
    Optional<String> fault() {
        return advice == null
                ? Optional.empty()
                : advice.causes().stream().findFirst().map(c -> c.name().id());
    }

    /**
     * The last of {@code passes}, judged and advised in the light of those before it.
     *
     * @param old the old antenna, which may be read at any time; empty where nobody has
     * @param judged judges one of them, each once
     */
    static PassView of(
            List<TuningPass> passes,
            Optional<TuningPass> old,
            Installation installation,
            Optional<TrimAdvice> advice,
            Function<TuningPass, Judgement> judged) {
        TuningPass pass = passes.get(passes.size() - 1);
        Judgement j = judged.apply(pass);
        double changed = passes.stream().mapToDouble(TuningPass::changeM).sum();
        boolean isProven = TuningPass.isProven(passes, installation);
        return new PassView(
                pass.id(),
                pass.number(),
                pass.visitNumber(),
                pass.changeM(),
                installation.startLengthM().map(start -> start + changed).orElse(null),
                pass.note(),
                pass.plane(),
                Words.ENGLISH.phrase(pass.plane()),
                pass.sweep().source(),
                pass.sweep().fileName().orElse(null),
                pass.recordedBy().displayName(),
                pass.recordedAt(),
                pass.readingKind(),
                Words.ENGLISH.phrase(pass.readingKind()),
                pass.declared(),
                pass.isSwept() && pass.sweep().sweep().hasPhase(),
                j.analysis()
                        .map(a -> AnalysisView.of(
                                pass.sweep().sweep().referenceOhm(),
                                pass.sweep().warnings(),
                                a,
                                new double[0],
                                AnalysisView.USUAL_SWR_LIMITS,
                                false))
                        .orElse(null),
                j.analysis().map(a -> TraceView.of(a.sweep())).orElse(null),
                j.estimate().map(e -> EstimateView.of(e, pass.spots())).orElse(null),
                new VerdictView(
                        j.verdict().met(),
                        j.verdict().sure(),
                        Words.ENGLISH.phrase(j.verdict().rule().outcome()),
                        Words.ENGLISH.sentences(j.verdict().outcomes()),
                        OutcomeView.of(j.verdict().outcomes()),
                        ReadingView.finite(j.verdict().worstSwr()),
                        j.verdict().channels().stream()
                                .map(ChannelVerdictView::of)
                                .toList()),
                TransmitView.of(j.transmit()),
                j.others().stream()
                        .map(o -> new RadioLimitView(o.radio(), TransmitView.of(o.limit())))
                        .toList(),
                pass.secondChangeM(),
                pass.circumstances().stream().map(CircumstanceView::of).toList(),
                UnlikeView.before(passes),
                pass.isOldAntenna(),
                pass.isFinalSweep(),
                pass.hasPhoto(),
                pass.pieces().orElse(null),
                pass.isLookedOver(),
                pass.runName().orElse(null),
                pass.runWeightKg().orElse(null),
                Judgement.fromTheOtherEnd(pass, installation).map(PlaneView::of).orElse(null),
                pass.isOldAntenna() ? null : cost(old, j.verdict(), judged),
                advice.map(AdviceView::of).orElse(null),
                OutcomeView.of(Cautions.of(TuningCautions.of(installation, pass, j, advice))),
                TuningPass.newestOf(passes)
                        .map(own -> Progress.afterReading(
                                judged.apply(own).verdict().met(), isProven && own.visitNumber() == pass.visitNumber()))
                        .orElse(Progress.PLANNED),
                isProven);
    }

    /** Against the old antenna where it was measured, else against a perfect match. */
    private static CostView cost(Optional<TuningPass> old, Verdict now, Function<TuningPass, Judgement> judged) {
        return CostView.of(
                old.isPresent() ? Against.OLD_ANTENNA : Against.PERFECT_MATCH,
                MismatchCost.of(now, old.map(o -> judged.apply(o).verdict())));
    }
}
