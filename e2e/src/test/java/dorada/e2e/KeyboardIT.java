package dorada.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The whole job by the keyboard alone: nothing is pointed at, and every field is reached by Tab. */
class KeyboardIT {

    private static RunningDorada dorada;

    @BeforeAll
    static void start() throws Exception {
        dorada = RunningDorada.demoInUse();
    }

    @AfterAll
    static void stop() throws Exception {
        dorada.close();
    }

    private static final int MOST_TABS = 80;

    private static final String NAME = "() => { const e = document.activeElement;"
            + " const by = id => document.getElementById(id)?.textContent ?? '';"
            + " const label = e.labels?.[0]?.textContent ?? '';"
            + " return (e.getAttribute('aria-label') ?? (e.getAttribute('aria-labelledby') ?? '').split(' ').map(by).join(' ').trim())"
            + " || label.trim() || e.textContent.trim() }";

    private Page page;

    private void press(String key) {
        page.keyboard().press(key);
    }

    private void tabTo(String name) {
        for (int i = 0; i < MOST_TABS; i++) {
            if (((String) page.evaluate(NAME)).startsWith(name)) {
                return;
            }
            press("Tab");
        }
        assertThat(page.evaluate(NAME)).as("reached by Tab").isEqualTo(name);
    }

    private void fill(String field, String text) {
        tabTo(field);
        press("Control+a");
        page.keyboard().type(text);
    }

    private void signIn(RunningDorada dorada) {
        page.navigate(dorada.address());
        page.getByLabel("Login").waitFor();
        fill("Login", "ines");
        fill("Password", RunningDorada.DEMO_PASSWORD);
        press("Enter");
        page.getByText("installations need work").waitFor();
    }

    private void recorded(int pass) {
        assertThat(page.getByText("pass " + pass + " ·")).isVisible();
    }

    /** Presses the one thing to do, once the form before it has gone: until then Enter belongs to the form. */
    private void pressPrimary() {
        assertThat(page.locator("button.within-reach")).isFocused();
        press("Enter");
    }

    /** Forward and reflected watts at every megahertz of the airband: watts, Enter, watts, Enter. */
    @Test
    void nineteenRowsOfWatts() throws Exception {
        try (Desk desk = new Desk()) {
            page = desk.page();
            signIn(dorada);
            press("/");
            page.keyboard().type("Trainer with");
            page.locator(".n-base-select-option--pending")
                    .filter(new Locator.FilterOptions().setHasText("Trainer with"))
                    .waitFor();
            press("Enter");
            page.locator(".strip > button").first().waitFor();
            int passes = page.locator(".strip > button").count();
            press("s");
            tabTo("Simulated");
            for (int i = 0; i < MOST_TABS && !page.getByLabel("Meter, dial").isChecked(); i++) {
                press("ArrowRight");
            }
            tabTo("Instrument");
            press("Enter");
            press("ArrowDown");
            press("Enter");
            assertThat(page.getByLabel("Full scale forward, W")).isVisible();
            fill("Rows over a band, MHz", "118 to 136");
            press("Enter");
            for (int row = 0; row < 19; row++) {
                page.keyboard().type("20");
                press("Enter");
                page.keyboard().type("1.2");
                press("Enter");
            }
            assertThat(page.getByText("18.8 W delivered")).hasCount(19);
            // From the empty row below the last Enter records.
            press("Enter");
            recorded(passes + 1);
            assertThat(desk.takeConsoleErrors()).isEmpty();
        }
    }

    @Test
    void fromPlanToSignOff() throws Exception {
        try (Desk desk = new Desk()) {
            page = desk.page();
            signIn(dorada);
            press("n");

            // The form begins at the name.
            assertThat(page.getByLabel("Name in the shop")).isFocused();
            page.keyboard().type("Lorry 70");
            fill("Name of channel 1", "Field");
            fill("Frequency of channel 1", "153.05");
            tabTo("Add a channel");
            press("Enter");
            fill("Name of channel 2", "Base");
            fill("Frequency of channel 2", "157.45");
            fill("SWR limit", "1.6");
            press("Enter");

            Locator sentence = page.locator(".sentence");
            assertThat(sentence).containsText("Take the baseline sweep");
            press("Enter");
            // What can be swept at once is swept by the next key.
            assertThat(page.getByLabel("From, MHz")).isFocused();
            press("Enter");
            recorded(1);
            for (int pass = 2; !sentence.textContent().contains("Good enough"); pass++) {
                assertThat(pass).as("passes until good enough").isLessThan(7);
                boolean isChange = sentence.textContent().matches(".*(Shorten|Lengthen).*");
                pressPrimary();
                assertThat(isChange ? page.getByLabel("By").first() : page.getByLabel("From, MHz"))
                        .isFocused();
                press("Enter");
                recorded(pass);
            }
            int pass = page.locator(".strip > button").count();
            pressPrimary();
            page.getByText("Cut deburred").waitFor();
            for (Locator step : page.locator("section [role=checkbox]").all()) {
                tabTo(step.textContent().replace('\u00a0', ' ').strip());
                press("Space");
            }
            tabTo("Final sweep");
            press("Enter");
            assertThat(page.getByLabel("From, MHz")).isFocused();
            press("Enter");
            recorded(pass + 1);
            assertThat(sentence).containsText("everything is tight");
            pressPrimary();
            fill("Final lengths, marks, conditions", "Depth mark filed.");
            tabTo("Sign off");
            press("Enter");
            assertThat(sentence).containsText(Pattern.compile("Signed off on pass"));
            assertThat(desk.takeConsoleErrors()).isEmpty();
        }
    }
}
