package dorada.server.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsInAnyOrder;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThanOrEqualTo;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import dorada.server.ApiTest;
import dorada.server.calibration.CalibrationApiTest;
import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MvcResult;

class InstrumentApiTest extends ApiTest {

    private static final String SETTINGS =
            "{\"instrument\":\"%s\",\"startHz\":%s,\"stopHz\":170e6,\"points\":51,\"averages\":1,\"hold\":false,\"find\":%s}";

    @Autowired
    private PracticeStand stand;

    private String bench(String installation, String settings, String conditions) {
        return "{\"installation\":\"%s\",\"settingsM\":%s,\"conditions\":%s,\"atPort\":\"ANTENNA\",\"atRadio\":true}"
                .formatted(installation, settings, conditions);
    }

    private String instrument(String name, int port) {
        return """
               {"version":0,"name":"%s","host":"127.0.0.1","port":%d,"profile":{"setUp":"*CLS","startHz":"FREQ:STAR {}",
                "stopHz":"FREQ:STOP {}","points":"SWE:POIN {}","averages":"AVER:COUN {}","begin":"INIT",
                "isMeasuring":"STAT:OPER:COND?","data":"TRAC? REFL","abort":"ABOR","error":"SYST:ERR?","identity":"*IDN?"}}""".formatted(name, port);
    }

