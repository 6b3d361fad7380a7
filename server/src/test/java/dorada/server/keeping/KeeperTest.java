package dorada.server.keeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.contains;
import static org.mockito.Mockito.doReturn;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.spy;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;

import dorada.server.installation.InstallationService.Touched;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.UUID;
import org.h2.jdbcx.JdbcDataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.mock.env.MockEnvironment;

/** What a running server writes down of how much there is, and what it reads for that. */
class KeeperTest {

    private static final UUID FIRST = UUID.randomUUID();
    private static final UUID SECOND = UUID.randomUUID();

    @TempDir
    private Path data;

    private String url;
    private final JdbcDataSource database = spy(new JdbcDataSource());
    private Keeper keeper;

    @BeforeEach
    void aShop() throws Exception {
        url = "jdbc:h2:file:" + data.resolve(Counts.FILE);
        database.setURL(url);
        database.setUser(Counts.USER);
        keeper = new Keeper(database, new DataFolder(new MockEnvironment().withProperty("spring.datasource.url", url)));
        try (Connection open = DriverManager.getConnection(url, Counts.USER, "");
                Statement s = open.createStatement()) {
            s.execute("create table installation (id uuid primary key, shop_number int)");
            s.execute("create table sweep (id uuid primary key, digest varbinary)");
            s.execute("create table tuning_pass (id uuid primary key, installation_id uuid, sweep_id uuid,"
                    + " recorded_at timestamp default now())");
            s.execute("create table person (id uuid primary key)");
            s.execute("insert into installation values ('" + FIRST + "', 1), ('" + SECOND + "', 2)");
        }
    }

    private void recordAPassOf(UUID installation) throws Exception {
        try (Connection open = DriverManager.getConnection(url, Counts.USER, "");
                Statement s = open.createStatement()) {
            s.execute("insert into tuning_pass (id, installation_id) values (random_uuid(), '" + installation + "')");
        }
    }

    /** What is read of installations in this round, by the connection that it is read through. */
    private Connection aRound() throws Exception {
        Connection watched = spy(DriverManager.getConnection(url, Counts.USER, ""));
        doReturn(watched).when(database).getConnection();
        keeper.witness();
        return watched;
    }

    private Witness.Seen seen() throws Exception {
        return new Witness(data).read().orElseThrow();
    }

    @Test
    void onlyWhatWasTouchedIsReadAgain() throws Exception {
        aRound();
        recordAPassOf(FIRST);
        keeper.touched(new Touched(FIRST));
        Connection second = aRound();
        verify(second, times(1)).prepareStatement(contains("where i.id = ?"));
        assertThat(seen().counts().passes()).isEqualTo(1);
        assertThat(seen().contents().installations().get(1L).passes()).isEqualTo(1);
        assertThat(seen().contents().installations().get(2L).passes()).isZero();
        verify(aRound(), never()).prepareStatement(contains("installation"));
    }

    @Test
    void aRoundThatFailedIsMadeUpForByReadingAll() throws Exception {
        aRound();
        recordAPassOf(SECOND);
        keeper.touched(new Touched(SECOND));
        try (Connection open = DriverManager.getConnection(url, Counts.USER, "");
                Statement s = open.createStatement()) {
            s.execute("alter table person rename to somebody");
            aRound();
            s.execute("alter table somebody rename to person");
        }
        assertThat(seen().counts().passes()).isZero();
        aRound();
        assertThat(seen().contents().installations().get(2L).passes()).isEqualTo(1);
    }

    @Test
    void theBackupOfTheDayWaitsWhileSomebodyWorks() throws Exception {
        keeper.touched(new Touched(FIRST));
        keeper.eachDay();
        assertThat(new BackupFolder(data).all()).isEmpty();
    }

    @Test
    void theBackupOfTheDayIsMadeWhereNobodyWorks() throws Exception {
        keeper.eachDay();
        keeper.eachDay();
        assertThat(new BackupFolder(data).all()).hasSize(1);
    }
}
