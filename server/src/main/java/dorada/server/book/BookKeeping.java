package dorada.server.book;

import dorada.server.installation.InstallationService.Touched;
import dorada.server.tuning.Judgements;
import jakarta.annotation.PreDestroy;
import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.hibernate.search.mapper.orm.Search;
import org.hibernate.search.mapper.orm.work.SearchIndexingPlan;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
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

    private static final Logger LOG = LoggerFactory.getLogger(BookKeeping.class);

    /** The index is on the disk a second after a row; this is a wide margin. */
    private static final Duration PERHAPS_LOST = Duration.ofMinutes(2);

    private final BookKeeper keeper;
    private final BookRepository book;
    private final Judgements judgements;
    private final EntityManager entities;
    private final EntityManagerFactory factory;
    private final TransactionTemplate transactions;
    private final Set<UUID> waiting = ConcurrentHashMap.newKeySet();
    private final ExecutorService worker = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "book");
        thread.setDaemon(true);
        return thread;
    });

    BookKeeping(
            BookKeeper keeper,
            BookRepository book,
            Judgements judgements,
            EntityManager entities,
            EntityManagerFactory factory,
            PlatformTransactionManager transactions) {
        this.keeper = keeper;
        this.book = book;
        this.judgements = judgements;
        this.entities = entities;
        this.factory = factory;
        this.transactions = new TransactionTemplate(transactions);
    }

    @EventListener(ApplicationReadyEvent.class)
    void atTheStart() {
        worker.execute(() -> {
            try {
                makeIndexWhole();
                book.stale(judgements.program()).forEach(this::later);
            } catch (RuntimeException e) {
                LOG.warn("The book could not be looked through: {}", e.getMessage());
            }
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
        later(touched.installation());
    }

    private void later(UUID installation) {
        if (waiting.add(installation)) {
            worker.execute(() -> {
                waiting.remove(installation);
                try {
                    keeper.write(installation, judgements.program());
                } catch (RuntimeException e) {
                    // It is tried again with the next change, and at the next start.
                    LOG.warn("The book's row of {} could not be written: {}", installation, e.getMessage());
                }
            });
        }
    }

    @PreDestroy
    void stop() {
        worker.shutdownNow();
    }
}
