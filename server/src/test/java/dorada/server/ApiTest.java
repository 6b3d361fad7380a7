package dorada.server;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import dorada.server.people.PeopleService;
import dorada.server.people.Role;
import dorada.server.people.SignedIn;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.RequestPostProcessor;

/** The whole server over a database in memory; one context for all tests that extend this. */
@SpringBootTest(
        properties = {
            "spring.datasource.url=${DORADA_TEST_DATABASE:jdbc:h2:mem:dorada}",
            "dorada.stand-in-port=0",
            "dorada.invented-readings=true",
            "dorada.stand-in-seed=" + ApiTest.STAND_IN_SEED
        })
@AutoConfigureMockMvc
public abstract class ApiTest {

    /** One that is neither good from the start nor hard to match: no luck of the draw in these tests. */
    static final long STAND_IN_SEED = 7;

    /** Four points with a dip at 154 MHz; line 4 is the third of them. */
    protected static final String FILE =
            "# MHz S RI R 50\n150 0.5 0.2\n152 0.3 0.1\n154 0.05 0\n156 0.2 -0.2\n158 0.4 -0.3\n";

    @Autowired
    protected MockMvc http;

    @Autowired
    protected PeopleService people;

    protected SignedIn technician;
    protected SignedIn lead;
    protected SignedIn viewer;

    @BeforeEach
    void signUp() {
        technician = person("ines", Role.TECHNICIAN);
        lead = person("marisol", Role.LEAD);
        viewer = person("teo", Role.VIEWER);
    }

    private SignedIn person(String login, Role role) {
        if (people.all().stream().noneMatch(p -> p.login().equals(login))) {
            people.add(login, login, role, "a long password");
        }
        return people.loadUserByUsername(login);
    }

    protected static String plan(String title, double limitSwr) {
        return """
               {"title":"%s","customer":"Olive growers","carrier":"VEHICLE","carrierDetail":"steel roof",
                "antennaKind":"QUARTER_WAVE_WHIP","antennaDetail":"","oneWay":true,"smallestStepM":0.001,
                "ratedPowerW":25,"swrCeiling":2,"ruleName":"UNDER_LIMIT","limitSwr":%s,"measuredAt":"RADIO",
                "channels":[{"name":"Field","frequencyHz":153050000,"primary":true},
                            {"name":"Base","frequencyHz":157450000,"primary":false}]}""".formatted(title, limitSwr);
    }

    protected static String measurement(UUID key, double changeM) {
        return """
               {"recording":{"requestKey":"%s","changeM":%s,"note":"n"},"startHz":140e6,"stopHz":172e6,"points":201}""".formatted(key, changeM);
    }

    protected String makeInstallation(double limitSwr) throws Exception {
        return read(
                postJson("/api/installations", plan("Tractor 7", limitSwr)).andExpect(status().isCreated()), "$.id");
    }

    protected ResultActions measure(String installation, UUID key, double changeM) throws Exception {
        return postJson("/api/installations/" + installation + "/passes", measurement(key, changeM));
    }

    protected ResultActions importFile(String installation, byte[] bytes) throws Exception {
        return http.perform(multipart("/api/installations/" + installation + "/passes")
                .file(new MockMultipartFile("file", "yard.s1p", "text/plain", bytes))
                .param("requestKey", UUID.randomUUID().toString())
                .param("changeM", "0")
                .param("note", "")
                .with(as(technician))
                .with(csrf()));
    }

    /** A table of the shop at {@code path}, sent by {@code who}. */
    protected ResultActions takeIn(String path, SignedIn who, String rows) throws Exception {
        return http.perform(multipart(path + "/table")
                .file(new MockMultipartFile("file", "table.csv", "text/csv", rows.getBytes(StandardCharsets.UTF_8)))
                .with(as(who))
                .with(csrf()));
    }

    protected ResultActions analyse(String query, String text) throws Exception {
        return http.perform(multipart("/api/analysis" + query)
                .file(new MockMultipartFile("file", "a.s1p", null, text.getBytes(StandardCharsets.UTF_8)))
                .with(as(viewer))
                .with(csrf()));
    }

    protected ResultActions postJson(String path, String body) throws Exception {
        return send(post(path), technician, body);
    }

    protected ResultActions getAs(SignedIn who, String path) throws Exception {
        return http.perform(get(path).with(as(who)));
    }

    protected ResultActions send(MockHttpServletRequestBuilder request, SignedIn who, String body) throws Exception {
        return http.perform(request.contentType(MediaType.APPLICATION_JSON)
                .content(body)
                .with(as(who))
                .with(csrf()));
    }

    protected static RequestPostProcessor as(SignedIn who) {
        return user(who);
    }

    protected static <T> T read(ResultActions answer, String path) throws Exception {
        return JsonPath.read(answer.andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8), path);
    }
}
