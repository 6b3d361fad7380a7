package dorada.server.installation;

import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import dorada.server.calibration.CalibrationApiTest;
import dorada.server.radio.RadioApiTest;
import org.junit.jupiter.api.Test;

/** What is looked at before the first reading of a visit. */
class ReadyApiTest extends ApiTest {

    private static final String ANSWERS = """
            {"method":"ANALYSER","answers":{"OVERHEAD_LINES":"YES","RADIO_OFF_THE_LINE":"YES","CALIBRATED_THERE":"YES",
             "FINAL_PLACE":"YES","OUTDOORS":"YES","DOORS_SHUT":"%s","PEOPLE_AWAY":"YES","METAL_AWAY":"YES"}}""";

    /** From 70 to 90 MHz, where no other test has one. */
    private static final String CALIBRATION = CalibrationApiTest.calibration("Yard", CalibrationApiTest.trace(1))
            .replace("140e6,150e6,160e6", "70e6,80e6,90e6");

    @Test
    void whatIsAskedGoesByMethodAndCarrier() throws Exception {
        String vehicle = makeInstallation(1.6);
        getAs(viewer, "/api/installations/" + vehicle + "/ready?method=ANALYSER")
                .andExpect(jsonPath("$[*].step", hasItem("DOORS_SHUT")))
                .andExpect(jsonPath("$[?(@.step=='RADIO_OFF_THE_LINE')].weight", contains("FORBIDS")));
        String indoors =
                read(postJson("/api/installations", plan("Attic", 1.6).replace("\"VEHICLE\"", "\"INDOOR\"")), "$.id");
        getAs(viewer, "/api/installations/" + indoors + "/ready?method=WATTMETER")
                .andExpect(jsonPath("$[*].step", hasItem("PLUG_FITS")))
                .andExpect(jsonPath("$[*].step", not(hasItem("OUTDOORS"))));
    }

    @Test
    void aFreshCalibrationOverTheChannelsAndAFitRadioAnswerThemselves() throws Exception {
        String radio = read(postJson("/api/radios", RadioApiTest.radio("Ready radio", 0)), "$.id");
        String withRadio = plan("Tractor 8", 1.6)
                .replace("\"oneWay\"", "\"radioId\":\"" + radio + "\",\"oneWay\"")
                .replace("153050000", "83050000")
                .replace("157450000", "87450000");
        String known =
                "/api/installations/" + read(postJson("/api/installations", withRadio), "$.id") + "/ready?method=";
        getAs(viewer, known + "INLINE_METER")
                .andExpect(jsonPath("$[?(@.step=='DUMMY_LOAD_FIRST')].known").isEmpty());
        postJson("/api/radios/" + radio + "/checks", RadioApiTest.GOOD).andExpect(status().isCreated());
        getAs(viewer, known + "INLINE_METER")
                .andExpect(jsonPath("$[?(@.step=='DUMMY_LOAD_FIRST')].known", contains("YES")));
        String made = read(postJson("/api/calibrations", CALIBRATION), "$.id");
        getAs(viewer, known + "ANALYSER")
                .andExpect(jsonPath("$[?(@.step=='CALIBRATED_THERE')].known", contains("YES")));
        // One that ends short of a channel answers nothing.
        send(delete("/api/calibrations/" + made), technician, "").andExpect(status().isNoContent());
        postJson("/api/calibrations", CALIBRATION.replace("90e6", "87e6"));
        getAs(viewer, known + "ANALYSER")
                .andExpect(jsonPath("$[?(@.step=='CALIBRATED_THERE')].known").isEmpty());
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
