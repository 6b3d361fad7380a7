package dorada.server.keeping;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;

class QuietMomentTest {

    private static final Instant MORNING = Instant.parse("2031-05-06T07:00:00Z");
    private static final Duration MOMENT = Duration.ofMillis(1);

    private final QuietMoment quiet = new QuietMoment();

    @Test
    void whereNobodyHasWorkedItIsNow() {
        assertThat(quiet.isNow(MORNING)).isTrue();
    }

    @Test
    void itIsNotBeforeAWhileWithoutWork() {
        quiet.worked(MORNING);
        assertThat(quiet.isNow(MORNING.plus(QuietMoment.QUIET).minus(MOMENT))).isFalse();
        assertThat(quiet.isNow(MORNING.plus(QuietMoment.QUIET))).isTrue();
    }

    @Test
    void whatIsWantedLongEnoughIsDoneWhileSomebodyWorks() {
        Instant end = MORNING.plus(QuietMoment.LONGEST);
        for (Instant now = MORNING; now.isBefore(end); now = now.plus(Duration.ofSeconds(20))) {
            quiet.worked(now);
            assertThat(quiet.isNow(now)).isFalse();
        }
        quiet.worked(end);
        assertThat(quiet.isNow(end)).isTrue();
        // The next time it is wanted, it waits as long again.
        assertThat(quiet.isNow(end.plus(MOMENT))).isFalse();
    }
}
