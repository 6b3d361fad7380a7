package dorada.server.together;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.LongSupplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/** Who has which installation open on other servers, as they say every few seconds; a server that says no more is gone. */
@Component
class PresenceElsewhere {

    /** Three times not heard. */
    private static final Duration GONE = Duration.ofSeconds(16);

    private record Place(UUID server, UUID installation) {}

    private record Said(List<Here.Somebody> people, long atNs) {}

    private final Map<Place, Said> all = new ConcurrentHashMap<>();
    private final LongSupplier nanoTime;

    @Autowired
    PresenceElsewhere() {
        this(System::nanoTime);
    }

    PresenceElsewhere(LongSupplier nanoTime) {
        this.nanoTime = nanoTime;
    }

    void put(Here here) {
        Place place = new Place(here.server(), here.installation());
        if (here.people().isEmpty()) {
            all.remove(place);
        } else {
            all.put(place, new Said(here.people(), nanoTime.getAsLong()));
        }
    }

    List<Here.Somebody> on(UUID installation) {
        return all.entrySet().stream()
                .filter(e -> e.getKey().installation().equals(installation))
                .flatMap(e -> e.getValue().people().stream())
                .toList();
    }

    /** Installations on which somebody is no longer said to be; they are told of once. */
    List<UUID> forgotten() {
        List<UUID> gone = new ArrayList<>();
        all.entrySet().removeIf(e -> {
            boolean isOld = nanoTime.getAsLong() - e.getValue().atNs() > GONE.toNanos();
            if (isOld) {
                gone.add(e.getKey().installation());
            }
            return isOld;
        });
        return gone;
    }
}
