package dorada.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Debian's Chromium, without a window; each person gets a context of their own, as on a machine of their own. */
final class Desk implements AutoCloseable {

    private final Playwright playwright;
    private final Browser browser;
    private final List<String> consoleErrors = new ArrayList<>();

    Desk() {
        // A build machine may be slow; a page that is wrong stays wrong for longer than this.
        PlaywrightAssertions.setDefaultAssertionTimeout(30_000);
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-quic",
                                "--no-first-run",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync")));
    }

    Page page() {
        return page(1280, 800);
    }

    Page page(int width, int height) {
        return page(options(width, height));
    }

    /** With a finger instead of a mouse. */
    Page tablet(int width, int height) {
        return page(options(width, height).setHasTouch(true).setIsMobile(true));
    }

    private static Browser.NewContextOptions options(int width, int height) {
        return new Browser.NewContextOptions().setViewportSize(width, height).setLocale("en-GB");
    }

    private Page page(Browser.NewContextOptions options) {
        BrowserContext context = browser.newContext(options);
        context.setDefaultTimeout(30_000);
        Page page = context.newPage();
        page.onConsoleMessage(message -> {
            if ("error".equals(message.type())) {
                consoleErrors.add(message.text() + " " + message.location());
            }
        });
        page.onPageError(consoleErrors::add);
        return page;
    }

    /** What the pages complained about; forgotten afterwards. */
    List<String> takeConsoleErrors() {
        List<String> taken = List.copyOf(consoleErrors);
        consoleErrors.clear();
        return taken;
    }

    @Override
    public void close() {
        browser.close();
        playwright.close();
    }
}
