package dorada.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class DemoClockTest {

    private static final ZoneId ISLAND = ZoneId.of("Atlantic/Madeira");
    private static final Instant BEFORE_DAWN = Instant.parse("2026-03-12T04:20:00Z");

    private final DemoClock clock = new DemoClock(Clock.fixed(BEFORE_DAWN, ISLAND));

    @Test
    void whatIsEnteredNowIsDatedNow() {
        assertThat(clock.instant()).isEqualTo(BEFORE_DAWN);
    }

    @Test
    void inventedWorkHappensByDayInItsOrderAndBeforeNow() {
        List<Instant> entries = new ArrayList<>();
        for (int minutes = 60 * 24 * 5; minutes > 0; minutes -= 35) {
            clock.setBack(Duration.ofMinutes(minutes));
            entries.add(clock.instant());
        }
        assertThat(entries)
                .isSorted()
                .doesNotHaveDuplicates()
                .allSatisfy(at -> assertThat(at).isBefore(BEFORE_DAWN));
        assertThat(entries)
                .allSatisfy(at -> assertThat(at.atZone(ISLAND).getHour()).isBetween(7, 16));
    }
}
