package dorada.server.book;

import dorada.server.keeping.DataFolder;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.lucene.index.DirectoryReader;
import org.apache.lucene.search.IndexSearcher;
import org.apache.lucene.store.Directory;
import org.apache.lucene.store.FSDirectory;
import org.hibernate.search.engine.cfg.EngineSettings;
import org.hibernate.search.engine.environment.bean.BeanReference;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.util.FileSystemUtils;

/** The index lies beside the database; that of a database in memory in memory too. */
@Configuration(proxyBeanMethods = false)
class IndexFolder {

    private static final Logger LOG = LoggerFactory.getLogger(IndexFolder.class);

    /** So many words with a letter wrong, each in every field, as anybody may ask for at once. */
    private static final int MOST_CLAUSES = 20_000;

    private static final String TYPE = "hibernate.search.backend.directory.type";
    private static final String ROOT = "hibernate.search.backend.directory.root";

    private volatile Instant writtenAt;

    @Bean
    HibernatePropertiesCustomizer whereTheIndexLies(DataFolder data, LostWrites lost) {
        IndexSearcher.setMaxClauseCount(MOST_CLAUSES);
        return properties -> {
            properties.put(EngineSettings.BACKGROUND_FAILURE_HANDLER, BeanReference.ofInstance(lost));
            data.own()
                    .ifPresentOrElse(
                            folder -> {
                                Path index = folder.resolve(DataFolder.INDEX);
                                takeAwayIfBroken(index);
                                writtenAt = lastWritten(index).orElse(null);
                                properties.put(ROOT, index.toString());
                            },
                            () -> properties.put(TYPE, "local-heap"));
        };
    }

    /** When the index was written last before this start; empty where there was none. */
    Optional<Instant> writtenAt() {
        return Optional.ofNullable(writtenAt);
    }

    private static Optional<Instant> lastWritten(Path index) {
        if (!Files.isDirectory(index)) {
            return Optional.empty();
        }
        try (Stream<Path> files = Files.walk(index)) {
            return files.filter(Files::isRegularFile)
                    .map(f -> Instant.ofEpochMilli(f.toFile().lastModified()))
                    .max(Comparator.naturalOrder());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Dorada starts without it, and makes it anew from the rows. */
    static void takeAwayIfBroken(Path index) {
        if (!Files.isDirectory(index)) {
            return;
        }
        try (Stream<Path> parts = Files.list(index)) {
            List<Path> broken = parts.filter(p -> !isReadable(p)).toList();
            if (!broken.isEmpty()) {
                LOG.warn("The search index cannot be read and is made anew from the data: {}", broken);
                FileSystemUtils.deleteRecursively(index);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static boolean isReadable(Path part) {
        try (Directory directory = FSDirectory.open(part);
                DirectoryReader reader = DirectoryReader.open(directory)) {
            return reader.numDocs() >= 0;
        } catch (IOException | IllegalArgumentException e) {
            return false;
        }
    }
}
