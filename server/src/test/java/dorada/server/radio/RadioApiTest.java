package dorada.server.radio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import dorada.server.ApiTest;
import dorada.server.shop.ArchivedPeople;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;

public class RadioApiTest extends ApiTest {

    public static final String GOOD = """
            {"channelHz":125e6,"ratedPowerW":8,"forwardW":12,"fullScaleW":25,"plugLowHz":100e6,"plugHighHz":250e6,
             "carrierHz":125000036,"tolerance":5,"toleranceUnit":"PPM","toleranceSource":"a rule","spuriousDbc":-60,
             "spuriousHz":125.12e6,"note":""}""";

    public static String radio(String name, long version) {
        return "{\"version\":" + version + ",\"name\":\"" + name
                + "\",\"ratedPowerW\":8,\"swrCeiling\":2,\"note\":\"shelf 3\"}";
    }

    private String made(String name) throws Exception {
        return read(postJson("/api/radios", radio(name, 0)).andExpect(status().isCreated()), "$.id");
    }

    private static String of(String id) {
        return "$[?(@.id=='" + id + "')]";
    }

    @Test
    void aCheckIsJudgedSavedAndStandsWithItsRadio() throws Exception {
        String id = made("Airband handheld 4");
        send(post("/api/radios/judge"), viewer, GOOD)
                .andExpect(jsonPath("$.verdict").value("FIT"))
                .andExpect(jsonPath("$.usualPlugW").value(10))
                .andExpect(jsonPath("$.findings[0].id").value("radioBench.POWER_ABOVE_RATED"))
                .andExpect(jsonPath("$.findings[1].params.offShiftPpm", closeTo(0.288, 0.001), Double.class));
        String check = read(postJson("/api/radios/" + id + "/checks", GOOD).andExpect(status().isCreated()), "$.id");
        getAs(viewer, "/api/radios")
                .andExpect(jsonPath(of(id) + ".newest.verdict.verdict", hasItem("FIT")))
                .andExpect(jsonPath(of(id) + ".newest.checkedBy", hasItem("ines")));

        // Entered wrongly: it counts no more, and stays.
        send(delete("/api/radios/" + id + "/checks/" + check), technician, "").andExpect(status().isOk());
        getAs(viewer, "/api/radios").andExpect(jsonPath(of(id) + ".newest", hasSize(0)));
        getAs(viewer, "/api/radios/" + id + "/checks")
                .andExpect(jsonPath("$[0].takenBackBy").value("ines"))
                .andExpect(jsonPath("$[0].read.forwardW").value(12));
    }

