package dorada.server.tuning;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;

/**
 * What a person says when recording a pass.
 *
 * @param requestKey made by the page; the same key sent again records nothing twice
 * @param changeM metres added since the pass before, negative when shortened
 * @param note in their words, perhaps empty
 */
public record Recording(
        @NotNull(message = "A request key is missing.") UUID requestKey,

        @NotNull(message = "Please say what was changed; 0 for nothing.")
        @DecimalMin(value = "-10", message = "A change lies within 10 m either way.")
        @DecimalMax(value = "10", message = "A change lies within 10 m either way.")
        Double changeM,

        @NotNull @Size(max = 2000, message = "A note has at most 2000 letters.")
        String note) {}
