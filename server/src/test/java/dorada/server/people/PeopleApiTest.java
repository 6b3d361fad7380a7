package dorada.server.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpSession;

class PeopleApiTest extends ApiTest {

    @Autowired
    private JdbcTemplate sql;

    private static String credentials(String password) {
        return "{\"login\":\" INES \",\"password\":\"" + password + "\"}";
    }

    @Test
    void aSessionBeginsWithThePasswordAndEndsOnRequest() throws Exception {
        http.perform(get("/api/session")).andExpect(status().isNoContent());
        MockHttpSession session = (MockHttpSession) http.perform(post("/api/session")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(credentials("a long password")))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.role").value("TECHNICIAN"))
                .andReturn()
                .getRequest()
                .getSession();
        http.perform(get("/api/session").session(session))
                .andExpect(jsonPath("$.login").value("ines"));
        http.perform(delete("/api/session").session(session).with(csrf())).andExpect(status().isNoContent());
        assertThat(session.isInvalid()).isTrue();
    }

    @Test
    void aWrongPasswordAndAnUnknownLoginSoundTheSame() throws Exception {
        for (String login : new String[] {"ines", "nobody"}) {
            http.perform(post("/api/session")
                            .with(csrf())
                            .contentType(MediaType.APPLICATION_JSON)
                            .content("{\"login\":\"" + login + "\",\"password\":\"guess\"}"))
                    .andExpect(status().isUnprocessableContent())
                    .andExpect(jsonPath("$.detail").value("Login and password do not belong together."));
        }
    }

    @Test
    void nothingUnderApiIsOpenAndWritingAsksForTheCsrfToken() throws Exception {
        http.perform(get("/api/installations")).andExpect(status().isUnauthorized());
        http.perform(post("/api/installations")
                        .with(as(technician))
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(plan("x", 2)))
                .andExpect(status().isForbidden());
        http.perform(get("/actuator/health")).andExpect(status().isOk());
        http.perform(get("/actuator/health").header("Authorization", "Bearer old"))
                .andExpect(status().isOk());
        http.perform(get("/actuator/env")).andExpect(status().is4xxClientError());
    }

    @Test
    void rolesLimitWhatOneMayDo() throws Exception {
        send(post("/api/installations"), viewer, plan("x", 2)).andExpect(status().isForbidden());
        String person =
                "{\"login\":\"new.one\",\"displayName\":\"New\",\"password\":\"a long password\",\"role\":\"VIEWER\"}";
        send(post("/api/people"), technician, person).andExpect(status().isForbidden());
        send(post("/api/people"), lead, person).andExpect(status().isCreated());
        send(post("/api/people"), lead, person)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("login"));
        getAs(viewer, "/api/people").andExpect(jsonPath("$[*].login", hasItem("new.one")));
    }

    @Test
    void theFirstLeadIsMadeOnce() throws Exception {
        http.perform(get("/api/setup")).andExpect(jsonPath("$.needed").value(false));
        http.perform(post("/api/setup")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"login\":\"second\",\"displayName\":\"S\",\"password\":\"a long password\"}"))
                .andExpect(status().isConflict());
    }

    @Test
    void aTokenActsForItsOwnerWithoutCsrfAndIsStoredHashed() throws Exception {
        String text = read(postJson("/api/tokens", "{\"name\":\"script\"}").andExpect(status().isCreated()), "$.text");
        http.perform(post("/api/installations")
                        .header("Authorization", "Bearer " + text)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(plan("by script", 2)))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.createdBy").value("ines"));
        assertThat(sql.queryForList("select token_hash from access_token", String.class))
                .contains(PeopleService.hash(text))
                .doesNotContain(text);

        String id = read(getAs(technician, "/api/tokens"), "$[0].id");
        http.perform(delete("/api/tokens/" + id).with(as(viewer)).with(csrf())).andExpect(status().isNotFound());
        http.perform(delete("/api/tokens/" + id).with(as(technician)).with(csrf()))
                .andExpect(status().isNoContent());
        http.perform(get("/api/installations").header("Authorization", "Bearer " + text))
                .andExpect(status().isUnauthorized())
                .andExpect(jsonPath("$.detail", containsString("not valid")));
    }

    @Test
    void passwordsAreNotStoredAsTyped() {
        assertThat(sql.queryForList("select password_hash from person", String.class))
                .allMatch(hash -> hash.startsWith("{bcrypt}"));
    }
}
