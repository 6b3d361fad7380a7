package dorada.server.removed;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import dorada.server.people.SignedIn;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.ResultActions;

/** What a person removes is laid aside and comes back as it was. */
class RemovedApiTest extends ApiTest {

    private String made(String path, SignedIn by, String body) throws Exception {
        return read(send(post(path), by, body).andExpect(status().isCreated()), "$.id");
    }

    private void removes(String path, SignedIn by) throws Exception {
        http.perform(delete(path).with(as(by)).with(csrf())).andExpect(status().isNoContent());
    }

    private ResultActions putsBack(String id, SignedIn by) throws Exception {
        return send(post("/api/removed/" + id + "/put-back"), by, "");
    }

    @Test
    void aPlanIsLaidAsideAndComesBackTheSame() throws Exception {
        String id = made(
                "/api/plans",
                technician,
                "{\"name\":\"Boat 2\",\"station\":{\"frequencyHz\":155e6,\"ownHeightM\":2,\"largestM\":1,\"totalHeightM\":0,"
                        + "\"duty\":0.5,\"ground\":\"TYPICAL\",\"atBody\":false,\"stations\":[],\"alternatives\":[{\"name\":\"A\",\"ratedW\":25,"
                        + "\"ceilingSwr\":2,\"jumper\":\"\",\"jumperM\":0,\"meterLossDb\":0,\"line\":\"rg-58\",\"lineM\":5,\"connectors\":2,"
                        + "\"swr\":1.5,\"gainDbi\":2}]}}");
        removes("/api/plans/" + id, technician);
        getAs(viewer, "/api/plans/" + id).andExpect(status().isNotFound());
        getAs(viewer, "/api/plans").andExpect(jsonPath("$[*].id", not(hasItem(id))));
        getAs(viewer, "/api/removed")
                .andExpect(jsonPath("$[?(@.id == '" + id + "')].removedBy").value("ines"))
                .andExpect(jsonPath("$[?(@.id == '" + id + "')].kind.id").value("removedKind.PLAN"));
        putsBack(id, viewer).andExpect(status().isForbidden());
        putsBack(id, technician).andExpect(status().isNoContent());
        putsBack(id, technician).andExpect(status().isNoContent());
        getAs(viewer, "/api/plans/" + id)
                .andExpect(jsonPath("$.station.alternatives[0].lineM").value(5));
        getAs(viewer, "/api/removed").andExpect(jsonPath("$[*].id", not(hasItem(id))));
        putsBack(UUID.randomUUID().toString(), technician).andExpect(status().isNotFound());
    }

    @Test
    void aNameIsFreeOnceItsListIsRemovedAndStaysWithWhoeverTookItThen() throws Exception {
        String list = "{\"name\":\"Regatta\",\"source\":\"s\",\"text\":\"Start; 156.8\"}";
        String first = made("/api/channel-lists", technician, list);
        removes("/api/channel-lists/" + first, technician);
        String second = made("/api/channel-lists", technician, list);
        putsBack(first, technician)
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("another channel list \"Regatta\"")));
        removes("/api/channel-lists/" + second, technician);
        putsBack(first, technician).andExpect(status().isNoContent());
        getAs(viewer, "/api/channel-lists").andExpect(jsonPath("$[?(@.name == 'Regatta')].id", hasItem(first)));
    }

    @Test
    void aCutSheetComesBackWithItsTicksAndCuts() throws Exception {
        String id = made("/api/cut-sheets", technician, """
                {"name":"Yard mast","sheet":{"kind":"wire-ground-plane","frequencyHz":146e6,"choices":{},"numbers":{}},
                 "body":"kind=wire-ground-plane","done":["cut-0"],"cuts":[{"piece":0,"lengthM":0.5}]}""");
        removes("/api/cut-sheets/" + id, technician);
        putsBack(id, technician).andExpect(status().isNoContent());
        getAs(viewer, "/api/cut-sheets/" + id)
                .andExpect(jsonPath("$.done", hasSize(1)))
                .andExpect(jsonPath("$.cuts[0].lengthM").value(0.5));
    }

    @Test
    void aTakenBackPassIsFoundAfterAReloadAndPutBackUntilAnotherIsRecorded() throws Exception {
        String installation = makeInstallation(2);
        measure(installation, UUID.randomUUID(), 0);
        String wrong = read(measure(installation, UUID.randomUUID(), -0.01), "$.id");
        removes("/api/passes/" + wrong, technician);
        String at = "/api/installations/" + installation + "/taken-back";
        getAs(viewer, at)
                .andExpect(jsonPath("$[0].id").value(wrong))
                .andExpect(jsonPath("$[0].mayBePutBack").value(true));
        send(post("/api/passes/" + wrong + "/put-back"), technician, "").andExpect(status().isNoContent());
        getAs(viewer, at).andExpect(jsonPath("$", hasSize(0)));
        removes("/api/passes/" + wrong, technician);
        measure(installation, UUID.randomUUID(), -0.002);
        getAs(viewer, at).andExpect(jsonPath("$[0].mayBePutBack").value(false));
    }
}
