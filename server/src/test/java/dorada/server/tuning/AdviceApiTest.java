package dorada.server.tuning;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.lessThan;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.ResultActions;

class AdviceApiTest extends ApiTest {

    /** A series circuit of 47 Ω and Q 8 with its dip at {@code f0}, 140 to 175 MHz. */
    private static String samples(double f0) {
        return "[" + curve(140e6, 175e6, f0, 8) + "]";
    }

    private ResultActions ask(String kind, boolean oneWay, String rule, String passes, String more) throws Exception {
        return send(
                post("/api/advice"),
                viewer,
                "{\"kind\":\"" + kind + "\",\"adjustable\":{\"oneWay\":" + oneWay
                        + ",\"smallestStepM\":0.001},\"passes\":[" + passes
                        + "],\"wantedHz\":[153.05e6,157.45e6,161.9e6],\"rule\":" + rule + more + "}");
    }

    private static final String UNDER = "{\"name\":\"under a limit\",\"limit\":1.5}";

    @Test
    void tooLongIsShortenedByLessThanTheWholeWhereItIsCut() throws Exception {
        String pass = "{\"changeM\":0,\"samples\":" + samples(150.2e6) + "}";
        ask("QUARTER_WAVE_WHIP", true, UNDER, pass, "")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.direction").value("shorten"))
                .andExpect(jsonPath("$.amountM", lessThan(0.024), Double.class))
                .andExpect(jsonPath("$.amountM", greaterThan(0.012), Double.class))
                .andExpect(jsonPath("$.overshootChance", lessThan(0.0011), Double.class))
                .andExpect(jsonPath("$.expected", hasSize(3)))
                .andExpect(jsonPath("$.causes", hasSize(0)));
        ask("quarter-wave-whip", false, UNDER, pass, "")
                .andExpect(jsonPath("$.amountM", closeTo(0.0235, 0.001), Double.class));
    }

    @Test
    void aMetersReadingsAreEnough() throws Exception {
        String spots =
                "{\"changeM\":0,\"spots\":[{\"frequencyHz\":153.05e6,\"swr\":1.3},{\"frequencyHz\":157.45e6,\"swr\":2},"
                        + "{\"frequencyHz\":161.9e6,\"swr\":3}]}";
        ask("QUARTER_WAVE_WHIP", true, "{\"name\":\"even ends\"}", spots, "")
                .andExpect(jsonPath("$.direction").value("shorten"));
    }

    @Test
    void aDummyLoadIsAFaultWithItsTest() throws Exception {
        StringBuilder flat = new StringBuilder();
        for (int i = 0; i <= 60; i++) {
            flat.append(i == 0 ? "" : ",").append("{\"frequencyHz\":" + (100e6 + i * 2e6) + ",\"re\":0.02,\"im\":0}");
        }
        ask("DIPOLE", true, UNDER, "{\"samples\":[" + flat + "]}", "")
                .andExpect(jsonPath("$.direction").value("find the fault"))
                .andExpect(jsonPath("$.causes[0].id").value("cause.DUMMY_LOAD"))
                .andExpect(jsonPath("$.causes[0].name", containsString("dummy load")))
                .andExpect(jsonPath("$.because[0].params.cause.id").value("cause.DUMMY_LOAD"))
                .andExpect(jsonPath("$.because[0].text", startsWith("A dummy load left in place, for the curve")))
                .andExpect(jsonPath("$.causes[0].test").isNotEmpty());
    }

