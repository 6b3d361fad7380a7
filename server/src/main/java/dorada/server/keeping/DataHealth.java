package dorada.server.keeping;

import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.lang.management.MemoryUsage;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import javax.sql.DataSource;
import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.stereotype.Component;

/** Whether Dorada can do its work: the database answers, memory is left, and there is room for what is to be kept. */
@Component("data")
class DataHealth implements HealthIndicator {

    private static final String REASON = "reason";

    /** Of the heap, after the collector has done what it could. */
    private static final double FULL = 0.97;

    private final DataSource database;
    private final RoomOnDisk room;

    DataHealth(DataSource database, RoomOnDisk room) {
        this.database = database;
        this.room = room;
    }

    @Override
    public Health health() {
        if (isHeapFull() && isStillFull()) {
            return Health.down().withDetail(REASON, "The memory is full.").build();
        }
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("select count(*) from person")) {
            row.next();
        } catch (SQLException e) {
            return Health.down()
                    .withDetail(REASON, "The database does not answer: " + firstLine(e))
                    .build();
        }
        // Looking goes on: no reason to be taken out of service.
        return room.isThere(0)
                ? Health.up().build()
                : Health.status("READ_ONLY")
                        .withDetail(REASON, "The disk is full.")
                        .build();
    }

    private static String firstLine(SQLException e) {
        return String.valueOf(e.getMessage()).lines().findFirst().orElse("no reason given");
    }

    /** What was full after the last collection, long ago perhaps, is looked at again before it is said. */
    private static boolean isStillFull() {
        ManagementFactory.getMemoryMXBean().gc();
        return isHeapFull();
    }

    private static boolean isHeapFull() {
        for (MemoryPoolMXBean pool : ManagementFactory.getMemoryPoolMXBeans()) {
            MemoryUsage after = pool.getCollectionUsage();
            // What lives long lies in the largest pool, whatever the collector calls it.
            if (pool.getType() == MemoryType.HEAP
                    && after != null
                    && after.getMax() > Runtime.getRuntime().maxMemory() / 2) {
                return after.getUsed() > FULL * after.getMax();
            }
        }
        return false;
    }
}
