package dorada.server.tuning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.lessThan;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.ResultActions;

class VisitsApiTest extends ApiTest {

    private int version(String id) throws Exception {
        return read(getAs(viewer, "/api/installations/" + id), "$.version");
    }

    private ResultActions signOff(String id, int pass, String reason) throws Exception {
        return postJson(
                "/api/installations/" + id + "/sign-off",
                "{\"version\":%d,\"passNumber\":%d,\"remark\":\"\",\"reason\":\"%s\"}"
                        .formatted(version(id), pass, reason));
    }

    private ResultActions visit(String id, String purpose, String why) throws Exception {
        return postJson(
                "/api/installations/" + id + "/visits", "{\"purpose\":\"%s\",\"why\":\"%s\"}".formatted(purpose, why));
    }

    private ResultActions deleted(String path) throws Exception {
        return http.perform(delete(path).with(as(technician)).with(csrf()));
    }

    private String signedOff() throws Exception {
        String id = makeInstallation(1.05);
        measure(id, UUID.randomUUID(), 0);
        signOff(id, 1, "until the roof is dry").andExpect(status().isOk());
        return id;
    }

    @Test
    void aTechnicianGoesOnWithWhatIsSignedOffAndEverySignOffStays() throws Exception {
        String id = signedOff();
        measure(id, UUID.randomUUID(), 0).andExpect(status().isConflict());
        send(post("/api/installations/" + id + "/visits"), viewer, "{\"purpose\":\"RECHECK\",\"why\":\"\"}")
                .andExpect(status().isForbidden());
        visit(id, "RECHECK", " a year on ")
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.signOff").doesNotExist())
                .andExpect(jsonPath("$.visits", hasSize(2)));
        visit(id, "REPAIR", "")
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("Visit 2 is still open")));
        measure(id, UUID.randomUUID(), 0)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.visit").value(2));
        signOff(id, 2, "dry, full power").andExpect(status().isOk());
        // The same simulated antenna, read again: its dip is found where it was.
        getAs(viewer, "/api/numbers")
                .andExpect(jsonPath("$.held[?(@.carrier=='VEHICLE' && @.age=='MONTH')].movedHz.low", hasSize(1)))
                .andExpect(jsonPath(
                        "$.held[?(@.carrier=='VEHICLE' && @.age=='MONTH')].movedHz.low", everyItem(lessThan(0.5e6))));
        visit(id, "REPAIR", "cracked base");
        getAs(viewer, "/api/installations/" + id)
                .andExpect(jsonPath("$.visits", hasSize(3)))
                .andExpect(jsonPath("$.visits[0].purpose").value("FITTING"))
                .andExpect(jsonPath("$.visits[0].signOff.reason").value("until the roof is dry"))
                .andExpect(jsonPath("$.visits[0].signOff.by").value("ines"))
                .andExpect(jsonPath("$.visits[0].signOff.rule.text", containsString("1.05")))
                .andExpect(jsonPath("$.visits[0].signOff.worstSwr").isNumber())
                .andExpect(jsonPath("$.visits[1].why").value("a year on"))
                .andExpect(jsonPath("$.visits[1].signOff.passNumber").value(2))
                .andExpect(jsonPath("$.visits[2].signOff").doesNotExist());
    }

    @Test
    void anotherPlanAltersNoSignOff() throws Exception {
        String id = signedOff();
        visit(id, "RETUNING", "another channel");
        String before = read(getAs(viewer, "/api/installations/" + id), "$.visits[0].signOff.rule.text");
        send(put("/api/installations/" + id + "?version=" + version(id)), technician, plan("Boat 1", 3))
                .andExpect(status().isOk());
        assertThat(this.<String>read(getAs(viewer, "/api/installations/" + id), "$.visits[0].signOff.rule.text"))
                .isEqualTo(before);
    }

    @Test
    void anotherPlanMakesNoOtherAntennaOfTheSimulatedOne() throws Exception {
        String id = makeInstallation(1.6);
        Number before = read(measure(id, UUID.randomUUID(), 0), "$.analysis.dips[0].frequencyHz");
        send(
                        put("/api/installations/" + id + "?version=" + version(id)),
                        technician,
                        plan("Boat 1", 1.6).replace("153050000", "148050000").replace("157450000", "149450000"))
                .andExpect(status().isOk());
        Number after = read(measure(id, UUID.randomUUID(), 0), "$.analysis.dips[0].frequencyHz");
        assertThat(after.doubleValue()).isBetween(before.doubleValue() - 1e6, before.doubleValue() + 1e6);
    }

    @Test
    void whatAnEarlierVisitRecordedStays() throws Exception {
        String id = makeInstallation(1.05);
        String wrong = read(measure(id, UUID.randomUUID(), 0.001), "$.id");
        deleted("/api/passes/" + wrong).andExpect(status().isNoContent());
        String first = read(measure(id, UUID.randomUUID(), 0), "$.id");
        signOff(id, 1, "fine").andExpect(status().isOk());
        visit(id, "RECHECK", "").andExpect(status().isCreated());
        deleted("/api/passes/" + first)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("earlier visit")));
        postJson("/api/passes/" + wrong + "/put-back", "").andExpect(status().isConflict());
        getAs(viewer, "/api/installations/" + id + "/taken-back")
                .andExpect(jsonPath("$[0].mayBePutBack").value(false));
        String second = read(measure(id, UUID.randomUUID(), 0), "$.id");
        deleted("/api/passes/" + second).andExpect(status().isNoContent());
    }

    @Test
    void aVisitIsSignedOffOnWhatWasReadOnIt() throws Exception {
        String id = signedOff();
        visit(id, "RECHECK", "");
        signOff(id, 1, "as before")
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("Nothing was read on this visit")));
    }

    @Test
    void aVisitOnWhichNothingWasRecordedCanBeCancelled() throws Exception {
        String id = signedOff();
        deleted("/api/installations/" + id + "/visits/open").andExpect(status().isConflict());
        visit(id, "REPAIR", "wrong tractor");
        deleted("/api/installations/" + id + "/visits/open")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.visits", hasSize(1)))
                .andExpect(jsonPath("$.signOff.reason").value("until the roof is dry"));
        visit(id, "REPAIR", "this one").andExpect(jsonPath("$.visits[1].number").value(2));
        measure(id, UUID.randomUUID(), 0);
        deleted("/api/installations/" + id + "/visits/open").andExpect(status().isConflict());
        deleted("/api/installations/" + makeInstallation(2) + "/visits/open").andExpect(status().isConflict());
    }

    /** Tightened then is not tightened now. */
    @Test
    void aFinalSweepIsOneOfItsVisit() throws Exception {
        String id = makeInstallation(10);
        postJson(
                "/api/installations/" + id + "/passes",
                measurement(UUID.randomUUID(), 0).replace("\"note\"", "\"finalSweep\":true,\"note\""));
        assertThat(state(id)).isEqualTo("READY");
        signOff(id, 1, "").andExpect(status().isOk());
        assertThat(state(id)).isEqualTo("SIGNED_OFF");
        visit(id, "RETUNING", "");
        assertThat(state(id)).isEqualTo("TUNING");
        measure(id, UUID.randomUUID(), 0).andExpect(jsonPath("$.progress").value("MET"));
        assertThat(state(id)).isEqualTo("MET");
    }

    /** Where nothing was loosened nothing is to be tightened; board, road and sign-off say the same. */
    @Test
    void aRecheckThatLoosensNothingIsReady() throws Exception {
        String id = makeInstallation(10);
        measure(id, UUID.randomUUID(), 0);
        assertThat(state(id)).isEqualTo("MET");
        signOff(id, 1, "tight, not swept again").andExpect(status().isOk());
        visit(id, "RECHECK", "");
        measure(id, UUID.randomUUID(), 0)
                .andExpect(jsonPath("$.proven").value(true))
                .andExpect(jsonPath("$.progress").value("READY"));
        assertThat(state(id)).isEqualTo("READY");
        measure(id, UUID.randomUUID(), -0.001)
                .andExpect(jsonPath("$.proven").value(false))
                .andExpect(jsonPath("$.progress").value("MET"));
        assertThat(state(id)).isEqualTo("MET");
        measure(id, UUID.randomUUID(), 0).andExpect(jsonPath("$.proven").value(false));
        assertThat(state(id)).isEqualTo("MET");
    }

    private String state(String id) throws Exception {
        net.minidev.json.JSONArray states =
                read(getAs(viewer, "/api/installations?size=200"), "$[?(@.id == '" + id + "')].state");
        return (String) states.get(0);
    }

    /** The simulated antenna is the same on both visits: nothing has changed, and nothing is to be tightened. */
    @Test
    void aRecheckIsHeldAgainstTheSignOffBeforeItAndEndsUntouched() throws Exception {
        String id = makeInstallation(2.5);
        measure(id, UUID.randomUUID(), 0);
        signOff(id, 1, "by judgement").andExpect(status().isOk());
        getAs(viewer, "/api/installations/" + id + "/rechecks").andExpect(jsonPath("$", hasSize(0)));
        visit(id, "RECHECK", "a year on");
        getAs(viewer, "/api/installations/" + id + "/rechecks").andExpect(jsonPath("$", hasSize(0)));
        measure(id, UUID.randomUUID(), 0);
        getAs(viewer, "/api/installations/" + id + "/rechecks")
                .andExpect(jsonPath("$", hasSize(1)))
                .andExpect(jsonPath("$[0].id").value("UNCHANGED"))
                .andExpect(jsonPath("$[0].thenPass").value(1))
                .andExpect(jsonPath("$[0].nowPass").value(2))
                .andExpect(jsonPath("$[0].channels.length()").isNotEmpty())
                .andExpect(jsonPath("$[0].causes", hasSize(0)));
        // What is changed afterwards changes nothing of what was found.
        measure(id, UUID.randomUUID(), -0.02);
        getAs(viewer, "/api/installations/" + id + "/rechecks")
                .andExpect(jsonPath("$[0].nowPass").value(2))
                .andExpect(jsonPath("$[0].id").value("UNCHANGED"));
    }

    @Test
    void whatIsLimitedIsDueUntilAnotherVisitEndsIt() throws Exception {
        String id = makeInstallation(1.05);
        measure(id, UUID.randomUUID(), 0);
        postJson(
                        "/api/installations/" + id + "/sign-off",
                        ("{\"version\":%d,\"passNumber\":1,\"remark\":\"\",\"reason\":\"roof wet\","
                                        + "\"due\":\"2199-01-05\",\"mendedBy\":\" Noa \"}")
                                .formatted(version(id)))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.signOff.mendedBy").value("Noa"))
                .andExpect(jsonPath("$.signOff.recheckBy").isNotEmpty());
        String mine = "$[?(@.installationId == '%s')]".formatted(id);
        getAs(viewer, "/api/due")
                .andExpect(jsonPath(mine, hasSize(1)))
                .andExpect(jsonPath(mine + ".what").value("MEND"))
                .andExpect(jsonPath(mine + ".day").value("2199-01-05"))
                .andExpect(jsonPath(mine + ".isOverdue").value(false))
                .andExpect(jsonPath(mine + ".why").value("roof wet"))
                .andExpect(jsonPath(mine + ".who").value("Noa"));
        visit(id, "REPAIR", "roof is dry");
        getAs(viewer, "/api/due").andExpect(jsonPath(mine, hasSize(0)));
    }
}
