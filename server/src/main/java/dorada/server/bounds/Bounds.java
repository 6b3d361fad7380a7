package dorada.server.bounds;

import java.time.Duration;

/** The limits, all in one place; docs/architecture.md says why they are what they are. */
final class Bounds {

    /** Points of 100,000 lines of a sweep file, or as many in JSON. */
    static final long MOST_BYTES = 8L << 20;

    /** Words, plans, readings. */
    static final long MOST_PLAIN_BYTES = 1L << 20;

    /** Who has not said who they are has little to say. */
    static final long MOST_STRANGERS_BYTES = 16L << 10;

    /** Bodies above this wait their turn. */
    static final long LARGE_BYTES = 256L << 10;

    /** Large bodies that are read and worked on at the same time. */
    static final int LARGE_AT_ONCE = 2;

    /** Large bodies that may wait; the next one is told when to come again. */
    static final int LARGE_WAITING = 24;

    static final Duration IDLE = Duration.ofSeconds(20);

    /** Well before the connection counts as idle: whoever waits in vain is told so. */
    static final Duration LONGEST_WAIT = Duration.ofSeconds(15);

    /** From the first byte of a request to the last of its body. */
    static final Duration LONGEST_SENDING = Duration.ofSeconds(60);

    /** Connections at the same time. */
    static final int CONNECTIONS = 800;

    private Bounds() {}

    /** Paths whose bodies may carry points or a picture. */
    static boolean mayCarryPoints(String path) {
        return path.startsWith("/api/traces/")
                || path.startsWith("/api/calibrations")
                || path.startsWith("/api/analysis")
                || path.startsWith("/api/touchstone")
                || path.startsWith("/api/advice")
                || path.startsWith("/api/faults")
                || path.startsWith("/api/lines")
                || path.endsWith("/passes")
                || path.equals("/api/archive")
                || path.endsWith("/photo");
    }

    /** The longest body that is read of such a request. */
    static long mostBytes(String path, boolean isKnown) {
        if (!isKnown) {
            return MOST_STRANGERS_BYTES;
        }
        return mayCarryPoints(path) ? MOST_BYTES : MOST_PLAIN_BYTES;
    }
}
