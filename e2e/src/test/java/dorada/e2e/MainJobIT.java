package dorada.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The work as it is done, in the real interface. */
class MainJobIT {

    private static final List<String[]> CHANNELS =
            List.of(new String[] {"Field", "153.05"}, new String[] {"Base", "157.45"});

    private static RunningDorada dorada;
    private static Desk desk;

    @BeforeAll
    static void open() throws Exception {
        dorada = RunningDorada.demoInUse();
        desk = new Desk();
    }

    @AfterAll
    static void close() throws Exception {
        desk.close();
        dorada.close();
    }

    @AfterEach
    void noPageComplained() {
        assertThat(desk.takeConsoleErrors()).isEmpty();
    }

    @Test
    void fromPlanToSignOffByOneTechnicianAndExportByAnother() throws Exception {
        Technician ines = new Technician(desk.page(), dorada.address()).signsIn("ines");
        ines.makesAnInstallation("Pick-up 21", "1.6", CHANNELS);
        assertThat(ines.sentence()).containsText("Take the baseline sweep");
        ines.takesTheBaseline();

        assertThat(ines.verdict()).containsText("Not met: SWR 1.60 or less on every channel");
        assertThat(ines.verdict()).containsText("at the radio end of the feedline");
        assertThat(ines.sentence()).containsText(Pattern.compile("Too long\\. Shorten the whip \\d+\\smm"));
        assertThat(ines.traces("expected")).hasCount(1);
        assertThat(ines.page().locator("table tbody tr:not(.dip)")).hasCount(2);
        assertThat(ines.page().locator("table tbody tr").first()).containsText(Pattern.compile("153\\.050.*j"));

        int pass = 1;
        while (!ines.sentence().textContent().contains("Good enough")) {
            assertThat(pass).as("passes until good enough").isLessThan(6);
            ines.doesAsAdvised(++pass);
            assertThat(ines.traces("earlier")).hasCount(pass - 1);
        }
        assertThat(pass).isGreaterThan(1);
        assertThat(ines.verdict()).containsText("Met: SWR 1.60 or less");
        Technician bruno = new Technician(desk.page(), dorada.address()).signsIn("bruno");
        bruno.finds("Pick-up 21");
        Technician marisol = new Technician(desk.page(), dorada.address()).signsIn("marisol");
        plansOneLikeIt(marisol);
        assertThat(ines.page().getByText("Bruno is here too")).isVisible();
        ines.makesItPermanent(++pass);
        assertThat(ines.sentence()).containsText("everything is tight");
        // He sees it come, without asking for it.
        assertThat(bruno.passes()).hasCount(pass);
        ines.signsOff("Depth mark filed, cap on.");
        assertThat(likes(marisol).filter(new Locator.FilterOptions().setHasText("Pick-up 21")))
                .isVisible();
        // What she was typing meanwhile stays.
        assertThat(marisol.field("Name in the shop")).hasValue("Pick-up 22");

        assertThat(bruno.sentence()).containsText("Signed off on pass " + pass);
        List<String> lines = bruno.exportsTheTrace().lines().toList();
        assertThat(lines).contains("# Hz S RI R 50");
        List<String> points = lines.stream()
                .filter(l -> !l.startsWith("!") && !l.startsWith("#"))
                .toList();
        assertThat(points).hasSize(401);
        // The exported reflection at the deepest point is what Bruno's screen calls the dip.
        double dipMhz = points.stream()
                .map(l -> l.split(" "))
                .min((a, b) -> Double.compare(reflected(a), reflected(b)))
                .map(p -> Double.parseDouble(p[0]) / 1e6)
                .orElseThrow();
        String shown = bruno.page()
                .locator("tbody tr")
                .nth(pass - 1)
                .locator("td")
                .nth(2)
                .textContent();
        assertThat(Double.parseDouble(shown.strip())).isCloseTo(dipMhz, within(1.0));
        isHandedOver(bruno);
        isRechecked(bruno, pass);
    }

