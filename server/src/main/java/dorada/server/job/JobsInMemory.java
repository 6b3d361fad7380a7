package dorada.server.job;

import dorada.core.wire.Watch;
import dorada.server.job.JobView.State;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import java.time.Clock;
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
import org.springframework.beans.factory.DisposableBean;

/** Those of the only server, one after the other; in memory, for a while. */
final class JobsInMemory implements Jobs, DisposableBean {

    private static final Logger LOG = LoggerFactory.getLogger(JobsInMemory.class);
    private final Map<UUID, Job> jobs = new ConcurrentHashMap<>();
    private final ExecutorService worker = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "long-work");
        thread.setDaemon(true);
        return thread;
    });
    private final Clock clock;

    JobsInMemory(Clock clock) {
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

    @Override
    public <Q> JobView start(UUID owner, LongWork<Q> work, Q request) {
        return start(owner, watch -> work.solve().apply(request, watch));
    }

    JobView start(UUID owner, Function<Watch, Object> work) {
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
            job.trouble = LongWork.trouble(e);
            job.state = State.FAILED;
        }
    }

    @Override
    public JobView look(UUID id, UUID owner) {
        return mine(id, owner).view();
    }

    @Override
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

    @Override
    public void destroy() {
        jobs.values().forEach(j -> j.stop = true);
        worker.shutdownNow();
    }
}
