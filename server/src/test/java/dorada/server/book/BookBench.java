package dorada.server.book;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.core.antenna.Carrier;
import dorada.core.book.Traits;
import dorada.core.design.QuarterWaveDesign;
import dorada.server.ApiTest;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.SpringBootTest.WebEnvironment;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.http.HttpHeaders;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.TestPropertySource;

/**
 * {@code ./dorada bench book --installations N --passes M}: a shop of so many invented installations and passes, its rows and index on
 * the disk, and how long searches, filters, likes and lists take, from a hundredth of it up. No time is asserted. Rows are written
 * straight into the tables; all passes share one sweep.
 */
@TestPropertySource(
        properties = {
            "spring.datasource.url=jdbc:h2:file:${java.io.tmpdir}/dorada-book-bench-${dorada.run}/dorada;"
                    + "WRITE_DELAY=0;DB_CLOSE_ON_EXIT=FALSE;QUERY_CACHE_SIZE=256;LOB_TIMEOUT=30000",
            "dorada.run=${random.uuid}",
            "dorada.invented-readings=true",
            // Else the answers of all requests are kept for the end.
            "spring.test.mockmvc.print=none"
        })
@SpringBootTest(webEnvironment = WebEnvironment.RANDOM_PORT)
class BookBench extends ApiTest {

    private static final int ASKED = 200;
    /** Slower ones; of fewer one slow answer would be the 95 %. */
    private static final int SELDOM_ASKED = 100;

    private static final List<String> OFTEN = List.of("tractor", "van", "harvester", "mast");

    @Autowired
    private JdbcTemplate database;

    @Autowired
    private Book book;

    @Autowired
    private BookKeeping keeping;

    @LocalServerPort
    private int port;

    private final HttpClient client = HttpClient.newHttpClient();
    private final Random random = new Random(1);
    private String token;
    private int often;

    @Test
    void measure() throws Exception {
        int most = Integer.getInteger("dorada.installations", 10_000);
        int passesOfEach = Integer.getInteger("dorada.passes", 0) / most;
        UUID template = template();
        token = read(send(post("/api/tokens"), lead, "{\"name\":\"bench\"}").andExpect(status().isCreated()), "$.text");
        System.out.printf(
                "%14s %23s %10s %10s %16s%n", "installations", "asked", "median ms", "95 % ms", "machine, 95 %/50");
        int there = 1;
        for (int wanted = Math.max(1000, most / 100); wanted <= most; wanted *= 10) {
            make(template, there, wanted, passesOfEach);
            there = wanted;
            long begun = System.nanoTime();
            keeping.makeIndexAnew();
            System.out.printf(
                    Locale.ROOT, "%14d index made anew in %.0f s%n", wanted, (System.nanoTime() - begun) / 1e9);
            int n = wanted;
            UUID one = UUID.fromString("%08d-0000-0000-0000-%012d".formatted(INSTALLATION, n / 2));
            row(wanted, "one word", () -> search("tractor"));
            row(wanted, "letter wrong", () -> search("harvestr " + random.nextInt(n)));
            row(wanted, "customer and channel", () -> search("grower " + random.nextInt(500) + " 153.05"));
            row(wanted, "length", () -> search((470 + random.nextInt(40)) + " mm"));
            row(
                    wanted,
                    "two filters",
                    () -> book.search(
                            "",
                            new Book.Filter(
                                    Optional.of("QUARTER_WAVE_WHIP"),
                                    Optional.of(Carrier.MAST),
                                    Optional.empty(),
                                    Optional.empty(),
                                    Optional.empty(),
                                    Optional.empty(),
                                    Optional.empty()),
                            0,
                            50));
            row(
                    wanted,
                    "like this one",
                    () -> book.like(
                            new Traits(
                                    QuarterWaveDesign.KIND,
                                    150e6 + random.nextInt(10) * 1e6,
                                    Carrier.VEHICLE,
                                    "steel roof " + random.nextInt(20),
                                    "whip"),
                            true));
            row(
                    wanted,
                    SELDOM_ASKED,
                    "page of the board",
                    () -> page("/api/installations?size=60&page=" + random.nextInt(10)));
            row(wanted, SELDOM_ASKED, "how many are how far", () -> page("/api/installations/counts"));
            row(
                    wanted,
                    SELDOM_ASKED,
                    "those being tuned",
                    () -> page("/api/installations?size=60&state=TUNING&page=" + random.nextInt(10)));
            row(
                    wanted,
                    SELDOM_ASKED,
                    "board with a word",
                    () -> page("/api/installations?size=60&search=harvester " + random.nextInt(100)));
            row(
                    wanted,
                    SELDOM_ASKED,
                    "board with many found",
                    () -> page("/api/installations?size=60&search=" + often()));
            row(
                    wanted,
                    SELDOM_ASKED,
                    "how many with a word",
                    () -> page("/api/installations/counts?search=harvester " + random.nextInt(100)));
            row(
                    wanted,
                    SELDOM_ASKED,
                    "how many of many found",
                    () -> page("/api/installations/counts?search=" + often()));
            row(
                    wanted,
                    SELDOM_ASKED,
                    "tuned, with a word",
                    () -> page("/api/installations?size=60&state=TUNING&search=harvester " + random.nextInt(100)));
            row(wanted, SELDOM_ASKED, "how much is due", () -> page("/api/due/count"));
            row(wanted, SELDOM_ASKED, "what is due", () -> page("/api/due"));
            row(wanted, SELDOM_ASKED, "passes of one", () -> page("/api/installations/" + one + "/passes"));
            row(wanted, SELDOM_ASKED, "numbers of the shop", () -> page("/api/numbers"));
            row(wanted, SELDOM_ASKED, "catalogue", () -> page("/api/catalogue"));
        }
    }

