package dorada.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Every main view against axe, in each look: no serious and no critical finding. */
class AccessibilityIT {

    @Test
    void mainViewsHaveNoSeriousFinding() throws Exception {
        try (RunningDorada dorada = RunningDorada.demo();
                Desk desk = new Desk()) {
            Page page = desk.page();
            page.navigate(dorada.address());
            page.getByLabel("Login").waitFor();
            check(page, "sign in");
            Technician ines = new Technician(page, dorada.address()).signsIn("ines");
            for (String look : List.of("Paper", "Sun", "Night")) {
                page.navigate(dorada.address());
                ines.button(look).click();
                page.getByText("Tractor 7").waitFor();
                check(page, look + " board");
                page.getByText("Tractor 7").click();
                ines.sentence().waitFor();
                check(page, look + " tuning");
                page.keyboard().press("Enter");
                check(page, look + " recording");
                page.getByText("Cancel").click();
                page.navigate(dorada.address() + "/installations/new");
                ines.field("Name in the shop").waitFor();
                check(page, look + " plan form");
                page.navigate(dorada.address() + "/plan/watts");
                page.getByText("What each change is worth").waitFor();
                check(page, look + " watts");
                page.getByText("Ground plane").click();
                page.getByText("Solve, and a curve").waitFor();
                check(page, look + " ground");
                page.getByText("Antenna", new Page.GetByTextOptions().setExact(true))
                        .click();
                page.getByText("Claim:").first().waitFor();
                check(page, look + " antenna choice");
                page.navigate(dorada.address() + "/cutting");
                page.locator("a.kind").first().waitFor();
                check(page, look + " cut sheets");
                for (String part : new String[] {"sheet", "steps", "whatif"}) {
                    page.navigate(dorada.address() + "/cutting?kind=tube-j-pole&f=146500000&show=" + part);
                    page.getByText("The wires are solved").waitFor();
                    check(page, look + " cut sheet, " + part);
                }
                page.navigate(dorada.address() + "/live");
                page.getByText("On the bench").waitFor();
                check(page, look + " live sweep");
                page.getByText("Meters").click();
                ines.button("Set the needle to full scale").click();
                ines.button("Transmit and read").click();
                page.getByText("Spurious").waitFor();
                check(page, look + " meters");
                page.navigate(dorada.address() + "/model");
                ines.button("Solve").click();
                page.getByText("Greatest gain").waitFor();
                check(page, look + " model");
            }
            page.navigate(dorada.address() + "/me");
            ines.field("What for").waitFor();
            check(page, "my page");
            page.navigate(dorada.address() + "/instruments");
            ines.button("Ask who it is").waitFor();
            check(page, "instruments");
            page.context().clearCookies();
            new Technician(page, dorada.address()).signsIn("marisol");
            page.getByText("installations wait").waitFor();
            page.navigate(dorada.address() + "/removed");
            page.getByText("Nothing is laid aside").waitFor();
            check(page, "removed");
            page.navigate(dorada.address() + "/people");
            page.getByText("Read an archive").waitFor();
            check(page, "people, as the lead");
        }
    }

    private static void check(Page page, String view) {
        List<Rule> serious = new AxeBuilder(page)
                .analyze().getViolations().stream()
                        .filter(v -> "serious".equals(v.getImpact()) || "critical".equals(v.getImpact()))
                        .toList();
        assertThat(serious)
                .as(view)
                .extracting(v -> v.getId() + ": " + v.getNodes().get(0).getHtml())
                .isEmpty();
    }
}
