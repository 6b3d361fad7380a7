package dorada.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The whole job on a tablet, by touch alone: nothing is clicked, hovered or sent by a key; text comes from the screen's keyboard. */
class TouchIT {

    private static final int WIDTH = 820;
    private static final int HEIGHT = 1180;

    /** As high as a finger; what stands inside a picture is worked with zoom and arrows, too. */
    private static final double FINGER = 43.5;

    private static final String SMALL_TARGETS = "() => {"
            + "  const all = 'a, button, [role=radio], [role=checkbox], [role=combobox], input, textarea, summary';"
            + "  const grown = 'label, .n-radio, .n-checkbox, .n-input, .n-base-selection, .n-radio-button, .n-slider';"
            + "  return [...document.querySelectorAll(all)]"
            + "    .filter(e => !e.closest('[aria-hidden=true], svg'))"
            + "    .map(e => ({ e, box: (e.closest(grown) ?? e).getBoundingClientRect() }))"
            + "    .filter(({ box }) => box.width > 0 && box.height > 0 && box.height < " + FINGER + ")"
            + "    .map(({ e }) => (e.getAttribute('aria-label') ?? e.textContent).trim());"
            + "}";

    private Page page;

    private void tap(AriaRole role, String name) {
        page.getByRole(role, new Page.GetByRoleOptions().setName(name)).first().tap();
    }

    private void tap(Pattern button) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(button))
                .first()
                .tap();
    }

    private void fitsTheScreen(String view) {
        assertThat((Boolean) page.evaluate("() => document.documentElement.scrollWidth <= innerWidth"))
                .as(view + " fits the width")
                .isTrue();
    }

    private void isWithinReach(Locator action, String view) {
        assertThat(action).isVisible();
        var box = action.boundingBox();
        assertThat(box.y + box.height)
                .as(view + ": the thing to do is on the screen")
                .isBetween(HEIGHT / 2.0, (double) HEIGHT);
    }

    @Test
    void fromPlanToSignOff() throws Exception {
        try (RunningDorada dorada = RunningDorada.demoInUse();
                Desk desk = new Desk()) {
            page = desk.tablet(WIDTH, HEIGHT);
            page.navigate(dorada.address());
            page.getByLabel("Login").fill("ines");
            page.getByLabel("Password").fill(RunningDorada.DEMO_PASSWORD);
            tap(AriaRole.BUTTON, "Sign in");
            tap(AriaRole.LINK, "New installation");

            page.getByLabel("Name in the shop").fill("Pick-up 41");
            page.getByLabel("Name of channel 1").fill("Field");
            page.getByLabel("Frequency of channel 1").fill("153.05");
            tap(AriaRole.BUTTON, "Add a channel");
            page.getByLabel("Name of channel 2").fill("Base");
            page.getByLabel("Frequency of channel 2").fill("157.45");
            page.getByLabel("SWR limit", new Page.GetByLabelOptions().setExact(true))
                    .fill("1.6");
            fitsTheScreen("new installation");
            tap(AriaRole.BUTTON, "Create installation");

            Locator sentence = page.locator(".sentence");
            assertThat(sentence).containsText("Take the baseline sweep");
            isWithinReach(page.locator(".within-reach"), "baseline");
            tap(AriaRole.BUTTON, "Take the baseline sweep");
            tap(Pattern.compile("Sweep now"));
            assertThat(page.getByText("pass 1 ·")).isVisible();
            fitsTheScreen("tuning");
            // The sentence stands above the picture.
            assertThat(sentence.boundingBox().y)
                    .isLessThan(page.locator("figure").first().boundingBox().y);
            readsOut();

            for (int pass = 2; !sentence.textContent().contains("Good enough"); pass++) {
                assertThat(pass).as("passes until good enough").isLessThan(7);
                isWithinReach(page.locator(".within-reach"), "pass " + pass);
                tap(Pattern.compile("I (shortened|lengthened) it by|Measure again"));
                tap(Pattern.compile("Sweep now"));
                assertThat(page.getByText("pass " + pass + " ·")).isVisible();
            }
            tap(Pattern.compile("Make it permanent"));
            for (Locator step : page.locator("section [role=checkbox]").all()) {
                step.tap();
            }
            tap(AriaRole.BUTTON, "Final sweep");
            tap(Pattern.compile("Sweep now"));
            assertThat(sentence).containsText("everything is tight");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign off"))
                    .last()
                    .tap();
            page.getByLabel("Final lengths, marks, conditions").fill("Depth mark filed.");
            page.locator("form")
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Sign off"))
                    .tap();
            assertThat(sentence).containsText("Signed off on pass");

            for (String[] view : new String[][] {
                {"/", "installations need work"},
                {"/live", "Ready to sweep"},
                {"/live/meters", "needle"},
                {"/desk", "No traces yet"}
            }) {
                page.navigate(dorada.address() + view[0]);
                page.getByText(view[1]).first().waitFor();
                fitsTheScreen(view[0]);
                assertThat((List<?>) page.evaluate(SMALL_TARGETS))
                        .as("too low for a finger on " + view[0])
                        .isEmpty();
            }
            assertThat(desk.takeConsoleErrors()).isEmpty();
        }
    }

    /** A finger on the picture reads it out, and what it read stays when the finger is gone; its figures are a touch away. */
    private void readsOut() {
        Locator surface = page.locator("rect.surface").first();
        surface.tap();
        assertThat(page.locator(".read-out").getByText("MHz")).isVisible();
        tap(AriaRole.BUTTON, "Table");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog.getByText("153.050 Field")).isVisible();
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Close"))
                .last()
                .tap();
        assertThat(dialog).isHidden();
    }
}
