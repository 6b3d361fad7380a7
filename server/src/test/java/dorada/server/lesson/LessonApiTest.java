package dorada.server.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import dorada.server.ApiTest;
import dorada.server.people.Person;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

class LessonApiTest extends ApiTest {

    @Autowired
    private LessonArchive archive;

    @Autowired
    private ShopLessonRepository repository;

    @Autowired
    private JdbcTemplate database;

    private static String lesson(UUID key, long version, String says, String scope) {
        return "{\"requestKey\":\"%s\",\"version\":%d,\"says\":\"%s\",%s}".formatted(key, version, says, scope);
    }

    private String learnt(String says, String scope) throws Exception {
        UUID key = UUID.randomUUID();
        postJson("/api/lessons", lesson(key, 0, says, scope)).andExpect(status().isCreated());
        return key.toString();
    }

    private List<String> ids(String path) throws Exception {
        return ids(path, "$[*].id");
    }

    private List<String> ids(String path, String where) throws Exception {
        return JsonPath.read(
                getAs(viewer, path)
                        .andExpect(status().isOk())
                        .andReturn()
                        .getResponse()
                        .getContentAsString(StandardCharsets.UTF_8),
                where);
    }

    @Test
    void itIsToldWhereItHoldsTheClosestFirst() throws Exception {
        String installation = read(postJson("/api/installations", plan("Van Chivato", 1.5)), "$.id");
        String wide = learnt("Vans rattle", "\"carrier\":\"VEHICLE\",\"mount\":\"\",\"part\":\"\"");
        String close = learnt(
                "Paint under this base, scrape first",
                "\"carrier\":\"VEHICLE\",\"kind\":\"QUARTER_WAVE_WHIP\",\"mount\":\"STEEL roof\",\"part\":\"\"");
        String other = learnt("Gutters rust", "\"mount\":\"gutter\",\"part\":\"\"");
        assertThat(ids("/api/installations/" + installation + "/lessons", "$.lessons[*].id"))
                .containsSubsequence(close, wide)
                .doesNotContain(other);
        assertThat(ids("/api/lessons/planned?kind=QUARTER_WAVE_WHIP&carrier=VEHICLE&mount=van, gutter mount"))
                .contains(other, wide)
                .doesNotContain(close);
        assertThat(ids("/api/lessons")).contains(wide, close, other);
    }

    @Test
    void sentTwiceItIsThereOnceAndWhatIsStaleOrHoldsOfEverythingIsRefused() throws Exception {
        UUID key = UUID.randomUUID();
        String of = "\"mount\":\"\",\"part\":\"spring base\"";
        for (int i = 0; i < 2; i++) {
            postJson("/api/lessons", lesson(key, 0, "Grease the spring", of))
                    .andExpect(status().isCreated())
                    .andExpect(jsonPath("$.id").value(key.toString()));
        }
        assertThat(ids("/api/lessons")).containsOnlyOnce(key.toString());
        send(put("/api/lessons/" + key), technician, lesson(key, 0, "Grease the spring, sparingly", of))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.says").value("Grease the spring, sparingly"));
        send(put("/api/lessons/" + key), technician, lesson(key, 0, "Never", of))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.current.says").value("Grease the spring, sparingly"));
        postJson("/api/lessons", lesson(UUID.randomUUID(), 0, "Measure twice", "\"mount\":\" \",\"part\":\"-\""))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail").value(containsString("of what it is true")));
        postJson("/api/lessons", lesson(UUID.randomUUID(), 0, " ", of)).andExpect(status().isUnprocessableContent());
    }

    @Test
    void whatIsRemovedIsToldNoMoreAndCanBePutBack() throws Exception {
        String id = learnt("Seal before paint", "\"mount\":\"zinc hatch\",\"part\":\"\"");
        send(delete("/api/lessons/" + id), technician, "").andExpect(status().isNoContent());
        assertThat(ids("/api/lessons")).doesNotContain(id);
        assertThat(ids("/api/removed")).contains(id);
        postJson("/api/removed/" + id + "/put-back", "").andExpect(status().isNoContent());
        assertThat(ids("/api/lessons")).contains(id);
    }

    @Test
    void anArchiveTakesItAlongAndPutsItThereOnce() throws Exception {
        String id = learnt("Two washers here", "\"mount\":\"\",\"part\":\"double washer\"");
        var packed = archive.pack(Optional.empty()).stream()
                .filter(r -> r.id().toString().equals(id))
                .findFirst()
                .orElseThrow();
        assertThat(archive.pack(Optional.of(UUID.randomUUID()))).isEmpty();
        Person learner = archive.people(Optional.empty())
                .filter(p -> p.login().equals(packed.learntBy()))
                .findFirst()
                .orElseThrow();
        assertThat(archive.restore(packed, login -> learner)).isFalse();
        repository.deleteById(packed.id());
        assertThat(archive.restore(packed, login -> learner)).isTrue();
        assertThat(archive.pack(Optional.empty())).contains(packed);
    }

    @Test
    void whatWasLookedForIsOfferedOnceItIsBehindAndUntilItIsTold() throws Exception {
        String installation = read(postJson("/api/installations", plan("Van Lapacho", 1.5)), "$.id");
        String here = "/api/installations/" + installation + "/lessons";
        measure(installation, UUID.randomUUID(), 0);
        database.update(
                "update pass_judgement set fault = 'cause.DUMMY_LOAD' where pass_id in (select id from tuning_pass where installation_id = ?)",
                UUID.fromString(installation));
        getAs(viewer, here).andExpect(jsonPath("$.lookedFor").doesNotExist());
        measure(installation, UUID.randomUUID(), -0.004);
        getAs(viewer, here).andExpect(jsonPath("$.lookedFor.id").value("cause.DUMMY_LOAD"));
        learnt(
                "Take the dummy load off first",
                "\"carrier\":\"VEHICLE\",\"mount\":\"\",\"part\":\"\",\"installationId\":\"" + installation + "\"");
        getAs(viewer, here).andExpect(jsonPath("$.lookedFor").doesNotExist());
    }
}
