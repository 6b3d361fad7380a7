package dorada.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** One shop on two servers and one PostgreSQL: the work goes on when one of them is gone. */
class SeveralServersIT {

    private static final List<String[]> CHANNELS =
            List.of(new String[] {"Field", "153.05"}, new String[] {"Base", "157.45"});

    private static final String LONG = """
            {"wires":[%s],"ground":"none","feed":{"wire":0,"position":0.5},"frequenciesHz":[%s]}""";

    private static SharedShop shop;
    private static RunningDorada first;
    private static RunningDorada second;
    private static Proxy proxy;
    private static Desk desk;

    @BeforeAll
    static void open() throws Exception {
        shop = new SharedShop(2);
        first = shop.server(0);
        second = shop.server(1);
        proxy = new Proxy(first.port(), second.port());
        desk = new Desk();
    }

    @AfterAll
    static void close() throws Exception {
        desk.close();
        proxy.close();
        shop.close();
    }

    /**
     * As the server asks (its FoundIn), for whatever text; a few rows are read sooner than any index, so the plan is asked for as if there
     * were many.
     */
    @Test
    void theBoardIsSearchedOutOfAnIndex() throws Exception {
        String plan = shop.database("""
                set enable_seqscan = off;
                set plan_cache_mode = force_generic_plan;
                prepare found(text) as select id from installation where (found_words like
                    '%' || replace(replace(replace($1, '\\', '\\\\'), '%', '\\%'), '_', '\\_') || '%' escape '\\');
                explain execute found('ractor')""");
        assertThat(plan).contains("Bitmap Index Scan on installation_found");
        assertThat(first.get("/api/installations?search=ractor%207").body()).contains("Tractor 7");
        // What the database would take for any letters is a letter.
        assertThat(first.get("/api/installations?search=ract_r").body()).isEqualTo("[]");
        assertThat(first.get("/api/installations?search=tr%25").body()).isEqualTo("[]");
        assertThat(first.get("/api/installations?search=%5C").body()).isEqualTo("[]");
    }

    @Test
    void theMainJobWhileOneOfTwoServersIsKilled() throws Exception {
        Technician ines = new Technician(desk.page(), proxy.address()).signsIn("ines");
        ines.makesAnInstallation("Pick-up 41", "1.6", CHANNELS);
        ines.takesTheBaseline();
        Technician bruno = new Technician(desk.page(), second.address()).signsIn("bruno");
        bruno.finds("Pick-up 41");
        Technician noa = new Technician(desk.page(), first.address()).signsIn("noa");
        noa.finds("Pick-up 41");
        // Each on another server, and each knows of the other.
        assertThat(bruno.page().getByText("Noa").first()).isVisible();
        assertThat(noa.page().getByText("Bruno").first()).isVisible();
        int pass = 1;
        ines.doesAsAdvised(++pass);
        assertThat(bruno.passes()).hasCount(pass);
        assertThat(noa.passes()).hasCount(pass);

        String job =
                Shop.field(first.postLong("/api/models/impedance", longWork()).body(), "id");
        first.kill();

        while (!ines.isGoodEnough()) {
            assertThat(pass).as("passes until good enough").isLessThan(6);
            ines.doesAsAdvised(++pass);
        }
        ines.makesItPermanent(++pass);
        ines.signsOff("Depth mark filed, cap on.");
        assertThat(bruno.sentence()).containsText("Signed off on pass " + pass);
        assertThat(ines.button("Customer’s copy (PDF)", AriaRole.LINK)).isVisible();
        // What the one computed the other has taken over, and the book of the other has what was written meanwhile.
        requireDone(job);
        assertThat(second.get("/api/book?words=" + "Pick-up%2041").body()).contains("Pick-up 41");

        // The one that was gone comes back with an old index, and knows.
        first.started();
        assertThat(first.get("/api/installations").body()).contains("Pick-up 41");
    }

    /** Two who record on one installation at once, each through another server, are told apart by number; nothing is lost. */
    @Test
    void twoWhoRecordAtOnceOnTwoServers() throws Exception {
        String installation = Shop.field(
                second.postJson("/api/installations", Shop.installation()).body(), "id");
        List<Thread> both = List.of(recorder(first, installation), recorder(second, installation));
        both.forEach(Thread::start);
        for (Thread one : both) {
            one.join();
        }
        // The same entry sent twice, by whatever ways, is recorded once.
        String twice = Shop.pass(UUID.randomUUID(), -0.0001);
        List<Thread> again = List.of(sender(first, installation, twice), sender(second, installation, twice));
        again.forEach(Thread::start);
        for (Thread one : again) {
            one.join();
        }
        String passes =
                second.get("/api/installations/" + installation + "/passes").body();
        assertThat(passes.split("\"visit\":", -1)).hasSize(2 * EACH + 2);
        for (int number = 1; number <= 2 * EACH + 1; number++) {
            assertThat(passes.split("\"number\":" + number + ",\"visit\"", -1))
                    .as("pass " + number)
                    .hasSize(2);
        }
    }

    private static final int EACH = 6;

    private static Thread recorder(RunningDorada server, String installation) {
        return new Thread(() -> {
            for (int i = 0; i < EACH; i++) {
                sender(server, installation, Shop.pass(UUID.randomUUID(), -0.0001))
                        .run();
            }
        });
    }

    private static Thread sender(RunningDorada server, String installation, String pass) {
        return new Thread(() -> {
            try {
                server.postJson("/api/installations/" + installation + "/passes", pass);
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
    }

    /** Wires enough to take some seconds. */
    private static String longWork() {
        StringBuilder wires = new StringBuilder();
        for (int i = 0; i < 40; i++) {
            wires.append(i == 0 ? "" : ",")
                    .append("{\"fromM\":[%s,0,-0.5],\"toM\":[%s,0,0.5],\"radiusM\":0.001}".formatted(i * 0.4, i * 0.4));
        }
        StringBuilder frequencies = new StringBuilder();
        for (int i = 0; i < 10; i++) {
            frequencies.append(i == 0 ? "" : ",").append(400_000_000L + i * 1_000_000L);
        }
        return LONG.formatted(wires, frequencies);
    }

    private static void requireDone(String job) throws Exception {
        String state = "";
        for (int i = 0; i < 240 && !state.contains("\"DONE\""); i++) {
            Thread.sleep(250);
            state = second.get("/api/jobs/" + job).body();
        }
        assertThat(state).contains("\"DONE\"").contains("\"points\"");
    }
}
