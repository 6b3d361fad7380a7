package dorada.server.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import dorada.server.ApiTest;
import dorada.server.people.SignedIn;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** What an apprentice does on a virtual antenna, and what a lead sees of it. */
class ExerciseApiTest extends ApiTest {

    @Autowired
    private Exercises exercises;

    private String begun(SignedIn who) throws Exception {
        return read(
                send(post("/api/exercises"), who, "{\"on\":\"handheld-rod\"}").andExpect(status().isCreated()), "$.id");
    }

    private ResultActions does(SignedIn who, String id, String deed) throws Exception {
        return send(post("/api/exercises/" + id + "/deeds"), who, deed);
    }

    @Test
    void itIsDoneStepByStepAndOnlyItsEndTellsWhatWasHidden() throws Exception {
        String id = begun(viewer);
        does(viewer, id, "{\"what\":\"SIGN_OFF\"}")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("Nothing was read yet")));
        does(viewer, id, "{\"what\":\"READ\"}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.readings", hasSize(1)))
                .andExpect(jsonPath("$.readings[0].trace.re", hasSize(241)))
                .andExpect(jsonPath("$.readings[0].channels", hasSize(3)))
                .andExpect(jsonPath("$.end").doesNotExist())
                .andExpect(jsonPath("$.hidden").doesNotExist());
        does(viewer, id, "{\"what\":\"CHANGE\",\"changeM\":0.01}")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("gets no longer")));
        does(viewer, id, "{\"what\":\"CHANGE\",\"changeM\":-0.004}")
                .andExpect(jsonPath("$.changes").value(1))
                .andExpect(jsonPath("$.pieces[0].unreadChangeM").value(-0.004));
        does(viewer, id, "{\"what\":\"LOOK\",\"suspect\":\"HAND_NEAR\"}")
                .andExpect(
                        jsonPath("$.suspects[?(@.name == 'HAND_NEAR')].found").isNotEmpty())
                .andExpect(jsonPath("$.suspects[?(@.name == 'WET_LINE')].found").isEmpty());
        does(viewer, id, "{\"what\":\"READ\"}")
                .andExpect(jsonPath("$.readings[1].changesM[0]").value(-0.004));
        String ended = does(viewer, id, "{\"what\":\"SIGN_OFF\"}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.end.own.readings").value(2))
                .andExpect(jsonPath("$.end.own.changes").value(1))
                .andExpect(jsonPath("$.end.own.looks").value(1))
                .andExpect(jsonPath("$.end.own.minutes").value(12.0))
                .andExpect(jsonPath("$.end.perfect.ending").value("BROUGHT_IN"))
                .andExpect(jsonPath("$.end.adviser.readings", greaterThan(0)))
                .andReturn()
                .getResponse()
                .getContentAsString();
        double mark = JsonPath.<Number>read(ended, "$.end.mark").doubleValue();
        boolean passed = JsonPath.<String>read(ended, "$.end.own.ending").equals("BROUGHT_IN");
        assertThat(mark > 0).isEqualTo(passed);
        does(viewer, id, "{\"what\":\"READ\"}")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("is over")));
        // Read again it is the same.
        getAs(viewer, "/api/exercises/" + id)
                .andExpect(jsonPath("$.end.mark").value(mark))
                .andExpect(jsonPath("$.readings", hasSize(2)));
    }

    /** A tap goes both ways beside a tube that is cut, and both are there after the server forgot the attempt. */
    @Test
    void ofTwoPiecesEachIsChangedByItsNumber() throws Exception {
        String id = read(
                send(post("/api/exercises"), viewer, "{\"on\":\"tube-j-pole\"}")
                        .andExpect(status().isCreated())
                        .andExpect(jsonPath("$.pieces", hasSize(2)))
                        .andExpect(jsonPath("$.pieces[0].oneWay").value(true))
                        .andExpect(jsonPath("$.pieces[0].moves").doesNotExist())
                        .andExpect(jsonPath("$.pieces[1].oneWay").value(false))
                        .andExpect(jsonPath("$.pieces[1].moves").value("TAP")),
                "$.id");
        does(viewer, id, "{\"what\":\"READ\"}").andExpect(status().isOk());
        does(viewer, id, "{\"what\":\"CHANGE\",\"piece\":1,\"changeM\":0.003}")
                .andExpect(jsonPath("$.pieces[0].unreadChangeM").value(0.0))
                .andExpect(jsonPath("$.pieces[1].unreadChangeM").value(0.003));
        does(viewer, id, "{\"what\":\"CHANGE\",\"piece\":2,\"changeM\":0.003}")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("no such piece")));
        does(viewer, id, "{\"what\":\"READ\"}")
                .andExpect(jsonPath("$.readings[1].changesM[1]").value(0.003));
        exercises.forget();
        getAs(viewer, "/api/exercises/" + id)
                .andExpect(jsonPath("$.readings[1].changesM[1]").value(0.003))
                .andExpect(jsonPath("$.changes").value(1));
        does(viewer, id, "{\"what\":\"SIGN_OFF\"}")
                .andExpect(jsonPath("$.end.bestM", hasSize(2)))
                .andExpect(jsonPath("$.end.perfect.ending").value("BROUGHT_IN"));
    }

    @Test
    void byMeterThereAreNeedlesAndNoCurve() throws Exception {
        String id = read(
                send(post("/api/exercises"), technician, "{\"on\":\"handheld-rod\",\"byMeter\":true}")
                        .andExpect(status().isCreated())
                        .andExpect(jsonPath("$.byMeter").value(true)),
                "$.id");
        does(technician, id, "{\"what\":\"READ\"}")
                .andExpect(jsonPath("$.readings[0].trace").doesNotExist())
                .andExpect(jsonPath("$.readings[0].channels", hasSize(3)))
                .andExpect(jsonPath("$.readings[0].channels[0].swr", greaterThan(0.9)));
        does(technician, id, "{\"what\":\"SIGN_OFF\"}")
                .andExpect(jsonPath("$.end.adviser.readings", greaterThan(0)))
                .andExpect(jsonPath("$.end.perfect.ending").value("BROUGHT_IN"));
    }

    @Test
    void aLeadSeesEverybodysAndNobodyElseDoes() throws Exception {
        String id = begun(viewer);
        getAs(technician, "/api/exercises/" + id).andExpect(status().isNotFound());
        does(technician, id, "{\"what\":\"READ\"}").andExpect(status().isNotFound());
        getAs(lead, "/api/exercises/" + id).andExpect(status().isOk());
        does(lead, id, "{\"what\":\"READ\"}").andExpect(status().isNotFound());
        getAs(lead, "/api/exercises").andExpect(jsonPath("$.rows[*].id", hasItem(id)));
        getAs(technician, "/api/exercises")
                .andExpect(jsonPath("$.rows[*].id", not(hasItem(id))))
                .andExpect(jsonPath("$.people", hasSize(0)));
        does(viewer, id, "{\"what\":\"READ\"}");
        does(viewer, id, "{\"what\":\"SIGN_OFF\"}").andExpect(status().isOk());
        getAs(lead, "/api/exercises").andExpect(jsonPath("$.people[*].by", hasItem("teo")));
    }

    /** None of it is the shop's work. */
    @Test
    void whatWasPractisedIsInNoneOfTheShopsLists() throws Exception {
        String board =
                getAs(lead, "/api/installations").andReturn().getResponse().getContentAsString();
        String numbers = getAs(lead, "/api/numbers").andReturn().getResponse().getContentAsString();
        String id = begun(technician);
        does(technician, id, "{\"what\":\"READ\"}");
        does(technician, id, "{\"what\":\"SIGN_OFF\"}").andExpect(status().isOk());
        assertThat(List.of(
                        getAs(lead, "/api/installations")
                                .andReturn()
                                .getResponse()
                                .getContentAsString(),
                        getAs(lead, "/api/numbers").andReturn().getResponse().getContentAsString()))
                .containsExactly(board, numbers);
    }

    @Test
    void whatIsNotThereCantBePractised() throws Exception {
        send(post("/api/exercises"), technician, "{\"on\":\"no-such-thing\"}").andExpect(status().isNotFound());
        send(post("/api/exercises"), technician, "{}").andExpect(status().isUnprocessableContent());
    }
}
