package dorada.server.board;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.lessThanOrEqualTo;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import dorada.server.ApiTest;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

class BoardApiTest extends ApiTest {

    @Autowired
    private JdbcTemplate database;

    private static String card(String id) {
        return "$[?(@.id == '" + id + "')]";
    }

    @Test
    void anInstallationGoesFromPlannedToReady() throws Exception {
        String id = makeInstallation(10);
        getAs(viewer, "/api/installations")
                .andExpect(jsonPath(card(id) + ".state").value("PLANNED"));
        measure(id, UUID.randomUUID(), 0);
        getAs(viewer, "/api/installations")
                .andExpect(jsonPath(card(id) + ".state").value("MET"))
                .andExpect(jsonPath(card(id) + ".newest.passNumber").value(1))
                .andExpect(jsonPath(card(id) + ".newest.trace.frequencyHz.length()", everyItem(lessThanOrEqualTo(60))));
        // Tightening moves the dip: only the sweep after it makes it ready.
        postJson(
                "/api/installations/" + id + "/passes",
                measurement(UUID.randomUUID(), 0).replace("\"note\"", "\"finalSweep\":true,\"note\""));
        getAs(viewer, "/api/installations?state=READY")
                .andExpect(jsonPath(card(id) + ".newest.passNumber").value(2));
    }

    @Test
    void theNewestPassDecides() throws Exception {
        String id = makeInstallation(1.05);
        measure(id, UUID.randomUUID(), 0);
        measure(id, UUID.randomUUID(), -0.001);
        getAs(viewer, "/api/installations")
                .andExpect(jsonPath(card(id) + ".state").value("TUNING"))
                .andExpect(jsonPath(card(id) + ".newest.passNumber").value(2));
    }

    /** The page of the installation and the board say the same of how far it is, whatever was recorded last. */
    @Test
    void boardAndPageAgreeOnHowFarItIs() throws Exception {
        String id = makeInstallation(10);
        String[] more = {
            "\"oldAntenna\":true,", "", "\"oldAntenna\":true,", "\"finalSweep\":true,", "\"oldAntenna\":true,"
        };
        String[] wanted = {"PLANNED", "MET", "MET", "READY", "READY"};
        for (int i = 0; i < more.length; i++) {
            postJson(
                            "/api/installations/" + id + "/passes",
                            measurement(UUID.randomUUID(), 0).replace("\"note\"", more[i] + "\"note\""))
                    .andExpect(jsonPath("$.progress").value(wanted[i]));
            getAs(viewer, "/api/installations?size=200")
                    .andExpect(jsonPath(card(id) + ".state").value(wanted[i]));
        }
        getAs(viewer, "/api/installations?size=200")
                .andExpect(jsonPath(card(id) + ".newest.passNumber").value(4));
        getAs(viewer, "/api/installations/" + id + "/passes")
                .andExpect(jsonPath("$[2].progress").value("MET"));
    }

    @Test
    void theBoardCanBeNarrowedToAState() throws Exception {
        String id = makeInstallation(2);
        getAs(viewer, "/api/installations?state=PLANNED")
                .andExpect(jsonPath("$[*].state", everyItem(is("PLANNED"))))
                .andExpect(jsonPath(card(id), hasSize(1)));
    }

    @Test
    void theBoardComesInPagesNewestFirst() throws Exception {
        String first = makeInstallation(2);
        String second = makeInstallation(2);
        String third = makeInstallation(2);
        getAs(viewer, "/api/installations?size=2")
                .andExpect(jsonPath("$.length()").value(2))
                .andExpect(jsonPath("$[0].id").value(third))
                .andExpect(jsonPath("$[1].id").value(second));
        int total = Integer.parseInt(getAs(viewer, "/api/installations?size=2&page=1")
                .andExpect(jsonPath("$[0].id").value(first))
                .andReturn()
                .getResponse()
                .getHeader("X-Total-Count"));
        getAs(viewer, "/api/installations?size=1&page=" + total)
                .andExpect(jsonPath("$.length()").value(0));
        getAs(viewer, "/api/installations?size=1000").andExpect(status().is(422));
        getAs(viewer, "/api/installations?page=-1").andExpect(status().is(422));
    }

    @Test
    void statesAreCountedAndFollowAPlanThatChanges() throws Exception {
        String id = makeInstallation(10);
        measure(id, UUID.randomUUID(), 0);
        int met = met();
        // The same pass under another rule is another verdict.
        int version = read(getAs(viewer, "/api/installations/" + id), "$.version");
        send(put("/api/installations/" + id + "?version=" + version), technician, plan("Tractor 7", 1.05))
                .andExpect(status().isOk());
        assertThat(met()).isEqualTo(met - 1);
        getAs(viewer, "/api/installations?state=MET").andExpect(jsonPath(card(id), hasSize(0)));
    }

