package dorada.server.planning;

import dorada.server.installation.InstallationService;
import dorada.server.people.Person;
import dorada.server.planning.PlanArchive.PlanRecord;
import dorada.server.shop.ArchivedPeople;
import dorada.server.shop.ShopPart;
import jakarta.validation.Valid;
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

    private final Plans plans;
    private final PlanRepository repository;
    private final InstallationService installations;

    PlanArchive(Plans plans, PlanRepository repository, InstallationService installations) {
        this.plans = plans;
        this.repository = repository;
        this.installations = installations;
    }

    /**
     * @param body of a plan that was saved before plans had columns; else absent
     * @param changedBy a login
     */
    record PlanRecord(
            @NotNull UUID id,
            @NotBlank @Size(max = 160) String name,
            UUID installation,
            @Valid NeedRequest need,
            @Size(max = 60) String candidate,
            @Valid GroundPlan ground,
            @Valid StationPlan station,
            @Size(max = 100_000) String body,
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
        return plans.all(installation).stream().map(PlanArchive::record).toList();
    }

    private static PlanRecord record(Plan p) {
        Plan.Parts parts = p.parts();
        return new PlanRecord(
                p.id(),
                p.name(),
                p.installation().map(i -> i.id()).orElse(null),
                parts.need(),
                parts.candidate(),
                parts.ground(),
                parts.station(),
                parts.body(),
                p.changer().login(),
                p.changedAt());
    }

    @Override
    public Stream<Person> people(Optional<UUID> installation) {
        return plans.all(installation).stream().map(Plan::changer);
    }

    @Override
    public boolean restore(PlanRecord r, ArchivedPeople people) {
        if (repository.existsById(r.id())) {
            return false;
        }
        repository.saveAndFlush(Plan.create(r.id())
                .fill(
                        r.name(),
                        Optional.ofNullable(r.installation())
                                .filter(installations::isKnown)
                                .map(installations::byId),
                        new Plan.Parts(r.need(), r.candidate(), r.ground(), r.station(), r.body()),
                        people.byLogin(r.changedBy()),
                        r.changedAt()));
        return true;
    }
}
