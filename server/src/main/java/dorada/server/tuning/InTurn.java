package dorada.server.tuning;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import dorada.server.neighbour.Neighbours;
import dorada.server.problem.UserProblem;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * What several people do to one installation at the same time is done one after the other, in the order it came, before a
 * transaction begins: nobody is told to send again, and no connection waits. Those who came to the same server wait here, one of
 * each server for its {@link Neighbours}; the database's own rules stand behind it.
 */
@Component
class InTurn {

    private static final Duration PATIENCE = Duration.ofSeconds(20);

    private final LoadingCache<UUID, ReentrantLock> turns =
            Caffeine.newBuilder().weakValues().build(id -> new ReentrantLock(true));
    private final Neighbours neighbours;

    InTurn(Neighbours neighbours) {
        this.neighbours = neighbours;
    }

    <T> T on(UUID installation, Supplier<T> work) {
        ReentrantLock turn = turns.get(installation);
        try {
            if (!turn.tryLock(PATIENCE.toSeconds(), TimeUnit.SECONDS)) {
                throw UserProblem.busy(Refused.MANY_ARE_RECORDING.of());
            }
            try (Neighbours.Turn ours = neighbours.turn(installation, PATIENCE).orElse(null)) {
                if (ours == null) {
                    throw UserProblem.busy(Refused.MANY_ARE_RECORDING.of());
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

    void run(UUID installation, Runnable work) {
        on(installation, () -> {
            work.run();
            return null;
        });
    }
}
