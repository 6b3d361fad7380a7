package dorada.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ScreenshotAnimations;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Takes docs/screenshots from the demo data; run by {@code ./dorada screenshots} alone. */
@Tag("screenshots")
class ScreenshotsIT {

    private static final Path FOLDER = Path.of(System.getProperty("dorada.root"), "docs", "screenshots");

    @Test
    void mainViews() throws Exception {
        try (RunningDorada dorada = RunningDorada.demo();
                Desk desk = new Desk()) {
            Page page = desk.page();
            page.navigate(dorada.address());
            page.getByLabel("Login").waitFor();
            Technician ines = new Technician(page, dorada.address()).signsIn("ines");
            page.getByText("Tractor 7").waitFor();
            take(page, "board");
            ines.finds("Tractor 7");
            assertThat(ines.traces("now")).hasCount(1);
            // Its rule leaves little to spare: measured twice, then cut once.
            ines.button("Measure again").click();
            page.getByText("Sweep now").click();
            ines.button("I shortened it by").waitFor();
            take(page, "tuning");
            ines.button("I shortened it by").click();
            take(page, "recording");
            page.getByText("Cancel").click();
            ines.button(Pattern.compile("^Plan\\b.*done")).click();
            take(page, "plan");
            ines.prefers("Night");
            page.navigate(dorada.address());
            ines.finds("Lorry 5");
            assertThat(ines.traces("now")).hasCount(1);
            take(page, "tuning-night");
            page.navigate(dorada.address());
            ines.prefers("Paper");
            ines.finds("Fire watch field kit");
            page.keyboard().press("f");
            take(page, "sign-off");
            page.navigate(dorada.address());
            ines.finds("Depot mast");
            page.getByText("Against the sign-off").waitFor();
            take(page, "recheck");
            page.navigate(dorada.address() + "/due");
            page.getByText("Limits that stand").waitFor();
            take(page, "due");
            page.navigate(dorada.address());
            onTheDesk(page, dorada);
            page.navigate(dorada.address() + "/plan");
            assertThat(page.locator(".sentence")).containsText("Fit the");
            page.setViewportSize(1280, 1000);
            take(page, "antenna-choice");
            page.setViewportSize(1280, 800);
            page.navigate(dorada.address() + "/plan/paper");
            ines.button("Print").waitFor();
            page.setViewportSize(1280, 1000);
            take(page, "plan-on-paper");
            page.setViewportSize(1280, 800);
            page.navigate(dorada.address() + "/plan/watts");
            page.getByText("What each change is worth").waitFor();
            take(page, "watts");
            page.navigate(dorada.address() + "/plan/ground");
            assertThat(page.locator("tbody tr")).hasCount(3);
            assertThat(ines.button("Put the plan on paper")).isVisible();
            take(page, "ground-plane");
            page.navigate(dorada.address() + "/cutting");
            page.getByText("link beam").click();
            page.getByText("The wires are solved").waitFor();
            take(page, "cut-sheet");
            page.navigate(dorada.address() + "/practice");
            ines.button("Start sweeping").click();
            assertThat(ines.traces("now")).hasCount(1);
            ines.button("Save trace").click();
            ines.button("−10 mm").click();
            assertThat(ines.traces("earlier")).hasCount(1);
            page.waitForTimeout(3000);
            take(page, "live-sweep");
            page.navigate(dorada.address() + "/book");
            page.getByText("Tow plane").first().waitFor();
            take(page, "book");
            page.navigate(dorada.address() + "/radios");
            page.getByText("Depot base radio").click();
            page.getByText("Checks so far").waitFor();
            page.setViewportSize(1280, 1000);
            take(page, "radio-bench");
            page.setViewportSize(1280, 800);
            page.navigate(dorada.address() + "/model");
            ines.button("Solve").click();
            page.getByText("Greatest gain").waitFor();
            page.setViewportSize(1280, 1090);
            take(page, "model");
            page.setViewportSize(820, 1180);
            page.navigate(dorada.address());
            ines.prefers("Sun");
            ines.finds("Trainer with fabric skin");
            assertThat(ines.traces("now")).hasCount(1);
            take(page, "tuning-tablet-sun");
        }
    }

    private static void onTheDesk(Page page, RunningDorada dorada) throws Exception {
        Path folder = Files.createTempDirectory("traces");
        page.navigate(dorada.address() + "/desk");
        page.locator("input[type=file]").first().setInputFiles(new Path[] {
            Traces.antenna(folder.resolve("pick-up 3, March.s1p"), 156, 140, 172, 321, 0),
            Traces.antenna(folder.resolve("pick-up 3, after the rain.s1p"), 153.6, 140, 172, 321, 0)
        });
        page.getByLabel("Wanted channels, MHz").fill("153.05, 157.45");
        page.locator(".tables tbody tr").nth(1).waitFor();
        page.locator(".surface").click();
        page.waitForTimeout(800);
        take(page, "trace-desk");
    }

    private static void take(Page page, String name) {
        page.evaluate("scrollTo(0, 0)");
        page.waitForTimeout(600);
        page.screenshot(new Page.ScreenshotOptions()
                .setAnimations(ScreenshotAnimations.DISABLED)
                .setPath(FOLDER.resolve(name + ".png")));
    }
}
