package dorada.server.people;

import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Where one is signed in, and the end of it. */
@RestController
@RequestMapping("/api/sessions")
class SessionsController {

    private final OpenSessions open;

    SessionsController(OpenSessions open) {
        this.open = open;
    }

    /** @param here true for the session that asks */
    record SessionView(
            @NotNull UUID id,
            @NotNull Instant since,
            @NotNull Instant seen,
            @NotNull String address,
            @NotNull boolean here) {}

    @GetMapping
    List<SessionView> list(@AuthenticationPrincipal SignedIn me, HttpServletRequest request) {
        return open.of(me).stream()
                .map(o -> new SessionView(o.id(), o.since(), o.seen(), o.address(), open.isHere(o, request)))
                .toList();
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@AuthenticationPrincipal SignedIn me, @PathVariable UUID id) {
        open.end(
                me,
                open.of(me).stream()
                        .filter(o -> o.id().equals(id))
                        .findAny()
                        .orElseThrow(() -> UserProblem.notFound(Missing.SESSION)));
    }

    /** Signs out everywhere, here too. */
    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endAll(@AuthenticationPrincipal SignedIn me) {
        open.of(me).forEach(o -> open.end(me, o));
    }
}
