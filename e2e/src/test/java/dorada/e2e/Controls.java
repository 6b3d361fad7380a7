package dorada.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;

/** A page's controls, worked as a person does: by what stands on them. */
final class Controls {

    private static final int TIMES = 3;
    private static final double OPENS_WITHIN_MS = 6000;

    private Controls() {}

    /**
     * Opens the list called {@code name} and takes the first option whose words hold {@code option}. One that closes under the hand,
     * because the page has only now got what it asked for, is opened again until it says what was chosen, as a person does.
     */
    static void choose(Page page, String name, String option) {
        Locator list = page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(name))
                .first();
        Locator wanted = page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(option))
                .first();
        // What is chosen is a part of a list's name.
        Locator chosen = page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(option))
                .first();
        for (int again = 0; again < TIMES; again++) {
            list.click();
            try {
                wanted.click(new Locator.ClickOptions().setTimeout(OPENS_WITHIN_MS));
                chosen.waitFor(new Locator.WaitForOptions().setTimeout(OPENS_WITHIN_MS));
                return;
            } catch (TimeoutError closed) {
                page.keyboard().press("Escape");
            }
        }
        list.click();
        wanted.click();
        chosen.waitFor();
    }

    static void fromMenu(Page page, String button, String item) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(button))
                .click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(item))
                .click();
    }

    /** One of a few that are all visible. */
    static void take(Page page, String word) {
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(word).setExact(true))
                .check(new Locator.CheckOptions().setForce(true));
    }
}
