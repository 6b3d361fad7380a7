package dorada.server.installation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import dorada.core.design.Designs;
import dorada.server.ApiTest;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every kind of antenna can be an installation; those made from cut sheets can be practised on. */
class NewKindsApiTest extends ApiTest {

    @Test
    void everyRuleIsOfferedWithItsLimits() throws Exception {
        send(get("/api/acceptance-rules?limitSwr=1.6&ceilingSwr=3"), viewer, "")
                .andExpect(jsonPath("$", hasSize(RuleName.values().length)))
                .andExpect(jsonPath("$[?(@.hasOwnLimit == true)].rule", contains("UNDER_LIMIT", "RESONANCE_FIRST")))
                .andExpect(jsonPath("$[0].says.text").value("SWR 1.60 or less on every channel"))
                .andExpect(jsonPath("$[4].says.params.limitSwr").value(3.0));
        send(get("/api/acceptance-rules?limitSwr=1"), viewer, "")
                .andExpect(status().is(422))
                .andExpect(jsonPath("$.detail", containsString("above 1")));
    }

    @Test
    void everyKindIsOfferedWithItsPiece() throws Exception {
        send(get("/api/antenna-kinds"), viewer, "")
                .andExpect(jsonPath("$", hasSize(Designs.ALL.kinds().size())))
                .andExpect(jsonPath("$[*].piece.text", hasItem("long tube")));
    }

    @Test
    void aLengthThatBelongsToAnotherKindIsAskedAboutWhileItIsPlanned() throws Exception {
        send(get("/api/antenna-kinds/QUARTER_WAVE_WHIP/fit?lengthM=0.5&hz=456000000&hz=458000000"), viewer, "")
                .andExpect(jsonPath("$.fits").value(false))
                .andExpect(jsonPath("$.atHz").value(457e6))
                .andExpect(jsonPath("$.usualM").value(closeTo(0.156, 0.001)))
                .andExpect(jsonPath("$.others[0]").value("THREE_QUARTER_WAVE_WHIP"));
        send(get("/api/antenna-kinds/THREE_QUARTER_WAVE_WHIP/fit?lengthM=0.5&hz=457000000"), viewer, "")
                .andExpect(jsonPath("$.fits").value(true));
        send(get("/api/antenna-kinds/LOADED_CB_WHIP/fit?lengthM=0.5&hz=27000000"), viewer, "")
                .andExpect(status().isNoContent());
        for (String bad :
                List.of("lengthM=0&hz=457000000", "lengthM=0.5&hz=-1", "lengthM=NaN&hz=1", "lengthM=0.5&hz=")) {
            send(get("/api/antenna-kinds/QUARTER_WAVE_WHIP/fit?" + bad), viewer, "")
                    .andExpect(status().isUnprocessableContent());
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "THREE_QUARTER_WAVE_WHIP",
                "FIVE_EIGHTHS_WHIP",
                "END_FED_WIRE",
                "HALF_WAVE_WHIP",
                "TUBE_J_POLE",
                "RIBBON_J_POLE",
                "FULL_WAVE_LOOP",
                "FOLDED_VERTICAL",
                "RINGED_CB_WHIP"
            })
    void aBaselineFindsItTooLongAndSaysBySomething(String kind) throws Exception {
        boolean isLow = kind.equals("RINGED_CB_WHIP") || kind.equals("FOLDED_VERTICAL");
        String body = plan("Practice " + kind, 3).replace("QUARTER_WAVE_WHIP", kind);
        if (isLow) {
            body = body.replace("153050000", "27100000").replace("157450000", "27300000");
        }
        String id = read(postJson("/api/installations", body).andExpect(status().isCreated()), "$.id");
        String usual = measurement(UUID.randomUUID(), 0);
        String asked = isLow
                ? usual.replaceAll("\"startHz\":[^,]*", "\"startHz\":23000000")
                        .replaceAll("\"stopHz\":[^,]*", "\"stopHz\":31000000")
                : usual;
        String seen = postJson("/api/installations/" + id + "/passes", asked)
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getContentAsString();
        String action = JsonPath.read(seen, "$.advice.action");
        // Cut long on purpose: shorten it, or, where it is good enough already, leave it.
        assertThat(action).isIn("SHORTEN", "STOP");
        if (action.equals("SHORTEN")) {
            assertThat(((Number) JsonPath.read(seen, "$.advice.amountM")).doubleValue())
                    .isPositive();
        }
    }

    /** 45 to 520 MHz is where a tube J-pole makes sense; elsewhere its stand-in is the nearest that does. */
    @Test
    void aKindOutOfItsSenseIsStillSwept() throws Exception {
        String body = plan("Too low for it", 2)
                .replace("QUARTER_WAVE_WHIP", "TUBE_J_POLE")
                .replace("153050000", "27100000")
                .replace("157450000", "27300000");
        String id = read(postJson("/api/installations", body).andExpect(status().isCreated()), "$.id");
        postJson("/api/installations/" + id + "/passes", measurement(UUID.randomUUID(), 0))
                .andExpect(status().isCreated());
    }
}
