package dorada.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Every main view against axe, in each look: no serious and no critical finding; and whether everything has its place. */
class AccessibilityIT {

    /** Addresses, and words that stand there once they are ready. */
    private static final String[][] VIEWS = {
        {"/installations/new", "What is fitted"},
        {"/due", "Limits that stand"},
        {"/radios", "known to be good"},
        {"/stations", "Repeaters, bases"},
        {"/book", "Tow plane"},
        {"/numbers", "Where the jobs stand"},
        {"/catalogue", "As a table"},
        {"/files", "Bring many sweep files in"},
        {"/lessons", "What the shop learnt"},
        {"/plan", "Claim:"},
        {"/plan/ground", "From above"},
        {"/plan/watts", "What each change is worth"},
        {"/plan/paper", "On paper"},
        {"/cutting", "What shall it be?"},
        {"/cutting?kind=tube-j-pole&f=146500000&show=sheet", "The wires are solved"},
        {"/cutting?kind=tube-j-pole&f=146500000&show=steps", "The wires are solved"},
        {"/cutting?kind=tube-j-pole&f=146500000&show=whatif", "The wires are solved"},
        {"/desk", "No traces yet"},
        {"/desk/calibrations", "A calibration holds"},
        {"/live", "Ready to sweep"},
        {"/practice", "On the bench"},
        {"/exercises", "Begin an exercise"},
    };

    /**
     * How large the screen is: what is beside one another on a desk stands below on a tablet. On a desk everything on paper and what
     * depends on colours at night; on a tablet everything in the sun.
     */
    private enum Sight {
        DESK(1280, 800),
        TABLET(820, 1180);

        private final int width;
        private final int height;

        Sight(int width, int height) {
            this.width = width;
            this.height = height;
        }
    }

    private static final String LOOK = """
            look => document.querySelector('#app').__vue_app__.config.globalProperties.$pinia.state.value.preferences.look = look
            """;

    /** A colour on its way to another has neither's contrast. */
    private static final String NO_TRANSITIONS = """
            addEventListener('DOMContentLoaded', () => {
              const style = document.createElement('style')
              style.textContent = '* { transition: none !important; animation: none !important }'
              document.head.append(style)
            })
            """;

