package dorada.server.tuning;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.BestOnMain;
import dorada.core.acceptance.EvenEnds;
import dorada.core.acceptance.Relaxed;
import dorada.core.acceptance.ResonanceFirst;
import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.design.Designs;
import dorada.core.instrument.ReadingKind;
import dorada.core.instrument.SpotReading;
import dorada.core.line.ThroughLine;
import dorada.core.sweep.Sweep;
import dorada.core.tuning.Adjustment;
import dorada.core.tuning.AntennaAdviser;
import dorada.core.tuning.Cause;
import dorada.core.tuning.Circumstance;
import dorada.core.tuning.Pass;
import dorada.core.tuning.Pieces;
import dorada.core.tuning.Room;
import dorada.core.tuning.TrimAdvice;
import dorada.core.tuning.TrimPrior;
import dorada.core.tuning.TrimTask;
import dorada.server.line.FeedlineRequest;
import dorada.server.problem.UserProblem;
import dorada.server.sweep.ReadingView;
import dorada.server.sweep.TraceData;
import dorada.server.sweep.TraceData.SampleRequest;
import dorada.server.words.OutcomeView;
import dorada.server.words.Words;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Advice for scripts; nothing is stored. */
@RestController
class AdviceController {

    /**
     * @param rangeM how far it can be changed in all, either way; absent for any
     * @param lengthM how long the piece is now; absent where nobody has said
     */
    record AdjustableRequest(@NotNull Boolean oneWay, Double smallestStepM, Double rangeM, Double lengthM) {}

    record AdviceSpotRequest(
            @NotNull Double frequencyHz, @NotNull Double swr) {}

    /**
     * Samples, or readings at single channels.
     *
     * @param secondChangeM metres by which a second piece, such as a tap, was moved outward; absent for none
     * @param pieces "this" for one piece alone, "alike" for all of them by as much each; absent for what is usual with the kind
     * @param lookedOver true where somebody has looked for a fault since the pass before; absent for false
     * @param circumstances what was not as it should be; absent for nothing
     */
    record AdvicePassRequest(
            Double changeM,
            Double secondChangeM,
            String pieces,
            Boolean lookedOver,
            @Size(max = 20) List<Circumstance> circumstances,

            @Size(max = TraceData.MOST_POINTS, message = TraceData.TOO_MANY)
            List<SampleRequest> samples,

            @Size(max = 500, message = "{wrong.MANY}") List<AdviceSpotRequest> spots) {}

    /**
     * @param name "under a limit", "even ends", "best on main", "resonance first" or "relaxed"
     * @param limit of the rule; of "best on main" and "relaxed" what the radio is rated for; 2 where absent
     */
    record AdviceRuleRequest(@NotNull String name, Double limit, Double primaryHz) {}

    /**
     * @param line between antenna and radio: taken off, the antenna moved, and the rule asked at the radio again
     * @param carrier what it is fitted to, which decides what is looked at first where it moved by itself; absent for any
     */
    record AdviceRequest(
            @NotNull String kind,
            @NotNull AdjustableRequest adjustable,

            @NotNull @Size(max = 200, message = "{wrong.MANY}")
            List<@Valid AdvicePassRequest> passes,

            @NotNull @Size(max = 200, message = "{wrong.MANY}")
            double[] wantedHz,

            @NotNull AdviceRuleRequest rule,
            FeedlineRequest line,
            Carrier carrier) {}

    record HypothesisAnswer(@NotNull String id, @NotNull double probability) {}

    record ExpectedView(@NotNull double frequencyHz, Double swr) {}

    record AdviceAnswer(
            @NotNull String direction,
            @NotNull String piece,
            @NotNull double amountM,
            @NotNull double amountLowM,
            @NotNull double amountHighM,
            @NotNull List<ExpectedView> expected,
            @NotNull double overshootChance,
            Double dipHz,
            Double targetHz,
            @NotNull List<HypothesisAnswer> hypotheses,
            @NotNull List<String> reasons,
            @NotNull List<OutcomeView> because,
            @NotNull List<CauseAnswer> causes) {}

    /** In English; {@code id} is what scripts look at. */
    record CauseAnswer(
            @NotNull String id,
            @NotNull String name,
            @NotNull String evidence,
            @NotNull String test) {

        static CauseAnswer of(Cause c) {
            return new CauseAnswer(
                    c.id().key(),
                    Words.ENGLISH.phrase(c.id()),
                    Words.ENGLISH.phrase(c.evidence()),
                    Words.ENGLISH.phrase(c.check()));
        }
    }

