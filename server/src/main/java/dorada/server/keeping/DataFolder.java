package dorada.server.keeping;

import java.nio.file.Path;
import java.util.Optional;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Where this Dorada's data lie; nowhere for a database in memory. */
@Component
public class DataFolder {

    /** Within it: the search index, which can be taken away at any time while Dorada is stopped. */
    public static final String INDEX = "index";

    private final Optional<Path> path;

    DataFolder(Environment environment) {
        path = WholeAtTheStart.folder(environment);
    }

    public Optional<Path> path() {
        return path;
    }
}
