package dorada.server.spectrum;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import dorada.server.ApiTest;
import org.junit.jupiter.api.Test;

class ShopListApiTest extends ApiTest {

    private static String list(String name, String lines) {
        return "{\"name\":\"" + name + "\",\"source\":\"their licence\",\"text\":\"" + lines + "\"}";
    }

    @Test
    void aListIsKeptForTheShop() throws Exception {
        String made = send(
                        post("/api/channel-lists"),
                        technician,
                        list("Ferry port", "Deck; 457.525; 467.525\\nQuay; 446.2"))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.channels", hasSize(2)))
                .andExpect(jsonPath("$.channels[0].receiveHz").value(467.525e6))
                .andReturn()
                .getResponse()
                .getContentAsString();
        String at = "/api/channel-lists/" + JsonPath.read(made, "$.id");
        int version = JsonPath.read(made, "$.version");
        send(get("/api/channel-lists"), viewer, "").andExpect(jsonPath("$[*].name", hasItem("Ferry port")));
        send(post("/api/channel-lists"), technician, list("ferry PORT", "Quay; 446.2"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("already")));
        send(put(at + "?version=" + version), technician, list("Ferry port", "Quay; 446.2"))
                .andExpect(jsonPath("$.channels", hasSize(1)));
        send(put(at + "?version=" + version), technician, list("Ferry port", "Quay; 446.3"))
                .andExpect(status().isConflict());
        send(delete(at), technician, "").andExpect(status().isNoContent());
        send(delete(at), technician, "").andExpect(status().isNotFound());
    }

    @Test
    void aLineThatCannotBeReadIsNamedAndAViewerMayNotWrite() throws Exception {
        send(post("/api/channel-lists"), technician, list("Odd", "Quay; 446.2\\nGate; soon"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.line").value(2));
        send(post("/api/channel-lists"), viewer, list("Quarry", "Pit; 27.185")).andExpect(status().isForbidden());
    }
}
