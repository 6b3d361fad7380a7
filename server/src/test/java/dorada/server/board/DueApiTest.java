package dorada.server.board;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import dorada.server.ApiTest;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.ResultActions;

class DueApiTest extends ApiTest {

    @Autowired
    private JdbcTemplate database;

    private String signedOff(String terms) throws Exception {
        String id = makeInstallation(10);
        measure(id, UUID.randomUUID(), 0);
        int version = read(getAs(viewer, "/api/installations/" + id), "$.version");
        postJson(
                        "/api/installations/" + id + "/sign-off",
                        "{\"version\":%d,\"passNumber\":1,\"remark\":\"\",\"reason\":\"works\"%s}"
                                .formatted(version, terms))
                .andExpect(status().isOk());
        return id;
    }

    private List<Map<String, Object>> page(int page, int size) throws Exception {
        return JsonPath.read(body(getAs(viewer, "/api/due?page=%d&size=%d".formatted(page, size))), "$");
    }

    private static String body(ResultActions answer) throws Exception {
        return answer.andExpect(status().isOk()).andReturn().getResponse().getContentAsString();
    }

    @Test
    void comesInPagesThatTogetherAreAllOfItInTheOrderOfTheirDays() throws Exception {
        LocalDate today = LocalDate.now();
        String late = signedOff(",\"limitW\":5");
        database.update(
                "update installation set recheck_on = ? where id = ?", today.minusDays(3), UUID.fromString(late));
        for (int days : new int[] {-1, 0, 45, 46}) {
            database.update(
                    "update installation set recheck_on = ? where id = ?",
                    today.plusDays(days),
                    UUID.fromString(signedOff("")));
        }
        signedOff(",\"due\":\"2199-01-05\"");

        List<Map<String, Object>> all = new ArrayList<>();
        for (int n = 0; n == 0 || !page(n, 2).isEmpty(); n++) {
            all.addAll(page(n, 2));
        }
        assertThat(all).isEqualTo(page(0, 200)).hasSizeGreaterThanOrEqualTo(6).doesNotHaveDuplicates();
        assertThat(all.stream().map(due -> (String) due.get("day")))
                .isSortedAccordingTo(Comparator.nullsFirst(Comparator.naturalOrder()));
        assertThat(all.stream().filter(due -> due.get("installationId").equals(late)))
                .extracting(due -> due.get("what"), due -> due.get("day"), due -> due.get("isOverdue"))
                .containsExactly(
                        tuple("MEND", null, false),
                        tuple("RECHECK", today.minusDays(3).toString(), true));
        // The coming six weeks, and no day more.
        assertThat(all)
                .extracting(due -> due.get("day"))
                .contains(today.plusDays(45).toString())
                .doesNotContain(today.plusDays(46).toString());
        getAs(viewer, "/api/due?size=1").andExpect(header().string("X-Total-Count", String.valueOf(all.size())));
        String counted = body(getAs(viewer, "/api/due/count"));
        assertThat((int) JsonPath.read(counted, "$.count")).isEqualTo(all.size());
        assertThat((int) JsonPath.read(counted, "$.overdueCount"))
                .isEqualTo((int) all.stream()
                        .filter(due -> (boolean) due.get("isOverdue"))
                        .count())
                .isGreaterThanOrEqualTo(2);
    }

    @Test
    void theDayThatStandsIsTheOneThatIsToldUntilAnotherVisit() throws Exception {
        String id = signedOff("");
        String told = JsonPath.read(body(getAs(viewer, "/api/installations/" + id)), "$.signOff.recheckBy");
        assertThat(recheckOn(id)).isEqualTo(LocalDate.parse(told));
        postJson("/api/installations/" + id + "/visits", "{\"purpose\":\"RETUNING\",\"why\":\"new channel\"}")
                .andExpect(status().is2xxSuccessful());
        assertThat(recheckOn(id)).isNull();
    }

    private LocalDate recheckOn(String id) {
        return database.queryForObject(
                "select recheck_on from installation where id = ?", LocalDate.class, UUID.fromString(id));
    }
}
