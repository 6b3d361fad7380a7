package dorada.e2e;

import java.io.File;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** The packed application in a process of its own, with a data folder of its own, on a free port of 127.0.0.1. */
final class RunningDorada implements AutoCloseable {

    static final String TOKEN = "token-of-the-browser-tests";
    static final String DEMO_PASSWORD = "candela-demo";

    /** Every stand-in antenna alike: no luck of the draw in these tests. */
    private static final int MOST_LINES = 60;

    private static final long STAND_IN_SEED = 7;

    /** A machine that others slow down takes long over a start; one that fails ends by itself. */
    private static final Duration PATIENCE = Duration.ofMinutes(8);

    private static final Queue<RunningDorada> IDLE = new ConcurrentLinkedQueue<>();

    static {
        Runtime.getRuntime().addShutdownHook(new Thread(() -> IDLE.forEach(RunningDorada::ended)));
    }

    private final Path data;
    private final String profile;
    private final HttpClient http = HttpClient.newHttpClient();
    private final String database;
    private Prepared prepared;
    private Process process;
    private int port;
    private boolean isHandedOn;

    private RunningDorada(String profile, Path data, String database) {
        this.profile = profile;
        this.data = data;
        this.database = database;
    }

    static RunningDorada demo() throws Exception {
        return new RunningDorada("demo", Prepared.once().demoData(), null).started();
    }

    /**
     * The demo as others have already worked in it, for tests that only add to it; a start costs more than most of them. Afterwards the
     * next ones have it.
     */
    static RunningDorada demoInUse() throws Exception {
        RunningDorada idle = IDLE.poll();
        if (idle != null) {
            return idle;
        }
        RunningDorada started = demo();
        started.isHandedOn = true;
        return started;
    }

    /** The one from which the others have their classes and the demo's data. */
    static RunningDorada first(Prepared prepared, Path data) throws Exception {
        RunningDorada first = new RunningDorada("demo", data, null);
        first.prepared = prepared;
        return first.started();
    }

    static String java() {
        return Path.of(System.getProperty("java.home"), "bin", "java").toString();
    }

    static RunningDorada shop() throws Exception {
        return new RunningDorada("shop", Files.createTempDirectory("dorada-e2e"), null).started();
    }

    /** The demo with its data in {@code data}, which stays. */
    static RunningDorada demoIn(Path data) throws Exception {
        return new RunningDorada("demo", data, null).started();
    }

    /** The demo of a shop with several servers on the PostgreSQL at {@code database}. */
    static RunningDorada sharing(String database) throws Exception {
        return new RunningDorada("demo,shared", Files.createTempDirectory("dorada-e2e"), database).started();
    }

    RunningDorada started() throws Exception {
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        if (prepared == null) {
            prepared = Prepared.once();
        }
        // As ./dorada starts it.
        List<String> command = new ArrayList<>(List.of(java(), "-Xms384m", "-Xmx384m", "@java.options"));
        command.addAll(prepared.classes());
        command.addAll(List.of(
                "-jar",
                prepared.jar().toString(),
                "--spring.profiles.active=" + profile,
                "--dorada.stand-in-seed=" + STAND_IN_SEED));
        ProcessBuilder builder = new ProcessBuilder(command);
        builder.directory(prepared.app().toFile());
        builder.environment().put("DORADA_DATA", data.toString());
        builder.environment().put("DORADA_PORT", Integer.toString(port));
        builder.environment().put("DORADA_DEMO_TOKEN", TOKEN);
        builder.environment().put("DORADA_STANDIN_PORT", "0");
        if (database != null) {
            builder.environment().put("DORADA_DATABASE", database);
        }
        File log = data.resolve("server.log").toFile();
        builder.redirectErrorStream(true).redirectOutput(ProcessBuilder.Redirect.appendTo(log));
        process = builder.start();
        long until = System.nanoTime() + PATIENCE.toNanos();
        while (!isHealthy()) {
            if (!process.isAlive() || System.nanoTime() > until) {
                throw new IllegalStateException("Dorada did not start:\n" + Files.readString(log.toPath()));
            }
            Thread.sleep(250);
        }
        return this;
    }

    private boolean isHealthy() throws InterruptedException {
        try {
            return get("/actuator/health").body().contains("\"UP\"");
        } catch (IOException e) {
            return false;
        }
    }

    Path data() {
        return data;
    }

    /** What the server has written so far. */
    String log() throws IOException {
        return Files.readString(data.resolve("server.log"));
    }

    String address() {
        return "http://127.0.0.1:" + port;
    }

    int port() {
        return port;
    }

    /** Ends the process as a power cut would: no shutdown hook runs. */
    void kill() throws InterruptedException {
        process.destroyForcibly();
        process.waitFor(1, TimeUnit.MINUTES);
    }

    HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return http.send(request(path).build(), HttpResponse.BodyHandlers.ofString());
    }

    HttpResponse<String> postJson(String path, String json) throws IOException, InterruptedException {
        return http.send(
                request(path)
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString(json))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    /** Asks for a long computation, which is not waited for. */
    HttpResponse<String> postLong(String path, String json) throws IOException, InterruptedException {
        return http.send(
                request(path)
                        .header("Content-Type", "application/json")
                        .header("Prefer", "respond-async")
                        .POST(HttpRequest.BodyPublishers.ofString(json))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    /** Sends one file as a form does. */
    HttpResponse<String> postFile(String path, String fileName, byte[] bytes) throws IOException, InterruptedException {
        String boundary = "----dorada";
        byte[] head = ("--" + boundary + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"" + fileName
                        + "\"\r\nContent-Type: application/octet-stream\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8);
        byte[] tail = ("\r\n--" + boundary + "--\r\n").getBytes(StandardCharsets.UTF_8);
        return http.send(
                request(path)
                        .header("Content-Type", "multipart/form-data; boundary=" + boundary)
                        .POST(HttpRequest.BodyPublishers.concat(
                                HttpRequest.BodyPublishers.ofByteArray(head),
                                HttpRequest.BodyPublishers.ofByteArray(bytes),
                                HttpRequest.BodyPublishers.ofByteArray(tail)))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(address() + path))
                .timeout(Duration.ofSeconds(60))
                .header("Authorization", "Bearer " + TOKEN);
    }

    /** Ends the server and leaves its data. */
    void stopped() throws InterruptedException {
        process.destroy();
        if (!process.waitFor(1, TimeUnit.MINUTES)) {
            kill();
        }
    }

    @Override
    public void close() {
        if (isHandedOn && process.isAlive()) {
            IDLE.add(this);
        } else {
            ended();
        }
    }

    /** What the server itself could not answer would be gone with its data. */
    private void printTrouble() {
        try (Stream<String> lines = Files.lines(data.resolve("server.log"))) {
            lines.dropWhile(l -> !l.contains("Unexpected trouble"))
                    .limit(MOST_LINES)
                    .forEach(System.out::println);
        } catch (IOException e) {
            System.out.println("What the server wrote can't be read: " + e.getMessage());
        }
    }

    private void ended() {
        try {
            stopped();
        } catch (InterruptedException e) {
            process.destroyForcibly();
            Thread.currentThread().interrupt();
        }
        printTrouble();
        Prepared.delete(data);
    }
}
