package dorada.server.keeping;

import java.io.IOException;
import java.io.Reader;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import java.util.SortedMap;
import java.util.TreeMap;
import org.h2.api.ErrorCode;

/**
 * How much there was, written beside the database: a file that was cut, emptied or put back from an old copy holds less, and opens as
 * if nothing had happened.
 */
record Witness(Path data) {

    private static final String INSTALLATION = "installation.";

    private Path file() {
        return data.resolve("witness.properties");
    }

    /** What there was. */
    record Seen(Counts counts, Contents contents) {}

    Optional<Seen> read() throws IOException {
        if (!Files.exists(file())) {
            return Optional.empty();
        }
        Properties p = new Properties();
        try (Reader in = Files.newBufferedReader(file(), StandardCharsets.UTF_8)) {
            p.load(in);
        } catch (IllegalArgumentException e) {
            // Its writing is whole or not at all, so this was somebody else; what it said is not known.
            return Optional.empty();
        }
        return Optional.of(new Seen(
                new Counts(of(p, "installations"), of(p, "passes"), of(p, "sweeps"), of(p, "people")), contents(p)));
    }

    private static Contents contents(Properties p) {
        SortedMap<Long, Contents.Holding> all = new TreeMap<>();
        for (String name : p.stringPropertyNames()) {
            String[] value = p.getProperty(name).split(" ");
            if (name.matches("installation\\.\\d{1,18}")
                    && value.length == 2
                    && value[0].matches("\\d{1,9}")
                    && value[1].length() == Contents.DIGEST_LETTERS) {
                all.put(
                        Long.valueOf(name.substring(INSTALLATION.length())),
                        new Contents.Holding(Integer.parseInt(value[0]), value[1]));
            }
        }
        return new Contents(all);
    }

    static boolean isInUse(SQLException e) {
        return e.getErrorCode() == ErrorCode.DATABASE_ALREADY_OPEN_1;
    }

    private static long of(Properties p, String name) {
        try {
            return Long.parseLong(p.getProperty(name, "0"));
        } catch (NumberFormatException e) {
            return 0;
        }
    }

    void write(Connection open) throws IOException, SQLException {
        write(Counts.of(open), Contents.of(open));
    }

    void write(Counts counts, Contents contents) throws IOException {
        Path half = data.resolve("witness.half");
        try (Writer out = Files.newBufferedWriter(half, StandardCharsets.UTF_8)) {
            properties(counts, contents).store(out, "What the database holds at least");
        }
        Files.move(half, file(), StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
    }

    /**
     * That these installations hold so much now, and the others what was written of them: of lines of one name the last one counts.
     * Where the power goes halfway, the last line is no whole one, and the witness knows that much less.
     */
    void add(Counts counts, Contents touched) throws IOException {
        try (Writer out = Files.newBufferedWriter(file(), StandardCharsets.UTF_8, StandardOpenOption.APPEND)) {
            // Whatever was written last, this begins a line.
            out.write('\n');
            properties(counts, touched).store(out, null);
        }
    }

    private static Properties properties(Counts counts, Contents contents) {
        Properties p = new Properties();
        p.setProperty("installations", Long.toString(counts.installations()));
        p.setProperty("passes", Long.toString(counts.passes()));
        p.setProperty("sweeps", Long.toString(counts.sweeps()));
        p.setProperty("people", Long.toString(counts.people()));
        contents.installations()
                .forEach((number, h) -> p.setProperty(INSTALLATION + number, h.passes() + " " + h.digest()));
        return p;
    }

    /** A sentence where the database holds less than it did, or cannot be read; empty where all is there. */
    Optional<String> missing() throws IOException {
        Optional<Seen> were = read();
        if (were.isEmpty()) {
            return Optional.empty();
        }
        String now;
        try (Connection open = Counts.reading(data)) {
            Counts there = Counts.of(open);
            List<String> touched = Contents.of(open).touchedSince(were.get().contents());
            List<String> damaged = Contents.damagedSweeps(open);
            if (!there.isLessThan(were.get().counts()) && touched.isEmpty() && damaged.isEmpty()) {
                return Optional.empty();
            }
            now = "it holds " + there.words()
                    + (touched.isEmpty() ? "" : " (" + Contents.words(touched) + ")")
                    + (damaged.isEmpty() ? "" : "; damaged are the sweeps of " + Contents.words(damaged));
        } catch (SQLException e) {
            if (isInUse(e)) {
                // Another server has it, which says so itself.
                return Optional.empty();
            }
            now = "it cannot be read";
        }
        String said =
                "The database is damaged: there were " + were.get().counts().words() + ", and now " + now + ".";
        Optional<Path> backup = new BackupFolder(data).newest();
        return Optional.of(said
                + backup.map(b -> " The newest backup is of " + BackupFolder.madeAt(b)
                                + "; to use it: ./dorada restore " + b)
                        .orElse(" There is no backup in " + new BackupFolder(data).folder())
                + ". To go on with what is there all the same: DORADA_ACCEPT_LOSS=yes");
    }
}
