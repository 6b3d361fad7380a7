package dorada.server.keeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;

/** Backups of a database on the disk, what a damaged one is noticed by, and the way back. */
class KeepingTest {

    private static final int PASSES = 3000;

    @TempDir
    private Path data;

    private Connection open(Path folder) throws SQLException {
        return DriverManager.getConnection("jdbc:h2:file:" + folder.resolve(Counts.FILE), Counts.USER, "");
    }

    /** A shop with its tables, as far as keeping looks at them. */
    private Connection shop() throws SQLException {
        Connection connection = open(data);
        try (Statement s = connection.createStatement()) {
            s.execute("create table installation (id int primary key, title varchar, shop_number int)");
            s.execute("create table sweep (id int primary key, points blob,"
                    + " digest varbinary(32) generated always as (hash('SHA256', points)))");
            s.execute("create table sweep_original (sweep_id int primary key, bytes blob,"
                    + " digest varbinary(32) generated always as (hash('SHA256', bytes)))");
            s.execute("create table tuning_pass (id int primary key, note varchar, installation_id int, number int,"
                    + " sweep_id int, recorded_at timestamp)");
            // As the real one has it, else each look at it takes ten seconds.
            s.execute("create index pass_of on tuning_pass (installation_id)");
            s.execute("create index sweep_of on tuning_pass (sweep_id)");
            s.execute(
                    "create table person (id int primary key, login varchar, role varchar, password_hash varchar, active boolean, version int)");
            s.execute("create table access_token (id int primary key, person_id int)");
            s.execute(
                    "insert into person values (1, 'marisol', 'LEAD', 'x', false, 0), (2, 'ines', 'TECHNICIAN', 'y', true, 0)");
            s.execute("insert into access_token values (1, 1), (2, 2)");
            s.execute("insert into installation select x, 'Boat ' || x, x from system_range(1, 5)");
            s.execute("insert into sweep (id, points) select x, cast(random_uuid() as varbinary) from system_range(1, "
                    + PASSES + ")");
            s.execute("insert into tuning_pass select x, random_uuid() || random_uuid(), 1 + mod(x, 5), (x + 4) / 5, x,"
                    + " timestamp '2026-03-01 08:00:00' from system_range(1, " + PASSES + ")");
        }
        return connection;
    }

    private static final Counts ALL = new Counts(5, PASSES, PASSES, 2);

    @Test
    void aBackupIsMadeWhileOthersWorkAndIsEqual() throws Exception {
        Path backup;
        try (Connection open = shop();
                Statement others = open.createStatement()) {
            backup = new BackupFolder(data).make(open, LocalDateTime.of(2026, 3, 1, 4, 0));
            others.execute("insert into installation values (6, 'later', 6)");
        }
        assertThat(BackupFolder.check(backup)).isEqualTo(ALL);
        assertThat(new BackupFolder(data).newest()).contains(backup);
        Path fresh = data.resolve("fresh");
        assertThat(KeepingMain.restore(fresh, backup, false)).contains("5 installations");
        assertThat(Counts.in(fresh)).isEqualTo(ALL);
    }

    @Test
    void aBackupIsNeverPutOverDataUnasked() throws Exception {
        Path backup;
        try (Connection open = shop()) {
            backup = new BackupFolder(data).make(open, LocalDateTime.of(2026, 3, 1, 4, 0));
            try (Statement more = open.createStatement()) {
                more.execute("insert into installation values (6, 'later', 6)");
            }
        }
        assertThatThrownBy(() -> KeepingMain.restore(data, backup, false)).hasMessageContaining("--over");
        assertThat(Counts.in(data).installations()).isEqualTo(6);
        KeepingMain.restore(data, backup, true);
        assertThat(Counts.in(data)).isEqualTo(ALL);
        // What was there is laid aside.
        try (var files = Files.list(data)) {
            assertThat(files.map(f -> f.getFileName().toString())).anyMatch(n -> n.startsWith("before-restore-"));
        }
        assertThatThrownBy(() -> KeepingMain.restore(data, data.resolve("none.zip"), true))
                .hasMessageContaining("no file");
    }

