package dorada.server.book;

import dorada.server.installation.InstallationService.Touched;
import dorada.server.keeping.InBackground;
import dorada.server.keeping.RoomOnDisk;
import dorada.server.neighbour.Heard;
import dorada.server.neighbour.Missed;
import dorada.server.neighbour.Neighbours;
import dorada.server.tuning.Judgements;
import jakarta.annotation.PreDestroy;
import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.hibernate.search.mapper.orm.Search;
import org.hibernate.search.mapper.orm.session.SearchSession;
import org.hibernate.search.mapper.pojo.work.IndexingPlanSynchronizationStrategy;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Keeps the book in the background: whatever is touched has its row written anew, at the start also what has none. An index that
 * is missing, or lost what it had not yet written when the power went, is made from the rows. Each server has an index of its own, and
 * takes into it what others have written.
 */
@Component
class BookKeeping {

    /** The index is on the disk a second after a row, and servers' clocks are not far from each other; this is a wide margin. */
    private static final Duration PERHAPS_LOST = Duration.ofMinutes(2);

    private static final int AT_ONCE = 200;

    private final BookRepository book;
    private final Judgements judgements;
    private final EntityManager entities;
    private final EntityManagerFactory factory;
    private final TransactionTemplate transactions;
    private final IndexFolder index;
    private final ShopLessons lessons;
    private final InBackground background;
    private final InBackground indexing;

    BookKeeping(
            BookKeeper keeper,
            BookRepository book,
            Judgements judgements,
            EntityManager entities,
            EntityManagerFactory factory,
            PlatformTransactionManager transactions,
            RoomOnDisk room,
            LostWrites lost,
            IndexFolder index,
            ShopLessons lessons,
            Neighbours neighbours,
            ApplicationEventPublisher events) {
        this.book = book;
        this.judgements = judgements;
        this.entities = entities;
        this.factory = factory;
        this.transactions = new TransactionTemplate(transactions);
        this.index = index;
        this.lessons = lessons;
        indexing = new InBackground("index", room, id -> takeIntoIndex(List.of(id)));
        background = new InBackground("book", room, id -> {
            boolean teaches = keeper.write(id, judgements.program());
            if (lost.taken()) {
                makeIndexAnew();
            }
            if (teaches) {
                lessons.forget();
            }
            RowWritten row = new RowWritten(id);
            events.publishEvent(row);
            neighbours.tell(row);
        });
    }

    @EventListener(ApplicationReadyEvent.class)
    void atTheStart() {
        background.run(() -> {
            makeIndexWhole();
            book.stale().forEach(background::later);
            book.ofOthers(judgements.program()).forEach(background::renew);
        });
    }

    private void makeIndexWhole() {
        long rows = book.count();
        if (rows != indexed()) {
            makeIndexAnew();
            return;
        }
        Instant newest = book.newest();
        if (newest != null) {
            // Another server may have written rows since this one's index was.
            Instant whole = index.writtenAt().filter(newest::isAfter).orElse(newest);
            takeIntoIndex(book.since(whole.minus(PERHAPS_LOST)));
        }
    }

    /** What others have written, and may teach. Never all at once: after another program all rows of a shop may be new. */
    private void takeIntoIndex(List<UUID> ids) {
        boolean teaches = false;
        for (int from = 0; from < ids.size(); from += AT_ONCE) {
            List<UUID> some = ids.subList(from, Math.min(ids.size(), from + AT_ONCE));
            teaches |= transactions.execute(t -> someIntoIndex(book.findAllById(some)));
        }
        if (teaches) {
            lessons.forget();
        }
    }

    /** @return whether one of them may teach */
    private boolean someIntoIndex(List<BookEntry> rows) {
        SearchSession session = Search.session(entities);
        rows.forEach(session.indexingPlan()::addOrUpdate);
        boolean teaches = rows.stream().anyMatch(e -> e.signedAt().isPresent());
        if (teaches) {
            session.indexingPlanSynchronizationStrategy(IndexingPlanSynchronizationStrategy.readSync());
        }
        return teaches;
    }

    /** Another server has written a row. */
    @EventListener
    void heard(Heard heard) {
        heard.as(RowWritten.class).ifPresent(row -> indexing.later(row.installation()));
    }

    /** Rows that other servers wrote while this one did not hear of it; never while the index is made anew for another reason. */
    @EventListener
    void missed(Missed missed) {
        background.run(() -> {
            if (book.count() != indexed()) {
                makeIndexAnew();
            } else {
                takeIntoIndex(book.since(missed.since().minus(PERHAPS_LOST)));
            }
        });
    }

    private long indexed() {
        return transactions.execute(t -> Search.session(entities)
                .search(BookEntry.class)
                .where(f -> f.matchAll())
                .fetchTotalHitCount());
    }

    /** From the rows, which stay as they are. */
    void makeIndexAnew() {
        try {
            Search.mapping(factory)
                    .scope(BookEntry.class)
                    .massIndexer()
                    .threadsToLoadObjects(1)
                    .startAndWait();
            lessons.forget();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Also of what was judged outside of a transaction. */
    @TransactionalEventListener(fallbackExecution = true)
    void changed(Touched touched) {
        background.later(touched.installation());
    }

    /** Installations whose row is missing, or tells of what is no more; what only another program wrote holds until it is written anew. */
    Set<UUID> unwritten() {
        return background.unwritten();
    }

    @PreDestroy
    void stop() {
        background.close();
        indexing.close();
    }
}
