package dorada.server.instrument;

import dorada.server.instrument.LiveService.LiveView;
import dorada.server.people.SignedIn;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.validation.Valid;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Continuous sweeps: begin, change, listen (server-sent events "sweep" and "trouble"), end. */
@RestController
@RequestMapping("/api/live")
class LiveController {

    private final LiveService live;

    LiveController(LiveService live) {
        this.live = live;
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    LiveView start(@Valid @RequestBody LiveRequest settings, @AuthenticationPrincipal SignedIn who) {
        return live.start(who.id(), settings);
    }

    @PutMapping("/{id}")
    LiveView change(
            @PathVariable UUID id, @Valid @RequestBody LiveRequest settings, @AuthenticationPrincipal SignedIn who) {
        return live.change(id, who.id(), settings);
    }

    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = "text/event-stream",
                            schema = @Schema(implementation = LiveService.LiveSweep.class)))
    @GetMapping(path = "/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter listen(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return live.listen(id, who.id());
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        live.stop(id, who.id());
    }
}
