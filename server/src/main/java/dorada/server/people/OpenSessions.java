package dorada.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/** Where everybody is signed in. */
public interface OpenSessions {

    /**
     * @param seen when it was used last
     * @param address from where it began
     */
    record Open(UUID id, Instant since, Instant seen, String address) {}

    /** The session of {@code request} has become one of {@code person}. */
    void began(SignedIn person, HttpServletRequest request, Instant now);

    /** Newest first. */
    List<Open> of(SignedIn person);

    boolean isHere(Open one, HttpServletRequest request);

    /** Whether one that was open still is. */
    boolean isOpen(HttpSession session);

    void end(SignedIn person, Open one);
}
