package dorada.server.planning;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.ResultActions;

class PlanningApiTest extends ApiTest {

    private static final String WAY =
            "{\"name\":\"%s\",\"ratedW\":%s,\"ceilingSwr\":2,\"jumper\":\"rg-58\",\"jumperM\":0,"
                    + "\"meterLossDb\":0,\"line\":\"%s\",\"lineM\":%s,\"connectors\":0,\"connectorLossDb\":0.1,\"swr\":%s,\"gainDbi\":2.15}";
    private static final String PLAN = "{\"frequencyHz\":150e6,\"alternatives\":[%s],\"ownHeightM\":2,\"largestM\":0.5,"
            + "\"totalHeightM\":%s,\"duty\":0.5,\"ground\":\"TYPICAL\",\"atBody\":false,\"stations\":["
            + "{\"name\":\"Depot\",\"distanceM\":9000,\"heightM\":30,\"gainDbi\":3,\"neededDbm\":-110}]}";

    private ResultActions station(String ways, double heightM) throws Exception {
        return postJson("/api/planning/station", PLAN.formatted(ways, heightM));
    }

    @Test
    void twoWaysSideBySide() throws Exception {
        // 17 ft of thin line leave 39 of 50 W: common practice, no source.
        String thin = WAY.formatted("Thin", 50, "rg-58", 5.18, 1);
        String small = WAY.formatted("Good", 25, "foam-10", 5.18, 1.2);
        station(thin + "," + small, 3.2)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.ways[0].atAntennaW", closeTo(39, 0.5)))
                .andExpect(jsonPath("$.ways[0].erpW", closeTo(39, 0.5)))
                .andExpect(jsonPath("$.says.text")
                        .value("Thin puts 2.2 dB more on the air than Good: 39.0 W against 23.3 W ERP."))
                .andExpect(jsonPath("$.ways[0].worth", hasSize(0)))
                .andExpect(jsonPath("$.ways[1].worth[*].what.text", hasItem("all together")))
                .andExpect(jsonPath("$.ways[0].publicDistance.distanceM", greaterThan(1.0)))
                .andExpect(jsonPath("$.ways[0].links[0].inSight").value(true))
                .andExpect(jsonPath("$.powerLineM", closeTo(4.8, 1e-9)))
                .andExpect(jsonPath("$.cautions[*].id", hasItem("caution.LIGHTNING")));
    }

    /** A tenth of a decibel each; common practice, no source. */
    @Test
    void connectorsCountWhatIsUsualWhereNothingElseIsAskedFor() throws Exception {
        String four = WAY.replace("\"connectors\":0,\"connectorLossDb\":0.1", "\"connectors\":4");
        station(four.formatted("A", 50, "foam-10", 5, 1), 0)
                .andExpect(jsonPath("$.connectorLossDb").value(0.1))
                .andExpect(jsonPath(
                        "$.ways[0].stages[?(@.name.id == 'station.CONNECTORS')].matchedLossDb",
                        contains(closeTo(0.4, 1e-9))));
    }

    @Test
    void whatToFitIsSaidOfWhatWasLookedAt() throws Exception {
        String open = "{\"limitSwr\":2,\"open\":[{\"candidate\":\"QUARTER_WAVE\",\"lengthM\":0.46%s}]}";
        send(post("/api/planning/antennas/advised"), technician, open.formatted(""))
                .andExpect(jsonPath("$.id").value("QUARTER_WAVE"))
                .andExpect(jsonPath("$.says.id").value("choice.RULE_OF_THUMB"));
        String solved =
                ",\"solved\":{\"lengthM\":0.45,\"worstSwr\":1.6,\"holds\":true,\"wantedDbi\":-0.5,\"gainLessEffortDb\":-0.5}";
        send(post("/api/planning/antennas/advised"), technician, open.formatted(solved))
                .andExpect(jsonPath("$.says.text", containsString("under 2.00 on all of it")));
        send(
                        post("/api/planning/ground/advised"),
                        technician,
                        "{\"limitSwr\":2,\"solved\":[{\"name\":\"mesh\",\"worstSwr\":1.8,\"worstHz\":118e6,\"holds\":true,\"massKg\":0.3}]}")
                .andExpect(jsonPath("$.says.text")
                        .value("Mesh: under 2.00 over the whole band, at worst 1.80 at 118.0 MHz."));
        send(post("/api/planning/ground/advised"), technician, "{\"limitSwr\":2,\"solved\":[]}")
                .andExpect(jsonPath("$.id").doesNotExist());
    }

    @Test
    void aBadAntennaAndAThinLineAreWarnedOf() throws Exception {
        station(WAY.formatted("Bad", 400, "rg-174", 2, 6), 0)
                .andExpect(jsonPath("$.ways[0].foldedBack").value(true))
                .andExpect(jsonPath("$.ways[0].warnings[*].text", hasItem(containsString("folds its power back"))))
                .andExpect(jsonPath("$.cautions[*].text", hasItem(containsString("SWR of 4.13"))))
                .andExpect(jsonPath("$.powerLineM").doesNotExist());
        // Through a line of another impedance the phase decides: nothing is hidden for sure.
        String lossy = WAY.formatted("Long", 25, "rg-58", 30, 2.4);
        station(lossy, 0)
                .andExpect(jsonPath(
                        "$.ways[0].warnings[*].text", hasItem(containsString("at the antenna: the line hides it"))));
        station(lossy.replace("\"line\":\"rg-58\",\"lineM\":30", "\"line\":\"rg-59\",\"lineM\":3"), 0)
                .andExpect(jsonPath("$.ways[0].warnings[*].id", not(hasItem("power.HIDES"))));
        station(WAY.formatted("Strong", 400, "rg-174", 2, 1), 0)
                .andExpect(jsonPath("$.ways[0].warnings[*].text", hasItem(containsString("too warm"))));
    }

