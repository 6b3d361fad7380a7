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
import org.hibernate.search.util.common.SearchException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** What the book teaches, asked for with every pass: kept from the first until another antenna is finished. */
@Component
class ShopLessons implements Taught {

    private static final Logger LOG = LoggerFactory.getLogger(ShopLessons.class);

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

    @Override
    public List<TrimPrior.Lesson> lessonsFor(Installation installation) {
        try {
            return memory.get(
                    new Asked(installation.id(), installation.traits(), finished.get()),
                    asked -> book.lessonsFor(installation));
        } catch (SearchException e) {
            // Advice does without likes where the index can't be read: nobody's reading is lost for it.
            LOG.warn("The index could not be asked for what is like {}: {}", installation.shopNumber(), e.getMessage());
            return book.lessonsOfItsKind(installation);
        }
    }

    /** One more is finished, or is told otherwise, and can be found. */
    void forget() {
        finished.incrementAndGet();
    }
}
