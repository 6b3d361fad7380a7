package dorada.server.keeping;

import dorada.server.installation.InstallationService.Touched;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * Makes a backup each day in a moment when nobody works, and one whenever the machine asks for it; writes the witness as the shop
 * grows.
 */
@Configuration
@EnableScheduling
class Keeper {

    /** Laid into the data folder by {@code ./dorada backup}; whoever may write there may ask. */
    static final String ASKED = "backup-please";

    private static final Logger LOG = LoggerFactory.getLogger(Keeper.class);

    private final DataSource database;
    private final Optional<Path> folder;
    private final Object backups = new Object();
    private final Clock machine = Clock.systemDefaultZone();
    private final Set<UUID> touched = ConcurrentHashMap.newKeySet();
    private final QuietMoment quiet = new QuietMoment();
    /** Nothing before all was read once. */
    private volatile Counts witnessed;

    Keeper(DataSource database, DataFolder data) {
        this.database = database;
        folder = data.path();
    }

    @Scheduled(fixedDelay = 1000, initialDelay = 5000)
    void whenAsked() {
        folder.filter(f -> Files.exists(f.resolve(ASKED))).ifPresent(f -> {
            backup(f);
            try {
                Files.deleteIfExists(f.resolve(ASKED));
            } catch (IOException e) {
                LOG.error("The request for a backup could not be taken away: {}", e.getMessage());
            }
        });
    }

    @Scheduled(fixedDelay = 60 * 1000, initialDelay = 60 * 1000)
    void eachDay() {
        folder.ifPresent(f -> {
            try {
                if (new BackupFolder(f).isDue(now()) && quiet.isNow(machine.instant())) {
                    backup(f);
                }
            } catch (IOException e) {
                LOG.error("The backups could not be read: {}", e.getMessage());
            }
        });
    }

    @TransactionalEventListener(fallbackExecution = true)
    void touched(Touched installation) {
        if (folder.isPresent()) {
            touched.add(installation.installation());
            quiet.worked(machine.instant());
        }
    }

    @Scheduled(fixedDelay = 5000, initialDelay = 5000)
    @PreDestroy
    synchronized void witness() {
        folder.ifPresent(f -> {
            try (Connection connection = database.getConnection()) {
                // Taken before it is read: what is touched meanwhile is read again in the next round.
                Set<UUID> ids = Set.copyOf(touched);
                touched.removeAll(ids);
                Counts now = Counts.of(connection);
                if (witnessed == null) {
                    new Witness(f).write(now, Contents.of(connection));
                } else if (!now.equals(witnessed) || !ids.isEmpty()) {
                    new Witness(f).add(now, Contents.of(connection, ids));
                }
                witnessed = now;
            } catch (SQLException | IOException e) {
                // The next round reads all of it.
                witnessed = null;
                LOG.error("What there is could not be witnessed: {}", e.getMessage());
            }
        });
    }

    private LocalDateTime now() {
        return LocalDateTime.now(machine);
    }

    private void backup(Path data) {
        // One at a time: each is written under one name until it is whole.
        synchronized (backups) {
            try (Connection connection = database.getConnection()) {
                BackupFolder kept = new BackupFolder(data);
                LOG.info("Backup made and opened: {}", kept.make(connection, now()));
                kept.thin(now().toLocalDate());
                // Once a day the witness is written anew.
                witnessed = null;
            } catch (SQLException | IOException e) {
                LOG.error("No backup could be made: {}", e.getMessage());
            }
        }
    }
}
