package dorada.server.cutting;

import dorada.core.design.Designs;
import dorada.server.cutting.SheetViews.CurveView;
import dorada.server.cutting.SheetViews.CutKindView;
import dorada.server.cutting.SheetViews.InputView;
import dorada.server.cutting.SheetViews.RowView;
import dorada.server.cutting.SheetViews.SheetView;
import dorada.server.job.JobService;
import dorada.server.job.JobView;
import dorada.server.job.LongWork;
import dorada.server.people.SignedIn;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Cut sheets: what can be made, its dimensions by rule and by the solver, and what a change would do. */
@RestController
@RequestMapping("/api/cutting")
class CuttingController {

    private final CuttingService cutting;
    private final JobService jobs;
    private final LongWork<SheetRequest> sheets;
    private final LongWork<SheetRequest.Row> rows;

    CuttingController(CuttingService cutting, JobService jobs) {
        this.cutting = cutting;
        this.jobs = jobs;
        sheets = jobs.kind("sheet", SheetRequest.class, cutting::solved);
        rows = jobs.kind("row", SheetRequest.Row.class, cutting::row);
    }

    @GetMapping("/kinds")
    List<CutKindView> kinds() {
        return Designs.ALL.sheets().stream().map(CutKindView::of).toList();
    }

    /** What a kind asks for at a frequency: ranges go with it. */
    @GetMapping("/kinds/{id}/inputs")
    List<InputView> inputs(@PathVariable String id, @RequestParam double frequencyHz) {
        if (!(frequencyHz > 0) || Double.isInfinite(frequencyHz)) {
            throw UserProblem.atField("frequencyHz", Refused.FREQUENCY.of());
        }
        return Designs.ALL
                .sheet(id)
                .orElseThrow(() -> UserProblem.notFound(Missing.KIND_OF_ANTENNA))
                .inputs(frequencyHz)
                .stream()
                .map(InputView::of)
                .toList();
    }

    /** By rule, at once. */
    @PostMapping("/sheet")
    SheetView sheet(@Valid @RequestBody SheetRequest request) {
        return cutting.byRule(request);
    }

    /** With the solver's dimensions, at once or with {@code Prefer: respond-async} as a job. */
    @PostMapping("/solve")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = SheetView.class)))
    @ApiResponse(responseCode = "202", content = @Content(schema = @Schema(implementation = JobView.class)))
    ResponseEntity<Object> solve(
            @Valid @RequestBody SheetRequest request,
            @RequestHeader(name = "Prefer", defaultValue = "") String prefer,
            @AuthenticationPrincipal SignedIn who) {
        request.inputs();
        return jobs.answer(prefer, who.id(), sheets, request);
    }

    /** SWR about the frequency with a shape as it is tried. */
    @PostMapping("/curve")
    CurveView curve(@Valid @RequestBody SheetRequest.Curve request) {
        return cutting.curve(request);
    }

    /** What one number does, tuned again for each value; at once or as a job. */
    @PostMapping("/row")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = RowView.class)))
    @ApiResponse(responseCode = "202", content = @Content(schema = @Schema(implementation = JobView.class)))
    ResponseEntity<Object> row(
            @Valid @RequestBody SheetRequest.Row request,
            @RequestHeader(name = "Prefer", defaultValue = "") String prefer,
            @AuthenticationPrincipal SignedIn who) {
        request.sheet().inputs();
        request.values();
        return jobs.answer(prefer, who.id(), rows, request);
    }
}
