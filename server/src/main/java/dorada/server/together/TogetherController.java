package dorada.server.together;

import dorada.server.people.SignedIn;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.HttpMediaTypeNotAcceptableException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** What others do meanwhile. */
@RestController
@RequestMapping("/api/together")
class TogetherController {

    private final OpenPages pages;

    TogetherController(OpenPages pages) {
        this.pages = pages;
    }

    /**
     * Server-sent events: "changed" names what is not what it was, "here" who else is on {@code installation}. They tell what to ask
     * for again, and nothing of what is there.
     *
     * <p>Answered to whoever accepts {@code text/event-stream} by name, as browsers do: it has no end, and who takes anything would wait
     * for it.
     *
     * @param page any number that is this page's own; what it changes itself, under that number in {@code X-Dorada-Page}, it is not told
     */
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = "text/event-stream",
                            schema = @Schema(oneOf = {ChangeView.class, OpenPages.HereView.class})))
    @GetMapping(produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter listen(
            @RequestParam UUID page,
            @RequestParam Optional<UUID> installation,
            @AuthenticationPrincipal SignedIn who,
            HttpServletRequest request)
            throws HttpMediaTypeNotAcceptableException {
        requireAskedFor(request);
        return pages.listen(page, who, installation, request.getSession(false));
    }

    private static void requireAskedFor(HttpServletRequest request) throws HttpMediaTypeNotAcceptableException {
        String accepted = request.getHeader(HttpHeaders.ACCEPT);
        if (accepted == null || !accepted.contains(MediaType.TEXT_EVENT_STREAM_VALUE)) {
            throw new HttpMediaTypeNotAcceptableException(List.of(MediaType.TEXT_EVENT_STREAM));
        }
    }
}