    /** Nobody has signed this one off yet: it does not stand among those that are like it. */
    private static void plansOneLikeIt(Technician who) {
        who.page().navigate(dorada.address() + "/installations/new");
        who.field("Name in the shop").fill("Pick-up 22");
        for (int i = 0; i < CHANNELS.size(); i++) {
            if (i > 0) {
                who.button("Add a channel").click();
            }
            who.page().getByLabel("Name of channel " + (i + 1)).fill(CHANNELS.get(i)[0]);
            who.page().getByLabel("Frequency of channel " + (i + 1) + " in MHz").fill(CHANNELS.get(i)[1]);
        }
        assertThat(likes(who).filter(new Locator.FilterOptions().setHasText("Pick-up 3")))
                .isVisible();
        assertThat(likes(who).filter(new Locator.FilterOptions().setHasText("Pick-up 21")))
                .hasCount(0);
    }

    private static Locator likes(Technician who) {
        return who.page().locator("tbody tr");
    }

    private static void isHandedOver(Technician who) {
        String address = who.button("Customer’s copy (PDF)", AriaRole.LINK).getAttribute("href");
        APIResponse sheet = who.page().request().get(dorada.address() + address);
        assertThat(sheet.status()).isEqualTo(200);
        assertThat(sheet.headers()).containsEntry("content-type", "application/pdf");
        assertThat(new String(sheet.body(), 0, 5, StandardCharsets.ISO_8859_1)).isEqualTo("%PDF-");
    }

    /** Nobody has touched it: it is signed off again with what it shows, and nothing more is asked. */
    private static void isRechecked(Technician who, int signedOff) {
        who.button("Open a new visit").click();
        who.button("Open the visit").click();
        who.button("Sweep it as found").click();
        who.sweepsNow(signedOff + 1);
        assertThat(who.sentence()).containsText("Unchanged since it was signed off");
        assertThat(who.page().getByText("Against the sign-off: pass " + signedOff))
                .isVisible();
        who.signsOff("");
        assertThat(who.page().getByText("Recheck: unchanged")).isVisible();
    }

    private static double reflected(String[] point) {
        return Math.hypot(Double.parseDouble(point[1]), Double.parseDouble(point[2]));
    }

    @Test
    void aWrongFileIsRefusedWithItsLineAndARightOneIsKept() {
        Technician noa = new Technician(desk.page(), dorada.address()).signsIn("noa");
        noa.makesAnInstallation("Tractor 30", "2", CHANNELS);
        String good = "# MHz S RI R 50\n150 0.3 0.2\n154 0.1 0.05\n158 0.05 -0.1\n162 0.2 -0.3\n";
        noa.bringsAFile("yard.s1p", good.replace("158 0.05 -0.1", "158 0.05").getBytes(StandardCharsets.UTF_8));
        assertThat(noa.page().getByRole(com.microsoft.playwright.options.AriaRole.ALERT))
                .containsText("Line 4: expected 3 numbers, found 2");
        // The browser itself reports both refused requests: the look at the file, and its recording.
        noa.page().waitForTimeout(1000);
        assertThat(desk.takeConsoleErrors()).allMatch(e -> e.contains("status of 422"));
        assertThat(noa.passes()).hasCount(0);

        noa.sweepFile()
                .setInputFiles(new com.microsoft.playwright.options.FilePayload(
                        "yard.s1p", "text/plain", good.getBytes(StandardCharsets.UTF_8)));
        noa.button("Record the file").click();
        assertThat(noa.page().getByText("file yard.s1p")).isVisible();
        assertThat(noa.passes()).hasCount(1);
    }

    @Test
    void wrongNumbersAreSaidAtTheFieldAndWhatWasTypedStays() {
        Technician noa = new Technician(desk.page(), dorada.address()).signsIn("noa");
        noa.page().navigate(dorada.address() + "/installations/new");
        noa.field("Name in the shop").fill("Boat 2");
        noa.unfolds("Radio").unfolds("Adjusted");
        noa.field("Rated power, W").fill("a lot");
        noa.field("Smallest step").fill("1,500");
        noa.button("Create installation").click();
        assertThat(noa.page().getByText("\"a lot\" is not a number.")).isVisible();
        assertThat(noa.page().getByText("can be read in two ways")).isVisible();
        assertThat(noa.page().getByText("Please add at least one channel.")).isVisible();
        noa.page().reload();
        assertThat(noa.field("Name in the shop")).hasValue("Boat 2");
        assertThat(noa.field("Rated power, W")).hasValue("a lot");
    }

