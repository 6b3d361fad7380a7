package dorada.server.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;

/** The real time, but for the demo's own entries, which are dated back so that they look like weeks of work by day. */
final class DemoClock extends Clock {

    private static final LocalTime DAY_BEGINS = LocalTime.of(7, 30);
    private static final Duration WORKING_DAY = Duration.ofHours(9);
    private static final double OF_A_DAY =
            (double) WORKING_DAY.toSeconds() / Duration.ofDays(1).toSeconds();

    private final Clock real;
    private volatile Duration back = Duration.ZERO;

    DemoClock() {
        this(Clock.systemDefaultZone());
    }

    DemoClock(Clock real) {
        this.real = real;
    }

    void setBack(Duration back) {
        this.back = back;
    }

    @Override
    public ZoneId getZone() {
        return real.getZone();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return this;
    }

    @Override
    public Instant instant() {
        return back.isZero() ? real.instant() : byDay(real.instant().minus(back));
    }

    /** The whole day drawn together into its working hours, in the same order; a day earlier, so that none is still to come. */
    private Instant byDay(Instant instant) {
        ZonedDateTime at = instant.atZone(real.getZone());
        long second = (long) (at.toLocalTime().toSecondOfDay() * OF_A_DAY);
        return at.toLocalDate()
                .minusDays(1)
                .atTime(DAY_BEGINS)
                .plusSeconds(second)
                .atZone(real.getZone())
                .toInstant();
    }
}
