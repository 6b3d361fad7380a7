package dorada.server.job;

import dorada.core.wire.Watch;
import java.net.URI;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BiFunction;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Service;

/** Long computations for whoever asks: at once, or as a job to watch. */
@Service
public class JobService {

    private final Jobs jobs;
    private final LongWorks known;

    JobService(Jobs jobs, LongWorks known) {
        this.jobs = jobs;
        this.known = known;
    }

    /** All kinds there are. */
    @Component
    static class LongWorks {

        private final Map<String, LongWork<?>> all = new ConcurrentHashMap<>();

        private void add(LongWork<?> work) {
            if (all.putIfAbsent(work.name(), work) != null) {
                throw new IllegalStateException("Two kinds of long work are called " + work.name());
            }
        }

        /** Null where this server knows none of that name. */
        LongWork<?> named(String name) {
            return all.get(name);
        }
    }

    /** Makes a kind of computation known, once, when the server starts. */
    public <Q> LongWork<Q> kind(String name, Class<Q> asks, BiFunction<Q, Watch, Object> solve) {
        LongWork<Q> work = new LongWork<>(name, asks, solve);
        known.add(work);
        return work;
    }

    /** What a controller answers: the result at once, or, where the request prefers not to wait, a job to watch. */
    public <Q> ResponseEntity<Object> answer(String prefer, UUID owner, LongWork<Q> work, Q request) {
        if (!prefer.contains("respond-async")) {
            return ResponseEntity.ok(work.solve().apply(request, Watch.NOBODY));
        }
        JobView job = jobs.start(owner, work, request);
        return ResponseEntity.accepted()
                .location(URI.create("/api/jobs/" + job.id()))
                .body(job);
    }
}
