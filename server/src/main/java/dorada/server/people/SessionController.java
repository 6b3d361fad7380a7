package dorada.server.people;

import dorada.server.problem.UserProblem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.time.Clock;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
@RequestMapping("/api/session")
class SessionController {

    private final AuthenticationManager authentication;
    private final SecurityContextRepository contexts;
    private final PeopleService people;
    private final LoginLimit limit;
    private final OpenSessions open;
    private final Clock clock;

    SessionController(
            AuthenticationManager authentication,
            SecurityContextRepository contexts,
            PeopleService people,
            LoginLimit limit,
            OpenSessions open,
            Clock clock) {
        this.open = open;
        this.clock = clock;
        this.people = people;
        this.limit = limit;
        this.authentication = authentication;
        this.contexts = contexts;
    }

    record Credentials(
            @NotBlank(message = "{wrong.YOUR_LOGIN}") String login,

            @NotBlank(message = "{wrong.YOUR_PASSWORD}") String password) {}

    /** Who is signed in; 204 for nobody, which is no error: every first visit asks. */
    @GetMapping
    ResponseEntity<PersonView> me(@AuthenticationPrincipal SignedIn me) {
        return me == null ? ResponseEntity.noContent().build() : ResponseEntity.ok(PersonView.of(me));
    }

    @PostMapping
    PersonView signIn(
            @Valid @RequestBody Credentials credentials, HttpServletRequest request, HttpServletResponse response) {
        String address = request.getRemoteAddr();
        limit.require(credentials.login(), address);
        Authentication signedIn;
        try {
            signedIn = authentication.authenticate(
                    UsernamePasswordAuthenticationToken.unauthenticated(credentials.login(), credentials.password()));
        } catch (AuthenticationException e) {
            limit.wrong(credentials.login(), address);
            throw UserProblem.atField("password", Refused.NOT_TOGETHER.of());
        }
        // A session from before the login must not live on after it.
        HttpSession before = request.getSession(false);
        if (before != null) {
            before.invalidate();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(signedIn);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        SignedIn me = (SignedIn) signedIn.getPrincipal();
        open.began(me, request, clock.instant());
        return PersonView.of(me);
    }

    /** @param current the password of now, so that an open screen is not enough */
    record PasswordChange(
            @NotBlank(message = "{wrong.PASSWORD_NOW}") String current,

            @NotBlank(message = "{wrong.CHOOSE_PASSWORD}") String password) {}

    /** This session goes on; all others of the same person end. */
    @PostMapping("/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changePassword(
            @AuthenticationPrincipal SignedIn me,
            @Valid @RequestBody PasswordChange change,
            HttpServletRequest request,
            HttpServletResponse response) {
        if (BearerTokenFilter.hasToken(request)) {
            throw UserProblem.forbidden(Refused.TOKEN_NO_PASSWORD.of());
        }
        limit.require(me.getUsername(), request.getRemoteAddr());
        if (!people.isPassword(me.id(), change.current)) {
            limit.wrong(me.getUsername(), request.getRemoteAddr());
            throw UserProblem.atField("current", Refused.NOT_YOURS.of());
        }
        SignedIn now = people.changePassword(me.id(), change.password);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(now, null, now.getAuthorities()));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }
}
