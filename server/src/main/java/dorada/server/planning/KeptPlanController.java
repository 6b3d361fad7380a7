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
class KeptPlanController {

    private final KeptPlans plans;

    KeptPlanController(KeptPlans plans) {
        this.plans = plans;
    }

    /**
     * @param installationId what it is the plan of; absent for none yet
     * @param body what the planning pages hold, as they typed it
     */
    record KeptPlanRequest(
            @NotBlank(message = "Please give the plan a name.")
            @Size(max = 160, message = "At most 160 letters, please.")
            String name,

            UUID installationId,

            @NotNull @Size(max = 100_000, message = "This plan is too long to be kept.")
            String body) {}

    /** @param body absent in lists */
    record KeptPlanView(
            @NotNull UUID id,
            @NotNull long version,
            @NotNull String name,
            UUID installationId,
            String shopNumber,
            String body,
            @NotNull String changedBy,
            @NotNull Instant changedAt) {

        static KeptPlanView of(KeptPlan p, boolean isWhole) {
            return new KeptPlanView(
                    p.id(),
                    p.version(),
                    p.name(),
                    p.installation().map(Installation::id).orElse(null),
                    p.installation().map(Installation::shopNumber).orElse(null),
                    isWhole ? p.body() : null,
                    p.changedBy(),
                    p.changedAt());
        }
    }

    /** All plans, the newest first, or those of one installation. */
    @GetMapping
    List<KeptPlanView> all(@RequestParam(required = false) UUID installation) {
        return plans.all(Optional.ofNullable(installation)).stream()
                .map(p -> KeptPlanView.of(p, false))
                .toList();
    }

    @GetMapping("/{id}")
    KeptPlanView read(@PathVariable UUID id) {
        return KeptPlanView.of(plans.byId(id), true);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    KeptPlanView keep(@AuthenticationPrincipal SignedIn me, @Valid @RequestBody KeptPlanRequest request) {
        return KeptPlanView.of(plans.keep(me.id(), request), true);
    }

    /** Replaces a plan; a stale {@code version} is refused with what is there now. */
    @PutMapping("/{id}")
    KeptPlanView change(
            @PathVariable UUID id,
            @RequestParam long version,
            @AuthenticationPrincipal SignedIn me,
            @Valid @RequestBody KeptPlanRequest request) {
        return plans.change(id, version, me.id(), request);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me) {
        plans.remove(id, me.id());
    }
}
