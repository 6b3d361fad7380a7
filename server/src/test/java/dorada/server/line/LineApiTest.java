package dorada.server.line;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LineApiTest extends ApiTest {

    /** 3 dB one way: half a reflection comes back as a quarter of itself, a quarter-wave turned round. */
    private static final String LINE =
            "{\"lengthM\":0.5,\"velocityFactor\":0.66713,\"impedanceOhm\":50,\"k1DbPer100mSqrtMHz\":60}";

    @Test
    void aLineIsPutOnAndTakenOff() throws Exception {
        String sample = "[{\"frequencyHz\":100e6,\"re\":0.5,\"im\":0}]";
        send(
                        post("/api/lines/transform"),
                        viewer,
                        "{\"line\":" + LINE + ",\"samples\":" + sample + ",\"direction\":\"towardRadio\"}")
                .andExpect(status().isOk())
                // 60·√100 dB per 100 m on half a metre are 3 dB; a quarter-wave turns Γ by half a turn.
                .andExpect(jsonPath("$.matchedLossDb[0]", closeTo(3, 1e-9), Double.class))
                .andExpect(jsonPath("$.samples[0].re", closeTo(-0.5 * Math.pow(10, -0.3), 1e-4), Double.class))
                .andExpect(jsonPath("$.totalLossDb[0]", closeTo(3 + 0.98, 0.1), Double.class));
        String back = "[{\"frequencyHz\":100e6,\"re\":-0.2505936,\"im\":0}]";
        send(
                        post("/api/lines/transform"),
                        viewer,
                        "{\"line\":" + LINE + ",\"samples\":" + back + ",\"direction\":\"towardAntenna\"}")
                .andExpect(jsonPath("$.samples[0].re", closeTo(0.5, 1e-4), Double.class));
    }

    /** A reflection against 75 Ω is answered re 50 Ω. */
    @Test
    void anotherReferenceIsHeeded() throws Exception {
        send(
                        post("/api/lines/transform"),
                        viewer,
                        "{\"line\":{\"lengthM\":0,\"velocityFactor\":1},\"referenceOhm\":75,\"samples\":[{\"frequencyHz\":1e8,"
                                + "\"re\":0,\"im\":0}],\"direction\":\"towardRadio\"}")
                .andExpect(jsonPath("$.samples[0].re", closeTo(0.2, 1e-12), Double.class));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"samples\":[],\"direction\":\"towardRadio\"} | line",
                "{\"line\":{\"lengthM\":-1,\"velocityFactor\":0.66},\"samples\":[],\"direction\":\"towardRadio\"} | line",
                "{\"line\":{\"lengthM\":1,\"velocityFactor\":0.66},\"samples\":[],\"direction\":\"towardRadio\"} | samples",
                "{\"line\":{\"lengthM\":1,\"velocityFactor\":0.66},\"samples\":[{\"frequencyHz\":1e8,\"re\":0}],\"direction\":\"towardRadio\"} | samples",
                "{\"line\":{\"lengthM\":1,\"velocityFactor\":0.66},\"samples\":[{\"frequencyHz\":1e8,\"re\":0,\"im\":0}],\"direction\":\"up\"} | direction",
            })
    void whatIsMissingIsSaidAtItsField(String body, String field) throws Exception {
        send(post("/api/lines/transform"), viewer, body)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value(field));
    }

    @Test
    void aBreakIsLocated() throws Exception {
        StringBuilder samples = new StringBuilder();
        for (int i = 0; i <= 400; i++) {
            double hz = 10e6 + i * 1e6;
            double turn = -4 * Math.PI * hz * 8 / (299792458.0 * 0.66);
            samples.append(i == 0 ? "" : ",")
                    .append("{\"frequencyHz\":")
                    .append(hz)
                    .append(",\"re\":")
                    .append(Math.cos(turn))
                    .append(",\"im\":")
                    .append(Math.sin(turn))
                    .append("}");
        }
        String line = "\"line\":{\"lengthM\":15,\"velocityFactor\":0.66}";
        send(post("/api/faults/locate"), viewer, "{\"samples\":[" + samples + "]," + line + "}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.resolutionM", closeTo(0.2473, 1e-3), Double.class))
                .andExpect(jsonPath("$.events", hasSize(1)))
                .andExpect(jsonPath("$.events[0].distanceM", closeTo(8, 0.02), Double.class))
                .andExpect(jsonPath("$.events[0].what").value("open"))
                .andExpect(jsonPath("$.events[0].sure").value(true))
                .andExpect(jsonPath("$.says.text", startsWith("Look at 8.0 m")));
        send(post("/api/faults/locate"), viewer, "{\"samples\":[" + samples + "]," + line + ",\"window\":\"round\"}")
                .andExpect(jsonPath("$.field").value("window"));
        send(post("/api/faults/locate"), viewer, "{\"samples\":[{\"frequencyHz\":1e8,\"re\":0,\"im\":0}]," + line + "}")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("at least 11 points")));
    }
}
