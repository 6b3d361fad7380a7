package dorada.server.keeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.sql.DriverManager;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.Status;

class DataHealthTest {

    private final DataSource database = mock();
    private final RoomOnDisk room = mock();
    private final DataHealth health = new DataHealth(database, room);

    @Test
    void aClosedDatabaseIsDownWithItsReason() throws Exception {
        when(database.getConnection()).thenThrow(new SQLException("The database has been closed\nwith more"));
        Health said = health.health();
        assertThat(said.getStatus()).isEqualTo(Status.DOWN);
        assertThat(said.getDetails().get("reason"))
                .isEqualTo("The database does not answer: The database has been closed");
    }

    @Test
    void aFullDiskStillShowsWhatThereIs() throws Exception {
        when(database.getConnection())
                .thenAnswer(
                        c -> DriverManager.getConnection("jdbc:h2:mem:;INIT=create table person (id int)", "sa", ""));
        when(room.isThere(0)).thenReturn(false, true);
        assertThat(health.health().getStatus().getCode()).isEqualTo("READ_ONLY");
        assertThat(health.health().getStatus()).isEqualTo(Status.UP);
    }
}
