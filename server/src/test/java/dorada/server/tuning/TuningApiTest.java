package dorada.server.tuning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.core.format.TouchstoneReader;
import dorada.core.sweep.Sweep;
import dorada.server.ApiTest;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class TuningApiTest extends ApiTest {

    private int version(String id) throws Exception {
        return read(getAs(viewer, "/api/installations/" + id), "$.version");
    }

    private static String signOff(long version, int pass, String reason) {
        return "{\"version\":%d,\"passNumber\":%d,\"remark\":\"capped\",\"reason\":\"%s\"}"
                .formatted(version, pass, reason);
    }

    @Test
    void aPassIsJudgedByTheRuleAndAdvised() throws Exception {
        var answer = measure(makeInstallation(1.6), UUID.randomUUID(), 0);
        Number amountM = read(answer, "$.advice.amountM");
        assertThat(amountM.doubleValue()).isBetween(0.001, 0.05);
        answer.andExpect(status().isCreated())
                .andExpect(jsonPath("$.number").value(1))
                .andExpect(jsonPath("$.verdict.met").value(false))
                .andExpect(jsonPath("$.verdict.sentence", startsWith("Not met: SWR 1.60 or less")))
                .andExpect(jsonPath("$.verdict.channels", hasSize(2)))
                .andExpect(jsonPath("$.advice.action").value("SHORTEN"))
                .andExpect(jsonPath("$.advice.fit").value("TOO_LONG"))
                .andExpect(jsonPath("$.advice.expected.returnLossDb", hasSize(201)))
                .andExpect(jsonPath("$.planeWords").value("at the radio end of the feedline"));
    }

    @Test
    void shorteningRaisesTheDipAndTheNextAdviceIsLearnt() throws Exception {
        String id = makeInstallation(1.2);
        Number before = read(measure(id, UUID.randomUUID(), 0), "$.analysis.dips[0].frequencyHz");
        var second = measure(id, UUID.randomUUID(), -0.008);
        Number after = read(second, "$.analysis.dips[0].frequencyHz");
        assertThat(after.doubleValue()).isGreaterThan(before.doubleValue() + 1e6);
        second.andExpect(jsonPath("$.advice.learnt").value(true));
        getAs(viewer, "/api/installations/" + id + "/passes").andExpect(jsonPath("$", hasSize(2)));
    }

    @Test
    void theSameEntrySentTwiceIsRecordedOnce() throws Exception {
        String id = makeInstallation(1.5);
        UUID key = UUID.randomUUID();
        String first = read(measure(id, key, 0), "$.id");
        measure(id, UUID.randomUUID(), -0.002);
        String again = read(measure(id, key, 0), "$.id");
        assertThat(again).isEqualTo(first);
        getAs(viewer, "/api/installations/" + id + "/passes").andExpect(jsonPath("$", hasSize(2)));
        measure(makeInstallation(1.5), key, 0).andExpect(status().isConflict());
    }

    @Test
    void anImportedFileIsKeptByteForByteBesideWhatWasReadFromIt() throws Exception {
        String id = makeInstallation(2);
        byte[] odd = ("! caf\u00e9\r\n" + FILE.replace("\n", "  ! x\r\n")).getBytes(StandardCharsets.ISO_8859_1);
        String pass = read(importFile(id, odd).andExpect(status().isCreated()), "$.id");
        byte[] back = getAs(viewer, "/api/passes/" + pass + "/original")
                .andExpect(header().string("Content-Disposition", containsString("yard.s1p")))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        assertThat(back).isEqualTo(odd);

        byte[] exported = getAs(viewer, "/api/passes/" + pass + "/touchstone")
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        Sweep read = TouchstoneReader.read(new ByteArrayInputStream(exported)).sweep();
        Sweep original = TouchstoneReader.read(new ByteArrayInputStream(odd)).sweep();
        assertThat(read).isEqualTo(original);
    }

    @Test
    void aBrokenUploadStoresNothing() throws Exception {
        String id = makeInstallation(2);
        importFile(id, FILE.replace("0.3 0.1", "0.3").getBytes(StandardCharsets.UTF_8))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.line").value(3));
        importFile(id, new byte[] {0, 1, 2, (byte) 0xff, '\n'}).andExpect(status().isUnprocessableContent());
        getAs(viewer, "/api/installations/" + id + "/passes").andExpect(jsonPath("$", hasSize(0)));
    }

    @Test
    void aMeasurementThatCannotBeIsRefusedAtItsField() throws Exception {
        String id = makeInstallation(2);
        String path = "/api/installations/" + id + "/passes";
        // Its key has none of the figures that are replaced.
        String good = measurement(new UUID(0, 0), 0);
        postJson(path, good.replace("140e6", "180e6"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("startHz"));
        postJson(path, good.replace("172e6", "5e9"))
                .andExpect(jsonPath("$.detail", containsString("covers 1 MHz to 1000")));
        postJson(path, good.replace("201", "1")).andExpect(jsonPath("$.field").value("points"));
        postJson(path, measurement(UUID.randomUUID(), -3))
                .andExpect(jsonPath("$.field").value("changeM"));
        postJson(path, measurement(UUID.randomUUID(), -30))
                .andExpect(jsonPath("$.field").value("recording.changeM"));
    }

    @Test
    void signOffNeedsASweepTheNewestPassAndAReasonWhereTheRuleIsNotMet() throws Exception {
        String id = makeInstallation(1.05);
        String path = "/api/installations/" + id + "/sign-off";
        int version = version(id);
        postJson(path, signOff(version, 1, "")).andExpect(status().isConflict());
        measure(id, UUID.randomUUID(), 0);
        measure(id, UUID.randomUUID(), -0.002);
        postJson(path, signOff(version, 1, "")).andExpect(jsonPath("$.detail", containsString("pass 2 meanwhile")));
        postJson(path, signOff(version, 2, " "))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("reason"));
        postJson(path, signOff(version + 7, 2, "r")).andExpect(status().isConflict());
        postJson(path, signOff(version, 2, "until the roof is dry, 5 W"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.signOff.by").value("ines"))
                .andExpect(jsonPath("$.signOff.reason").value("until the roof is dry, 5 W"));
        getAs(viewer, "/api/installations?state=SIGNED_OFF_BY_JUDGEMENT")
                .andExpect(jsonPath("$[?(@.id == '" + id + "')]", hasSize(1)));

        measure(id, UUID.randomUUID(), 0).andExpect(status().isConflict());
        send(put("/api/installations/" + id + "?version=" + version(id)), technician, plan("x", 2))
                .andExpect(status().isConflict());
    }

    @Test
    void aMetRuleNeedsNoReason() throws Exception {
        String id = makeInstallation(10);
        measure(id, UUID.randomUUID(), 0).andExpect(jsonPath("$.advice.action").value("STOP"));
        postJson("/api/installations/" + id + "/sign-off", signOff(version(id), 1, ""))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("take the final sweep")));
        postJson(
                        "/api/installations/" + id + "/passes",
                        measurement(UUID.randomUUID(), 0).replace("\"note\"", "\"finalSweep\":true,\"note\""))
                .andExpect(jsonPath("$.finalSweep").value(true));
        postJson("/api/installations/" + id + "/sign-off", signOff(version(id), 2, "  "))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.signOff.reason").doesNotExist());
    }

    /** What is met may still be limited, and what was given up for it stays on the record. */
    @Test
    void aReasonThatIsGivenForAMetRuleStays() throws Exception {
        String id = makeInstallation(10);
        postJson(
                "/api/installations/" + id + "/passes",
                measurement(UUID.randomUUID(), 0).replace("\"note\"", "\"finalSweep\":true,\"note\""));
        postJson("/api/installations/" + id + "/sign-off", signOff(version(id), 1, "25 cm higher, 0.1 dB lost"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.signOff.reason").value("25 cm higher, 0.1 dB lost"));
    }

    @Test
    void aPassWithoutAFileHasNoOriginal() throws Exception {
        String pass = read(measure(makeInstallation(2), UUID.randomUUID(), 0), "$.id");
        getAs(viewer, "/api/passes/" + pass + "/original").andExpect(status().isNotFound());
        getAs(viewer, "/api/passes/" + UUID.randomUUID() + "/touchstone").andExpect(status().isNotFound());
        getAs(viewer, "/api/passes/" + pass + "/touchstone?format=XX").andExpect(status().isUnprocessableContent());
    }
}
