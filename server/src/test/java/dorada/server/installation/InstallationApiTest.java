package dorada.server.installation;

import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.matchesPattern;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.ResultActions;

class InstallationApiTest extends ApiTest {

    @Test
    void aPlanIsKeptWholeAndGetsAShopNumber() throws Exception {
        var made = postJson("/api/installations", plan("Tractor 7", 1.5));
        String id = read(made, "$.id");
        int version = read(made, "$.version");
        getAs(viewer, "/api/installations/" + id)
                .andExpect(jsonPath("$.shopNumber", matchesPattern("FS-\\d{4}")))
                .andExpect(jsonPath("$.channels", hasSize(2)))
                .andExpect(jsonPath("$.channels[0].frequencyHz").value(153_050_000.0))
                .andExpect(jsonPath("$.ruleWords").value("SWR 1.50 or less on every channel"))
                .andExpect(jsonPath("$.startLengthM").doesNotExist())
                .andExpect(jsonPath("$.version").value(version));
    }

    @Test
    void radiosShareAnAntennaAndChannelsNameTheirs() throws Exception {
        String two = plan("Pick-up 9", 2)
                .replace(
                        "\"oneWay\":true,",
                        "\"oneWay\":true,\"otherRadios\":[{\"name\":\"relay\",\"ratedPowerW\":5,\"swrCeiling\":1.5}],")
                .replace(
                        "\"frequencyHz\":153050000",
                        "\"use\":\"RECEIVE\",\"weight\":2,\"radio\":\"relay\",\"frequencyHz\":153050000");
        postJson("/api/installations", two)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.otherRadios[0].swrCeiling").value(1.5))
                .andExpect(jsonPath("$.channels[0].use").value("RECEIVE"))
                .andExpect(jsonPath("$.channels[0].weight").value(2.0))
                .andExpect(jsonPath("$.channels[1].use").value("BOTH"))
                .andExpect(jsonPath("$.channels[1].radio").value(""));
        postJson("/api/installations", two.replace("\"radio\":\"relay\"", "\"radio\":\"gone\""))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("channels[0].radio"));
        postJson("/api/installations", two.replace("\"weight\":2", "\"weight\":0"))
                .andExpect(status().isUnprocessableContent());
    }

    @Test
    void wrongNumbersAreSaidAtTheirFields() throws Exception {
        String bad = plan("", 99)
                .replace("153050000", "1")
                .replace("\"oneWay\":true,", "\"oneWay\":true,\"startLengthM\":99,");
        postJson("/api/installations", bad)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.errors[*].field", hasItem("title")))
                .andExpect(jsonPath("$.errors[*].field", hasItem("limitSwr")))
                .andExpect(jsonPath("$.errors[*].field", hasItem("startLengthM")))
                .andExpect(jsonPath("$.errors[*].field", hasItem("channels[0].frequencyHz")));
        postJson("/api/installations", plan("x", 2).replace("\"VEHICLE\"", "\"SPACESHIP\""))
                .andExpect(status().isUnprocessableContent());
        postJson("/api/installations", "{nonsense").andExpect(status().isUnprocessableContent());
    }

    @Test
    void aStaleEditIsRefusedWithBothVersionsAndOverwritesNothing() throws Exception {
        var made = postJson("/api/installations", plan("Tractor 7", 2));
        String id = read(made, "$.id");
        int version = read(made, "$.version");
        String path = "/api/installations/" + id + "?version=" + version;
        send(put(path), technician, plan("Tractor 8", 2))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.version").value(version + 1));
        send(put(path), lead, plan("Tractor 9", 1.7))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.current.title").value("Tractor 8"))
                .andExpect(jsonPath("$.current.version").value(version + 1))
                .andExpect(jsonPath("$.yours.title").value("Tractor 9"));
        getAs(viewer, "/api/installations/" + id).andExpect(jsonPath("$.title").value("Tractor 8"));
    }

    @Test
    void searchFindsWordsAndNumbersAndTakesWildcardsLiterally() throws Exception {
        String id = read(postJson("/api/installations", plan("Crane 100%_x", 2)), "$.id");
        String number = read(getAs(viewer, "/api/installations/" + id), "$.shopNumber");
        for (String search : new String[] {"crane 100", "OLIVE", "100%_", number.toLowerCase(java.util.Locale.ROOT)}) {
            found(search).andExpect(jsonPath("$[*].id", hasItem(id)));
        }
        found("1%x").andExpect(jsonPath("$[*].id", not(hasItem(id))));
    }

    private ResultActions found(String search) throws Exception {
        return http.perform(get("/api/installations").param("search", search).with(as(viewer)));
    }

    @Test
    void whatIsNotThereIsSaidSo() throws Exception {
        getAs(viewer, "/api/installations/" + UUID.randomUUID()).andExpect(status().isNotFound());
        getAs(viewer, "/api/installations/not-an-id").andExpect(status().isUnprocessableContent());
    }

    @Test
    void kindsAndServicesCanBeChosenFrom() throws Exception {
        getAs(viewer, "/api/antenna-kinds").andExpect(jsonPath("$[*].kind", hasItem("DIPOLE")));
        getAs(viewer, "/api/services").andExpect(jsonPath("$[0].channels", hasSize(40)));
    }

    @Test
    void aPlanIsCopiedToAFleetWithoutWhatWasMeasured() throws Exception {
        String original = makeInstallation(1.8);
        measure(original, java.util.UUID.randomUUID(), 0).andExpect(status().isCreated());
        String path = "/api/installations/" + original + "/copies";
        var made = postJson(path, "{\"titles\":[\"Tractor 8\",\" Tractor 9 \"]}")
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.length()").value(2))
                .andExpect(jsonPath("$[1].title").value("Tractor 9"))
                .andExpect(jsonPath("$[0].limitSwr").value(1.8))
                .andExpect(jsonPath("$[0].channels.length()").value(2))
                .andExpect(jsonPath("$[0].startLengthM").doesNotExist());
        String copy = read(made, "$[0].id");
        getAs(viewer, "/api/installations/" + copy + "/passes")
                .andExpect(jsonPath("$.length()").value(0));
        postJson(path, "{\"titles\":[]}").andExpect(status().isUnprocessableContent());
        postJson(path, "{\"titles\":[\" \"]}").andExpect(status().isUnprocessableContent());
        send(post(path), viewer, "{\"titles\":[\"Tractor 10\"]}").andExpect(status().isForbidden());
    }
}