    /** The book tells of most, and what it does not yet tell of is worked out. */
    @Test
    void asManyAreCountedInAStateAsAreShownInIt() throws Exception {
        makeInstallation(2);
        measure(makeInstallation(10), UUID.randomUUID(), 0);
        measure(makeInstallation(1.05), UUID.randomUUID(), 0);
        for (String search : List.of("", "tractor", "no such thing")) {
            String cards = getAs(viewer, "/api/installations?size=200&search=" + search)
                    .andReturn()
                    .getResponse()
                    .getContentAsString();
            for (String state : List.of("PLANNED", "TUNING", "MET", "READY")) {
                List<String> shown = JsonPath.read(cards, "$[?(@.state == '" + state + "')].id");
                getAs(viewer, "/api/installations?size=200&state=" + state + "&search=" + search)
                        .andExpect(header().string("X-Total-Count", String.valueOf(shown.size())))
                        .andExpect(jsonPath("$[*].id").value(shown));
                List<Integer> counted = read(
                        getAs(viewer, "/api/installations/counts?search=" + search),
                        "$[?(@.state == '" + state + "')].count");
                assertThat(counted).containsExactly(shown.size());
            }
        }
    }

    private int met() throws Exception {
        List<Integer> counts = read(getAs(viewer, "/api/installations/counts"), "$[?(@.state == 'MET')].count");
        return counts.get(0);
    }

    /** In any case, and signs that a query would take for its own are letters as well. */
    @Test
    void aSearchFindsLettersAsTheyAre() throws Exception {
        postJson("/api/installations", plan("50% off_road \\\\ x, it's", 2)).andExpect(status().isCreated());
        for (String text : List.of("50% o", "F_R", "\\ x", "t's")) {
            assertThat(titlesFound(text)).as(text).containsExactly("50% off_road \\ x, it's");
        }
        for (String text : List.of("5%o", "f_R\\", "off?road", "5_% o")) {
            assertThat(titlesFound(text)).as(text).isEmpty();
        }
    }

    /** Before its row in the book is written anew, and after that. */
    @Test
    void whatGetsAnotherNameIsCountedByThatOnly() throws Exception {
        String id = read(postJson("/api/installations", plan("Weir gauge", 2)).andExpect(status().isCreated()), "$.id");
        awaitWords(id, "weir gauge");
        int version = read(getAs(viewer, "/api/installations/" + id), "$.version");
        send(put("/api/installations/" + id + "?version=" + version), technician, plan("Sluice gauge", 2))
                .andExpect(status().isOk());
        assertIsSluice();
        awaitWords(id, "sluice gauge");
        assertIsSluice();
    }

    private void assertIsSluice() throws Exception {
        for (String search : List.of("sluice gauge", "weir gauge")) {
            List<Integer> counted = read(
                    getAs(viewer, "/api/installations/counts?search=" + search), "$[?(@.state == 'PLANNED')].count");
            assertThat(counted).as(search).containsExactly(search.startsWith("sluice") ? 1 : 0);
            getAs(viewer, "/api/installations?state=PLANNED&search=" + search)
                    .andExpect(jsonPath("$", hasSize(counted.get(0))));
        }
    }

    private void awaitWords(String id, String words) {
        await().until(() -> database
                .queryForList(
                        "select found_words from book_entry where installation_id = ?",
                        String.class,
                        UUID.fromString(id))
                .stream()
                .anyMatch(found -> found.contains(words)));
    }

    private List<String> titlesFound(String text) throws Exception {
        return read(getAs(viewer, "/api/installations?search=" + text), "$..title");
    }

    @Test
    void everyPageOfASearchSaysHowManyThereAre() throws Exception {
        for (int n = 1; n <= 3; n++) {
            postJson("/api/installations", plan("Ferry ramp winch " + n, 2)).andExpect(status().isCreated());
        }
        int[] shown = {2, 1, 0};
        for (int page = 0; page < shown.length; page++) {
            getAs(viewer, "/api/installations?size=2&search=ramp winch&page=" + page)
                    .andExpect(jsonPath("$", hasSize(shown[page])))
                    .andExpect(header().string("X-Total-Count", "3"));
        }
        getAs(viewer, "/api/installations?size=3&search=ramp winch")
                .andExpect(jsonPath("$", hasSize(3)))
                .andExpect(header().string("X-Total-Count", "3"));
        getAs(viewer, "/api/installations?size=3&search=no such ramp")
                .andExpect(jsonPath("$", hasSize(0)))
                .andExpect(header().string("X-Total-Count", "0"));
    }

    @Test
    void aTitleThatWasPastedIsFoundByWhatIsTyped() throws Exception {
        String title = "Quay\u00a0winch,  153\u202fMHz";
        postJson("/api/installations", plan(title, 2)).andExpect(status().isCreated());
        for (String text : List.of("quay winch", "winch, 153 mhz", "Quay\u00a0 winch")) {
            assertThat(titlesFound(text)).as(text).containsExactly(title);
        }
    }
}
