package dorada.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.function.Consumer;
import java.util.regex.Pattern;

/** Somebody of the shop at their own browser; methods are the steps of the work. */
final class Technician {

    private final Page page;
    private final String address;

    Technician(Page page, String address) {
        this.page = page;
        this.address = address;
    }

    Page page() {
        return page;
    }

    Technician signsIn(String login) {
        page.navigate(address);
        page.getByLabel("Login").fill(login);
        page.getByLabel("Password").fill(RunningDorada.DEMO_PASSWORD);
        page.keyboard().press("Enter");
        assertThat(menu()).isVisible();
        return this;
    }

    /** What this person likes: a unit, a language, a look. */
    Technician prefers(String word) {
        menu().click();
        Controls.take(page, word);
        page.keyboard().press("Escape");
        assertThat(menu()).hasAttribute("aria-expanded", "false");
        assertThat(page.locator("[role=dialog].panel")).isHidden();
        return this;
    }

    private Locator menu() {
        return page.locator("button.person");
    }

    /** A quarter-wave whip on a vehicle, judged under a limit at the radio end. */
    Technician makesAnInstallation(String title, String limit, List<String[]> channels) {
        return makesAnInstallation(title, limit, channels, form -> {});
    }

    /** The same with what else is filled in or chosen in the form. */
    Technician makesAnInstallation(String title, String limit, List<String[]> channels, Consumer<Technician> fillsIn) {
        button("New installation", AriaRole.LINK).first().click();
        fillsIn.accept(this);
        field("Name in the shop").fill(title);
        field("Customer").fill("Olive growers' cooperative");
        unfolds("On which").unfolds("Radio");
        field("Where on it").fill("Double-cab pick-up, steel roof 1.4 × 1.2 m");
        field("Rated power, W").fill("25");
        field("SWR limit").fill(limit);
        for (int i = 0; i < channels.size(); i++) {
            if (i > 0) {
                button("Add a channel").click();
            }
            page.getByLabel("Name of channel " + (i + 1)).fill(channels.get(i)[0]);
            page.getByLabel("Frequency of channel " + (i + 1) + " in MHz").fill(channels.get(i)[1]);
        }
        button("Create installation").click();
        assertThat(heading(title)).isVisible();
        return this;
    }

    /** Opens what is folded away under a title that begins so. */
    Technician unfolds(String title) {
        page.locator("summary", new Page.LocatorOptions().setHasText(title))
                .first()
                .click();
        return this;
    }

    Technician takesTheBaseline() {
        button("Take the baseline sweep").click();
        return sweepsNow(1);
    }

    private Locator advised() {
        return button(Pattern.compile("I (shortened|lengthened) it by"));
    }

    /** Whether nothing is left to be done, once the page says the one or the other. */
    boolean isGoodEnough() {
        Locator done = sentence().filter(new Locator.FilterOptions().setHasText("Good enough"));
        try {
            assertThat(advised().or(done).first()).isVisible();
        } catch (AssertionError e) {
            throw new AssertionError(page.locator("body").innerText(), e);
        }
        return done.isVisible();
    }

    /** Does what the one big button advises, and sweeps again as pass {@code number}. */
    Technician doesAsAdvised(int number) {
        advised().click();
        return sweepsNow(number);
    }

    Technician sweepsNow(int number) {
        button(Pattern.compile("Sweep now|Send again")).click();
        assertThat(page.getByText("pass " + number + " ·")).isVisible();
        // The form goes after the pass has come.
        assertThat(button(Pattern.compile("Sweep now|Send again"))).isHidden();
        return this;
    }

    Technician bringsAFile(String name, byte[] bytes) {
        button("Take the baseline sweep").click();
        page.getByText("File", new Page.GetByTextOptions().setExact(true)).click();
        sweepFile()
                .setInputFiles(
                        new com.microsoft.playwright.options.FilePayload(name, "application/octet-stream", bytes));
        button("Record the file").click();
        return this;
    }

    /** Not just the first place for a file: the picture of the place has one too, and may be there earlier. */
    Locator sweepFile() {
        return page.locator("input[type=file][accept*=s1p]");
    }

    /** Ticks the list and takes the last sweep, as pass {@code number}. */
    Technician makesItPermanent(int number) {
        button(Pattern.compile("Make it permanent")).click();
        for (var step : page.locator("section [role=checkbox]").all()) {
            step.check();
        }
        button("Final sweep").click();
        assertThat(heading("Final sweep")).isVisible();
        return sweepsNow(number);
    }

    Technician signsOff(String remark) {
        button("Sign off").last().click();
        field("Final lengths, marks, conditions").fill(remark);
        page.locator("form").getByRole(AriaRole.BUTTON, named("Sign off")).click();
        assertThat(sentence()).containsText("Signed off on pass");
        return this;
    }

    Technician finds(String title) {
        page.getByLabel("Search").fill(title);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(title))
                .click();
        assertThat(heading(title)).isVisible();
        return this;
    }

    String exportsTheTrace() throws IOException {
        Download download = page.waitForDownload(
                () -> button("Export the trace (.s1p)", AriaRole.LINK).click());
        return Files.readString(download.path());
    }

    Locator sentence() {
        return page.locator(".sentence");
    }

    Locator verdict() {
        return page.locator(".verdict");
    }

    Locator passes() {
        return page.locator(".strip > button");
    }

    Locator traces(String kind) {
        return page.locator("path.trace." + kind);
    }

    Locator field(String name) {
        return page.getByLabel(name, new Page.GetByLabelOptions().setExact(true));
    }

    Locator heading(String text) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(text));
    }

    Locator button(String name) {
        return button(name, AriaRole.BUTTON);
    }

    Locator button(String name, AriaRole role) {
        return page.getByRole(role, new Page.GetByRoleOptions().setName(name));
    }

    Locator button(Pattern name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private static Locator.GetByRoleOptions named(String name) {
        return new Locator.GetByRoleOptions().setName(name);
    }
}