    @Test
    void aCutOrEmptiedDatabaseIsNoticedAndTheBackupOffered() throws Exception {
        Path backup;
        try (Connection open = shop()) {
            backup = new BackupFolder(data).make(open, LocalDateTime.of(2026, 3, 1, 4, 0));
            new Witness(data).write(open);
            // A busy machine closes with old pages left in the file, and a cut of those would lose nothing.
            try (Statement s = open.createStatement()) {
                s.execute("shutdown compact");
            }
        }
        assertThat(new Witness(data).missing()).isEmpty();
        int noticed = 0;
        for (double share : new double[] {0.9, 0.6, 0.4, 0.1, 0}) {
            // A folder of its own: the library goes on holding what it could not open.
            Path damaged = Files.createDirectory(data.resolve("cut-" + share));
            Files.copy(data.resolve("witness.properties"), damaged.resolve("witness.properties"));
            Files.copy(data.resolve("dorada.mv.db"), damaged.resolve("dorada.mv.db"));
            Path backups = Files.createDirectory(damaged.resolve("backups"));
            Files.copy(backup, backups.resolve(backup.getFileName()));
            try (RandomAccessFile cut =
                    new RandomAccessFile(damaged.resolve("dorada.mv.db").toFile(), "rw")) {
                cut.setLength((long) (cut.length() * share));
            }
            Optional<String> missing = new Witness(damaged).missing();
            // Cut by little it may still hold all.
            if (missing.isPresent()) {
                noticed++;
                assertThat(missing.get())
                        .contains("there were 5 installations")
                        .contains("./dorada restore " + backups);
            } else {
                assertThat(Counts.in(damaged)).isEqualTo(ALL);
            }
        }
        assertThat(noticed).isGreaterThanOrEqualTo(3);
    }

    @Test
    void whichInstallationsAreTouchedIsSaid() throws Exception {
        try (Connection open = shop();
                Statement s = open.createStatement()) {
            new Witness(data).write(open);
            // More than there was is no damage.
            s.execute("insert into installation values (6, 'later', 6)");
            s.execute("insert into sweep (id, points) values (9000, X'01')");
            s.execute("insert into tuning_pass values (9000, '', 2, 601, 9000, timestamp '2026-03-02 08:00:00')");
        }
        assertThat(new Witness(data).missing()).isEmpty();
        try (Connection open = open(data);
                Statement s = open.createStatement()) {
            s.execute("delete from tuning_pass where installation_id = 3 and number > 100");
            s.execute("delete from installation where id = 5");
            s.execute("update sweep set points = X'02' where id = (select sweep_id from tuning_pass"
                    + " where installation_id = 4 and number = 7)");
        }
        assertThat(new Witness(data).missing().orElseThrow())
                .contains("FS-0003 has 100 of 600 passes")
                .contains("FS-0005 is missing")
                .contains("FS-0004 has other sweeps than it had")
                .doesNotContain("FS-0001")
                .doesNotContain("FS-0002");
    }

    @Test
    void whatIsAddedWhilePeopleWorkIsWitnessedWithoutReadingTheRest() throws Exception {
        try (Connection open = shop();
                Statement s = open.createStatement()) {
            Witness witness = new Witness(data);
            witness.write(open);
            // As the power leaves a file that was being added to.
            Files.writeString(data.resolve("witness.properties"), "installation.3=700 ab", StandardOpenOption.APPEND);
            s.execute("insert into installation values (6, 'later', 6)");
            s.execute("insert into sweep (id, points) values (9000, X'01')");
            s.execute("insert into tuning_pass values (9000, '', 2, 601, 9000, timestamp '2026-03-02 08:00:00')");
            Contents added = Contents.of(open, List.of(2, 6));
            assertThat(added.installations()).containsOnlyKeys(2L, 6L);
            assertThat(Contents.of(open).installations()).containsAllEntriesOf(added.installations());
            witness.add(Counts.of(open), added);
        }
        assertThat(new Witness(data).missing()).isEmpty();
        try (Connection open = open(data);
                Statement s = open.createStatement()) {
            s.execute("delete from tuning_pass where id = 9000 or installation_id = 4 and number > 100");
            s.execute("delete from installation where id = 6");
        }
        assertThat(new Witness(data).missing().orElseThrow())
                .contains("there were 6 installations, 3001 passes")
                .contains("FS-0002 has 600 of 601 passes")
                .contains("FS-0004 has 100 of 600 passes")
                .contains("FS-0006 is missing")
                .doesNotContain("FS-0001");
    }

    @Test
    void aSweepThatIsNotWhatWasWrittenIsNamed() throws Exception {
        try (Connection open = shop();
                Statement s = open.createStatement()) {
            new Witness(data).write(open);
            // As a damaged block would: the points change and their digest does not.
            s.execute("alter table sweep alter column digest drop expression");
            s.execute("update sweep set points = X'02' where id = (select sweep_id from tuning_pass"
                    + " where installation_id = 4 and number = 7)");
        }
        assertThat(new Witness(data).missing().orElseThrow()).contains("damaged are the sweeps of FS-0004 pass 7.");
    }

