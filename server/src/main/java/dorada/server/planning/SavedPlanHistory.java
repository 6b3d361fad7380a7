package dorada.server.planning;

import dorada.core.history.Happened;
import dorada.server.history.Chronicle;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Saved plans of an installation: when each was saved last, and removed. */
@Service
@Transactional(readOnly = true)
class SavedPlanHistory implements Chronicle {

    private final PlanRepository plans;

    SavedPlanHistory(PlanRepository plans) {
        this.plans = plans;
    }

    @Override
    public List<Happening> of(UUID installation) {
        return plans.findByInstallationId(installation).stream()
                .flatMap(t -> Chronicle.withRemoval(
                        new Happening(
                                t.changedAt(), Optional.of(t.changedBy()), List.of(Happened.PLAN_SAVED.of(t.name()))),
                        t,
                        Happened.PLAN_REMOVED))
                .toList();
    }
}
