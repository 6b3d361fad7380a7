package dorada.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;

/** Sessions that every server of the shop knows, so that whoever is signed in stays so when one of them is gone. */
class SessionsInDatabase implements OpenSessions {

    private static final String ID = "dorada.id";
    private static final String ADDRESS = "dorada.address";

    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    SessionsInDatabase(FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sessions = sessions;
    }

    @Override
    public void began(SignedIn person, HttpServletRequest request, Instant now) {
        HttpSession session = request.getSession();
        session.setAttribute(ID, UUID.randomUUID());
        session.setAttribute(ADDRESS, request.getRemoteAddr());
    }

    @Override
    public List<Open> of(SignedIn person) {
        return sessions.findByPrincipalName(person.getUsername()).values().stream()
                .filter(s -> !s.isExpired() && s.getAttribute(ID) != null)
                .map(s -> new Open(
                        s.getAttribute(ID), s.getCreationTime(), s.getLastAccessedTime(), s.getAttribute(ADDRESS)))
                .sorted((a, b) -> b.since().compareTo(a.since()))
                .toList();
    }

    @Override
    public boolean isHere(Open one, HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session != null && one.id().equals(session.getAttribute(ID));
    }

    @Override
    public boolean isOpen(HttpSession session) {
        Session now = sessions.findById(session.getId());
        return now != null && !now.isExpired();
    }

    @Override
    public void end(SignedIn person, Open one) {
        sessions.findByPrincipalName(person.getUsername()).entrySet().stream()
                .filter(e -> one.id().equals(e.getValue().getAttribute(ID)))
                .map(Map.Entry::getKey)
                .forEach(sessions::deleteById);
    }
}
