package dorada.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;

/** What a shop relies on: scripts get answers, and nobody is in before the lead. */
class ShopIT {

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
