package dorada.server.book;

import dorada.core.acceptance.Progress;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.Carrier;
import dorada.core.book.BookQuery;
import dorada.core.book.Likes;
import dorada.core.book.Traits;
import dorada.core.book.Whose;
import dorada.core.tuning.TrimPrior;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.hibernate.search.engine.search.predicate.SearchPredicate;
import org.hibernate.search.engine.search.predicate.dsl.SimpleBooleanPredicateClausesCollector;
import org.hibernate.search.engine.search.predicate.dsl.TypedSearchPredicateFactory;
import org.hibernate.search.engine.search.query.SearchResult;
import org.hibernate.search.mapper.orm.Search;
import org.hibernate.search.util.common.SearchException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds what the shop remembers: by words, channels and lengths, or by being like something. */
@Service
@Transactional(readOnly = true)
class Book {

    private static final Logger LOG = LoggerFactory.getLogger(Book.class);

    private static final String[] WORDY = {"title", "number", "customer", "people", "mount", "antenna", "named", "words"
    };

    /** One letter may be wrong in a word of four, two in one of eight; in a shorter one any change makes another word. */
    private static final int ONE_WRONG = 4;

    private static final int TWO_WRONG = 8;

    /** Of the frequency, either way: beyond, nothing is alike. */
    private static final double BAND = 0.17;

    /** Many more than are shown: the index weighs words by how rare they are, which likeness does not. */
    private static final int MOST_COMPARED = 200;

    /** Against a rare word or two. */
    private static final float CARRIER = 5;

    /** So many that are alike need none that is not. */
    private static final int ENOUGH = 5;

    private static final int MOST_OF_A_KIND = 50;

    private final EntityManager entities;
    private final BookRepository book;
    private final InstallationService installations;

    Book(EntityManager entities, BookRepository book, InstallationService installations) {
        this.entities = entities;
        this.book = book;
        this.installations = installations;
    }

