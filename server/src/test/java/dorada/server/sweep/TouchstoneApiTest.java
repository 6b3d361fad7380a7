package dorada.server.sweep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.core.format.TouchstoneReader;
import dorada.core.sweep.Sweep;
import dorada.server.ApiTest;
import java.io.ByteArrayInputStream;
import org.junit.jupiter.api.Test;

class TouchstoneApiTest extends ApiTest {

    private static final String SWEEP =
            "{\"note\":\"live\",\"startHz\":%s,\"stopHz\":160e6,\"re\":[0.5,0,0.3],\"im\":%s}";

    @Test
    void aSweepOnTheScreenBecomesAFileThatIsReadAgain() throws Exception {
        byte[] file = postJson("/api/touchstone", SWEEP.formatted("140e6", "[0,0.1,0.4]"))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        Sweep read = TouchstoneReader.read(new ByteArrayInputStream(file)).sweep();
        assertThat(read.frequenciesHz()).containsExactly(140e6, 150e6, 160e6);
        assertThat(read.im(2)).isEqualTo(0.4);
    }

    @Test
    void whatIsNoSweepIsRefused() throws Exception {
        postJson("/api/touchstone", SWEEP.formatted("140e6", "[0]"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("re"));
        postJson("/api/touchstone", SWEEP.formatted("170e6", "[0,0,0]"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("startHz"));
    }
}
