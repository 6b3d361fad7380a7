package dorada.server.planning;

import dorada.core.design.Designs;
import dorada.core.line.Feedline;
import dorada.core.planning.AntennaChoice;
import dorada.core.planning.AntennaTrial;
import dorada.core.planning.Candidate;
import dorada.core.planning.GroundPlanner;
import dorada.core.planning.GroundPlanner.Element;
import dorada.core.planning.GroundPlanner.Ground;
import dorada.core.planning.Need;
import dorada.core.planning.Place;
import dorada.core.wire.Watch;
import dorada.server.job.JobService;
import dorada.server.job.JobView;
import dorada.server.job.LongWork;
import dorada.server.people.SignedIn;
import dorada.server.planning.CandidateViews.AssessmentView;
import dorada.server.planning.CandidateViews.ComputedView;
import dorada.server.problem.UserProblem;
import dorada.server.words.OutcomeView;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What to fit and what it brings. */
@RestController
@RequestMapping("/api/planning")
class PlanningController {

    private final PlanningService planning;
    private final JobService jobs;
    private final LongWork<GroundRequest> grounds;
    private final LongWork<Wanted> antennas;

    PlanningController(PlanningService planning, JobService jobs) {
        this.planning = planning;
        this.jobs = jobs;
        grounds = jobs.kind("ground", GroundRequest.class, PlanningController::solve);
        antennas = jobs.kind("antenna", Wanted.class, PlanningController::solve);
    }

    record FeedlineView(
            @NotNull String id,
            @NotNull OutcomeView title,
            @NotNull double impedanceOhm,
            @NotNull double velocityFactor,
            @NotNull double k1DbPer100mSqrtMHz,
            @NotNull double k2DbPer100mMHz) {}

    @GetMapping("/feedlines")
    List<FeedlineView> feedlines() {
        return Feedline.ALL.stream()
                .map(f -> new FeedlineView(
                        f.id(),
                        OutcomeView.phrase(f.words()),
                        f.impedanceOhm(),
                        f.velocityFactor(),
                        f.k1DbPer100mSqrtMHz(),
                        f.k2DbPer100mMHz()))
                .toList();
    }

    /** Watts on the way, what each change is worth, distances to keep, and reach. */
    @PostMapping("/station")
    StationAnswer station(@Valid @RequestBody StationPlan plan) {
        return planning.station(plan);
    }

    /** Solves one ground at once, or with {@code Prefer: respond-async} as a job to watch, fetch and stop. */
    @PostMapping("/ground")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = GroundAnswer.class)))
    @ApiResponse(responseCode = "202", content = @Content(schema = @Schema(implementation = JobView.class)))
    ResponseEntity<Object> ground(
            @Valid @RequestBody GroundRequest request,
            @RequestHeader(name = "Prefer", defaultValue = "") String prefer,
            @AuthenticationPrincipal SignedIn who) {
        Element element = request.element();
        Ground ground = request.ground();
        try {
            GroundPlanner.check(element, ground, request.lowHz(), request.highHz());
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField("ground", e);
        }
        return jobs.answer(prefer, who.id(), grounds, request);
    }

    /** Candidates for this need with reasons, likeliest first; nothing is solved yet. */
    @PostMapping("/antennas")
    List<AssessmentView> antennas(@Valid @RequestBody NeedRequest request) {
        return AntennaChoice.rank(Designs.ALL.candidates(), request.need()).stream()
                .map(AssessmentView::of)
                .toList();
    }

    /** What to fit, as far as it is solved. */
    @PostMapping("/antennas/advised")
    ChoiceRequests.Answer advised(@Valid @RequestBody ChoiceRequests.Antennas request) {
        return ChoiceRequests.Answer.of(request.advised());
    }

    /** Which of the grounds that were solved. */
    @PostMapping("/ground/advised")
    ChoiceRequests.Answer advised(@Valid @RequestBody ChoiceRequests.Grounds request) {
        return ChoiceRequests.Answer.of(request.advised());
    }

    /** Tunes and solves one candidate, at once or with {@code Prefer: respond-async} as a job. */
    @PostMapping("/antennas/{candidate}")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = ComputedView.class)))
    @ApiResponse(responseCode = "202", content = @Content(schema = @Schema(implementation = JobView.class)))
    ResponseEntity<Object> antenna(
            @PathVariable Candidate candidate,
            @Valid @RequestBody NeedRequest request,
            @RequestHeader(name = "Prefer", defaultValue = "") String prefer,
            @AuthenticationPrincipal SignedIn who) {
        request.need();
        return jobs.answer(prefer, who.id(), antennas, new Wanted(candidate, request));
    }

    /** What is asked for one candidate. */
    private record Wanted(Candidate candidate, NeedRequest request) {}

    private static ComputedView solve(Wanted wanted, Watch watch) {
        Candidate candidate = wanted.candidate();
        Need need = wanted.request().need();
        try {
            return ComputedView.of(
                    AntennaTrial.compute(candidate, need, watch), candidate.ask(new Place(need)), need.band());
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField("need", e);
        }
    }

    private static GroundAnswer solve(GroundRequest r, Watch watch) {
        Element element = r.element();
        Ground ground = r.ground();
        return GroundAnswer.of(
                r.trim()
                        ? GroundPlanner.trimmed(element, ground, r.lowHz(), r.highHz(), r.limitSwr(), watch)
                        : GroundPlanner.solve(element, ground, r.lowHz(), r.highHz(), r.limitSwr(), watch),
                new Need.Band(r.lowHz(), r.highHz(), r.limitSwr()));
    }
}
