package dorada.server.book;

import dorada.core.acceptance.Progress;
import dorada.core.acceptance.WantedChannel;
import dorada.core.book.ShopNumbers;
import dorada.core.outcome.Outcome;
import dorada.core.recheck.Finding;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import dorada.server.installation.SignOff;
import dorada.server.installation.SignedPart;
import dorada.server.installation.Visit;
import dorada.server.tuning.Newest;
import dorada.server.words.Words;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.hibernate.search.mapper.orm.Search;
import org.hibernate.search.mapper.pojo.work.IndexingPlanSynchronizationStrategy;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes the row of an installation from what it is now. */
@Service
class BookKeeper {

    private static final List<Words> LANGUAGES = List.of(Words.ENGLISH, Words.in(Locale.forLanguageTag("es")));

    private final BookRepository book;
    private final InstallationService installations;
    private final Newest newest;
    private final EntityManager entities;
    private final Clock clock;

    BookKeeper(
            BookRepository book,
            InstallationService installations,
            Newest newest,
            EntityManager entities,
            Clock clock) {
        this.book = book;
        this.installations = installations;
        this.newest = newest;
        this.entities = entities;
        this.clock = clock;
    }

    /**
     * Nothing where the installation is gone.
     *
     * @return whether others can learn from it: it is finished, and the index finds it as it is now
     */
    @Transactional
    public boolean write(UUID installationId, String program) {
        Optional<Installation> known = installations.find(installationId);
        if (known.isEmpty()) {
            book.deleteById(installationId);
            return false;
        }
        Installation i = known.get();
        List<Newest.Worked> passes = newest.worked(installationId);
        Optional<BookEntry> written = book.findById(installationId);
        BookEntry entry = written.orElseGet(() -> new BookEntry(installationId));
        entry.tell(
                new BookEntry.MadeOf(i.version(), book.passCount(installationId), program, clock.instant()),
                told(i, passes));
        if (written.isEmpty()) {
            entities.persist(entry);
        }
        boolean teaches = entry.signedAt().isPresent();
        if (teaches) {
            Search.session(entities)
                    .indexingPlanSynchronizationStrategy(IndexingPlanSynchronizationStrategy.readSync());
        }
        return teaches;
    }

    private BookEntry.Told told(Installation i, List<Newest.Worked> all) {
        List<Newest.Worked> own = all.stream().filter(p -> !p.isOldAntenna()).toList();
        Optional<SignOff> end =
                i.visits().stream().flatMap(v -> v.signOff().stream()).reduce((a, b) -> b);
        // What a later visit has changed is told once that is signed off as well.
        int last = end.map(e -> e.terms().passNumber()).orElse(Integer.MAX_VALUE);
        List<Newest.Worked> told = own.stream().filter(p -> p.number() <= last).toList();
        double changedM = told.stream().mapToDouble(Newest.Worked::changeM).sum();
        List<String> faults = faults(i, own);
        return new BookEntry.Told(
                i.number(),
                i.title(),
                i.customer(),
                i.traits(),
                i.wantedChannels().stream().map(WantedChannel::frequencyHz).toList(),
                people(i, all),
                named(i, faults),
                words(i, all),
                i.foundWords(),
                faults,
                state(i),
                told.isEmpty()
                        ? null
                        : i.startLengthM().map(start -> start + changedM).orElse(null),
                (int) told.stream()
                        .filter(p -> p.changeM() != 0 || p.secondChangeM() != 0)
                        .count(),
                told.size(),
                ShopNumbers.spent(told.stream().map(Newest.Worked::changeM).toList(), i.isOneWay()),
                end.filter(e -> isMet(e, told)).isPresent(),
                end.map(s -> s.terms().worstSwr()).orElse(null),
                end.flatMap(SignOff::lesson),
                i.createdAt(),
                end.map(SignOff::signedAt).orElse(null),
                Stream.of(
                                Stream.of(i.createdAt()),
                                i.visits().stream().map(Visit::openedAt),
                                end.stream().map(SignOff::signedAt),
                                all.stream().map(Newest.Worked::recordedAt))
                        .flatMap(s -> s)
                        .max(Instant::compareTo)
                        .orElseThrow());
    }

    private Progress state(Installation i) {
        Newest.Row pass = newest.row(i.id()).orElse(null);
        boolean byJudgement =
                i.signOff().filter(s -> s.terms().reason() != null).isPresent();
        boolean isMet =
                pass != null && Boolean.TRUE.equals(newest.met(List.of(pass)).get(i.id()));
        return Newest.progress(i.isSignedOff(), byJudgement, pass, isMet);
    }

    /** For no reason but that; or for one, on a pass that met it all the same, as where only the final sweep was left away. */
    private static boolean isMet(SignOff end, List<Newest.Worked> told) {
        return end.terms().reason() == null
                || told.stream()
                        .filter(p -> p.number() == end.terms().passNumber())
                        .anyMatch(p -> Boolean.TRUE.equals(p.met()));
    }

    private static List<String> faults(Installation i, List<Newest.Worked> own) {
        Set<String> faults = new LinkedHashSet<>();
        own.stream().map(Newest.Worked::fault).filter(Objects::nonNull).forEach(faults::add);
        i.visits().stream()
                .flatMap(v -> v.signOff().stream())
                .map(s -> s.terms().finding())
                .filter(f -> f != null && f != Finding.UNCHANGED)
                .forEach(f -> faults.add(f.of().id()));
        return List.copyOf(faults);
    }

    private static List<String> people(Installation i, List<Newest.Worked> all) {
        Set<String> people = new LinkedHashSet<>();
        people.add(i.createdBy().displayName());
        for (Visit v : i.visits()) {
            people.add(v.openedBy().displayName());
            v.signOff().ifPresent(s -> people.add(s.signedBy().displayName()));
        }
        all.forEach(p -> people.add(p.recordedBy()));
        return List.copyOf(people);
    }

    private static List<String> named(Installation i, List<String> faults) {
        List<Outcome> names = new ArrayList<>(List.of(
                i.antennaKind().words(), new Outcome("carrier." + i.carrier().name(), Map.of())));
        faults.forEach(f -> names.add(new Outcome(f, Map.of())));
        return LANGUAGES.stream()
                .flatMap(w -> names.stream().map(w::phrase))
                .distinct()
                .toList();
    }

    private static List<String> words(Installation i, List<Newest.Worked> all) {
        List<String> words = new ArrayList<>();
        i.wantedChannels().forEach(c -> words.add(c.name()));
        words.add(i.carriedBy());
        for (Visit v : i.visits()) {
            words.add(v.why());
            v.signOff().ifPresent(s -> {
                words.add(s.terms().remark());
                words.add(s.terms().reason());
                words.add(s.terms().mendedBy());
                words.add(s.terms().returnedBy());
                s.terms().parts().stream().map(SignedPart::name).forEach(words::add);
                s.terms().parts().stream().map(SignedPart::note).forEach(words::add);
            });
        }
        all.forEach(p -> words.add(p.note()));
        return words.stream().filter(w -> w != null && !w.isBlank()).toList();
    }
}
