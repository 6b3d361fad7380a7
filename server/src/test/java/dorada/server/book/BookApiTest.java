package dorada.server.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.contains;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import dorada.core.tuning.TrimPrior;
import dorada.server.ApiTest;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import dorada.server.tuning.Taught;
import jakarta.persistence.EntityManagerFactory;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.hibernate.search.engine.reporting.FailureContext;
import org.hibernate.search.mapper.orm.Search;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

class BookApiTest extends ApiTest {

    /** Far more than it takes; nothing is asserted about how long. */
    private static final Duration PATIENCE = Duration.ofSeconds(30);

    @Autowired
    private JdbcTemplate database;

    @Autowired
    private Taught taught;

    @Autowired
    private InstallationService installations;

    @Autowired
    private BookKeeping keeping;

    @Autowired
    private LostWrites lost;

    @Autowired
    private EntityManagerFactory entities;

    private String made(String plan) throws Exception {
        return read(postJson("/api/installations", plan).andExpect(status().isCreated()), "$.id");
    }

    private static String van(String title, String mount, double limitSwr) {
        return plan(title, limitSwr)
                .replace("steel roof", mount)
                .replace("\"oneWay\":true", "\"oneWay\":true,\"startLengthM\":0.51");
    }

    private void signOff(String id, int pass, String remark) throws Exception {
        int version = read(getAs(viewer, "/api/installations/" + id), "$.version");
        postJson(
                        "/api/installations/" + id + "/sign-off",
                        "{\"version\":%d,\"passNumber\":%d,\"remark\":\"%s\",\"reason\":\"until dry\"}"
                                .formatted(version, pass, remark))
                .andExpect(status().isOk());
    }

    /** Cut twice, to 490 mm, and signed off. */
    private String finished(String title, String mount, String remark, double limitSwr) throws Exception {
        String id = made(van(title, mount, limitSwr));
        measure(id, UUID.randomUUID(), 0);
        measure(id, UUID.randomUUID(), -0.012);
        measure(id, UUID.randomUUID(), -0.008);
        signOff(id, 3, remark);
        return id;
    }

    private List<String> found(String query) throws Exception {
        String answer = getAs(viewer, "/api/book?size=200&" + query)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
        return JsonPath.read(answer, "$.rows[*].id");
    }

    private List<String> waitFor(String query, String id) throws Exception {
        long until = System.nanoTime() + PATIENCE.toNanos();
        List<String> found = found(query);
        while (!found.contains(id) && System.nanoTime() < until) {
            Thread.sleep(20);
            found = found(query);
        }
        assertThat(found).as(query).contains(id);
        return found;
    }

    @Test
    void anythingThatIsKnownOfItFindsIt() throws Exception {
        String id = finished("Tractor Quillaja", "gutter mount, zinc", "Depth mark filed, seal kept", 1.05);
        waitFor("search=quillaja&state=SIGNED_OFF_BY_JUDGEMENT", id);
        // In any case, with a letter wrong, as a beginning, and from all fields together.
        for (String asked : List.of(
                "QUILLAJA",
                "quilaja",
                "quil",
                "filed quillaja",
                "gutter quillaja",
                "olive quillaja",
                "ines quillaja")) {
            assertThat(found("search=" + asked)).as(asked).contains(id);
        }
        // What its kind and carrier are called, in both languages.
        assertThat(found("search=quillaja vehicle")).contains(id);
        assertThat(found("search=quillaja vehículo")).contains(id);
        assertThat(found("search=quillaja 153.05")).contains(id);
        assertThat(found("search=quillaja 153.08")).doesNotContain(id);
        assertThat(found("search=quillaja 490 mm")).contains(id);
        assertThat(found("search=quillaja 19 5/16 in")).contains(id);
        assertThat(found("search=quillaja 495 mm")).doesNotContain(id);
        assertThat(found("search=quillaja&carrier=MAST")).doesNotContain(id);
        assertThat(found("search=quillaja&kind=QUARTER_WAVE_WHIP&carrier=VEHICLE"))
                .containsExactly(id);
        assertThat(found("search=quillaja mast")).doesNotContain(id);
        // By who worked on it, and when it was signed off.
        LocalDate today = LocalDate.now();
        assertThat(found("search=quillaja&person=ines")).contains(id);
        assertThat(found("search=quillaja&person=noa")).doesNotContain(id);
        assertThat(found("search=quillaja&signedFrom=" + today.minusDays(1) + "&signedTo=" + today.plusDays(1)))
                .contains(id);
        assertThat(found("search=quillaja&signedTo=" + today.minusDays(2))).doesNotContain(id);
        assertThat(found("search=quillaja&signedFrom=" + today.plusDays(2))).doesNotContain(id);
        // Another digit is another number.
        assertThat(found("search=quillaja 1234")).doesNotContain(id);
        // A short word with another letter is another word.
        assertThat(found("search=quillaja zonc")).contains(id);
        assertThat(found("search=quillaja zin")).contains(id);
        assertThat(found("search=quillaja zun")).doesNotContain(id);
    }

