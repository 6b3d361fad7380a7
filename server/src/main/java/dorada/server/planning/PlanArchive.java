package dorada.server.planning;

import dorada.server.installation.InstallationService;
import dorada.server.people.Person;
import dorada.server.planning.PlanArchive.PlanRecord;
import dorada.server.shop.ArchivedPeople;
import dorada.server.shop.ShopPart;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Kept plans in an archive. */
@Component
class PlanArchive implements ShopPart<PlanRecord> {

    private final KeptPlans plans;
    private final KeptPlanRepository repository;
    private final InstallationService installations;

    PlanArchive(KeptPlans plans, KeptPlanRepository repository, InstallationService installations) {
        this.plans = plans;
        this.repository = repository;
        this.installations = installations;
    }

    /** @param changedBy a login */
    record PlanRecord(
            @NotNull UUID id,
            @NotBlank @Size(max = 160) String name,
            UUID installation,
            @NotNull @Size(max = 100_000) String body,
            @NotBlank String changedBy,
            @NotNull Instant changedAt) {}

    @Override
    public String name() {
        return "plans";
    }

    @Override
    public Class<PlanRecord> type() {
        return PlanRecord.class;
    }

    @Override
    public List<PlanRecord> pack(Optional<UUID> installation) {
        return plans.all(installation).stream()
                .map(p -> new PlanRecord(
                        p.id(),
                        p.name(),
                        p.installation().map(i -> i.id()).orElse(null),
                        p.body(),
                        p.changer().login(),
                        p.changedAt()))
                .toList();
    }

    @Override
    public Stream<Person> people(Optional<UUID> installation) {
        return plans.all(installation).stream().map(KeptPlan::changer);
    }

    @Override
    public boolean restore(PlanRecord r, ArchivedPeople people) {
        if (repository.existsById(r.id())) {
            return false;
        }
        repository.saveAndFlush(KeptPlan.create(r.id())
                .fill(
                        r.name(),
                        Optional.ofNullable(r.installation())
                                .filter(installations::isKnown)
                                .map(installations::byId),
                        r.body(),
                        people.byLogin(r.changedBy()),
                        r.changedAt()));
        return true;
    }
}