    @ParameterizedTest
    @CsvSource({"25,wire,1,alternatives[0].line", "0,rg-58,1,alternatives[0].ratedW", "25,rg-58,0.5,alternatives[0].swr"
    })
    void whatIsWrongIsSaidAtItsField(double watts, String line, double swr, String field) throws Exception {
        station(WAY.formatted("A", watts, line, 5, swr), 0)
                .andExpect(status().isUnprocessableContent())
                .andExpect(result -> org.assertj.core.api.Assertions.assertThat(
                                result.getResponse().getContentAsString())
                        .contains(field));
    }

    private static String ground(String kind, String radials, double whipM) {
        return "{\"lowHz\":118e6,\"highHz\":136.975e6,\"limitSwr\":2.5,\"whipM\":" + whipM
                + ",\"slopeDeg\":15,\"whipRadiusM\":0.004,\"trim\":false,\"kind\":\"" + kind + "\",\"radials\":"
                + radials
                + ",\"lengthM\":1.2,\"widthM\":1.2,\"openingM\":0.15,\"wireRadiusM\":0.001,\"thicknessM\":0.0005,"
                + "\"metal\":\"ALUMINIUM\"}";
    }

    private static final String FOUR = "[0,90,180,270]"
            .replaceAll("(\\d+)", "{\"azimuthDeg\":$1,\"lengthM\":0.57,\"droopDeg\":30,\"radiusM\":0.0015}");

    @Test
    void aGroundIsSolvedAtOnceOrAsAJob() throws Exception {
        postJson("/api/planning/ground", ground("RADIALS", FOUR, 0.56))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.trace.frequencyHz", hasSize(161)))
                .andExpect(jsonPath("$.dipHz", closeTo(127e6, 8e6), Double.class))
                .andExpect(jsonPath("$.horizonDbi", closeTo(0, 3)));
        send(post("/api/planning/ground").header("Prefer", "respond-async"), technician, ground("TAB", "[]", 0.56))
                .andExpect(status().isAccepted())
                .andExpect(jsonPath("$.id").exists());
        send(get("/api/planning/feedlines"), viewer, "").andExpect(jsonPath("$", hasSize(11)));
    }

    @Test
    void aGroundThatMakesNoSenseIsRefused() throws Exception {
        postJson("/api/planning/ground", ground("RADIALS", "[]", 0.56))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("bare tab")));
        postJson("/api/planning/ground", ground("TAB", "[]", 0))
                .andExpect(jsonPath("$.field").value("whipM"));
    }

    private static String need(boolean isMetal, double roofM) {
        return "{\"carrier\":\"VEHICLE\",\"material\":\"" + (isMetal ? "METAL" : "PLASTIC") + "\",\"roofLengthM\":"
                + roofM
                + ",\"roofWidthM\":1.2,\"alongM\":0,\"acrossM\":0,\"mountHeightM\":1.9,\"clearanceM\":0,"
                + "\"lowHz\":153e6,\"highHz\":159e6,\"limitSwr\":2}";
    }

    @Test
    void antennasAreRankedAtOnceAndSolvedOneByOne() throws Exception {
        postJson("/api/planning/antennas", need(true, 1.4))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[0].candidate").value("QUARTER_WAVE"))
                .andExpect(jsonPath("$[0].excluded").doesNotExist());
        postJson("/api/planning/antennas", need(false, 1.4))
                .andExpect(jsonPath(
                        "$[?(@.candidate=='QUARTER_WAVE')].excluded.text", hasItem(containsString("Needs metal"))));
        postJson("/api/planning/antennas/RADIALS", need(false, 1.4))
                .andExpect(jsonPath("$.holds").value(true))
                .andExpect(jsonPath("$.wantedDbi", closeTo(1, 2)))
                .andExpect(jsonPath("$.massKg", closeTo(0.1, 0.08), Double.class))
                .andExpect(jsonPath("$.parts[0].count").value(4));
        postJson("/api/planning/antennas/RADIALS", need(true, 0))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("length and a width")));
        postJson("/api/planning/antennas/NONSENSE", need(true, 1)).andExpect(status().is4xxClientError());
        String crowded = need(true, 1.4)
                .replace(
                        "\"lowHz\"",
                        "\"near\":[{\"name\":\"rack\",\"alongM\":0.06,\"acrossM\":0,\"fromM\":0,\"toM\":0.5,\"radiusM\":0.02}],"
                                + "\"lowHz\"");
        postJson("/api/planning/antennas/QUARTER_WAVE", crowded)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("rack")));
        postJson("/api/planning/antennas", crowded.replace("rack", " "))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("near[0].name"));
    }
}
