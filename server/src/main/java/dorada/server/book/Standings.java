package dorada.server.book;

import dorada.core.acceptance.Progress;
import dorada.server.tuning.Judgements;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
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

    /** By installation, without {@code but}. */
    public Map<UUID, Progress> all(Collection<UUID> but) {
        return byId(book.standing(judgements.program(), some(but)));
    }

    /** Those of {@code ids} alone. */
    public Map<UUID, Progress> of(Collection<UUID> ids, Collection<UUID> but) {
        return byId(book.standingOf(judgements.program(), some(ids), some(but)));
    }

    /** The newest {@code most} in one state, the newest first, without {@code but}. */
    public List<Standing> in(Progress state, Collection<UUID> but, int most) {
        return book.standing(judgements.program(), some(but), state, Limit.of(most));
    }

    private static Map<UUID, Progress> byId(List<Standing> standings) {
        return standings.stream().collect(Collectors.toMap(Standing::id, Standing::state));
    }

    private static Collection<UUID> some(Collection<UUID> ids) {
        return ids.isEmpty() ? NONE : ids;
    }
}
