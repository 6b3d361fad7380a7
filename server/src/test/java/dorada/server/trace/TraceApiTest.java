package dorada.server.trace;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;

class TraceApiTest extends ApiTest {

    private ResultActions readFile(String query, String text) throws Exception {
        return http.perform(multipart("/api/traces/read" + query)
                .file(new MockMultipartFile("file", "roof.csv", null, text.getBytes(StandardCharsets.UTF_8)))
                .with(as(viewer))
                .with(csrf()));
    }

    /** A series circuit at 156 MHz, 42 Ω, Q 9, as the page sends it. */
    private static String trace(double f0, int points) {
        StringBuilder hz = new StringBuilder();
        StringBuilder re = new StringBuilder();
        StringBuilder im = new StringBuilder();
        for (int i = 0; i < points; i++) {
            double f = 140e6 + 30e6 * i / (points - 1);
            double x = 42 * 9 * (f / f0 - f0 / f);
            double d = 92 * 92 + x * x;
            hz.append(i == 0 ? "" : ",").append(f);
            re.append(i == 0 ? "" : ",").append((-8 * 92 + x * x) / d);
            im.append(i == 0 ? "" : ",").append((x * 92 + 8 * x) / d);
        }
        return "{\"frequencyHz\":[" + hz + "],\"re\":[" + re + "],\"im\":[" + im + "],\"hasPhase\":true}";
    }

    private static final String LINE =
            "{\"lengthM\":12,\"velocityFactor\":0.66,\"impedanceOhm\":50,\"k1DbPer100mSqrtMHz\":1.55,\"k2DbPer100mMHz\":0.012}";

    @Test
    void aTableIsPreviewedAndWhatItLacksIsSaid() throws Exception {
        readFile("", "Freq MHz,VSWR,operator\n150,1.5,Noa\n151,1.4,Noa\n")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.columns", hasSize(3)))
                .andExpect(jsonPath("$.columns[1].words.text").value("SWR"))
                .andExpect(jsonPath("$.columns[2].used").value(false))
                .andExpect(jsonPath("$.firstRows[0][1]").value("1.5"))
                .andExpect(jsonPath("$.lacks.text", containsString("R, X")))
                .andExpect(jsonPath("$.trace.hasPhase").value(false))
                .andExpect(jsonPath("$.trace.re[0]", closeTo(0.2, 1e-9), Double.class));
    }

    @Test
    void aTwoPortFileGivesThePortThatIsPicked() throws Exception {
        String text = "# MHz S RI R 50\n100 .1 0 .9 0 .9 0 .3 0\n101 .1 0 .9 0 .9 0 .3 0\n";
        readFile("?port=2", text)
                .andExpect(jsonPath("$.ports").value(2))
                .andExpect(jsonPath("$.trace.re[0]").value(0.3));
        readFile("?port=2", "# MHz S RI R 50\n100 .1 0\n")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.line").value(2));
    }

