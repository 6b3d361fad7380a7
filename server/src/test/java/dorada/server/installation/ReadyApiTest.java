package dorada.server.installation;

import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import org.junit.jupiter.api.Test;

/** What is looked at before the first reading of a visit. */
class ReadyApiTest extends ApiTest {

    private static final String ANSWERS = """
            {"method":"ANALYSER","answers":{"OVERHEAD_LINES":"YES","RADIO_OFF_THE_LINE":"YES","CALIBRATED_THERE":"YES",
             "FINAL_PLACE":"YES","OUTDOORS":"YES","DOORS_SHUT":"%s","PEOPLE_AWAY":"YES","METAL_AWAY":"YES"}}""";

    @Test
    void whatIsAskedGoesByMethodAndCarrier() throws Exception {
        getAs(viewer, "/api/ready-steps?method=ANALYSER&carrier=VEHICLE")
                .andExpect(jsonPath("$[*].step", hasItem("RADIO_OFF_THE_LINE")))
                .andExpect(jsonPath("$[?(@.step=='RADIO_OFF_THE_LINE')].weight", contains("FORBIDS")));
        getAs(viewer, "/api/ready-steps?method=WATTMETER&carrier=INDOOR")
                .andExpect(jsonPath("$[*].step", hasItem("PLUG_FITS")))
                .andExpect(jsonPath("$[*].step", not(hasItem("OUTDOORS"))));
    }

    @Test
    void answersStandWithTheVisitAndAreReplacedByNewerOnes() throws Exception {
        String id = makeInstallation(1.6);
        String ready = "/api/installations/" + id + "/visits/open/ready";
        send(put(ready), viewer, ANSWERS.formatted("NO")).andExpect(status().isForbidden());
        send(put(ready), technician, ANSWERS.formatted("NO"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.visits[0].ready.state").value("OPEN"))
                .andExpect(jsonPath("$.visits[0].ready.openCount").value(1))
                .andExpect(jsonPath("$.visits[0].ready.circumstances", contains("DOOR_OPEN")))
                .andExpect(jsonPath("$.visits[0].ready.by").value("ines"));
        // What changed since is answered anew, and replaces what stood there.
        send(put(ready), lead, ANSWERS.formatted("DOES_NOT_APPLY").replace("\"}}", "\",\"OPEN_GROUND\":\"NO\"}}"))
                .andExpect(jsonPath("$.visits[0].ready.state").value("READY_WITH_CIRCUMSTANCES"))
                .andExpect(jsonPath("$.visits[0].ready.circumstances", contains("NOT_IN_THE_OPEN")))
                .andExpect(jsonPath("$.visits[0].ready.answers.DOORS_SHUT").value("DOES_NOT_APPLY"));
        send(put(ready), technician, "{\"method\":\"ANALYSER\",\"answers\":{\"NO_SUCH\":\"YES\"}}")
                .andExpect(status().is4xxClientError());
        getAs(viewer, "/api/installations/" + id)
                .andExpect(jsonPath("$.visits[0].ready.by").value("marisol"));
    }
}
