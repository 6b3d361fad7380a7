package dorada.core.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dorada.core.acceptance.Progress;
import dorada.core.antenna.Carrier;
import dorada.core.book.ShopNumbers.Age;
import dorada.core.book.ShopNumbers.Fault;
import dorada.core.book.ShopNumbers.Held;
import dorada.core.book.ShopNumbers.Job;
import dorada.core.book.ShopNumbers.Recheck;
import dorada.core.book.ShopNumbers.Spent;
import dorada.core.book.ShopNumbers.Standing;
import dorada.core.book.ShopNumbers.Touched;
import dorada.core.book.ShopNumbers.Week;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ShopNumbersTest {

    private static final ZoneId ZONE = ZoneId.of("Atlantic/Canary");

    /** A Friday. */
    private static final Instant NOW = Instant.parse("2026-03-13T15:00:00Z");

    private static Job open(int idleDays, String... faults) {
        Instant touched = touched(idleDays);
        return new Job(touched, Optional.empty(), touched, 1, 2, 0.01, 0, List.of(faults));
    }

    private static Instant touched(int idleDays) {
        return NOW.minus(Duration.ofDays(idleDays));
    }

    private static Job signed(String at, int days, int changes, double cutOffM, int overshoots) {
        Instant signed = Instant.parse(at);
        return new Job(
                signed.minus(Duration.ofDays(days)),
                Optional.of(signed),
                signed,
                changes,
                changes + 1,
                cutOffM,
                overshoots,
                List.of());
    }

    private static ShopNumbers numbers(Job... jobs) {
        return ShopNumbers.of(List.of(), List.of(jobs), List.of(), NOW, ZONE, 3);
    }

    @Test
    void jobsStandByStateWithHowLongNobodyTouchedThem() {
        List<Touched> standing = List.of(
                new Touched(Progress.TUNING, 3, List.of(touched(4)), touched(10)),
                new Touched(Progress.PLANNED, 2, List.of(touched(3), touched(-1)), touched(3)));
        assertThat(ShopNumbers.of(standing, List.of(), List.of(), NOW, ZONE, 3).standing())
                .containsExactly(
                        // What another's clock says is in the future was touched just now.
                        new Standing(Progress.PLANNED, 2, Duration.ofHours(36), Duration.ofDays(3)),
                        new Standing(Progress.TUNING, 3, Duration.ofDays(4), Duration.ofDays(10)));
    }

    @Test
    void aWeekBeginsOnMondayWhereTheShopIsAndAnEmptyOneStands() {
        // A quarter to midnight on Sunday in Greenwich is Sunday there too, in winter.
        List<Week> weeks = numbers(
                        signed("2026-03-08T23:45:00Z", 2, 4, 0.03, 1),
                        signed("2026-03-09T00:15:00Z", 3, 1, 0.01, 0),
                        signed("2026-03-12T10:00:00Z", 6, 2, 0.02, 0),
                        signed("2026-02-01T10:00:00Z", 6, 9, 9, 9))
                .weeks();
        assertThat(weeks)
                .extracting(Week::monday)
                .containsExactly(LocalDate.of(2026, 2, 23), LocalDate.of(2026, 3, 2), LocalDate.of(2026, 3, 9));
        assertThat(weeks).extracting(Week::signedOff).containsExactly(0, 1, 2);
        assertThat(weeks.get(0).changes()).isEmpty();
        Week last = weeks.get(2);
        assertThat(last.changes()).contains(1.5);
        assertThat(last.readings()).contains(2.5);
        assertThat(last.days()).contains(4.5);
        assertThat(last.cutOffM()).isCloseTo(0.03, within(1e-12));
        assertThat(weeks.get(1).overshoots()).isEqualTo(1);
    }

    /** Those that are left out of the jobs must not be missed by the first week. */
    @Test
    void theFirstWeekBeginsOnItsMondayWhereTheShopIs() {
        assertThat(ShopNumbers.since(NOW, ZONE, 1)).isEqualTo(Instant.parse("2026-03-09T00:00:00Z"));
        assertThat(ShopNumbers.since(NOW, ZoneId.of("Europe/Madrid"), 3))
                .isEqualTo(Instant.parse("2026-02-22T23:00:00Z"));
    }

    @Test
    void faultsAreCountedByJobAndOfThisTimeOnly() {
        assertThat(numbers(open(1, "a", "b", "b"), open(8, "b"), open(100, "a")).faults())
                .containsExactly(new Fault("b", 2), new Fault("a", 1));
    }

    @Test
    void rechecksStandByCarrierAndAge() {
        List<Recheck> rechecks = List.of(
                new Recheck(Carrier.VEHICLE, Duration.ofDays(31), true, Optional.empty()),
                new Recheck(Carrier.VEHICLE, Duration.ofDays(32), false, Optional.of(-0.6e6)),
                new Recheck(Carrier.VEHICLE, Duration.ofDays(100), true, Optional.of(0.2e6)),
                new Recheck(Carrier.MAST, Duration.ofDays(4000), false, Optional.of(1e6)));
        assertThat(ShopNumbers.of(List.of(), List.of(), rechecks, NOW, ZONE, 3).held())
                .containsExactlyInAnyOrder(
                        new Held(Carrier.VEHICLE, Age.MONTH, 1, 0, Optional.empty()),
                        // Down counts as far as up: neither makes up for the other.
                        new Held(Carrier.VEHICLE, Age.HALF_YEAR, 2, 1, Spread.of(0.2e6, 0.6e6)),
                        new Held(Carrier.MAST, Age.LONGER, 1, 1, Spread.of(1e6)));
    }

    @Test
    void onlyWhatASawTakesOffIsGone() {
        List<Double> changes = List.of(0.0, -0.02, -0.01, 0.015, 0.005, -0.003);
        Spent cut = ShopNumbers.spent(changes, true);
        assertThat(cut.cutOffM()).isCloseTo(0.033, within(1e-12));
        // Two pieces of one correction are one.
        assertThat(cut.overshoots()).isEqualTo(1);
        assertThat(ShopNumbers.spent(changes, false)).isEqualTo(new Spent(0, 0));
        assertThat(ShopNumbers.spent(List.of(0.01, -0.02), true).overshoots()).isZero();
    }
}
