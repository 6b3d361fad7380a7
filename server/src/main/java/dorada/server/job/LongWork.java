package dorada.server.job;

import dorada.core.wire.Watch;
import dorada.server.problem.UserProblem;
import java.util.function.BiFunction;

/**
 * A kind of long computation. What is asked for is data, so that any server of the shop can do it.
 *
 * @param name by which it is known on every server
 * @param asks the type of what is asked for
 * @param solve gives the answer; ends with a {@link java.util.concurrent.CancellationException} where its watch says so
 */
public record LongWork<Q>(String name, Class<Q> asks, BiFunction<Q, Watch, Object> solve) {

    /** Why it failed, as a sentence. */
    static String trouble(RuntimeException e) {
        return e instanceof UserProblem ? e.getMessage() : "The computation failed on our side.";
    }
}
