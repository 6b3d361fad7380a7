package dorada.server.keeping;

import java.nio.file.Path;
import java.util.Optional;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Where this Dorada's data lie; nowhere for a database in memory, or one that several servers share. */
@Component
public class DataFolder {

    /** Within it: the search index, which can be taken away at any time while Dorada is stopped. */
    public static final String INDEX = "index";

    private final Optional<Path> path;
    private final Optional<Path> own;

    DataFolder(Environment environment) {
        path = WholeAtTheStart.folder(environment);
        own = path.or(() -> Optional.ofNullable(environment.getProperty("dorada.own-folder"))
                .map(Path::of));
    }

    public Optional<Path> path() {
        return path;
    }

    /** Where this server keeps what is its own: its search index, and what is laid down for it to read. */
    public Optional<Path> own() {
        return own;
    }
}
