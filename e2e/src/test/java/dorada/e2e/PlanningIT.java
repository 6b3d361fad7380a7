package dorada.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A technician compares two ways to build a station and plans a ground for a fabric-covered aircraft. */
class PlanningIT {

    @Test
    void wattsAreComparedAndAGroundIsFound() throws Exception {
        try (RunningDorada dorada = RunningDorada.demoInUse();
                Desk desk = new Desk()) {
            Page page = desk.page();
            page.navigate(dorada.address());
            Technician ines = new Technician(page, dorada.address()).signsIn("ines");
            page.getByText("Tractor 7").waitFor();

            page.navigate(dorada.address() + "/plan/watts");
            assertThat(page.locator(".sentence")).containsText("A puts");
            page.getByLabel("Watts of B").fill("50");
            assertThat(page.locator(".sentence")).containsText("B puts");
            page.getByLabel("Watts of A").fill("many");
            assertThat(page.getByText("\"many\" is not a number.").first()).isVisible();
            page.getByLabel("Watts of A").fill("50");
            page.getByLabel("SWR of the antenna of A").fill("5");
            assertThat(page.getByText("folds its power back")).isVisible();
            // What was typed outlives the page.
            page.reload();
            assertThat(page.getByText("folds its power back")).isVisible();

            page.getByText("Ground plane", new Page.GetByTextOptions().setExact(true))
                    .first()
                    .click();
            // Computed by themselves, as soon as nothing is typed any more.
            assertThat(page.locator("tbody tr")).hasCount(3);
            assertThat(ines.button("Put the plan on paper")).isVisible();
            assertThat(page.locator(".sentence")).containsText("under 2.5");
            ines.field("Droop, °").fill("40");
            ines.field("Droop, °").blur();
            assertThat(page.locator("tbody tr").nth(1)).containsText(Pattern.compile("met|missed"));
            String before = page.locator("tbody tr").nth(1).innerText();
            page.getByLabel(Pattern.compile("^Radial 1")).focus();
            for (int i = 0; i < 6; i++) {
                page.keyboard().press("ArrowDown");
            }
            page.waitForCondition(
                    () -> !page.locator("tbody tr").nth(1).innerText().equals(before));

            page.getByText("Antenna", new Page.GetByTextOptions().setExact(true))
                    .first()
                    .click();
            assertThat(page.locator(".sentence"))
                    .containsText(Pattern.compile("Best by rule of thumb: quarter-wave whip|Fit the"));
            page.getByText("Plastic, wood").click();
            assertThat(page.getByText("Needs metal under it").first()).isVisible();
            assertThat(page.locator(".sentence")).containsText(Pattern.compile("^\\s*Fit the|^\\s*None stays under"));
            // The picture's legend may have a button of that name too, once its curve is there.
            page.locator("table")
                    .getByRole(
                            AriaRole.BUTTON,
                            new Locator.GetByRoleOptions().setName("quarter-wave on four drooping radials"))
                    .click();
            ines.button(Pattern.compile("^Create an installation")).click();
            assertThat(page.getByLabel("Frequency of channel 2 in MHz")).hasValue("156.000");
            Controls.choose(page, "Use of channel 2", "receive only");

            // Saved for the shop, opened again after something else was typed, and put on paper.
            page.navigate(dorada.address() + "/plan");
            ines.button("Saved plans").click();
            page.getByLabel("Name of this plan").fill("Pick-up 4");
            ines.button("Save for the shop").click();
            assertThat(page.getByText("is saved for the shop")).isVisible();
            ines.field("SWR limit").fill("1.2");
            page.locator(".shelf li .name").click();
            assertThat(ines.field("SWR limit")).hasValue("2");
            page.navigate(dorada.address() + "/plan/paper");
            assertThat(page.locator("h1")).hasText("Pick-up 4");
            assertThat(page.getByText("aluminium rod or wire").first()).isVisible();

            page.navigate(dorada.address() + "/installations/new");
            ines.button("From a service or a list").click();
            Controls.choose(page, "Service", "PMR446, analogue");
            assertThat(page.getByText("Do not plan another antenna")).isVisible();
            Controls.choose(page, "Service", "CB radio, 40 channels");
            ines.button("Add 3 marked").click();
            // The three channels of the plan stay.
            assertThat(page.getByLabel("Frequency of channel 5 in MHz")).hasValue("27.185");
            assertThat(desk.takeConsoleErrors()).isEmpty();
        }
    }
}
