package dorada.server.keeping;

import java.time.Duration;
import java.util.HashSet;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
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

    private final ExecutorService worker;

    /** @param name of the thread, and of what failed where it did: it is tried again with the next change and at the next start */
    public InBackground(String name, RoomOnDisk room, Consumer<UUID> work) {
        this.room = room;
        this.work = work;
        worker = Executors.newSingleThreadExecutor(run -> {
            Thread thread = new Thread(run, name);
            thread.setDaemon(true);
            thread.setPriority(Thread.MIN_PRIORITY);
            return thread;
        });
    }

    /** Something beside, in its turn. */
    public void run(Runnable other) {
        worker.execute(() -> tried("all", other));
    }

    public void later(UUID installation) {
        if (waiting.add(installation)) {
            worker.execute(() -> tried(installation, () -> {
                begun.add(installation);
                waiting.remove(installation);
                work.accept(installation);
                begun.remove(installation);
            }));
        }
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
