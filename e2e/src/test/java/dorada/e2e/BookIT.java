package dorada.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The shop's book: found by what is known of it, and begun again for the next one that is like it. */
class BookIT {

    private static Locator rows(Page page, String text) {
        return page.locator("tbody tr").filter(new Locator.FilterOptions().setHasText(text));
    }

    @Test
    void whatWasLearntOnceIsThereForTheNextOne() throws Exception {
        try (RunningDorada dorada = RunningDorada.demo();
                Desk desk = new Desk()) {
            Page page = desk.page();
            page.navigate(dorada.address());
            Technician ines = new Technician(page, dorada.address()).signsIn("ines");

            // Two letters wrong, and from several fields together; what was asked stands in the address.
            page.navigate(dorada.address() + "/book");
            page.locator(".filters input").first().fill("aircraft trianer");
            assertThat(page.locator("tbody tr")).hasCount(1);
            assertThat(rows(page, "Trainer with fabric skin")).isVisible();
            assertThat(page.url()).contains("search=aircraft");
            page.reload();
            assertThat(rows(page, "Trainer with fabric skin")).isVisible();
            page.locator(".filters input").first().fill("nobody has this");
            assertThat(page.getByText("Nothing was found.")).isVisible();

            page.locator(".filters input").first().fill("Pick-up 3");
            rows(page, "Pick-up 3").getByText("One like it").click();
            assertThat(page.getByLabel("Customer")).not().hasValue("");
            ines.field("Name in the shop").fill("Pick-up 21");
            ines.button("Create installation").click();
            assertThat(ines.heading("Pick-up 21")).isVisible();
            ines.button(Pattern.compile("^Plan\\b")).click();
            assertThat(page.getByText("Like this one")).isVisible();
            assertThat(rows(page, "Pick-up 3").first()).containsText("100 %");

            // What is written down on it stands there for whoever plans the next.
            ines.button("Write a lesson down").click();
            ines.field("What should whoever fits the next one know?").fill("Paint under this base: scrape first");
            ines.button("Save the lesson").click();
            assertThat(page.getByText("Paint under this base")).isVisible();
            page.navigate(dorada.address() + "/installations/new");
            assertThat(page.getByText("Paint under this base")).isVisible();
            page.navigate(dorada.address() + "/lessons");
            Locator written = page.locator("ul.lessons li")
                    .filter(new Locator.FilterOptions().setHasText("Paint under this base"));
            written.getByText("Remove").click();
            assertThat(written).hasCount(0);
            // What the shop knew before is still there.
            assertThat(page.locator("ul.lessons li")).hasCount(1);
        }
    }
}