    /** Read once and signed off for a reason: its rows are what the others' are copied from. */
    private UUID template() throws Exception {
        String id = makeInstallation(10);
        measure(id, UUID.randomUUID(), 0).andExpect(status().isCreated());
        int version = read(getAs(viewer, "/api/installations/" + id), "$.version");
        postJson(
                        "/api/installations/" + id + "/sign-off",
                        "{\"version\":%d,\"passNumber\":1,\"remark\":\"\",\"reason\":\"in the bench\"}"
                                .formatted(version))
                .andExpect(status().isOk());
        while (database.queryForList("select 1 from book_entry where state = 'SIGNED_OFF_BY_JUDGEMENT'")
                .isEmpty()) {
            Thread.sleep(50);
        }
        return UUID.fromString(id);
    }

    /** As a page asks for it, with what it takes to write the answer and to send it. */
    private Object page(String path) {
        try {
            HttpRequest asked = HttpRequest.newBuilder(
                            URI.create("http://127.0.0.1:" + port + path.replace(" ", "%20")))
                    .header(HttpHeaders.AUTHORIZATION, "Bearer " + token)
                    .build();
            HttpResponse<byte[]> answer = client.send(asked, HttpResponse.BodyHandlers.ofByteArray());
            if (answer.statusCode() != 200) {
                throw new IllegalStateException(path + ": " + answer.statusCode());
            }
            return answer.body();
        } catch (IOException e) {
            throw new UncheckedIOException(path, e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What a quarter of the shop has: never twice the same in turn, which the database would remember. */
    private String often() {
        often = (often + 1) % OFTEN.size();
        return OFTEN.get(often);
    }

    private Object search(String text) {
        return book.search(text, Book.Filter.ANY, 0, 50);
    }

    private void row(int installations, String name, Supplier<Object> asks) {
        row(installations, ASKED, name, asks);
    }

    private void row(int installations, int asked, String name, Supplier<Object> asks) {
        double[] ms = new double[asked];
        double[] machineMs = new double[asked];
        for (int i = -asked / 4; i < asked; i++) {
            machineMs[Math.max(0, i)] = ms(this::sameSum);
            ms[Math.max(0, i)] = ms(asks);
        }
        Arrays.sort(ms);
        Arrays.sort(machineMs);
        int late = asked * 95 / 100;
        System.out.printf(
                Locale.ROOT,
                "%14d %23s %10.1f %10.1f %16.1f%n",
                installations,
                name,
                ms[asked / 2],
                ms[late],
                machineMs[late] / machineMs[asked / 2]);
    }

    private static double ms(Supplier<Object> asks) {
        long begun = System.nanoTime();
        asks.get();
        return (System.nanoTime() - begun) / 1e6;
    }

    /** Always the same work, and no memory: what it takes now and then more says how even the machine is meanwhile. */
    private Object sameSum() {
        long sum = often;
        for (int i = 0; i < 2_000_000; i++) {
            sum = sum * 6364136223846793005L + i;
        }
        return sum;
    }

    /** Numbers {@code from} to {@code to}, as the template is but for their names, figures and days; eight in ten are signed off. */
    private void make(UUID template, int from, int to, int passesOfEach) {
        copied("installation", "t.id = ?", template, from, to, column -> switch (column) {
            case "ID" -> id(INSTALLATION, "x");
            case "SHOP_NUMBER" -> "100000 + x";
            case "TITLE" -> TITLE;
            case "CUSTOMER" -> CUSTOMER;
            case "SIGNED_OFF" -> IS_SIGNED_OFF;
            case "FOUND_WORDS" ->
                "lower('fs-' || (100000 + x) || chr(10) || " + TITLE + " || chr(10) || " + CUSTOMER + ")";
            case "RECHECK_ON" ->
                "case when " + IS_SIGNED_OFF + " then cast(dateadd(month, 12, " + at(0) + ") as date) end";
            case "CREATED_AT" -> at(3);
            default -> "t." + column;
        });
        copied("wanted_channel", "t.installation_id = ?", template, from, to, column -> switch (column) {
            case "INSTALLATION_ID" -> id(INSTALLATION, "x");
            default -> "t." + column;
        });
        copied("visit", "t.installation_id = ?", template, from, to, column -> switch (column) {
            case "ID" -> id(VISIT, "x");
            case "INSTALLATION_ID" -> id(INSTALLATION, "x");
            case "OPENED_AT" -> at(3);
            default -> "t." + column;
        });
        copied(
                "sign_off",
                IS_SIGNED_OFF + " and t.visit_id = (select id from visit where installation_id = ?)",
                template,
                from,
                to,
                column -> switch (column) {
                    case "VISIT_ID" -> id(VISIT, "x");
                    case "SIGNED_AT" -> at(0);
                    default -> "t." + column;
                });
        if (passesOfEach > 0) {
            int last = to * passesOfEach;
            for (int first = from * passesOfEach; first < last; first += PASSES_AT_ONCE) {
                passes(template, passesOfEach, first, Math.min(last, first + PASSES_AT_ONCE));
            }
        }
        String open = passesOfEach > 0 ? "TUNING" : "PLANNED";
        copied("book_entry", "t.installation_id = ?", template, from, to, column -> switch (column) {
            case "INSTALLATION_ID" -> id(INSTALLATION, "x");
            case "SHOP_NUMBER" -> "100000 + x";
            case "TITLE" -> TITLE;
            case "CUSTOMER" -> CUSTOMER;
            case "PASS_COUNT" -> String.valueOf(passesOfEach);
            case "STATE" -> "case when " + IS_SIGNED_OFF + " then t.state else '" + open + "' end";
            case "MOUNT" -> "'steel roof ' || mod(x, 20)";
            case "CARRIER" -> "case mod(x, 5) when 0 then 'MAST' else 'VEHICLE' end";
            case "KIND" ->
                "case mod(x, 3) when 0 then 'QUARTER_WAVE_WHIP' when 1 then 'GROUND_PLANE' else 'DIPOLE' end";
            case "MIDDLE_HZ" -> "140e6 + mod(x, 40) * 1e6";
            case "CHANNELS" ->
                "(153050000 + mod(x, 100) * 25000) || '.0 ' || (157450000 + mod(x, 100) * 25000) || '.0'";
            case "WORDS" -> "'Depth mark filed at number ' || mod(x, 997) || ', sealed, cap on, read by the gate'";
            case "FAULTS" -> "case mod(x, 7) when 0 then 'hypothesis.TOO_LONG' else '' end";
            case "FINAL_LENGTH_M" -> "0.46 + mod(x, 60) / 1000.0";
            case "LENGTH_RATIO" -> "1.0 + mod(x, 20) / 100.0";
            case "LENGTH_RATIO_DOUBT" -> "0.03";
            case "SIGNED_AT" -> "case when " + IS_SIGNED_OFF + " then " + at(0) + " end";
            case "TOUCHED_AT" -> at(0);
            case "PLANNED_AT" -> at(3);
            case "MET" -> "true";
            default -> "t." + column;
        });
        database.execute("analyze");
    }

    /** All with the same sweep, each with its verdict. */
    private void passes(UUID template, int ofEach, int from, int to) {
        copied("tuning_pass", "t.installation_id = ? and t.newest", template, from, to, column -> switch (column) {
            case "ID" -> id(PASS, "x");
            case "INSTALLATION_ID" -> id(INSTALLATION, "(x / " + ofEach + ")");
            case "NUMBER" -> "mod(x, %d) + 1".formatted(ofEach);
            case "NEWEST" -> "mod(x, %1$d) = %1$d - 1".formatted(ofEach);
            case "REQUEST_KEY" -> id(PASS, "x");
            default -> "t." + column;
        });
        copied(
                "pass_judgement",
                "t.pass_id = (select id from tuning_pass where installation_id = ? and newest)",
                template,
                from,
                to,
                column -> switch (column) {
                    case "PASS_ID" -> id(PASS, "x");
                    default -> "t." + column;
                });
    }

    private static final int INSTALLATION = 1;
    private static final int VISIT = 2;
    private static final int PASS = 3;
    private static final int PASSES_AT_ONCE = 100_000;
    private static final String IS_SIGNED_OFF = "mod(x, 10) < 8";
    private static final String TITLE =
            "case mod(x, 4) when 0 then 'Tractor ' when 1 then 'Van ' when 2 then 'Harvester ' else 'Mast ' end || x";
    private static final String CUSTOMER = "'Grower ' || mod(x, 500)";

    private static String id(int of, String number) {
        return "cast('%08d-0000-0000-0000-' || lpad(%s, 12, '0') as uuid)".formatted(of, number);
    }

    /** Spread over five years, and {@code days} before. */
    private static String at(int days) {
        return "dateadd(day, -%d, dateadd(minute, -mod(x * 7919, 5 * 525600), current_timestamp))".formatted(days);
    }

    private interface Told {
        String as(String column);
    }

    private void copied(String table, String which, UUID template, int from, int to, Told told) {
        List<String> columns = database.queryForList(
                "select column_name from information_schema.columns where table_name = ?",
                String.class,
                table.toUpperCase(Locale.ROOT));
        String values = String.join(", ", columns.stream().map(told::as).toList());
        database.update(
                "insert into %s (%s) select %s from %s t cross join system_range(%d, %d) where %s"
                        .formatted(table, String.join(", ", columns), values, table, from, to - 1, which),
                template);
    }
}
