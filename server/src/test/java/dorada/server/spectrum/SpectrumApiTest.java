package dorada.server.spectrum;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import org.junit.jupiter.api.Test;

class SpectrumApiTest extends ApiTest {

    @Test
    void servicesComeWithTheirSourceAndWhatIsForbidden() throws Exception {
        getAs(viewer, "/api/services")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[?(@.id=='cb-us')].channels.length()").value(40))
                .andExpect(jsonPath("$[?(@.id=='pmr446')].forbidden").isNotEmpty())
                .andExpect(jsonPath("$[?(@.id=='murs')].forbidden").isEmpty())
                .andExpect(jsonPath("$[?(@.id=='murs')].source").value(containsOne("95.2763")))
                .andExpect(jsonPath("$", hasSize(greaterThan(10))));
    }

    private static org.hamcrest.Matcher<Iterable<? super String>> containsOne(String words) {
        return org.hamcrest.Matchers.hasItem(containsString(words));
    }

    @Test
    void aPastedListIsReadOrItsLineNamed() throws Exception {
        postJson("/api/channels/parse", "{\"text\":\"Yard 156.125\\nHill, 146.94, -0.6\"}")
                .andExpect(jsonPath("$", hasSize(2)))
                .andExpect(jsonPath("$[1].transmitHz").value(146.34e6));
        postJson("/api/channels/parse", "{\"text\":\"Yard 156.125\\nGate\"}")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.line").value(2));
    }

    @Test
    void anAirbandNameHasACarrier() throws Exception {
        getAs(viewer, "/api/airband/118.010")
                .andExpect(jsonPath("$.transmitHz", org.hamcrest.Matchers.closeTo(118.00833e6, 10.0), Double.class))
                .andExpect(jsonPath("$.note").value("8.33 kHz"));
        getAs(viewer, "/api/airband/118.020").andExpect(status().isUnprocessableContent());
    }
}
