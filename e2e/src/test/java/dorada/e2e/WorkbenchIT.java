package dorada.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The workbench beside the plain loop: a spoilt reading, the old antenna, a live sweep, a limit. */
class WorkbenchIT {

    private static RunningDorada dorada;

    @BeforeAll
    static void start() throws Exception {
        dorada = RunningDorada.demoInUse();
    }

    @AfterAll
    static void stop() throws Exception {
        dorada.close();
    }

    private static final List<String[]> CHANNELS =
            List.of(new String[] {"Field", "153.05"}, new String[] {"Base", "157.45"});

    @Test
    void aJobWithAllItsCircumstancesIsClosedWithALimit() throws Exception {
        try (Desk desk = new Desk()) {
            Technician ines = new Technician(desk.page(), dorada.address()).signsIn("ines");
            Page page = ines.page();
            ines.makesAnInstallation("Pick-up 51", "1.6", CHANNELS);

            ines.button("Take the baseline sweep").click();
            page.getByText("This is the old antenna").click();
            ines.sweepsNow(1);
            assertThat(ines.passes().first()).containsText("Old antenna");

            ines.button("Take the baseline sweep").click();
            page.getByText("Circumstances, photo").click();
            page.getByText("A door open").click();
            ines.sweepsNow(2);
            assertThat(ines.sentence()).containsText("Change nothing yet. Measure again.");
            assertThat(page.getByText("shut all doors")).isVisible();

            ines.button("Measure again").click();
            ines.sweepsNow(3);
            assertThat(ines.sentence()).containsText("Shorten the whip");
            // The old antenna stays in the picture, whatever pass is looked at.
            assertThat(page.locator(".legend, .trace-label")
                            .getByText("old antenna")
                            .first())
                    .isVisible();

            watchesLive(ines);

            page.keyboard().press("f");
            assertThat(ines.heading("Sign off on pass 3")).isVisible();
            assertThat(page.getByText("Not the final sweep")).isVisible();
            assertThat(page.getByText(Pattern.compile("(than|as) the old antenna")))
                    .isVisible();
            ines.field("Why it is good enough").fill("Until the roof is dry");
            ines.field("With at most, W").fill("5000");
            ines.button("Sign off by judgement").click();
            assertThat(page.getByText(Pattern.compile("Into this SWR"))).isVisible();
            ines.field("With at most, W").fill("");
            page.getByLabel("To be mended by").fill("2099-03-01");
            page.keyboard().press("Enter");
            ines.button("Sign off by judgement").click();
            assertThat(ines.sentence()).containsText("Signed off by judgement on pass 3");
            assertThat(page.getByText("To be mended by 1 Mar 2099.").first()).isVisible();
            comesBackForIt(ines);
        }
    }

    /** A visit opened by mistake is cancelled; the next one begins with the antenna as it was found. */
    private static void comesBackForIt(Technician ines) {
        Page page = ines.page();
        ines.button("Open a new visit").click();
        ines.button("Open the visit").click();
        assertThat(ines.sentence()).containsText("Sweep it as you found it.");
        ines.button("Cancel visit 2").click();
        assertThat(ines.sentence()).containsText("Signed off by judgement on pass 3");

        ines.button("Open a new visit").click();
        page.getByText("Repair", new Page.GetByTextOptions().setExact(true)).click();
        ines.field("What happened, or who asked for it").fill("The roof is dry");
        ines.button("Open the visit").click();
        assertThat(page.getByText("“The roof is dry”")).isVisible();
        page.keyboard().press("f");
        assertThat(ines.heading("Sign off on pass 3")).isHidden();
        ines.button("Sweep it as found").click();
        ines.sweepsNow(4);
        assertThat(page.locator(".strip")).containsText("Visit 2: repair");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Share"))
                .click();
        assertThat(page.getByText("Signed off by judgement on pass 3.")).isVisible();
        assertThat(page.getByText("Still open.")).isVisible();

        page.getByText("History: who changed what").click();
        assertThat(page.getByText("Took back that visit 2 was opened (recheck)."))
                .isVisible();
        assertThat(page.getByText("Signed off on pass 3 by judgement: Until the roof is dry"))
                .isVisible();
        assertThat(page.getByText("Why: The roof is dry")).isVisible();
    }

