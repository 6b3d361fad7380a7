package dorada.server.archive;

import dorada.server.keeping.DataFolder;
import dorada.server.problem.UserProblem;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Archives of any size are laid into {@code to-read} of the data folder by {@code ./dorada read-archive}; what came of it is written
 * beside them. Whoever may write there has the shop's data anyway.
 */
@Component
class ArchiveDrop {

    private static final Logger LOG = LoggerFactory.getLogger(ArchiveDrop.class);

    private final Archives archives;
    private final DataFolder folder;
    private final JsonMapper json;

    ArchiveDrop(Archives archives, DataFolder folder, JsonMapper json) {
        this.archives = archives;
        this.folder = folder;
        this.json = json;
    }

    @Scheduled(fixedDelay = 1000, initialDelay = 5000)
    void look() throws IOException {
        if (folder.own().isEmpty()) {
            return;
        }
        Path drop = folder.own().get().resolve("to-read");
        if (!Files.isDirectory(drop)) {
            return;
        }
        List<Path> waiting;
        try (Stream<Path> files = Files.list(drop)) {
            waiting = files.filter(f -> f.toString().endsWith(".zip")).sorted().toList();
        }
        for (Path file : waiting) {
            String said;
            try {
                said = json.writeValueAsString(archives.read(file));
            } catch (UserProblem e) {
                said = json.writeValueAsString(new Refused(e.getMessage()));
            }
            LOG.info("Archive {}: {}", file.getFileName(), said);
            Files.write(
                    drop.resolve(file.getFileName().toString().replaceAll("zip$", "report")),
                    said.getBytes(StandardCharsets.UTF_8));
            Files.delete(file);
        }
    }

    /** Why it was not read, or not to its end. */
    record Refused(String refused) {}
}
