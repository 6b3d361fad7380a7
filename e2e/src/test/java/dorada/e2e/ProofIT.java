package dorada.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** Around the tuning: the radio on the bench, what is looked at before the first reading, and proof on the air. */
class ProofIT {

    private static void step(Page page, String name) {
        page.locator("aside ol button")
                .filter(new Locator.FilterOptions().setHasText(name))
                .click();
    }

    @Test
    void readyBeforeAndProvedAfter() throws Exception {
        try (RunningDorada dorada = RunningDorada.demoInUse();
                Desk desk = new Desk()) {
            Page page = desk.page();
            page.navigate(dorada.address());
            Technician ines = new Technician(page, dorada.address()).signsIn("ines");

            // A radio into the dummy load: what is not judged is not called good.
            page.navigate(dorada.address() + "/radios");
            page.getByText("Spare mobile").click();
            page.getByLabel("Channel, MHz").fill("156.8");
            ines.button("Read it on the practice bench").click();
            assertThat(page.locator(".side .sentence")).containsText("Not known to be good yet");
            page.getByLabel("Tolerance, ppm").fill("5");
            assertThat(page.locator(".side .sentence")).containsText("Fit");
            ines.button("Save the check").click();
            assertThat(page.getByText("Checks so far")).isVisible();

            // Ready: every question has an answer, and what was answered with no goes with the reading.
            page.navigate(dorada.address());
            page.getByText("Pick-up 9").click();
            step(page, "Get ready");
            Locator questions = page.locator(".ready li");
            assertThat(questions.first()).isVisible();
            for (Locator question : questions.all()) {
                String answer = question.textContent().contains("Doors") ? "No" : "Yes";
                question.getByText(answer, new Locator.GetByTextOptions().setExact(true))
                        .click();
            }
            ines.button("Save and read").click();
            assertThat(page.getByLabel("From, MHz")).isVisible();
            page.locator("button.within-reach").click();
            assertThat(page.getByText("pass 1 ·")).isVisible();
            assertThat(page.getByText("with a door open").first()).isVisible();

            // On the air: a call that was understood says how far it reached; the lot is drawn by the server.
            step(page, "On the air");
            page.getByLabel("Name").fill("Lighthouse");
            page.getByLabel("Distance").fill("5 mi");
            page.getByLabel("Power, W").first().fill("5");
            page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("How it was heard"))
                    .click();
            page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("A little noise"))
                    .click();
            ines.button("Log the call").click();
            assertThat(page.getByText("Understood as far as 8.0 km (5.0 mi)")).isVisible();
            page.getByText("Fair comparison").click();
            page.getByLabel("Antennas, one on each line").fill("old whip\nnew whip");
            page.getByLabel("Power, W").nth(1).fill("5");
            page.getByLabel("Rounds").fill("2");
            ines.button("Draw the order").click();
            assertThat(page.getByText("Trial 1: connect")).isVisible();
            assertThat(page.locator(".trials tbody tr")).hasCount(4);

            // Whoever hears has a page without the antennas; what they press, who transmits sees at once.
            Page noa = desk.tablet(390, 840);
            noa.navigate(dorada.address());
            new Technician(noa, dorada.address()).signsIn("noa");
            noa.navigate(
                    dorada.address() + page.getByText("the listener's page").getAttribute("href"));
            assertThat(noa.locator("h1")).hasText("Trial 1 of 4");
            for (int trial = 1; trial <= 4; trial++) {
                noa.getByText("Understood, noisy").first().click();
                assertThat(noa.locator("tbody tr")).hasCount(trial);
                assertThat(page.getByText(trial < 4 ? "Trial " + (trial + 1) + ": connect" : "All trials are done"))
                        .isVisible();
            }
            assertThat(noa.locator("h1")).hasText("All trials are heard");
            AccessibilityIT.check(noa, "the listener's page");
            assertThat(noa.locator("main")).not().containsText("whip");
            assertThat(desk.takeConsoleErrors()).isEmpty();
        }
    }
}
