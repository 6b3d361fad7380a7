package dorada.server.tuning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import dorada.server.ApiTest;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Several people at one installation, and the same entry sent twice. */
class TogetherApiTest extends ApiTest {

    private static String spots(UUID key, String note, double swr) {
        return "{\"recording\":{\"requestKey\":\"" + key + "\",\"changeM\":0,\"note\":\"" + note
                + "\"},\"kind\":\"INLINE_METER\",\"spots\":[{\"frequencyHz\":153050000,\"swr\":" + swr
                + "},{\"frequencyHz\":157450000,\"swr\":1.8}]}";
    }

    @Test
    void whatSixPeopleRecordAtOnceIsAllKeptInOrder() throws Exception {
        String path = "/api/installations/" + makeInstallation(1.5);
        ExecutorService six = Executors.newFixedThreadPool(6);
        List<Future<Integer>> answers = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            String body = spots(UUID.randomUUID(), "n" + i, 2);
            answers.add(six.submit(() ->
                    postJson(path + "/spots", body).andReturn().getResponse().getStatus()));
        }
        for (Future<Integer> answer : answers) {
            assertThat(answer.get()).isEqualTo(201);
        }
        six.shutdown();
        String all = getAs(viewer, path + "/passes").andReturn().getResponse().getContentAsString();
        assertThat(JsonPath.<List<Integer>>read(all, "$[*].number"))
                .isEqualTo(IntStream.rangeClosed(1, 24).boxed().toList());
        assertThat(JsonPath.<List<String>>read(all, "$[*].note")).doesNotHaveDuplicates();
    }

    @Test
    void theSameKeyWithOtherContentIsToldWithBothVersions() throws Exception {
        String installation = makeInstallation(1.5);
        String path = "/api/installations/" + installation + "/spots";
        UUID key = UUID.randomUUID();
        postJson(path, spots(key, "as read", 2)).andExpect(status().isCreated());
        postJson(path, spots(key, "as read", 2))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.number").value(1));
        for (String corrected : List.of(spots(key, "as read", 2.2), spots(key, "read anew", 2))) {
            postJson(path, corrected)
                    .andExpect(status().isConflict())
                    .andExpect(jsonPath("$.detail").value(containsString("with other values")))
                    .andExpect(jsonPath("$.current.note").value("as read"))
                    .andExpect(jsonPath("$.yours.requestKey").value(key.toString()));
        }
        String all = getAs(viewer, "/api/installations/" + installation + "/passes")
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(JsonPath.<List<Integer>>read(all, "$[*].number")).containsExactly(1);
        send(delete("/api/passes/" + JsonPath.read(all, "$[0].id")), technician, "")
                .andExpect(status().isNoContent());
        postJson(path, spots(key, "as read", 2))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail").value(containsString("taken back")));
    }

    @Test
    void aChangeThatWasCorrectedIsNotTakenForTheFirst() throws Exception {
        String installation = makeInstallation(1.5);
        UUID key = UUID.randomUUID();
        measure(installation, key, 0).andExpect(status().isCreated());
        measure(installation, key, 0)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.number").value(1));
        measure(installation, key, -0.002).andExpect(status().isConflict());
    }
}
