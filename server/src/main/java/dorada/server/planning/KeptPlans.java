package dorada.server.planning;

import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import dorada.server.people.PeopleService;
import dorada.server.planning.KeptPlanController.KeptPlanRequest;
import dorada.server.planning.KeptPlanController.KeptPlanView;
import dorada.server.problem.JobException;
import dorada.server.removed.Shelf;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans that the shop keeps. */
@Service
@Transactional
class KeptPlans implements Shelf {

    private final KeptPlanRepository plans;
    private final InstallationService installations;
    private final PeopleService people;
    private final Clock clock;

    KeptPlans(KeptPlanRepository plans, InstallationService installations, PeopleService people, Clock clock) {
        this.plans = plans;
        this.installations = installations;
        this.people = people;
        this.clock = clock;
    }

    /** The newest first; all, or those of one installation. */
    @Transactional(readOnly = true)
    List<KeptPlan> all(Optional<UUID> installation) {
        return installation
                .map(plans::findByInstallationIdAndRemovedAtIsNullOrderByChangedAtDesc)
                .orElseGet(plans::findByRemovedAtIsNullOrderByChangedAtDesc);
    }

    @Transactional(readOnly = true)
    KeptPlan byId(UUID id) {
        return plans.findById(id).filter(p -> p.removedAt().isEmpty()).orElseThrow(() -> JobException.notFound("plan"));
    }

    KeptPlan keep(UUID by, KeptPlanRequest request) {
        return saved(KeptPlan.create(), by, request);
    }

    KeptPlanView change(UUID id, long version, UUID by, KeptPlanRequest request) {
        KeptPlan plan = byId(id);
        if (plan.version() != version) {
            throw JobException.stale(KeptPlanView.of(plan, true), request);
        }
        return KeptPlanView.of(saved(plan, by, request), true);
    }

    void remove(UUID id, UUID by) {
        byId(id).remove(people.byId(by), clock.instant());
    }

    @Override
    public String kind() {
        return "plan";
    }

    @Override
    public List<KeptPlan> removed() {
        return plans.findByRemovedAtIsNotNull();
    }

    @Override
    public Optional<KeptPlan> find(UUID id) {
        return plans.findById(id);
    }

    private KeptPlan saved(KeptPlan plan, UUID by, KeptPlanRequest r) {
        Optional<Installation> of = Optional.ofNullable(r.installationId()).map(installations::byId);
        return plans.saveAndFlush(plan.fill(r.name().strip(), of, r.body(), people.byId(by), clock.instant()));
    }
}
