package dorada.server.neighbour;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.SmartLifecycle;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Servers that share a PostgreSQL talk through it: by its notifications, which it delivers to all that listen, and by its advisory
 * locks, which end with the connection that holds them. Each server has two connections for that, beside those of its pool: one that
 * only listens, and one that speaks and never waits.
 */
final class OnPostgres implements Neighbours, SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(OnPostgres.class);

    private static final String CHANNEL = "dorada";

    /** PostgreSQL's own bound is 8000 bytes. */
    private static final int LONGEST = 7_900;

    private static final int HEARS_MS = 1_000;
    private static final Duration TRIES_AGAIN = Duration.ofSeconds(1);
    private static final Duration LOOKS_AGAIN = Duration.ofMillis(15);

    private final UUID me = UUID.randomUUID();
    private final DataSourceProperties database;
    private final ApplicationEventPublisher events;
    private final JsonMapper json;
    private final Clock clock = Clock.systemUTC();
    private final Thread listener = new Thread(this::listen, "neighbours");
    private volatile boolean stopping;
    private Connection speaking;

    OnPostgres(DataSourceProperties database, ApplicationEventPublisher events, JsonMapper json) {
        this.database = database;
        this.events = events;
        this.json = json;
        listener.setDaemon(true);
    }

    @Override
    public UUID me() {
        return me;
    }

    private Connection connect() throws SQLException {
        return DriverManager.getConnection(
                database.determineUrl(), database.determineUsername(), database.determinePassword());
    }

    /** What is said to the database in one statement, once more on a new connection where the old one is gone. */
    private synchronized boolean say(String sql, Object value) throws SQLException {
        try {
            return said(sql, value);
        } catch (SQLException e) {
            if (speaking != null && speaking.isValid(1)) {
                throw e;
            }
            speaking = null;
            return said(sql, value);
        }
    }

    private boolean said(String sql, Object value) throws SQLException {
        if (speaking == null) {
            speaking = connect();
        }
        try (PreparedStatement statement = speaking.prepareStatement(sql)) {
            statement.setObject(1, value);
            try (ResultSet row = statement.executeQuery()) {
                row.next();
                return Boolean.TRUE.equals(row.getObject(1));
            }
        }
    }

    @Override
    public void tell(Record message) {
        String text = json.writeValueAsString(
                Map.of("from", me, "topic", message.getClass().getSimpleName(), "says", message));
        if (text.length() > LONGEST) {
            throw new IllegalArgumentException("Too long for the neighbours: " + text.length());
        }
        try {
            say("select pg_notify('" + CHANNEL + "', ?)", text);
        } catch (SQLException e) {
            // Whoever listens through the same database misses more than this, and looks for itself then.
            LOG.warn("The other servers could not be told: {}", e.getMessage());
        }
    }

    @Override
    public Optional<Turn> turn(UUID of, Duration patience) throws InterruptedException {
        long key = of.getMostSignificantBits() ^ of.getLeastSignificantBits();
        long until = System.nanoTime() + patience.toNanos();
        try {
            while (!say("select pg_try_advisory_lock(?)", key)) {
                if (System.nanoTime() > until) {
                    return Optional.empty();
                }
                Thread.sleep(LOOKS_AGAIN.toMillis());
            }
        } catch (SQLException e) {
            throw new IllegalStateException("The database gives no turn.", e);
        }
        return Optional.of(() -> giveBack(key));
    }

    private void giveBack(long key) {
        try {
            say("select pg_advisory_unlock(?)", key);
        } catch (SQLException e) {
            // With the connection the lock is gone too.
            LOG.warn("A turn was not given back: {}", e.getMessage());
        }
    }

    @Override
    public void start() {
        listener.start();
    }

    @Override
    public boolean isRunning() {
        return listener.isAlive();
    }

    private void listen() {
        // Pages are open and the index is looked at before the first listening begins.
        Instant heard = clock.instant();
        boolean isDeaf = false;
        while (!stopping) {
            try (Connection connection = connect()) {
                try (Statement statement = connection.createStatement()) {
                    statement.execute("listen " + CHANNEL);
                }
                if (isDeaf) {
                    LOG.info("The other servers are heard again");
                }
                events.publishEvent(new Missed(heard));
                isDeaf = false;
                while (!stopping) {
                    PGNotification[] some =
                            connection.unwrap(PGConnection.class).getNotifications(HEARS_MS);
                    heard = clock.instant();
                    for (PGNotification one : some == null ? new PGNotification[0] : some) {
                        hear(one.getParameter());
                    }
                }
            } catch (SQLException e) {
                if (!stopping && !isDeaf) {
                    LOG.warn("The other servers are not heard: {}", e.getMessage());
                }
                isDeaf = true;
                pause();
            }
        }
    }

    private void hear(String text) {
        try {
            JsonNode told = json.readTree(text);
            UUID from = UUID.fromString(told.path("from").asString());
            if (!from.equals(me)) {
                events.publishEvent(new Heard(from, told.path("topic").asString(), told.path("says"), json));
            }
        } catch (JacksonException | IllegalArgumentException | IllegalStateException e) {
            // Another version's, perhaps; or a listener that is being stopped.
            LOG.warn("Not understood from another server: {}", e.getMessage());
        }
    }

    private void pause() {
        try {
            Thread.sleep(TRIES_AGAIN.toMillis());
        } catch (InterruptedException e) {
            stopping = true;
        }
    }

    /** It speaks as long as the process lives: what is done last is told too. */
    @Override
    public void stop() {
        stopping = true;
        listener.interrupt();
    }
}
