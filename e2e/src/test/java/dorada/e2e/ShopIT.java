package dorada.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What a shop relies on: nothing acknowledged is lost, and nobody is in before the lead. */
class ShopIT {

    private static final String INSTALLATION = """
            {"title":"Kill test","customer":"","carrier":"VEHICLE","carrierDetail":"","antennaKind":"QUARTER_WAVE_WHIP",
             "antennaDetail":"","oneWay":true,"smallestStepM":0.001,"ratedPowerW":25,"swrCeiling":2,
             "ruleName":"UNDER_LIMIT","limitSwr":1.5,"measuredAt":"RADIO",
             "channels":[{"name":"Field","frequencyHz":153050000,"primary":true}]}""";

    @Test
    void everyAcknowledgedPassIsFoundAfterAPowerCut() throws Exception {
        try (RunningDorada dorada = RunningDorada.demo()) {
            String id =
                    field(dorada.postJson("/api/installations", INSTALLATION).body(), "id");
            List<String> acknowledged = new ArrayList<>();
            for (int round = 0; round < 3; round++) {
                for (int i = 0; i < 3; i++) {
                    var answer = dorada.postJson("/api/installations/" + id + "/passes", pass());
                    assertThat(answer.statusCode()).isEqualTo(201);
                    acknowledged.add(field(answer.body(), "id"));
                }
                dorada.kill();
                dorada.started();
                String passes =
                        dorada.get("/api/installations/" + id + "/passes").body();
                assertThat(acknowledged).allMatch(passes::contains);
            }
        }
    }

    private static String pass() {
        return """
               {"recording":{"requestKey":"%s","changeM":-0.001,"note":""},"startHz":140e6,"stopHz":170e6,"points":201}""".formatted(UUID.randomUUID());
    }

    private static String field(String json, String name) {
        Matcher found = Pattern.compile("\"" + name + "\":\"([^\"]+)\"").matcher(json);
        assertThat(found.find()).as(json).isTrue();
        return found.group(1);
    }

    @Test
    void analysisForScriptsReadsAFileAndRefusesABrokenOneWithItsLine() throws Exception {
        try (RunningDorada dorada = RunningDorada.demo()) {
            String good = "# MHz S RI R 50\n150 0.5 0\n151 0.2 0\n152 0.1 0\n153 0.3 0\n";
            var read = dorada.postFile(
                    "/api/analysis?wantedHz=151000000&wantedHz=99000000&swrLimit=2",
                    "a.s1p",
                    good.getBytes(StandardCharsets.UTF_8));
            assertThat(read.statusCode()).isEqualTo(200);
            assertThat(read.body())
                    .contains("\"points\":4", "\"outside\":true")
                    // (1 + 0.2)/(1 − 0.2), to the last digit or so.
                    .containsPattern("\"swr\":1\\.(5,|4999999)")
                    .doesNotContain("null");
            var broken = dorada.postFile(
                    "/api/analysis", "a.s1p", good.replace("0.1", "x").getBytes(StandardCharsets.UTF_8));
            assertThat(broken.statusCode()).isEqualTo(422);
            assertThat(broken.body()).contains("\"line\":4", "is not a number");
        }
    }

    @Test
    void theFirstVisitMakesTheLeadAndKnowsNoDemoLogin() throws Exception {
        try (RunningDorada dorada = RunningDorada.shop();
                Desk desk = new Desk()) {
            assertThat(dorada.get("/api/people").statusCode()).isEqualTo(401);
            Page page = desk.page();
            page.navigate(dorada.address());
            page.getByLabel("Your name").fill("Marisol");
            page.getByLabel("Login").fill("marisol");
            page.getByLabel("Password").fill("short");
            page.keyboard().press("Enter");
            assertThat(page.getByText("A password has at least 8 characters")).isVisible();
            page.getByLabel("Password").fill("long enough now");
            page.keyboard().press("Enter");
            assertThat(page.getByText("No installation yet.")).isVisible();
            // A second lead cannot be made by the same door.
            assertThat(dorada.postJson("/api/setup", "{}").statusCode()).isEqualTo(401);
        }
    }
}
