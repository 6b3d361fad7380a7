package dorada.server.keeping;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.Optional;
import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.core.env.Environment;

/** Asks the {@link Witness} before the database is opened for writing: Dorada does not start on less than there was. */
public final class WholeAtTheStart implements ApplicationListener<ApplicationEnvironmentPreparedEvent> {

    private static final String FILE = "jdbc:h2:file:";

    /** Said in one sentence, without a stack of calls. */
    static final class DamagedDatabase extends RuntimeException {
        DamagedDatabase(String sentence) {
            super(sentence, null, false, false);
        }
    }

    /** Where the data of {@code environment} are; empty for a database in memory. */
    static Optional<Path> folder(Environment environment) {
        String url = environment.getProperty("spring.datasource.url", "");
        return url.startsWith(FILE)
                ? Optional.of(Path.of(url.substring(FILE.length()).replaceAll(";.*", ""))
                        .toAbsolutePath()
                        .getParent())
                : Optional.empty();
    }

    @Override
    public void onApplicationEvent(ApplicationEnvironmentPreparedEvent event) {
        Optional<Path> folder = folder(event.getEnvironment());
        if (folder.isEmpty() || "yes".equals(event.getEnvironment().getProperty("DORADA_ACCEPT_LOSS"))) {
            return;
        }
        try {
            new Witness(folder.get()).missing().ifPresent(sentence -> {
                throw new DamagedDatabase(sentence);
            });
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
