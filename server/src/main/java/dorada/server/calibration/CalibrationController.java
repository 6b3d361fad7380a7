package dorada.server.calibration;

import dorada.core.calibration.Calibration;
import dorada.core.calibration.StandardLook;
import dorada.core.calibration.Standards;
import dorada.core.outcome.Refusal;
import dorada.core.sweep.Sweep;
import dorada.server.people.SignedIn;
import dorada.server.problem.UserProblem;
import dorada.server.sweep.AnalysisView.SampleView;
import dorada.server.sweep.TraceData;
import dorada.server.sweep.TraceData.ComplexRequest;
import dorada.server.words.OutcomeView;
import dorada.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Calibrations kept for the shop, and correction for scripts. */
@RestController
@RequestMapping("/api/calibrations")
class CalibrationController {

    private final Calibrations calibrations;
    private final JsonMapper json;

    CalibrationController(Calibrations calibrations, JsonMapper json) {
        this.calibrations = calibrations;
        this.json = json;
    }

    /** The newest first. */
    @GetMapping
    List<CalibrationView> all() {
        return calibrations.all();
    }

    /** Those that a sweep from {@code lowHz} to {@code highHz} can use, the newest first. */
    @GetMapping("/covering")
    List<CalibrationView> covering(@RequestParam double lowHz, @RequestParam double highHz) {
        return calibrations.covering(lowHz, highHz);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    CalibrationView make(@Valid @RequestBody CalibrationRequest request, @AuthenticationPrincipal SignedIn me) {
        return calibrations.make(request, me.id());
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me) {
        calibrations.remove(id, me.id());
    }

    @PostMapping("/{id}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@PathVariable UUID id) {
        calibrations.putBack(id);
    }

    record TraceRequest(@NotNull @Valid TraceData trace) {

        Sweep sweep() {
            if (trace == null) {
                throw UserProblem.atField("trace", Refused.NO_TRACE.of());
            }
            return trace.sweep("trace");
        }
    }

    record CorrectedView(@NotNull TraceData trace, @NotNull List<OutcomeView> warnings) {}

    /** A raw trace corrected; points outside the calibrated span are left out, with a warning. */
    @PostMapping("/{id}/correct")
    CorrectedView correct(@PathVariable UUID id, @Valid @RequestBody TraceRequest request) {
        Calibration.Corrected c = calibrations.correct(id, request.sweep()).corrected();
        return new CorrectedView(TraceData.of(c.sweep()), OutcomeView.of(c.warnings()));
    }

    /** Raw readings so far; what nobody read yet is absent. */
    record LookAtRequest(
            @Valid TraceData open,
            @Valid TraceData shorted,
            @Valid TraceData load) {}

    /** @param isRight nothing speaks against it */
    record StandardView(
            @NotNull StandardLook.Standard standard,
            @NotNull boolean isRight,
            @NotNull List<OutcomeView> says) {}

    /** What each standard shows of itself before anything is saved: forgotten, swapped or wrong. */
    @PostMapping("/look")
    List<StandardView> look(@Valid @RequestBody LookAtRequest request) {
        Map<StandardLook.Standard, Sweep> read = new EnumMap<>(StandardLook.Standard.class);
        put(read, StandardLook.Standard.OPEN, request.open, "open");
        put(read, StandardLook.Standard.SHORT, request.shorted, "shorted");
        put(read, StandardLook.Standard.LOAD, request.load, "load");
        return StandardLook.of(read).entrySet().stream()
                .map(e -> new StandardView(
                        e.getKey(),
                        e.getValue().stream().allMatch(o -> o.is(StandardLook.Says.RIGHT)),
                        OutcomeView.of(e.getValue())))
                .toList();
    }

    private static void put(
            Map<StandardLook.Standard, Sweep> read, StandardLook.Standard standard, TraceData trace, String field) {
        if (trace != null) {
            Sweep sweep = trace.sweep(field);
            if (!sweep.hasPhase()) {
                throw UserProblem.atField(field, Refused.WITH_PHASE.of());
            }
            read.put(standard, sweep);
        }
    }

    record QualityView(
            @NotNull double directivityLeftDb,
            @NotNull boolean sound,
            @NotNull OutcomeView says) {}

    /** The load connected again: what is left of it. */
    @PostMapping("/{id}/check")
    QualityView check(@PathVariable UUID id, @Valid @RequestBody TraceRequest request) {
        Calibration.Quality q = calibrations.check(id, request.sweep());
        return new QualityView(Math.min(99, q.directivityLeftDb()), q.sound(), OutcomeView.of(q.says()));
    }

    /** @param truth what the standards are, over the same frequencies; or the word "ideal" */
    record CorrectRequest(
            @NotNull @Size(max = TraceData.MOST_POINTS, message = TraceData.TOO_MANY)
            double[] frequenciesHz,

            @NotNull @Size(max = TraceData.MOST_POINTS, message = TraceData.TOO_MANY)
            List<ComplexRequest> open,

            @Schema(name = "short")
            @com.fasterxml.jackson.annotation.JsonProperty("short")
            @NotNull
            @Size(max = TraceData.MOST_POINTS, message = TraceData.TOO_MANY)
            List<ComplexRequest> shorted,

            @NotNull @Size(max = TraceData.MOST_POINTS, message = TraceData.TOO_MANY)
            List<ComplexRequest> load,

            @NotNull JsonNode truth,

            @NotNull @Size(max = TraceData.MOST_POINTS, message = TraceData.TOO_MANY)
            List<ComplexRequest> raw) {}

    record TruthRequest(
            List<ComplexRequest> open,

            @com.fasterxml.jackson.annotation.JsonProperty("short")
            List<ComplexRequest> shorted,

            List<ComplexRequest> load) {}

    record SamplesView(
            @NotNull List<SampleView> samples, @NotNull List<String> warnings) {}

    /** For scripts; nothing is stored. */
    @PostMapping("/correct")
    SamplesView correct(@Valid @RequestBody CorrectRequest request) {
        double[] hz = request.frequenciesHz;
        if (hz == null || hz.length == 0) {
            throw UserProblem.atField("frequenciesHz", Refused.NO_FREQUENCIES.of());
        }
        Standards.Truth read = standards(hz, request.open, request.shorted, request.load, "");
        Standards.Truth truth = truth(read.open(), request.truth);
        Sweep raw = TraceData.sweepOf(hz, request.raw, "raw");
        try {
            Calibration.Corrected c = Calibration.of(read, truth).correct(raw);
            Sweep s = c.sweep();
            return new SamplesView(
                    IntStream.range(0, s.size())
                            .mapToObj(i -> new SampleView(s.frequencyHz(i), s.re(i), s.im(i)))
                            .toList(),
                    Words.ENGLISH.each(c.warnings()));
        } catch (Refusal e) {
            throw UserProblem.atField("open", e);
        }
    }

    private Standards.Truth truth(Sweep swept, JsonNode truth) {
        if (truth == null || truth.isNull() || truth.isString()) {
            if (truth != null && truth.isString() && truth.asString().equals("ideal")) {
                return Standards.IDEAL.at(swept);
            }
            throw UserProblem.atField("truth", "The truth is {open, short, load}, or \"ideal\".");
        }
        try {
            TruthRequest t = json.treeToValue(truth, TruthRequest.class);
            return standards(swept.frequenciesHz(), t.open, t.shorted, t.load, "truth.");
        } catch (tools.jackson.core.JacksonException e) {
            throw UserProblem.atField("truth", "The truth is {open, short, load}, or \"ideal\".");
        }
    }

    private static Standards.Truth standards(
            double[] hz,
            List<ComplexRequest> open,
            List<ComplexRequest> shorted,
            List<ComplexRequest> load,
            String prefix) {
        return new Standards.Truth(
                TraceData.sweepOf(hz, open, prefix + "open"),
                TraceData.sweepOf(hz, shorted, prefix + "short"),
                TraceData.sweepOf(hz, load, prefix + "load"));
    }
}
