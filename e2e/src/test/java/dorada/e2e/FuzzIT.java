package dorada.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Whatever is sent, the answer says what is wrong with it: never 500, never silence, never a class's name. {@code ./dorada bench fuzz
 * --requests N --seed S} sends more.
 */
@Tag("trial")
class FuzzIT {

    private static final int REQUESTS = Integer.getInteger("dorada.requests", 1500);
    private static final long SEED = Long.getLong("dorada.seed", 1);
    private static final List<String> PACKED = List.of("application/zip", "application/pdf", "image/jpeg", "audio/wav");
    private static final int PATIENCE_MS = 20_000;

    @Test
    void whateverIsSentIsAnswered() throws Exception {
        try (RunningDorada dorada = RunningDorada.demo()) {
            List<String> known = Malformed.ids(dorada.get("/api/installations").body());
            Malformed requests = new Malformed(dorada.get("/v3/api-docs").body(), known, SEED);
            List<String> broken = new ArrayList<>();
            Map<Integer, Integer> counts = new TreeMap<>();
            for (int i = 0; i < REQUESTS; i++) {
                Malformed.Request request = requests.next();
                String answer;
                try {
                    answer = sent(dorada.address(), request);
                } catch (IOException e) {
                    broken.add(i + ": " + e + "  " + request);
                    continue;
                }
                int status = answer.length() < 12 ? 0 : Integer.parseInt(answer.substring(9, 12));
                counts.merge(status, 1, Integer::sum);
                // What is packed or a picture may hold any letters by chance.
                boolean isText = PACKED.stream().noneMatch(type -> answer.contains("Content-Type: " + type));
                boolean isLeak = isText
                        && (answer.contains("[L") || answer.contains("java.lang") || answer.contains("dorada.core"));
                if (status < 200 || status >= 500 && status != 503 || isLeak) {
                    broken.add(
                            i + ": " + status + (isLeak ? " leaks " + answer.substring(answer.indexOf("\r\n\r\n")) : "")
                                    + "  " + request);
                }
            }
            System.out.println("Fuzz, seed " + SEED + ", " + REQUESTS + " requests: " + counts);
            broken.stream().limit(Integer.getInteger("dorada.shown", 30)).forEach(System.out::println);
            if (!broken.isEmpty()) {
                troubles(dorada.log()).forEach((trouble, times) -> System.out.println(times + " × " + trouble));
            }
            assertThat(broken).isEmpty();
            assertThat(counts).containsKeys(200, 422);
            assertThat(dorada.get("/actuator/health").body()).contains("UP");
        }
    }

    /** Each unexpected trouble of the log with how often it came: what was thrown, and the first of our own lines below it. */
    private static Map<String, Integer> troubles(String log) {
        Map<String, Integer> times = new TreeMap<>();
        String[] lines = log.split("\n");
        for (int i = 0; i + 1 < lines.length; i++) {
            if (lines[i].contains("Unexpected trouble")) {
                int at = i + 1;
                while (at + 1 < lines.length && lines[at].isBlank()) {
                    at++;
                }
                String thrown = lines[at];
                while (at + 1 < lines.length && at < i + 120 && !lines[at].contains("at dorada.")) {
                    at++;
                }
                times.merge(thrown + " | " + lines[at].strip(), 1, Integer::sum);
            }
        }
        return times;
    }

    private static String sent(String address, Malformed.Request request) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", URI.create(address).getPort())) {
            socket.setSoTimeout(PATIENCE_MS);
            StringBuilder head = new StringBuilder(request.method() + " " + request.target() + " HTTP/1.1\r\n"
                    + "Host: 127.0.0.1\r\nConnection: close\r\nAuthorization: Bearer " + RunningDorada.TOKEN + "\r\n");
            if (!request.contentType().isEmpty()) {
                head.append("Content-Type: ").append(request.contentType()).append("\r\n");
            }
            head.append("Content-Length: ").append(request.body().length).append("\r\n\r\n");
            socket.getOutputStream().write(head.toString().getBytes(StandardCharsets.ISO_8859_1));
            socket.getOutputStream().write(request.body());
            socket.getOutputStream().flush();
            InputStream in = socket.getInputStream();
            return new String(in.readNBytes(200_000), StandardCharsets.UTF_8);
        }
    }
}
