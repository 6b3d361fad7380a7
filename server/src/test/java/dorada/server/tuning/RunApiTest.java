package dorada.server.tuning;

import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Builds read by watts under names of their own. */
class RunApiTest extends ApiTest {

    private static String run(String name, String more, double... reflectedW) {
        StringBuilder spots = new StringBuilder();
        for (int i = 0; i < reflectedW.length; i++) {
            spots.append(i == 0 ? "" : ",")
                    .append("{\"frequencyHz\":")
                    .append(153.05e6 + i * 2.2e6)
                    .append(",\"forwardW\":20,\"reflectedW\":")
                    .append(reflectedW[i])
                    .append(",\"forwardFullScaleW\":25,\"reflectedFullScaleW\":5}");
        }
        return "{\"recording\":{\"requestKey\":\"" + UUID.randomUUID()
                + "\",\"changeM\":0,\"note\":\"\",\"runName\":\"" + name + "\"" + more
                + "},\"kind\":\"WATTMETER\",\"spots\":[" + spots + "]}";
    }

    @Test
    void theLightestBuildThatHoldsIsNamed() throws Exception {
        String id = makeInstallation(2);
        String spots = "/api/installations/" + id + "/spots";
        getAs(viewer, "/api/installations/" + id + "/runs")
                .andExpect(jsonPath("$.runs", hasSize(0)))
                .andExpect(jsonPath("$.limitSwr").value(2));
        postJson(spots, run("no ground plane", "", 5, 4.5, 5)).andExpect(status().isCreated());
        postJson(spots, run("mesh", ",\"runWeightKg\":2.4", 0.6, 0.4, 0.8));
        postJson(spots, run("plate and radials", ",\"runWeightKg\":1.8", 0.8, 0.6, 0.9))
                .andExpect(jsonPath("$.runName").value("plate and radials"));
        getAs(viewer, "/api/installations/" + id + "/runs")
                .andExpect(jsonPath("$.runs[*].state", contains("FAILS", "HOLDS", "HOLDS")))
                .andExpect(jsonPath("$.says[0].id").value("runs.LIGHTEST_HOLDS"))
                .andExpect(jsonPath("$.says[0].params.best").value("plate and radials"));
        // Built up indoors, the one can't be held against the others as it stands.
        getAs(viewer, "/api/installations/" + id + "/runs")
                .andExpect(jsonPath("$.otherwise").value(false));
        postJson(spots, run("lid alone", ",\"circumstances\":[\"INDOORS\"]", 4, 4, 4));
        getAs(viewer, "/api/installations/" + id + "/runs")
                .andExpect(jsonPath("$.otherwise").value(true))
                .andExpect(jsonPath("$.runs[3].circumstances[0].name").value("INDOORS"))
                .andExpect(jsonPath("$.runs[1].circumstances", hasSize(0)));
        // Read again under the same name, the newer reading counts.
        postJson(spots, run("plate and radials", "", 4, 4, 4));
        getAs(viewer, "/api/installations/" + id + "/runs")
                .andExpect(jsonPath("$.runs", hasSize(4)))
                .andExpect(jsonPath("$.says[0].params.best").value("mesh"));
        postJson(spots, run("x", ",\"runWeightKg\":-1", 1, 1, 1)).andExpect(status().isUnprocessableContent());
    }

    /** Another build is another antenna: nothing of the one before is taken for an antenna that moved by itself. */
    @Test
    void anotherBuildIsNoFaultOfTheOneBefore() throws Exception {
        double[] before = {0.4, 0.3, 0.4};
        double[] after = {3, 2, 1.2};
        String moved = "$.advice.hypotheses[?(@.id=='moved-by-itself')]";
        String nameless = "/api/installations/" + makeInstallation(2) + "/spots";
        postJson(nameless, run("", "", before)).andExpect(status().isCreated());
        postJson(nameless, run("", "", after)).andExpect(jsonPath(moved, hasSize(1)));
        String named = "/api/installations/" + makeInstallation(2) + "/spots";
        postJson(named, run("mesh", "", before)).andExpect(status().isCreated());
        postJson(named, run("bare", "", after)).andExpect(status().isCreated()).andExpect(jsonPath(moved, hasSize(0)));
    }
}
