package dorada.server.job;

import dorada.server.people.SignedIn;
import java.io.IOException;
import java.time.Duration;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Long computations by their number: poll, watch, stop. */
@RestController
@RequestMapping("/api/jobs/{id}")
class JobController {

    private static final Duration LONGEST = Duration.ofMinutes(30);
    private static final long BETWEEN_MS = 150;

    private final Jobs jobs;
    private final Set<SseEmitter> open = ConcurrentHashMap.newKeySet();

    JobController(Jobs jobs) {
        this.jobs = jobs;
    }

    @GetMapping
    JobView look(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return jobs.look(id, who.id());
    }

    @DeleteMapping
    JobView stop(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return jobs.stop(id, who.id());
    }

    /** Server-sent events with the state, a few each second, until it is over. */
    @GetMapping(path = "/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter watch(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        jobs.look(id, who.id());
        SseEmitter emitter = new SseEmitter(LONGEST.toMillis());
        open.add(emitter);
        emitter.onCompletion(() -> open.remove(emitter));
        Thread thread = new Thread(() -> tell(id, who.id(), emitter), "job-events");
        thread.setDaemon(true);
        thread.start();
        return emitter;
    }

    private void tell(UUID id, UUID owner, SseEmitter emitter) {
        try {
            JobView view;
            do {
                view = jobs.look(id, owner);
                emitter.send(view);
                Thread.sleep(BETWEEN_MS);
            } while (open.contains(emitter)
                    && (view.state() == JobView.State.WAITING || view.state() == JobView.State.RUNNING));
            emitter.complete();
        } catch (IOException | IllegalStateException e) {
            // Nobody listens any more.
            emitter.completeWithError(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** An open stream would hold up the shutdown. */
    @EventListener(ContextClosedEvent.class)
    void closeAll() {
        open.forEach(SseEmitter::complete);
    }
}
