package dorada.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ThreadLocalRandom;
import java.util.function.IntFunction;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Isolated;

/**
 * Technicians at work all at once: sign in, look at the board, open, read a meter, ask for advice, measure. {@code ./dorada bench load
 * --people N --seconds S --pause P} prints how long each waits, with {@code --servers N} of so many servers on one PostgreSQL; nothing
 * is asserted about time. Everybody takes P seconds on average
 * between two things, in which nobody reads a meter faster; 0 is a machine at work that asks again as soon as it is answered. What
 * happened in the first third is not counted: everybody signs in at once then, and a server that has just started is slow.
 */
@Tag("trial")
@Isolated
class LoadIT {

    private static final int PEOPLE = Integer.getInteger("dorada.people", 6);
    private static final int SERVERS = Integer.getInteger("dorada.servers", 0);
    private static final int SECONDS = Integer.getInteger("dorada.seconds", 5);
    private static final double PAUSE = Double.parseDouble(System.getProperty("dorada.pause", "2"));

    static {
        // The server closes a connection that was idle for 20 s; as browsers do, this client lets it go before.
        System.setProperty("jdk.httpclient.keepalive.timeout", "10");
    }

    private static final String FILE = Traces.text(149, 140, 170, 201, 0);
    private static final String[] LOGINS = {"ines", "bruno", "noa"};

    private final Map<String, List<Double>> seconds = Collections.synchronizedMap(new TreeMap<>());
    private final Map<String, Integer> wrong = new ConcurrentHashMap<>();
    private volatile long begun;

    @Test
    void everybodyIsAnswered() throws Exception {
        if (SERVERS > 0) {
            try (SharedShop shop = new SharedShop(SERVERS)) {
                everybodyIsAnsweredBy(shop::server);
            }
        } else {
            try (RunningDorada dorada = RunningDorada.demo()) {
                everybodyIsAnsweredBy(i -> dorada);
            }
        }
        assertThat(wrong).isEmpty();
    }

    private void everybodyIsAnsweredBy(IntFunction<RunningDorada> server) throws Exception {
        begun = System.nanoTime();
        all(PEOPLE, i -> () -> {
            work(new Worker(server.apply(i), LOGINS[i % LOGINS.length]), System.nanoTime() + SECONDS * 1_000_000_000L);
            return null;
        });
        print();
        int logins = all(2, i -> () -> {
                    int done = 0;
                    long until = System.nanoTime() + 1_000_000_000L * Math.min(SECONDS, 10);
                    while (System.nanoTime() < until) {
                        new Worker(server.apply(i), LOGINS[i]).signsIn();
                        done++;
                    }
                    return done;
                })
                .stream()
                .mapToInt(n -> n)
                .sum();
        System.out.printf("Logins: %.0f a second%n", (double) logins / Math.min(SECONDS, 10));
    }

