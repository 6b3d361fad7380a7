package dorada.server.neighbour;

import java.time.Instant;

/**
 * This server did not hear its neighbours for a while, or not yet, and hears them now.
 *
 * @param since when it heard them last, or started
 */
public record Missed(Instant since) {}
