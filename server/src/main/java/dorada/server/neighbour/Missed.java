package dorada.server.neighbour;

import java.time.Instant;

/**
 * This server did not hear its neighbours for a while, and hears them again.
 *
 * @param since when it heard them last
 */
public record Missed(Instant since) {}