    /** Every row that has a word, by a plain scan of the same rows, is found by that word. */
    @Test
    void theIndexFindsWhatAScanFinds() throws Exception {
        List<String> ids = new ArrayList<>();
        for (String title : List.of("Baler Mirlo", "Van Mirlo, long roof", "Harvester Ñandú", "Van 9")) {
            ids.add(made(van(title, "steel roof " + title, 1.05)));
        }
        for (String id : ids) {
            waitFor("search=" + (id.equals(ids.get(3)) ? "Van 9" : ""), id);
        }
        keeping.makeIndexAnew();
        for (String word : List.of("mirlo", "van", "harvester", "roof", "ñandú", "steel")) {
            List<String> scanned =
                    database.queryForList("select installation_id, title, mount from book_entry").stream()
                            .filter(row -> Arrays.asList((row.get("TITLE") + " " + row.get("MOUNT"))
                                            .toLowerCase(Locale.ROOT)
                                            .split("[^\\p{L}\\p{N}]+"))
                                    .contains(word))
                            .map(row -> String.valueOf(row.get("INSTALLATION_ID")))
                            .toList();
            assertThat(scanned).isNotEmpty();
            assertThat(found("search=" + word)).as(word).containsAll(scanned);
        }
        assertThat(found("search=mirlo")).doesNotContain(ids.get(2), ids.get(3));
    }

    @Test
    void aFileIsOfTheInstallationThatItsNameOrItsBandTells() throws Exception {
        String open = made(plan("Loader Aulaga", 1.5));
        waitFor("search=aulaga", open);
        String number = read(getAs(viewer, "/api/installations/" + open), "$.shopNumber");
        String whose = "/api/book/whose?startHz=%s&stopHz=%s&fileName=";
        getAs(viewer, whose.formatted(1e6, 2e6) + number + " second.s1p")
                .andExpect(jsonPath("$[0].id").value(open))
                .andExpect(jsonPath("$[0].by").value("NUMBER"))
                .andExpect(jsonPath("$[0].isOpen").value(true));
        getAs(viewer, whose.formatted(1e6, 2e6) + "aulaga-loader.s1p")
                .andExpect(jsonPath("$[0].by").value("TITLE"));
        getAs(viewer, whose.formatted(140e6, 170e6) + "yard.s1p")
                .andExpect(jsonPath("$[?(@.id == '" + open + "')].by").value("BAND"));
        getAs(viewer, whose.formatted(1e6, 2e6) + "yard.s1p")
                .andExpect(jsonPath("$").isEmpty());
        String finished = finished("Loader Balo", "steel roof", "490 mm", 1.05);
        waitFor("search=balo&state=SIGNED_OFF_BY_JUDGEMENT", finished);
        String its = read(getAs(viewer, "/api/installations/" + finished), "$.shopNumber");
        getAs(viewer, whose.formatted(140e6, 170e6) + its + ".s1p")
                .andExpect(jsonPath("$[0].id").value(finished))
                .andExpect(jsonPath("$[0].isOpen").value(false));
    }

