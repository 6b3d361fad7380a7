package dorada.server.together;

import dorada.server.people.SignedIn;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** One page in somebody's browser that listens. What it was not told yet is told once, however often it changed meanwhile. */
final class OpenPage {

    private static final AtomicLong NUMBERS = new AtomicLong();

    private final UUID id;
    private final SignedIn who;
    private final Optional<UUID> installation;
    private final HttpSession session;
    private final SseEmitter emitter;
    private final Executor teller;
    private final long number = NUMBERS.incrementAndGet();
    private final Map<Object, SseEmitter.SseEventBuilder> untold = new LinkedHashMap<>();
    private boolean telling;

    /**
     * @param id chosen by the page
     * @param installation that it shows; empty for none
     * @param session that it is open in; null where it came with an access token
     */
    OpenPage(
            UUID id,
            SignedIn who,
            Optional<UUID> installation,
            HttpSession session,
            SseEmitter emitter,
            Executor teller) {
        this.id = id;
        this.who = who;
        this.installation = installation;
        this.session = session;
        this.emitter = emitter;
        this.teller = teller;
    }

    UUID id() {
        return id;
    }

    SignedIn who() {
        return who;
    }

    Optional<UUID> installation() {
        return installation;
    }

    /** Those that were opened later have a higher one. */
    long number() {
        return number;
    }

    /** Empty where it came with an access token. */
    Optional<HttpSession> session() {
        return Optional.ofNullable(session);
    }

    /** @param what the newest that is said about it replaces what was said before */
    void tell(Object what, SseEmitter.SseEventBuilder event) {
        synchronized (untold) {
            untold.put(what, event);
            if (telling) {
                return;
            }
            telling = true;
        }
        // Whoever changed something waits for nobody's network.
        teller.execute(this::send);
    }

    private void send() {
        for (List<SseEmitter.SseEventBuilder> some = taken(); !some.isEmpty(); some = taken()) {
            try {
                for (SseEmitter.SseEventBuilder event : some) {
                    emitter.send(event);
                }
            } catch (IOException | IllegalStateException e) {
                // Nobody listens any more; it stays silent for good.
                emitter.completeWithError(e);
                return;
            }
        }
    }

    private List<SseEmitter.SseEventBuilder> taken() {
        synchronized (untold) {
            List<SseEmitter.SseEventBuilder> some = new ArrayList<>(untold.values());
            untold.clear();
            telling = !some.isEmpty();
            return some;
        }
    }

    void close() {
        emitter.complete();
    }
}
