package dorada.server.tuning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.mock.web.MockMultipartFile;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a pass says is worked out when it is recorded, and read from there until its plan or the program is another. */
class JudgedOnceTest extends ApiTest {

    private static final JsonMapper JSON = new JsonMapper();

    @Autowired
    private JdbcTemplate database;

    @Autowired
    private Judgements judgements;

    private final Map<String, byte[]> hidden = new HashMap<>();

    private JsonNode passes(String id) throws Exception {
        return JSON.readTree(getAs(viewer, "/api/installations/" + id + "/passes")
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
    }

    private JsonNode card(String id) throws Exception {
        for (JsonNode card : JSON.readTree(getAs(viewer, "/api/installations?size=200")
                .andReturn()
                .getResponse()
                .getContentAsString())) {
            if (card.get("id").asString().equals(id)) {
                return card;
            }
        }
        throw new AssertionError("not on the board");
    }

    private String sweepsOf(String id) {
        return " where id in (select sweep_id from tuning_pass where installation_id = '" + id + "')";
    }

    private String judgementsOf(String id) {
        return " where pass_id in (select id from tuning_pass where installation_id = '" + id + "')";
    }

    /** Sweeps become unreadable: whoever still shows them reads what was kept. */
    private void hideSweeps(String id) {
        database.query("select cast(id as varchar), points from sweep" + sweepsOf(id), (RowCallbackHandler)
                row -> hidden.put(row.getString(1), row.getBytes(2)));
        database.update("update sweep set points = x'00'" + sweepsOf(id));
    }

    @AfterEach
    void bringSweepsBack() {
        hidden.forEach((id, points) ->
                database.update("update sweep set points = ? where id = ?", points, UUID.fromString(id)));
    }

    @Test
    void whatWasAnsweredIsWhatIsReadAndNoSweepIsReadForIt() throws Exception {
        String id = makeInstallation(1.6);
        JsonNode first = JSON.readTree(
                measure(id, UUID.randomUUID(), 0).andReturn().getResponse().getContentAsString());
        JsonNode second = JSON.readTree(
                measure(id, UUID.randomUUID(), -0.004).andReturn().getResponse().getContentAsString());
        JsonNode shown = card(id);
        hideSweeps(id);
        JsonNode read = passes(id);
        assertThat(read.get(0)).isEqualTo(first);
        assertThat(read.get(1)).isEqualTo(second);
        assertThat(card(id)).isEqualTo(shown);
        assertThat(shown.get("newest").get("dipHz").asDouble())
                .isEqualTo(second.get("analysis")
                        .get("dips")
                        .get(0)
                        .get("frequencyHz")
                        .asDouble());
    }

    @Test
    void anotherBuildOfTheProgramJudgesAgainAndSaysTheSame() throws Exception {
        String id = makeInstallation(1.6);
        measure(id, UUID.randomUUID(), 0);
        measure(id, UUID.randomUUID(), -0.004);
        JsonNode before = passes(id);
        JsonNode shown = card(id);
        database.update("update pass_judgement set program = 'older', met = true, says = x'00'" + judgementsOf(id));
        assertThat(judgements.toJudge()).contains(UUID.fromString(id));
        assertThat(card(id)).isEqualTo(shown);
        assertThat(passes(id)).isEqualTo(before);
        assertThat(judgements.toJudge()).doesNotContain(UUID.fromString(id));
        assertThat(database.queryForList(
                        "select distinct program from pass_judgement" + judgementsOf(id), String.class))
                .isEqualTo(List.of(judgements.program()));
    }

    @Test
    void anotherPlanIsJudgedByInTheBackground() throws Exception {
        String id = makeInstallation(1.6);
        measure(id, UUID.randomUUID(), 0).andExpect(jsonPath("$.verdict.met").value(false));
        int version = read(getAs(viewer, "/api/installations/" + id), "$.version");
        send(put("/api/installations/" + id + "?version=" + version), technician, plan("Judged again", 9))
                .andExpect(status().isOk());
        long until = System.nanoTime() + 20_000_000_000L;
        while (judgements.toJudge().contains(UUID.fromString(id)) && System.nanoTime() < until) {
            Thread.sleep(20);
        }
        hideSweeps(id);
        assertThat(passes(id).get(0).get("verdict").get("met").asBoolean()).isTrue();
        assertThat(card(id).get("state").asString()).isEqualTo("MET");
    }

    @Test
    void signingOffIsNoOtherPlan() throws Exception {
        String id = makeInstallation(1.6);
        measure(id, UUID.randomUUID(), 0);
        int version = read(getAs(viewer, "/api/installations/" + id), "$.version");
        postJson(
                        "/api/installations/" + id + "/sign-off",
                        "{\"version\":" + version + ",\"passNumber\":1,\"remark\":\"\",\"reason\":\"for the season\"}")
                .andExpect(status().isOk());
        hideSweeps(id);
        assertThat(passes(id).get(0).get("verdict").get("met").asBoolean()).isFalse();
    }

    @Test
    void aPhotoAndAnotherNameAreSeenAtOnce() throws Exception {
        String id = makeInstallation(1.6);
        String pass = read(measure(id, UUID.randomUUID(), 0), "$.id");
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(8, 8, BufferedImage.TYPE_INT_RGB), "jpg", jpeg);
        http.perform(multipart("/api/passes/" + pass + "/photo")
                        .file(new MockMultipartFile("photo", "p.jpg", "image/jpeg", jpeg.toByteArray()))
                        .with(as(technician))
                        .with(csrf()))
                .andExpect(status().isNoContent());
        database.update("update person set display_name = 'In\\\"es \u00f1' where login = 'ines'");
        JsonNode read = passes(id).get(0);
        database.update("update person set display_name = 'ines' where login = 'ines'");
        assertThat(read.get("hasPhoto").asBoolean()).isTrue();
        assertThat(read.get("recordedBy").asString()).isEqualTo("In\\\"es \u00f1");
    }

    /** Taken back both and put back the other way round, a pass has other passes before it. */
    @Test
    void aPassThatIsPutBackAfterOthersIsJudgedAfresh() throws Exception {
        String id = makeInstallation(1.6);
        String first = read(measure(id, UUID.randomUUID(), 0), "$.id");
        String second = read(measure(id, UUID.randomUUID(), -0.004), "$.id");
        send(delete("/api/passes/" + second), technician, "").andExpect(status().isNoContent());
        assertThat(card(id).get("newest").get("passNumber").asInt()).isEqualTo(1);
        send(delete("/api/passes/" + first), technician, "").andExpect(status().isNoContent());
        assertThat(card(id).get("newest")).isNull();
        postJson("/api/passes/" + second + "/put-back", "{}").andExpect(status().isNoContent());
        JsonNode read = passes(id);
        assertThat(read).hasSize(1);
        assertThat(read.get(0).get("id").asString()).isEqualTo(second);
        assertThat(read.get(0).get("number").asInt()).isEqualTo(1);
        assertThat(read.get(0).get("advice").get("learnt").asBoolean()).isFalse();
        assertThat(card(id).get("newest").get("passNumber").asInt()).isEqualTo(1);
    }

    @Test
    void anInstallationThatIsNotThereIsSaidToBeMissing() throws Exception {
        getAs(viewer, "/api/installations/" + UUID.randomUUID() + "/passes").andExpect(status().isNotFound());
        getAs(viewer, "/api/installations/" + makeInstallation(1.5) + "/passes").andExpect(jsonPath("$", hasSize(0)));
    }
}
