package dorada.server.tuning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.lessThanOrEqualTo;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;

/** What belongs to a pass beside its sweep, both ends of the line, second pieces, and closing with a limit. */
class WorkbenchApiTest extends ApiTest {

    private String made(String plan) throws Exception {
        return read(postJson("/api/installations", plan).andExpect(status().isCreated()), "$.id");
    }

    private int version(String id) throws Exception {
        return read(getAs(viewer, "/api/installations/" + id), "$.version");
    }

    /** @param more fields of the recording, each with a comma behind it */
    private ResultActions sweep(String id, String more, String span) throws Exception {
        return postJson(
                "/api/installations/" + id + "/passes",
                "{\"recording\":{\"requestKey\":\"" + UUID.randomUUID() + "\",\"changeM\":0," + more + "\"note\":\"\"},"
                        + span + "}");
    }

    private static final String VHF = "\"startHz\":135e6,\"stopHz\":178e6,\"points\":201";

    @Test
    void circumstancesThatSpoilAReadingAskForAnother() throws Exception {
        String id = makeInstallation(1.6);
        sweep(id, "\"circumstances\":[\"DOOR_OPEN\"],", VHF)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.circumstances[0].words").value("with a door open"))
                .andExpect(jsonPath("$.advice.action").value("MEASURE_AGAIN"))
                .andExpect(jsonPath("$.advice.reasons[0].text", containsString("shut all doors")));
        sweep(id, "\"circumstances\":[\"ON_THE_GROUND\"],", VHF)
                .andExpect(jsonPath("$.advice.action").value("SHORTEN"))
                .andExpect(jsonPath("$.advice.reasons[*].text", hasItem(containsString("Provisional"))));
    }

    @Test
    void theOldAntennaIsAReferenceAndNoPassOfTheNew() throws Exception {
        String other = makeInstallation(10);
        sweep(other, "\"oldAntenna\":true,", VHF)
                .andExpect(jsonPath("$.verdict.met").value(true));
        // However good the old one was, nothing of the job is done by it.
        getAs(viewer, "/api/installations?state=PLANNED&size=200")
                .andExpect(jsonPath("$[?(@.id == '" + other + "')]", hasSize(1)));
        String id = makeInstallation(1.6);
        sweep(id, "\"oldAntenna\":true,", VHF)
                .andExpect(jsonPath("$.oldAntenna").value(true))
                .andExpect(jsonPath("$.advice").doesNotExist());
        ResultActions now = sweep(id, "", VHF)
                .andExpect(jsonPath("$.advice.action").value("SHORTEN"))
                .andExpect(jsonPath("$.cost.against").value("OLD_ANTENNA"))
                .andExpect(jsonPath("$.cost.channels", hasSize(2)));
        // The same by hand: mismatch losses of both, from their SWRs.
        Number base = read(now, "$.verdict.channels[1].reading.swr");
        Number old =
                read(getAs(viewer, "/api/installations/" + id + "/passes"), "$[0].verdict.channels[1].reading.swr");
        Number db = read(now, "$.cost.channels[1].db");
        assertThat(db.doubleValue())
                .isEqualTo(
                        mismatchDb(base.doubleValue()) - mismatchDb(old.doubleValue()),
                        org.assertj.core.api.Assertions.within(1e-6));
        postJson(
                        "/api/installations/" + id + "/sign-off",
                        "{\"version\":" + version(id) + ",\"passNumber\":2,\"remark\":\"\",\"reason\":\"higher up\"}")
                .andExpect(jsonPath("$.signOff.costDb").isNumber());
    }

