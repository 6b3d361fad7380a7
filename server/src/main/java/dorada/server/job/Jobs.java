package dorada.server.job;

import java.time.Duration;
import java.util.UUID;

/** Long computations of one person or another; each uses all cores of a server by itself. */
interface Jobs {

    /** Some time after it began, one that is over is forgotten. */
    Duration KEPT = Duration.ofMinutes(15);

    int MOST_WAITING = 20;

    /**
     * Queues {@code work}, which hears through its watch when it is no longer wanted.
     *
     * @throws dorada.server.problem.UserProblem where too many are waiting
     */
    <Q> JobView start(UUID owner, LongWork<Q> work, Q request);

    /** @throws dorada.server.problem.UserProblem where there is none, or it is somebody else's */
    JobView look(UUID id, UUID owner);

    /** Asks the job to end; it does so within a few moments. */
    JobView stop(UUID id, UUID owner);
}
