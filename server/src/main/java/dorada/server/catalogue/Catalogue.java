package dorada.server.catalogue;

import dorada.core.catalogue.Entry;
import dorada.core.catalogue.Sort;
import dorada.server.installation.InstallationService;
import dorada.server.people.PeopleService;
import dorada.server.people.Role;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import dorada.server.removed.Removable;
import dorada.server.removed.RemovedKind;
import dorada.server.removed.Shelf;
import dorada.server.table.DoubleView;
import dorada.server.table.TakenInView;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shop's names: made on the spot by a plan that names them, changed everywhere at once, put together, retired. */
@Service
@Transactional
class Catalogue implements Shelf {

    private final CatalogueEntryRepository entries;
    private final InstallationService installations;
    private final PeopleService people;
    private final Clock clock;

    Catalogue(CatalogueEntryRepository entries, InstallationService installations, PeopleService people, Clock clock) {
        this.entries = entries;
        this.installations = installations;
        this.people = people;
        this.clock = clock;
    }

    /** @param used on how many installations it is named */
    record Known(CatalogueEntry entry, int used) {}

    /** Those that are offered, by name. */
    @Transactional(readOnly = true)
    List<Known> all() {
        Map<List<String>, Integer> used = installations.countNamed();
        return entries.offered().stream()
                .map(e -> new Known(e, used.getOrDefault(e.entry().key(), 0)))
                .toList();
    }

    @Transactional(readOnly = true)
    List<DoubleView> doubles() {
        return entries.offered().stream()
                .collect(Collectors.groupingBy(e -> e.entry().sort(), TreeMap::new, Collectors.toList()))
                .values()
                .stream()
                .flatMap(some ->
                        DoubleView.of(
                                some, e -> e.entry().name() + " " + e.entry().customer(), CatalogueEntry::id)
                                .stream())
                .toList();
    }

    /** What a plan names and nobody knew is known from now on. A retired one stays retired. */
    @EventListener
    void known(InstallationService.Named named) {
        for (Entry e : named.entries()) {
            if (find(e).isEmpty()) {
                entries.save(new CatalogueEntry(UUID.randomUUID(), e));
            }
        }
    }

    private Optional<CatalogueEntry> find(Entry e) {
        return entries.named(e.sort(), e.name(), e.customer()).stream().findFirst();
    }

    CatalogueEntry add(UUID requestKey, Entry entry) {
        Optional<CatalogueEntry> sentBefore = entries.findById(requestKey);
        if (sentBefore.isPresent()) {
            return sentBefore.get();
        }
        requireFree(entry, requestKey);
        knowCustomer(entry);
        return entries.saveAndFlush(new CatalogueEntry(requestKey, entry));
    }

    private void knowCustomer(Entry entry) {
        if (!entry.customer().isEmpty()) {
            known(new InstallationService.Named(List.of(new Entry(Sort.CUSTOMER, entry.customer(), "", ""))));
        }
    }

    /** Says it otherwise, here and on every installation that names it. A stale {@code version} is refused with what is there now. */
    CatalogueEntry change(UUID id, long version, Entry entry) {
        CatalogueEntry there = byId(id);
        if (there.version() != version) {
            throw UserProblem.stale(CatalogueController.CatalogueEntryView.of(new Known(there, 0)), entry);
        }
        Entry before = there.entry();
        if (before.sort() != entry.sort()) {
            throw UserProblem.atField("sort", Refused.ANOTHER_SORT.of());
        }
        requireFree(entry, id);
        knowCustomer(entry);
        there.set(entry);
        if (!before.name().equals(entry.name()) || !before.customer().equals(entry.customer())) {
            renamed(before, entry);
        }
        return entries.saveAndFlush(there);
    }

    private int renamed(Entry before, Entry now) {
        if (before.sort() == Sort.CUSTOMER) {
            entries.of(before.name())
                    .forEach(e -> e.set(new Entry(
                            e.entry().sort(), e.name(), now.name(), e.entry().detail())));
        }
        return installations.rename(before, now);
    }

    /**
     * Two names of one thing: {@code id} is retired, and what named it names {@code into}.
     *
     * @return on how many installations that was
     */
    int merge(UUID id, UUID into, UUID by) {
        CatalogueEntry one = byId(id);
        CatalogueEntry stays = byId(into);
        if (id.equals(into)) {
            throw UserProblem.atField("into", Refused.ITSELF.of());
        }
        if (one.entry().sort() != stays.entry().sort()) {
            throw UserProblem.atField("into", Refused.ANOTHER_SORT.of());
        }
        if (stays.entry().detail().isEmpty()) {
            stays.set(new Entry(
                    stays.entry().sort(),
                    stays.name(),
                    stays.entry().customer(),
                    one.entry().detail()));
        }
        int renamed = renamed(one.entry(), stays.entry());
        one.remove(people.byId(by), clock.instant());
        return renamed;
    }

    void retire(UUID id, UUID by) {
        byId(id).remove(people.byId(by), clock.instant());
    }

    /** Makes what is not known yet, and writes what is said of those that are; nothing is renamed or taken away by a table. */
    TakenInView takeIn(List<Entry> table) {
        int made = 0;
        int changed = 0;
        for (Entry e : table) {
            knowCustomer(e);
            Optional<CatalogueEntry> there = find(e);
            if (there.isEmpty()) {
                entries.saveAndFlush(new CatalogueEntry(UUID.randomUUID(), e));
                made++;
            } else if (!e.detail().isEmpty()
                    && !e.detail().equals(there.get().entry().detail())) {
                Entry now = there.get().entry();
                there.get().set(new Entry(now.sort(), now.name(), now.customer(), e.detail()));
                changed++;
            }
        }
        return new TakenInView(made, changed, table.size() - made - changed);
    }

    private void requireFree(Entry entry, UUID but) {
        if (isTaken(entry, but)) {
            throw UserProblem.atField("name", Refused.NAME_TAKEN.of(entry.name()));
        }
    }

    private boolean isTaken(Entry entry, UUID but) {
        return entries.named(entry.sort(), entry.name(), entry.customer()).stream()
                .anyMatch(e -> e.removedAt().isEmpty() && !e.id().equals(but));
    }

    private CatalogueEntry byId(UUID id) {
        return entries.findById(id)
                .filter(e -> e.removedAt().isEmpty())
                .orElseThrow(() -> UserProblem.notFound(Missing.NAME));
    }

    @Override
    public RemovedKind kind() {
        return RemovedKind.NAME;
    }

    @Override
    public Role least() {
        return Role.LEAD;
    }

    @Override
    public List<CatalogueEntry> removed() {
        return entries.findByRemovedAtIsNotNull();
    }

    @Override
    public Optional<CatalogueEntry> find(UUID id) {
        return entries.findById(id);
    }

    @Override
    public boolean isNameTaken(Removable thing) {
        return isTaken(((CatalogueEntry) thing).entry(), thing.id());
    }
}
