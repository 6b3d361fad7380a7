package dorada.server.book;

import dorada.core.antenna.Carrier;
import dorada.core.book.Traits;
import dorada.core.design.QuarterWaveDesign;
import dorada.server.ApiTest;
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
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.TestPropertySource;

/**
 * {@code ./dorada bench book --installations N}: a shop of so many invented installations, its rows and index on the disk, and how long
 * searches, filters and likes take, from a hundredth of it up. Nothing is asserted. Rows are written straight into the tables: passes,
 * which no search reads, are not made.
 */
@TestPropertySource(
        properties = {
            "spring.datasource.url=jdbc:h2:file:${java.io.tmpdir}/dorada-book-bench-${dorada.run}/dorada;WRITE_DELAY=0",
            "dorada.run=${random.uuid}"
        })
@SpringBootTest
class BookBench extends ApiTest {

    private static final int ASKED = 200;
    private static final int SELDOM_ASKED = 20;

    @Autowired
    private JdbcTemplate database;

    @Autowired
    private Book book;

    @Autowired
    private BookKeeping keeping;

    private final Random random = new Random(1);

    @Test
    void measure() throws Exception {
        int most = Integer.getInteger("dorada.installations", 10_000);
        UUID template = UUID.fromString(makeInstallation(1.6));
        while (database.queryForObject("select count(*) from book_entry", Integer.class) == 0) {
            Thread.sleep(50);
        }
        System.out.printf("%14s %22s %10s %10s%n", "installations", "asked", "median ms", "95 % ms");
        int there = 1;
        for (int wanted = Math.max(1000, most / 100); wanted <= most; wanted *= 10) {
            make(template, there, wanted);
            there = wanted;
            long begun = System.nanoTime();
            keeping.makeIndexAnew();
            System.out.printf(
                    Locale.ROOT, "%14d index made anew in %.0f s%n", wanted, (System.nanoTime() - begun) / 1e9);
            int n = wanted;
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
            row(wanted, SELDOM_ASKED, "page of the board", () -> page("/api/installations?size=60"));
            row(wanted, SELDOM_ASKED, "numbers of the shop", () -> page("/api/numbers"));
            row(wanted, SELDOM_ASKED, "catalogue", () -> page("/api/catalogue"));
        }
    }

    /** As a page asks for it, with what it takes to write the answer. */
    private Object page(String path) {
        try {
            return getAs(lead, path).andReturn().getResponse().getContentAsByteArray();
        } catch (Exception e) {
            throw new IllegalStateException(path, e);
        }
    }

    private Object search(String text) {
        return book.search(text, Book.Filter.ANY, 0, 50);
    }

    private void row(int installations, String name, Supplier<Object> asks) {
        row(installations, ASKED, name, asks);
    }

    private void row(int installations, int asked, String name, Supplier<Object> asks) {
        double[] ms = new double[asked];
        for (int i = -asked / 4; i < asked; i++) {
            long begun = System.nanoTime();
            asks.get();
            ms[Math.max(0, i)] = (System.nanoTime() - begun) / 1e6;
        }
        Arrays.sort(ms);
        System.out.printf(
                Locale.ROOT, "%14d %22s %10.1f %10.1f%n", installations, name, ms[asked / 2], ms[asked * 95 / 100]);
    }

    /** Numbers {@code from} to {@code to}, as the template is but for their names and figures. */
    private void make(UUID template, int from, int to) {
        copied("installation", "id", template, from, to, column -> switch (column) {
            case "ID" -> "random_uuid()";
            case "SHOP_NUMBER" -> "100000 + x";
            default -> "t." + column;
        });
        copied("book_entry", "installation_id", template, from, to, column -> switch (column) {
            case "INSTALLATION_ID" -> "(select id from installation where shop_number = 100000 + x)";
            case "SHOP_NUMBER" -> "100000 + x";
            case "TITLE" ->
                "case mod(x, 4) when 0 then 'Tractor ' when 1 then 'Van ' when 2 then 'Harvester ' else 'Mast ' end || x";
            case "CUSTOMER" -> "'Grower ' || mod(x, 500)";
            case "MOUNT" -> "'steel roof ' || mod(x, 20)";
            case "CARRIER" -> "case mod(x, 5) when 0 then 'MAST' else 'VEHICLE' end";
            case "KIND" ->
                "case mod(x, 3) when 0 then 'QUARTER_WAVE_WHIP' when 1 then 'GROUND_PLANE' else 'DIPOLE' end";
            case "MIDDLE_HZ" -> "140e6 + mod(x, 40) * 1e6";
            case "CHANNELS" ->
                "(153050000 + mod(x, 100) * 25000) || '.0 ' || (157450000 + mod(x, 100) * 25000) || '.0'";
            case "WORDS" -> "'Depth mark filed at number ' || mod(x, 997) || ', sealed, cap on, read by the gate'";
            case "FINAL_LENGTH_M" -> "0.46 + mod(x, 60) / 1000.0";
            case "LENGTH_RATIO" -> "1.0 + mod(x, 20) / 100.0";
            case "LENGTH_RATIO_DOUBT" -> "0.03";
            case "SIGNED_AT" -> "dateadd(minute, x, timestamp '2020-01-01 00:00:00')";
            case "MET" -> "true";
            default -> "t." + column;
        });
    }

    private interface Told {
        String as(String column);
    }

    private void copied(String table, String key, UUID template, int from, int to, Told told) {
        List<String> columns = database.queryForList(
                "select column_name from information_schema.columns where table_name = ?",
                String.class,
                table.toUpperCase(Locale.ROOT));
        if (table.equals("installation")) {
            database.execute("create index if not exists by_number on installation (shop_number)");
        }
        String values = String.join(", ", columns.stream().map(told::as).toList());
        database.update(
                "insert into %s (%s) select %s from %s t cross join system_range(%d, %d) where t.%s = ?"
                        .formatted(table, String.join(", ", columns), values, table, from, to - 1, key),
                template);
    }
}
