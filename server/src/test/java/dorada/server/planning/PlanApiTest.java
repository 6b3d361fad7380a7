package dorada.server.planning;

import static org.assertj.core.api.Assertions.assertThat;
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
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

class PlanApiTest extends ApiTest {

    private static final String NEED = """
            {"carrier":"VEHICLE","material":"METAL","roofLengthM":1.4,"roofWidthM":1.2,"alongM":0.1,"acrossM":0,
             "mountHeightM":1.9,"clearanceM":0,"lowHz":153e6,"highHz":159e6,"limitSwr":2,"target":"ALL_ROUND",
             "near":[{"name":"light bar","alongM":-0.5,"acrossM":0,"fromM":0,"toM":0.15,"radiusM":0.02}]}""";
    private static final String GROUND = """
            {"lowHz":118e6,"highHz":136.975e6,"limitSwr":2.5,"whipM":0.56,"slopeDeg":15,"whipRadiusM":0.004,
             "trimmed":true,"chosen":1,
             "grounds":[{"name":"bare tab","kind":"TAB","lengthM":0,"widthM":0,"openingM":0,"metal":"ALUMINIUM"},
                        {"name":"two radials","kind":"RADIALS","lengthM":0,"widthM":0,"openingM":0,"metal":"COPPER"}],
             "radials":[{"ground":1,"azimuthDeg":0,"lengthM":0.57,"droopDeg":10,"radiusM":0.0015},
                        {"ground":1,"azimuthDeg":180,"lengthM":0.55,"droopDeg":0,"radiusM":0.0015}]}""";
    private static final String STATION = """
            {"frequencyHz":155e6,"ownHeightM":2.2,"largestM":0.5,"totalHeightM":0,"duty":0.5,"ground":"TYPICAL","atBody":false,
             "alternatives":[{"name":"A","ratedW":25,"ceilingSwr":2,"jumper":"","jumperM":0,"meterLossDb":0,"line":"rg-58",
                              "lineM":5,"connectors":2,"swr":1.5,"gainDbi":2.15}],
             "stations":[{"name":"Depot","distanceM":8000,"heightM":20,"gainDbi":3,"neededDbm":-110}]}""";

    @Autowired
    private JdbcClient database;

    private static String plan(String name, String... parts) {
        return "{\"name\":\"" + name + "\"" + (parts.length == 0 ? "" : "," + String.join(",", parts)) + "}";
    }

    private static String whole(String name) {
        return plan(
                name,
                "\"need\":" + NEED,
                "\"candidate\":\"QUARTER_WAVE\"",
                "\"ground\":" + GROUND,
                "\"station\":" + STATION);
    }

    private record Saved(String id, int version) {

        String path() {
            return "/api/plans/" + id;
        }

        String changing() {
            return path() + "?version=" + version;
        }
    }

    private Saved saved(String body) throws Exception {
        String made = send(post("/api/plans"), technician, body)
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getContentAsString();
        return new Saved(JsonPath.read(made, "$.id"), JsonPath.read(made, "$.version"));
    }

    @Test
    void whatWasPlannedIsSavedAsNumbersAndComesBackAsItWas() throws Exception {
        Saved plan = saved(whole("Pick-up 4, roof"));
        String back =
                send(get(plan.path()), viewer, "").andReturn().getResponse().getContentAsString();
        for (String part : new String[] {"need", "ground", "station"}) {
            Object sent = JsonPath.read(whole("x"), "$." + part);
            assertThat(this.<Object>without(back, part)).as(part).isEqualTo(without("{\"p\":" + json(sent) + "}", "p"));
        }
        send(get(plan.path()), viewer, "")
                .andExpect(jsonPath("$.candidate").value("QUARTER_WAVE"))
                .andExpect(jsonPath("$.body").doesNotExist());
        assertThat(database.sql("select whip_m + roof_length_m + own_height_m from plan where id = ?")
                        .param(java.util.UUID.fromString(plan.id()))
                        .query(Double.class)
                        .single())
                .isEqualTo(0.56 + 1.4 + 2.2);
        send(get("/api/plans"), viewer, "")
                .andExpect(jsonPath("$[*].name", hasItem("Pick-up 4, roof")))
                .andExpect(jsonPath("$[?(@.id == '" + plan.id() + "')].need", hasSize(0)));
    }

