package dorada.server.lesson;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.book.Scope;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import java.util.UUID;

/**
 * @param requestKey of a new one: sent twice it is there once
 * @param version of the one that is changed; 0 for a new one
 * @param mount words that all stand in what it is fitted to; nothing for any
 * @param part words that all stand in its mount or antenna; nothing for any
 * @param installationId on which it was learnt
 */
public record LessonRequest(
        @NotNull UUID requestKey,
        @NotNull long version,

        @NotBlank(message = "{wrong.LESSON}") @Size(max = 600, message = "{wrong.LETTERS}")
        String says,

        AntennaKind kind,
        Carrier carrier,

        @NotNull @Size(max = 200, message = "{wrong.LETTERS}")
        String mount,

        @NotNull @Size(max = 200, message = "{wrong.LETTERS}")
        String part,

        UUID installationId) {

    Scope scope() {
        return new Scope(Optional.ofNullable(kind), Optional.ofNullable(carrier), mount, part);
    }
}
