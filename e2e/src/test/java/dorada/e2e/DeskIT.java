package dorada.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Files on the trace desk, a calibration of the practice analyser, and a tuning pass read from a meter. */
class DeskIT {

    private static RunningDorada dorada;

    @BeforeAll
    static void start() throws Exception {
        dorada = RunningDorada.demo();
    }

    @AfterAll
    static void stop() throws Exception {
        dorada.close();
    }

    @TempDir
    private Path folder;

    @Test
    void filesAreReadInEveryWayAndKeptAndTheAnalyserIsCalibrated() throws Exception {
        Path roof = Traces.antenna(folder.resolve("roof.s1p"), 156, 140, 172, 161, 0);
        Path yard = Traces.antenna(folder.resolve("yard.s1p"), 153, 140, 172, 161, 0);
        Path mast = Traces.antenna(folder.resolve("mast.s1p"), 156, 10, 500, 801, 20);
        Path table =
                Files.writeString(folder.resolve("meter.csv"), "Freq MHz,VSWR\n150,2\n151,1.6\n152,1.3\n153,1.7\n");
        try (Desk desk = new Desk()) {
            Page page = desk.page();
            page.navigate(dorada.address());
            Technician ines = new Technician(page, dorada.address()).signsIn("ines");
            page.getByText("Tractor 7").waitFor();

            page.navigate(dorada.address() + "/desk");
            page.locator("input[type=file]").first().setInputFiles(new Path[] {roof, yard, table});
            assertThat(page.locator(".desk-list li")).hasCount(3);
            assertThat(page.getByText("The file holds magnitudes only")).isVisible();
            page.getByLabel("Wanted channels, MHz").fill("153.05, 157.45");
            assertThat(page.locator(".tables tbody tr").first()).containsText("156.0");
            assertThat(page.locator(".tables")).containsText("−3.0");
            page.locator(".desk-list .name").first().click();
            assertThat(page.locator(".sentence")).containsText("Dip at 156.0");

            page.locator(".surface").click();
            assertThat(page.getByRole(AriaRole.SLIDER)).hasCount(1);
            String before = page.getByRole(AriaRole.SLIDER).getAttribute("aria-valuetext");
            page.getByRole(AriaRole.SLIDER).press("Shift+ArrowRight");
            assertThat(page.getByRole(AriaRole.SLIDER).getAttribute("aria-valuetext"))
                    .isNotEqualTo(before);

            tab(page, "Smith chart");
            assertThat(page.locator("path.trace")).hasCount(2);
            tab(page, "R and X");
            assertThat(page.getByText("X, 0 at resonance")).isVisible();

            page.locator("input[type=file]").first().setInputFiles(mast);
            assertThat(page.locator(".desk-list li")).hasCount(4);
            tab(page, "Distance");
            assertThat(page.getByText("Choose the feedline on the right")).isVisible();
            Controls.choose(page, "Feedline", "RG-213");
            page.getByLabel("Its length").fill("20 m");
            assertThat(page.locator(".sentence")).containsText("Look at 7.5 m");
            assertThat(page.locator("svg .event")).hasCount(2);

            Download picture = page.waitForDownload(() -> Controls.fromMenu(page, "Save as", "the picture, SVG"));
            assertThat(Files.readString(picture.path())).contains("<svg").contains("along the line");
            Download trace =
                    page.waitForDownload(() -> Controls.fromMenu(page, "Save as", "the trace, Touchstone 2.0"));
            assertThat(Files.readString(trace.path())).contains("[Version] 2.0");

            // By the keyboard alone, as the list is too long to be scrolled.
            page.getByLabel("Installation to save the trace with").fill("pick-up 9");
            page.locator(".n-base-select-option", new Page.LocatorOptions().setHasText("Pick-up 9"))
                    .waitFor();
            page.keyboard().press("Enter");
            page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Save").setExact(true))
                    .click();
            assertThat(page.getByText(Pattern.compile("Saved as pass \\d"))).isVisible();

            page.navigate(dorada.address() + "/desk/calibrations");
            Controls.choose(page, "Measured with", "Stand-in");
            for (int i = 0; i < 3; i++) {
                ines.button("Sweep it").nth(i).click();
                assertThat(page.getByText("401 points", new Page.GetByTextOptions().setExact(true)))
                        .hasCount(i + 1);
            }
            page.getByLabel("Name").fill("Bench, VHF");
            ines.button("Save the calibration").click();
            ines.button("Check the load").click();
            assertThat(page.locator(".sentence")).containsText("The load comes back");
            assertThat(desk.takeConsoleErrors()).isEmpty();
        }
    }

    @Test
    void aMetersReadingsTuneAsASweepDoes() throws Exception {
        try (Desk desk = new Desk()) {
            Page page = desk.page();
            page.navigate(dorada.address());
            Technician ines = new Technician(page, dorada.address()).signsIn("bruno");
            page.getByText("Crane handheld").click();
            ines.button(Pattern.compile("Take the baseline")).click();
            page.getByText("Meter, dial").click();
            ines.button(Pattern.compile("Record the readings")).click();
            assertThat(page.getByText("better three")).isVisible();
            page.getByLabel("SWR on Quay").fill("1.5");
            page.getByLabel("SWR on Gate").fill("1.9");
            page.getByLabel("SWR on Crane").fill("2.6");
            ines.button(Pattern.compile("Record the readings")).click();
            assertThat(page.locator(".sentence")).containsText("Too long. Shorten the rod");
            assertThat(page.getByText("Measured with an in-line meter.")).isVisible();
            // Nobody swept it: three readings with their doubt, a band of what explains them, and no trace.
            assertThat(page.locator("path.band")).hasCount(1);
            assertThat(page.locator("g.readings circle")).hasCount(3);
            assertThat(page.locator("path.trace")).hasCount(0);
            assertThat(desk.takeConsoleErrors()).isEmpty();
        }
    }

    private static void tab(Page page, String name) {
        Controls.take(page, name);
    }
}
