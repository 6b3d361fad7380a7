package dorada.server.instrument;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.core.instrument.scpi.CommandProfile;
import dorada.server.ApiTest;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import tools.jackson.databind.json.JsonMapper;

/** A shop that is no demo: what is simulated is practised on and never recorded. */
@TestPropertySource(
        properties = {"dorada.invented-readings=false", "spring.datasource.url=jdbc:h2:mem:dorada-without-inventions"})
class InventedReadingsTest extends ApiTest {

    @Autowired
    private PracticeStand stand;

    private void refused(String id, String instrument) throws Exception {
        String body = """
                {"recording":{"requestKey":"%s","changeM":0,"note":"","circumstances":[]},"startHz":140e6,"stopHz":175e6,"points":201%s}
                """.formatted(UUID.randomUUID(), instrument);
        send(post("/api/installations/" + id + "/passes"), technician, body)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("instrument"))
                .andExpect(jsonPath("$.detail").value(containsString("for practice")));
        send(get("/api/installations/" + id + "/passes"), technician, "").andExpect(jsonPath("$", hasSize(0)));
    }

    @Test
    void noSimulatedReadingIsRecordedUnderAnyName() throws Exception {
        String id = makeInstallation(2);
        refused(id, "");
        refused(id, ",\"instrument\":\"stand-in\"");
        send(get("/api/instruments"), technician, "")
                .andExpect(jsonPath("$[0].standIn").value(true))
                .andExpect(jsonPath("$[0].recorded").value(false));
        String profile = new JsonMapper().writeValueAsString(CommandProfile.STAND_IN);
        String own = read(
                send(
                        post("/api/instruments"),
                        lead,
                        "{\"version\":0,\"name\":\"Ours\",\"host\":\"localhost\",\"port\":%d,\"profile\":%s}"
                                .formatted(stand.port(), profile)),
                "$.id");
        refused(id, ",\"instrument\":\"" + own + "\"");
    }
}
