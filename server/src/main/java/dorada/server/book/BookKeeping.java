package dorada.server.book;

import dorada.server.installation.InstallationService.Touched;
import dorada.server.keeping.InBackground;
import dorada.server.keeping.RoomOnDisk;
import dorada.server.tuning.Judgements;
import jakarta.annotation.PreDestroy;
import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import java.time.Duration;
import java.time.Instant;
import org.hibernate.search.mapper.orm.Search;
import org.hibernate.search.mapper.orm.work.SearchIndexingPlan;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Keeps the book in the background: whatever is touched has its row written anew, at the start also what has none. An index that
 * is missing, or lost what it had not yet written when the power went, is made from the rows.
 */
@Component
class BookKeeping {

    /** The index is on the disk a second after a row; this is a wide margin. */
    private static final Duration PERHAPS_LOST = Duration.ofMinutes(2);

    private final BookRepository book;
    private final Judgements judgements;
    private final EntityManager entities;
    private final EntityManagerFactory factory;
    private final TransactionTemplate transactions;
    private final InBackground background;

    BookKeeping(
            BookKeeper keeper,
            BookRepository book,
            Judgements judgements,
            EntityManager entities,
            EntityManagerFactory factory,
            PlatformTransactionManager transactions,
            RoomOnDisk room,
            LostWrites lost,
            ApplicationEventPublisher events) {
        this.book = book;
        this.judgements = judgements;
        this.entities = entities;
        this.factory = factory;
        this.transactions = new TransactionTemplate(transactions);
        background = new InBackground("book", room, id -> {
            keeper.write(id, judgements.program());
            if (lost.taken()) {
                makeIndexAnew();
            }
            events.publishEvent(new RowWritten(id));
        });
    }

    @EventListener(ApplicationReadyEvent.class)
    void atTheStart() {
        background.run(() -> {
            makeIndexWhole();
            book.stale(judgements.program()).forEach(background::later);
        });
    }

    private void makeIndexWhole() {
        long rows = book.count();
        long indexed = transactions.execute(t -> Search.session(entities)
                .search(BookEntry.class)
                .where(f -> f.matchAll())
                .fetchTotalHitCount());
        if (rows != indexed) {
            makeIndexAnew();
            return;
        }
        Instant newest = book.newest();
        if (newest != null) {
            transactions.executeWithoutResult(t -> {
                SearchIndexingPlan plan = Search.session(entities).indexingPlan();
                book.since(newest.minus(PERHAPS_LOST)).forEach(plan::addOrUpdate);
            });
        }
    }

    /** From the rows, which stay as they are. */
    void makeIndexAnew() {
        try {
            Search.mapping(factory)
                    .scope(BookEntry.class)
                    .massIndexer()
                    .threadsToLoadObjects(1)
                    .startAndWait();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Also of what was judged outside of a transaction. */
    @TransactionalEventListener(fallbackExecution = true)
    void changed(Touched touched) {
        background.later(touched.installation());
    }

    @PreDestroy
    void stop() {
        background.close();
    }
}
