package dorada.server.tuning;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import dorada.server.problem.UserProblem;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * What several people do to one installation at the same time is done one after the other, in the order it came, before a
 * transaction begins: nobody is told to send again, and no connection waits. One process has the data, so a lock of the process is
 * enough; the database's own rules stand behind it.
 */
@Component
class InTurn {

    private static final long PATIENCE_SECONDS = 20;

    private final LoadingCache<UUID, ReentrantLock> turns =
            Caffeine.newBuilder().weakValues().build(id -> new ReentrantLock(true));

    <T> T on(UUID installation, Supplier<T> work) {
        ReentrantLock turn = turns.get(installation);
        try {
            if (!turn.tryLock(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                throw UserProblem.busy(Refused.MANY_ARE_RECORDING.of());
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw UserProblem.busy(Refused.IS_BEING_STOPPED.of());
        }
        try {
            return work.get();
        } finally {
            turn.unlock();
        }
    }

    void run(UUID installation, Runnable work) {
        on(installation, () -> {
            work.run();
            return null;
        });
    }
}
