package dorada.server.onair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import dorada.server.ApiTest;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;

class AirApiTest extends ApiTest {

    private static String call(String report, String distance) {
        return """
               {"station":"Lighthouse repeater","frequencyHz":153.05e6,%s"powerW":5,"oldAntenna":false,
                "report":"%s","note":""}""".formatted(distance, report);
    }

    /** Four seconds of a keyed tone, {@code db} above white noise, as the standard library writes it. */
    private static byte[] wav(double db) throws Exception {
        int rate = 16_000;
        Random random = new Random(3);
        byte[] bytes = new byte[4 * rate * 2];
        double noise = 0.02;
        double amplitude = 2 * noise * Math.pow(10, db / 20);
        for (int i = 0; i < bytes.length / 2; i++) {
            double t = (double) i / rate;
            double s = noise * random.nextGaussian() + (t % 0.8 < 0.4 ? amplitude * Math.sin(6283.185 * t) : 0);
            short sample = (short) Math.round(32_000 * Math.max(-1, Math.min(1, s)));
            bytes[2 * i] = (byte) sample;
            bytes[2 * i + 1] = (byte) (sample >> 8);
        }
        AudioFormat format = new AudioFormat(rate, 16, 1, true, false);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        AudioSystem.write(
                new AudioInputStream(new ByteArrayInputStream(bytes), format, bytes.length / 2),
                AudioFileFormat.Type.WAVE,
                out);
        return out.toByteArray();
    }

    private ResultActions clip(String path, byte[] bytes) throws Exception {
        return http.perform(multipart(path)
                .file(new MockMultipartFile("clip", "clip.wav", "audio/wav", bytes))
                .with(as(technician))
                .with(csrf()));
    }

    @Test
    void theLogSaysHowFarItReached() throws Exception {
        String air = "/api/installations/" + makeInstallation(2) + "/air";
        postJson(air + "/calls", call("NOISY", "\"distanceM\":8000,")).andExpect(status().isCreated());
        postJson(air + "/calls", call("NOT_UNDERSTOOD", "\"distanceM\":30000,"));
        String far = read(postJson(air + "/calls", call("CLEAR", "\"distanceM\":14000,")), "$.calls[0].id");
        postJson(air + "/calls", call("CLEAR", ""))
                .andExpect(jsonPath("$.calls", hasSize(4)))
                .andExpect(jsonPath("$.farthest.entered.distanceM").value(14_000));
        // A wrong line counts no more, and stays.
        send(delete(air + "/calls/" + far), technician, "")
                .andExpect(jsonPath("$.calls", hasSize(4)))
                .andExpect(jsonPath("$.farthest.entered.distanceM").value(8000));
        postJson(air + "/calls", call("CLEAR", "\"distanceM\":-1,")).andExpect(status().isUnprocessableContent());
        send(post(air + "/calls"), viewer, call("CLEAR", "")).andExpect(status().isForbidden());
    }

    private static final String TWO = """
            {"place":"yard to repeater","powerW":5,"frequencyHz":153.05e6,"antennas":["old whip","new whip"],"rounds":6}""";

    /** Whoever hears sees numbers and nothing that tells which antenna is on, neither before nor after. */
    @Test
    void whoHearsIsNotToldWhichAntennaIsOn() throws Exception {
        String air = "/api/installations/" + makeInstallation(2) + "/air";
        String id = read(postJson(air + "/comparisons", TWO), "$.comparisons[0].id");
        String hearing = air + "/comparisons/" + id + "/hearing";
        getAs(viewer, hearing)
                .andExpect(jsonPath("$.trials", hasSize(12)))
                .andExpect(jsonPath("$.next").value(1))
                .andExpect(content().string(not(containsString("whip"))));
        send(put(hearing + "/1"), technician, "{\"report\":\"NOISY\"}")
                .andExpect(jsonPath("$.next").value(2))
                .andExpect(jsonPath("$.trials[0].report").value("NOISY"))
                .andExpect(content().string(not(containsString("whip"))));
        clip(hearing + "/2/clip", wav(12))
                .andExpect(jsonPath("$.next").value(3))
                .andExpect(content().string(not(containsString("whip"))));
        // The same trials as the table of who transmits.
        getAs(viewer, air)
                .andExpect(jsonPath("$.comparisons[0].trials[0].report").value("NOISY"));
        for (int i = 3; i <= 12; i++) {
            send(put(hearing + "/" + i), technician, "{\"report\":\"CLEAR\"}");
        }
        getAs(viewer, hearing)
                .andExpect(jsonPath("$.next").doesNotExist())
                .andExpect(content().string(not(containsString("whip"))));
        send(put(hearing + "/13"), technician, "{\"report\":\"CLEAR\"}").andExpect(status().isNotFound());
        send(put(hearing + "/1"), viewer, "{\"report\":\"CLEAR\"}").andExpect(status().isForbidden());
    }