    /** As a tree in which 2 and 2.0 are one. */
    private static Object without(String json, String part) {
        return normal(JsonPath.read(json, "$." + part));
    }

    private static String json(Object tree) {
        return JsonPath.parse(tree).jsonString();
    }

    private static Object normal(Object tree) {
        if (tree instanceof java.util.Map<?, ?> map) {
            java.util.Map<Object, Object> all = new java.util.TreeMap<>();
            map.forEach((k, v) -> all.put(k, normal(v)));
            return all;
        }
        if (tree instanceof java.util.List<?> list) {
            return list.stream().map(PlanApiTest::normal).toList();
        }
        return tree instanceof Number n ? (Object) n.doubleValue() : tree;
    }

    @Test
    void itIsChangedPartByPartAndRemoved() throws Exception {
        Saved plan = saved(whole("Pick-up 5, roof"));
        send(put(plan.changing()), technician, plan("Pick-up 5, roof", "\"station\":" + STATION))
                .andExpect(jsonPath("$.version").value(plan.version() + 1))
                .andExpect(jsonPath("$.need").doesNotExist())
                .andExpect(jsonPath("$.ground").doesNotExist())
                .andExpect(jsonPath("$.station.alternatives[0].lineM").value(5));
        send(put(plan.changing()), technician, whole("Pick-up 5, roof"))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.current.station.stations[0].name").value("Depot"));
        send(delete(plan.path()), technician, "").andExpect(status().isNoContent());
        send(get(plan.path()), viewer, "").andExpect(status().isNotFound());
    }

    @Test
    void theInstallationThatWasMadeOfItIsSaid() throws Exception {
        Saved plan = saved(whole("Pick-up 6, roof"));
        String made = makeInstallation(2);
        send(put(plan.path() + "/installation/" + made), technician, "").andExpect(status().isNoContent());
        send(get("/api/plans?installation=" + made), viewer, "")
                .andExpect(jsonPath("$[*].name", hasItem("Pick-up 6, roof")));
        send(get(plan.path()), viewer, "")
                .andExpect(jsonPath("$.need.roofLengthM").value(1.4));
    }

    @Test
    void oneOfBeforePlansHadColumnsIsHandedOutAsItWasUntilItIsSavedAsOne() throws Exception {
        Saved plan = saved(whole("Old one"));
        database.sql("update plan set body = '{\"antenna\":{\"rod\":\"22\"}}' where id = ?")
                .param(java.util.UUID.fromString(plan.id()))
                .update();
        send(get(plan.path()), viewer, "").andExpect(jsonPath("$.body", containsString("22")));
        send(put(plan.changing()), technician, whole("Old one"))
                .andExpect(jsonPath("$.body").doesNotExist());
    }

    @Test
    void itNeedsANameSomethingPlannedAndSomebodyWhoMayWrite() throws Exception {
        send(post("/api/plans"), technician, whole(" "))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("name"));
        send(post("/api/plans"), technician, plan("Nothing"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("nothing")));
        send(post("/api/plans"), technician, whole("x").replace("\"lineM\":5", "\"lineM\":-5"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("station.alternatives[0].lineM"));
        send(
                        post("/api/plans"),
                        technician,
                        whole("x").replace("\"ground\":1,\"azimuthDeg\":180", "\"ground\":2,\"azimuthDeg\":180"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("ground.radials"));
        send(post("/api/plans"), technician, whole("x").replace("\"chosen\":1", "\"chosen\":2"))
                .andExpect(jsonPath("$.field").value("ground.chosen"));
        send(post("/api/plans"), viewer, whole("x")).andExpect(status().isForbidden());
        send(
                        post("/api/plans"),
                        technician,
                        plan("x", "\"installationId\":\"00000000-0000-0000-0000-000000000001\"", "\"need\":" + NEED))
                .andExpect(status().isNotFound());
    }
}
