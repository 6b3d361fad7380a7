package dorada.server.keeping;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Whether there is room for what is to be kept: asked before, because a database that finds its disk full closes itself. */
@Component
public class RoomOnDisk {

    private static final Logger LOG = LoggerFactory.getLogger(RoomOnDisk.class);

    /** What the database writes beside the thing itself. */
    private static final long LEAST_BYTES = 4L << 20;

    /** A file is kept as it came and as points, and once more while the database tidies up. */
    private static final int TIMES = 3;

    private final Optional<Path> folder;
    private volatile boolean wasFull;

    RoomOnDisk(DataFolder data) {
        folder = data.path();
    }

    /** Room for a request of {@code bytes}. */
    public boolean isThere(long bytes) {
        if (folder.isEmpty()) {
            return true;
        }
        try {
            long free = Files.getFileStore(folder.get()).getUsableSpace();
            boolean isFull = free < LEAST_BYTES + TIMES * Math.max(0, bytes);
            if (isFull != wasFull) {
                LOG.warn(
                        isFull ? "The disk is full: {} bytes are free in {}." : "There is room again: {} bytes in {}.",
                        free,
                        folder.get());
                wasFull = isFull;
            }
            return !isFull;
        } catch (IOException e) {
            LOG.error("The room on the disk could not be read: {}", e.getMessage());
            return true;
        }
    }
}