    @Test
    void sixOfSixRoundsAreSureAndTheOrderIsDrawnByLot() throws Exception {
        String air = "/api/installations/" + makeInstallation(2) + "/air";
        String begun = postJson(air + "/comparisons", TWO)
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getContentAsString();
        String id = JsonPath.read(begun, "$.comparisons[0].id");
        List<String> order = JsonPath.read(begun, "$.comparisons[0].trials[*].antenna");
        assertThat(order).hasSize(12);
        for (int i = 0; i < 12; i += 2) {
            assertThat(order.subList(i, i + 2)).containsExactlyInAnyOrder("old whip", "new whip");
        }
        String trial = air + "/comparisons/" + id + "/trials/";
        for (int i = 0; i < 12; i++) {
            String report = order.get(i).startsWith("new") ? "CLEAR" : "NOISY";
            send(put(trial + (i + 1)), technician, "{\"report\":\"" + report + "\"}")
                    .andExpect(status().isOk());
        }
        getAs(viewer, air)
                .andExpect(jsonPath("$.comparisons[0].pairs[0].says.id").value("comparison.BETTER_SURELY"))
                .andExpect(
                        jsonPath("$.comparisons[0].pairs[0].says.params.best").value("new whip"))
                .andExpect(jsonPath(
                        "$.comparisons[0].pairs[0].says.params.luckChance", closeTo(0.03125, 1e-9), Double.class))
                .andExpect(jsonPath("$.comparisons[0].isByClips").value(false));
        postJson(air + "/comparisons", TWO.replace("old whip", "new whip"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("antennas"));
        send(put(trial + 13), technician, "{\"report\":\"CLEAR\"}").andExpect(status().isNotFound());
    }

    @Test
    void aClipIsWorkedOutAndPlaysAgain() throws Exception {
        String air = "/api/installations/" + makeInstallation(2) + "/air";
        String id = read(postJson(air + "/comparisons", TWO), "$.comparisons[0].id");
        String path = air + "/comparisons/" + id + "/trials/1/clip";
        byte[] wav = wav(15);
        clip(path, wav)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.comparisons[0].trials[0].clipDb", closeTo(15, 1), Double.class))
                .andExpect(jsonPath("$.comparisons[0].isByClips").value(true));
        byte[] back = getAs(viewer, path).andReturn().getResponse().getContentAsByteArray();
        assertThat(back).isEqualTo(wav);
        clip(path, "no sound".getBytes(java.nio.charset.StandardCharsets.UTF_8))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("clip"));
        getAs(viewer, air + "/comparisons/" + id + "/trials/2/clip").andExpect(status().isNotFound());
    }

