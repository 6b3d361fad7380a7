package dorada.server.antenna;

import dorada.server.job.JobService;
import dorada.server.job.JobView;
import dorada.server.job.LongWork;
import dorada.server.people.SignedIn;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.validation.Valid;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** The wire solver for scripts and for the page "Try it on the model". */
@RestController
class ModelController {

    private final ModelService models;
    private final JobService jobs;
    private final LongWork<ModelRequest> structures;

    ModelController(ModelService models, JobService jobs) {
        this.models = models;
        this.jobs = jobs;
        structures = jobs.kind(
                "model",
                ModelRequest.class,
                (request, watch) -> models.solve(request, models.prepared(request), watch));
    }

    /** Answers at once, or with {@code Prefer: respond-async} with a job to watch, fetch and stop. */
    @PostMapping("/api/models/impedance")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = ModelAnswer.class)))
    @ApiResponse(responseCode = "202", content = @Content(schema = @Schema(implementation = JobView.class)))
    ResponseEntity<Object> impedance(
            @Valid @RequestBody ModelRequest request,
            @RequestHeader(name = "Prefer", defaultValue = "") String prefer,
            @AuthenticationPrincipal SignedIn who) {
        models.prepared(request);
        return jobs.answer(prefer, who.id(), structures, request);
    }
}
