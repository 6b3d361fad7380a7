package dorada.server.keeping;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.SecureRandom;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import org.h2.tools.Restore;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.util.FileSystemUtils;

/** What is done on the machine itself, without the server: {@code ./dorada backup}, {@code restore}, {@code reindex}, {@code reset-lead}. */
public final class KeepingMain {

    private static final String LETTERS = "abcdefghijkmnpqrstuvwxyz23456789";
    private static final int PASSWORD_LETTERS = 16;

    private KeepingMain() {}

    /** @param args backup FOLDER; restore FOLDER FILE, perhaps with --over; reindex FOLDER; reset-lead FOLDER LOGIN */
    public static void main(String[] args) throws IOException {
        try {
            System.out.println(
                    switch (args[0]) {
                        case "backup" -> backup(Path.of(args[1]));
                        case "restore" ->
                            restore(Path.of(args[1]), Path.of(args[2]), args.length > 3 && args[3].equals("--over"));
                        case "reindex" -> reindex(Path.of(args[1]));
                        case "reset-lead" -> resetLead(Path.of(args[1]), args[2]);
                        default -> throw new IllegalArgumentException("There is no " + args[0] + ".");
                    });
        } catch (IllegalArgumentException | SQLException e) {
            System.err.println(
                    e instanceof SQLException trouble && Witness.isInUse(trouble)
                            ? "Dorada is running on these data. Please stop it first."
                            : e.getMessage());
            System.exit(1);
        }
    }

    private static Connection open(Path folder) throws SQLException {
        String shared = System.getenv("DORADA_DATABASE");
        if (shared != null && !shared.isEmpty()) {
            return DriverManager.getConnection(
                    shared,
                    System.getenv().getOrDefault("DORADA_DATABASE_USER", Counts.USER),
                    System.getenv().getOrDefault("DORADA_DATABASE_PASSWORD", ""));
        }
        return DriverManager.getConnection(
                "jdbc:h2:file:" + folder.toAbsolutePath().resolve(Counts.FILE) + ";IFEXISTS=TRUE", Counts.USER, "");
    }

    static String backup(Path folder) throws IOException, SQLException {
        try (Connection connection = open(folder)) {
            return "Backup made and opened: " + new BackupFolder(folder).make(connection, LocalDateTime.now());
        }
    }

    /** Never over data without being told; and what was there is laid aside, not deleted. */
    static String restore(Path folder, Path backup, boolean over) throws IOException, SQLException {
        if (!Files.isRegularFile(backup)) {
            throw new IllegalArgumentException("There is no file " + backup + ".");
        }
        Counts holds = BackupFolder.check(backup);
        Path database = folder.resolve(Counts.FILE + ".mv.db");
        if (Files.exists(database)) {
            if (!over) {
                throw new IllegalArgumentException("There are data in " + folder + " already. To put the backup ("
                        + holds.words() + ") in their place, which lays them aside: ./dorada restore FILE --over");
            }
            // Opening it fails while a server has it.
            try (Connection connection = open(folder)) {
                connection.isValid(1);
            } catch (SQLException e) {
                if (Witness.isInUse(e)) {
                    throw e;
                }
            }
            String aside =
                    "before-restore-" + LocalDateTime.now().format(DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss"));
            Files.move(database, folder.resolve(aside + ".mv.db"), StandardCopyOption.ATOMIC_MOVE);
        }
        Files.createDirectories(folder);
        // It is of the data that were laid aside; the next start makes one of these.
        FileSystemUtils.deleteRecursively(folder.resolve(DataFolder.INDEX));
        Restore.execute(backup.toString(), folder.toString(), Counts.FILE);
        try (Connection restored = Counts.reading(folder)) {
            new Witness(folder).write(restored);
        }
        return "Restored: " + holds.words() + ".";
    }

    /** Takes the search index away; the next start makes it anew from the rows. */
    static String reindex(Path folder) throws IOException, SQLException {
        // Opening it fails while a server has it.
        try (Connection connection = open(folder)) {
            connection.isValid(1);
        }
        return FileSystemUtils.deleteRecursively(folder.resolve(DataFolder.INDEX))
                ? "The search index is gone; the next start makes it anew."
                : "There was no search index; the next start makes one.";
    }

    /** A new password for a lead, who is active again; printed once. Sessions have ended with the server, tokens are withdrawn. */
    static String resetLead(Path folder, String login) throws SQLException {
        SecureRandom random = new SecureRandom();
        StringBuilder password = new StringBuilder();
        for (int i = 0; i < PASSWORD_LETTERS; i++) {
            password.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
        }
        try (Connection connection = open(folder)) {
            try (PreparedStatement lead = connection.prepareStatement(
                    "update person set password_hash = ?, active = true, version = version + 1 where login = ? and role = 'LEAD'")) {
                lead.setString(
                        1,
                        PasswordEncoderFactories.createDelegatingPasswordEncoder()
                                .encode(password));
                lead.setString(2, login);
                if (lead.executeUpdate() == 0) {
                    throw new IllegalArgumentException(
                            "There is no lead with the login " + login + ". Leads: " + leads(connection));
                }
            }
            try (PreparedStatement tokens = connection.prepareStatement(
                    "delete from access_token where person_id = (select id from person where login = ?)")) {
                tokens.setString(1, login);
                tokens.executeUpdate();
            }
        }
        return "New password of " + login + ": " + password + "  Please change it on your own page.";
    }

    private static String leads(Connection connection) throws SQLException {
        StringBuilder all = new StringBuilder();
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("select login from person where role = 'LEAD' order by login")) {
            while (row.next()) {
                all.append(all.isEmpty() ? "" : ", ").append(row.getString(1));
            }
        }
        return all.isEmpty() ? "none." : all + ".";
    }
}