    /** A tip, and a ring below the coil that sets it finely; what the plan says of the range binds the advice. */
    @Test
    void aWhipWithARingIsBroughtInWithinItsRange() throws Exception {
        try (Desk desk = new Desk()) {
            Technician bruno = new Technician(desk.page(), dorada.address()).signsIn("bruno");
            Page page = bruno.page();
            List<String[]> cb = List.of(new String[] {"CB 1", "26.965"}, new String[] {"CB 40", "27.405"});
            bruno.makesAnInstallation("Lorry 31", "1.95", cb, form -> {
                Controls.choose(form.page(), "Kind", "centre-loaded CB whip with tip and ring");
                form.unfolds("Adjusted");
                form.field("Length now (tip), if measured").fill("93 cm");
                form.field("Shortest it can be, if known").fill("925 mm");
                form.field("Longest it can be, if known").fill("38 in");
            });
            bruno.takesTheBaseline();
            bruno.button(Pattern.compile("I shortened it by [24]\\smm")).click();
            bruno.sweepsNow(2);
            assertThat(bruno.sentence()).containsText("Find the fault first");
            assertThat(page.getByText("a piece that is too long for its range")).isVisible();

            bruno.button(Pattern.compile("^Plan\\b.*done")).click();
            page.getByText("Change the plan").click();
            bruno.field("Shortest it can be, if known").fill("1 m");
            bruno.button("Save the plan").click();
            assertThat(page.getByText("The longest must be more than the shortest.")
                            .first())
                    .isVisible();
            bruno.field("Shortest it can be, if known").fill("60 cm");
            bruno.button("Save the plan").click();

            int pass = 2;
            while (pass < 7 && !bruno.sentence().textContent().contains("Good enough")) {
                bruno.button(Pattern.compile("I (shortened it|lengthened it|moved the ring) by"))
                        .click();
                bruno.sweepsNow(++pass);
            }
            assertThat(bruno.sentence()).containsText("Make it permanent");
            page.navigate(dorada.address());
            assertThat(page.locator("a.card")
                            .filter(new Locator.FilterOptions().setHasText("Lorry 31"))
                            .locator(".state"))
                    .hasText("Met, not yet tight");
        }
    }

    /** The same advice in another language and unit, and after a reload too. */
    @Test
    void theTuningPageSpeaksSpanishInInches() throws Exception {
        try (Desk desk = new Desk()) {
            Technician ines = new Technician(desk.page(), dorada.address()).signsIn("ines");
            Page page = ines.page();
            page.getByText("Tractor 7").click();
            assertThat(ines.sentence()).containsText("Too long.");
            ines.prefers("inch").prefers("Español");
            for (int i = 0; i < 2; i++) {
                assertThat(ines.sentence()).containsText("Demasiado larga.");
                assertThat(page.locator(".verdict")).containsText("No se cumple: ROE 1.75 o menos");
                assertThat(page.locator(".say")).containsText(Pattern.compile("\\d/\\d+\\sin"));
                assertThat(page.locator("html")).hasAttribute("lang", "es");
                page.reload();
            }
            ines.button(Pattern.compile("Medir otra vez")).click();
            assertThat(page.getByText("¿Qué se cambió?")).isVisible();
            assertThat(desk.takeConsoleErrors()).isEmpty();
        }
    }

    /** The stand-in analyser's sweeps in the picture, with the wanted channels read off them; then left without recording. */
    private static void watchesLive(Technician ines) {
        Page page = ines.page();
        ines.button(Pattern.compile("Sweep again")).click();
        page.getByText("Analyser", new Page.GetByTextOptions().setExact(true)).click();
        ines.button("Watch live").click();
        assertThat(page.locator(".trace-label").getByText("live")).isVisible();
        assertThat(page.locator(".peg")).hasCount(2);
        // Judged by the server, by the whole rule of the plan.
        assertThat(page.locator(".live").getByText(Pattern.compile("SWR 1.60 or less on every channel")))
                .isVisible();
        ines.button("Stop watching").click();
        assertThat(page.locator(".trace-label").getByText("live")).hasCount(0);
        ines.button(Pattern.compile("Cancel")).click();
        assertThat(ines.passes()).hasCount(3);
    }
}
