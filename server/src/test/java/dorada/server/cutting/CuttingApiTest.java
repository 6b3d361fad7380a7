package dorada.server.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.lessThan;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import dorada.core.design.Designs;
import dorada.server.ApiTest;
import org.junit.jupiter.api.Test;

class CuttingApiTest extends ApiTest {

    private static final String WHIP = "{\"kind\":\"quarter-wave-whip\",\"frequencyHz\":146520000}";

    @Test
    void everyKindIsListedWithItsSense() throws Exception {
        send(get("/api/cutting/kinds"), viewer, "")
                .andExpect(jsonPath("$", hasSize(Designs.ALL.sheets().size())))
                .andExpect(jsonPath("$[*].id", hasItem("ribbon-j-pole")))
                .andExpect(jsonPath("$[0].about").isNotEmpty());
    }

    @Test
    void inputsCarryTheirRangesAndConditions() throws Exception {
        send(get("/api/cutting/kinds/beam/inputs?frequencyHz=446000000"), viewer, "")
                .andExpect(jsonPath("$[?(@.id=='elements')].options[*].id", hasItem("6")))
                .andExpect(jsonPath("$[?(@.id=='thickM')].onlyInput", hasItem("boom")))
                .andExpect(jsonPath("$[?(@.id=='diameterM')].lowest", hasItem(0.0002)));
        send(get("/api/cutting/kinds/antimatter/inputs?frequencyHz=446000000"), viewer, "")
                .andExpect(status().isNotFound());
        send(get("/api/cutting/kinds/beam/inputs?frequencyHz=-1"), viewer, "")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("frequencyHz"));
    }

    /** 234/f in feet, common practice: 19.16 in at 146.52 MHz. */
    @Test
    void aSheetByRuleComesAtOnce() throws Exception {
        send(post("/api/cutting/sheet"), viewer, WHIP)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.lines[0].rule", closeTo(19.16 * 0.0254, 0.0003), Double.class))
                .andExpect(jsonPath("$.lines[0].solved").doesNotExist())
                .andExpect(jsonPath("$.uses").value("RULE"))
                .andExpect(jsonPath("$.pieces[0].cutM", greaterThan(0.48), Double.class))
                .andExpect(jsonPath("$.steps[*].cautions[*].text", hasItem(containsString("Eye protection"))))
                .andExpect(jsonPath("$.views[0].measures[0].mark").value("A"))
                .andExpect(jsonPath("$.choices.held").value("screw"))
                .andExpect(jsonPath("$.plan").doesNotExist());
    }

    @Test
    void aSolvedSheetShowsBothAnswersAndTheirDifference() throws Exception {
        String body = send(post("/api/cutting/solve"), viewer, WHIP)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.uses").value("SOLVER"))
                .andExpect(jsonPath("$.atFeed.reactanceOhm", closeTo(0, 0.5), Double.class))
                .andReturn()
                .getResponse()
                .getContentAsString();
        double rule = ((Number) JsonPath.read(body, "$.lines[0].rule")).doubleValue();
        double solved = ((Number) JsonPath.read(body, "$.lines[0].solved")).doubleValue();
        double difference = ((Number) JsonPath.read(body, "$.lines[0].difference")).doubleValue();
        double used = ((Number) JsonPath.read(body, "$.lines[0].used")).doubleValue();
        assertThat(solved - rule).isCloseTo(difference, within(1e-12));
        assertThat(used).isEqualTo(solved);
    }

    @Test
    void theRuleIsTakenWhereItIsAskedFor() throws Exception {
        send(post("/api/cutting/solve"), viewer, WHIP.replace("}", ",\"uses\":\"RULE\"}"))
                .andExpect(jsonPath("$.uses").value("RULE"))
                .andExpect(jsonPath("$.lines[0].solved").exists());
    }

    @Test
    void solvingCanRunAsAJob() throws Exception {
        String started = send(
                        post("/api/cutting/solve").header("Prefer", "respond-async"),
                        technician,
                        "{\"kind\":\"tube-j-pole\",\"frequencyHz\":146500000}")
                .andExpect(status().isAccepted())
                .andReturn()
                .getResponse()
                .getContentAsString();
        String id = JsonPath.read(started, "$.id");
        String state = "WAITING";
        String seen = "";
        for (int i = 0; i < 600 && (state.equals("WAITING") || state.equals("RUNNING")); i++) {
            Thread.sleep(50);
            seen = send(get("/api/jobs/" + id), technician, "")
                    .andReturn()
                    .getResponse()
                    .getContentAsString();
            state = JsonPath.read(seen, "$.state");
        }
        assertThat(state).isEqualTo("DONE");
        double ohm = ((Number) JsonPath.read(seen, "$.result.atConnector.resistanceOhm")).doubleValue();
        assertThat(ohm).isBetween(45.0, 55.0);
    }

    @Test
    void whatCanNotBeMadeIsRefusedAtItsField() throws Exception {
        send(post("/api/cutting/sheet"), viewer, WHIP.replace("}", ",\"numbers\":{\"diameterM\":0.2}}"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("diameterM"))
                .andExpect(jsonPath("$.detail", containsString(" to ")));
        send(post("/api/cutting/solve"), viewer, WHIP.replace("146520000", "5000000"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("frequencyHz"))
                .andExpect(jsonPath("$.detail", containsString("25 MHz to 1000 MHz")));
        send(post("/api/cutting/sheet"), viewer, WHIP.replace("}", ",\"choices\":{\"held\":\"glue\"}}"))
                .andExpect(jsonPath("$.field").value("held"));
        send(post("/api/cutting/sheet"), viewer, WHIP.replace("quarter-wave-whip", "nothing"))
                .andExpect(status().isNotFound());
        send(post("/api/cutting/sheet"), viewer, "{\"frequencyHz\":146520000}")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("kind"));
    }

    @Test
    void barsOnHandMakeAPlan() throws Exception {
        String plane = "{\"kind\":\"rod-ground-plane\",\"frequencyHz\":146000000,\"kerfM\":0.002,\"stockM\":";
        send(post("/api/cutting/sheet"), viewer, plane + "[2,2]}")
                .andExpect(jsonPath("$.plan.bars", hasSize(2)))
                .andExpect(jsonPath("$.plan.missing", hasSize(0)))
                .andExpect(jsonPath("$.plan.wasteM", lessThan(2.0), Double.class));
        send(post("/api/cutting/sheet"), viewer, plane + "[1.2]}").andExpect(jsonPath("$.plan.missing", hasSize(3)));
        // Of two antennas alike all pieces come from the same bars.
        send(post("/api/cutting/sheet"), viewer, plane + "[2,2,2,2],\"antennas\":2}")
                .andExpect(jsonPath("$.plan.missing", hasSize(0)))
                .andExpect(jsonPath("$.plan.bars[*].cuts[*]", hasSize(10)))
                .andExpect(jsonPath("$.pieces[0].count").value(1));
        send(post("/api/cutting/sheet"), viewer, plane + "[2],\"antennas\":51}")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("antennas"));
        send(post("/api/cutting/sheet"), viewer, plane + "[-1]}")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("stockM"));
    }

    @Test
    void aShapeIsTriedWithItsCurve() throws Exception {
        String asked = "{\"sheet\":" + WHIP + ",\"shape\":{\"whip\":%s}}";
        send(post("/api/cutting/curve"), viewer, asked.formatted("0.49"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.swr", lessThan(1.6), Double.class))
                .andExpect(jsonPath("$.trace.frequencyHz[0]", lessThan(140e6), Double.class))
                .andExpect(jsonPath("$.dipHz", greaterThan(140e6), Double.class));
        send(post("/api/cutting/curve"), viewer, asked.formatted("0.4"))
                .andExpect(jsonPath("$.swr", greaterThan(3.0), Double.class));
        send(post("/api/cutting/curve"), viewer, asked.formatted("-1"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("whip"));
        send(post("/api/cutting/curve"), viewer, asked.replace("whip\":%s", "tail\":1"))
                .andExpect(status().isUnprocessableContent());
        send(post("/api/cutting/curve"), viewer, asked.formatted("1e-7")).andExpect(status().isUnprocessableContent());
    }

    @Test
    void aNumberIsVariedAndTheAntennaTunedAgain() throws Exception {
        String row = "{\"sheet\":{\"kind\":\"rod-ground-plane\",\"frequencyHz\":146000000},\"input\":\"droopDeg\","
                + "\"from\":0,\"to\":60,\"steps\":3}";
        send(post("/api/cutting/row"), viewer, row)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.entries", hasSize(3)))
                .andExpect(jsonPath("$.entries[0].seen.at.resistanceOhm", lessThan(30.0), Double.class))
                .andExpect(jsonPath("$.entries[2].seen.at.resistanceOhm", greaterThan(50.0), Double.class));
        send(post("/api/cutting/row"), viewer, row.replace("\"to\":60", "\"to\":89"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("Droop")));
        send(post("/api/cutting/row"), viewer, row.replace("\"steps\":3", "\"steps\":99"))
                .andExpect(jsonPath("$.field").value("steps"));
        send(post("/api/cutting/row"), viewer, row.replace("droopDeg", "radials"))
                .andExpect(jsonPath("$.field").value("input"));
    }
}
