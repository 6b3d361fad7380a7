package dorada.server.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import dorada.server.ApiTest;
import dorada.server.problem.UserProblem;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.ResultActions;

/** People come, forget their password, get another role, and leave; what they hold ends with it. */
class ComeAndGoApiTest extends ApiTest {

    private static final String FIRST = "as blue as the bay";
    private static final String SECOND = "as grey as the quay";

    private Person comes(Role role) {
        return people.add("p" + UUID.randomUUID().toString().substring(0, 8), "Somebody", role, FIRST);
    }

    private ResultActions signIn(Person person, String password) throws Exception {
        return http.perform(post("/api/session")
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"login\":\"" + person.login() + "\",\"password\":\"" + password + "\"}"));
    }

    private MockHttpSession session(Person person, String password) throws Exception {
        return (MockHttpSession) signIn(person, password)
                .andExpect(status().isOk())
                .andReturn()
                .getRequest()
                .getSession();
    }

    private void assertKnows(MockHttpSession session, boolean knows) throws Exception {
        http.perform(get("/api/installations").session(session))
                .andExpect(knows ? status().isOk() : status().isUnauthorized());
    }

    private String token(MockHttpSession session) throws Exception {
        return JsonPath.read(
                http.perform(post("/api/tokens")
                                .session(session)
                                .with(csrf())
                                .contentType(MediaType.APPLICATION_JSON)
                                .content("{\"name\":\"export\",\"days\":7}"))
                        .andExpect(status().isCreated())
                        .andExpect(jsonPath("$.token.expiresAt").isNotEmpty())
                        .andReturn()
                        .getResponse()
                        .getContentAsString(),
                "$.text");
    }

    private ResultActions byToken(String token) throws Exception {
        return http.perform(get("/api/installations").header("Authorization", "Bearer " + token));
    }

    private static String change(Role role, boolean active) {
        return "{\"displayName\":\"Somebody\",\"role\":\"" + role + "\",\"active\":" + active + "}";
    }

    @Test
    void whoLeavesIsOutAtOnceWithSessionsAndTokens() throws Exception {
        Person leaver = comes(Role.TECHNICIAN);
        MockHttpSession session = session(leaver, FIRST);
        String token = token(session);
        byToken(token).andExpect(status().isOk());
        send(put("/api/people/" + leaver.id()), technician, change(Role.TECHNICIAN, false))
                .andExpect(status().isForbidden());
        send(put("/api/people/" + leaver.id()), lead, change(Role.TECHNICIAN, false))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.active").value(false));
        assertKnows(session, false);
        byToken(token).andExpect(status().isUnauthorized());
        signIn(leaver, FIRST).andExpect(status().isUnprocessableContent());
        // And may come back.
        send(put("/api/people/" + leaver.id()), lead, change(Role.VIEWER, true)).andExpect(status().isOk());
        assertKnows(session(leaver, FIRST), true);
    }

    @Test
    void aNewRoleCountsAtOnce() throws Exception {
        Person person = comes(Role.LEAD);
        MockHttpSession session = session(person, FIRST);
        send(put("/api/people/" + person.id()), lead, change(Role.VIEWER, true)).andExpect(status().isOk());
        assertKnows(session, false);
        http.perform(get("/api/people/" + person.id() + "/tokens").session(session(person, FIRST)))
                .andExpect(status().isForbidden());
    }

    @Test
    void aPasswordIsChangedByOneselfAndOtherSessionsEnd() throws Exception {
        Person person = comes(Role.TECHNICIAN);
        MockHttpSession here = session(person, FIRST);
        MockHttpSession elsewhere = session(person, FIRST);
        changed(here, "wrong one", SECOND)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("current"));
        changed(here, FIRST, "password1")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("password"));
        changed(here, FIRST, SECOND).andExpect(status().isNoContent());
        assertKnows(here, true);
        assertKnows(elsewhere, false);
        signIn(person, FIRST).andExpect(status().isUnprocessableContent());
        signIn(person, SECOND).andExpect(status().isOk());
    }

    private ResultActions changed(MockHttpSession session, String current, String next) throws Exception {
        return http.perform(post("/api/session/password")
                .session(session)
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"current\":\"" + current + "\",\"password\":\"" + next + "\"}"));
    }

    @Test
    void aLeadResetsAPasswordAndNobodyElseDoes() throws Exception {
        Person forgetful = comes(Role.TECHNICIAN);
        MockHttpSession session = session(forgetful, FIRST);
        String path = "/api/people/" + forgetful.id() + "/password";
        send(post(path), technician, "{\"password\":\"" + SECOND + "\"}").andExpect(status().isForbidden());
        send(post(path), lead, "{\"password\":\"" + SECOND + "\"}").andExpect(status().isNoContent());
        assertKnows(session, false);
        signIn(forgetful, SECOND).andExpect(status().isOk());
    }

    @Test
    void aTokenMakesNoTokensAndALeadWithdrawsAnybodys() throws Exception {
        Person owner = comes(Role.TECHNICIAN);
        String token = token(session(owner, FIRST));
        http.perform(post("/api/tokens")
                        .header("Authorization", "Bearer " + token)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"name\":\"more\"}"))
                .andExpect(status().isForbidden())
                .andExpect(jsonPath("$.detail").value(containsString("can't create tokens")));
        String id = JsonPath.read(
                send(get("/api/people/" + owner.id() + "/tokens"), lead, "")
                        .andReturn()
                        .getResponse()
                        .getContentAsString(),
                "$[0].id");
        send(delete("/api/tokens/" + id), technician, "").andExpect(status().isNotFound());
        send(delete("/api/tokens/" + id), lead, "").andExpect(status().isNoContent());
        byToken(token).andExpect(status().isUnauthorized());
    }

    @Test
    void wrongPasswordsAreSlowedForThatLoginAlone() throws Exception {
        Person guessed = comes(Role.TECHNICIAN);
        int refused = 0;
        for (int i = 0; i < 14; i++) {
            int answer = signIn(guessed, "guess " + i).andReturn().getResponse().getStatus();
            refused += answer == 429 ? 1 : 0;
        }
        assertThat(refused).isBetween(3, 4);
        signIn(guessed, FIRST).andExpect(status().isTooManyRequests()).andExpect(header().exists("Retry-After"));
        signIn(comes(Role.TECHNICIAN), FIRST).andExpect(status().isOk());
    }

    @Test
    void theLastLeadStays() {
        people.all().stream()
                .filter(p -> p.role() == Role.LEAD && !p.id().equals(lead.id()))
                .forEach(p -> people.change(p.id(), p.displayName(), Role.VIEWER, true));
        assertThatThrownBy(() -> people.change(lead.id(), "Marisol", Role.TECHNICIAN, true))
                .isInstanceOf(UserProblem.class)
                .hasMessageContaining("only lead");
        assertThatThrownBy(() -> people.change(lead.id(), "Marisol", Role.LEAD, false))
                .isInstanceOf(UserProblem.class);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "        ",
                "short",
                "12345678",
                "PASSWORD",
                "aabbaabbaabb",
                "ññññññññññññññññññññññññññññññññññññññññ"
            })
    void somePasswordsWillNotDo(String password) {
        assertThatThrownBy(() -> PasswordRules.require("password", password, "ines"))
                .isInstanceOf(UserProblem.class)
                .hasMessageMatching(".*(8 characters|72 bytes|first that are tried).*");
    }

    @Test
    void longOnesInAnyScriptWill() {
        PasswordRules.require("password", "the tide comes in twice a day", "ines");
        PasswordRules.require("password", "ñandú y cigüeña", "ines");
    }

    @Test
    void oneSeesWhereOneIsSignedInAndEndsIt() throws Exception {
        Person person = comes(Role.TECHNICIAN);
        MockHttpSession here = session(person, FIRST);
        MockHttpSession there = session(person, FIRST);
        MockHttpSession somebodyElses = session(comes(Role.TECHNICIAN), FIRST);
        String listed = http.perform(get("/api/sessions").session(here))
                .andExpect(jsonPath("$.length()").value(2))
                .andReturn()
                .getResponse()
                .getContentAsString();
        List<String> others = JsonPath.read(listed, "$[?(@.here == false)].id");
        http.perform(delete("/api/sessions/" + others.get(0))
                        .session(somebodyElses)
                        .with(csrf()))
                .andExpect(status().isNotFound());
        http.perform(delete("/api/sessions/" + others.get(0)).session(here).with(csrf()))
                .andExpect(status().isNoContent());
        assertThat(there.isInvalid()).isTrue();
        assertKnows(here, true);
        MockHttpSession again = session(person, FIRST);
        http.perform(delete("/api/sessions").session(here).with(csrf())).andExpect(status().isNoContent());
        assertThat(here.isInvalid()).isTrue();
        assertThat(again.isInvalid()).isTrue();
        assertKnows(somebodyElses, true);
    }

    @Test
    void aTokenChangesNoPassword() throws Exception {
        Person person = comes(Role.TECHNICIAN);
        String token = token(session(person, FIRST));
        http.perform(post("/api/session/password")
                        .header("Authorization", "Bearer " + token)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"current\":\"" + FIRST + "\",\"password\":\"" + SECOND + "\"}"))
                .andExpect(status().isForbidden());
        signIn(person, FIRST).andExpect(status().isOk());
    }
}
