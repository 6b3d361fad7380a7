package dorada.server.job;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;

/**
 * How far a long computation is.
 *
 * @param share of the work that is done, 0 to 1
 * @param result what it gave, once it is done
 * @param trouble why it failed, as a sentence
 */
public record JobView(
        @NotNull UUID id, @NotNull State state, @NotNull double share, Object result, String trouble) {

    /** Where a job stands. */
    public enum State {
        WAITING,
        RUNNING,
        DONE,
        STOPPED,
        FAILED
    }
}
