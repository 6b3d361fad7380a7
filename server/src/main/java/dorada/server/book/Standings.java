package dorada.server.book;

import dorada.core.acceptance.Progress;
import dorada.server.installation.Installation;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * How far installations are, as their rows in the book tell it, out of an index. Rows that another program has written hold until they
 * are written anew; those that are still being written ({@link #unwritten}) are to be left out and worked out.
 */
@Service
@Transactional(readOnly = true)
public class Standings {

    private static final List<UUID> NONE = List.of(new UUID(0, 0));

    private static final int AT_ONCE = 500;

    /** More are sooner found among all. */
    private static final int MOST_BY_ID = 5000;

    private final BookRepository book;
    private final BookKeeping keeping;

    Standings(BookRepository book, BookKeeping keeping) {
        this.book = book;
        this.keeping = keeping;
    }

    public record Standing(UUID id, long shopNumber, Progress state) {}

    public Set<UUID> unwritten() {
        return keeping.unwritten();
    }

    /** Of how many the book tells, without {@code but}. */
    public int count(Set<UUID> but) {
        return (int) book.count() - (but.isEmpty() ? 0 : book.countByInstallationIdIn(but));
    }

    /** How many of those that a search finds are in which state, without {@code but}. */
    public Map<Progress, Integer> counts(String search, Collection<UUID> but) {
        Map<Progress, Integer> counts = new EnumMap<>(Progress.class);
        book.countStates(Installation.lookedFor(search), some(but))
                .forEach(row -> counts.put(row.state(), (int) row.count()));
        return counts;
    }

    /** Those of {@code ids}, without {@code but}. */
    public Map<UUID, Standing> of(List<UUID> ids, Collection<UUID> but) {
        Set<UUID> wanted = Set.copyOf(ids);
        // What is left out is left out here: it may be more than a query can name.
        Stream<Standing> told = ids.size() > MOST_BY_ID
                ? book.standing().stream().filter(s -> wanted.contains(s.id()))
                : IntStream.iterate(0, from -> from < ids.size(), from -> from + AT_ONCE)
                        .mapToObj(from -> ids.subList(from, Math.min(ids.size(), from + AT_ONCE)))
                        .flatMap(some -> book.standing(some).stream());
        return told.filter(s -> !but.contains(s.id())).collect(Collectors.toMap(Standing::id, Function.identity()));
    }

    /** How many of those that a search finds are in one state, without {@code but}. */
    public int count(Progress state, String search, Collection<UUID> but) {
        return book.count(state, Installation.lookedFor(search), some(but));
    }

    /** The newest {@code most} in one state that a search finds, the newest first, without {@code but}. */
    public List<Standing> in(Progress state, String search, Collection<UUID> but, int most) {
        return book.standing(state, Installation.lookedFor(search), some(but), Limit.of(most));
    }

    private static Collection<UUID> some(Collection<UUID> ids) {
        return ids.isEmpty() ? NONE : ids;
    }
}
