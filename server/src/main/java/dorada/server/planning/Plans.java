package dorada.server.planning;

import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import dorada.server.people.PeopleService;
import dorada.server.planning.PlanController.PlanRequest;
import dorada.server.planning.PlanController.PlanView;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import dorada.server.removed.RemovedKind;
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
class Plans implements Shelf {

    private final PlanRepository plans;
    private final InstallationService installations;
    private final PeopleService people;
    private final Clock clock;

    Plans(PlanRepository plans, InstallationService installations, PeopleService people, Clock clock) {
        this.plans = plans;
        this.installations = installations;
        this.people = people;
        this.clock = clock;
    }

    /** The newest first; all, or those of one installation. */
    @Transactional(readOnly = true)
    List<Plan> all(Optional<UUID> installation) {
        return installation
                .map(plans::findByInstallationIdAndRemovedAtIsNullOrderByChangedAtDesc)
                .orElseGet(plans::findByRemovedAtIsNullOrderByChangedAtDesc);
    }

    @Transactional(readOnly = true)
    Plan byId(UUID id) {
        return plans.findById(id)
                .filter(p -> p.removedAt().isEmpty())
                .orElseThrow(() -> UserProblem.notFound(Missing.PLAN));
    }

    Plan keep(UUID by, PlanRequest request) {
        return saved(Plan.create(), by, request);
    }

    PlanView change(UUID id, long version, UUID by, PlanRequest request) {
        Plan plan = byId(id);
        if (plan.version() != version) {
            throw UserProblem.stale(PlanView.of(plan, true), request);
        }
        return PlanView.of(saved(plan, by, request), true);
    }

    void belongsTo(UUID id, UUID installationId) {
        byId(id).belongsTo(installations.byId(installationId));
    }

    void remove(UUID id, UUID by) {
        byId(id).remove(people.byId(by), clock.instant());
    }

    @Override
    public RemovedKind kind() {
        return RemovedKind.PLAN;
    }

    @Override
    public List<Plan> removed() {
        return plans.findByRemovedAtIsNotNull();
    }

    @Override
    public Optional<Plan> find(UUID id) {
        return plans.findById(id);
    }

    private Plan saved(Plan plan, UUID by, PlanRequest r) {
        if (r.need() == null && r.ground() == null && r.station() == null) {
            throw UserProblem.atField("need", Refused.EMPTY.of());
        }
        if (r.ground() != null) {
            r.ground().requireItsGrounds();
        }
        Optional<Installation> of = Optional.ofNullable(r.installationId()).map(installations::byId);
        return plans.saveAndFlush(plan.fill(r.name().strip(), of, r.parts(), people.byId(by), clock.instant()));
    }
}