    @Test
    void whatCannotBeIsRefusedAtItsField() throws Exception {
        String id = made("Refused");
        postJson("/api/radios/" + id + "/checks", GOOD.replace("\"spuriousDbc\":-60", "\"spuriousDbc\":60"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("spuriousDbc"))
                .andExpect(jsonPath("$.outcome.id").value("refused.radio.SPURIOUS_ABOVE_CARRIER"));
        postJson("/api/radios/" + id + "/checks", GOOD.replace("\"fullScaleW\":25,", ""))
                .andExpect(jsonPath("$.field").value("forwardW"));
        getAs(viewer, "/api/radios/" + id + "/checks").andExpect(jsonPath("$", hasSize(0)));
        postJson("/api/radios/" + UUID.randomUUID() + "/checks", GOOD).andExpect(status().isNotFound());
        send(post("/api/radios/" + id + "/checks"), viewer, GOOD).andExpect(status().isForbidden());
    }

    @Test
    void namesAreTakenOnceAndStaleChangesAreRefused() throws Exception {
        String id = made("Base radio");
        postJson("/api/radios", radio("base RADIO", 0))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("already")));
        send(put("/api/radios/" + id), technician, radio("Base radio, spare", 0))
                .andExpect(status().isOk());
        send(put("/api/radios/" + id), technician, radio("late", 0)).andExpect(status().isConflict());
        send(delete("/api/radios/" + id), technician, "").andExpect(status().isNoContent());
        getAs(viewer, "/api/radios").andExpect(jsonPath("$[*].id", not(hasItem(id))));
        postJson("/api/removed/" + id + "/put-back", "").andExpect(status().isNoContent());
        getAs(viewer, "/api/radios").andExpect(jsonPath("$[*].id", hasItem(id)));
    }

    @Test
    void anInstallationSaysWhichRadioItIsFor() throws Exception {
        String id = made("Tractor radio 9");
        String installation = read(
                postJson(
                                "/api/installations",
                                plan("Tractor 9", 2).replace("\"channels\"", "\"radioId\":\"" + id + "\",\"channels\""))
                        .andExpect(status().isCreated()),
                "$.id");
        getAs(viewer, "/api/installations/" + installation)
                .andExpect(jsonPath("$.radioId").value(id));
    }

    @Test
    void twoEntriesOfOneRadioAreMergedWithTheirChecksAndWhatNamesThem() throws Exception {
        String one = made("Grader radio");
        String stays = made("Radio of the grader");
        postJson("/api/radios/" + one + "/checks", GOOD).andExpect(status().isCreated());
        String job = read(
                postJson(
                                "/api/installations",
                                plan("Grader", 2).replace("\"channels\"", "\"radioId\":\"" + one + "\",\"channels\""))
                        .andExpect(status().isCreated()),
                "$.id");
        String into = "{\"into\":\"" + stays + "\"}";
        send(post("/api/radios/" + one + "/merge"), technician, into).andExpect(status().isForbidden());
        send(post("/api/radios/" + stays + "/merge"), lead, into)
                .andExpect(jsonPath("$.outcome.id").value("refused.radios.ITSELF"));
        send(post("/api/radios/" + one + "/merge"), lead, into)
                .andExpect(jsonPath("$.renamedCount").value(1));
        getAs(viewer, "/api/installations/" + job)
                .andExpect(jsonPath("$.radioId").value(stays));
        getAs(viewer, "/api/radios/" + stays + "/checks")
                .andExpect(jsonPath("$", hasSize(1)))
                .andExpect(jsonPath("$[0].read.forwardW").value(12));
        getAs(viewer, "/api/radios").andExpect(jsonPath(of(one), hasSize(0)));
        send(post("/api/radios/" + stays + "/merge"), lead, "{\"into\":\"" + one + "\"}")
                .andExpect(status().isNotFound());
    }

    @Test
    void whatLooksLikeOneRadioWrittenTwiceIsToldUntilItIsPutTogether() throws Exception {
        takeIn(
                "/api/radios",
                lead,
                "name,rated_power_w,swr_ceiling\nPilot boat set,25,2\nPilot boat sett,25,2\nPilot boat set 2,25,2\n");
        String path = "$[?(@.name=='%s')].id";
        String right = only(path.formatted("Pilot boat set"));
        String wrong = only(path.formatted("Pilot boat sett"));
        String another = only(path.formatted("Pilot boat set 2"));
        String told =
                getAs(viewer, "/api/radios/doubles").andReturn().getResponse().getContentAsString();
        assertThat(told).contains(right, wrong).doesNotContain(another);
        send(post("/api/radios/" + wrong + "/merge"), lead, "{\"into\":\"" + right + "\"}")
                .andExpect(status().isOk());
        assertThat(getAs(viewer, "/api/radios/doubles")
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .doesNotContain(right);
    }

    private String only(String path) throws Exception {
        return JsonPath.<List<String>>read(
                        getAs(viewer, "/api/radios").andReturn().getResponse().getContentAsString(), path)
                .get(0);
    }

    @Test
    void aTableOfRadiosIsTakenInWholeOrNotAtAll() throws Exception {
        takeIn("/api/radios", lead, "name,rated_power_w,swr_ceiling,note\nTable set,25,2,shelf 1\n")
                .andExpect(jsonPath("$.madeCount").value(1));
        takeIn("/api/radios", lead, "note,Name\nshelf 2,table SET\n")
                .andExpect(jsonPath("$.changedCount").value(1));
        String out =
                getAs(viewer, "/api/radios/table").andReturn().getResponse().getContentAsString();
        assertThat(out).startsWith("name,rated_power_w,swr_ceiling,note\r\n").contains("Table set,25.0,2.0,shelf 2");
        takeIn("/api/radios", lead, out)
                .andExpect(jsonPath("$.madeCount").value(0))
                .andExpect(jsonPath("$.changedCount").value(0));
        takeIn("/api/radios", lead, "name,rated_power_w,swr_ceiling\nFirst,25,2\nSecond,25,0.5\n")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.line").value(3))
                .andExpect(jsonPath("$.detail", containsString("1.05")));
        takeIn("/api/radios", lead, "name,rated_power_w\nFirst,25\n")
                .andExpect(jsonPath("$.detail", containsString("swr_ceiling")));
        takeIn("/api/radios", technician, out).andExpect(status().isForbidden());
        getAs(viewer, "/api/radios").andExpect(jsonPath("$[?(@.name=='First')]", hasSize(0)));
    }

    @Autowired
    private RadioArchive archive;

    @Autowired
    private RadioCheckRepository checks;

    @Autowired
    private RadioRepository radios;

    @Autowired
    private TransactionTemplate within;

    /** Packed, erased and restored, a radio has its checks again; restored once more nothing comes twice. */
    @Test
    void anArchiveHoldsRadiosWithTheirChecks() throws Exception {
        UUID id = UUID.fromString(made("Archived radio"));
        postJson("/api/radios/" + id + "/checks", GOOD).andExpect(status().isCreated());
        RadioArchive.RadioRecord packed = archive.pack(Optional.empty()).stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow();
        ArchivedPeople here =
                login -> people.byId(people.loadUserByUsername(login).id());
        within.executeWithoutResult(s -> {
            checks.deleteAll(checks.findByRadioIdOrderByCheckedAtDesc(id));
            radios.deleteById(id);
        });
        assertThat(archive.restore(packed, here)).isTrue();
        assertThat(archive.restore(packed, here)).as("a second time").isFalse();
        assertThat(archive.pack(Optional.empty())).contains(packed);
    }
}
