package dorada.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.TimeUnit;

/**
 * What every start of these tests would make anew: the application unpacked and its classes recorded, as {@code ./dorada} has it, and
 * the demo's data as a first start leaves them.
 */
final class Prepared {

    private static Prepared once;

    private final Path app;
    private final Path archive;
    private final Path demo;

    private Prepared(Path root) throws Exception {
        Path jar = Path.of(System.getProperty("dorada.jar"));
        app = root.resolve("app");
        archive = root.resolve("dorada.jsa");
        demo = root.resolve("demo");
        Process unpacked = new ProcessBuilder(
                        RunningDorada.java(),
                        "-Djarmode=tools",
                        "-jar",
                        jar.toString(),
                        "extract",
                        "--destination",
                        app.toString())
                .inheritIO()
                .start();
        if (!unpacked.waitFor(1, TimeUnit.MINUTES) || unpacked.exitValue() != 0) {
            throw new IllegalStateException("The application could not be unpacked.");
        }
        for (String started : List.of("java.options", "compiler.json")) {
            Files.copy(Path.of(System.getProperty("dorada.server"), started), app.resolve(started));
        }
        Files.createDirectories(demo);
        RunningDorada.first(this, demo).stopped();
    }

    /** The first who asks waits for it. */
    static synchronized Prepared once() throws Exception {
        if (once == null) {
            Path root = Files.createTempDirectory("dorada-e2e-prepared");
            Runtime.getRuntime().addShutdownHook(new Thread(() -> delete(root)));
            once = new Prepared(root);
        }
        return once;
    }

    Path app() {
        return app;
    }

    Path jar() {
        return app.resolve(Path.of(System.getProperty("dorada.jar")).getFileName());
    }

    /** Options of a start: the first one records which classes there are, the others share them. */
    List<String> classes() {
        return Files.exists(archive)
                ? List.of("-XX:SharedArchiveFile=" + archive, "-Xshare:auto")
                : List.of("-XX:ArchiveClassesAtExit=" + archive, "-Xlog:cds=off", "-Xlog:cds+dynamic=off");
    }

    /** A data folder of its own with the demo in it. */
    Path demoData() throws IOException {
        Path data = Files.createTempDirectory("dorada-e2e");
        Path from = demo.resolve("demo");
        try (var files = Files.walk(from)) {
            for (Path file : files.toList()) {
                Files.copy(
                        file, data.resolve("demo").resolve(from.relativize(file).toString()));
            }
        }
        return data;
    }

    static void delete(Path folder) {
        try (var files = Files.walk(folder)) {
            files.sorted(Comparator.reverseOrder()).map(Path::toFile).forEach(f -> f.delete());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
