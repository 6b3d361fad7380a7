package dorada.server.trace;

import dorada.core.format.CsvWriter;
import dorada.core.format.FrequencyUnit;
import dorada.core.format.NumberFormat;
import dorada.core.format.TouchstoneWriter;
import dorada.core.outcome.Refusal;
import dorada.core.sweep.Sweep;
import dorada.server.problem.UserProblem;
import dorada.server.sweep.TraceData;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The trace desk: read a file, look at a trace, compare several, write one. */
@RestController
@RequestMapping("/api/traces")
class TraceController {

    private final TraceService traces;

    TraceController(TraceService traces) {
        this.traces = traces;
    }

    @PostMapping(path = "/read", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    ReadFileView read(@RequestPart("file") MultipartFile file, @RequestParam(defaultValue = "1") int port) {
        return traces.read(file, port);
    }

    /** Reads an adapter's two-port file, for {@link #look}. */
    @PostMapping(path = "/adapter", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    LookRequest.AdapterData adapter(@RequestPart("file") MultipartFile file) {
        return traces.adapter(file);
    }

    @PostMapping("/look")
    LookView look(@Valid @RequestBody LookRequest request) {
        return traces.look(request);
    }

    record CompareRequest(
            @NotNull @Size(max = 20, message = "{wrong.MANY}")
            List<@Valid TraceData> traces,

            @Size(max = 200, message = "{wrong.MANY}") double[] wantedHz) {}

    @PostMapping("/compare")
    CompareView compare(@Valid @RequestBody CompareRequest request) {
        if (request.traces == null || request.traces.isEmpty()) {
            throw UserProblem.atField("traces", Refused.NOTHING_TO_COMPARE.of());
        }
        return traces.compare(request.traces, request.wantedHz == null ? new double[0] : request.wantedHz);
    }

    /** How a trace is written. */
    enum FileForm {
        TOUCHSTONE_1,
        TOUCHSTONE_2,
        CSV
    }

    record WriteRequest(
            @NotNull @Valid TraceData trace,
            @NotNull String note,
            @NotNull FileForm form) {}

    @PostMapping(path = "/write", produces = MediaType.TEXT_PLAIN_VALUE)
    String write(@Valid @RequestBody WriteRequest request) throws IOException {
        if (request.trace == null || request.form == null) {
            throw UserProblem.atField("trace", Refused.TRACE_AND_FORM.of());
        }
        Sweep sweep = request.trace.sweep("trace");
        StringBuilder out = new StringBuilder();
        try {
            switch (request.form) {
                case CSV -> CsvWriter.write(sweep, out);
                case TOUCHSTONE_1, TOUCHSTONE_2 ->
                    new TouchstoneWriter(
                                    FrequencyUnit.HZ,
                                    NumberFormat.RI,
                                    request.form == FileForm.TOUCHSTONE_1
                                            ? TouchstoneWriter.Version.V1_1
                                            : TouchstoneWriter.Version.V2_0)
                            .write(sweep, List.of(request.note == null ? "" : request.note), out);
            }
        } catch (Refusal e) {
            throw UserProblem.atField("form", e);
        }
        return out.toString();
    }
}