    @Test
    void aFleetIsOneTableAndThoseThatAreDoneCutTheOthers() throws Exception {
        String customer = "Fleet " + UUID.randomUUID();
        String first = made(van("Harvester 1", "roof", 10).replace("Olive growers", customer));
        String second = made(plan("Harvester 2", 10).replace("Olive growers", customer));
        String read = made(plan("Harvester 3", 10).replace("Olive growers", customer));
        String cut = made(van("Harvester 4", "roof", 10).replace("Olive growers", customer));
        String other =
                made(plan("Loader", 10).replace("Olive growers", customer).replace("157450000", "158000000"));
        measure(read, UUID.randomUUID(), 0);
        for (String id : List.of(first, second, read, cut, other)) {
            waitFor("search=" + customer.replace("-", " "), id);
        }
        String fleet = "/api/installations/" + second + "/fleet";
        getAs(viewer, fleet)
                .andExpect(jsonPath(
                        "$.rows[*].title", contains("Harvester 1", "Harvester 2", "Harvester 3", "Harvester 4")))
                .andExpect(jsonPath("$.startM").doesNotExist());
        postJson(fleet + "/begin", "{}").andExpect(status().isConflict());

        measure(first, UUID.randomUUID(), 0);
        measure(first, UUID.randomUUID(), -0.02);
        signOff(first, 2, "done");
        waitFor("search=" + customer.replace("-", " ") + "&state=SIGNED_OFF_BY_JUDGEMENT", first);
        double startM = JsonPath.<Number>read(
                        getAs(viewer, fleet)
                                .andExpect(jsonPath("$.lengthM.median", closeTo(0.49, 1e-9), Double.class))
                                .andReturn()
                                .getResponse()
                                .getContentAsString(),
                        "$.startM")
                .doubleValue();
        assertThat(startM).isGreaterThan(0.49);
        send(post(fleet + "/begin"), viewer, "{}").andExpect(status().isForbidden());
        postJson(fleet + "/begin", "{}").andExpect(status().isOk());
        getAs(viewer, "/api/installations/" + second)
                .andExpect(jsonPath("$.startLengthM", closeTo(startM, 1e-9), Double.class));
        // Its length is known: whoever wrote it may have cut it so.
        getAs(viewer, "/api/installations/" + cut)
                .andExpect(jsonPath("$.startLengthM", closeTo(0.51, 1e-9), Double.class));
        // It was read already: what it was then is not changed under it.
        getAs(viewer, "/api/installations/" + read)
                .andExpect(jsonPath("$.startLengthM").doesNotExist());
    }

