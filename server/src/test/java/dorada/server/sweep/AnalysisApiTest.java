package dorada.server.sweep;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AnalysisApiTest extends ApiTest {

    @Test
    void saysWhatTheFileHolds() throws Exception {
        analyse("?wantedHz=154000000&wantedHz=170000000&swrLimit=2&include=points", FILE)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.points").value(5))
                .andExpect(jsonPath("$.startHz").value(150e6))
                .andExpect(jsonPath("$.referenceOhm").value(50.0))
                .andExpect(jsonPath("$.dips", hasSize(1)))
                .andExpect(jsonPath("$.dips[0].atEdge").value(false))
                .andExpect(jsonPath("$.resonancesHz", hasSize(1)))
                .andExpect(jsonPath("$.bandwidths[0].swrLimit").value(2.0))
                .andExpect(jsonPath("$.wanted[0].swr", closeTo(1.05 / 0.95, 1e-9)))
                .andExpect(jsonPath("$.wanted[1].outside").value(true))
                .andExpect(jsonPath("$.wanted[1].swr").doesNotExist())
                .andExpect(jsonPath("$.samples", hasSize(5)))
                .andExpect(content().string(not(containsString("null"))));
    }

    @Test
    void anotherReferenceIsRenormalised() throws Exception {
        // 75 Ω measured on 75 Ω reflects nothing there, and 0.2 on 50 Ω.
        analyse("?include=points", "# MHz S RI R 75\n100 0 0\n101 0 0\n")
                .andExpect(jsonPath("$.fileReferenceOhm").value(75.0))
                .andExpect(jsonPath("$.samples[0].re", closeTo(0.2, 1e-12)))
                .andExpect(jsonPath("$.dips", hasSize(0)));
    }

    @Test
    void aTableIsReadToo() throws Exception {
        analyse("?wantedHz=151000000", "Frequency (MHz);R;X\n150;50;-30\n151;50;0\n152;50;30\n")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.wanted[0].swr").value(1.0))
                .andExpect(jsonPath("$.resonancesHz[0]").value(151e6));
    }

    @Test
    void infiniteValuesAreAbsent() throws Exception {
        analyse("?wantedHz=100000000&wantedHz=101000000", "# MHz S RI R 50\n100 1 0\n101 0 0\n")
                .andExpect(jsonPath("$.wanted[0].swr").doesNotExist())
                .andExpect(jsonPath("$.wanted[0].resistanceOhm").doesNotExist())
                .andExpect(jsonPath("$.wanted[0].returnLossDb").value(0.0))
                .andExpect(jsonPath("$.wanted[1].returnLossDb").doesNotExist())
                .andExpect(jsonPath("$.wanted[1].swr").value(1.0));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "# MHz S RI R 50;100 0.1 0;99 0 0 | 3 | ascend",
                "# MHz S RI R 50;100 a 0 | 2 | not a number",
                "# MHz Q RI R 50 | 1 | not an option",
            })
    void aBrokenFileIsRefusedWithItsLine(String text, int line, String reason) throws Exception {
        analyse("", text.replace(';', '\n'))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().contentType("application/problem+json"))
                .andExpect(jsonPath("$.line").value(line))
                .andExpect(jsonPath("$.field").value("file"))
                .andExpect(jsonPath("$.detail", containsString(reason)));
    }

    @ParameterizedTest
    @CsvSource({"?wantedHz=abc, wantedHz", "?wantedHz=-1, wantedHz", "?swrLimit=1, swrLimit", "?port=3, file"})
    void aBadQuestionIsRefusedAtItsField(String query, String field) throws Exception {
        analyse(query, FILE)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value(field));
    }

    @Test
    void noFileAndAnEmptyFileAreRefused() throws Exception {
        analyse("", "")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail").value("The file is empty."));
        http.perform(multipart("/api/analysis").with(as(viewer)).with(csrf()))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("file"));
    }
}
