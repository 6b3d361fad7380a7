package dorada.server.problem;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;

/** Problem details from a filter, which no {@link ProblemAdvice} sees. */
public final class Sentence {

    private Sentence() {}

    /** Nothing can be kept for want of room. */
    public static void noRoom(HttpServletResponse response) throws IOException {
        answer(response, HttpStatus.INSUFFICIENT_STORAGE, DatabaseTrouble.FULL);
    }

    /** Asked under a name that is not ours; {@code setting} says which are. */
    public static void notOurName(HttpServletResponse response, String setting) throws IOException {
        answer(
                response,
                HttpStatus.MISDIRECTED_REQUEST,
                "Dorada does not answer under this name. Whoever runs it can allow the name: " + setting + ".");
    }

    /** @param sentence without characters that JSON would have to escape */
    public static void answer(HttpServletResponse response, HttpStatus status, String sentence) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getWriter()
                .write("{\"status\":" + status.value() + ",\"title\":\"" + status.getReasonPhrase() + "\",\"detail\":\""
                        + sentence + "\"}");
    }
}
