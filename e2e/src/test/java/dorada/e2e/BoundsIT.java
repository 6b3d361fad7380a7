package dorada.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.Socket;
import java.net.URI;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Slow senders, large files and much at once: everybody else goes on working. {@code ./dorada bench slow} prints the same with more of
 * each. How long an answer takes is printed, not asserted.
 */
@Tag("trial")
class BoundsIT {

    private static final int SLOW = Integer.getInteger("dorada.slow", 100);
    private static final int PEOPLE = Integer.getInteger("dorada.people", 10);
    private static final int UPLOADS = Integer.getInteger("dorada.uploads", 20);
    private static final int POINTS = 100_000;

    private static RunningDorada dorada;

    @BeforeAll
    static void start() throws Exception {
        dorada = RunningDorada.demo();
    }

    @AfterAll
    static void stop() throws Exception {
        dorada.close();
    }

    private static String firstInstallation() throws Exception {
        return Malformed.ids(dorada.get("/api/installations").body()).get(0);
    }

    private static byte[] manyPoints() {
        StringBuilder file = new StringBuilder("# MHz S RI R 50\n");
        for (int i = 0; i < POINTS; i++) {
            file.append(100 + i * 0.001)
                    .append(' ')
                    .append(Math.sin(i * 0.37) * 0.5)
                    .append(' ')
                    .append(Math.cos(i * 0.91) * 0.5)
                    .append('\n');
        }
        return file.toString().getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void halfSentRequestsKeepNobodyWaiting() throws Exception {
        List<Socket> half = new ArrayList<>();
        for (int i = 0; i < SLOW; i++) {
            Socket socket = new Socket("127.0.0.1", URI.create(dorada.address()).getPort());
            // Some stop in the head, some in the body, some say who they are.
            String head = "POST /api/session HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\n"
                    + (i % 3 == 0 ? "Authorization: Bearer " + RunningDorada.TOKEN + "\r\n" : "")
                    + (i % 3 == 1 ? "Content-Le" : "Content-Length: 400\r\n\r\n{\"login\":");
            socket.getOutputStream().write(head.getBytes(StandardCharsets.UTF_8));
            half.add(socket);
        }
        List<Double> seconds = Collections.synchronizedList(new ArrayList<>());
        ExecutorService people = Executors.newFixedThreadPool(PEOPLE);
        String installation = firstInstallation();
        List<Future<Integer>> answers = new ArrayList<>();
        for (int i = 0; i < 10 * PEOPLE; i++) {
            String path = i % 2 == 0 ? "/actuator/health" : "/api/installations/" + installation;
            answers.add(people.submit(() -> {
                long begun = System.nanoTime();
                int status = dorada.get(path).statusCode();
                seconds.add((System.nanoTime() - begun) / 1e9);
                return status;
            }));
        }
        for (Future<Integer> answer : answers) {
            assertThat(answer.get()).isEqualTo(200);
        }
        people.shutdown();
        System.out.printf(
                "Beside %d half-sent requests, %d people: longest answer %.2f s%n",
                SLOW, PEOPLE, Collections.max(seconds));
        for (Socket socket : half) {
            socket.close();
        }
    }

    @Test
    void manyLargeFilesAtOnceAreEachAnswered() throws Exception {
        byte[] file = manyPoints();
        String installation = firstInstallation();
        ExecutorService people = Executors.newFixedThreadPool(UPLOADS);
        List<Future<HttpResponse<String>>> answers = new ArrayList<>();
        for (int i = 0; i < UPLOADS; i++) {
            answers.add(people.submit(() -> dorada.postFile(
                    "/api/installations/" + installation + "/passes?note=many&changeM=0&requestKey="
                            + UUID.randomUUID(),
                    "many.s1p",
                    file)));
        }
        Map<Integer, Integer> counts = new TreeMap<>();
        for (Future<HttpResponse<String>> answer : answers) {
            counts.merge(answer.get().statusCode(), 1, Integer::sum);
            if (answer.get().statusCode() == 503) {
                assertThat(answer.get().body()).contains("please send it again");
                assertThat(answer.get().headers().firstValue("Retry-After")).isPresent();
            }
            assertThat(dorada.get("/actuator/health").body()).contains("UP");
        }
        people.shutdown();
        System.out.println(UPLOADS + " files of " + POINTS + " points at once: " + counts);
        assertThat(counts.keySet()).isSubsetOf(201, 413, 503);
        assertThat(dorada.get("/api/installations").statusCode()).isEqualTo(200);
    }

    @Test
    void whatIsTooLargeIsRefusedBeforeItIsRead() throws Exception {
        String me = "Authorization: Bearer " + RunningDorada.TOKEN + "\r\n";
        assertThat(answerTo("/api/installations", me, 2L << 20))
                .startsWith("HTTP/1.1 413")
                .contains("at most 1 MB");
        assertThat(answerTo("/api/traces/look", me, 10L << 20))
                .startsWith("HTTP/1.1 413")
                .contains("at most 8 MB");
        assertThat(answerTo("/api/session", "", 90_000_000))
                .startsWith("HTTP/1.1 413")
                .contains("at most 16 kB");
    }

    @Test
    void whatDoesNotSayHowLongItIsIsReadOnlyWherePointsMayCome() throws Exception {
        String me = "Authorization: Bearer " + RunningDorada.TOKEN + "\r\n";
        String chunked = "Transfer-Encoding: chunked\r\n\r\n2\r\n{}\r\n0\r\n\r\n";
        assertThat(answerTo("/api/session", chunked)).startsWith("HTTP/1.1 411").contains("Content-Length");
        assertThat(answerTo("/api/installations", me + chunked)).startsWith("HTTP/1.1 411");
        assertThat(answerTo("/api/traces/look", me + chunked)).startsWith("HTTP/1.1 422");
    }

    /** What is answered to a head alone that says how long its body will be. */
    private static String answerTo(String path, String who, long length) throws Exception {
        return answerTo(path, who + "Content-Length: " + length + "\r\n\r\n");
    }

    private static String answerTo(String path, String rest) throws Exception {
        try (Socket socket =
                new Socket("127.0.0.1", URI.create(dorada.address()).getPort())) {
            socket.setSoTimeout(20_000);
            String head = "POST " + path
                    + " HTTP/1.1\r\nHost: 127.0.0.1\r\nConnection: close\r\nContent-Type: application/json\r\n" + rest;
            socket.getOutputStream().write(head.getBytes(StandardCharsets.UTF_8));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
