package dorada.server.keeping;

import java.time.Duration;
import java.util.Comparator;
import java.util.HashSet;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.PriorityBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Writes something for one installation after the other, while nobody waits for it; what waits already is not asked for twice. All
 * of it waits while the disk is full: nobody's request stands before it, and a database that cannot write closes itself for all.
 */
public final class InBackground implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(InBackground.class);

    private static final Duration ROOM_AGAIN = Duration.ofSeconds(2);

    private final RoomOnDisk room;
    private final Consumer<UUID> work;
    private final Set<UUID> waiting = ConcurrentHashMap.newKeySet();

    /** In work, or failed: not yet written, and not waiting any more. */
    private final Set<UUID> begun = ConcurrentHashMap.newKeySet();

    private final AtomicLong turns = new AtomicLong();
    private final ExecutorService worker;

    /** @param name of the thread, and of what failed where it did: it is tried again with the next change and at the next start */
    public InBackground(String name, RoomOnDisk room, Consumer<UUID> work) {
        this.room = room;
        this.work = work;
        worker = new ThreadPoolExecutor(1, 1, 0, TimeUnit.SECONDS, new PriorityBlockingQueue<>(), run -> {
            Thread thread = new Thread(run, name);
            thread.setDaemon(true);
            thread.setPriority(Thread.MIN_PRIORITY);
            return thread;
        });
    }

    /** What was asked for first comes first; what nobody waits for comes after all else. */
    private record Turn(boolean isLast, long number, Runnable work) implements Runnable, Comparable<Turn> {

        @Override
        public void run() {
            work.run();
        }

        @Override
        public int compareTo(Turn other) {
            return Comparator.comparing(Turn::isLast)
                    .thenComparingLong(Turn::number)
                    .compare(this, other);
        }
    }

    /** Something beside, in its turn. */
    public void run(Runnable other) {
        inTurn(false, "all", other);
    }

    private void inTurn(boolean isLast, Object of, Runnable run) {
        worker.execute(new Turn(isLast, turns.incrementAndGet(), () -> tried(of, run)));
    }

    public void later(UUID installation) {
        if (waiting.add(installation)) {
            inTurn(false, installation, () -> {
                begun.add(installation);
                waiting.remove(installation);
                work.accept(installation);
                begun.remove(installation);
            });
        }
    }

    /** After all that was touched: what is written of it holds, and was only written by another program. */
    public void renew(UUID installation) {
        renew(installation, work);
    }

    /** The same, done otherwise. */
    public void renew(UUID installation, Consumer<UUID> how) {
        inTurn(true, installation, () -> how.accept(installation));
    }

    /** For which of them what is written is not yet what it should be. */
    public Set<UUID> unwritten() {
        // In this order: what goes from the one to the other meanwhile is in both.
        Set<UUID> all = new HashSet<>(waiting);
        all.addAll(begun);
        return all;
    }

    private void tried(Object of, Runnable run) {
        try {
            while (!room.isThere(0)) {
                Thread.sleep(ROOM_AGAIN.toMillis());
            }
            run.run();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (RuntimeException e) {
            LOG.warn("{} failed for {}: {}", Thread.currentThread().getName(), of, e.getMessage());
        }
    }

    @Override
    public void close() {
        worker.shutdownNow();
    }
}