    @Test
    void theOldAntennaIsComparedChannelByChannelAndToldWhereItWasReadOtherwise() throws Exception {
        String id = makeInstallation(1.6);
        String compared = "/api/installations/" + id + "/old-antenna";
        sweep(id, "", VHF);
        getAs(viewer, compared)
                .andExpect(jsonPath("$.channels", hasSize(0)))
                .andExpect(jsonPath("$.oldPass").doesNotExist());
        sweep(id, "\"oldAntenna\":true,", VHF);
        ResultActions alike = getAs(viewer, compared)
                .andExpect(jsonPath("$.newPass").value(1))
                .andExpect(jsonPath("$.oldPass").value(2))
                .andExpect(jsonPath("$.channels", hasSize(2)))
                .andExpect(jsonPath("$.unlike").doesNotExist());
        Number then = read(alike, "$.channels[1].oldSwr");
        Number now = read(alike, "$.channels[1].newSwr");
        Number gain = read(alike, "$.channels[1].gainDb");
        assertThat(gain.doubleValue())
                .isEqualTo(
                        mismatchDb(then.doubleValue()) - mismatchDb(now.doubleValue()),
                        org.assertj.core.api.Assertions.within(1e-6));
        // The newest of each counts.
        sweep(id, "\"oldAntenna\":true,\"circumstances\":[\"DOOR_OPEN\",\"INDOORS\"],", VHF);
        sweep(id, "\"circumstances\":[\"INDOORS\"],", VHF)
                .andExpect(jsonPath("$.unlikeBefore.pass").value(1))
                .andExpect(jsonPath("$.unlikeBefore.now[*].name", contains("INDOORS")))
                .andExpect(jsonPath("$.unlikeBefore.then", hasSize(0)));
        getAs(viewer, compared)
                .andExpect(jsonPath("$.newPass").value(4))
                .andExpect(jsonPath("$.unlike.pass").value(3))
                .andExpect(jsonPath("$.unlike.then[*].name", contains("DOOR_OPEN")))
                .andExpect(jsonPath("$.unlike.now", hasSize(0)));
        sweep(id, "\"circumstances\":[\"INDOORS\"],", VHF)
                .andExpect(jsonPath("$.unlikeBefore").doesNotExist());
    }

    @Test
    void theOldAntennaMayBeReadAtAnyTimeAndIsNeverInTheWay() throws Exception {
        String id = makeInstallation(10);
        String passes = "/api/installations/" + id + "/passes";
        sweep(id, "", VHF).andExpect(jsonPath("$.cost.against").value("PERFECT_MATCH"));
        sweep(id, "\"oldAntenna\":true,\"finalSweep\":true,", VHF).andExpect(status().isUnprocessableContent());
        String old = read(sweep(id, "\"oldAntenna\":true,", VHF), "$.id");
        // What was said of the new one before is told against the old one now, as if that had been read first.
        getAs(viewer, passes)
                .andExpect(jsonPath("$[0].cost.against").value("OLD_ANTENNA"))
                .andExpect(jsonPath("$[0].advice.action").exists());
        send(delete("/api/passes/" + old), technician, "").andExpect(status().isNoContent());
        getAs(viewer, passes).andExpect(jsonPath("$[0].cost.against").value("PERFECT_MATCH"));
        postJson("/api/passes/" + old + "/put-back", "{}").andExpect(status().isNoContent());
        // The sign-off is of the one that stays, however much was read of the other since.
        String form = "{\"version\":" + version(id) + ",\"passNumber\":%d,\"remark\":\"\",\"reason\":\"higher up\"}";
        postJson("/api/installations/" + id + "/sign-off", form.formatted(2)).andExpect(status().isConflict());
        postJson("/api/installations/" + id + "/sign-off", form.formatted(1))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.signOff.passNumber").value(1));
    }

    private static double mismatchDb(double swr) {
        double rho = (swr - 1) / (swr + 1);
        return -10 * Math.log10(1 - rho * rho);
    }