    @Test
    void everySchoolHasItsRule() throws Exception {
        String pass = "{\"changeM\":0,\"samples\":" + samples(153.05e6) + "}";
        // The dip stands on the main channel: best there and resonant, and the radio stands the rest.
        for (String name : new String[] {"best on main", "resonance first", "relaxed"}) {
            ask("QUARTER_WAVE_WHIP", true, "{\"name\":\"" + name + "\",\"limit\":3,\"primaryHz\":153.05e6}", pass, "")
                    .andExpect(jsonPath("$.direction").value("stop"));
        }
        ask("QUARTER_WAVE_WHIP", true, UNDER, pass, "")
                .andExpect(jsonPath("$.direction").value("shorten"))
                .andExpect(jsonPath("$.piece").value("whip"));
        ask("QUARTER_WAVE_WHIP", true, "{\"name\":\"by feel\"}", pass, "")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("resonance first")));
    }

    @Test
    void circumstancesAndASecondPieceAreTakenFromTheRequest() throws Exception {
        String spoilt = "{\"changeM\":0,\"circumstances\":[\"DOOR_OPEN\"],\"samples\":" + samples(150.2e6) + "}";
        ask("QUARTER_WAVE_WHIP", true, UNDER, spoilt, "")
                .andExpect(jsonPath("$.direction").value("measure again"));
        // The dip went up by 6 MHz after a move of the tap: no slipped screw.
        String moved = "{\"samples\":" + samples(148e6) + "},{\"changeM\":0,\"secondChangeM\":0.02,\"samples\":"
                + samples(154.2e6) + "}";
        ask("TUBE_J_POLE", true, UNDER, moved, "")
                .andExpect(jsonPath("$.direction").value("shorten"));
        // With nothing changed it moved by itself: it is read until two readings agree.
        ask("TUBE_J_POLE", true, UNDER, moved.replace("\"secondChangeM\":0.02,", ""), "")
                .andExpect(jsonPath("$.direction").value("measure again"))
                .andExpect(jsonPath("$.hypotheses[0].id").value("moved-by-itself"));
    }

    /** What competes is said with its odds, none of them 0 or 1; a dip that nobody knows is absent. */
    @Test
    void hypothesesTravelWithTheirOdds() throws Exception {
        ask("QUARTER_WAVE_WHIP", true, UNDER, "{\"samples\":" + samples(150.2e6) + "}", "")
                .andExpect(jsonPath("$.dipHz", closeTo(150.2e6, 1e5), Double.class))
                .andExpect(jsonPath("$.targetHz", greaterThan(156e6), Double.class))
                .andExpect(jsonPath("$.hypotheses[0].id").value("too-long"))
                .andExpect(jsonPath("$.hypotheses[0].probability", lessThan(1.0), Double.class));
        String alike = spots(3, 3, 3).replace("157.45", "155.3").replace("161.9", "157.6");
        send(
                        post("/api/advice"),
                        viewer,
                        "{\"kind\":\"quarter-wave whip\",\"adjustable\":{\"oneWay\":true},\"passes\":[" + alike
                                + "],\"wantedHz\":[153.05e6,155.3e6,157.6e6],\"rule\":" + UNDER + "}")
                .andExpect(jsonPath("$.direction").value("measure again"))
                .andExpect(jsonPath("$.amountM").value(0.0))
                .andExpect(jsonPath("$.dipHz").doesNotExist())
                .andExpect(jsonPath("$.targetHz").doesNotExist());
    }

    private static String spots(double low, double middle, double high) {
        return "{\"changeM\":0,\"spots\":[{\"frequencyHz\":153.05e6,\"swr\":" + low
                + "},{\"frequencyHz\":157.45e6,\"swr\":" + middle + "},{\"frequencyHz\":161.9e6,\"swr\":" + high
                + "}]}";
    }

    @Test
    void noOrderWhereTheReadingsDoNotSupportOne() throws Exception {
        String stuck = spots(2.2, 2.8, 4) + "," + spots(2.2, 2.8, 4).replace("\"changeM\":0", "\"changeM\":-0.01");
        ask("QUARTER_WAVE_WHIP", true, UNDER, stuck, "")
                .andExpect(jsonPath("$.direction").value("find the fault"))
                .andExpect(jsonPath("$.causes[0].test").isNotEmpty());
        ask(
                        "QUARTER_WAVE_WHIP",
                        true,
                        UNDER,
                        stuck + ","
                                + spots(2.2, 2.8, 4).replace("{\"changeM\":0", "{\"lookedOver\":true,\"changeM\":0"),
                        "")
                .andExpect(jsonPath("$.direction").value("shorten"));
        ask(
                        "QUARTER_WAVE_WHIP",
                        true,
                        "{\"name\":\"even ends\"}",
                        spots(1.3, 1.2, 1.3) + "," + spots(1.5, 2.1, 2.3),
                        "")
                .andExpect(jsonPath("$.direction").value("find the fault"));
        send(
                        post("/api/advice"),
                        viewer,
                        "{\"kind\":\"ground plane\",\"adjustable\":{\"oneWay\":true},\"passes\":["
                                + spots(1.3, 1.2, 1.3) + "],\"wantedHz\":[153.05e6,157.45e6,161.9e6,460e6],\"rule\":"
                                + UNDER + "}")
                .andExpect(jsonPath("$.direction").value("read the other band"));
        // Three quarter-waves, entered as one.
        send(
                        post("/api/advice"),
                        viewer,
                        "{\"kind\":\"quarter-wave whip\",\"adjustable\":{\"oneWay\":true,\"lengthM\":1.45},\"passes\":["
                                + spots(1.9, 2.4, 3) + "],\"wantedHz\":[153.05e6,157.45e6,161.9e6],\"rule\":" + UNDER
                                + "}")
                .andExpect(jsonPath("$.direction").value("find the fault"))
                .andExpect(jsonPath("$.hypotheses[0].id").value("another-kind"));
    }

    /** All wires alike, each by less than the radiator alone would need. */
    @Test
    void whatWasChangedDecidesHowMuchIsNeeded() throws Exception {
        String pass = "{\"changeM\":0,\"pieces\":\"this\",\"samples\":" + samples(150.2e6) + "}";
        Number one = read(ask("GROUND_PLANE", false, UNDER, pass, ""), "$.amountM");
        Number alike = read(ask("GROUND_PLANE", false, UNDER, pass.replace("this", "alike"), ""), "$.amountM");
        // Solved: 1.23 metres for a metre by the radiator alone, 0.97 by all of them.
        org.assertj.core.api.Assertions.assertThat(alike.doubleValue() / one.doubleValue())
                .isBetween(0.7, 0.85);
    }

    /** A ribbon for two bands has a piece for each; a whip with a ring has one that can be put back. */
    @Test
    void theKindDecidesWhichPieceIsChanged() throws Exception {
        String sweep = "{\"samples\":[" + curve(120e6, 170e6, 138e6, 9) + "," + curve(400e6, 470e6, 422e6, 12) + "]}";
        send(
                        post("/api/advice"),
                        viewer,
                        "{\"kind\":\"ribbon j-pole\",\"adjustable\":{\"oneWay\":true},\"passes\":[" + sweep
                                + "],\"wantedHz\":[145.5e6,435e6],\"rule\":" + UNDER + "}")
                .andExpect(jsonPath("$.direction").value("shorten"))
                .andExpect(jsonPath("$.piece").value("radiator below the decoupling stub"));
        send(
                        post("/api/advice"),
                        viewer,
                        "{\"kind\":\"ringed cb whip\",\"adjustable\":{\"oneWay\":false},\"passes\":[{\"samples\":["
                                + curve(25e6, 30e6, 27.14e6, 40)
                                + "]}],\"wantedHz\":[26.965e6,27.185e6,27.405e6],\"rule\":{\"name\":\"even ends\"}}")
                .andExpect(jsonPath("$.direction").value("shorten"))
                .andExpect(jsonPath("$.piece").value("the ring below the coil"));
    }

    /** A series circuit with 47 Ω and its dip at {@code f0}, as samples without their brackets. */
    private static String curve(double low, double high, double f0, double q) {
        StringBuilder all = new StringBuilder();
        for (int i = 0; i <= 200; i++) {
            double f = low + (high - low) * i / 200;
            double x = 47 * q * (f / f0 - f0 / f);
            double d = 97 * 97 + x * x;
            all.append(i == 0 ? "" : ",")
                    .append("{\"frequencyHz\":" + f + ",\"re\":" + (-3 * 97 + x * x) / d + ",\"im\":" + 100 * x / d
                            + "}");
        }
        return all.toString();
    }

    /** The same antenna, bare and behind a lossy line that is named, needs the same change; at the radio it looks better. */
    @Test
    void theLineIsTakenOffAndPutOnAgain() throws Exception {
        String rule = "{\"name\":\"under a limit\",\"limit\":2}";
        String line = ",\"line\":{\"lengthM\":1,\"velocityFactor\":0.66,\"k1DbPer100mSqrtMHz\":8}";
        var bare = ask("QUARTER_WAVE_WHIP", false, rule, "{\"samples\":" + samples(150.2e6) + "}", "");
        var behind = ask("QUARTER_WAVE_WHIP", false, rule, "{\"samples\":" + behindLine(150.2e6) + "}", line)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.expected", hasSize(3)));
        Number amount = read(bare, "$.amountM");
        behind.andExpect(jsonPath("$.amountM", closeTo(amount.doubleValue(), 1e-9), Double.class));
        Number swr = read(bare, "$.expected[0].swr");
        behind.andExpect(jsonPath("$.expected[0].swr", lessThan(swr.doubleValue() - 0.02), Double.class));
    }

    /** What the radio sees of it through a metre of VF 0.66 that loses 0.08·√f dB. */
    private static String behindLine(double f0) {
        StringBuilder all = new StringBuilder();
        for (int i = 0; i <= 200; i++) {
            double f = 140e6 + 35e6 * i / 200;
            double x = 47 * 8 * (f / f0 - f0 / f);
            double d = 97 * 97 + x * x;
            double re = (-3 * 97 + x * x) / d;
            double im = 100 * x / d;
            double size = Math.pow(10, -0.08 * Math.sqrt(f / 1e6) / 10);
            double turn = -4 * Math.PI * f / (299_792_458 * 0.66);
            double c = size * Math.cos(turn);
            double s = size * Math.sin(turn);
            all.append(i == 0 ? "" : ",")
                    .append("{\"frequencyHz\":" + f + ",\"re\":" + (re * c - im * s) + ",\"im\":" + (re * s + im * c)
                            + "}");
        }
        return "[" + all + "]";
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "TELESCOPE | {\"name\":\"even ends\"} | {\"samples\":[]} | kind",
                "DIPOLE | {\"name\":\"by eye\"} | {\"samples\":[]} | rule",
                "DIPOLE | {\"name\":\"under a limit\",\"limit\":0.9} | {\"samples\":[]} | rule",
                "DIPOLE | {\"name\":\"even ends\"} | {\"samples\":[]} | passes[0]",
                "DIPOLE | {\"name\":\"even ends\"} | {\"spots\":[]} | passes[0]",
                "DIPOLE | {\"name\":\"even ends\"} | {\"pieces\":\"most\",\"spots\":[{\"frequencyHz\":1e8,\"swr\":2}]} | pieces",
                "DIPOLE | {\"name\":\"even ends\"} | {\"spots\":[{\"frequencyHz\":1e8,\"swr\":0.2}]} | passes[0]",
            })
    void whatCannotBeUsedIsSaidAtItsField(String kind, String rule, String pass, String field) throws Exception {
        ask(kind, true, rule, pass, "")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value(field));
    }
}
