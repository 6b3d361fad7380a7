package dorada.server.book;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dorada.core.book.Traits;
import dorada.core.tuning.TrimPrior;
import dorada.server.installation.Installation;
import dorada.server.tuning.Taught;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;

/** What the book teaches, asked for with every pass: kept from the first until another antenna is finished. */
@Component
class ShopLessons implements Taught {

    /** Installations that are worked on at once. */
    private static final int MOST_REMEMBERED = 500;

    private final Book book;
    private final Cache<Asked, List<TrimPrior.Lesson>> memory =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();
    private final AtomicLong finished = new AtomicLong();

    ShopLessons(Book book) {
        this.book = book;
    }

    /** @param finished how often another one was: what is still being looked up meanwhile is never told afterwards */
    private record Asked(UUID installation, Traits traits, long finished) {}

    /** Advice does without likes where the index can't be read, and asks again the next time. */
    @Override
    public List<TrimPrior.Lesson> lessonsFor(Installation installation) {
        List<TrimPrior.Lesson> known = memory.get(
                new Asked(installation.id(), installation.traits(), finished.get()),
                asked -> book.lessonsFor(installation).orElse(null));
        return known != null ? known : book.lessonsOfItsKind(installation);
    }

    /** One more is finished, or is told otherwise, and can be found. */
    void forget() {
        finished.incrementAndGet();
    }
}
