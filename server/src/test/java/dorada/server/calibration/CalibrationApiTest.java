package dorada.server.calibration;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;

/** An analyser that reads M = 0.1 + 0.9·Γ: directivity 0.1, tracking 0.9, no source match. */
public class CalibrationApiTest extends ApiTest {

    public static String trace(double gamma) {
        double m = 0.1 + 0.9 * gamma;
        return "{\"frequencyHz\":[140e6,150e6,160e6],\"re\":[" + m + "," + m + "," + m
                + "],\"im\":[0,0,0],\"hasPhase\":true}";
    }

    public static String calibration(String name, String open) {
        return "{\"name\":\"" + name
                + "\",\"instrument\":\"bench\",\"cable\":\"\",\"adapter\":\"BNC\",\"standards\":{\"openOffsetM\":0,"
                + "\"openFarad\":0,\"shortOffsetM\":0,\"shortHenry\":0,\"loadOhm\":50},\"open\":" + open
                + ",\"shorted\":"
                + trace(-1) + ",\"load\":" + trace(0) + "}";
    }

    private String made(String name) throws Exception {
        return read(postJson("/api/calibrations", calibration(name, trace(1))).andExpect(status().isCreated()), "$.id");
    }

    @Test
    void aCalibrationIsKeptUsedAndChecked() throws Exception {
        String id = made("bench, 2 m band");
        getAs(viewer, "/api/calibrations").andExpect(jsonPath("$[*].name", hasItem("bench, 2 m band")));
        postJson("/api/calibrations/" + id + "/correct", "{\"trace\":" + trace(0.3) + "}")
                .andExpect(jsonPath("$.trace.re[1]", closeTo(0.3, 1e-9), Double.class));
        postJson("/api/calibrations/" + id + "/check", "{\"trace\":" + trace(0.05) + "}")
                .andExpect(jsonPath("$.sound").value(false))
                .andExpect(jsonPath("$.directivityLeftDb", closeTo(26.02, 0.01), Double.class));
        getAs(viewer, "/api/calibrations").andExpect(jsonPath("$[0].checkedDb", closeTo(26.02, 0.01), Double.class));
    }

    @Test
    void outsideItsSpanItRefuses() throws Exception {
        String id = made("narrow");
        String elsewhere = "{\"trace\":{\"frequencyHz\":[440e6],\"re\":[0.1],\"im\":[0],\"hasPhase\":true}}";
        postJson("/api/calibrations/" + id + "/correct", elsewhere)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("outside the calibrated")));
        postJson("/api/calibrations/" + UUID.randomUUID() + "/correct", elsewhere)
                .andExpect(status().isNotFound());
    }

    @Test
    void removedItCanBePutBack() throws Exception {
        String id = made("to be removed");
        send(delete("/api/calibrations/" + id), technician, "").andExpect(status().isNoContent());
        getAs(viewer, "/api/calibrations").andExpect(jsonPath("$[*].id", not(hasItem(id))));
        postJson("/api/calibrations/" + id + "/restore", "").andExpect(status().isNoContent());
        getAs(viewer, "/api/calibrations").andExpect(jsonPath("$[*].id", hasItem(id)));
        send(post("/api/calibrations"), viewer, calibration("x", trace(1))).andExpect(status().isForbidden());
    }

    @Test
    void aStandardMeasuredTwiceIsRefused() throws Exception {
        postJson("/api/calibrations", calibration("wrong", trace(-1)))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("read alike")));
    }

    @Test
    void anImportedRawSweepIsCorrectedAndSaysByWhat() throws Exception {
        String calibration = made("for the import");
        String id = makeInstallation(2);
        // Reads of 0.2 at 150 MHz: (0.2 − 0.1)/0.9 = 0.111 is an SWR of 1.25.
        String raw = "# MHz S RI R 50\n145 0.2 0\n150 0.2 0\n155 0.2 0\n165 0.2 0\n";
        http.perform(multipart("/api/installations/" + id + "/passes")
                        .file(new MockMultipartFile("file", "raw.s1p", null, raw.getBytes(StandardCharsets.UTF_8)))
                        .param("requestKey", UUID.randomUUID().toString())
                        .param("changeM", "0")
                        .param("note", "")
                        .param("calibrationId", calibration)
                        .with(as(technician))
                        .with(csrf()))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.readingKind").value("CALIBRATED_ANALYSER"))
                .andExpect(jsonPath("$.declared").value("corrected with for the import"))
                .andExpect(jsonPath("$.analysis.points").value(3))
                .andExpect(jsonPath("$.analysis.warnings[0]", containsString("1 of 4 points")))
                .andExpect(jsonPath("$.verdict.channels[0].reading.swr", closeTo(1.25, 1e-6), Double.class));
    }

    @Test
    void scriptsCorrectAgainstIdealOrDescribedStandards() throws Exception {
        String reads =
                "\"frequenciesHz\":[1e8],\"open\":[{\"re\":1,\"im\":0}],\"short\":[{\"re\":-0.8,\"im\":0}],\"load\":[{\"re\":0.1,"
                        + "\"im\":0}],\"raw\":[{\"re\":0.37,\"im\":0}]";
        send(post("/api/calibrations/correct"), viewer, "{" + reads + ",\"truth\":\"ideal\"}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.samples[0].re", closeTo(0.3, 1e-9), Double.class));
        String truth =
                "{\"open\":[{\"re\":1,\"im\":0}],\"short\":[{\"re\":-1,\"im\":0}],\"load\":[{\"re\":0,\"im\":0}]}";
        send(post("/api/calibrations/correct"), viewer, "{" + reads + ",\"truth\":" + truth + "}")
                .andExpect(jsonPath("$.samples[0].re", closeTo(0.3, 1e-9), Double.class));
        send(post("/api/calibrations/correct"), viewer, "{" + reads + ",\"truth\":\"perfect\"}")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("truth"));
        send(
                        post("/api/calibrations/correct"),
                        viewer,
                        "{" + reads.replace("\"load\"", "\"lode\"") + ",\"truth\":\"ideal\"}")
                .andExpect(jsonPath("$.field").value("load"));
    }

    @Test
    void aForgottenStandardIsNoticedBeforeAnythingIsSaved() throws Exception {
        send(post("/api/calibrations/look"), viewer, "{\"open\":" + trace(1) + ",\"shorted\":" + trace(1) + "}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[0].isRight").value(true))
                .andExpect(jsonPath("$[1].isRight").value(false))
                .andExpect(jsonPath("$[1].says[0].id").value("standardLook.SAME_AS"));
        postJson(
                        "/api/calibrations/look",
                        "{\"open\":" + trace(1) + ",\"shorted\":" + trace(-1) + ",\"load\":" + trace(0) + "}")
                .andExpect(jsonPath("$[*].isRight", not(hasItem(false))));
    }
}