    @PostMapping("/api/advice")
    AdviceAnswer advise(@Valid @RequestBody AdviceRequest request) {
        AntennaKind kind = kind(request.kind);
        double[] wanted = wanted(request.wantedHz);
        AcceptanceRule rule = rule(request.rule);
        Double primary = request.rule.primaryHz;
        List<WantedChannel> channels = Arrays.stream(wanted)
                .sorted()
                .mapToObj(hz -> new WantedChannel(
                        String.format(Locale.ROOT, "%.3f MHz", hz / 1e6), hz, primary != null && primary == hz))
                .toList();
        Adjustment adjustment = adjustment(request.adjustable, kind);
        List<Pass> passes = passes(request);
        TrimTask bare =
                TrimTask.of(rule, channels, adjustment, TrimPrior.of(kind)).within(room(request.adjustable, passes));
        TrimTask sized = request.adjustable.lengthM == null ? bare : bare.ofLength(lengthM(request.adjustable.lengthM));
        TrimTask placed = request.carrier == null ? sized : sized.on(request.carrier);
        TrimTask task = request.line == null ? placed : placed.behind(request.line.line("line"));
        TrimAdvice a = new AntennaAdviser(kind, task).advise(passes);
        return new AdviceAnswer(
                direction(a.action()),
                piece(kind, a, channels),
                a.amountM(),
                a.needLowM(),
                a.needHighM(),
                a.expectedReadings().stream()
                        .map(r -> new ExpectedView(r.frequencyHz(), ReadingView.finite(r.swr())))
                        .toList(),
                a.overshootChance(),
                a.dipHz().orElse(null),
                a.targetHz().orElse(null),
                a.hypotheses().likeliest().stream()
                        .map(w -> new HypothesisAnswer(w.hypothesis().id(), w.probability()))
                        .toList(),
                a.reasons().stream().map(Words.ENGLISH::sentence).toList(),
                OutcomeView.of(a.reasons()),
                a.causes().stream().map(CauseAnswer::of).toList());
    }

    /** The name of what is to be changed. */
    private static String piece(AntennaKind kind, TrimAdvice advice, List<WantedChannel> channels) {
        if (kind.hasPieceForEachOf(WantedChannel.bands(channels).size())) {
            return (advice.onSecond() ? kind.lowerBandPiece() : kind.upperBandPiece())
                    .map(p -> Words.ENGLISH.phrase(p.id().bare()))
                    .orElseThrow();
        }
        return advice.onSecond()
                ? kind.second().map(s -> Words.ENGLISH.phrase(s.id())).orElse("")
                : Words.ENGLISH.phrase(kind.piece().bare());
    }

    private static String direction(TrimAdvice.Action action) {
        return switch (action) {
            case SHORTEN -> "shorten";
            case LENGTHEN, REPLACE_LONGER -> "lengthen";
            case STOP -> "stop";
            case SWEEP_WIDER -> "sweep wider";
            case FIND_THE_FAULT -> "find the fault";
            case READ_THE_OTHER_BAND -> "read the other band";
            case MEASURE_AGAIN -> "measure again";
        };
    }

    private static AntennaKind kind(String name) {
        String id =
                String.valueOf(name).toUpperCase(Locale.ROOT).replace('-', '_').replace(' ', '_');
        return Designs.ALL
                .kind(id)
                .orElseThrow(() -> UserProblem.atField(
                        "kind",
                        "\"" + name + "\" is no kind of antenna here; there are " + Designs.ALL.kindIds() + "."));
    }

    private static double[] wanted(double[] wantedHz) {
        if (wantedHz == null || wantedHz.length == 0 || Arrays.stream(wantedHz).anyMatch(hz -> !(hz > 0))) {
            throw UserProblem.atField("wantedHz", "Advice needs at least one wanted frequency above 0 Hz.");
        }
        return wantedHz;
    }

