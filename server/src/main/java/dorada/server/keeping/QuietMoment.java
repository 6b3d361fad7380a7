package dorada.server.keeping;

import java.time.Duration;
import java.time.Instant;

/** When something heavy that nobody waits for may be done: nobody has worked for a while, or it has waited long enough. */
final class QuietMoment {

    static final Duration QUIET = Duration.ofMinutes(1);

    static final Duration LONGEST = Duration.ofHours(1);

    private volatile Instant lastWork = Instant.MIN;
    private Instant wantedSince = Instant.MAX;

    /** Somebody works. */
    void worked(Instant now) {
        lastWork = now;
    }

    /** Whether it is now; who asks wants it from then on, until it is. */
    synchronized boolean isNow(Instant now) {
        wantedSince = now.isBefore(wantedSince) ? now : wantedSince;
        if (now.isBefore(wantedSince.plus(LONGEST)) && now.minus(QUIET).isBefore(lastWork)) {
            return false;
        }
        wantedSince = Instant.MAX;
        return true;
    }
}