    @Test
    void aLimitIsNoMoreThanTheRadioStandsAndItsDateLiesAhead() throws Exception {
        String id = makeInstallation(1.05);
        ResultActions pass = sweep(id, "\"finalSweep\":true,", VHF);
        boolean allowed = read(pass, "$.transmit.allowed");
        Number powerW = read(pass, "$.transmit.powerW");
        String path = "/api/installations/" + id + "/sign-off";
        String form = "{\"version\":" + version(id)
                + ",\"passNumber\":1,\"remark\":\"\",\"reason\":\"until the roof is dry\",\"limitW\":%s,\"due\":\"%s\"}";
        postJson(path, form.formatted(allowed ? powerW.doubleValue() + 1 : 1, "2999-01-01"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("limitW"));
        postJson(path, form.formatted("null", "2020-01-01"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("due"));
        postJson(path, form.formatted(allowed ? powerW.doubleValue() / 2 : "null", "2999-01-01"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.signOff.due").value("2999-01-01"));
    }

    @Test
    void aPhotoIsKeptSmallAndNothingElseIs() throws Exception {
        String pass = read(sweep(makeInstallation(2), "", VHF), "$.id");
        getAs(viewer, "/api/passes/" + pass + "/photo").andExpect(status().isNotFound());
        BufferedImage large = new BufferedImage(4000, 1000, BufferedImage.TYPE_INT_RGB);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(large, "png", png);
        upload(pass, png.toByteArray()).andExpect(status().isNoContent());
        byte[] kept = getAs(viewer, "/api/passes/" + pass + "/photo")
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        BufferedImage small = ImageIO.read(new ByteArrayInputStream(kept));
        assertThat(small.getWidth()).isEqualTo(1600);
        assertThat(small.getHeight()).isEqualTo(400);
        upload(pass, "GIF? no".getBytes(java.nio.charset.StandardCharsets.UTF_8))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("photo"));
    }

    private ResultActions upload(String pass, byte[] bytes) throws Exception {
        return http.perform(multipart("/api/passes/" + pass + "/photo")
                .file(new MockMultipartFile("photo", "p", "image/png", bytes))
                .with(as(technician))
                .with(csrf()));
    }

    @Test
    void bothEndsOfAKnownLineAreShown() throws Exception {
        String plan = plan("Pick-up", 1.6)
                .replace("\"channels\"", "\"feedlineType\":\"rg-58\",\"feedlineLengthM\":8,\"channels\"");
        ResultActions pass = sweep(made(plan), "", VHF)
                .andExpect(jsonPath("$.plane").value("RADIO"))
                .andExpect(jsonPath("$.otherEnd.planeWords").value("at the antenna"));
        Number here = read(pass, "$.verdict.worstSwr");
        pass.andExpect(jsonPath("$.otherEnd.worstSwr", greaterThan(here.doubleValue()), Double.class));
        postJson("/api/installations", plan.replace("rg-58", "wet string"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("feedlineType"));
        postJson("/api/installations", plan.replace(",\"feedlineLengthM\":8", ""))
                .andExpect(jsonPath("$.field").value("feedlineLengthM"));
    }

    @Test
    void aTapIsASecondPieceWithWordsOfItsOwn() throws Exception {
        String id = made(plan("J-pole", 1.5)
                .replace("QUARTER_WAVE_WHIP", "TUBE_J_POLE")
                .replace("153050000", "144100000")
                .replace("157450000", "147900000"));
        getAs(viewer, "/api/installations/" + id)
                .andExpect(jsonPath("$.second.id").value("TAP"))
                .andExpect(jsonPath("$.second.isLength").value(false));
        String span = "\"startHz\":125e6,\"stopHz\":165e6,\"points\":101";
        Number before = read(sweep(id, "", span), "$.analysis.dips[0].frequencyHz");
        ResultActions moved = sweep(id, "\"secondChangeM\":0.01,", span)
                .andExpect(jsonPath("$.secondChangeM").value(0.01));
        Number after = read(moved, "$.analysis.dips[0].frequencyHz");
        assertThat(after.doubleValue()).isGreaterThan(before.doubleValue() + 0.5e6);
        // The dip was moved by the tap: no slipped screw.
        assertThat(this.<String>read(moved, "$.advice.action")).isNotEqualTo("FIND_THE_FAULT");
    }

    /** The ring below the coil does a sixth of what the tip does, and is advised where it reaches. */
    @Test
    void aRingIsASecondPieceThatSetsTheLengthFinely() throws Exception {
        String id = made(plan("Lorry", 2)
                .replace("QUARTER_WAVE_WHIP", "RINGED_CB_WHIP")
                .replace("\"oneWay\":true", "\"oneWay\":false")
                .replace("153050000", "26965000")
                .replace("157450000", "27405000"));
        getAs(viewer, "/api/installations/" + id)
                .andExpect(jsonPath("$.antennaPiece.text").value("the tip"))
                .andExpect(jsonPath("$.second.id").value("RING"));
        String span = "\"startHz\":24e6,\"stopHz\":30e6,\"points\":601";
        double first = dipHz(sweep(id, "", span)
                .andExpect(jsonPath("$.advice.action").value("SHORTEN"))
                .andExpect(jsonPath("$.advice.onSecond").value(false))
                .andExpect(jsonPath("$.advice.reasons[0].text", containsString("the tip first"))));
        double ring = dipHz(sweep(id, "\"secondChangeM\":-0.02,", span));
        double tip = dipHz(postJson(
                "/api/installations/" + id + "/passes",
                "{\"recording\":{\"requestKey\":\"" + UUID.randomUUID() + "\",\"changeM\":-0.02,\"note\":\"\"}," + span
                        + "}"));
        assertThat(tip - ring).isGreaterThan(3 * (ring - first));
        assertThat(ring).isGreaterThan(first + 20e3);
    }

    private double dipHz(ResultActions pass) throws Exception {
        Number hz = read(pass, "$.analysis.dips[0].frequencyHz");
        return hz.doubleValue();
    }

    @Test
    void adviceKeepsToTheRangeOfThePlan() throws Exception {
        String plan = plan("Boot lid", 1.6)
                .replace("\"oneWay\":true,", "\"oneWay\":true,\"startLengthM\":0.52,\"shortestLengthM\":0.518,");
        String id = made(plan);
        sweep(id, "", VHF)
                .andExpect(jsonPath("$.advice.action").value("SHORTEN"))
                .andExpect(jsonPath("$.advice.amountM", lessThanOrEqualTo(0.002 + 1e-9), Double.class))
                .andExpect(jsonPath("$.advice.reasons[*].text", hasItem(containsString("leaves only 2 mm"))));
        postJson(
                        "/api/installations/" + id + "/passes",
                        "{\"recording\":{\"requestKey\":\"" + UUID.randomUUID()
                                + "\",\"changeM\":-0.002,\"note\":\"\"}," + VHF + "}")
                .andExpect(jsonPath("$.lengthM", closeTo(0.518, 1e-9), Double.class))
                .andExpect(jsonPath("$.advice.action").value("FIND_THE_FAULT"))
                .andExpect(jsonPath("$.advice.causes[0].name.text", containsString("too long for its range")));
        getAs(viewer, "/api/installations/" + id)
                .andExpect(jsonPath("$.shortestLengthM").value(0.518))
                .andExpect(jsonPath("$.longestLengthM").doesNotExist());
        for (String[] wrong : new String[][] {
            {"0.518", "0.53", "shortestLengthM"},
            {"0.518,", "0.5,\"longestLengthM\":0.51,", "longestLengthM"},
            {"0.518,", "0.5,\"longestLengthM\":0.5,", "longestLengthM"}
        }) {
            postJson("/api/installations", plan.replace(wrong[0], wrong[1]))
                    .andExpect(status().isUnprocessableContent())
                    .andExpect(jsonPath("$.field").value(wrong[2]));
        }
    }

    @Test
    void aRibbonForTwoBandsIsTunedInStages() throws Exception {
        String id = made(plan("Ribbon", 2)
                .replace("QUARTER_WAVE_WHIP", "RIBBON_J_POLE")
                .replace("153050000", "145500000")
                .replace("157450000", "435000000"));
        getAs(viewer, "/api/installations/" + id)
                .andExpect(jsonPath("$.second.id").value("WIRE_ABOVE_THE_STUB"));
        sweep(id, "", "\"startHz\":130e6,\"stopHz\":470e6,\"points\":201")
                .andExpect(jsonPath("$.advice.reasons[0].text", containsString("upper band")));
    }

    @Test
    void oneWhipForTwoBandsShowsTheTradeOff() throws Exception {
        String id =
                made(plan("Whip for two", 2).replace("153050000", "145500000").replace("157450000", "435000000"));
        sweep(id, "", "\"startHz\":120e6,\"stopHz\":490e6,\"points\":401")
                .andExpect(jsonPath("$.advice.tradeOff.worstSwr", hasSize(2)))
                .andExpect(jsonPath("$.advice.tradeOff.changeM", hasSize(81)))
                .andExpect(jsonPath("$.advice.tradeOff.bands[1].lowHz").value(435e6));
    }

    /** The next antenna of a kind begins with what the finished ones taught. */
    @Test
    void aFinishedAntennaTeachesTheNextOfItsKind() throws Exception {
        String first = made(plan("Loop 1", 3).replace("QUARTER_WAVE_WHIP", "DIPOLE"));
        sweep(first, "", VHF);
        ResultActions second = sweep(first, "", VHF.replace("201", "202"));
        postJson(
                "/api/installations/" + first + "/passes",
                "{\"recording\":{\"requestKey\":\"" + UUID.randomUUID()
                        + "\",\"changeM\":-0.02,\"finalSweep\":true,\"note\":\"\"}," + VHF + "}");
        postJson(
                        "/api/installations/" + first + "/sign-off",
                        "{\"version\":" + version(first) + ",\"passNumber\":3,\"remark\":\"\",\"reason\":\"fine\"}")
                .andExpect(status().isOk());
        assertThat(this.<Integer>read(second, "$.number")).isEqualTo(2);
        String next = made(plan("Loop 2", 1.3).replace("QUARTER_WAVE_WHIP", "DIPOLE"));
        sweep(next, "", VHF)
                .andExpect(jsonPath(
                        "$.advice.reasons[*].text", hasItem(containsString("one finished antenna of this kind"))));
        // A new visit takes nothing away from what the last sign-off taught.
        postJson("/api/installations/" + first + "/visits", "{\"purpose\":\"RECHECK\",\"why\":\"\"}")
                .andExpect(status().isCreated());
        String third = made(plan("Loop 3", 1.3).replace("QUARTER_WAVE_WHIP", "DIPOLE"));
        sweep(third, "", VHF)
                .andExpect(jsonPath(
                        "$.advice.reasons[*].text", hasItem(containsString("one finished antenna of this kind"))));
    }
}
