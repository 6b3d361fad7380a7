package dorada.server.installation;

import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;

/** Who changed what, before and after, as the history of an installation tells it. */
class HistoryApiTest extends ApiTest {

    private static final String SAYS = "$[%d].says[*].text";

    @Test
    void aChangedPlanSaysWhoChangedWhatFromWhatToWhat() throws Exception {
        String before = plan("Tractor 31", 2);
        var made = postJson("/api/installations", before);
        String id = read(made, "$.id");
        changes(id, read(made, "$.version"), before);
        getAs(viewer, history(id)).andExpect(jsonPath("$", hasSize(1)));

        String after = before.replace("Tractor 31", "Tractor 32")
                .replace("\"carrier\":\"VEHICLE\"", "\"carrier\":\"MAST\"")
                .replace("steel roof", "")
                .replace("\"limitSwr\":2.0", "\"limitSwr\":1.5,\"startLengthM\":0.4823")
                .replace(
                        "{\"name\":\"Base\",\"frequencyHz\":157450000,\"primary\":false}",
                        "{\"name\":\"Coast\",\"frequencyHz\":156800000,\"primary\":false}")
                .replace("\"primary\":true", "\"primary\":true,\"use\":\"RECEIVE\"");
        changes(id, version(id), after);
        getAs(viewer, history(id))
                .andExpect(jsonPath("$", hasSize(2)))
                .andExpect(jsonPath("$[0].by").value("marisol"))
                .andExpect(jsonPath(
                        SAYS.formatted(0),
                        contains(
                                "Changed the name from “Tractor 31” to “Tractor 32”.",
                                "Changed what it is fitted to from Vehicle to Mast or roof.",
                                "Took out where on it; it was “steel roof”.",
                                "Filled in the length at the start: 482.3 mm.",
                                "Changed the SWR limit from 2.00 to 1.50.",
                                "Added to the channels: Coast 156.8 MHz.",
                                "Took out of the channels: Base 157.45 MHz.",
                                "Of the channels: Field 153.05 MHz (main channel, receive only, weight 1.0); before, "
                                        + "Field 153.05 MHz (main channel, transmit and receive, weight 1.0).")))
                .andExpect(jsonPath("$[1].by").value("ines"))
                .andExpect(jsonPath(SAYS.formatted(1), contains("Planned.")));
    }

    @Test
    void channelsInAnotherOrderAreNoOtherChannels() throws Exception {
        String two = plan("Tractor 33", 2);
        var made = postJson("/api/installations", two);
        String id = read(made, "$.id");
        String turned = two.replaceAll("(?s)\\[(\\{.*?\\}),\\s*(\\{.*?\\})\\]", "[$2,$1]");
        changes(id, read(made, "$.version"), turned);
        getAs(viewer, history(id))
                .andExpect(jsonPath(SAYS.formatted(0), contains("Put the channels into another order.")));
    }

    @Test
    void passesThatWereTakenBackAndVisitsThatWereCancelledStayInIt() throws Exception {
        String id = makeInstallation(3);
        String first = read(measure(id, UUID.randomUUID(), 0), "$.id");
        send(delete("/api/passes/" + first), lead, "");
        send(post("/api/passes/" + first + "/put-back"), technician, "");
        String second = read(measure(id, UUID.randomUUID(), -0.012), "$.id");
        send(delete("/api/passes/" + second), technician, "");
        getAs(viewer, history(id))
                .andExpect(jsonPath("$", hasSize(6)))
                .andExpect(jsonPath(SAYS.formatted(0), contains("Took pass 2 back.")))
                .andExpect(jsonPath(SAYS.formatted(1), contains("Shortened by 12 mm.", "Recorded pass 2.", "Note: n")))
                .andExpect(jsonPath(
                        SAYS.formatted(2), contains("Put a pass back that had been taken back; it is pass 1.")))
                .andExpect(jsonPath("$[3].by").value("marisol"))
                .andExpect(jsonPath(SAYS.formatted(3), contains("Took pass 1 back.")))
                .andExpect(jsonPath(
                        SAYS.formatted(4), contains("Recorded pass 1, nothing changed before it.", "Note: n")));
    }

