package dorada.server.keeping;

import static org.assertj.core.api.Assertions.assertThat;

import dorada.core.antenna.Carrier;
import dorada.core.recheck.Finding;
import dorada.core.recheck.RecheckInterval;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * A database of the first version becomes one of each later version in turn, and at last one of today; each table gets something as
 * soon as it is there, and nothing is ever lost.
 */
class MigrationsTest {

    /** Tables that a later version renames or derives anew. */
    private static final List<String> NOT_COUNTED = List.of("flyway_schema_history", "pass_judgement");

    private static final int VISITS = 16;

    /** Became sign-offs of visits. */
    private static final String REOPENED = "earlier_sign_off";

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void versionByVersion(boolean wasReopened) throws SQLException {
        String url = "jdbc:h2:mem:migrated" + wasReopened + ";DB_CLOSE_DELAY=-1";
        try (Connection connection = DriverManager.getConnection(url, "sa", "");
                Statement sql = connection.createStatement()) {
            MigrationInfo[] all = flyway(url, "latest").info().pending();
            assertThat(all).hasSizeGreaterThanOrEqualTo(29);
            // Some number is another database's alone.
            for (MigrationInfo migration : all) {
                int version = Integer.parseInt(migration.getVersion().getVersion());
                Map<String, Integer> before = counts(sql);
                before.remove(REOPENED);
                assertThat(before.values()).doesNotContain(0);
                flyway(url, Integer.toString(version)).migrate();
                Map<String, Integer> now = counts(sql);
                rename(before, "station_plan", "plan", now);
                assertThat(now).as("version %d", version).containsAllEntriesOf(before);
                if (version == VISITS) {
                    aVisitForEachTimeItWasReopened(sql, wasReopened);
                    // One with an id that later tables can refer to.
                    insert(sql, "visit", 1);
                    insert(sql, "sign_off", 1);
                }
                fill(sql, wasReopened);
            }
            assertThat(one(sql, "select count(*) from tuning_pass where newest and number = 2"))
                    .isEqualTo(1);
            assertThat(one(sql, "select count(*) from tuning_pass where newest"))
                    .isEqualTo(1);
            assertThat(one(sql, "select min(octet_length(points)) from sweep")).isEqualTo(24);
            // What is older than the history begins it.
            assertThat(one(sql, "select count(*) from tuning_pass_was where revision_type = 0"))
                    .isEqualTo(2);
            assertThat(one(sql, "select count(*) from wanted_channel_was where frequency_hz is not null"))
                    .isEqualTo(1);
            sql.execute("shutdown");
        }
    }

    /** And no sign-off is missing. */
    private static void aVisitForEachTimeItWasReopened(Statement sql, boolean wasReopened) throws SQLException {
        assertThat(one(sql, "select count(*) from visit")).isEqualTo(wasReopened ? 2 : 1);
        assertThat(one(sql, "select count(*) from sign_off s join visit v on v.id = s.visit_id"))
                .isEqualTo(wasReopened ? 2 : 1);
        assertThat(one(sql, "select visit_number from installation where signed_off"))
                .isEqualTo(wasReopened ? 2 : 1);
        assertThat(one(sql, "select count(*) from tuning_pass where visit_number = " + (wasReopened ? 2 : 1)))
                .isEqualTo(2);
    }