    @Test
    void anEmptiedDatabaseIsNoNewShop() throws Exception {
        try (Connection open = shop()) {
            new Witness(data).write(open);
        }
        Files.write(data.resolve("dorada.mv.db"), new byte[0]);
        assertThat(new Witness(data).missing().orElseThrow())
                .contains("damaged")
                .contains("no backup");
    }

    @Test
    void aWitnessThatCannotBeReadSaysNothing() throws Exception {
        shop().close();
        for (String garbage : new String[] {"installations=\\u00zz", "installations=many", "installation.x=1", ""}) {
            Files.writeString(data.resolve("witness.properties"), garbage);
            assertThat(new Witness(data).missing()).isEmpty();
        }
    }

    @Test
    void aRunningServersDataAreNotTakenForDamaged() throws Exception {
        try (Connection open = shop()) {
            new Witness(data).write(new Counts(9, 9, 9, 9), new Contents(new TreeMap<>()));
            assertThat(Witness.isInUse(new SQLException("x", "90020", 90020))).isTrue();
        }
        assertThat(new Witness(data).missing()).isPresent();
    }

    @Test
    void oldBackupsAreThinnedToOneAWeekAndTheNewestStays() throws Exception {
        Files.createDirectories(new BackupFolder(data).folder());
        LocalDate today = LocalDate.of(2026, 3, 30);
        for (int days = 0; days < 120; days++) {
            Files.createFile(new BackupFolder(data)
                    .folder()
                    .resolve("dorada-" + today.minusDays(days).toString().replace("-", "") + "-040000.zip"));
        }
        new BackupFolder(data).thin(today);
        List<Path> left = new BackupFolder(data).all();
        assertThat(left).hasSizeBetween(14 + 9, 14 + 12);
        assertThat(left.get(left.size() - 1).toString()).contains("20260330");
        new BackupFolder(data).thin(today.plusYears(1));
        assertThat(new BackupFolder(data).all()).hasSize(1);
    }

    @Test
    void aBackupIsDueEachDayWhateverAClockHasDone() throws Exception {
        BackupFolder backups = new BackupFolder(data);
        LocalDateTime now = LocalDateTime.of(2026, 3, 1, 12, 0);
        assertThat(backups.isDue(now)).isTrue();
        Files.createDirectories(backups.folder());
        Files.createFile(backups.folder().resolve("dorada-20260301-040000.zip"));
        assertThat(backups.isDue(now)).isFalse();
        assertThat(backups.isDue(now.plusDays(1))).isTrue();
        // The clock was a year ahead when this one was made.
        Files.createFile(backups.folder().resolve("dorada-20270301-040000.zip"));
        assertThat(backups.isDue(now.plusDays(1))).isTrue();
    }

    @Test
    void aLeadComesBackFromTheMachineAndNobodyElse() throws Exception {
        shop().close();
        String said = KeepingMain.resetLead(data, "marisol");
        String password = said.replaceAll(".*: (\\S+) .*", "$1");
        try (Connection open = open(data);
                Statement s = open.createStatement()) {
            var row = s.executeQuery("select password_hash, active, version from person where login = 'marisol'");
            row.next();
            assertThat(PasswordEncoderFactories.createDelegatingPasswordEncoder()
                            .matches(password, row.getString(1)))
                    .isTrue();
            assertThat(row.getBoolean(2)).isTrue();
            assertThat(row.getInt(3)).isEqualTo(1);
            var tokens = s.executeQuery("select person_id from access_token");
            tokens.next();
            assertThat(tokens.getInt(1)).isEqualTo(2);
            assertThat(tokens.next()).isFalse();
        }
        assertThatThrownBy(() -> KeepingMain.resetLead(data, "ines")).hasMessageContaining("Leads: marisol.");
    }

    @Test
    void theSearchIndexCanBeTakenAwayAndIsNotThatOfDataThatWereLaidAside() throws Exception {
        Path file;
        try (Connection open = shop()) {
            file = new BackupFolder(data).make(open, LocalDateTime.of(2026, 3, 1, 4, 0));
        }
        Path index = Files.createDirectories(data.resolve(DataFolder.INDEX).resolve("BookEntry"));
        Files.writeString(index.resolve("segments_1"), "of before");
        assertThat(KeepingMain.reindex(data)).contains("the next start makes it anew");
        assertThat(data.resolve(DataFolder.INDEX)).doesNotExist();
        assertThat(KeepingMain.reindex(data)).contains("the next start makes one");
        Files.createDirectories(index);
        KeepingMain.restore(data, file, true);
        assertThat(data.resolve(DataFolder.INDEX)).doesNotExist();
    }
}
