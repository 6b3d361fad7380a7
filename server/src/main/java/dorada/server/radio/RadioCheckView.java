package dorada.server.radio;

import dorada.server.people.Person;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.UUID;

/** @param takenBackBy absent where it counts */
public record RadioCheckView(
        @NotNull UUID id,
        @NotNull BenchCheckRequest read,
        @NotNull BenchVerdictView verdict,
        @NotNull String checkedBy,
        @NotNull Instant checkedAt,
        String takenBackBy,
        Instant takenBackAt) {

    static RadioCheckView of(RadioCheck c) {
        return new RadioCheckView(
                c.id(),
                c.read(),
                BenchVerdictView.of(c.read()),
                c.checkedBy().displayName(),
                c.checkedAt(),
                c.takenBackBy().map(Person::displayName).orElse(null),
                c.takenBackAt().orElse(null));
    }
}
