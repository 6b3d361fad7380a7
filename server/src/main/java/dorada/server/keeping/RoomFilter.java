package dorada.server.keeping;

import dorada.server.people.Permissions;
import dorada.server.problem.Sentence;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Says at once that the disk is full, before anything is begun that would be kept. */
@Component
class RoomFilter extends OncePerRequestFilter {

    private final RoomOnDisk room;

    RoomFilter(RoomOnDisk room) {
        this.room = room;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (Permissions.isKept(request) && !room.isThere(request.getContentLengthLong())) {
            Sentence.noRoom(response);
            return;
        }
        chain.doFilter(request, response);
    }
}
