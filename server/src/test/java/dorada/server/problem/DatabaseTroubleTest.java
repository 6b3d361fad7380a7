package dorada.server.problem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import org.h2.api.ErrorCode;
import org.h2.mvstore.MVStoreException;
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
    void aRollbackOnAConnectionThatThePoolHasThrownAwayHidesNothing() throws SQLException {
        HikariDataSource pool = new HikariDataSource();
        pool.setJdbcUrl("jdbc:h2:mem:thrown-away");
        try (pool) {
            Connection thrownAway = pool.getConnection();
            thrownAway.close();
            assertThatThrownBy(thrownAway::rollback)
                    .satisfies(e -> assertThat(DatabaseTrouble.of(new RuntimeException("Unable to rollback", e))
                                    .orElseThrow()
                                    .getStatus())
                            .isEqualTo(503));
        }
    }

    @Test
    void aClosedDatabaseAsksToSendAgainAndOtherTroubleIsOther() {
        assertThat(DatabaseTrouble.of(
                                new RuntimeException(new SQLException("closed", "90098", ErrorCode.DATABASE_IS_CLOSED)))
                        .orElseThrow()
                        .getStatus())
                .isEqualTo(503);
        assertThat(DatabaseTrouble.of(new RuntimeException(new MVStoreException(4, "Transaction 1 is closed")))
                        .orElseThrow()
                        .getStatus())
                .isEqualTo(503);
        assertThat(DatabaseTrouble.of(new RuntimeException(new SQLException("duplicate", "23505", 23505))))
                .isEmpty();
        assertThat(DatabaseTrouble.of(new IOException("Broken pipe"))).isEmpty();
    }

    @Test
    void aSharedDatabaseThatIsAwayOrFullIsSaidAsOurOwnIs() {
        assertThat(statusOf(new SQLException("terminating connection due to administrator command", "57P01")))
                .isEqualTo(503);
        assertThat(statusOf(new SQLException("Connection refused", "08001"))).isEqualTo(503);
        assertThat(statusOf(new SQLTransientConnectionException("request timed out after 30000ms")))
                .isEqualTo(503);
        assertThat(statusOf(new SQLException("could not extend file: No space left on device", "53100")))
                .isEqualTo(507);
        assertThat(DatabaseTrouble.of(new SQLException("duplicate key", "23505")))
                .isEmpty();
        assertThat(DatabaseTrouble.isUnkeptLetter(
                        new RuntimeException(new SQLException("invalid byte sequence: 0x00", "22021"))))
                .isTrue();
    }

    private static int statusOf(SQLException e) {
        return DatabaseTrouble.of(new RuntimeException(e)).orElseThrow().getStatus();
    }
}