    @Test
    void aTraceIsLookedAtThroughItsLineAndItsEchoesAreShown() throws Exception {
        send(
                        post("/api/traces/look"),
                        viewer,
                        "{\"trace\":" + trace(150e6, 301) + ",\"line\":" + LINE
                                + ",\"view\":\"AT_RADIO\",\"wantedHz\":[158e6]}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.lineEffects[0].swrAtAntenna", greaterThan(2.0), Double.class))
                .andExpect(jsonPath("$.lineEffects[0].says.text", containsString("the line hides it")))
                .andExpect(jsonPath("$.analysis.wanted", hasSize(1)))
                .andExpect(jsonPath("$.says.text", startsWith("Dip at 15")))
                .andExpect(jsonPath("$.faults.resolutionM", closeTo(3.3, 0.05), Double.class))
                .andExpect(jsonPath("$.profile.distanceM[0]").value(0.0));
        // Taking the line off an antenna that has none makes more come back than goes in.
        send(
                        post("/api/traces/look"),
                        viewer,
                        "{\"trace\":" + trace(150e6, 301) + ",\"line\":" + LINE + ",\"view\":\"AT_ANTENNA\"}")
                .andExpect(jsonPath("$.doubts[0].text", containsString("shorter or loses less")));
        send(post("/api/traces/look"), viewer, "{\"trace\":" + trace(150e6, 301) + ",\"view\":\"AT_ANTENNA\"}")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("line"));
    }

    /** SWR of |Γ| 0.1, 0.2 and 0.5 is 1.22, 1.5 and 3: by its definition. */
    @ParameterizedTest
    @CsvSource({"1.2,0", "1.5,2", "2,2", "3,3"})
    void aLimitSaysWhichOfTheWantedAreMet(double limit, int met) throws Exception {
        String wanted =
                "{\"trace\":{\"frequencyHz\":[150e6,151e6,152e6],\"re\":[0.5,0.1,0.2],\"im\":[0,0,0],\"hasPhase\":true},"
                        + "\"wantedHz\":[150e6,151e6,152e6,160e6],\"limitSwr\":" + limit + "}";
        send(post("/api/traces/look"), viewer, wanted).andExpect(jsonPath("$.metHz", hasSize(met)));
        send(post("/api/traces/look"), viewer, wanted.replace("\"limitSwr\":" + limit, "\"limitSwr\":1"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("limitSwr"));
    }

    @Test
    void magnitudesAloneAreLookedAtButNotMoved() throws Exception {
        String plain = "{\"frequencyHz\":[150e6,151e6,152e6],\"re\":[0.5,0.1,0.5],\"im\":[0,0,0],\"hasPhase\":false}";
        send(post("/api/traces/look"), viewer, "{\"trace\":" + plain + "}")
                .andExpect(jsonPath("$.analysis.dips", hasSize(1)))
                .andExpect(jsonPath("$.analysis.dips[0].resistanceOhm").doesNotExist())
                .andExpect(jsonPath("$.profile").doesNotExist());
        send(
                        post("/api/traces/look"),
                        viewer,
                        "{\"trace\":" + plain + ",\"line\":" + LINE + ",\"view\":\"AT_ANTENNA\"}")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("phase is missing")));
    }

    @Test
    void tracesAreComparedAndUnsteadyOnesNamed() throws Exception {
        send(
                        post("/api/traces/compare"),
                        viewer,
                        "{\"traces\":[" + trace(156e6, 301) + "," + trace(157.56e6, 301) + "],\"wantedHz\":[158e6]}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.shifts[1].shiftShare", closeTo(0.01, 1e-3), Double.class))
                .andExpect(jsonPath("$.rows[0].readings", hasSize(2)))
                .andExpect(jsonPath("$.steadiness.steady").value(false))
                .andExpect(jsonPath("$.steadiness.says.text", startsWith("Unsteady")));
        // Another antenna, or another length of it, is compared and not called unsteady.
        send(
                        post("/api/traces/compare"),
                        viewer,
                        "{\"traces\":[" + trace(156e6, 301) + "," + trace(160e6, 301) + "],\"wantedHz\":[158e6]}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.shifts[1].shiftShare", closeTo(0.0256, 1e-3), Double.class))
                .andExpect(jsonPath("$.steadiness").doesNotExist());
        send(post("/api/traces/compare"), viewer, "{\"traces\":[]}").andExpect(status().isUnprocessableContent());
    }

    @Test
    void aTraceIsWrittenInEveryForm() throws Exception {
        String body = "{\"trace\":" + trace(156e6, 3) + ",\"note\":\"bench\",\"form\":\"";
        send(post("/api/traces/write"), viewer, body + "TOUCHSTONE_2\"}")
                .andExpect(content().string(containsString("[Number of Frequencies] 3")));
        send(post("/api/traces/write"), viewer, body + "CSV\"}")
                .andExpect(content().string(startsWith("frequency Hz,re,im")));
        send(
                        post("/api/traces/write"),
                        viewer,
                        "{\"trace\":{\"frequencyHz\":[1e8],\"re\":[0.1],\"im\":[0],\"hasPhase\":false},\"note\":\"\",\"form\":\"TOUCHSTONE_1\"}")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("CSV")));
    }

    @Test
    void aPassIsOpenedOnTheDesk() throws Exception {
        String id = makeInstallation(2);
        String pass = read(measure(id, UUID.randomUUID(), 0), "$.id");
        getAs(viewer, "/api/passes/" + pass + "/trace")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.name", containsString("pass 1")))
                .andExpect(jsonPath("$.trace.frequencyHz", hasSize(201)));
        getAs(viewer, "/api/passes/" + pass + "/table").andExpect(content().string(startsWith("frequency Hz")));
    }

    /** Γ = 0.5 seen through an adapter that loses 1 dB one way and reflects nothing: 0.5 · 10^(−0.1). */
    @Test
    void anAdapterMeasuredAsATwoPortIsTakenOff() throws Exception {
        String file = "# MHz S RI R 50\n140 0 0 0.8912509 0 0.8912509 0 0 0\n160 0 0 0.8912509 0 0.8912509 0 0 0\n";
        String adapter = http.perform(multipart("/api/traces/adapter")
                        .file(new MockMultipartFile("file", "a.s2p", null, file.getBytes(StandardCharsets.UTF_8)))
                        .with(as(viewer))
                        .with(csrf()))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        String look =
                "{\"trace\":{\"frequencyHz\":[145e6,150e6],\"re\":[0.3971641,0.3971641],\"im\":[0,0],\"hasPhase\":true},"
                        + "\"adapter\":" + adapter + "}";
        postJson("/api/traces/look", look)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.trace.re[1]", closeTo(0.5, 1e-6), Double.class));
        postJson("/api/traces/look", look.replace("150e6", "170e6"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("adapter"));
        http.perform(multipart("/api/traces/adapter")
                        .file(new MockMultipartFile("file", "a.s1p", null, FILE.getBytes(StandardCharsets.UTF_8)))
                        .with(as(viewer))
                        .with(csrf()))
                .andExpect(status().isUnprocessableContent());
    }
}