    private static AcceptanceRule rule(AdviceRuleRequest rule) {
        String name = rule == null || rule.name == null
                ? ""
                : rule.name.toLowerCase(Locale.ROOT).replace('_', ' ');
        try {
            double limit = rule == null || rule.limit == null ? 2 : rule.limit;
            return switch (name) {
                case "even ends" -> new EvenEnds();
                case "under a limit", "under limit" -> new UnderLimit(limit);
                case "best on main" -> new BestOnMain(limit);
                case "resonance first" -> new ResonanceFirst(limit);
                case "relaxed" -> new Relaxed(limit);
                default ->
                    throw UserProblem.atField(
                            "rule",
                            "A rule is \"under a limit\", \"even ends\", \"best on main\", \"resonance first\" or "
                                    + "\"relaxed\".");
            };
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField("rule", e);
        }
    }

    private static Adjustment adjustment(AdjustableRequest adjustable, AntennaKind kind) {
        if (adjustable == null || adjustable.oneWay == null) {
            throw UserProblem.atField("adjustable", "Say whether it is cut (oneWay true) or slid both ways (false).");
        }
        double step = adjustable.smallestStepM == null ? kind.smallestStepM() : adjustable.smallestStepM;
        try {
            return adjustable.oneWay ? new Adjustment.OneWayCut(step) : new Adjustment.Slide(step);
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField("adjustable", e);
        }
    }

    /** A range is counted from where the first pass stood. */
    private static Room room(AdjustableRequest adjustable, List<Pass> passes) {
        if (adjustable.rangeM == null) {
            return Room.ANY;
        }
        double changed = passes.stream().mapToDouble(Pass::changeM).sum();
        return new Room(Math.max(0, adjustable.rangeM + changed), Math.max(0, adjustable.rangeM - changed));
    }

    private static List<Pass> passes(AdviceRequest request) {
        if (request.passes == null || request.passes.isEmpty()) {
            throw UserProblem.atField("passes", "Advice needs at least one pass.");
        }
        List<Pass> passes = new ArrayList<>();
        for (int i = 0; i < request.passes.size(); i++) {
            passes.add(pass(request.passes.get(i), request.line, "passes[" + i + "]"));
        }
        return passes;
    }

    private static Pass pass(AdvicePassRequest pass, FeedlineRequest line, String field) {
        double changeM = pass == null || pass.changeM == null ? 0 : pass.changeM;
        if (pass != null && pass.spots != null && !pass.spots.isEmpty()) {
            List<SpotReading> spots = new ArrayList<>();
            for (AdviceSpotRequest s : pass.spots) {
                if (s == null || s.frequencyHz == null || s.swr == null) {
                    throw UserProblem.atField(field, "A reading needs frequencyHz and swr.");
                }
                try {
                    spots.add(SpotReading.ofSwr(ReadingKind.INLINE_METER, s.frequencyHz, s.swr));
                } catch (IllegalArgumentException e) {
                    throw UserProblem.atField(field, e);
                }
            }
            return Pass.ofSpots(changeM, spots)
                    .map(p -> with(pass, p))
                    .orElseThrow(() -> UserProblem.atField(
                            field, "Nothing was read: a pass has samples, or spots with frequencyHz and swr."));
        }
        Sweep sweep = TraceData.sweepOf(pass == null ? null : pass.samples, null, field);
        Pass read = new Pass(changeM, line == null ? sweep : ThroughLine.towardAntenna(sweep, line.line("line")));
        return pass == null ? read : with(pass, read);
    }

    private static double lengthM(double lengthM) {
        if (!(lengthM > 0) || Double.isInfinite(lengthM)) {
            throw UserProblem.atField("adjustable", "A length must be above 0 m.");
        }
        return lengthM;
    }

    private static Optional<Pieces> pieces(String word) {
        if (word == null) {
            return Optional.empty();
        }
        return switch (word.toLowerCase(Locale.ROOT)) {
            case "this" -> Optional.of(Pieces.THIS);
            case "alike" -> Optional.of(Pieces.ALIKE);
            default ->
                throw UserProblem.atField(
                        "pieces", "What was changed is \"this\" piece alone, or all of them \"alike\".");
        };
    }

    private static Pass with(AdvicePassRequest request, Pass read) {
        return read.after(read.changeM(), request.secondChangeM == null ? 0 : request.secondChangeM)
                .changing(pieces(request.pieces))
                .afterALook(Boolean.TRUE.equals(request.lookedOver))
                .under(request.circumstances == null ? Set.of() : Set.copyOf(request.circumstances));
    }
}
