package dorada.server.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.asyncDispatch;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import dorada.server.ApiTest;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.ResultActions;

/** What an archive holds is what there was, every bit; read back it is there once, however often. */
class ArchiveApiTest extends ApiTest {

    @Autowired
    private JdbcTemplate database;

    private byte[] archive(String path) throws Exception {
        MvcResult started = http.perform(get(path).with(as(lead))).andReturn();
        return http.perform(asyncDispatch(started))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    private ResultActions reads(byte[] archive) throws Exception {
        return http.perform(multipart("/api/archive")
                .file(new MockMultipartFile("file", "shop.zip", "application/zip", archive))
                .with(as(lead))
                .with(csrf()));
    }

    /** The files of a zip, but for when it was made. */
    private static Map<String, String> files(byte[] zip) throws IOException {
        Map<String, String> files = new TreeMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                files.put(
                        e.getName(),
                        new String(in.readAllBytes(), StandardCharsets.ISO_8859_1)
                                .replaceAll("\"madeAt\":\"[^\"]*\"", "\"madeAt\":\"2026-03-01T00:00:00Z\""));
            }
        }
        return files;
    }

    private static byte[] altered(byte[] zip, BiFunction<String, String, String> change) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream to = new ZipOutputStream(out)) {
            for (Map.Entry<String, String> file : files(zip).entrySet()) {
                to.putNextEntry(new ZipEntry(file.getKey()));
                to.write(change.apply(file.getKey(), file.getValue()).getBytes(StandardCharsets.ISO_8859_1));
            }
        }
        return out.toByteArray();
    }

    private static final String NEED = """
            {"carrier":"MAST","material":"NONE","roofLengthM":0,"roofWidthM":0,"alongM":0,"acrossM":0,"mountHeightM":9,
             "clearanceM":0,"lowHz":153e6,"highHz":159e6,"limitSwr":2,
             "near":[{"name":"tower","alongM":-0.5,"acrossM":0,"fromM":0,"toM":2,"radiusM":0.05}]}""";

    /** One with everything: measured, read by meter, imported, taken back, a photo, a kept plan. */
    private String installationWithEverything() throws Exception {
        String id = makeInstallation(3);
        String first = read(measure(id, UUID.randomUUID(), 0), "$.id");
        BufferedImage picture = new BufferedImage(8, 8, BufferedImage.TYPE_INT_RGB);
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(picture, "png", jpeg);
        http.perform(multipart("/api/passes/" + first + "/photo")
                        .file(new MockMultipartFile("photo", "p.png", "image/png", jpeg.toByteArray()))
                        .with(as(technician))
                        .with(csrf()))
                .andExpect(status().isNoContent());
        postJson("/api/installations/" + id + "/spots", """
                        {"recording":{"requestKey":"%s","changeM":-0.004,"note":"wind","circumstances":["HAND_ON_IT"]},
                         "kind":"INLINE_METER","spots":[{"frequencyHz":153.05e6,"swr":1.9},{"frequencyHz":157.45e6,"swr":2.4}]}""".formatted(UUID.randomUUID()))
                .andExpect(status().isCreated());
        importFile(id, FILE.getBytes(StandardCharsets.UTF_8)).andExpect(status().isCreated());
        String wrong = read(measure(id, UUID.randomUUID(), -0.3), "$.id");
        http.perform(delete("/api/passes/" + wrong).with(as(technician)).with(csrf()))
                .andExpect(status().isNoContent());
        int version = read(getAs(viewer, "/api/installations/" + id), "$.version");
        postJson(
                        "/api/installations/" + id + "/sign-off",
                        "{\"version\":" + version
                                + ",\"passNumber\":3,\"remark\":\"490 mm\",\"reason\":\"until dry\",\"due\":\"2999-01-01\","
                                + "\"parts\":[{\"name\":\"Whip\",\"lengthM\":0.49,\"note\":\"filed mark\"},"
                                + "{\"name\":\"Base\",\"note\":\"\"}]}")
                .andExpect(status().isOk());
        postJson("/api/installations/" + id + "/visits", "{\"purpose\":\"REPAIR\",\"why\":\"cracked base\"}")
                .andExpect(status().isCreated());
        send(
                        put("/api/installations/" + id + "/visits/open/ready"),
                        technician,
                        "{\"method\":\"ANALYSER\",\"answers\":{\"DOORS_SHUT\":\"NO\",\"OUTDOORS\":\"YES\"}}")
                .andExpect(status().isOk());
        postJson("/api/plans", "{\"name\":\"Boat 2\",\"installationId\":\"" + id + "\",\"need\":" + NEED + "}")
                .andExpect(status().isCreated());
        return id;
    }

    /** As in another Dorada, which has never seen it. */
    private void forget(String id) {
        String ofIt = " where installation_id = '" + id + "'";
        String passes = " where pass_id in (select id from tuning_pass" + ofIt + ")";
        for (String sql : new String[] {
            "delete from told_elsewhere" + ofIt,
            "delete from tuning_pass_was" + ofIt,
            "delete from visit_was" + ofIt,
            "delete from wanted_channel_was" + ofIt,
            "delete from other_radio_was" + ofIt,
            "delete from installation_was where id = '" + id + "'",
            "delete from plan_neighbour where plan_id in (select id from plan" + ofIt + ")",
            "delete from plan" + ofIt,
            "delete from spot_reading" + passes,
            "delete from pass_circumstance" + passes,
            "delete from pass_photo" + passes,
            "delete from tuning_pass" + ofIt,
            "delete from sign_off_part where visit_id in (select id from visit" + ofIt + ")",
            "delete from sign_off where visit_id in (select id from visit" + ofIt + ")",
            "delete from ready_answer where visit_id in (select id from visit" + ofIt + ")",
            "delete from visit" + ofIt,
            "delete from wanted_channel" + ofIt,
            "delete from other_radio" + ofIt,
            "delete from installation where id = '" + id + "'"
        }) {
            // What is judged in the background meanwhile may hold the same rows in another order.
            await().ignoreExceptionsMatching(CannotAcquireLockException.class::isInstance)
                    .until(() -> database.update(sql) >= 0);
        }
    }

    @Test
    void whatIsReadBackIsWhatThereWas() throws Exception {
        String id = installationWithEverything();
        byte[] archive = archive("/api/installations/" + id + "/archive");
        Map<String, String> before = files(archive);
        String passes = getAs(viewer, "/api/installations/" + id + "/passes")
                .andReturn()
                .getResponse()
                .getContentAsString();
        forget(id);
        reads(archive)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.installations").value(1))
                .andExpect(jsonPath("$.passes").value(4))
                .andExpect(jsonPath("$.others").value(1))
                .andExpect(jsonPath("$.left").isEmpty());
        assertThat(files(archive("/api/installations/" + id + "/archive"))).isEqualTo(before);
        assertThat(getAs(viewer, "/api/installations/" + id + "/passes")
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .isEqualTo(passes);
        // Twice is once.
        reads(archive)
                .andExpect(jsonPath("$.installations").value(0))
                .andExpect(jsonPath("$.passes").value(0))
                .andExpect(jsonPath("$.others").value(0))
                .andExpect(jsonPath("$.alreadyHere").value(1));
        // The next new one finds its number free.
        assertThat(makeInstallation(2)).isNotBlank();
    }

    private String history(String id) throws Exception {
        return getAs(viewer, "/api/installations/" + id + "/history")
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    private void rename(String id, String title) throws Exception {
        int version = read(getAs(viewer, "/api/installations/" + id), "$.version");
        send(put("/api/installations/" + id + "?version=" + version), technician, plan(title, 3))
                .andExpect(status().isOk());
    }

    /** Who changed what before it came here, in any language; what was done here since stands beside. */
    @Test
    void itsHistoryComesAlong() throws Exception {
        String id = installationWithEverything();
        rename(id, "Tractor 8");
        String before = history(id);
        assertThat(before).contains("Took pass 4 back", "Changed the name from “Tractor 7” to “Tractor 8”");
        byte[] archive = archive("/api/installations/" + id + "/archive");
        reads(archive).andExpect(jsonPath("$.alreadyHere").value(1));
        assertThat(history(id)).isEqualTo(before);
        assertThat(database.queryForList(
                        "select id from told_elsewhere where installation_id = ?", UUID.fromString(id)))
                .isEmpty();
        forget(id);
        for (int times = 1; times <= 2; times++) {
            reads(archive).andExpect(status().isOk());
            assertThat(history(id)).isEqualTo(before);
        }
        rename(id, "Tractor 9");
        assertThat(history(id)).contains("from “Tractor 8” to “Tractor 9”").endsWith(before.substring(1));
        String later = history(id);
        byte[] second = archive("/api/installations/" + id + "/archive");
        forget(id);
        // First what the one archive tells, then what only the other does.
        reads(archive);
        reads(second);
        assertThat(history(id)).isEqualTo(later);
        forget(id);
    }

    /** Whoever alters an archive alters nothing of what is told here, and adds only what was not. */
    @Test
    void noArchiveTellsOtherwiseWhatIsToldHere() throws Exception {
        String id = installationWithEverything();
        rename(id, "Tractor 8");
        String before = history(id);
        byte[] archive = archive("/api/installations/" + id + "/archive");
        byte[] other =
                altered(archive, (name, text) -> text.replace("happened.PASS_TAKEN_BACK", "happened.PASS_PUT_BACK"));
        assertThat(files(other)).isNotEqualTo(files(archive));
        reads(other).andExpect(jsonPath("$.alreadyHere").value(1));
        assertThat(history(id)).isEqualTo(before);
        forget(id);
    }

    @Test
    void whatAnotherVersionToldIsToldAsItSaidIt() throws Exception {
        String id = makeInstallation(3);
        rename(id, "Tractor 8");
        byte[] archive = archive("/api/installations/" + id + "/archive");
        forget(id);
        reads(altered(archive, (name, text) -> text.replace("happened.CHANGED", "happened.OF_LATER")))
                .andExpect(status().isOk());
        getAs(viewer, "/api/installations/" + id + "/history")
                .andExpect(jsonPath("$[0].says[0].id").value("happened.TOLD"))
                .andExpect(jsonPath("$[0].says[0].text").value("Changed the name from “Tractor 7” to “Tractor 8”."));
        forget(id);
        // One of before the history came along tells what its rows do.
        reads(altered(archive, (name, text) -> text.replaceAll(",\"happened\":\\[.*\\]}$", "}")))
                .andExpect(status().isOk());
        getAs(viewer, "/api/installations/" + id + "/history")
                .andExpect(jsonPath("$.length()").value(1));
    }

    @Test
    void whatWentOnHereIsKeptAndWhatWentOnThereIsAdded() throws Exception {
        String id = makeInstallation(3);
        measure(id, UUID.randomUUID(), 0);
        byte[] early = archive("/api/installations/" + id + "/archive");
        measure(id, UUID.randomUUID(), -0.002);
        byte[] late = archive("/api/installations/" + id + "/archive");
        reads(early).andExpect(jsonPath("$.alreadyHere").value(1));
        getAs(viewer, "/api/installations/" + id + "/passes")
                .andExpect(jsonPath("$.length()").value(2));
        forget(id);
        reads(early).andExpect(jsonPath("$.passes").value(1));
        reads(late)
                .andExpect(jsonPath("$.installations").value(0))
                .andExpect(jsonPath("$.passes").value(1));
        forget(id);
        reads(early);
        measure(id, UUID.randomUUID(), -0.005);
        reads(late)
                .andExpect(jsonPath("$.passes").value(0))
                .andExpect(jsonPath("$.left.length()").value(1));
    }

    /** A pass belongs to one installation: whatever an archive says of it, it stays there, and what it says. */
    @Test
    void noArchiveTakesPassesFromAnotherInstallation() throws Exception {
        String id = makeInstallation(3);
        measure(id, UUID.randomUUID(), 0);
        measure(id, UUID.randomUUID(), -0.003);
        String before = getAs(viewer, "/api/installations/" + id + "/passes")
                .andReturn()
                .getResponse()
                .getContentAsString();
        byte[] archive = archive("/api/installations/" + id + "/archive");
        String other = UUID.randomUUID().toString();
        BiFunction<String, String, String> ofAnother =
                (name, text) -> text.replace(id, other).replace("-0.003", "-0.3");
        BiFunction<String, String, String> withItsOwnVisit = (name, text) -> ofAnother
                .apply(name, text)
                .replaceAll("\\{\"id\":\"[^\"]*\",\"purpose\"", "{\"id\":\"" + UUID.randomUUID() + "\",\"purpose\"");
        for (BiFunction<String, String, String> made : List.of(ofAnother, withItsOwnVisit)) {
            reads(altered(archive, made))
                    .andExpect(jsonPath("$.installations").value(0))
                    .andExpect(jsonPath("$.passes").value(0))
                    .andExpect(jsonPath("$.left.length()").value(1));
        }
        getAs(viewer, "/api/installations/" + id + "/passes")
                .andExpect(content().json(before));
        getAs(viewer, "/api/installations/" + other).andExpect(status().isNotFound());
    }

    /** As no shop writes it: it is left and named, whatever else the archive holds, and nothing of it stays. */
    @Test
    void whatNamesAPassTwiceIsLeft() throws Exception {
        String id = makeInstallation(3);
        measure(id, UUID.randomUUID(), 0);
        measure(id, UUID.randomUUID(), -0.003);
        byte[] archive = archive("/api/installations/" + id + "/archive");
        String one = UUID.randomUUID().toString();
        forget(id);
        List<BiFunction<String, String, String>> made = List.of(
                (name, text) -> text.replaceAll("\"requestKey\":\"[^\"]*\"", "\"requestKey\":\"" + one + "\""),
                (name, text) ->
                        text.replaceAll("\\{\"id\":\"[^\"]*\",\"number\"", "{\"id\":\"" + one + "\",\"number\""),
                (name, text) -> text.replace("\"number\":2,\"visit\"", "\"number\":1,\"visit\""));
        for (BiFunction<String, String, String> twice : made) {
            reads(altered(archive, twice))
                    .andExpect(status().isOk())
                    .andExpect(jsonPath("$.installations").value(0))
                    .andExpect(jsonPath("$.left.length()").value(1));
            getAs(viewer, "/api/installations/" + id).andExpect(status().isNotFound());
        }
        reads(archive).andExpect(jsonPath("$.passes").value(2));
        // What was sent once is one pass, here and in any other installation.
        BiFunction<String, String, String> sentAgain = (name, text) -> text.replace(id, one)
                .replaceAll("\\{\"id\":\"[^\"]*\",\"purpose\"", "{\"id\":\"" + UUID.randomUUID() + "\",\"purpose\"")
                .replaceAll("\\{\"id\":\"[^\"]*\",\"number\":1", "{\"id\":\"" + UUID.randomUUID() + "\",\"number\":1")
                .replaceAll("\\{\"id\":\"[^\"]*\",\"number\":2", "{\"id\":\"" + UUID.randomUUID() + "\",\"number\":2");
        reads(altered(archive, sentAgain))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.left.length()").value(1));
    }

    private void signOff(String id, int pass) throws Exception {
        int version = read(getAs(viewer, "/api/installations/" + id), "$.version");
        postJson(
                        "/api/installations/" + id + "/sign-off",
                        "{\"version\":" + version + ",\"passNumber\":" + pass + ",\"remark\":\"\",\"reason\":\"fine\"}")
                .andExpect(status().isOk());
    }

    @Test
    void visitsAndSignOffsThatWereAddedThereAreAddedHere() throws Exception {
        String id = makeInstallation(3);
        measure(id, UUID.randomUUID(), 0);
        byte[] open = archive("/api/installations/" + id + "/archive");
        signOff(id, 1);
        byte[] signedOff = archive("/api/installations/" + id + "/archive");
        postJson("/api/installations/" + id + "/visits", "{\"purpose\":\"RECHECK\",\"why\":\"a year on\"}");
        measure(id, UUID.randomUUID(), 0);
        byte[] rechecked = archive("/api/installations/" + id + "/archive");
        forget(id);
        reads(open);
        reads(signedOff)
                .andExpect(jsonPath("$.alreadyHere").value(0))
                .andExpect(jsonPath("$.left").isEmpty());
        getAs(viewer, "/api/installations/" + id)
                .andExpect(jsonPath("$.signOff.reason").value("fine"));
        reads(rechecked)
                .andExpect(jsonPath("$.passes").value(1))
                .andExpect(jsonPath("$.left").isEmpty());
        getAs(viewer, "/api/installations/" + id)
                .andExpect(jsonPath("$.signOff").doesNotExist())
                .andExpect(jsonPath("$.visits[0].signOff.reason").value("fine"))
                .andExpect(jsonPath("$.visits[1].why").value("a year on"));
        // What is of before is here already.
        reads(signedOff).andExpect(jsonPath("$.alreadyHere").value(1));

        // Signed off here, gone on with there: nobody's record is bent to fit.
        forget(id);
        reads(open);
        signOff(id, 1);
        reads(rechecked).andExpect(jsonPath("$.left.length()").value(1));
        getAs(viewer, "/api/installations/" + id)
                .andExpect(jsonPath("$.visits.length()").value(1));
    }

    @Test
    void anArchiveOfBeforeThereWereVisitsIsRead() throws Exception {
        String id = makeInstallation(3);
        measure(id, UUID.randomUUID(), 0);
        signOff(id, 1);
        postJson("/api/installations/" + id + "/visits", "{\"purpose\":\"RETUNING\",\"why\":\"\"}");
        measure(id, UUID.randomUUID(), -0.004);
        signOff(id, 2);
        byte[] now = archive("/api/installations/" + id + "/archive");
        String at = "\"at\":\"([^\"]*)\"";
        byte[] then = altered(now, (name, text) -> {
            if (name.equals("archive.json")) {
                return text.replace("\"version\":2", "\"version\":1");
            }
            if (!name.endsWith("installation.json")) {
                return text;
            }
            List<String> ends = Pattern.compile("\"by\":\"ines\"," + at)
                    .matcher(text)
                    .results()
                    .map(MatchResult::group)
                    .toList();
            String reopened = Pattern.compile("\"openedAt\":\"([^\"]*)\"")
                    .matcher(text)
                    .results()
                    .map(r -> r.group(1))
                    .reduce((a, b) -> b)
                    .orElseThrow();
            return text.replaceAll(
                            "\"visits\":\\[.*?\\}\\}\\]",
                            "\"earlier\":[{" + ends.get(0)
                                    + ",\"passNumber\":1,\"remark\":\"490 mm\",\"reopenedBy\":\"ines\",\"reopenedAt\":\""
                                    + reopened + "\"}],\"signOff\":{" + ends.get(1)
                                    + ",\"passNumber\":2,\"remark\":\"\",\"learntSetPerElectrical\":1.1,\"learntDoubt\":0.02}")
                    .replaceAll("\"visit\":[0-9]+,", "");
        });
        forget(id);
        reads(then).andExpect(status().isOk()).andExpect(jsonPath("$.passes").value(2));
        getAs(viewer, "/api/installations/" + id)
                .andExpect(jsonPath("$.signOff.passNumber").value(2))
                .andExpect(jsonPath("$.visits[0].purpose").value("FITTING"))
                .andExpect(jsonPath("$.visits[0].signOff.remark").value("490 mm"))
                .andExpect(jsonPath("$.visits[1].openedBy").value("ines"));
        getAs(viewer, "/api/installations/" + id + "/passes")
                .andExpect(jsonPath("$[0].visit").value(1))
                .andExpect(jsonPath("$[1].visit").value(2));
    }

    @Test
    void theWholeShopComesWithItsPeopleAndNoPasswords() throws Exception {
        makeInstallation(2);
        Map<String, String> files = files(archive("/api/archive"));
        assertThat(files).containsKeys("archive.json", "plans.json", "cut-sheets.json", "channel-lists.json");
        assertThat(files.get("archive.json")).contains("\"login\":\"ines\"");
        assertThat(String.join("", files.values())).doesNotContain("bcrypt").doesNotContain("assword");
    }

    /** What somebody practised and how it went, also where it is not over. */
    @Test
    void exercisesComeAlong() throws Exception {
        String over = exercise("READ", "SIGN_OFF");
        String begun = exercise("READ");
        byte[] archive = archive("/api/archive");
        String[] before = {shown(over), shown(begun)};
        for (String table : List.of("exercise_score", "exercise_deed", "exercise_run")) {
            String key = table.equals("exercise_run") ? "id" : "run_id";
            database.update("delete from " + table + " where " + key + " in ('" + over + "', '" + begun + "')");
        }
        reads(archive).andExpect(status().isOk()).andExpect(jsonPath("$.others").value(2));
        assertThat(new String[] {shown(over), shown(begun)}).isEqualTo(before);
        reads(archive).andExpect(jsonPath("$.others").value(0));
        // An antenna that is not known here is left out, and nothing else.
        reads(altered(
                        archive,
                        (name, text) -> text.replace(over, UUID.randomUUID().toString())
                                .replace("\"on\":\"handheld-rod\"", "\"on\":\"kite\"")))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.others").value(0));
    }

    private String exercise(String... deeds) throws Exception {
        String id = read(
                send(post("/api/exercises"), viewer, "{\"on\":\"handheld-rod\"}")
                        .andExpect(status().isCreated()),
                "$.id");
        for (String what : deeds) {
            send(post("/api/exercises/" + id + "/deeds"), viewer, "{\"what\":\"" + what + "\"}")
                    .andExpect(status().isOk());
        }
        return id;
    }

    private String shown(String exercise) throws Exception {
        return getAs(viewer, "/api/exercises/" + exercise)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    @Test
    void instrumentsAndCalibrationsComeAlong() throws Exception {
        String name = "Bench " + UUID.randomUUID();
        String instrument =
                read(send(post("/api/instruments"), lead, """
                                {"version":0,"name":"%s","host":"127.0.0.1","port":5025,"profile":{"setUp":"*CLS",
                                 "startHz":"FREQ:STAR {}","stopHz":"FREQ:STOP {}","points":"SWE:POIN {}",
                                 "averages":"AVER:COUN {}","begin":"INIT","isMeasuring":"STAT:OPER:COND?","data":"TRAC? REFL",
                                 "abort":"ABOR","error":"SYST:ERR?","identity":"*IDN?"}}""".formatted(name)).andExpect(status().isCreated()), "$.id");
        String trace = "{\"frequencyHz\":[1e8,2e8],\"re\":[%s,%s],\"im\":[0.01,-0.02],\"hasPhase\":true}";
        String calibration = read(
                postJson(
                                "/api/calibrations",
                                ("{\"name\":\"Yard\",\"instrument\":\"\",\"cable\":\"\",\"adapter\":\"\",\"standards\":"
                                                + "{\"openOffsetM\":0,\"openFarad\":0,\"shortOffsetM\":0,\"shortHenry\":0,\"loadOhm\":50},"
                                                + "\"open\":" + trace + ",\"shorted\":" + trace + ",\"load\":" + trace
                                                + "}")
                                        .formatted(0.99, 0.98, -0.99, -0.97, 0.01, 0.02))
                        .andExpect(status().isCreated()),
                "$.id");
        byte[] archive = archive("/api/archive");
        Map<String, String> before = files(archive);
        database.update("delete from instrument where id = '" + instrument + "'");
        database.update("delete from calibration where id = '" + calibration + "'");
        reads(archive).andExpect(status().isOk()).andExpect(jsonPath("$.others").value(2));
        Map<String, String> after = files(archive("/api/archive"));
        assertThat(after.get("instruments.json"))
                .isEqualTo(before.get("instruments.json"))
                .contains(name);
        assertThat(after.get("calibrations.json")).isEqualTo(before.get("calibrations.json"));
    }

    @Test
    void anArchiveThatWasAlteredIsRefusedWhole() throws Exception {
        String id = makeInstallation(3);
        measure(id, UUID.randomUUID(), 0);
        byte[] archive = archive("/api/installations/" + id + "/archive");
        forget(id);
        reads(altered(archive, (name, text) -> name.endsWith(".s1p") ? text.replaceFirst("\n(\\d+) ", "\n1$1 ") : text))
                .andExpect(status().isUnprocessableContent());
        reads(altered(archive, (name, text) -> name.endsWith(".s1p") ? text.replaceFirst("\\d\n$", "\n") : text))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("altered")));
        reads(altered(archive, (name, text) -> text.replace("\"version\":2", "\"version\":3")))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("version 3")));
        reads(altered(archive, (name, text) -> text.replace("\"limitSwr\":3.0", "\"limitSwr\":99")))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("limit")));
        reads("no zip".getBytes(StandardCharsets.UTF_8)).andExpect(status().isUnprocessableContent());
        getAs(viewer, "/api/installations/" + id).andExpect(status().isNotFound());
        reads(archive).andExpect(status().isOk());
        getAs(viewer, "/api/installations").andExpect(jsonPath("$[*].id", hasItem(id)));
    }
}
