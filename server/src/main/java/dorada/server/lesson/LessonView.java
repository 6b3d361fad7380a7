package dorada.server.lesson;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.UUID;

/**
 * What the shop learnt.
 *
 * @param kind of which it holds; absent for any; likewise the other three
 * @param installationId on which it was learnt; absent where on none in particular
 */
record LessonView(
        @NotNull UUID id,
        @NotNull long version,
        @NotNull String says,
        AntennaKind kind,
        Carrier carrier,
        @NotNull String mount,
        @NotNull String part,
        UUID installationId,
        @NotNull String by,
        @NotNull Instant at) {

    static LessonView of(ShopLesson l) {
        return new LessonView(
                l.id(),
                l.version(),
                l.says(),
                l.scope().kind().orElse(null),
                l.scope().carrier().orElse(null),
                l.scope().mount(),
                l.scope().part(),
                l.installationId().orElse(null),
                l.learntBy().displayName(),
                l.learntAt());
    }
}
