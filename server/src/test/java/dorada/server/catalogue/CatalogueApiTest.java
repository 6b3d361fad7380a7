package dorada.server.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.ResultActions;

class CatalogueApiTest extends ApiTest {

    private static final String ALL = "/api/catalogue";

    private static String name(String sort, String name, String customer, String detail) {
        return """
               {"requestKey":"%s","sort":"%s","name":"%s","customer":"%s","detail":"%s"}""".formatted(UUID.randomUUID(), sort, name, customer, detail);
    }

    /** A plan that names its parts. */
    private static String naming(String title, String customer, String carriedBy, String base) {
        return plan(title, 2)
                .replaceFirst("\"customer\":\"[^\"]*\"", "\"customer\":\"" + customer + "\"")
                .replaceFirst(
                        "\\{",
                        "{\"carriedBy\":\"" + carriedBy + "\",\"antennaName\":\"Steel whip\",\"baseName\":\"" + base
                                + "\",");
    }

    private String made(String plan) throws Exception {
        return read(postJson("/api/installations", plan).andExpect(status().isCreated()), "$.id");
    }

    private String at(String sort, String name) {
        return "$[?(@.sort == '" + sort + "' && @.name == '" + name + "')]";
    }

    private String id(String sort, String name) throws Exception {
        net.minidev.json.JSONArray found = read(getAs(viewer, ALL), at(sort, name) + ".id");
        assertThat(found).as(name).hasSize(1);
        return (String) found.get(0);
    }

    @Test
    void whatAPlanNamesIsKnownFromThenOnAndOnce() throws Exception {
        String one = made(naming("Van 1", "Salt works", "Van 1", "Roof base"));
        made(naming("Van 1, CB", " salt works ", "van 1", "Roof base"));
        getAs(viewer, "/api/installations/" + one)
                .andExpect(jsonPath("$.carriedBy").value("Van 1"))
                .andExpect(jsonPath("$.baseName").value("Roof base"));
        getAs(viewer, ALL)
                .andExpect(jsonPath(at("CUSTOMER", "Salt works") + ".usedCount", contains(2)))
                .andExpect(jsonPath(at("CARRIED_BY", "Van 1") + ".usedCount", contains(2)))
                .andExpect(jsonPath(at("CARRIED_BY", "Van 1") + ".customer", contains("Salt works")))
                .andExpect(jsonPath(at("BASE", "Roof base"), hasSize(1)))
                .andExpect(jsonPath(at("CUSTOMER", "salt works"), hasSize(0)));
        // The same number at another customer is another van.
        made(naming("Van 1", "Mill", "Van 1", "Roof base"));
        getAs(viewer, ALL).andExpect(jsonPath(at("CARRIED_BY", "Van 1"), hasSize(2)));
        // A copy of the plan is of another vehicle.
        postJson("/api/installations/" + one + "/copies", "{\"titles\":[\"Van 2\"]}")
                .andExpect(jsonPath("$[0].carriedBy").value(""))
                .andExpect(jsonPath("$[0].baseName").value("Roof base"));
        getAs(viewer, "/api/installations?search=roof base&size=200").andExpect(jsonPath("$", hasSize(4)));
    }

    @Test
    void aNameThatIsChangedIsChangedWhereverItStandsAndTheHistoryTellsIt() throws Exception {
        String job = made(naming("Boat 4", "Ferry co", "Boat 4", "Rail base"));
        postJson(ALL, name("CARRIED_BY", "Boat 5", "ferry co", "aluminium"));
        String id = id("CUSTOMER", "Ferry co");
        String otherwise = name("CUSTOMER", "Ferry company", "", "bills to the quay");
        send(put(ALL + "/" + id + "?version=0"), technician, otherwise)
                .andExpect(status().isOk())
                .andExpect(jsonPath(at("CUSTOMER", "Ferry company") + ".usedCount", contains(1)))
                .andExpect(jsonPath(at("CARRIED_BY", "Boat 4") + ".customer", contains("Ferry company")))
                .andExpect(jsonPath(at("CARRIED_BY", "Boat 5") + ".customer", contains("Ferry company")));
        getAs(viewer, "/api/installations/" + job)
                .andExpect(jsonPath("$.customer").value("Ferry company"));
        getAs(viewer, "/api/installations/" + job + "/history")
                .andExpect(content().string(containsString("Ferry company")));
        send(put(ALL + "/" + id + "?version=0"), technician, otherwise).andExpect(status().isConflict());
    }

