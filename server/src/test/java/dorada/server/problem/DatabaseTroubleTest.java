package dorada.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.sql.SQLException;
import org.h2.api.ErrorCode;
import org.junit.jupiter.api.Test;

class DatabaseTroubleTest {

    @Test
    void aFullDiskIsFoundHoweverDeepItLies() {
        Throwable deep = new RuntimeException(new SQLException(
                "closed", "90098", ErrorCode.DATABASE_IS_CLOSED, new IOException("No space left on device")));
        assertThat(DatabaseTrouble.of(deep).orElseThrow().getStatus()).isEqualTo(507);
        assertThat(DatabaseTrouble.of(deep).orElseThrow().getDetail())
                .contains("disk")
                .contains("full");
    }

    @Test
    void aClosedDatabaseAsksToSendAgainAndOtherTroubleIsOther() {
        assertThat(DatabaseTrouble.of(
                                new RuntimeException(new SQLException("closed", "90098", ErrorCode.DATABASE_IS_CLOSED)))
                        .orElseThrow()
                        .getStatus())
                .isEqualTo(503);
        assertThat(DatabaseTrouble.of(new RuntimeException(new SQLException("duplicate", "23505", 23505))))
                .isEmpty();
        assertThat(DatabaseTrouble.of(new IOException("Broken pipe"))).isEmpty();
    }
}
