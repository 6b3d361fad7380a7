package dorada.server.keeping;

import dorada.server.installation.Installation;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HexFormat;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import org.h2.api.ErrorCode;

/**
 * What each installation holds, so that damage can be named: passes are never deleted, so that an installation has at least what it had,
 * and the same where it has as many.
 */
record Contents(SortedMap<Long, Holding> installations) {

    private static final int MOST_NAMED = 10;
    static final int DIGEST_LETTERS = 16;

    /** @param digest of the passes and their sweeps, shortened */
    record Holding(int passes, String digest) {}

    /** Of an open database; empty for one from before sweeps had digests. */
    static Contents of(Connection connection) throws SQLException {
        SortedMap<Long, Holding> all = new TreeMap<>();
        try (PreparedStatement whole = connection.prepareStatement(holdings(""))) {
            read(whole, all);
        } catch (SQLException e) {
            requireOlder(e);
        }
        return new Contents(all);
    }

    /** Of these installations alone, by their ids: what a shop has altogether takes too long to read while people work. */
    static Contents of(Connection connection, Collection<?> ids) throws SQLException {
        SortedMap<Long, Holding> some = new TreeMap<>();
        try (PreparedStatement one = connection.prepareStatement(holdings("where i.id = ?"))) {
            for (Object id : ids) {
                one.setObject(1, id);
                read(one, some);
            }
        }
        return new Contents(some);
    }

    private static String holdings(String where) {
        return """
                select i.shop_number, cast(p.id as varchar), s.digest
                from installation i left join tuning_pass p on p.installation_id = i.id
                left join sweep s on s.id = p.sweep_id
                %s order by i.shop_number, p.recorded_at, p.id""".formatted(where);
    }

    private static void read(PreparedStatement holdings, SortedMap<Long, Holding> into) throws SQLException {
        try (ResultSet row = holdings.executeQuery()) {
            MessageDigest digest = sha256();
            long number = -1;
            int passes = 0;
            while (row.next()) {
                if (row.getLong(1) != number) {
                    close(into, number, passes, digest);
                    number = row.getLong(1);
                    passes = 0;
                }
                if (row.getString(2) != null) {
                    passes++;
                    digest.update(row.getString(2).getBytes(StandardCharsets.UTF_8));
                    byte[] sweep = row.getBytes(3);
                    digest.update(sweep == null ? new byte[0] : sweep);
                }
            }
            close(into, number, passes, digest);
        }
    }

    private static void close(SortedMap<Long, Holding> all, long number, int passes, MessageDigest digest) {
        if (number >= 0) {
            all.put(
                    number,
                    new Holding(
                            passes, HexFormat.of().formatHex(digest.digest()).substring(0, DIGEST_LETTERS)));
        }
    }

    /** Passes whose sweep, or imported file, is not what was written: "FS-0004 pass 3". */
    static List<String> damagedSweeps(Connection connection) throws SQLException {
        List<String> damaged = new ArrayList<>();
        // First the sweeps alone: each is read once, in the order in which they lie, however many passes there are.
        List<Object> sweeps = new ArrayList<>();
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("""
                        select s.id from sweep s left join sweep_original o on o.sweep_id = s.id
                        where s.digest <> hash('SHA256', s.points) or o.digest <> hash('SHA256', o.bytes)""")) {
            while (row.next()) {
                sweeps.add(row.getObject(1));
            }
        } catch (SQLException e) {
            requireOlder(e);
        }
        if (sweeps.isEmpty()) {
            return damaged;
        }
        try (PreparedStatement passes = connection.prepareStatement("""
                select i.shop_number, p.number from tuning_pass p join installation i on i.id = p.installation_id
                where p.sweep_id = any(?) order by i.shop_number, p.number""")) {
            passes.setArray(1, connection.createArrayOf("uuid", sweeps.toArray()));
            try (ResultSet row = passes.executeQuery()) {
                while (row.next()) {
                    damaged.add(Installation.shopNumber(row.getLong(1)) + " pass " + Math.abs(row.getInt(2)));
                }
            }
        }
        return damaged;
    }

    /** What is missing or other than it was, in words; what came after {@code before} is no damage. */
    List<String> touchedSince(Contents before) {
        List<String> touched = new ArrayList<>();
        before.installations.forEach((number, was) -> {
            Holding is = installations.get(number);
            if (is == null) {
                touched.add(Installation.shopNumber(number) + " is missing");
            } else if (is.passes < was.passes) {
                touched.add(Installation.shopNumber(number) + " has " + is.passes + " of " + was.passes + " passes");
            } else if (is.passes == was.passes && !is.digest.equals(was.digest)) {
                touched.add(Installation.shopNumber(number) + " has other sweeps than it had");
            }
        });
        return touched;
    }

    static String words(List<String> touched) {
        int more = touched.size() - MOST_NAMED;
        return String.join(", ", touched.subList(0, Math.min(MOST_NAMED, touched.size())))
                + (more > 0 ? " and " + more + " more" : "");
    }

    private static void requireOlder(SQLException e) throws SQLException {
        if (e.getErrorCode() != ErrorCode.COLUMN_NOT_FOUND_1) {
            throw e;
        }
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
