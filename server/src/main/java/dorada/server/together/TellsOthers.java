package dorada.server.together;

import dorada.server.people.Permissions;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Every request that stored something is told to the pages of others: what is new needs no line here. */
@Component
class TellsOthers extends OncePerRequestFilter {

    private static final int REFUSED = 400;

    private final OpenPages pages;

    TellsOthers(OpenPages pages) {
        this.pages = pages;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(request, response);
        if (response.getStatus() < REFUSED && Permissions.isKept(request)) {
            ChangeView.by(request.getRequestURI()).ifPresent(change -> pages.tell(change, pageOf(request)));
        }
    }

    private static UUID pageOf(HttpServletRequest request) {
        try {
            String page = request.getHeader("X-Dorada-Page");
            return page == null ? null : UUID.fromString(page);
        } catch (IllegalArgumentException e) {
            return null;
        }
    }
}
