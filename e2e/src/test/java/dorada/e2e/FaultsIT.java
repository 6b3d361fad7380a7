package dorada.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Isolated;

/** The disk fills up under the server and gets room again; {@code ./dorada bench faults} runs this and {@link KeepingIT}. */
@Tag("trial")
@Isolated
class FaultsIT {

    /** The index is on the disk a second after a row. */
    private static final int SETTLED_MS = 3000;

    private static boolean run(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).inheritIO().start();
        return process.waitFor(30, TimeUnit.SECONDS) && process.exitValue() == 0;
    }

    @Test
    void aFullDiskIsSaidAndNothingNeedsARestart() throws Exception {
        Path disk = Files.createTempDirectory("dorada-full");
        Assumptions.assumeTrue(
                run("mount", "-t", "tmpfs", "-o", "size=40m", "tmpfs", disk.toString()),
                "no small disk can be made on this machine, so nothing is known about full ones");
        try {
            Path data = Files.createDirectory(disk.resolve("data"));
            try (RunningDorada dorada = RunningDorada.demoIn(data)) {
                String path = "/api/installations/"
                        + Shop.field(
                                dorada.postJson("/api/installations", Shop.installation())
                                        .body(),
                                "id")
                        + "/passes";
                UUID lost = UUID.randomUUID();
                // Nothing is being written when the room ends; what a disk does that fills up under a write is not
                // tried here.
                awaitInTheBook(dorada);
                Thread.sleep(SETTLED_MS);
                fill(disk.resolve("filler"));
                var refused = dorada.postJson(path, Shop.pass(lost, 0));
                assertThat(refused.statusCode()).isEqualTo(507);
                assertThat(refused.body()).contains("disk").contains("full");
                for (String look : List.of("/api/installations", path, "/api/book?search=jetty")) {
                    assertThat(lookedAt(dorada, look)).as(look).isEqualTo(200);
                }
                assertThat(dorada.postJson("/api/advice", Shop.advice()).statusCode())
                        .isEqualTo(200);
                assertThat(dorada.get("/actuator/health").body()).contains("The disk is full.");
                Files.delete(disk.resolve("filler"));
                var kept = dorada.postJson(path, Shop.pass(lost, 0));
                assertThat(kept.statusCode()).as(kept.body()).isEqualTo(201);
                assertThat(dorada.get(path).body().split("\"number\":1,", -1)).hasSize(2);
                // What the index had no room for comes as well.
                awaitInTheBook(dorada);
                System.out.println(
                        "Disk full: 507 with a sentence, looking and advice went on; room again: recorded, no restart");
            }
        } finally {
            run("umount", disk.toString());
        }
    }

    private static void awaitInTheBook(RunningDorada dorada) throws IOException, InterruptedException {
        long until = System.nanoTime() + Duration.ofSeconds(60).toNanos();
        while (!dorada.get("/api/book?search=trial").body().contains("Trial")) {
            assertThat(System.nanoTime()).as("the book finds it").isLessThan(until);
            Thread.sleep(250);
        }
    }

    /** What was just being written when the room ended closes the database, once: that is said, and whoever asks again sees. */
    private static int lookedAt(RunningDorada dorada, String path) throws IOException, InterruptedException {
        long until = System.nanoTime() + Duration.ofSeconds(10).toNanos();
        int status = dorada.get(path).statusCode();
        while ((status == 503 || status == 507) && System.nanoTime() < until) {
            Thread.sleep(100);
            status = dorada.get(path).statusCode();
        }
        return status;
    }

    /** To the last byte. */
    private static void fill(Path file) throws IOException {
        try (OutputStream out = Files.newOutputStream(file)) {
            for (int size = 1 << 16; size > 0; size /= 2) {
                byte[] some = new byte[size];
                try {
                    while (true) {
                        out.write(some);
                    }
                } catch (IOException e) {
                    // Full for pieces of this size; smaller ones may still fit.
                    continue;
                }
            }
        }
    }
}
