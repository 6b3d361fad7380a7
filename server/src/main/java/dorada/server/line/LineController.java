package dorada.server.line;

import dorada.core.line.FaultLocator;
import dorada.core.line.Line;
import dorada.core.line.LineMeasurement;
import dorada.core.line.ThroughLine;
import dorada.core.line.Window;
import dorada.core.outcome.Refusal;
import dorada.core.sweep.Sweep;
import dorada.server.problem.UserProblem;
import dorada.server.sweep.AnalysisView.SampleView;
import dorada.server.sweep.TraceData;
import dorada.server.sweep.TraceData.SampleRequest;
import dorada.server.words.OutcomeView;
import dorada.server.words.Words;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Feedlines for scripts; nothing is stored. */
@RestController
class LineController {

    /** @param direction "towardAntenna" or "towardRadio" */
    record TransformRequest(
            @NotNull FeedlineRequest line,

            @NotNull @Size(max = TraceData.MOST_POINTS, message = TraceData.TOO_MANY)
            List<SampleRequest> samples,

            Double referenceOhm,
            @NotNull String direction) {}

    /** An infinite loss, of an antenna that takes nothing, is absent. */
    record TransformView(
            @NotNull List<SampleView> samples,
            @NotNull double[] matchedLossDb,
            @NotNull Double[] totalLossDb,
            @NotNull List<String> warnings) {}

    @PostMapping("/api/lines/transform")
    TransformView transform(@Valid @RequestBody TransformRequest request) {
        Line line = FeedlineRequest.line(request.line, "line");
        Sweep given = TraceData.sweepOf(request.samples, request.referenceOhm, "samples");
        boolean outward = "towardAntenna".equals(request.direction);
        if (!outward && !"towardRadio".equals(request.direction)) {
            throw UserProblem.atField("direction", "The direction is \"towardAntenna\" or \"towardRadio\".");
        }
        Sweep moved = outward ? ThroughLine.towardAntenna(given, line) : ThroughLine.towardRadio(given, line);
        Sweep atAntenna = outward ? moved : given;
        Sweep shown = moved.renormalised(Sweep.STANDARD_REFERENCE_OHM);
        return new TransformView(
                IntStream.range(0, shown.size())
                        .mapToObj(i -> new SampleView(shown.frequencyHz(i), shown.re(i), shown.im(i)))
                        .toList(),
                ThroughLine.matchedLossDb(given, line),
                Arrays.stream(ThroughLine.totalLossDb(atAntenna, line))
                        .mapToObj(loss -> Double.isFinite(loss) ? loss : null)
                        .toArray(Double[]::new),
                Words.ENGLISH.each(outward ? ThroughLine.doubts(moved, line) : List.of()));
    }

    record LocateRequest(
            @NotNull @Size(max = TraceData.MOST_POINTS, message = TraceData.TOO_MANY)
            List<SampleRequest> samples,

            Double referenceOhm,
            @NotNull FeedlineRequest line,
            String window) {}

    @PostMapping("/api/faults/locate")
    FaultView locate(@Valid @RequestBody LocateRequest request) {
        Line line = FeedlineRequest.line(request.line, "line");
        Window window = FaultView.window(request.window);
        Sweep sweep = TraceData.sweepOf(request.samples, request.referenceOhm, "samples");
        try {
            return FaultView.of(new FaultLocator(line, window).locate(sweep));
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField("samples", e);
        }
    }

    record LineMeasureRequest(
            @NotNull @Valid TraceData trace, @NotNull Double velocityFactor, Double impedanceOhm) {}

    /** @param end open, shorted or unknown */
    record LineMeasureView(
            @NotNull double lengthM,
            @NotNull double lengthDoubtM,
            @NotNull double electricalLengthM,
            @NotNull double repeatsM,
            @NotNull OutcomeView end,
            @NotNull double lossDbAtMiddle,
            @NotNull double k1DbPer100mSqrtMHz,
            @NotNull double k2DbPer100mMHz) {}

    /** Length and loss of a line from a sweep with its far end open or shorted. */
    @PostMapping("/api/lines/measure")
    LineMeasureView measure(@Valid @RequestBody LineMeasureRequest request) {
        if (request.trace == null || request.velocityFactor == null) {
            throw UserProblem.atField("velocityFactor", "A trace and the line's velocity factor are needed.");
        }
        double ohm = request.impedanceOhm == null ? Sweep.STANDARD_REFERENCE_OHM : request.impedanceOhm;
        // Made once only to have its numbers checked.
        new FeedlineRequest(1.0, request.velocityFactor, ohm, 0.0, 0.0).line("velocityFactor");
        try {
            LineMeasurement m = LineMeasurement.of(request.trace.sweep("trace"), request.velocityFactor, ohm);
            return new LineMeasureView(
                    m.lengthM(),
                    m.lengthDoubtM(),
                    m.electricalLengthM(),
                    m.repeatsM(),
                    OutcomeView.phrase(m.end()),
                    m.lossDbAtMiddle(),
                    m.line().k1DbPer100mSqrtMHz(),
                    m.line().k2DbPer100mMHz());
        } catch (Refusal e) {
            throw UserProblem.atField("trace", e);
        }
    }
}
