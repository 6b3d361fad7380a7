package dorada.server.installation;

import dorada.core.catalogue.Entry;
import dorada.core.catalogue.Sort;
import dorada.core.ready.Method;
import dorada.core.ready.Readiness;
import dorada.core.ready.ReadyStep;
import dorada.server.people.PeopleService;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import dorada.server.radio.NamesRadios;
import dorada.server.shop.ArchivedPeople;
import java.time.Clock;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.random.RandomGenerator;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Installations: made, found, changed. */
@Service
@Transactional
public class InstallationService implements NamesRadios {

    /** More are sooner found among all. */
    private static final int MOST_BY_ID = 500;

    /** Of more, the rest of a search is only counted. */
    private static final int MOST_LISTED = 1000;

    /** No shop has as many. */
    private static final int BEYOND_ALL = 1_000_000_000;

    private final InstallationRepository installations;
    private final PeopleService people;
    private final Clock clock;
    private final ApplicationEventPublisher events;
    private final RandomGenerator random = RandomGenerator.getDefault();
    private final Optional<Long> standInSeed;

    /** Something of it is another than it was: plan, visit, pass, or what was said of one. */
    public record Touched(UUID installation) {}

    /** A plan names these, perhaps for the first time. */
    public record Named(List<Entry> entries) {}

    /** What verdicts and advice on this installation depend on is another. */
    public record PlanChanged(UUID installation) {}

    /** @param standInSeed where all stand-in antennas of a kind are to be alike, so that what follows can be repeated */
    InstallationService(
            InstallationRepository installations,
            PeopleService people,
            Clock clock,
            ApplicationEventPublisher events,
            @Value("${dorada.stand-in-seed:#{null}}") Long standInSeed) {
        this.standInSeed = Optional.ofNullable(standInSeed);
        this.installations = installations;
        this.people = people;
        this.clock = clock;
        this.events = events;
    }

    public Installation create(InstallationRequest request, UUID by) {
        return create(request, by, standInSeed.orElseGet(() -> (long) random.nextInt(1_000_000)));
    }

    /** As {@link #create(InstallationRequest, UUID)}, with a stand-in antenna that can be repeated. */
    public Installation create(InstallationRequest request, UUID by, long standInSeed) {
        // Flushed, so that the version that goes out is the one that is stored.
        Installation made = kept(new Installation(
                installations.nextShopNumber(), standInSeed, request, people.byId(by), clock.instant()));
        events.publishEvent(new Named(made.named()));
        return made;
    }

    /** One installation for each title, with the plan of {@code id}; all of them or none. */
    List<Installation> copy(UUID id, List<String> titles, UUID by) {
        Installation original = byId(id);
        return titles.stream()
                .map(title -> create(InstallationRequest.likeBut(original, title), by))
                .toList();
    }

    @Transactional(readOnly = true)
    public Installation byId(UUID id) {
        return find(id).orElseThrow(() -> UserProblem.notFound(Missing.INSTALLATION));
    }

    /** Empty where it is gone. */
    @Transactional(readOnly = true)
    public Optional<Installation> find(UUID id) {
        return installations.findById(id);
    }

    /** @throws UserProblem where there is no installation {@code id} */
    @Transactional(readOnly = true)
    public void requireKnown(UUID id) {
        if (!installations.existsById(id)) {
            throw UserProblem.notFound(Missing.INSTALLATION);
        }
    }

    /** Those of {@code ids}, in that order. */
    @Transactional(readOnly = true)
    public List<Installation> byIds(List<UUID> ids) {
        Map<UUID, Installation> found = installations.findAllById(ids).stream()
                .collect(Collectors.toMap(Installation::id, Function.identity()));
        return ids.stream().map(found::get).filter(Objects::nonNull).toList();
    }

    /** Those whose words contain {@code text}, newest first. */
    @Transactional(readOnly = true)
    public List<UUID> idsFound(String text) {
        return installations.search(Installation.lookedFor(text), Limit.unlimited());
    }

    /** @param total of all pages */
    public record Found(List<InstallationRow> rows, int total) {}

    /** Page {@code page}, counted from 0, of the same; of all where {@code text} is blank. */
    @Transactional(readOnly = true)
    public Found search(String text, int page, int size) {
        int from = (int) Math.min((long) page * size, BEYOND_ALL);
        if (text.isBlank()) {
            boolean isBeyondAny = from < (long) page * size;
            return new Found(isBeyondAny ? List.of() : installations.rows(PageRequest.of(page, size)), (int)
                    installations.count());
        }
        String lookedFor = Installation.lookedFor(text);
        int most = from + size + MOST_LISTED;
        List<UUID> found = installations.search(lookedFor, Limit.of(most));
        List<UUID> here = found.subList(Math.min(from, found.size()), Math.min(from + size, found.size()));
        // Where it finds no more, all words were read once, for the page and for how many there are.
        return new Found(rows(here), found.size() < most ? found.size() : installations.countFound(lookedFor));
    }

    /** Those of {@code ids} that a search finds. */
    @Transactional(readOnly = true)
    public List<InstallationRow> rowsFound(String text, Set<UUID> ids) {
        return ids.isEmpty() ? List.of() : installations.rowsFound(Installation.lookedFor(text), ids);
    }

