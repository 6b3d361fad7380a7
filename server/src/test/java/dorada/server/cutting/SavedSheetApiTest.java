package dorada.server.cutting;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import dorada.server.ApiTest;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class SavedSheetApiTest extends ApiTest {

    /** 234/f at 155 MHz is 460.2 mm; the usual base of 20 mm is outside of the piece. */
    private static String sheet(String installation, String cuts, String done) {
        String of = installation == null ? "" : "\"installationId\":\"" + installation + "\",";
        return "{\"name\":\"Whip, pick-up 4\"," + of
                + "\"sheet\":{\"kind\":\"quarter-wave-whip\",\"frequencyHz\":155000000},\"body\":\"{}\",\"done\":["
                + done + "],\"cuts\":[" + cuts + "]}";
    }

    private String kept(String body) throws Exception {
        return send(post("/api/cut-sheets"), technician, body)
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    @Test
    void aSheetIsKeptTickedAndRemoved() throws Exception {
        String made = kept(sheet(null, "", ""));
        String id = JsonPath.read(made, "$.id");
        int version = JsonPath.read(made, "$.version");
        send(get("/api/cut-sheets"), viewer, "").andExpect(jsonPath("$[*].name", hasItem("Whip, pick-up 4")));
        String ticked = sheet(null, "{\"piece\":1,\"lengthM\":0.471}", "\"cut\",\"deburr\"");
        send(put("/api/cut-sheets/" + id + "?version=" + version), technician, ticked)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.done", hasSize(2)));
        send(get("/api/cut-sheets/" + id), viewer, "")
                .andExpect(jsonPath("$.done", hasItem("deburr")))
                .andExpect(jsonPath("$.cuts[0].lengthM").value(0.471))
                .andExpect(jsonPath("$.changedBy").value("ines"));
        send(delete("/api/cut-sheets/" + id), technician, "").andExpect(status().isNoContent());
        send(get("/api/cut-sheets/" + id), viewer, "").andExpect(status().isNotFound());
    }

    @Test
    void aStaleSheetIsRefusedWithWhatIsThere() throws Exception {
        String made = kept(sheet(null, "", ""));
        String id = JsonPath.read(made, "$.id");
        int version = JsonPath.read(made, "$.version");
        send(put("/api/cut-sheets/" + id + "?version=" + version), technician, sheet(null, "", "\"cut\""))
                .andExpect(status().isOk());
        send(put("/api/cut-sheets/" + id + "?version=" + version), lead, sheet(null, "", "\"seal\""))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.current.done", hasItem("cut")));
    }

    @Test
    void whatWasReallyCutBecomesTheStartOfTuning() throws Exception {
        String installation = makeInstallation(2);
        kept(sheet(installation, "{\"piece\":1,\"lengthM\":0.471}", ""));
        // 471 mm less 15 mm in the base, and the base of 20 mm beneath.
        send(get("/api/installations/" + installation), viewer, "")
                .andExpect(jsonPath("$.startLengthM", closeTo(0.476, 1e-9), Double.class));
        send(get("/api/cut-sheets?installation=" + installation), viewer, "").andExpect(jsonPath("$", hasSize(1)));
        send(get("/api/cut-sheets?installation=" + UUID.randomUUID()), viewer, "")
                .andExpect(jsonPath("$", hasSize(0)));
    }

    @Test
    void afterTheFirstSweepTheStartStaysAsItWas() throws Exception {
        String installation = makeInstallation(2);
        kept(sheet(installation, "{\"piece\":1,\"lengthM\":0.471}", ""));
        measure(installation, UUID.randomUUID(), 0).andExpect(status().isCreated());
        kept(sheet(installation, "{\"piece\":1,\"lengthM\":0.440}", ""));
        send(get("/api/installations/" + installation), viewer, "")
                .andExpect(jsonPath("$.startLengthM", closeTo(0.476, 1e-9), Double.class));
    }

    @Test
    void aStubForTheSameJobIsNotItsAntenna() throws Exception {
        String installation = makeInstallation(2);
        kept(sheet(installation, "{\"piece\":1,\"lengthM\":0.350}", "").replace("quarter-wave-whip", "coax-stub"));
        send(get("/api/installations/" + installation), viewer, "")
                .andExpect(jsonPath("$.sheetKind").value("quarter-wave-whip"))
                .andExpect(jsonPath("$.startLengthM").doesNotExist());
    }

    @Test
    void whatIsWrongIsSaidAtItsField() throws Exception {
        send(post("/api/cut-sheets"), technician, sheet(null, "", "").replace("Whip, pick-up 4", " "))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("name"));
        send(post("/api/cut-sheets"), technician, sheet(null, "", "").replace("155000000", "1"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("frequencyHz"));
        send(post("/api/cut-sheets"), technician, sheet(UUID.randomUUID().toString(), "", ""))
                .andExpect(status().isNotFound());
        send(post("/api/cut-sheets"), viewer, sheet(null, "", "")).andExpect(status().isForbidden());
    }
}
