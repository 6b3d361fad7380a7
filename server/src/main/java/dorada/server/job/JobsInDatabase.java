package dorada.server.job;

import com.fasterxml.jackson.annotation.JsonAutoDetect.Visibility;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import dorada.core.wire.Watch;
import dorada.server.job.JobView.State;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * Those of a shop with several servers: asked of one, done by whichever is free, watched and stopped through any of them. A server that
 * is gone in the middle leaves its computation to another, which begins it anew.
 */
final class JobsInDatabase implements Jobs, SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(JobsInDatabase.class);

    private static final Duration LOOKS_FOR_WORK = Duration.ofMillis(500);
    private static final Duration HEARTBEAT = Duration.ofSeconds(2);

    /** As few as the library takes: another server has the work ten seconds after one is gone. */
    private static final int MISSED_HEARTBEATS = 4;

    private static final Duration LEAVES_IT_FOR = Duration.ofMillis(100);
    private static final Duration ENDS_WITHIN = Duration.ofSeconds(5);
    private static final long BETWEEN_NOTES_NS = 200_000_000;

    private final JdbcClient sql;
    private final JobService.LongWorks known;
    private final JsonMapper answers;
    private final JsonMapper requests;
    private final Clock clock;
    private final Scheduler scheduler;
    private final OneTimeTask<Void> task;
    private volatile boolean ending;
    private volatile boolean isRunning;

    JobsInDatabase(DataSource database, JdbcClient sql, JobService.LongWorks known, JsonMapper json, Clock clock) {
        this.sql = sql;
        this.known = known;
        this.clock = clock;
        answers = json;
        // A request is what it consists of, not what can be asked of it.
        requests = json.rebuild()
                .changeDefaultVisibility(v -> v.withVisibility(PropertyAccessor.ALL, Visibility.NONE)
                        .withVisibility(PropertyAccessor.FIELD, Visibility.ANY)
                        .withVisibility(PropertyAccessor.CREATOR, Visibility.ANY))
                .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .build();
        task = Tasks.oneTime("long-work")
                .onFailure(new FailureHandler.OnFailureRetryLater<>(LEAVES_IT_FOR))
                .execute((instance, context) -> work(UUID.fromString(instance.getId())));
        scheduler = Scheduler.create(database, task)
                .threads(1)
                .pollingInterval(LOOKS_FOR_WORK)
                .heartbeatInterval(HEARTBEAT)
                .missedHeartbeatsLimit(MISSED_HEARTBEATS)
                .shutdownMaxWait(ENDS_WITHIN)
                .enableImmediateExecution()
                .build();
    }

    @Override
    public void start() {
        isRunning = true;
        scheduler.start();
    }

    @Override
    public boolean isRunning() {
        return isRunning;
    }

    @Override
    public <Q> JobView start(UUID owner, LongWork<Q> work, Q request) {
        Instant now = clock.instant();
        sql.sql("delete from long_job where begun_at < ? and state in ('DONE', 'STOPPED', 'FAILED')")
                .param(Timestamp.from(now.minus(KEPT)))
                .update();
        int waiting = sql.sql("select count(*) from long_job where state in ('WAITING', 'RUNNING')")
                .query(Integer.class)
                .single();
        if (waiting >= MOST_WAITING) {
            throw UserProblem.conflict(Refused.TOO_MANY.of());
        }
        UUID id = UUID.randomUUID();
        sql.sql("""
                        insert into long_job (id, owner, work, asks, state, share, stopped, begun_at)
                        values (?, ?, ?, ?, 'WAITING', 0, false, ?)""")
                .params(id, owner, work.name(), requests.writeValueAsString(request), Timestamp.from(now))
                .update();
        scheduler.schedule(task.instance(id.toString()), Instant.now());
        return look(id, owner);
    }

    @Override
    public JobView look(UUID id, UUID owner) {
        return sql.sql("select state, share, result, trouble from long_job where id = ? and owner = ?")
                .params(id, owner)
                .query((row, number) -> new JobView(
                        id,
                        State.valueOf(row.getString("state")),
                        row.getDouble("share"),
                        row.getString("result") == null ? null : answers.readTree(row.getString("result")),
                        row.getString("trouble")))
                .optional()
                .orElseThrow(() -> UserProblem.notFound(Missing.COMPUTATION));
    }

    @Override
    public JobView stop(UUID id, UUID owner) {
        look(id, owner);
        sql.sql("""
                        update long_job set stopped = true, state = case when state = 'WAITING' then 'STOPPED' else state end
                        where id = ?""").param(id).update();
        return look(id, owner);
    }

    private record Asked(String work, String asks, boolean stopped) {}

    private void work(UUID id) {
        Optional<Asked> asked = sql.sql("select work, asks, stopped from long_job where id = ?")
                .param(id)
                .query((row, number) -> new Asked(row.getString(1), row.getString(2), row.getBoolean(3)))
                .optional();
        if (asked.isEmpty()) {
            return;
        }
        if (asked.get().stopped()) {
            over(id, State.STOPPED, null, null);
            return;
        }
        sql.sql("update long_job set state = 'RUNNING', share = 0 where id = ?")
                .param(id)
                .update();
        try {
            Object result = solved(known.named(asked.get().work()), asked.get().asks(), watch(id));
            over(id, State.DONE, answers.writeValueAsString(result), null);
        } catch (CancellationException e) {
            if (ending) {
                // Nobody stopped it: another server does it.
                sql.sql("update long_job set state = 'WAITING' where id = ?")
                        .param(id)
                        .update();
                throw e;
            }
            over(id, State.STOPPED, null, null);
        } catch (RuntimeException e) {
            LOG.error("A long computation failed", e);
            over(id, State.FAILED, null, LongWork.trouble(e));
        }
    }

    private <Q> Object solved(LongWork<Q> work, String asks, Watch watch) {
        return work.solve().apply(requests.readValue(asks, work.asks()), watch);
    }

    /** Notes how far it is, a few times a second, and hears whether it is still wanted. */
    private Watch watch(UUID id) {
        return new Watch() {
            private long noted = System.nanoTime();
            private boolean isWanted = true;

            @Override
            public synchronized boolean goOn(double share) {
                long now = System.nanoTime();
                if (now - noted > BETWEEN_NOTES_NS) {
                    noted = now;
                    isWanted = !sql.sql(
                                    "update long_job set share = greatest(share, least(1, ?)) where id = ? returning stopped")
                            .params(share, id)
                            .query(Boolean.class)
                            .optional()
                            .orElse(true);
                }
                return isWanted && !ending;
            }
        };
    }

    private void over(UUID id, State state, String result, String trouble) {
        sql.sql(
                        "update long_job set state = ?, share = case when ? then 1 else share end, result = ?, trouble = ? where id = ?")
                .params(state.name(), state == State.DONE, result, trouble, id)
                .update();
    }

    @Override
    public void stop() {
        ending = true;
        isRunning = false;
        scheduler.stop();
    }
}
