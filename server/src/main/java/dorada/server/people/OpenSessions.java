package dorada.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import jakarta.servlet.http.HttpSessionEvent;
import jakarta.servlet.http.HttpSessionListener;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** Where everybody is signed in; in memory, as sessions are. */
@Component
class OpenSessions implements HttpSessionListener {

    private static final String NAME = OpenSessions.class.getName();

    private final Map<UUID, Open> open = new ConcurrentHashMap<>();

    /** @param address from where it began */
    record Open(UUID id, UUID person, Instant since, String address, HttpSession session) {

        Instant seen() {
            return Instant.ofEpochMilli(session.getLastAccessedTime());
        }

        private boolean isOpen() {
            try {
                session.getLastAccessedTime();
                return true;
            } catch (IllegalStateException e) {
                return false;
            }
        }
    }

    /** The session of {@code request} has become one of {@code person}. */
    void began(UUID person, HttpServletRequest request, Instant now) {
        HttpSession session = request.getSession();
        Open mine = new Open(UUID.randomUUID(), person, now, request.getRemoteAddr(), session);
        session.setAttribute(NAME, mine.id());
        open.put(mine.id(), mine);
    }

    @Override
    public void sessionDestroyed(HttpSessionEvent event) {
        if (event.getSession().getAttribute(NAME) instanceof UUID id) {
            open.remove(id);
        }
    }

    /** Newest first. */
    List<Open> of(UUID person) {
        open.values().removeIf(o -> !o.isOpen());
        return open.values().stream()
                .filter(o -> o.person().equals(person))
                .sorted((a, b) -> b.since().compareTo(a.since()))
                .toList();
    }

    static boolean isHere(Open one, HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session != null && one.id().equals(session.getAttribute(NAME));
    }

    void end(Open one) {
        open.remove(one.id());
        try {
            one.session().invalidate();
        } catch (IllegalStateException e) {
            // It has ended by itself meanwhile.
            return;
        }
    }
}
