package dorada.server.planning;

import dorada.server.installation.Installation;
import dorada.server.people.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Plans that the shop keeps, alone or with an installation. */
@RestController
@RequestMapping("/api/plans")
class PlanController {

    private final Plans plans;

    PlanController(Plans plans) {
        this.plans = plans;
    }

    /**
     * @param installationId what it is the plan of; absent for none yet
     * @param need absent where the antenna was not planned; likewise {@code ground} and {@code station}
     * @param candidate of the antennas, the one that was picked; absent for none
     */
    record PlanRequest(
            @NotBlank(message = "{wrong.NAME}") @Size(max = 160, message = "{wrong.LETTERS}")
            String name,

            UUID installationId,

            @Valid NeedRequest need,

            @Size(max = 60) String candidate,

            @Valid GroundPlan ground,
            @Valid StationPlan station) {

        Plan.Parts parts() {
            return new Plan.Parts(need, candidate, ground, station, null);
        }
    }

    /**
     * What it says is absent in lists.
     *
     * @param body the pages' own text, of a plan that was saved before plans had columns; whoever opens it saves it as one
     */
    record PlanView(
            @NotNull UUID id,
            @NotNull long version,
            @NotNull String name,
            UUID installationId,
            String shopNumber,
            NeedRequest need,
            String candidate,
            GroundPlan ground,
            StationPlan station,
            String body,
            @NotNull String changedBy,
            @NotNull Instant changedAt) {

        static PlanView of(Plan p, boolean isWhole) {
            Plan.Parts parts = isWhole ? p.parts() : new Plan.Parts(null, null, null, null, null);
            return new PlanView(
                    p.id(),
                    p.version(),
                    p.name(),
                    p.installation().map(Installation::id).orElse(null),
                    p.installation().map(Installation::shopNumber).orElse(null),
                    parts.need(),
                    parts.candidate(),
                    parts.ground(),
                    parts.station(),
                    parts.body(),
                    p.changedBy(),
                    p.changedAt());
        }
    }

    /** All plans, the newest first, or those of one installation. */
    @GetMapping
    List<PlanView> all(@RequestParam(required = false) UUID installation) {
        return plans.all(Optional.ofNullable(installation)).stream()
                .map(p -> PlanView.of(p, false))
                .toList();
    }

    @GetMapping("/{id}")
    PlanView read(@PathVariable UUID id) {
        return PlanView.of(plans.byId(id), true);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    PlanView keep(@AuthenticationPrincipal SignedIn me, @Valid @RequestBody PlanRequest request) {
        return PlanView.of(plans.keep(me.id(), request), true);
    }

    /** Replaces a plan; a stale {@code version} is refused with what is there now. */
    @PutMapping("/{id}")
    PlanView change(
            @PathVariable UUID id,
            @RequestParam long version,
            @AuthenticationPrincipal SignedIn me,
            @Valid @RequestBody PlanRequest request) {
        return plans.change(id, version, me.id(), request);
    }

    /** Says which installation was made of it; nothing else of it changes. */
    @PutMapping("/{id}/installation/{installationId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void belongsTo(@PathVariable UUID id, @PathVariable UUID installationId) {
        plans.belongsTo(id, installationId);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me) {
        plans.remove(id, me.id());
    }
}
