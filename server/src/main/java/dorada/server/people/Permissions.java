package dorada.server.people;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.HttpMethod;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.security.web.util.matcher.RequestMatcher;

/**
 * Who may ask for what: the one table. The first line that fits counts; what fits none is refused. A request that only works something
 * out may be a POST, and keeps nothing.
 */
public final class Permissions {

    /** Each may what those before may too. */
    enum Who {
        ANYBODY,
        /** Viewers, technicians, leads. */
        SIGNED_IN,
        /** Technicians and leads. */
        WRITER,
        LEAD
    }

    /** Whether something is stored. */
    enum Deed {
        LOOKS,
        WORKS_OUT,
        KEEPS
    }

    /** @param method null for every one */
    record Line(Who who, Deed deed, HttpMethod method, String pattern) {}

    private static final HttpMethod GET = HttpMethod.GET;
    private static final HttpMethod POST = HttpMethod.POST;
    private static final HttpMethod PUT = HttpMethod.PUT;
    private static final HttpMethod DELETE = HttpMethod.DELETE;

    static final List<Line> TABLE = Stream.of(
                    may(
                            Who.ANYBODY,
                            Deed.LOOKS,
                            GET,
                            "/api/session",
                            "/api/setup",
                            "/actuator/health",
                            "/v3/api-docs/**"),
                    may(Who.ANYBODY, Deed.WORKS_OUT, POST, "/api/session"),
                    may(Who.ANYBODY, Deed.KEEPS, POST, "/api/setup"),
                    may(Who.LEAD, Deed.LOOKS, GET, "/api/people/*/tokens", "/api/archive"),
                    may(Who.LEAD, Deed.KEEPS, POST, "/api/people/**", "/api/instruments", "/api/archive"),
                    may(
                            Who.LEAD,
                            Deed.KEEPS,
                            POST,
                            "/api/catalogue/*/merge",
                            "/api/catalogue/table",
                            "/api/instruments/*/merge",
                            "/api/instruments/table",
                            "/api/radios/*/merge",
                            "/api/radios/table",
                            "/api/stations/*/merge",
                            "/api/stations/table"),
                    may(Who.LEAD, Deed.KEEPS, DELETE, "/api/catalogue/*"),
                    may(Who.LEAD, Deed.KEEPS, PUT, "/api/people/*", "/api/instruments/*"),
                    may(Who.LEAD, Deed.KEEPS, DELETE, "/api/instruments/*"),
                    may(Who.SIGNED_IN, Deed.LOOKS, GET, "/api/**"),
                    may(
                            Who.SIGNED_IN,
                            Deed.KEEPS,
                            POST,
                            "/api/session/password",
                            "/api/tokens",
                            "/api/exercises",
                            "/api/exercises/*/deeds"),
                    may(Who.SIGNED_IN, Deed.KEEPS, DELETE, "/api/tokens/*"),
                    may(Who.SIGNED_IN, Deed.WORKS_OUT, DELETE, "/api/session", "/api/sessions/**", "/api/jobs/*"),
                    may(
                            Who.SIGNED_IN,
                            Deed.WORKS_OUT,
                            POST,
                            "/api/advice",
                            "/api/spots/read",
                            "/api/analysis",
                            "/api/calibrations/correct",
                            "/api/calibrations/look",
                            "/api/cutting/**",
                            "/api/faults/**",
                            "/api/lines/**",
                            "/api/models/**",
                            "/api/radios/judge",
                            "/api/touchstone",
                            "/api/traces/**"),
                    may(
                            Who.WRITER,
                            Deed.WORKS_OUT,
                            null,
                            "/api/calibrations/*/correct",
                            "/api/channels/parse",
                            "/api/instruments/*/*",
                            "/api/live/**",
                            "/api/planning/**",
                            "/api/practice/**"),
                    may(Who.WRITER, Deed.WORKS_OUT, POST, "/api/live"),
                    may(Who.WRITER, Deed.KEEPS, null, "/api/**"))
            .flatMap(List::stream)
            .toList();

    private static final List<Matching> MATCHING = TABLE.stream()
            .map(line -> new Matching(
                    PathPatternRequestMatcher.withDefaults().matcher(line.method(), line.pattern()), line.deed()))
            .toList();

    private record Matching(RequestMatcher matcher, Deed deed) {}

    private Permissions() {}

    /** Whether such a request stores something. */
    public static boolean isKept(HttpServletRequest request) {
        return MATCHING.stream()
                .filter(m -> m.matcher().matches(request))
                .findFirst()
                .filter(m -> m.deed() == Deed.KEEPS)
                .isPresent();
    }

    private static List<Line> may(Who who, Deed deed, HttpMethod method, String... patterns) {
        return Stream.of(patterns).map(p -> new Line(who, deed, method, p)).toList();
    }
}