    /** What else must be so; empty for anything. */
    record Filter(
            Optional<String> kind,
            Optional<Carrier> carrier,
            Optional<Progress> state,
            Optional<String> fault,
            Optional<String> person,
            Optional<Instant> signedFrom,
            Optional<Instant> signedBefore) {

        static final Filter ANY = new Filter(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** @param total of all pages */
    record Found(List<BookEntry> entries, long total) {}

    Found search(String text, Filter filter, int page, int size) {
        BookQuery asked = BookQuery.of(text);
        SearchResult<BookEntry> result = Search.session(entities)
                .search(BookEntry.class)
                .where((f, all) -> {
                    all.add(f.matchAll());
                    asked.words().forEach(w -> all.add(wordy(f, w)));
                    asked.frequenciesHz()
                            .forEach(r -> all.add(f.range().field("channelsHz").between(r.low(), r.high())));
                    asked.lengthsM()
                            .forEach(
                                    r -> all.add(f.range().field("finalLengthM").between(r.low(), r.high())));
                    only(f, all, filter);
                })
                .sort(f -> asked.words().isEmpty()
                        ? f.field("shopNumber").desc()
                        : f.composite().add(f.score()).add(f.field("shopNumber").desc()))
                .fetch(Math.multiplyExact(page, size), size);
        return new Found(result.hits(), result.total().hitCount());
    }

    private static void only(
            TypedSearchPredicateFactory<?> f, SimpleBooleanPredicateClausesCollector<?, ?> all, Filter filter) {
        filter.kind().ifPresent(k -> all.add(f.match().field("kindId").matching(k)));
        filter.carrier().ifPresent(c -> all.add(f.match().field("carrier").matching(c)));
        filter.state().ifPresent(s -> all.add(f.match().field("state").matching(s)));
        filter.fault().ifPresent(x -> all.add(f.match().field("fault").matching(x)));
        filter.person().ifPresent(p -> all.add(f.phrase().field("people").matching(p)));
        filter.signedFrom().ifPresent(t -> all.add(f.range().field("signedAt").atLeast(t)));
        filter.signedBefore().ifPresent(t -> all.add(f.range().field("signedAt").lessThan(t)));
    }

    /** As it is, with a letter wrong, or as the beginning of a longer one. */
    private static SearchPredicate wordy(TypedSearchPredicateFactory<?> f, String word) {
        // A number with another digit is another number.
        boolean isNumber = word.chars().anyMatch(Character::isDigit);
        int wrong = isNumber || word.length() < ONE_WRONG ? 0 : word.length() < TWO_WRONG ? 1 : 2;
        return f.or().add(f.match().fields(WORDY).matching(word).boost(4))
                .add(f.prefix().fields(WORDY).matching(word).boost(2))
                .add(
                        wrong == 0
                                ? f.matchNone()
                                : f.match().fields(WORDY).matching(word).fuzzy(wrong, 1))
                .toPredicate();
    }

    private static final Set<Progress> OPEN =
            EnumSet.of(Progress.PLANNED, Progress.TUNING, Progress.MET, Progress.READY);

    /** To which installations a sweep of that name and span may belong; finished ones by their number alone. */
    List<Whose.Match<BookRepository.NamedRow>> whose(String fileName, double startHz, double stopHz) {
        List<Whose.Candidate<BookRepository.NamedRow>> candidates = book.named(OPEN, Whose.numbersIn(fileName)).stream()
                .map(r -> new Whose.Candidate<>(
                        r,
                        r.shopNumber(),
                        r.title(),
                        BookEntry.channelsHz(r.channels()),
                        OPEN.contains(r.state()),
                        r.touchedAt()))
                .toList();
        return Whose.of(candidates, fileName, startHz, stopHz);
    }

    /** Likes, and the rows of them by their ids; for one that is cut, or slides both ways. */
    record Alike(Likes<UUID> likes, Map<UUID, BookEntry> rows, boolean isOneWay) {}

    /** The finished ones that are most like an installation; itself is left out but where it is an example for another one. */
    Alike like(UUID installationId, boolean withItself) {
        Installation i = installations.byId(installationId);
        return withRows(withItself ? likes(i.traits(), Optional.empty()) : likesOf(i), i.isOneWay());
    }

    /** Geometric middle of the lowest band of some channels, in Hz, as that of an installation is told. */
    static double middleHz(List<Double> channelsHz) {
        return WantedChannel.middlesHz(
                channelsHz.stream().map(hz -> new WantedChannel("", hz, false)).toList())[0];
    }

    /** The finished ones that are most like one that is not there yet. */
    Alike like(Traits asked, boolean isOneWay) {
        return withRows(likes(asked, Optional.empty()), isOneWay);
    }

    private Alike withRows(Likes<UUID> likes, boolean isOneWay) {
        List<UUID> ids = likes.nearest().stream().map(l -> l.finished().name()).toList();
        return new Alike(
                likes,
                book.findAllById(ids).stream()
                        .collect(Collectors.toMap(BookEntry::installationId, Function.identity())),
                isOneWay);
    }

    private Likes<UUID> likesOf(Installation i) {
        return likes(i.traits(), Optional.of(i.id()));
    }

    /** The index finds those that may be alike; how alike they are is worked out. */
    private Likes<UUID> likes(Traits asked, Optional<UUID> but) {
        List<UUID> near = Search.session(entities)
                .search(BookEntry.class)
                .select(f -> f.id(UUID.class))
                .where(f -> f.bool()
                        .filter(f.match().field("kindId").matching(asked.kind().name()))
                        .filter(f.range()
                                .field("middleHz")
                                .between(asked.middleHz() * (1 - BAND), asked.middleHz() * (1 + BAND)))
                        .filter(f.exists().field("signedAt"))
                        .should(f.match()
                                .field("carrier")
                                .matching(asked.carrier())
                                .constantScore()
                                .boost(CARRIER))
                        .should(f.match().field("mount").matching(asked.mount()))
                        .should(f.match().field("antenna").matching(asked.antenna())))
                .fetchHits(MOST_COMPARED);
        List<UUID> others =
                near.stream().filter(id -> !but.equals(Optional.of(id))).toList();
        return Likes.of(
                asked,
                others.isEmpty()
                        ? List.of()
                        : book.finished(others).stream()
                                .map(BookRepository.Row::finished)
                                .toList());
    }

    /** What those like it taught; where there are few, what others of its kind did as well. Empty where the index can't be read. */
    Optional<List<TrimPrior.Lesson>> lessonsFor(Installation installation) {
        Likes<UUID> likes;
        try {
            likes = likesOf(installation);
        } catch (SearchException e) {
            // Caught here, within the transaction that records a reading: nobody's reading is lost for it.
            LOG.warn("The index could not be asked for what is like {}: {}", installation.shopNumber(), e.getMessage());
            return Optional.empty();
        }
        return Optional.of(lessons(installation, likes));
    }

    /** The same without the index. */
    List<TrimPrior.Lesson> lessonsOfItsKind(Installation installation) {
        return lessons(installation, Likes.of(installation.traits(), List.of()));
    }

    private List<TrimPrior.Lesson> lessons(Installation installation, Likes<UUID> likes) {
        List<TrimPrior.Lesson> lessons = new ArrayList<>(likes.lessons());
        if (lessons.size() < ENOUGH) {
            Set<UUID> told = likes.nearest().stream()
                    .map(l -> l.finished().name())
                    .collect(Collectors.toCollection(HashSet::new));
            told.add(installation.id());
            book.finished(installation.antennaKind(), Limit.of(MOST_OF_A_KIND)).stream()
                    .filter(r -> !told.contains(r.id()))
                    .flatMap(r -> r.finished().lesson().stream())
                    .forEach(lessons::add);
        }
        return List.copyOf(lessons);
    }
}