    @Test
    void aVisitThatWasOpenedByMistakeIsTold() throws Exception {
        String id = makeInstallation(3);
        measure(id, UUID.randomUUID(), 0);
        int version = version(id);
        postJson(
                        "/api/installations/" + id + "/sign-off",
                        "{\"version\":%d,\"passNumber\":1,\"remark\":\"\",\"reason\":\"until the roof is dry\"}"
                                .formatted(version))
                .andExpect(status().isOk());
        postJson("/api/installations/" + id + "/visits", "{\"purpose\":\"REPAIR\",\"why\":\"a branch\"}");
        send(delete("/api/installations/" + id + "/visits/open"), lead, "").andExpect(status().isOk());
        getAs(viewer, history(id))
                .andExpect(jsonPath(SAYS.formatted(0), contains("Took back that visit 2 was opened (repair).")))
                .andExpect(jsonPath("$[0].by").value("marisol"))
                .andExpect(jsonPath(
                        SAYS.formatted(1), contains("Signed off on pass 1 by judgement: until the roof is dry")));
    }

    @Test
    void photosSheetsPlansAndLessonsAreToldToo() throws Exception {
        String id = makeInstallation(3);
        String pass = read(measure(id, UUID.randomUUID(), 0), "$.id");
        ByteArrayOutputStream picture = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(8, 8, BufferedImage.TYPE_INT_RGB), "png", picture);
        http.perform(multipart("/api/passes/" + pass + "/photo")
                        .file(new MockMultipartFile("photo", "p.png", "image/png", picture.toByteArray()))
                        .with(as(technician))
                        .with(csrf()))
                .andExpect(status().isNoContent());
        getAs(viewer, history(id))
                .andExpect(jsonPath("$[0].by").value("ines"))
                .andExpect(jsonPath(SAYS.formatted(0), contains("Added a photo to pass 1.")));
        String sheet = read(
                postJson(
                        "/api/cut-sheets",
                        "{\"name\":\"Its rod\",\"installationId\":\"" + id
                                + "\",\"sheet\":{\"kind\":\"quarter-wave-whip\",\"frequencyHz\":155000000},"
                                + "\"body\":\"{}\",\"done\":[],\"cuts\":[]}"),
                "$.id");
        send(delete("/api/cut-sheets/" + sheet), lead, "").andExpect(status().isNoContent());
        postJson("/api/plans", """
                        {"name":"Its mast","installationId":"%s","need":{"carrier":"MAST","material":"NONE","roofLengthM":0,
                         "roofWidthM":0,"alongM":0,"acrossM":0,"mountHeightM":9,"clearanceM":0,"lowHz":153e6,"highHz":159e6,
                         "limitSwr":2,"near":[]}}""".formatted(id)).andExpect(status().isCreated());
        postJson(
                        "/api/lessons",
                        "{\"requestKey\":\"" + UUID.randomUUID()
                                + "\",\"version\":0,\"says\":\"Scrape the paint first\","
                                + "\"carrier\":\"VEHICLE\",\"mount\":\"\",\"part\":\"\",\"installationId\":\"" + id
                                + "\"}")
                .andExpect(status().isCreated());
        getAs(viewer, history(id))
                .andExpect(jsonPath("$[*].says[*].text", hasItem("Learnt: Scrape the paint first")))
                .andExpect(jsonPath("$[*].says[*].text", hasItem("Saved the cut sheet “Its rod”, as it is now.")))
                .andExpect(jsonPath("$[*].says[*].text", hasItem("Saved the plan “Its mast”, as it is now.")))
                .andExpect(jsonPath("$[2].by").value("marisol"))
                .andExpect(jsonPath(SAYS.formatted(2), contains("Removed the cut sheet “Its rod”.")));
    }

    @Test
    void nobodyHasAHistoryOfWhatIsNot() throws Exception {
        getAs(viewer, history(UUID.randomUUID().toString())).andExpect(status().isNotFound());
    }

    private void changes(String id, int version, String plan) throws Exception {
        send(put("/api/installations/" + id + "?version=" + version), lead, plan)
                .andExpect(status().isOk());
    }

    private int version(String id) throws Exception {
        return read(getAs(viewer, "/api/installations/" + id), "$.version");
    }

    private static String history(String id) {
        return "/api/installations/" + id + "/history";
    }
}