    /** What stands with an installation since, as the rules of the job have it, for whatever it is fitted to and whatever was found. */
    @Test
    void whatIsDueIsFoundForThoseThatWereSignedOffBefore() throws SQLException {
        String url = "jdbc:h2:mem:due;DB_CLOSE_DELAY=-1";
        Instant at = Instant.parse("2025-08-31T12:00:00Z");
        LocalDate day = LocalDate.ofInstant(at, ZoneId.systemDefault());
        Map<Integer, LocalDate> wanted = new LinkedHashMap<>();
        try (Connection connection = DriverManager.getConnection(url, "sa", "");
                Statement sql = connection.createStatement()) {
            flyway(url, "37").migrate();
            sql.execute("set referential_integrity false");
            for (Carrier carrier : Carrier.values()) {
                wanted.put(
                        signedOff(sql, wanted.size() + FROM, carrier, null, at),
                        day.plusMonths(RecheckInterval.months(carrier)));
                for (Finding finding : Finding.values()) {
                    wanted.put(
                            signedOff(sql, wanted.size() + FROM, carrier, finding, at),
                            day.plusMonths(RecheckInterval.monthsAfter(carrier, finding)));
                }
            }
            sql.execute("update sign_off set limit_w = 5, due = date '2026-01-02' where finding is null");
            int open = signedOff(sql, wanted.size() + FROM, Carrier.MAST, null, at);
            sql.execute("update installation set signed_off = false, shop_number = 12345 where shop_number = " + open);
            flyway(url, "38").migrate();
            for (Map.Entry<Integer, LocalDate> one : wanted.entrySet()) {
                assertThat(strings(sql, "select recheck_on from installation where shop_number = " + one.getKey()))
                        .containsExactly(one.getValue().toString());
            }
            assertThat(one(sql, "select count(*) from installation where limited and mend_on = date '2026-01-02'"))
                    .isEqualTo(Carrier.values().length);
            assertThat(one(sql, "select count(*) from installation where recheck_on is null and not limited"))
                    .isEqualTo(1);
            assertThat(strings(sql, "select found_words from installation where shop_number in (2, 12345) order by 1"))
                    .allMatch(words -> words.contains("\nx1\n"))
                    .satisfiesExactly(
                            words -> assertThat(words).startsWith("fs-0002\n"),
                            words -> assertThat(words).startsWith("fs-12345\n"));
            insert(sql, "book_entry", 1);
            sql.execute(
                    "update book_entry set installation_id = (select id from installation where shop_number = 12345)");
            flyway(url, "41").migrate();
            assertThat(strings(sql, "select found_words from book_entry"))
                    .isEqualTo(strings(sql, "select found_words from installation where shop_number = 12345"));
            sql.execute("shutdown");
        }
    }

    /** @return its number */
    private static int signedOff(Statement sql, int number, Carrier carrier, Finding finding, Instant at)
            throws SQLException {
        String id = "'%08d-0000-0000-0000-000000000000'".formatted(number);
        insert(sql, "installation", 1);
        sql.execute(
                "update installation set id = %s, shop_number = %d, carrier = '%s', visit_number = 1, signed_off = true where id = %s"
                        .formatted(id, number, carrier, FIRST));
        insert(sql, "visit", 1);
        sql.execute(
                "update visit set id = %s, installation_id = %s, number = 1 where id = %s".formatted(id, id, FIRST));
        insert(sql, "sign_off", 1);
        sql.execute(
                "update sign_off set visit_id = %s, finding = %s, signed_at = '%s', limit_w = null, due = null where visit_id = %s"
                        .formatted(id, finding == null ? "null" : "'" + finding + "'", at, FIRST));
        return number;
    }

    /** The next one that is made has 1 first. */
    private static final int FROM = 2;

    private static final String FIRST = value("id", "UUID", 1);

    private static void rename(Map<String, Integer> before, String then, String now, Map<String, Integer> counts) {
        if (before.containsKey(then) && !counts.containsKey(then)) {
            before.put(now, before.remove(then));
        }
    }