    @Test
    void stationsAreNamedOnceAndSayTheirHorizon() throws Exception {
        String lighthouse = """
                {"version":0,"name":"Lighthouse","frequencyHz":153.05e6,"distanceM":8000,"heightM":60,"note":""}""";
        String id = read(postJson("/api/stations", lighthouse).andExpect(status().isCreated()), "$.id");
        // 4.12·√h km over a 4/3 earth, as handbooks have it.
        getAs(viewer, "/api/stations")
                .andExpect(jsonPath("$[?(@.id=='" + id + "')].horizonM", hasItem(closeTo(31_900, 60))));
        postJson("/api/stations", lighthouse.replace("Lighthouse", "LIGHTHOUSE"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("already")));
        send(put("/api/stations/" + id), technician, lighthouse.replace("60", "62"))
                .andExpect(status().isOk());
        send(put("/api/stations/" + id), technician, lighthouse).andExpect(status().isConflict());
        send(delete("/api/stations/" + id), technician, "").andExpect(status().isNoContent());
        postJson("/api/removed/" + id + "/put-back", "").andExpect(status().isNoContent());
    }

    @Test
    void twoEntriesOfOneStationAreMergedAndAStationsTableGoesOutAndIn() throws Exception {
        takeIn(
                        "/api/stations",
                        lead,
                        "name,frequency_mhz,distance_m,height_m,note\nPass relay,,12000,,\nRelay at the pass,155.4,,830,\n")
                .andExpect(jsonPath("$.madeCount").value(2));
        String all = "$[?(@.name=='%s')]";
        String one = station("Pass relay");
        String stays = station("Relay at the pass");
        String into = "{\"into\":\"" + stays + "\"}";
        send(post("/api/stations/" + one + "/merge"), technician, into).andExpect(status().isForbidden());
        send(post("/api/stations/" + stays + "/merge"), lead, into)
                .andExpect(jsonPath("$.outcome.id").value("refused.air.ITSELF"));
        send(post("/api/stations/" + one + "/merge"), lead, into)
                .andExpect(jsonPath("$.frequencyHz").value(155.4e6))
                .andExpect(jsonPath("$.distanceM").value(12000));
        getAs(viewer, "/api/stations").andExpect(jsonPath(all.formatted("Pass relay"), hasSize(0)));
        String out =
                getAs(viewer, "/api/stations/table").andReturn().getResponse().getContentAsString();
        assertThat(out).contains("Relay at the pass,155.4,12000.0,830.0,");
        takeIn("/api/stations", lead, out).andExpect(jsonPath("$.changedCount").value(0));
        takeIn("/api/stations", lead, "name,height_m\nHill,830 m\n")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.line").value(2))
                .andExpect(jsonPath("$.detail", containsString("830 m")));
    }

    private String station(String name) throws Exception {
        List<String> ids = read(getAs(viewer, "/api/stations"), "$[?(@.name=='" + name + "')].id");
        return ids.get(0);
    }

    @Autowired
    private AirArchive archive;

    @Autowired
    private AirCallRepository calls;

    @Autowired
    private AirComparisonRepository comparisons;

    @Test
    void anArchiveHoldsCallsComparisonsAndClips() throws Exception {
        UUID installation = UUID.fromString(makeInstallation(2));
        String air = "/api/installations/" + installation + "/air";
        postJson(air + "/calls", call("NOISY", "\"distanceM\":8000,"));
        String id = read(postJson(air + "/comparisons", TWO), "$.comparisons[0].id");
        clip(air + "/comparisons/" + id + "/trials/1/clip", wav(20)).andExpect(status().isOk());
        List<AirArchive.AirRecord> packed = archive.pack(Optional.of(installation));
        assertThat(packed).hasSize(2);
        String before = getAs(viewer, air).andReturn().getResponse().getContentAsString();
        calls.deleteAll(calls.findByInstallationIdOrderByCalledAtDesc(installation));
        comparisons.deleteAll(comparisons.findByInstallationIdOrderByBegunAtDesc(installation));
        packed.forEach(r -> assertThat(archive.restore(
                        r, l -> people.byId(people.loadUserByUsername(l).id())))
                .isTrue());
        packed.forEach(r -> assertThat(archive.restore(
                        r, l -> people.byId(people.loadUserByUsername(l).id())))
                .as("a second time")
                .isFalse());
        assertThat(getAs(viewer, air).andReturn().getResponse().getContentAsString())
                .isEqualTo(before);
    }
}