    private String numbers() throws Exception {
        return getAs(viewer, "/api/numbers?weeks=2")
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    private static <T> T ofThisWeek(String numbers, String field) {
        return JsonPath.read(numbers, "$.weeks[1]." + field);
    }

    @Test
    void theNumbersOfTheShopCountWhatWasFinished() throws Exception {
        String before = numbers();
        String id = finished("Tractor Numeral", "steel roof", "490 mm", 1.05);
        waitFor("search=numeral&state=SIGNED_OFF_BY_JUDGEMENT", id);
        String after = numbers();
        assertThat(JsonPath.<List<?>>read(after, "$.weeks")).hasSize(2);
        assertThat(JsonPath.<List<String>>read(after, "$.standing[*].state")).contains("SIGNED_OFF_BY_JUDGEMENT");
        assertThat(JsonPath.<Integer>read(after, "$.unwritten")).isZero();
        assertThat(ofThisWeek(after, "signedOff").toString()).isNotEqualTo("0");
        // Other tests finish some of theirs in the same shop, and none is taken away.
        assertThat(BookApiTest.<Integer>ofThisWeek(after, "signedOff"))
                .isGreaterThan(BookApiTest.<Integer>ofThisWeek(before, "signedOff"));
        assertThat(BookApiTest.<Number>ofThisWeek(after, "cutOffM").doubleValue())
                .isGreaterThanOrEqualTo(
                        BookApiTest.<Number>ofThisWeek(before, "cutOffM").doubleValue() + 0.02 - 1e-9);
        getAs(viewer, "/api/numbers?weeks=0").andExpect(status().isUnprocessableContent());
    }

    @Test
    void whatWasFinishedIsThereForTheNextOneLikeIt() throws Exception {
        String mount = "roof rack, left rail " + UUID.randomUUID();
        String first = finished("Pick-up 3", mount, "490 mm", 10);
        String other = finished("Pick-up 4", "boot lid", "490 mm", 10);
        String next = made(van("Pick-up 5", mount, 1.5));
        waitFor("search=Pick-up 3&state=SIGNED_OFF_BY_JUDGEMENT", first);
        waitFor("search=Pick-up 4&state=SIGNED_OFF_BY_JUDGEMENT", other);
        String likes = getAs(viewer, "/api/installations/" + next + "/like")
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
        assertThat(JsonPath.<String>read(likes, "$.nearest[0].row.id")).isEqualTo(first);
        assertThat(JsonPath.<Number>read(likes, "$.nearest[0].likeness").doubleValue())
                .isCloseTo(1, within(1e-9));
        assertThat(JsonPath.<Number>read(likes, "$.nearest[0].row.finalLengthM").doubleValue())
                .isCloseTo(0.49, within(1e-9));
        assertThat(JsonPath.<Integer>read(likes, "$.nearest[0].row.changes")).isEqualTo(2);
        double median = JsonPath.<Number>read(likes, "$.lengthM.median").doubleValue();
        assertThat(JsonPath.<Number>read(likes, "$.startM").doubleValue()).isGreaterThan(median);
        // One that was let pass for a reason is shown, and is no example to cut by.
        String passed = finished("Pick-up 6", mount, "490 mm", 1.05);
        waitFor("search=Pick-up 6&state=SIGNED_OFF_BY_JUDGEMENT", passed);
        getAs(viewer, "/api/installations/" + next + "/like")
                .andExpect(jsonPath("$.nearest[?(@.row.id == '" + passed + "')].row.met")
                        .value(false))
                .andExpect(jsonPath("$.lengthM.median").value(median));
        // What a later visit cuts is no final length until that is signed off.
        postJson("/api/installations/" + first + "/visits", "{\"purpose\":\"REPAIR\",\"why\":\"bent at the gate\"}")
                .andExpect(status().isCreated());
        measure(first, UUID.randomUUID(), -0.05);
        waitFor("search=Pick-up 3 gate", first);
        getAs(viewer, "/api/book?search=Pick-up 3 gate")
                .andExpect(jsonPath("$.rows[0].finalLengthM").value(closeTo(0.49, 1e-9)))
                .andExpect(jsonPath("$.rows[0].changes").value(2));
        // The first of a kind has itself for no example.
        List<String> own = JsonPath.read(
                getAs(viewer, "/api/installations/" + first + "/like")
                        .andReturn()
                        .getResponse()
                        .getContentAsString(StandardCharsets.UTF_8),
                "$.nearest[*].row.id");
        assertThat(own).contains(other).doesNotContain(first);
        // Planned and not there yet, of another kind: nothing is alike.
        getAs(
                        viewer,
                        "/api/book/like?kind=DIPOLE&channelsHz=153.05e6&channelsHz=157.45e6&carrier=VEHICLE&oneWay=true&mount=boot")
                .andExpect(status().isOk());
        // What it taught is weighed by how alike it is.
        List<TrimPrior.Lesson> lessons = taught.lessonsFor(installations.byId(UUID.fromString(next)));
        assertThat(lessons.stream().mapToDouble(TrimPrior.Lesson::between).min().orElse(1))
                .isLessThan(lessons.stream()
                        .mapToDouble(TrimPrior.Lesson::between)
                        .max()
                        .orElse(0));
    }

    /** Asked before, so that it is known; another one that is finished is told all the same. */
    @Test
    void whatOneTaughtIsToldOnceItIsFinished() throws Exception {
        Installation next = installations.byId(UUID.fromString(made(van("Next of the quarry", "sump lid", 1.05))));
        List<TrimPrior.Lesson> before = taught.lessonsFor(next);
        assertThat(taught.lessonsFor(next)).isEqualTo(before);
        finished("First of the quarry", "sump lid", "", 1.05);
        long until = System.nanoTime() + PATIENCE.toNanos();
        while (taught.lessonsFor(next).equals(before) && System.nanoTime() < until) {
            Thread.sleep(20);
        }
        assertThat(taught.lessonsFor(next)).isNotEqualTo(before);
    }

    @Test
    void aSearchThatCannotBeIsRefused() throws Exception {
        getAs(viewer, "/api/book?search=" + "x".repeat(300)).andExpect(status().isUnprocessableContent());
        getAs(viewer, "/api/book?size=0").andExpect(status().isUnprocessableContent());
        getAs(viewer, "/api/book?state=NEVER").andExpect(status().is4xxClientError());
        getAs(viewer, "/api/book?search=" + "harvesters ".repeat(18)).andExpect(status().isOk());
        getAs(viewer, "/api/book?search=" + "a ".repeat(99)).andExpect(status().isOk());
        getAs(viewer, "/api/book?page=1000&size=200").andExpect(status().isOk());
        // Nothing that is typed is a syntax.
        for (String odd : List.of("\"", "+-*?~()[]", "title:x", "a AND b", "%25", "1/0 in", "…")) {
            getAs(viewer, "/api/book?search=" + odd).andExpect(status().isOk());
        }
    }

    @Test
    void whatTheIndexCouldNotWriteIsThereAgainWithTheNextThatIsKept() throws Exception {
        String id = made(plan("Van Ratama", 1.5));
        waitFor("search=ratama", id);
        Search.mapping(entities).scope(BookEntry.class).workspace().purge();
        Search.mapping(entities).scope(BookEntry.class).workspace().refresh();
        assertThat(found("search=ratama")).isEmpty();
        FailureContext.Builder failure = FailureContext.builder();
        failure.throwable(new IOException("No space left on device"));
        failure.failingOperation("of a trial");
        lost.handle(failure.build());
        made(plan("Van Anything", 1.5));
        waitFor("search=ratama", id);
    }
}