    /** Two passes on one installation, and a row in every other table that has none yet. */
    private static void fill(Statement sql, boolean wasReopened) throws SQLException {
        boolean isFirst = counts(sql).get("installation") == 0;
        List<String> waiting = new ArrayList<>();
        for (Map.Entry<String, Integer> count : counts(sql).entrySet()) {
            if (count.getValue() == 0 && (wasReopened || !count.getKey().equals(REOPENED))) {
                waiting.add(count.getKey());
            }
        }
        // A table that refers to another waits for that one's row.
        for (int round = 0; !waiting.isEmpty() && round < 20; round++) {
            List<String> left = new ArrayList<>();
            for (String table : waiting) {
                try {
                    insert(sql, table, 1);
                } catch (SQLException e) {
                    if (e.getErrorCode() != 23506) {
                        throw e;
                    }
                    left.add(table);
                }
            }
            waiting = left;
        }
        assertThat(waiting).isEmpty();
        if (isFirst) {
            insert(sql, "sweep", 2);
            insert(sql, "tuning_pass", 2);
        }
    }

    /** A row where every column has what fits its type; {@code n} in keys, and row 1 of whatever it refers to. */
    private static void insert(Statement sql, String table, int n) throws SQLException {
        Map<String, String> values = new LinkedHashMap<>();
        List<String> referring = strings(sql, """
                select lower(k.column_name) from information_schema.key_column_usage k
                join information_schema.table_constraints c on c.constraint_name = k.constraint_name
                where c.constraint_type = 'FOREIGN KEY' and lower(k.table_name) = '%s'""".formatted(table));
        try (ResultSet column = sql.executeQuery("""
                select lower(column_name), data_type, is_generated from information_schema.columns
                where lower(table_name) = '%s' and table_schema = 'PUBLIC'""".formatted(table))) {
            while (column.next()) {
                String name = column.getString(1);
                int key = referring.contains(name) && !(table.equals("tuning_pass") && name.equals("sweep_id")) ? 1 : n;
                if (!column.getString(3).equals("ALWAYS")) {
                    boolean isLateVisit = table.equals("visit") && name.equals("number");
                    values.put(name, isLateVisit ? "9" : value(name, column.getString(2), key));
                }
            }
        }
        sql.execute("insert into " + table + " (" + String.join(", ", values.keySet()) + ") values ("
                + String.join(", ", values.values()) + ")");
    }

    private static String value(String column, String type, int n) {
        return switch (type) {
            case "UUID" -> "'00000000-0000-0000-0000-00000000000" + n + "'";
            case "CHARACTER VARYING", "CHARACTER LARGE OBJECT" ->
                column.equals("antenna_kind") ? "'QUARTER_WAVE_WHIP'" : "'X" + n + "'";
            case "BINARY LARGE OBJECT", "BINARY VARYING" -> "x'" + "4100".repeat(12) + "'";
            case "TIMESTAMP WITH TIME ZONE" -> "timestamp with time zone '2026-03-0" + n + " 10:00:00+00:00'";
            case "DATE" -> "date '2026-03-01'";
            case "BOOLEAN" -> Boolean.toString(column.equals("newest") && n == 2);
            // Places in a list count from 0.
            default -> Integer.toString(column.equals("position") ? 0 : n);
        };
    }

    private static Flyway flyway(String url, String target) {
        return Flyway.configure()
                .dataSource(url, "sa", "")
                .locations("classpath:db/migration")
                .target(target)
                .load();
    }

    private static List<String> tables(Statement sql) throws SQLException {
        List<String> all =
                strings(sql, "select lower(table_name) from information_schema.tables where table_schema = 'PUBLIC'");
        all.removeAll(NOT_COUNTED);
        return all;
    }

    private static Map<String, Integer> counts(Statement sql) throws SQLException {
        Map<String, Integer> counts = new LinkedHashMap<>();
        for (String table : tables(sql)) {
            counts.put(table, one(sql, "select count(*) from " + table));
        }
        return counts;
    }

    private static int one(Statement sql, String query) throws SQLException {
        try (ResultSet row = sql.executeQuery(query)) {
            row.next();
            return row.getInt(1);
        }
    }

    private static List<String> strings(Statement sql, String query) throws SQLException {
        List<String> all = new ArrayList<>();
        try (ResultSet row = sql.executeQuery(query)) {
            while (row.next()) {
                all.add(row.getString(1));
            }
        }
        return all;
    }
}
