package dorada.server.job;

import dorada.core.wire.Watch;
import dorada.server.job.JobView.State;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import jakarta.annotation.PreDestroy;
import java.net.URI;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Function;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Service;

/** Runs long computations one after the other: each uses all cores by itself. Kept in memory, for a while. */
@Service
public class JobService {

    private static final Logger LOG = LoggerFactory.getLogger(JobService.class);
    private static final Duration KEPT = Duration.ofMinutes(15);
    private static final int MOST_WAITING = 20;

    private final Map<UUID, Job> jobs = new ConcurrentHashMap<>();
    private final ExecutorService worker = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "long-work");
        thread.setDaemon(true);
        return thread;
    });
    private final Clock clock;

    JobService(Clock clock) {
        this.clock = clock;
    }

    private static final class Job {
        final UUID id = UUID.randomUUID();
        final UUID owner;
        final Instant begun;
        volatile State state = State.WAITING;
        volatile double share;
        volatile boolean stop;
        volatile Object result;
        volatile String trouble;

        Job(UUID owner, Instant begun) {
            this.owner = owner;
            this.begun = begun;
        }

        JobView view() {
            State seen = state;
            return new JobView(id, seen, share, seen == State.DONE ? result : null, trouble);
        }

        boolean isOver() {
            return state != State.WAITING && state != State.RUNNING;
        }
    }

    /** Queues {@code work}, which hears through its watch when it is no longer wanted. */
    public JobView start(UUID owner, Function<Watch, Object> work) {
        Instant now = clock.instant();
        jobs.values().removeIf(j -> j.isOver() && j.begun.isBefore(now.minus(KEPT)));
        if (jobs.values().stream().filter(j -> !j.isOver()).count() >= MOST_WAITING) {
            throw UserProblem.conflict(Refused.TOO_MANY.of());
        }
        Job job = new Job(owner, now);
        jobs.put(job.id, job);
        worker.execute(() -> run(job, work));
        return job.view();
    }

    /** What a controller answers: the result at once, or, where the request prefers not to wait, a job to watch. */
    public ResponseEntity<Object> answer(String prefer, UUID owner, Function<Watch, Object> work) {
        if (!prefer.contains("respond-async")) {
            return ResponseEntity.ok(work.apply(Watch.NOBODY));
        }
        JobView job = start(owner, work);
        return ResponseEntity.accepted()
                .location(URI.create("/api/jobs/" + job.id()))
                .body(job);
    }

    private static void run(Job job, Function<Watch, Object> work) {
        if (job.stop) {
            job.state = State.STOPPED;
            return;
        }
        job.state = State.RUNNING;
        try {
            job.result = work.apply(share -> {
                job.share = Math.max(job.share, Math.min(1, share));
                return !job.stop;
            });
            job.share = 1;
            job.state = State.DONE;
        } catch (CancellationException e) {
            job.state = State.STOPPED;
        } catch (RuntimeException e) {
            LOG.error("A long computation failed", e);
            job.trouble = e instanceof UserProblem ? e.getMessage() : "The computation failed on our side.";
            job.state = State.FAILED;
        }
    }

    /** @throws UserProblem where there is none, or it is somebody else's */
    public JobView look(UUID id, UUID owner) {
        return mine(id, owner).view();
    }

    /** Asks the job to end; it does so within a few moments. */
    public JobView stop(UUID id, UUID owner) {
        Job job = mine(id, owner);
        job.stop = true;
        if (job.state == State.WAITING) {
            job.state = State.STOPPED;
        }
        return job.view();
    }

    private Job mine(UUID id, UUID owner) {
        Job job = jobs.get(id);
        if (job == null || !job.owner.equals(owner)) {
            throw UserProblem.notFound(Missing.COMPUTATION);
        }
        return job;
    }

    @PreDestroy
    void end() {
        jobs.values().forEach(j -> j.stop = true);
        worker.shutdownNow();
    }
}