    @Test
    void aLostConnectionKeepsTheEntryAndSendsItOnceOnRequest() {
        Technician ines = new Technician(desk.page(), dorada.address()).signsIn("ines");
        ines.makesAnInstallation("Forklift 40", "1.6", CHANNELS).takesTheBaseline();
        ines.button(Pattern.compile("I shortened it by")).click();
        ines.field("By").fill("7 mm");
        ines.field("Note").fill("in the rain");

        ines.page().context().setOffline(true);
        ines.button("Sweep now").click();
        assertThat(ines.page().getByText("No connection to the server.")).isVisible();
        assertThat(ines.field("By")).hasValue("7 mm");
        ines.page().context().setOffline(false);

        // Now the server gets it, but the answer is lost on the way back.
        String address = "**/passes";
        ines.page().route(address, route -> loseTheAnswer(route));
        ines.button("Send again").click();
        assertThat(ines.page().getByText("No connection to the server.")).isVisible();
        ines.page().unroute(address);
        ines.sweepsNow(2);

        assertThat(ines.passes()).hasCount(2);
        assertThat(ines.passes().nth(1)).containsText("−7 mm");
        assertThat(desk.takeConsoleErrors()).allMatch(e -> e.contains("net::ERR"));
    }

    private static void loseTheAnswer(Route route) {
        if ("POST".equals(route.request().method())) {
            route.fetch();
            route.abort();
        } else {
            route.resume();
        }
    }

    @Test
    void theWholeLoopWorksByKeyboardAndLengthsShowInInchesToo() {
        Technician bruno = new Technician(desk.page(), dorada.address()).signsIn("bruno");
        bruno.makesAnInstallation("Lorry 50", "1.6", CHANNELS);
        Page page = bruno.page();
        // A key does what the big button says, so the button must be there first.
        assertThat(bruno.button("Take the baseline sweep")).isVisible();
        page.keyboard().press("Enter");
        bruno.field("Note").press("Tab");
        bruno.field("Points").press("Enter");
        assertThat(page.getByText("pass 1 ·")).isVisible();
        assertThat(bruno.button(Pattern.compile("I (shortened|lengthened) it by")))
                .isVisible();
        page.keyboard().press("Enter");
        bruno.field("By").fill("1/4 in");
        bruno.field("By").press("Enter");
        assertThat(page.getByText("pass 2 ·")).isVisible();
        bruno.prefers("inch");
        assertThat(bruno.passes().nth(1)).containsText("−1/4 in");
        page.keyboard().press("ArrowLeft");
        assertThat(page.getByText("pass 1 ·")).isVisible();
        page.keyboard().press("f");
        assertThat(bruno.heading("Sign off on pass 2")).isVisible();
    }

    @Test
    void twoPeopleChangingThePlanAtOnceLoseNothing() {
        Technician ines = new Technician(desk.page(), dorada.address()).signsIn("ines");
        ines.makesAnInstallation("Pick-up 60", "2", CHANNELS);
        String edit = ines.page().url() + "/edit";
        Technician noa = new Technician(desk.page(), dorada.address()).signsIn("noa");
        ines.page().navigate(edit);
        noa.page().navigate(edit);
        assertThat(noa.field("Customer")).hasValue("Olive growers' cooperative");
        assertThat(ines.field("Customer")).hasValue("Olive growers' cooperative");
        noa.field("Customer").fill("Ferry port");
        noa.button("Save the plan").click();
        assertThat(noa.heading("Pick-up 60")).isVisible();

        ines.field("SWR limit").fill("1.7");
        ines.button("Save the plan").click();
        assertThat(ines.page().getByText("put together below")).isVisible();
        assertThat(ines.field("Customer")).hasValue("Ferry port");
        assertThat(ines.field("SWR limit")).hasValue("1.7");
        assertThat(desk.takeConsoleErrors()).allMatch(e -> e.contains("status of 409"));
        ines.button("Save the plan").click();
        assertThat(ines.heading("Pick-up 60")).isVisible();
    }
}
