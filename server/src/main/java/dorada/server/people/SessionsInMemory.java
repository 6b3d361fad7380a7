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

/** Sessions of the only server; in memory. */
@Component
class SessionsInMemory implements OpenSessions, HttpSessionListener {

    private static final String NAME = SessionsInMemory.class.getName();

    private final Map<UUID, Kept> open = new ConcurrentHashMap<>();

    private record Kept(UUID id, UUID person, Instant since, String address, HttpSession session) {

        Open open() {
            return new Open(id, since, Instant.ofEpochMilli(session.getLastAccessedTime()), address);
        }
    }

    @Override
    public void began(SignedIn person, HttpServletRequest request, Instant now) {
        HttpSession session = request.getSession();
        Kept mine = new Kept(UUID.randomUUID(), person.id(), now, request.getRemoteAddr(), session);
        session.setAttribute(NAME, mine.id());
        open.put(mine.id(), mine);
    }

    @Override
    public void sessionDestroyed(HttpSessionEvent event) {
        if (event.getSession().getAttribute(NAME) instanceof UUID id) {
            open.remove(id);
        }
    }

    @Override
    public List<Open> of(SignedIn person) {
        open.values().removeIf(k -> !isOpen(k.session()));
        return open.values().stream()
                .filter(k -> k.person().equals(person.id()))
                .sorted((a, b) -> b.since().compareTo(a.since()))
                .map(Kept::open)
                .toList();
    }

    @Override
    public boolean isHere(Open one, HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session != null && one.id().equals(session.getAttribute(NAME));
    }

    @Override
    public boolean isOpen(HttpSession session) {
        try {
            return session.getLastAccessedTime() > 0;
        } catch (IllegalStateException e) {
            return false;
        }
    }

    @Override
    public void end(SignedIn person, Open one) {
        Kept kept = open.remove(one.id());
        try {
            if (kept != null) {
                kept.session().invalidate();
            }
        } catch (IllegalStateException e) {
            // It has ended by itself meanwhile.
            return;
        }
    }
}
