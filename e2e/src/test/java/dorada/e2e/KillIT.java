package dorada.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * The process is killed in the middle of work, as a power cut would: what was acknowledged is there once, what was not can be sent
 * again. {@code ./dorada bench kill --times N} does it N times.
 */
@Tag("trial")
class KillIT {

    private static final int TIMES = Integer.getInteger("dorada.times", 3);
    private static final int WRITERS = 3;

    /** Lists of passes grow; a new installation now and then keeps the trial about killing. */
    private static final int KILLS_ON_ONE = 5;

    private static final Pattern NUMBER = Pattern.compile("\"number\":(\\d+),\"visit\"");

    @Test
    void whatWasAcknowledgedIsThereOnce() throws Exception {
        Random random = new Random(Long.getLong("dorada.seed", 1));
        int acknowledgedInAll = 0;
        int unanswered = 0;
        try (RunningDorada dorada = RunningDorada.demo()) {
            String installation = "";
            Set<String> acknowledged = ConcurrentHashMap.newKeySet();
            for (int time = 0; time < TIMES; time++) {
                if (time % KILLS_ON_ONE == 0) {
                    installation = Shop.field(
                            dorada.postJson("/api/installations", Shop.installation())
                                    .body(),
                            "id");
                    acknowledged.clear();
                }
                List<Writer> writers = new ArrayList<>();
                for (int i = 0; i < WRITERS; i++) {
                    Writer writer = new Writer(dorada, installation, acknowledged);
                    writer.start();
                    writers.add(writer);
                }
                Thread.sleep(100 + random.nextInt(900));
                dorada.kill();
                for (Writer writer : writers) {
                    writer.join();
                }
                dorada.started();
                int before = acknowledged.size();
                for (Writer writer : writers) {
                    if (writer.open != null) {
                        unanswered++;
                        var answer = dorada.postJson(
                                "/api/installations/" + installation + "/passes", Shop.pass(writer.open, -0.0001));
                        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(201);
                        acknowledged.add(Shop.field(answer.body(), "id"));
                    }
                }
                acknowledgedInAll += before;
                requireEachOnce(dorada, installation, acknowledged);
                if ((time + 1) % 10 == 0) {
                    System.out.println((time + 1) + " kills so far, nothing lost of " + acknowledgedInAll);
                }
            }
        }
        System.out.println(TIMES + " kills: " + acknowledgedInAll + " acknowledged passes looked for, each there once; "
                + unanswered + " without an answer were sent again and are there once");
    }

    private static void requireEachOnce(RunningDorada dorada, String installation, Set<String> acknowledged)
            throws Exception {
        String passes =
                dorada.get("/api/installations/" + installation + "/passes").body();
        for (String id : acknowledged) {
            assertThat(passes.split("\"id\":\"" + id, -1)).as(id).hasSize(2);
        }
        // Neither torn nor twice: as many as were acknowledged, numbered without a gap, and each one's trace can be
        // read.
        List<Integer> numbers = NUMBER.matcher(passes)
                .results()
                .map((MatchResult m) -> Integer.valueOf(m.group(1)))
                .toList();
        assertThat(numbers).hasSameSizeAs(acknowledged);
        for (int i = 0; i < numbers.size(); i++) {
            assertThat(numbers.get(i)).isEqualTo(i + 1);
        }
        for (String id : acknowledged) {
            assertThat(dorada.get("/api/passes/" + id + "/touchstone").statusCode())
                    .isEqualTo(200);
        }
    }

    /** Records until the server is gone. */
    private static final class Writer extends Thread {

        private final RunningDorada dorada;
        private final String installation;
        private final Set<String> acknowledged;
        private volatile UUID open;

        Writer(RunningDorada dorada, String installation, Set<String> acknowledged) {
            this.dorada = dorada;
            this.installation = installation;
            this.acknowledged = acknowledged;
        }

        @Override
        public void run() {
            try {
                while (true) {
                    open = UUID.randomUUID();
                    var answer =
                            dorada.postJson("/api/installations/" + installation + "/passes", Shop.pass(open, -0.0001));
                    if (answer.statusCode() == 201) {
                        acknowledged.add(Shop.field(answer.body(), "id"));
                        open = null;
                    }
                }
            } catch (IOException e) {
                // Killed: whether it was recorded nobody knows.
                return;
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }
    }
}
