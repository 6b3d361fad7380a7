package dorada.server.book;

import dorada.core.acceptance.Progress;
import dorada.server.tuning.Judgements;
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
 * How far installations are, as their rows in the book tell it, out of an index. Rows of an earlier program are missing; those that are
 * still being written ({@link #unwritten}) are to be left out and worked out.
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
    private final Judgements judgements;

    Standings(BookRepository book, BookKeeping keeping, Judgements judgements) {
        this.book = book;
        this.keeping = keeping;
        this.judgements = judgements;
    }

    public record Standing(UUID id, long shopNumber, Progress state) {}

    public Set<UUID> unwritten() {
        return keeping.unwritten();
    }

    /** How many are in which state, without {@code but}. */
    public Map<Progress, Integer> counts(Collection<UUID> but) {
        Map<Progress, Integer> counts = new EnumMap<>(Progress.class);
        book.countStates(judgements.program(), some(but)).forEach(row -> counts.put(row.state(), (int) row.count()));
        return counts;
    }

    /** Those of {@code ids}, without {@code but}. */
    public Map<UUID, Standing> of(List<UUID> ids, Collection<UUID> but) {
        Set<UUID> wanted = Set.copyOf(ids);
        Stream<Standing> told = ids.size() > MOST_BY_ID
                ? book.standing(judgements.program(), some(but)).stream().filter(s -> wanted.contains(s.id()))
                : IntStream.iterate(0, from -> from < ids.size(), from -> from + AT_ONCE)
                        .mapToObj(from -> ids.subList(from, Math.min(ids.size(), from + AT_ONCE)))
                        .flatMap(some -> book.told(some).stream())
                        .filter(row -> judgements.program().equals(row.program()) && !but.contains(row.id()))
                        .map(BookRepository.Told::standing);
        return told.collect(Collectors.toMap(Standing::id, Function.identity()));
    }

    /** The newest {@code most} in one state, the newest first, without {@code but}. */
    public List<Standing> in(Progress state, Collection<UUID> but, int most) {
        return book.standing(judgements.program(), some(but), state, Limit.of(most));
    }

    private static Collection<UUID> some(Collection<UUID> ids) {
        return ids.isEmpty() ? NONE : ids;
    }
}
