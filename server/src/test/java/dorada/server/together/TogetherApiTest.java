package dorada.server.together;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import dorada.server.people.Role;
import dorada.server.people.SignedIn;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.Callable;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MvcResult;

class TogetherApiTest extends ApiTest {

    private static final Duration SOON = Duration.ofSeconds(5);

    @Autowired
    private OpenPages pages;

    private MvcResult opened(SignedIn who, UUID page, String installation, MockHttpSession session) throws Exception {
        return http.perform(get("/api/together?page=" + page
                                + (installation == null ? "" : "&installation=" + installation))
                        .accept(MediaType.TEXT_EVENT_STREAM)
                        .session(session)
                        .with(as(who)))
                .andExpect(request().asyncStarted())
                .andReturn();
    }

    private MvcResult opened(SignedIn who, String installation) throws Exception {
        return opened(who, UUID.randomUUID(), installation, new MockHttpSession());
    }

    private static Callable<String> toldTo(MvcResult page) {
        return () -> page.getResponse().getContentAsString(StandardCharsets.UTF_8);
    }

    private static void awaitTold(MvcResult page, String what) {
        await().atMost(SOON).until(toldTo(page), told -> told.contains(what));
    }

    private static void awaitOthers(MvcResult page, String others) {
        await().atMost(SOON)
                .until(
                        toldTo(page),
                        told -> told.substring(told.lastIndexOf("{\"others\":"))
                                .startsWith("{\"others\":" + others + "}"));
    }

    @Test
    void whatOneChangesTheOthersAreToldAndOneselfIsNot() throws Exception {
        String id = makeInstallation(1.6);
        UUID own = UUID.randomUUID();
        MvcResult mine = opened(technician, own, id, new MockHttpSession());
        MvcResult other = opened(viewer, null);
        http.perform(post("/api/lessons")
                        .header("X-Dorada-Page", own)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(("{\"requestKey\":\"%s\",\"version\":0,\"says\":\"Scrape\",\"carrier\":\"MAST\","
                                        + "\"mount\":\"\",\"part\":\"\"}")
                                .formatted(UUID.randomUUID()))
                        .with(as(technician))
                        .with(csrf()))
                .andExpect(status().isCreated());
        awaitTold(other, "{\"of\":\"lessons\"}");
        measure(id, UUID.randomUUID(), 0).andExpect(status().isCreated());
        awaitTold(mine, "{\"of\":\"installations\",\"id\":\"" + id + "\"}");
        awaitTold(other, "{\"of\":\"book\"}");
        assertThat(toldTo(mine).call()).doesNotContain("lessons");
    }

    @Test
    void whoeverDidNotAskForAStreamDoesNotWaitForItsEnd() throws Exception {
        getAs(viewer, "/api/together?page=" + UUID.randomUUID()).andExpect(status().isNotAcceptable());
    }

    @Test
    void whatWasRefusedOrOnlyWorkedOutIsNoChange() throws Exception {
        MvcResult other = opened(viewer, null);
        postJson("/api/lessons", "{}").andExpect(status().is4xxClientError());
        postJson("/api/radios/judge", "{}").andExpect(status().is4xxClientError());
        String id = makeInstallation(1.6);
        awaitTold(other, "{\"of\":\"installations\"");
        assertThat(toldTo(other).call()).doesNotContain("lessons").doesNotContain("radios");
        getAs(viewer, "/api/installations/" + id).andExpect(status().isOk());
    }

    @Test
    void whoElseIsOnAnInstallationIsToldAsTheyComeAndGo() throws Exception {
        String id = makeInstallation(1.6);
        UUID page = UUID.randomUUID();
        MockHttpSession session = new MockHttpSession();
        MvcResult mine = opened(technician, id);
        awaitOthers(mine, "[]");
        opened(lead, page, id, session);
        awaitOthers(mine, "[\"marisol\"]");
        // The same page goes to another installation.
        opened(lead, page, makeInstallation(1.6), session);
        awaitOthers(mine, "[]");
        opened(lead, page, id, session);
        awaitOthers(mine, "[\"marisol\"]");
        session.invalidate();
        pages.pulse();
        awaitOthers(mine, "[]");
    }

    @Test
    void whoeverLeftTheShopHearsNothingMore() throws Exception {
        people.add("leaver", "leaver", Role.TECHNICIAN, "a long password");
        SignedIn leaver = people.loadUserByUsername("leaver");
        MvcResult page = opened(leaver, null);
        MvcResult other = opened(viewer, null);
        String change = "{\"displayName\":\"leaver\",\"role\":\"TECHNICIAN\",\"active\":false}";
        send(put("/api/people/" + leaver.id()), lead, change).andExpect(status().isOk());
        awaitTold(page, "{\"of\":\"people\"");
        pages.pulse();
        pages.tell(new ChangeView("plans", null), null);
        awaitTold(other, "{\"of\":\"plans\"}");
        assertThat(toldTo(page).call()).doesNotContain("plans");
    }
}
