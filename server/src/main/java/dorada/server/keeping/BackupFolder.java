package dorada.server.keeping;

import java.io.IOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.h2.tools.Restore;

/** The backups of one data folder: zip files of H2, each opened once before it counts as one. */
record BackupFolder(Path data) {

    private static final DateTimeFormatter NAME = DateTimeFormatter.ofPattern("'dorada-'yyyyMMdd-HHmmss'.zip'");

    /** The days of which every backup stays; older ones stay one a week. */
    private static final int DAYS = 14;

    private static final int WEEKS = 12;

    Path folder() {
        return data.resolve("backups");
    }

    /** Oldest first. */
    List<Path> all() throws IOException {
        if (!Files.isDirectory(folder())) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder())) {
            return files.filter(f -> f.getFileName().toString().matches("dorada-\\d{8}-\\d{6}\\.zip"))
                    .sorted(Comparator.comparing(f -> f.getFileName().toString()))
                    .toList();
        }
    }

    Optional<Path> newest() throws IOException {
        List<Path> all = all();
        return all.isEmpty() ? Optional.empty() : Optional.of(all.get(all.size() - 1));
    }

    /** Whether none is of the last day; one of a clock that went ahead is none of them. */
    boolean isDue(LocalDateTime now) throws IOException {
        return all().stream()
                .map(BackupFolder::madeAt)
                .noneMatch(made -> !made.isAfter(now) && made.isAfter(now.minusDays(1)));
    }

    static LocalDateTime madeAt(Path backup) {
        return LocalDateTime.parse(backup.getFileName().toString(), NAME);
    }

    /** Makes one while others go on working, and opens it: what cannot be opened is no backup. */
    Path make(Connection open, LocalDateTime now) throws IOException, SQLException {
        Files.createDirectories(folder());
        Path half = folder().resolve("being-made.zip");
        Files.deleteIfExists(half);
        try {
            try (Statement statement = open.createStatement()) {
                statement.execute(
                        "backup to '" + half.toAbsolutePath().toString().replace("'", "''") + "'");
            }
            check(half);
        } catch (IOException | SQLException e) {
            // Half a backup takes room and is worth nothing.
            Files.deleteIfExists(half);
            throw e;
        }
        return Files.move(half, folder().resolve(now.format(NAME)), StandardCopyOption.REPLACE_EXISTING);
    }

    /** What a backup holds, read from a copy of it. */
    static Counts check(Path backup) throws IOException, SQLException {
        Path copy = Files.createTempDirectory("dorada-backup");
        try {
            Restore.execute(backup.toString(), copy.toString(), Counts.FILE);
            return Counts.in(copy);
        } finally {
            delete(copy);
        }
    }

    /** Every backup of the last {@value #DAYS} days stays, and the last of each of {@value #WEEKS} weeks before. */
    void thin(LocalDate today) throws IOException {
        Set<Long> weeks = new HashSet<>();
        List<Path> all = all();
        for (int i = all.size() - 1; i >= 0; i--) {
            LocalDate day = madeAt(all.get(i)).toLocalDate();
            boolean isRecent = day.isAfter(today.minusDays(DAYS));
            boolean isKeptOfItsWeek =
                    day.isAfter(today.minusWeeks(WEEKS)) && weeks.add(Math.floorDiv(day.toEpochDay(), 7));
            // The newest stays however old it is.
            if (!isRecent && !isKeptOfItsWeek && i < all.size() - 1) {
                Files.delete(all.get(i));
            }
        }
    }

    private static void delete(Path folder) throws IOException {
        Files.walkFileTree(folder, new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) throws IOException {
                Files.delete(file);
                return FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult postVisitDirectory(Path each, IOException trouble) throws IOException {
                Files.delete(each);
                return FileVisitResult.CONTINUE;
            }
        });
    }
}
