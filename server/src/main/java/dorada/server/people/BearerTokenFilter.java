package dorada.server.people;

import dorada.server.problem.Sentence;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Signs a request in by {@code Authorization: Bearer <access token>}, for this request only. */
class BearerTokenFilter extends OncePerRequestFilter {

    private static final String PREFIX = "Bearer ";

    private final PeopleService people;

    BearerTokenFilter(PeopleService people) {
        this.people = people;
    }

    static boolean hasToken(HttpServletRequest request) {
        String header = request.getHeader(HttpHeaders.AUTHORIZATION);
        return header != null && header.startsWith(PREFIX);
    }

    /** Pages and health are open; an old token must not close them. */
    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!hasToken(request)) {
            chain.doFilter(request, response);
            return;
        }
        String text = request.getHeader(HttpHeaders.AUTHORIZATION)
                .substring(PREFIX.length())
                .strip();
        Optional<SignedIn> owner = people.byToken(text);
        if (owner.isEmpty()) {
            Sentence.answer(response, HttpStatus.UNAUTHORIZED, "This access token is not valid.");
            return;
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                owner.get(), null, owner.get().getAuthorities()));
        SecurityContextHolder.setContext(context);
        chain.doFilter(request, response);
    }
}
