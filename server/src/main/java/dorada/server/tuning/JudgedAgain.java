package dorada.server.tuning;

import dorada.server.installation.InstallationService.PlanChanged;
import jakarta.annotation.PreDestroy;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * Judges passes again in the background: those of a plan that was changed, and, after a start of another build of the program, all.
 * Who looks meanwhile doesn't wait for it: what is opened is judged at once.
 */
@Component
class JudgedAgain {

    private static final Logger LOG = LoggerFactory.getLogger(JudgedAgain.class);

    private final Judgements judgements;
    private final Set<UUID> waiting = ConcurrentHashMap.newKeySet();
    private final ExecutorService worker = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "judged-again");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    });

    JudgedAgain(Judgements judgements) {
        this.judgements = judgements;
    }

    @EventListener(ApplicationReadyEvent.class)
    void all() {
        worker.execute(() -> judgements.toJudge().forEach(this::later));
    }

    @TransactionalEventListener
    void changed(PlanChanged plan) {
        later(plan.installation());
    }

    private void later(UUID installation) {
        if (waiting.add(installation)) {
            worker.execute(() -> {
                waiting.remove(installation);
                try {
                    judgements.judgeMissing(installation);
                } catch (RuntimeException e) {
                    // It is tried again by whoever opens it, and at the next start.
                    LOG.warn("Installation {} could not be judged again: {}", installation, e.getMessage());
                }
            });
        }
    }

    @PreDestroy
    void stop() {
        worker.shutdownNow();
    }
}
