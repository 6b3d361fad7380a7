package dorada.server.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.lessThan;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.ResultActions;

class ModelApiTest extends ApiTest {

    private static final String DIPOLE =
            "{\"wires\":[{\"fromM\":[0,0,-0.24],\"toM\":[0,0,0.24],\"radiusM\":0.001}],\"ground\":\"none\","
                    + "\"feed\":{\"wire\":0,\"position\":0.5},\"frequenciesHz\":[%s]%s}";

    private ResultActions ask(String body) throws Exception {
        return postJson("/api/models/impedance", body);
    }

    @Test
    void solvesADipoleAndItsPattern() throws Exception {
        ask(DIPOLE.formatted("299792458", ",\"pattern\":{\"frequencyHz\":299792458}"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.points", hasSize(1)))
                // Near resonance, about 72 Ω: Stutzman and Thiele, from memory; see the solver's own checks.
                .andExpect(jsonPath("$.points[0].resistanceOhm", closeTo(72, 5.0)))
                .andExpect(jsonPath("$.points[0].reactanceOhm", closeTo(0, 20.0)))
                .andExpect(jsonPath("$.averageGain", closeTo(1, 0.01)))
                .andExpect(jsonPath("$.pattern.maxGainDbi", closeTo(2.15, 0.05)))
                .andExpect(jsonPath("$.pattern.cuts", hasSize(24)))
                .andExpect(jsonPath("$.pattern.cuts[3].elevationsDeg", hasSize(91)))
                .andExpect(jsonPath("$.pattern.cuts[3].gainsDbi[45]", closeTo(2.15, 0.05)));
    }

    @Test
    void aSweepNeedsFewSolutionsAndKeepsTheOrder() throws Exception {
        String many = IntStream.rangeClosed(0, 200)
                .mapToObj(i -> Integer.toString(330_000_000 - i * 300_000))
                .collect(Collectors.joining(","));
        ask(DIPOLE.formatted(many, ""))
                .andExpect(jsonPath("$.points", hasSize(201)))
                .andExpect(jsonPath("$.points[0].frequencyHz").value(330e6))
                .andExpect(jsonPath("$.solves", lessThan(16)))
                .andExpect(jsonPath("$.pattern").doesNotExist());
    }

    /** Source: a half wave of line repeats what is at its end (D. M. Pozar, Microwave Engineering, section 2.3). */
    @Test
    void aLineLeadsToAnotherWire() throws Exception {
        String far = "{\"wires\":[{\"fromM\":[0,0,-0.24],\"toM\":[0,0,0.24],\"radiusM\":0.001},"
                + "{\"fromM\":[40,0,0],\"toM\":[40,0,0.004],\"radiusM\":0.00001}],\"frequenciesHz\":[299792458],"
                + "\"feed\":{\"wire\":1,\"position\":0.5},\"lines\":[{\"from\":{\"wire\":1,\"position\":0.5},"
                + "\"to\":{\"wire\":0,\"position\":0.5},\"impedanceOhm\":75,\"lengthM\":%s}]}";
        ask(far.formatted("0.5"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.points[0].resistanceOhm", closeTo(72, 5.0)));
        // A quarter wave inverts: 75² / 72.
        ask(far.formatted("0.25")).andExpect(jsonPath("$.points[0].resistanceOhm", closeTo(78, 5.0)));
        ask(far.formatted("0"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("lines"))
                .andExpect(jsonPath("$.detail", containsString("above 0 m")));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "[0,0,-0.24],\"toM\":[0,0,0.24] | [0,0,-0.24],\"toM\":[0,0,-0.24] | wires | same place",
                "\"radiusM\":0.001 | \"radiusM\":0 | wires | radius must be above 0",
                "\"ground\":\"none\" | \"ground\":\"perfect\" | wires | below the ground",
                "\"ground\":\"none\" | \"ground\":\"wet\" | ground | not \"wet\"",
                "[0,0,0.24] | [0,0] | wires | three numbers",
                "\"wire\":0 | \"wire\":4 | feed | wires 0 to 0",
                "\"position\":0.5 | \"position\":1 | wires | open end",
                "\"position\":0.5 | \"position\":2 | feed | between 0 and 1",
                "[299792458] | [] | frequenciesHz | at least one",
                "[299792458] | [-1] | frequenciesHz | above 0",
            })
    void refusesWithASentence(String part, String instead, String field, String words) throws Exception {
        ask(DIPOLE.formatted("299792458", "").replace(part, instead))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value(field))
                .andExpect(jsonPath("$.detail", containsString(words)));
    }

    @Test
    void namesTheWireThatCrosses() throws Exception {
        String crossing = DIPOLE.formatted("299792458", "")
                .replace(
                        "\"radiusM\":0.001}",
                        "\"radiusM\":0.001},{\"fromM\":[-1,0,0.1],\"toM\":[1,0,0.1],\"radiusM\":0.001}");
        ask(crossing)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.wire").value(1))
                .andExpect(jsonPath("$.detail", containsString("crosses or touches wire 0")));
    }

    @Test
    void runsAsAJobThatCanBeFetchedWatchedAndStopped() throws Exception {
        ResultActions begun = send(
                        post("/api/models/impedance").header("Prefer", "respond-async"),
                        technician,
                        DIPOLE.formatted("299792458", ""))
                .andExpect(status().isAccepted())
                .andExpect(header().string("Location", containsString("/api/jobs/")));
        String job = begun.andReturn().getResponse().getHeader("Location");
        String state = "WAITING";
        for (int i = 0; i < 200 && (state.equals("WAITING") || state.equals("RUNNING")); i++) {
            Thread.sleep(25);
            state = read(getAs(technician, job), "$.state");
        }
        assertThat(state).isEqualTo("DONE");
        getAs(technician, job).andExpect(jsonPath("$.result.points", hasSize(1)));
        getAs(technician, job + "/events").andExpect(status().isOk());
        getAs(lead, job).andExpect(status().isNotFound());
        // Eight wavelengths thick with wires: still running, or waiting, when it is stopped.
        String slow = send(post("/api/models/impedance").header("Prefer", "respond-async"), technician, manyWires())
                .andReturn()
                .getResponse()
                .getHeader("Location");
        send(delete(slow), technician, "").andExpect(status().isOk());
        state = "RUNNING";
        for (int i = 0; i < 400 && state.equals("RUNNING"); i++) {
            Thread.sleep(25);
            state = read(getAs(technician, slow), "$.state");
        }
        assertThat(state).isEqualTo("STOPPED");
    }

    private static String manyWires() {
        String wires = IntStream.range(0, 60)
                .mapToObj(i -> "{\"fromM\":[%1$s,0,0],\"toM\":[%1$s,0,1.5],\"radiusM\":0.001}".formatted(i * 0.1))
                .collect(Collectors.joining(","));
        return "{\"wires\":[" + wires + "],\"feed\":{\"wire\":3,\"position\":0.5},\"frequenciesHz\":["
                + IntStream.range(0, 400)
                        .mapToObj(i -> Integer.toString(200_000_000 + i * 100_000))
                        .collect(Collectors.joining(","))
                + "]}";
    }
}
