package dorada.server.people;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Ends a session whose person has left, or has another role or password since it began. */
class StillTheSame extends OncePerRequestFilter {

    private final PeopleService people;

    StillTheSame(PeopleService people) {
        this.people = people;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        // Whoever an access token belongs to was looked up just now.
        return !request.getRequestURI().startsWith("/api/") || BearerTokenFilter.hasToken(request);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication now = SecurityContextHolder.getContext().getAuthentication();
        if (now != null && now.getPrincipal() instanceof SignedIn me && !people.isCurrent(me)) {
            SecurityContextHolder.clearContext();
            HttpSession session = request.getSession(false);
            if (session != null) {
                session.invalidate();
            }
        }
        chain.doFilter(request, response);
    }
}
