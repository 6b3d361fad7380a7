package dorada.server.keeping;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;

/** How much a database holds of what is never deleted. */
record Counts(long installations, long passes, long sweeps, long people) {

    static final String USER = "dorada";
    static final String FILE = "dorada";

    /** A database has two headers of a block each. */
    private static final long LEAST_BYTES = 2 * 4096;

    /** Of an open database. */
    static Counts of(Connection connection) throws SQLException {
        return new Counts(
                count(connection, "installation"),
                count(connection, "tuning_pass"),
                count(connection, "sweep"),
                count(connection, "person"));
    }

    /** Of the database in {@code folder}. */
    static Counts in(Path folder) throws SQLException {
        try (Connection connection = reading(folder)) {
            return of(connection);
        }
    }

    /** The database in {@code folder}, opened for reading only and not changed. */
    static Connection reading(Path folder) throws SQLException {
        // The library would go on holding an empty file that it could not open for reading.
        if (folder.resolve(FILE + ".mv.db").toFile().length() < LEAST_BYTES) {
            throw new SQLException("There is no database in " + folder + ".");
        }
        return DriverManager.getConnection(
                "jdbc:h2:file:" + folder.toAbsolutePath().resolve(FILE) + ";ACCESS_MODE_DATA=r;IFEXISTS=TRUE",
                USER,
                "");
    }

    private static long count(Connection connection, String table) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("select count(*) from " + table)) {
            row.next();
            return row.getLong(1);
        }
    }

    boolean isLessThan(Counts other) {
        return installations < other.installations
                || passes < other.passes
                || sweeps < other.sweeps
                || people < other.people;
    }

    String words() {
        return installations + " installations, " + passes + " passes, " + sweeps + " sweeps and " + people + " people";
    }
}
