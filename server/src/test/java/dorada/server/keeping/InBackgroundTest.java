package dorada.server.keeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.UUID;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class InBackgroundTest {

    private final RoomOnDisk room = mock();
    private final BlockingQueue<UUID> done = new LinkedBlockingQueue<>();

    @Test
    void nothingIsWrittenUntilThereIsRoomAndThenAllOfItIs() throws Exception {
        AtomicInteger asked = new AtomicInteger();
        when(room.isThere(0)).thenAnswer(a -> {
            assertThat(done).isEmpty();
            return asked.incrementAndGet() > 1;
        });
        UUID first = UUID.randomUUID();
        try (InBackground background = new InBackground("trial", room, done::add)) {
            background.later(first);
            background.later(first);
            assertThat(done.poll(1, TimeUnit.MINUTES)).isEqualTo(first);
            // Once, though it was asked for twice while it waited.
            background.run(() -> done.add(new UUID(0, 0)));
            assertThat(done.poll(1, TimeUnit.MINUTES)).isEqualTo(new UUID(0, 0));
        }
    }

    @Test
    void whatFailsKeepsNothingElseFromBeingDone() throws Exception {
        when(room.isThere(0)).thenReturn(true);
        UUID wrong = UUID.randomUUID();
        UUID right = UUID.randomUUID();
        try (InBackground background = new InBackground("trial", room, id -> {
            if (id.equals(wrong)) {
                throw new IllegalStateException("of a trial");
            }
            done.add(id);
        })) {
            background.later(wrong);
            background.later(right);
            assertThat(done.poll(1, TimeUnit.MINUTES)).isEqualTo(right);
        }
    }

    @Test
    void whatWaitsIsInWorkOrFailedIsUnwritten() throws Exception {
        when(room.isThere(0)).thenReturn(true);
        UUID first = UUID.randomUUID();
        UUID second = UUID.randomUUID();
        BlockingQueue<Boolean> succeeds = new LinkedBlockingQueue<>();
        BlockingQueue<UUID> begun = new LinkedBlockingQueue<>();
        try (InBackground background = new InBackground("trial", room, id -> {
            begun.add(id);
            if (!next(succeeds)) {
                throw new IllegalStateException("of a trial");
            }
        })) {
            assertThat(background.unwritten()).isEmpty();
            background.later(first);
            background.later(second);
            assertThat(begun.poll(1, TimeUnit.MINUTES)).isEqualTo(first);
            assertThat(background.unwritten()).containsExactlyInAnyOrder(first, second);
            succeeds.add(false);
            assertThat(begun.poll(1, TimeUnit.MINUTES)).isEqualTo(second);
            assertThat(background.unwritten()).containsExactlyInAnyOrder(first, second);
            succeeds.add(true);
            // What failed is written with the next change.
            background.later(first);
            assertThat(begun.poll(1, TimeUnit.MINUTES)).isEqualTo(first);
            assertThat(background.unwritten()).containsExactly(first);
            succeeds.add(true);
            background.run(() -> done.add(first));
            assertThat(done.poll(1, TimeUnit.MINUTES)).isEqualTo(first);
            assertThat(background.unwritten()).isEmpty();
        }
    }

    /** After a start of another program all of a shop is renewed: what somebody touches then does not wait for it. */
    @Test
    void whatIsOnlyRenewedComesAfterWhatWasTouchedAndIsNotUnwritten() throws Exception {
        when(room.isThere(0)).thenReturn(true);
        List<UUID> old = Stream.generate(UUID::randomUUID).limit(5).toList();
        UUID touched = UUID.randomUUID();
        BlockingQueue<Boolean> goesOn = new LinkedBlockingQueue<>();
        try (InBackground background = new InBackground("trial", room, id -> {
            done.add(id);
            next(goesOn);
        })) {
            old.forEach(background::renew);
            assertThat(done.poll(1, TimeUnit.MINUTES)).isEqualTo(old.get(0));
            background.later(touched);
            assertThat(background.unwritten()).containsExactly(touched);
            goesOn.addAll(List.of(true, true, true, true, true, true));
            assertThat(done.poll(1, TimeUnit.MINUTES)).isEqualTo(touched);
            for (UUID each : old.subList(1, 5)) {
                assertThat(done.poll(1, TimeUnit.MINUTES)).isEqualTo(each);
            }
        }
    }

    private static boolean next(BlockingQueue<Boolean> answers) {
        try {
            return answers.poll(1, TimeUnit.MINUTES);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
