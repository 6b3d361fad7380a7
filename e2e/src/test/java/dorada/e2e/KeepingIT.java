package dorada.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The packed server does not start on less than there was; a backup is made while it runs. */
@Tag("trial")
class KeepingIT {

    private static final long PATIENCE_MS = 60_000;

    @Test
    void aCutDatabaseIsNotStartedOn() throws Exception {
        try (RunningDorada dorada = RunningDorada.demo()) {
            Path folder = dorada.data().resolve("demo");
            Files.createFile(folder.resolve("backup-please"));
            long until = System.currentTimeMillis() + PATIENCE_MS;
            while (Files.exists(folder.resolve("backup-please")) && System.currentTimeMillis() < until) {
                assertThat(dorada.get("/api/installations").statusCode()).isEqualTo(200);
                Thread.sleep(200);
            }
            try (var backups = Files.list(folder.resolve("backups"))) {
                assertThat(backups).hasSize(1);
            }
            while (!Files.exists(folder.resolve("witness.properties")) && System.currentTimeMillis() < until) {
                Thread.sleep(200);
            }
            dorada.kill();
            try (RandomAccessFile file =
                    new RandomAccessFile(folder.resolve("dorada.mv.db").toFile(), "rw")) {
                file.setLength(0);
            }
            assertThatThrownBy(dorada::started)
                    .hasMessageContaining("The database is damaged: there were")
                    .hasMessageContaining("./dorada restore");
        }
    }
}
