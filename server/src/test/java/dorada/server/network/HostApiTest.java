package dorada.server.network;

import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class HostApiTest extends ApiTest {

    @ParameterizedTest
    @ValueSource(strings = {"/", "/api/session", "/actuator/health"})
    void aForeignNameIsAnsweredNothing(String path) throws Exception {
        http.perform(get("http://evil.example" + path))
                .andExpect(status().is(421))
                .andExpect(jsonPath("$.detail", containsString("DORADA_HOSTS")));
    }

    @Test
    void ourOwnNameIs() throws Exception {
        http.perform(get("http://127.0.0.1:8080/actuator/health")).andExpect(status().isOk());
    }
}
