package dorada.server.tuning;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SignOffTest {

    /** Evening in the west and morning in the east are other days than Greenwich's. */
    @ParameterizedTest
    @CsvSource({
        "2026-03-02T03:00:00Z, America/Lima, 2026-03-01, false",
        "2026-03-02T03:00:00Z, America/Lima, 2026-02-28, true",
        "2026-03-01T21:00:00Z, Australia/Sydney, 2026-03-01, true",
        "2026-03-01T21:00:00Z, Australia/Sydney, 2026-03-02, false",
        "2026-03-01T21:00:00Z, UTC, 2026-03-01, false"
    })
    void aDateHasPassedByTheDayOfTheShop(Instant now, ZoneId zone, LocalDate due, boolean hasPassed) {
        SignOffRequest request = new SignOffRequest(0, 1, "", null, null, due, null, null, null);
        assertThat(request.hasPassed(Clock.fixed(now, zone))).isEqualTo(hasPassed);
    }
}
