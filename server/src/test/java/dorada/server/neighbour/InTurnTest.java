package dorada.server.neighbour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dorada.server.problem.UserProblem;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

class InTurnTest {

    private final InTurn inTurn = new InTurn(new Alone());

    private static void await(CountDownLatch latch) {
        try {
            assertThat(latch.await(10, TimeUnit.SECONDS)).isTrue();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void onOneThingOneWaitsForTheOtherAndOnAnotherThingNobodyDoes() {
        UUID one = UUID.randomUUID();
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch mayEnd = new CountDownLatch(1);
        StringBuffer done = new StringBuffer();
        CompletableFuture<Void> first =
                CompletableFuture.runAsync(() -> inTurn.on(one, Refused.IS_BEING_STOPPED, () -> {
                    begun.countDown();
                    await(mayEnd);
                    return done.append("first ");
                }));
        await(begun);
        CompletableFuture<Void> second =
                CompletableFuture.runAsync(() -> inTurn.on(one, Refused.IS_BEING_STOPPED, () -> done.append("second")));
        assertThat(inTurn.<String>on(UUID.randomUUID(), Refused.IS_BEING_STOPPED, () -> "other"))
                .isEqualTo("other");
        mayEnd.countDown();
        CompletableFuture.allOf(first, second).join();
        assertThat(done).hasToString("first second");
    }

    @Test
    void whereTheWorkFailsTheNextOneHasItsTurn() {
        UUID one = UUID.randomUUID();
        assertThatThrownBy(() -> inTurn.on(one, Refused.IS_BEING_STOPPED, () -> {
                    throw new IllegalArgumentException("torn");
                }))
                .isInstanceOf(IllegalArgumentException.class);
        assertThat(CompletableFuture.supplyAsync(() -> inTurn.<String>on(one, Refused.IS_BEING_STOPPED, () -> "next"))
                        .orTimeout(10, TimeUnit.SECONDS)
                        .join())
                .isEqualTo("next");
    }

    @Test
    void whoIsStoppedWhileWaitingIsToldSo() throws Exception {
        Thread.currentThread().interrupt();
        assertThatThrownBy(() -> inTurn.on(UUID.randomUUID(), Refused.IS_BEING_STOPPED, () -> "never"))
                .isInstanceOf(UserProblem.class);
        assertThat(Thread.interrupted()).isTrue();
    }
}