    @Test
    void anInstrumentHasItsDriverAndItsOwnLimits() throws Exception {
        getAs(viewer, "/api/instruments/drivers")
                .andExpect(jsonPath("$.drivers[*].id", containsInAnyOrder("scpi-tcp", "scpi-serial")));
        String serial =
                instrument("On a cable", 0).replace("\"host\":\"127.0.0.1\",\"port\":0", "\"driver\":\"scpi-serial\"");
        send(post("/api/instruments"), lead, serial)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("serialPort"));
        String whole = serial.replace(
                "scpi-serial\"",
                "scpi-serial\",\"serialPort\":\"/dev/ttyNONE7\",\"baud\":115200,\"lowestHz\":1e8,\"highestHz\":2e8");
        send(post("/api/instruments"), lead, whole)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("mostPoints"));
        String id = read(
                send(post("/api/instruments"), lead, whole.replace("2e8", "2e8,\"mostPoints\":201"))
                        .andExpect(status().isCreated())
                        .andExpect(jsonPath("$.driver").value("scpi-serial"))
                        .andExpect(jsonPath("$.serialPort").value("/dev/ttyNONE7"))
                        .andExpect(jsonPath("$.highestHz").value(2e8)),
                "$.id");
        send(post("/api/instruments/" + id + "/identity"), technician, "")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("/dev/ttyNONE7")));
        send(
                        post("/api/instruments/" + id + "/raw-sweep"),
                        technician,
                        "{\"startHz\":140e6,\"stopHz\":170e6,\"points\":401}")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail").value("This analyser takes 2 to 201 points, not 401."));
        send(
                        post("/api/instruments"),
                        lead,
                        serial.replace("scpi-serial", "smoke-signals").replace("On a cable", "On a hill"))
                .andExpect(jsonPath("$.field").value("driver"));
        send(delete("/api/instruments/" + id), lead, "").andExpect(status().isNoContent());
    }

    private String added(String name) throws Exception {
        return read(
                send(post("/api/instruments"), lead, instrument(name, 5025)).andExpect(status().isCreated()), "$.id");
    }

    private void calibrated(String name, String with) throws Exception {
        postJson(
                        "/api/calibrations",
                        CalibrationApiTest.calibration(name, CalibrationApiTest.trace(1))
                                .replace("\"instrument\":\"bench\"", "\"instrument\":\"" + with + "\""))
                .andExpect(status().isCreated());
    }

    private void madeWith(String calibration, String instrument) throws Exception {
        getAs(viewer, "/api/calibrations")
                .andExpect(jsonPath("$[?(@.name=='" + calibration + "')].instrument", hasItem(instrument)));
    }

    @Test
    void twoEntriesOfOneInstrumentAreMergedWithTheCalibrationsThatWereMadeWithIt() throws Exception {
        String one = added("Field set, blue");
        String stays = added("Field set");
        calibrated("of the blue one", "field set, BLUE");
        calibrated("of none of them", "another set");
        String into = "{\"into\":\"" + stays + "\"}";
        send(post("/api/instruments/" + one + "/merge"), technician, into).andExpect(status().isForbidden());
        send(post("/api/instruments/" + stays + "/merge"), lead, into)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("into"));
        send(post("/api/instruments/" + one + "/merge"), lead, into)
                .andExpect(jsonPath("$.renamedCount").value(1));
        madeWith("of the blue one", "Field set");
        madeWith("of none of them", "another set");
        getAs(viewer, "/api/instruments").andExpect(jsonPath("$[?(@.id=='" + one + "')]", hasSize(0)));
        send(put("/api/instruments/" + stays), lead, instrument("Field set, the old one", 5025))
                .andExpect(status().isOk());
        madeWith("of the blue one", "Field set, the old one");
    }

    @Test
    void aTableOfInstrumentsIsTakenInWholeOrNotAtAll() throws Exception {
        takeIn("/api/instruments", lead, "name,host,port,raw\nTable analyser,192.0.2.7,5025,\n")
                .andExpect(jsonPath("$.madeCount").value(1));
        takeIn("/api/instruments", lead, "most_points,lowest_hz,highest_hz,Name\n401,1e6,5e8,table ANALYSER\n")
                .andExpect(jsonPath("$.changedCount").value(1));
        getAs(viewer, "/api/instruments")
                .andExpect(jsonPath("$[?(@.name=='Table analyser')].port", hasItem(5025)))
                .andExpect(jsonPath("$[?(@.name=='Table analyser')].mostPoints", hasItem(401)))
                // What the table says nothing of is as the stand-in has it; what it leaves empty is empty.
                .andExpect(jsonPath("$[?(@.name=='Table analyser')].profile.abort", hasItem("ABORt")))
                .andExpect(jsonPath("$[?(@.name=='Table analyser')].profile.raw", hasItem("")));
        String out = getAs(viewer, "/api/instruments/table")
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(out).startsWith("name,driver,host,port,").contains("Table analyser,scpi-tcp,192.0.2.7,5025,");
        takeIn("/api/instruments", lead, out)
                .andExpect(jsonPath("$.madeCount").value(0))
                .andExpect(jsonPath("$.changedCount").value(0));
        takeIn("/api/instruments", lead, "name,host,port\nFirst,192.0.2.8,5025\nSecond,192.0.2.9,50.5\n")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.line").value(3))
                .andExpect(jsonPath("$.detail", containsString("50.5")));
        takeIn("/api/instruments", lead, "name,host,port\nFirst,192.0.2.8,5025\nSecond,192.0.2.9,70000\n")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.line").value(3))
                .andExpect(jsonPath("$.detail", containsString("65535")));
        takeIn("/api/instruments", lead, "name,host,port,lowest_hz\nFirst,192.0.2.8,5025,1e6\n")
                .andExpect(jsonPath("$.line").value(2));
        takeIn("/api/instruments", technician, out).andExpect(status().isForbidden());
        getAs(viewer, "/api/instruments").andExpect(jsonPath("$[?(@.name=='First')]", hasSize(0)));
    }

    @Test
    void theStandInSpeaksOverASocket() throws Exception {
        try (Socket socket = new Socket("127.0.0.1", stand.port());
                PrintWriter out = new PrintWriter(socket.getOutputStream(), true, StandardCharsets.US_ASCII);
                BufferedReader in = new BufferedReader(new InputStreamReader(socket.getInputStream()))) {
            socket.setSoTimeout(20_000);
            out.print("*IDN?\r\n");
            out.flush();
            assertThat(in.readLine()).contains("stand-in analyser");
            out.println("FREQ:STAR 150 MHZ;STOP 160 MHZ;:SWE:POIN 11;:INIT;*OPC?");
            assertThat(in.readLine()).isEqualTo("1");
            out.println("TRAC? REFL");
            assertThat(in.readLine().split(",")).hasSize(22);
            out.println("NONSENSE;:SYST:ERR?");
            assertThat(in.readLine()).startsWith("-113");
        }
    }

    @Test
    void theBenchShowsWhatThereIsAndKeepsWhatIsSet() throws Exception {
        getAs(viewer, "/api/practice")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.installations", hasSize(greaterThanOrEqualTo(16))))
                .andExpect(jsonPath("$.installations[0].controls[0].name.text").value("the whip"))
                .andExpect(jsonPath("$.standInPort").value(stand.port()));
        send(put("/api/practice/bench"), technician, bench("tube-j-pole", "[1.0,0.07]", "[\"NO_CHOKE\"]"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.settingsM[1]").value(0.07))
                .andExpect(jsonPath("$.conditions[0]").value("NO_CHOKE"));
        send(put("/api/practice/bench"), technician, bench("tube-j-pole", "[3.0,0.07]", "[]"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("can be set from 880 mm to 1030 mm")));
        send(put("/api/practice/bench"), technician, bench("nothing", "[1]", "[]"))
                .andExpect(status().isUnprocessableContent());
        send(put("/api/practice/bench"), viewer, bench("tube-j-pole", "[1.0,0.07]", "[]"))
                .andExpect(status().isForbidden());
    }

    @Test
    void theMetersOfTheBenchAreReadOnceTheirNeedleIsSet() throws Exception {
        String load = bench("roof-quarter-wave", "[0.43]", "[]").replace("ANTENNA", "LOAD");
        send(put("/api/practice/bench"), technician, load).andExpect(status().isOk());
        String dials = "{\"frequencyHz\":155000000,\"powerW\":25,\"ceilingSwr\":3,\"meterRangeW\":%s,%s"
                + "\"plugW\":25,\"plugLowHz\":100e6,\"plugHighHz\":250e6}";
        getAs(viewer, "/api/practice/meters/plugs")
                .andExpect(jsonPath("$.watts", hasSize(5)))
                .andExpect(jsonPath("$.cautions[*].id", hasItem("caution.WHILE_READING_A_METER")));
        send(post("/api/practice/meters/reading"), technician, dials.formatted("30", ""))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.meterSwr").doesNotExist())
                .andExpect(jsonPath("$.meterTrouble.text", containsString("full scale")));
        send(post("/api/practice/meters/needle"), technician, dials.formatted("10", ""))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("meterRangeW"));
        send(post("/api/practice/meters/needle"), technician, dials.formatted("30", ""))
                .andExpect(jsonPath("$.forwardW").value(25.0));
        String needle = "\"setFor\":{\"frequencyHz\":155000000,\"forwardW\":25},";
        send(post("/api/practice/meters/reading"), technician, dials.formatted("30", needle))
                .andExpect(jsonPath("$.meterSwr").value(1.0))
                .andExpect(jsonPath("$.reflectedW").value(0.0))
                .andExpect(jsonPath("$.cautions[*].id", hasItem("caution.RF_BURNS")))
                .andExpect(jsonPath("$.foldedBack").value(false));
        send(
                        post("/api/practice/meters/reading"),
                        technician,
                        dials.formatted("30", "").replace(":25,", ":0,"))
                .andExpect(status().isUnprocessableContent());
    }

    @Test
    void theLeadAddsInstrumentsThatCanBeReached() throws Exception {
        String made = instrument("Bench analyser", stand.port());
        send(post("/api/instruments"), technician, made).andExpect(status().isForbidden());
        String id = read(send(post("/api/instruments"), lead, made).andExpect(status().isCreated()), "$.id");
        getAs(viewer, "/api/instruments").andExpect(jsonPath("$[0].standIn").value(true));
        send(post("/api/instruments/" + id + "/identity"), technician, "")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.identity", containsString("stand-in")));
        send(put("/api/instruments/" + id), lead, instrument("Bench analyser 2", 1))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.version").value(1));
        send(put("/api/instruments/" + id), lead, instrument("Stale", 1))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.current.name").value("Bench analyser 2"));
        send(post("/api/instruments/" + id + "/identity"), technician, "")
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("does not answer")));
        send(post("/api/instruments"), lead, instrument("bench ANALYSER 2", 1))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("name"));
        send(post("/api/instruments"), lead, instrument("", 0))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("name"));
        send(post("/api/instruments"), lead, instrument("No port", 0))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("port"));
        send(delete("/api/instruments/" + id), lead, "").andExpect(status().isNoContent());
        send(post("/api/instruments/" + id + "/identity"), technician, "").andExpect(status().isNotFound());
    }

    @Test
    void sweepsAreStreamedUntilStopped() throws Exception {
        send(put("/api/practice/bench"), technician, bench("rod-four-radials", "[0.485,0.5]", "[]"));
        String id = read(
                send(post("/api/live"), technician, SETTINGS.formatted("stand-in", "140e6", false))
                        .andExpect(status().isCreated()),
                "$.id");
        MvcResult stream = getAs(technician, "/api/live/" + id + "/events").andReturn();
        String text = await(stream, "\"startHz\":1.4E8");
        assertThat(text).contains("event:sweep");
        send(put("/api/live/" + id), technician, SETTINGS.formatted("stand-in", "145e6", false))
                .andExpect(status().isOk());
        await(stream, "\"startHz\":1.45E8");
        send(put("/api/live/" + id), technician, SETTINGS.formatted("stand-in", "200e6", false))
                .andExpect(status().isUnprocessableContent());
        // Looking from 240 MHz: wide first, then narrow about the ground plane's dip.
        send(
                        put("/api/live/" + id),
                        technician,
                        SETTINGS.replace("170e6", "250e6").formatted("stand-in", "230e6", true))
                .andExpect(status().isOk());
        await(stream, "\"looking\":true");
        String found = await(stream, "\"looking\":false", "\"looking\":true");
        assertThat(found.substring(found.lastIndexOf("\"startHz\""))).contains("\"dipAtEdge\":false");
        getAs(lead, "/api/live/" + id + "/events").andExpect(status().isNotFound());
        send(delete("/api/live/" + id), technician, "").andExpect(status().isNoContent());
        stream.getAsyncResult(10_000);
        send(post("/api/live"), technician, SETTINGS.formatted("no-such", "140e6", false))
                .andExpect(status().isNotFound());
    }

    /** What is watched is judged as it will be when it is recorded: by the whole rule of the plan. */
    @Test
    void aWatchedSweepIsJudgedByTheRuleOfItsInstallation() throws Exception {
        send(put("/api/practice/bench"), technician, bench("rod-four-radials", "[0.485,0.5]", "[]"));
        String installation = makeInstallation(9);
        String settings = SETTINGS.replace("}", ",\"installationId\":\"" + installation + "\"}")
                .formatted("stand-in", "140e6", false);
        String id = read(send(post("/api/live"), technician, settings).andExpect(status().isCreated()), "$.id");
        MvcResult stream = getAs(technician, "/api/live/" + id + "/events").andReturn();
        String text = await(stream, "\"verdict\":{");
        String sweep = text.substring(text.indexOf("data:") + 5).split("\n")[0];
        assertThat(JsonPath.<Boolean>read(sweep, "$.verdict.met")).isTrue();
        assertThat(JsonPath.<List<String>>read(sweep, "$.verdict.channels[*].name"))
                .containsExactly("Field", "Base");
        double swr = JsonPath.<Number>read(sweep, "$.verdict.channels[0].reading.swr")
                .doubleValue();
        String recorded = "{\"recording\":{\"requestKey\":\"" + UUID.randomUUID()
                + "\",\"changeM\":0,\"note\":\"\"},\"startHz\":140e6,\"stopHz\":170e6,\"points\":51,"
                + "\"instrument\":\"stand-in\"}";
        Number same = read(
                postJson("/api/installations/" + installation + "/passes", recorded),
                "$.verdict.channels[0].reading.swr");
        assertThat(same.doubleValue()).isCloseTo(swr, within(0.05));
        // A stricter plan is another judgement from the next change of settings on.
        String strict = makeInstallation(1.05);
        send(put("/api/live/" + id), technician, settings.replace(installation, strict))
                .andExpect(status().isOk());
        assertThat(await(stream, "\"verdict\":{\"met\":false")).isNotEmpty();
        send(
                        put("/api/live/" + id),
                        technician,
                        settings.replace(installation, UUID.randomUUID().toString()))
                .andExpect(status().isNotFound());
        send(delete("/api/live/" + id), technician, "");
    }

    private static String await(MvcResult stream, String words) throws Exception {
        return await(stream, words, "");
    }

    /** All that was heard, once {@code words} have come after the last of {@code after}. */
    private static String await(MvcResult stream, String words, String after) throws Exception {
        for (int i = 0; i < 600; i++) {
            String text = stream.getResponse().getContentAsString();
            if (text.lastIndexOf(words) > text.lastIndexOf(after) || after.isEmpty() && text.contains(words)) {
                return text;
            }
            Thread.sleep(50);
        }
        throw new AssertionError("Never heard: " + words);
    }

    /** The stand-in corrects itself; raw, its bridge shows directivity of some 0.07, and a profile without the command says so. */
    @Test
    void aRawSweepIsOneWithoutTheInstrumentsOwnCorrection() throws Exception {
        send(
                        put("/api/practice/bench"),
                        technician,
                        bench("roof-quarter-wave", "[0.445]", "[]").replace("ANTENNA", "LOAD"))
                .andExpect(status().isOk());
        String span = "{\"startHz\":150e6,\"stopHz\":160e6,\"points\":11}";
        double[] raw = magnitudes(postJson("/api/instruments/stand-in/raw-sweep", span));
        assertThat(raw).hasSize(11);
        assertThat(raw[5]).isGreaterThan(0.03);
        postJson("/api/instruments/stand-in/raw-sweep", span.replace("160e6", "140e6"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("startHz"));
        String id = read(send(post("/api/instruments"), lead, instrument("No raw readings", stand.port())), "$.id");
        postJson("/api/instruments/" + id + "/raw-sweep", span)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("own correction is switched off is not known")));
        send(delete("/api/instruments/" + id), lead, "").andExpect(status().isNoContent());
        send(put("/api/practice/bench"), technician, bench("roof-quarter-wave", "[0.445]", "[]"))
                .andExpect(status().isOk());
    }

    /** Raw, the stand-in's bridge makes some 0.07 of a load; our own calibration brings it back below 0.01. */
    @Test
    void aLiveSweepAndAPassGoThroughACalibrationOfTheShop() throws Exception {
        StringBuilder standards = new StringBuilder();
        for (String standard : List.of("OPEN", "SHORT", "LOAD")) {
            connect(standard);
            String raw = postJson(
                            "/api/instruments/stand-in/raw-sweep",
                            "{\"startHz\":145e6,\"stopHz\":165e6,\"points\":51,\"averages\":16}")
                    .andReturn()
                    .getResponse()
                    .getContentAsString();
            standards
                    .append(",\"")
                    .append(standard.equals("SHORT") ? "shorted" : standard.toLowerCase(Locale.ROOT))
                    .append("\":")
                    .append(raw);
        }
        String id = read(
                postJson(
                        "/api/calibrations",
                        "{\"name\":\"live\",\"instrument\":\"stand-in\",\"cable\":\"\",\"adapter\":\"\",\"standards\":{"
                                + "\"openOffsetM\":0,\"openFarad\":0,\"shortOffsetM\":0,\"shortHenry\":0,\"loadOhm\":50}"
                                + standards + "}"),
                "$.id");
        String settings = SETTINGS.replace("}", ",\"calibrationId\":\"" + id + "\"}");
        String live = read(send(post("/api/live"), technician, settings.formatted("stand-in", "150e6", false)), "$.id");
        MvcResult stream = getAs(technician, "/api/live/" + live + "/events").andReturn();
        String text = await(stream, "\"looking\"");
        String sweep = text.substring(text.indexOf("data:") + 5).split("\n")[0];
        List<Number> re = JsonPath.read(sweep, "$.re");
        List<Number> im = JsonPath.read(sweep, "$.im");
        assertThat(Math.hypot(re.get(10).doubleValue(), im.get(10).doubleValue()))
                .isLessThan(0.01);
        // 5 of 30 MHz lie outside: left out, and said so.
        List<String> warnings = JsonPath.read(sweep, "$.warnings");
        assertThat(warnings).singleElement().asString().contains("outside the calibrated");
        send(
                put("/api/live/" + live),
                technician,
                settings.replace("170e6", "210e6").formatted("stand-in", "200e6", false));
        assertThat(await(stream, "event:trouble")).contains("outside the calibrated");
        send(delete("/api/live/" + live), technician, "");

        connect("ANTENNA");
        String installation = makeInstallation(2);
        String pass = "{\"recording\":{\"requestKey\":\"%s\",\"changeM\":0,\"note\":\"\"%s},\"startHz\":150e6,"
                + "\"stopHz\":160e6,\"points\":51,\"instrument\":\"stand-in\"}";
        postJson(
                        "/api/installations/" + installation + "/passes",
                        pass.formatted(UUID.randomUUID(), ",\"calibrationId\":\"" + id + "\""))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.source").value("ANALYSER"))
                .andExpect(jsonPath("$.readingKind").value("CALIBRATED_ANALYSER"))
                .andExpect(jsonPath("$.declared").value("corrected with live"));
        postJson("/api/installations/" + installation + "/passes", pass.formatted(UUID.randomUUID(), ""))
                .andExpect(jsonPath("$.readingKind").value("UNCALIBRATED_ANALYSER"));
        postJson(
                        "/api/installations/" + installation + "/passes",
                        pass.replace("160e6", "190e6")
                                .replace("150e6", "180e6")
                                .formatted(UUID.randomUUID(), ",\"calibrationId\":\"" + id + "\""))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("calibrationId"));
    }

    private void connect(String atPort) throws Exception {
        send(
                        put("/api/practice/bench"),
                        technician,
                        bench("roof-quarter-wave", "[0.445]", "[]").replace("\"ANTENNA\"", "\"" + atPort + "\""))
                .andExpect(status().isOk());
    }

    private static double[] magnitudes(org.springframework.test.web.servlet.ResultActions answer) throws Exception {
        java.util.List<Number> re = read(answer, "$.re");
        java.util.List<Number> im = read(answer, "$.im");
        double[] size = new double[re.size()];
        for (int i = 0; i < size.length; i++) {
            size[i] = Math.hypot(re.get(i).doubleValue(), im.get(i).doubleValue());
        }
        return size;
    }
}
