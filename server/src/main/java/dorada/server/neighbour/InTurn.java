package dorada.server.neighbour;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import dorada.core.outcome.OutcomeId;
import dorada.server.problem.UserProblem;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * What several people do to one thing at the same time is done one after the other, in the order it came, before a transaction
 * begins: nobody is told to send again, and no connection waits. Those who came to the same server wait here, one of each server
 * for its {@link Neighbours}; the database's own rules stand behind it.
 */
@Component
public class InTurn {

    private static final Duration PATIENCE = Duration.ofSeconds(20);

    private final LoadingCache<UUID, ReentrantLock> turns =
            Caffeine.newBuilder().weakValues().build(id -> new ReentrantLock(true));
    private final Neighbours neighbours;

    public InTurn(Neighbours neighbours) {
        this.neighbours = neighbours;
    }

    /**
     * The turn ends after the work is written: the next one sees it.
     *
     * @param busy what is said where it did not become one's turn for long
     */
    public <T> T on(UUID what, OutcomeId busy, Supplier<T> work) {
        ReentrantLock turn = turns.get(what);
        try {
            if (!turn.tryLock(PATIENCE.toSeconds(), TimeUnit.SECONDS)) {
                throw UserProblem.busy(busy.of());
            }
            try (Neighbours.Turn ours = neighbours.turn(what, PATIENCE).orElse(null)) {
                if (ours == null) {
                    throw UserProblem.busy(busy.of());
                }
                return work.get();
            } finally {
                turn.unlock();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw UserProblem.busy(Refused.IS_BEING_STOPPED.of());
        }
    }
}