    @Test
    void twoOfOneThingArePutTogetherAndTheOtherIsLaidAside() throws Exception {
        String job = made(naming("Grader", "Road service", "Grader 3", "Magnet plate"));
        made(naming("Roller", "Road servce", "Roller 1", "Magnet-plate"));
        String wrong = id("CUSTOMER", "Road servce");
        String right = id("CUSTOMER", "Road service");
        ResultActions doubles = getAs(viewer, ALL + "/doubles");
        String seen = doubles.andReturn().getResponse().getContentAsString();
        assertThat(seen).contains(wrong, right).contains(id("BASE", "Magnet-plate"));
        // Neither is a lorry's number.
        assertThat(seen).doesNotContain(id("CARRIED_BY", "Grader 3"));
        String into = "{\"into\":\"" + right + "\"}";
        send(post(ALL + "/" + wrong + "/merge"), technician, into).andExpect(status().isForbidden());
        send(post(ALL + "/" + right + "/merge"), lead, into).andExpect(status().isUnprocessableContent());
        send(post(ALL + "/" + wrong + "/merge"), lead, into)
                .andExpect(jsonPath("$.renamedCount").value(1));
        getAs(viewer, ALL)
                .andExpect(jsonPath(at("CUSTOMER", "Road servce"), hasSize(0)))
                .andExpect(jsonPath(at("CUSTOMER", "Road service") + ".usedCount", contains(2)))
                .andExpect(jsonPath(at("CARRIED_BY", "Roller 1") + ".customer", contains("Road service")));
        getAs(lead, "/api/removed").andExpect(content().string(containsString("Road servce")));
        send(post(ALL + "/" + id("BASE", "Magnet plate") + "/merge"), lead, into)
                .andExpect(status().isUnprocessableContent());
        getAs(viewer, "/api/installations/" + job)
                .andExpect(jsonPath("$.customer").value("Road service"));
        getAs(viewer, "/api/installations?size=200&search=road service")
                .andExpect(jsonPath("$[?(@.id == '" + job + "')]", hasSize(1)));
        getAs(viewer, "/api/installations?size=200&search=road servce").andExpect(jsonPath("$", hasSize(0)));
    }

    @Test
    void linesAndAdaptersAreKnownByNameToo() throws Exception {
        String job = made(plan("Launch", 2)
                .replaceFirst("\\{", "{\"feedlineName\":\"Grey lead 3\",\"adapterName\":\"N to BNC\","));
        getAs(viewer, ALL)
                .andExpect(jsonPath(at("FEEDLINE", "Grey lead 3") + ".usedCount", contains(1)))
                .andExpect(jsonPath(at("ADAPTER", "N to BNC") + ".usedCount", contains(1)));
        send(
                        put(ALL + "/" + id("FEEDLINE", "Grey lead 3") + "?version=0"),
                        technician,
                        name("FEEDLINE", "Grey lead 4", "", "rg-58, 4.5 m"))
                .andExpect(status().isOk());
        getAs(viewer, "/api/installations/" + job)
                .andExpect(jsonPath("$.feedlineName").value("Grey lead 4"))
                .andExpect(jsonPath("$.adapterName").value("N to BNC"));
        getAs(viewer, "/api/installations/" + job + "/history")
                .andExpect(content().string(containsString("Grey lead 4")));
        getAs(viewer, "/api/installations?search=grey lead&size=200").andExpect(jsonPath("$", hasSize(1)));
        postJson("/api/installations/" + job + "/copies", "{\"titles\":[\"Launch 2\"]}")
                .andExpect(jsonPath("$[0].feedlineName").value("Grey lead 4"));
    }

    @Test
    void aRetiredNameIsOfferedNoMoreAndStaysWhereItStands() throws Exception {
        String job = made(naming("Lift", "Harbour", "Lift 1", "Old clamp"));
        send(delete(ALL + "/" + id("BASE", "Old clamp")), technician, "").andExpect(status().isForbidden());
        send(delete(ALL + "/" + id("BASE", "Old clamp")), lead, "").andExpect(status().isNoContent());
        made(naming("Lift 2", "Harbour", "Lift 2", "old clamp"));
        getAs(viewer, ALL)
                .andExpect(jsonPath(at("BASE", "Old clamp"), hasSize(0)))
                .andExpect(jsonPath(at("BASE", "old clamp"), hasSize(0)));
        getAs(viewer, "/api/installations/" + job)
                .andExpect(jsonPath("$.baseName").value("Old clamp"));
        postJson(ALL, name("BASE", "New clamp", "", "")).andExpect(status().isCreated());
        postJson(ALL, name("BASE", "new CLAMP", "", ""))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("name"));
        send(post(ALL), viewer, name("BASE", "Mine", "", "")).andExpect(status().isForbidden());
    }

    private ResultActions table(String rows) throws Exception {
        return takeIn(ALL, lead, rows);
    }

    @Test
    void aTableGoesOutAndInAndALineThatCannotBeUsedTakesNothingIn() throws Exception {
        table("sort,name,customer,detail\nantenna,Half-wave whip,,\ncarried_by,Mast 9,Radio club,\"steel, 12 m\"\n")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.madeCount").value(2));
        getAs(viewer, ALL)
                .andExpect(jsonPath(at("CUSTOMER", "Radio club"), hasSize(1)))
                .andExpect(jsonPath(at("CARRIED_BY", "Mast 9") + ".detail", contains("steel, 12 m")));
        table("name,sort,detail\nhalf-wave WHIP,antenna,1.0 m\n")
                .andExpect(jsonPath("$.changedCount").value(1));
        table("sort,name\nantenna,Another\nmagic,wand\n")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.line").value(3))
                .andExpect(jsonPath("$.detail", containsString("“magic” is no sort")));
        getAs(viewer, ALL).andExpect(jsonPath(at("ANTENNA", "Another"), hasSize(0)));
        String out = getAs(viewer, ALL + "/table")
                .andExpect(content().contentTypeCompatibleWith("text/csv"))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
        assertThat(out).contains("carried_by,Mast 9,Radio club,\"steel, 12 m\"");
        table(out)
                .andExpect(jsonPath("$.madeCount").value(0))
                .andExpect(jsonPath("$.changedCount").value(0));
    }
}
