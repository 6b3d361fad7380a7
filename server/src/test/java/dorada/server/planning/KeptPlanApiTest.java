package dorada.server.planning;

import static org.hamcrest.Matchers.hasItem;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import dorada.server.ApiTest;
import org.junit.jupiter.api.Test;

class KeptPlanApiTest extends ApiTest {

    private static final String BODY = "{\"name\":\"Pick-up 4, roof\",\"body\":\"{}\"}";

    @Test
    void aPlanIsKeptChangedAndRemoved() throws Exception {
        String made = send(post("/api/plans"), technician, BODY)
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getContentAsString();
        String id = JsonPath.read(made, "$.id");
        send(get("/api/plans/" + id), viewer, "").andExpect(jsonPath("$.body").value("{}"));
        send(get("/api/plans"), viewer, "")
                .andExpect(jsonPath("$[*].name", hasItem("Pick-up 4, roof")))
                .andExpect(jsonPath("$[0].body").doesNotExist());
        send(put("/api/plans/" + id + "?version=0"), technician, BODY.replace("{}", "new"))
                .andExpect(jsonPath("$.version").value(1));
        send(put("/api/plans/" + id + "?version=0"), technician, BODY)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.current.body").value("new"));
        send(delete("/api/plans/" + id), technician, "").andExpect(status().isNoContent());
        send(get("/api/plans/" + id), viewer, "").andExpect(status().isNotFound());
    }

    @Test
    void itNeedsANameAndSomebodyWhoMayWrite() throws Exception {
        send(post("/api/plans"), technician, BODY.replace("Pick-up 4, roof", " "))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("name"));
        send(post("/api/plans"), viewer, BODY).andExpect(status().isForbidden());
        send(
                        post("/api/plans"),
                        technician,
                        BODY.replace(
                                "\"body\"", "\"installationId\":\"00000000-0000-0000-0000-000000000001\",\"body\""))
                .andExpect(status().isNotFound());
    }
}
