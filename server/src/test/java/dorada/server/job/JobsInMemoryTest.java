package dorada.server.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dorada.core.wire.Watch;
import dorada.server.job.JobView.State;
import dorada.server.problem.UserProblem;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class JobsInMemoryTest {

    private static final UUID INES = UUID.randomUUID();
    private static final UUID BRUNO = UUID.randomUUID();

    private Instant now = Instant.parse("2026-05-04T08:00:00Z");
    private final JobsInMemory jobs = new JobsInMemory(new Clock() {
        @Override
        public ZoneOffset getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(java.time.ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }
    });

    @AfterEach
    void end() {
        jobs.destroy();
    }

    private JobView over(UUID id) throws InterruptedException {
        for (int i = 0; i < 2000; i++) {
            JobView view = jobs.look(id, INES);
            if (view.state() != State.WAITING && view.state() != State.RUNNING) {
                return view;
            }
            Thread.sleep(5);
        }
        throw new AssertionError("still running");
    }

    @Test
    void givesItsResultAndItsProgress() throws Exception {
        CountDownLatch half = new CountDownLatch(1);
        CountDownLatch seen = new CountDownLatch(1);
        JobView begun = jobs.start(INES, watch -> {
            watch.report(0.5);
            half.countDown();
            await(seen);
            return "done";
        });
        assertThat(half.await(10, TimeUnit.SECONDS)).isTrue();
        JobView middle = jobs.look(begun.id(), INES);
        assertThat(middle.state()).isEqualTo(State.RUNNING);
        assertThat(middle.share()).isEqualTo(0.5);
        assertThat(middle.result()).isNull();
        seen.countDown();
        JobView last = over(begun.id());
        assertThat(last.state()).isEqualTo(State.DONE);
        assertThat(last.result()).isEqualTo("done");
        assertThat(last.share()).isEqualTo(1);
    }

    @Test
    void isStoppedWhileRunningAndWhileWaiting() throws Exception {
        CountDownLatch running = new CountDownLatch(1);
        Function<Watch, Object> endless = watch -> {
            running.countDown();
            while (true) {
                watch.report(0.1);
            }
        };
        JobView first = jobs.start(INES, endless);
        JobView second = jobs.start(INES, endless);
        assertThat(running.await(10, TimeUnit.SECONDS)).isTrue();
        assertThat(jobs.stop(second.id(), INES).state()).isEqualTo(State.STOPPED);
        jobs.stop(first.id(), INES);
        assertThat(over(first.id()).state()).isEqualTo(State.STOPPED);
    }

    @Test
    void troubleIsASentence() throws Exception {
        JobView known = jobs.start(INES, watch -> {
            throw UserProblem.atField("wires", "Too thick.");
        });
        assertThat(over(known.id()).trouble()).isEqualTo("Too thick.");
        JobView unknown = jobs.start(INES, watch -> {
            throw new IllegalStateException("inner workings");
        });
        assertThat(over(unknown.id()).state()).isEqualTo(State.FAILED);
        assertThat(over(unknown.id()).trouble()).doesNotContain("inner workings");
    }

    @Test
    void belongsToItsOwnerAndIsForgottenInTheEnd() throws Exception {
        JobView job = jobs.start(INES, watch -> "x");
        over(job.id());
        assertThatThrownBy(() -> jobs.look(job.id(), BRUNO)).hasMessageContaining("no such");
        assertThatThrownBy(() -> jobs.stop(job.id(), BRUNO)).hasMessageContaining("no such");
        now = now.plus(Duration.ofHours(1));
        over(jobs.start(INES, watch -> "y").id());
        assertThatThrownBy(() -> jobs.look(job.id(), INES)).hasMessageContaining("no such");
    }

    @Test
    void tooManyWaitingAreRefused() {
        CountDownLatch never = new CountDownLatch(1);
        for (int i = 0; i < 20; i++) {
            jobs.start(INES, watch -> {
                await(never);
                return "";
            });
        }
        assertThatThrownBy(() -> jobs.start(INES, watch -> "")).hasMessageContaining("Too many");
        never.countDown();
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await(20, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
