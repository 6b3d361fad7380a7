package dorada.server.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;

/** The real time, but for the demo's own entries, which are dated back so that they look like weeks of work. */
final class DemoClock extends Clock {

    private volatile Duration back = Duration.ZERO;

    void setBack(Duration back) {
        this.back = back;
    }

    @Override
    public ZoneId getZone() {
        return ZoneId.systemDefault();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return this;
    }

    @Override
    public Instant instant() {
        return Instant.now().minus(back);
    }
}
