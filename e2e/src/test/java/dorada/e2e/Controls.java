package dorada.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** A page's controls, worked as a person does: by what stands on them. */
final class Controls {

    private Controls() {}

    /** Opens the list called {@code name} and takes the first option whose words hold {@code option}. */
    static void choose(Page page, String name, String option) {
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(name))
                .first()
                .click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(option))
                .first()
                .click();
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