    /** How many there are without those of {@code ids}. */
    @Transactional(readOnly = true)
    public int countBut(Set<UUID> ids) {
        return (int) installations.count() - (ids.isEmpty() ? 0 : installations.countByIdIn(ids));
    }

    /** Of {@code ids}, newest first. */
    @Transactional(readOnly = true)
    public List<InstallationRow> rows(Collection<UUID> ids) {
        if (ids.size() > MOST_BY_ID) {
            Set<UUID> those = Set.copyOf(ids);
            return installations.rows().stream()
                    .filter(row -> those.contains(row.id()))
                    .toList();
        }
        return ids.isEmpty() ? List.of() : installations.rows(ids);
    }

    /** Saves the edit of somebody who saw {@code version}; refuses it with both versions where that is stale. */
    InstallationView update(UUID id, long version, InstallationRequest request) {
        Installation installation = byId(id);
        if (installation.version() != version) {
            throw UserProblem.stale(InstallationView.of(installation), request);
        }
        installation.requireOpen();
        installation.fill(request);
        events.publishEvent(new PlanChanged(id));
        events.publishEvent(new Named(installation.named()));
        return saved(installation);
    }

    /** On how many installations each name stands, by {@link Entry#key()}. */
    @Transactional(readOnly = true)
    public Map<List<String>, Integer> countNamed() {
        Map<List<String>, Integer> counts = new HashMap<>();
        installations
                .findAllNames()
                .forEach(row ->
                        row.named().forEach(e -> counts.merge(e.key(), (int) row.installations(), Integer::sum)));
        return counts;
    }

    /**
     * Calls what is named {@code before} as {@code now} does, wherever it is named, signed off or not.
     *
     * @return on how many installations that was
     */
    public int rename(Entry before, Entry now) {
        List<Installation> all = byIds(installations.naming(before.sort().name(), before.name(), before.customer()));
        for (Installation i : all) {
            i.rename(before.sort(), now.name());
            if (before.sort().isOfACustomer() && !now.customer().isEmpty()) {
                i.rename(Sort.CUSTOMER, now.customer());
            }
            kept(i);
        }
        return all.size();
    }

    @Override
    public int nameRadio(UUID before, UUID now) {
        List<Installation> all = byIds(installations.withRadio(before));
        for (Installation i : all) {
            i.nameRadio(now);
            kept(i);
        }
        return all.size();
    }

    /** All of the shop, oldest first. */
    @Transactional(readOnly = true)
    public List<UUID> allIds() {
        return installations.allIds();
    }

    @Transactional(readOnly = true)
    public boolean isKnown(UUID id) {
        return installations.existsById(id);
    }

    /** Whether a visit of an archived installation is another one's here. */
    @Transactional(readOnly = true)
    public boolean hasVisitsOfAnother(InstallationRecord r) {
        List<UUID> visits = r.visits().stream()
                .map(VisitRecord::id)
                .filter(Objects::nonNull)
                .toList();
        return !visits.isEmpty() && installations.haveOthers(r.id(), visits);
    }

    /** Puts an archived installation here; under its own number where that is free. */
    public Installation restore(InstallationRecord r, ArchivedPeople people) {
        boolean isTaken = installations.existsByShopNumber(r.shopNumber());
        long number = isTaken ? installations.nextShopNumber() : r.shopNumber();
        // The next new installation must find its number free.
        while (!isTaken && installations.nextShopNumber() < number) {
            continue;
        }
        Installation restored = kept(new Installation(r, number, people));
        events.publishEvent(new Named(restored.named()));
        return restored;
    }

    /**
     * Takes over the visits of an archive that went on from what is here.
     *
     * @return how many visits and sign-offs that were; empty where both went on differently
     */
    public Optional<Integer> goOn(InstallationRecord r, ArchivedPeople people) {
        Installation ours = byId(r.id());
        Optional<Integer> added = ours.goOn(r.visits(), people);
        kept(ours);
        return added;
    }

    /** Flushes a change made to a loaded installation, so that its new version can be sent. */
    public InstallationView saved(Installation installation) {
        return InstallationView.of(kept(installation));
    }

    private Installation kept(Installation installation) {
        events.publishEvent(new Touched(installation.id()));
        return installations.saveAndFlush(installation);
    }

    /** What was looked at before the first reading of the visit that is open. */
    InstallationView getReady(UUID id, Method method, Map<ReadyStep, Readiness.Answer> answers, UUID by) {
        Installation installation = byId(id);
        installation.getReady(method, answers, people.byId(by), clock.instant());
        return saved(installation);
    }

    /** The adjusted length as it was really cut, before the first sweep. */
    public void startsAt(Installation installation, double lengthM) {
        installation.startsAt(lengthM);
        events.publishEvent(new PlanChanged(installation.id()));
        kept(installation);
    }

    /** Installations of a customer, named in any case, that were ever signed off; in the order of their numbers. */
    @Transactional(readOnly = true)
    public List<UUID> signedOffOf(String customer) {
        return installations.signedOffOf(customer.strip());
    }

    /** What sign-offs of those found that were signed off more than once, the oldest first. */
    @Transactional(readOnly = true)
    public List<FoundRow> found() {
        return installations.found();
    }
}
