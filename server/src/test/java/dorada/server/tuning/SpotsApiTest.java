package dorada.server.tuning;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.lessThan;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.MediaType;

class SpotsApiTest extends ApiTest {

    private static String body(String kind, String spots) {
        return "{\"recording\":{\"requestKey\":\"" + UUID.randomUUID() + "\",\"changeM\":0,\"note\":\"\"},\"kind\":\""
                + kind + "\",\"spots\":[" + spots + "]}";
    }

    private static String swr(double hz, double swr) {
        return "{\"frequencyHz\":" + hz + ",\"swr\":" + swr + "}";
    }

    @Test
    void aMetersReadingsAreAPassWithVerdictEstimateAndAdvice() throws Exception {
        String id = makeInstallation(1.5);
        String pass = read(
                postJson(
                                "/api/installations/" + id + "/spots",
                                body("INLINE_METER", swr(153.05e6, 1.6) + "," + swr(157.45e6, 2.4)))
                        .andExpect(status().isCreated())
                        .andExpect(jsonPath("$.source").value("SPOTS"))
                        .andExpect(jsonPath("$.restsOn").value("an in-line meter"))
                        .andExpect(jsonPath("$.analysis").doesNotExist())
                        .andExpect(jsonPath("$.verdict.met").value(false))
                        .andExpect(jsonPath("$.verdict.channels", hasSize(2)))
                        .andExpect(jsonPath("$.verdict.channels[1].reading.lowSwr", lessThan(2.4), Double.class))
                        .andExpect(jsonPath("$.verdict.channels[1].reading.highSwr", greaterThan(2.4), Double.class))
                        // Higher at the top than at the bottom: too long, the resonance lies below.
                        .andExpect(jsonPath("$.estimate.resonanceHz", lessThan(155e6), Double.class))
                        .andExpect(jsonPath("$.advice.action").value("SHORTEN")),
                "$.id");
        getAs(viewer, "/api/passes/" + pass + "/touchstone")
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("no phase")));
        // Who follows an old link in a browser reads a sentence.
        send(get("/api/passes/" + pass + "/touchstone").accept(MediaType.TEXT_HTML, MediaType.ALL), viewer, "")
                .andExpect(status().isConflict())
                .andExpect(content().contentTypeCompatibleWith(MediaType.TEXT_HTML))
                .andExpect(content().string(containsString("has no phase")));
        getAs(viewer, "/api/passes/" + pass + "/table")
                .andExpect(content().string(containsString("frequency Hz,magnitude,SWR")));
        getAs(viewer, "/api/installations?search=Tractor").andExpect(status().isOk());
    }

    @Test
    void wattsOnALargeRangeLeaveTheVerdictOpen() throws Exception {
        String id = makeInstallation(2);
        String watts = "{\"frequencyHz\":%s,\"forwardW\":20,\"reflectedW\":1.5,\"forwardFullScaleW\":50}";
        postJson(
                        "/api/installations/" + id + "/spots",
                        body("WATTMETER", watts.formatted(153.05e6) + "," + watts.formatted(157.45e6)))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.verdict.met").value(true))
                .andExpect(jsonPath("$.verdict.sure").value(false))
                .andExpect(jsonPath("$.verdict.sentence", containsString("Within the doubt")));
    }

    @Test
    void oneReadingIsKeptAndOrdersNothing() throws Exception {
        String id = makeInstallation(2);
        postJson("/api/installations/" + id + "/spots", body("RADIO_METER", swr(153.05e6, 1.6)))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.advice.action").value("MEASURE_AGAIN"))
                .andExpect(jsonPath("$.advice.amountM").value(0.0))
                .andExpect(jsonPath("$.advice.dipHz").doesNotExist())
                .andExpect(jsonPath("$.verdict.sentence", containsString("Not judged")));
        getAs(viewer, "/api/installations?search=Tractor")
                .andExpect(jsonPath("$[0].newest.isRead").value(true));
        measure(id, UUID.randomUUID(), -0.005)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.advice").exists());
    }

    /** That no channel was read is no SWR, not even an endless one. */
    @Test
    void aReadingBesideTheChannelsIsNoWorstSwr() throws Exception {
        String id = makeInstallation(2);
        postJson("/api/installations/" + id + "/spots", body("RADIO_METER", swr(150e6, 1.6)))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.verdict.worstSwr").doesNotExist())
                .andExpect(jsonPath("$.verdict.channels[0].reading.outside").value(true));
        getAs(viewer, "/api/installations?search=Tractor")
                .andExpect(jsonPath("$[0].newest.worstSwr").doesNotExist())
                .andExpect(jsonPath("$[0].newest.isRead").value(false));
    }

    /** Needles that did not stir after a change are a fault, until somebody has looked; what was changed is kept with it. */
    @Test
    void aLookForAFaultIsRecordedAndBeginsAnew() throws Exception {
        String id = makeInstallation(2);
        String same = swr(153.05e6, 2.2) + "," + swr(157.45e6, 3);
        postJson("/api/installations/" + id + "/spots", body("INLINE_METER", same))
                .andExpect(status().isCreated());
        String changed = body("INLINE_METER", same).replace("\"changeM\":0", "\"changeM\":-0.012,\"pieces\":\"THIS\"");
        postJson("/api/installations/" + id + "/spots", changed)
                .andExpect(jsonPath("$.advice.action").value("FIND_THE_FAULT"))
                .andExpect(jsonPath("$.pieces").value("THIS"))
                .andExpect(jsonPath("$.advice.hypotheses[0].id").value("not-following"));
        String looked = body("INLINE_METER", same).replace("\"changeM\":0", "\"changeM\":0,\"lookedOver\":true");
        postJson("/api/installations/" + id + "/spots", looked)
                .andExpect(jsonPath("$.lookedOver").value(true))
                .andExpect(jsonPath("$.estimate.band.frequencyHz").isNotEmpty())
                .andExpect(jsonPath("$.advice.hypotheses[0].id").value("too-long"))
                .andExpect(jsonPath("$.advice.action", not("FIND_THE_FAULT")));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "INLINE_METER | {\"frequencyHz\":153050000,\"swr\":0.5} | spots[0]",
                "INLINE_METER | {\"frequencyHz\":153050000} | spots[0]",
                "WATTMETER | {\"frequencyHz\":153050000,\"forwardW\":10,\"reflectedW\":20,\"forwardFullScaleW\":50} | spots[0]",
                "CALIBRATED_ANALYSER | {\"frequencyHz\":153050000,\"swr\":1.5} | kind",
                "INLINE_METER | {\"frequencyHz\":1e8,\"swr\":1.5},{\"frequencyHz\":1e8,\"swr\":1.6} | spots",
            })
    void whatCannotBeIsSaidAtItsField(String kind, String spots, String field) throws Exception {
        String id = makeInstallation(2);
        postJson("/api/installations/" + id + "/spots", body(kind, spots))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value(field));
    }

    /** Each row by itself: 20 and 1.5 W on a scale of 50 W are anything from SWR 1 to 2.83. */
    @Test
    void whatIsTypedIsReadAtOnceWithItsDoubtAndNothingIsStored() throws Exception {
        String watts = "{\"frequencyHz\":153050000,\"forwardW\":%s,\"reflectedW\":1.5,\"forwardFullScaleW\":50}";
        postJson(
                        "/api/spots/read",
                        "{\"kind\":\"WATTMETER\",\"spots\":[" + watts.formatted("20") + "," + watts.formatted("1") + ","
                                + watts.formatted("60") + ",{\"frequencyHz\":153050000,\"forwardW\":3}]}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[0].reading.swr", closeTo(1.755, 0.001)))
                .andExpect(jsonPath("$[0].reading.returnLossDb", closeTo(11.25, 0.01)))
                .andExpect(jsonPath("$[0].reading.lowSwr").value(1.0))
                .andExpect(jsonPath("$[0].reading.highSwr", closeTo(2.83, 0.01)))
                .andExpect(jsonPath("$[0].why").doesNotExist())
                .andExpect(jsonPath("$[1].reading").doesNotExist())
                .andExpect(jsonPath("$[1].refused.id").value("refused.instrument.REFLECTED_ABOVE_FORWARD"))
                .andExpect(jsonPath("$[2].refused.id").value("refused.instrument.A_READING_ABOVE_FULL_SCALE"))
                .andExpect(jsonPath("$[3].refused.id").value("refused.record.WATTS_MISSING"))
                .andExpect(jsonPath("$[3].why", containsString("range")));
    }

    /** What was typed comes back as it was typed: watts too, not only what they meant. */
    @Test
    void aTakenBackEntryGivesItsValuesForCorrection() throws Exception {
        String id = makeInstallation(2);
        String watts = "{\"frequencyHz\":%s,\"forwardW\":20,\"reflectedW\":0.4,\"forwardFullScaleW\":25,"
                + "\"reflectedFullScaleW\":2.5}";
        String entry = body("WATTMETER", watts.formatted(153.05e6) + "," + watts.formatted(157.45e6))
                .replace("\"changeM\":0", "\"changeM\":-0.012,\"circumstances\":[\"INDOORS\"]");
        String pass = read(postJson("/api/installations/" + id + "/spots", entry), "$.id");
        send(delete("/api/passes/" + pass), technician, "").andExpect(status().isNoContent());
        getAs(viewer, "/api/installations/" + id + "/taken-back")
                .andExpect(jsonPath("$[0].entry.changeM").value(-0.012))
                .andExpect(jsonPath("$[0].entry.circumstances[0]").value("INDOORS"))
                .andExpect(jsonPath("$[0].entry.readingKind").value("WATTMETER"))
                .andExpect(jsonPath("$[0].entry.spots", hasSize(2)))
                .andExpect(jsonPath("$[0].entry.spots[0].reflectedW").value(0.4))
                .andExpect(jsonPath("$[0].entry.spots[0].reflectedFullScaleW").value(2.5));
    }

    @Test
    void aWrongEntryIsTakenBackAndPutBackUntilAnotherIsRecorded() throws Exception {
        String id = makeInstallation(2);
        String first = read(measure(id, UUID.randomUUID(), 0), "$.id");
        String second = read(measure(id, UUID.randomUUID(), -0.05), "$.id");
        send(delete("/api/passes/" + first), technician, "").andExpect(status().isConflict());
        send(delete("/api/passes/" + second), viewer, "").andExpect(status().isForbidden());
        send(delete("/api/passes/" + second), technician, "").andExpect(status().isNoContent());
        getAs(viewer, "/api/installations/" + id + "/passes").andExpect(jsonPath("$", hasSize(1)));
        postJson("/api/passes/" + second + "/put-back", "").andExpect(status().isNoContent());
        postJson("/api/passes/" + second + "/put-back", "").andExpect(status().isConflict());
        send(delete("/api/passes/" + second), technician, "").andExpect(status().isNoContent());
        measure(id, UUID.randomUUID(), -0.005)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.number").value(2));
        postJson("/api/passes/" + second + "/put-back", "")
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("meanwhile")));
        getAs(viewer, "/api/installations/" + id + "/passes").andExpect(jsonPath("$", hasSize(2)));
    }
}
