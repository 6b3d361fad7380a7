package dorada.server.neighbour;

import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import org.springframework.core.env.Environment;

/** The other servers of a shop. There are none where the database is this server's own ({@link Alone}). */
public interface Neighbours {

    /** Whether this server has its database in common with others: it is told when it starts, by the profile "shared". */
    static boolean share(Environment environment) {
        return environment.matchesProfiles("shared");
    }

    /** Which of the servers this one is. */
    UUID me();

    /** Tells all others at once; there it is published as {@link Heard}. Who can't hear it is told {@link Missed} later. */
    void tell(Record message);

    /**
     * Waits until no other server has the turn on {@code of}. Threads of this server wait for each other by themselves.
     *
     * @return empty where it was not this server's turn within {@code patience}
     * @throws InterruptedException where the server is stopped meanwhile
     */
    Optional<Turn> turn(UUID of, Duration patience) throws InterruptedException;

    /** Ours until it is closed, or until this server is gone. */
    interface Turn extends AutoCloseable {
        @Override
        void close();
    }
}