    private static Locator.WaitForOptions hidden() {
        return new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN);
    }

    @Test
    void mainViewsHaveNoSeriousFinding() throws Exception {
        try (RunningDorada dorada = RunningDorada.demoInUse();
                Desk desk = new Desk()) {
            Page page = desk.page();
            page.addInitScript(NO_TRANSITIONS);
            page.navigate(dorada.address());
            page.getByLabel("Login").waitFor();
            check(page, "sign in");
            Technician ines = new Technician(page, dorada.address()).signsIn("ines");
            for (Sight sight : Sight.values()) {
                page.setViewportSize(sight.width, sight.height);
                page.navigate(dorada.address());
                page.getByText("Tractor 7").waitFor();
                check(page, sight, "board");
                page.getByText("Tractor 7").click();
                ines.sentence().waitFor();
                check(page, sight, "tuning");
                ines.button("Table").first().click();
                page.getByRole(AriaRole.DIALOG).getByText("MHz").first().waitFor();
                check(page, sight, "figures of a picture");
                page.keyboard().press("Escape");
                page.getByRole(AriaRole.DIALOG).waitFor(hidden());
                // The focus is back on the button that opened the figures.
                page.locator("button.within-reach").click();
                check(page, sight, "recording");
                page.getByText("Cancel").click();
                for (String step : List.of("Get ready", "On the air")) {
                    page.getByText(step, new Page.GetByTextOptions().setExact(true))
                            .first()
                            .click();
                    page.locator("section h2").first().waitFor();
                    check(page, sight, step);
                }
                page.navigate(dorada.address());
                ines.finds("Depot mast");
                page.getByText("Against the sign-off").waitFor();
                check(page, sight, "recheck");
                for (String[] view : VIEWS) {
                    page.navigate(dorada.address() + view[0]);
                    page.getByText(view[1]).first().waitFor();
                    check(page, sight, view[0]);
                }
                page.navigate(dorada.address() + "/live/meters");
                ines.button("Set the needle to full scale").click();
                ines.button("Transmit and read").click();
                page.getByText("Spurious").waitFor();
                check(page, sight, "meters");
                page.navigate(dorada.address() + "/model");
                ines.button("Solve").click();
                page.getByText("Greatest gain").waitFor();
                check(page, sight, "model");
            }
            inOtherWordsAndUnits(page, dorada);
            menusAndLists(page, dorada);
            page.navigate(dorada.address() + "/me");
            ines.field("What for").waitFor();
            check(page, "my page");
            page.navigate(dorada.address() + "/instruments");
            ines.button("Ask who it is").waitFor();
            check(page, "instruments");
            page.context().clearCookies();
            new Technician(page, dorada.address()).signsIn("marisol");
            page.getByText("installations need work").waitFor();
            page.navigate(dorada.address() + "/removed");
            page.getByText("Nothing was removed").waitFor();
            check(page, "removed");
            page.navigate(dorada.address() + "/people");
            page.getByText("Read an archive").waitFor();
            check(page, "people, as the lead");
        }
    }

    /** Spanish is longer than English, and an inch with its fraction than millimetres; on a tablet, as it was left. */
    private static void inOtherWordsAndUnits(Page page, RunningDorada dorada) {
        prefer(page, "es", "inch");
        for (String[] view : new String[][] {
            {"/", "necesitan trabajo"},
            {"/installations/new", "Canales"},
            {"/plan/paper", "Imprimir"},
            {"/cutting?kind=beam&f=146500000&show=sheet", "mitades del elemento"},
        }) {
            page.navigate(dorada.address() + view[0]);
            page.getByText(view[1]).first().waitFor();
            Layout.check(page, "in Spanish and inches: " + view[0]);
        }
        prefer(page, "en", "mm");
    }

    private static void prefer(Page page, String language, String unit) {
        page.evaluate("""
                ([language, unit]) => Object.assign(
                  document.querySelector('#app').__vue_app__.config.globalProperties.$pinia.state.value.preferences,
                  { language, unit })
                """, List.of(language, unit));
    }

    /** What opens above a page: a list, the search, the person's menu, a question. */
    private static void menusAndLists(Page page, RunningDorada dorada) {
        page.navigate(dorada.address() + "/plan");
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Fitted to"))
                .click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Aircraft"))
                .waitFor();
        check(page, "an open list");
        page.keyboard().press("Escape");
        page.keyboard().press("Control+k");
        page.keyboard().type("tract");
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Tractor 7"))
                .waitFor();
        check(page, "the search");
        page.keyboard().press("Escape");
        page.locator("button.person").click();
        page.getByText("Sign out").waitFor();
        check(page, "the person's menu");
        page.keyboard().press("Escape");
        page.navigate(dorada.address() + "/installations/new");
        for (var more : page.locator("summary").all()) {
            more.click();
        }
        page.getByText("Several alike").click();
        check(page, "all of a new installation");
    }

    private static void check(Page page, Sight sight, String view) {
        if (sight == Sight.TABLET) {
            wear(page, "sun");
            check(page, "sun, tablet: " + view);
            return;
        }
        check(page, view);
        wear(page, "night");
        noneSerious(axe(page).withRules(List.of("color-contrast", "link-in-text-block")), "night: " + view);
        wear(page, "paper");
    }

    private static void wear(Page page, String look) {
        page.evaluate(LOOK, look);
        assertThat(page.locator("html").getAttribute("data-look")).isEqualTo(look);
    }

    static void check(Page page, String view) {
        noneSerious(axe(page), view);
        Layout.check(page, view);
    }

    /** What passes is not described, which would take most of the time. */
    private static AxeBuilder axe(Page page) {
        AxeRunOptions options = new AxeRunOptions();
        options.setResultTypes(List.of("violations"));
        return new AxeBuilder(page).setLegacyMode(true).options(options);
    }

    private static void noneSerious(AxeBuilder axe, String view) {
        List<Rule> serious = axe.analyze().getViolations().stream()
                .filter(v -> "serious".equals(v.getImpact()) || "critical".equals(v.getImpact()))
                .toList();
        assertThat(serious)
                .as(view)
                .extracting(v -> v.getId() + ": " + v.getNodes().get(0).getHtml())
                .isEmpty();
    }
}