    private static <T> List<T> all(int how, IntFunction<Callable<T>> work) throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(how);
        try {
            List<Callable<T>> tasks = new ArrayList<>();
            for (int i = 0; i < how; i++) {
                tasks.add(work.apply(i));
            }
            List<T> done = new ArrayList<>();
            for (Future<T> each : pool.invokeAll(tasks)) {
                done.add(each.get());
            }
            return done;
        } finally {
            pool.shutdown();
        }
    }

    private void work(Worker t, long until) throws Exception {
        timed("sign in", t::signsIn);
        HttpResponse<String> made = timed("new installation", () -> t.posts("/api/installations", Shop.installation()));
        String at = "/api/installations/" + Shop.field(made.body(), "id");
        for (int round = 0; System.nanoTime() < until; round++) {
            double swr = 1.4 + 0.1 * (round % 5);
            timed("board", () -> t.gets("/api/installations"));
            timed("counts", () -> t.gets("/api/installations/counts"));
            timed("open", () -> t.gets(at));
            timed("passes", () -> t.gets(at + "/passes"));
            timed("meter pass", () -> t.posts(at + "/spots", Shop.meterPass(UUID.randomUUID(), -0.001, swr)));
            timed("advice", () -> t.posts("/api/advice", Shop.advice()));
            // A file, as from an instrument: the practice analyser's own sums are no shop's work.
            timed("file pass", () -> t.uploads(at + "/passes?note=&changeM=-0.001&requestKey=" + UUID.randomUUID()));
        }
    }

    private HttpResponse<String> timed(String what, Callable<HttpResponse<String>> request) throws Exception {
        Thread.sleep(
                (long) (-1000 * PAUSE * Math.log(1 - ThreadLocalRandom.current().nextDouble())));
        long asked = System.nanoTime();
        HttpResponse<String> answer = request.call();
        if (asked - begun > SECONDS * 1_000_000_000L / 3) {
            seconds.computeIfAbsent(what, w -> Collections.synchronizedList(new ArrayList<>()))
                    .add((System.nanoTime() - asked) / 1e9);
        }
        if (answer.statusCode() >= 400) {
            wrong.merge(what + ": " + answer.statusCode() + " " + answer.body(), 1, Integer::sum);
        }
        return answer;
    }

    private void print() {
        System.out.printf(
                "%d people, %d s, %.1f s between two things%n%-18s%8s%9s%9s%9s%n",
                PEOPLE, SECONDS, PAUSE, "", "number", "p50 s", "p99 s", "most s");
        List<Double> all = new ArrayList<>();
        seconds.forEach((what, each) -> {
            all.addAll(each);
            row(what, each);
        });
        row("all", all);
        System.out.printf("%.1f requests a second%n", all.size() / (SECONDS * 2 / 3.0));
    }

    private static void row(String what, List<Double> each) {
        List<Double> sorted = each.stream().sorted().toList();
        System.out.printf(
                "%-18s%8d%9.3f%9.3f%9.3f%n",
                what,
                sorted.size(),
                sorted.get(sorted.size() / 2),
                sorted.get((int) (sorted.size() * 0.99)),
                sorted.get(sorted.size() - 1));
    }

    /** Somebody with a session of their own, as a browser has one. */
    private static final class Worker {

        private final RunningDorada dorada;
        private final String login;
        private final CookieManager cookies = new CookieManager();
        private final HttpClient http =
                HttpClient.newBuilder().cookieHandler(cookies).build();

        Worker(RunningDorada dorada, String login) {
            this.dorada = dorada;
            this.login = login;
        }

        HttpResponse<String> signsIn() throws IOException, InterruptedException {
            gets("/api/session");
            HttpResponse<String> answer = posts(
                    "/api/session",
                    "{\"login\":\"" + login + "\",\"password\":\"" + RunningDorada.DEMO_PASSWORD + "\"}");
            gets("/api/session");
            return answer;
        }

        HttpResponse<String> gets(String path) throws IOException, InterruptedException {
            return http.send(to(path).build(), HttpResponse.BodyHandlers.ofString());
        }

        HttpResponse<String> posts(String path, String json) throws IOException, InterruptedException {
            return http.send(
                    to(path).header("Content-Type", "application/json")
                            .header("X-XSRF-TOKEN", csrf())
                            .POST(HttpRequest.BodyPublishers.ofString(json))
                            .build(),
                    HttpResponse.BodyHandlers.ofString());
        }

        /** A sweep of 201 points. */
        HttpResponse<String> uploads(String path) throws IOException, InterruptedException {
            String body = "--x\r\nContent-Disposition: form-data; name=\"file\"; filename=\"a.s1p\"\r\n\r\n" + FILE
                    + "\r\n--x--\r\n";
            return http.send(
                    to(path).header("Content-Type", "multipart/form-data; boundary=x")
                            .header("X-XSRF-TOKEN", csrf())
                            .POST(HttpRequest.BodyPublishers.ofString(body))
                            .build(),
                    HttpResponse.BodyHandlers.ofString());
        }

        private String csrf() {
            return cookies.getCookieStore().getCookies().stream()
                    .filter(c -> c.getName().equals("XSRF-TOKEN"))
                    .map(HttpCookie::getValue)
                    .findAny()
                    .orElse("");
        }

        private HttpRequest.Builder to(String path) {
            return HttpRequest.newBuilder(URI.create(dorada.address() + path)).timeout(Duration.ofMinutes(2));
        }
    }
}
