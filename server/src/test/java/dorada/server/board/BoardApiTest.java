package dorada.server.board;

import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.lessThanOrEqualTo;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;

import dorada.server.ApiTest;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class BoardApiTest extends ApiTest {

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

    @Test
    void theBoardCanBeNarrowedToAState() throws Exception {
        String id = makeInstallation(2);
        getAs(viewer, "/api/installations?state=PLANNED")
                .andExpect(jsonPath("$[*].state", everyItem(is("PLANNED"))))
                .andExpect(jsonPath(card(id), hasSize(1)));
    }
}
