package mensch.e2e;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.assertj.core.api.Assertions;

/** Debian's Chromium with a page per coach; every page fails the test on a script error. */
final class Chromium implements AutoCloseable {
    private final Playwright playwright;
    private final Browser browser;
    private final List<String> errors = new ArrayList<>();

    /** A busy machine is no fault of a view. */
    private static final double PATIENCE_MILLIS = 20_000;

    Chromium() {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MILLIS);
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setHeadless(true)
                        .setChromiumSandbox(false)
                        .setArgs(List.of(
                                "--disable-gpu",
                                "--disable-quic",
                                "--no-first-run",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync")));
    }

    /** A fresh browser window at 1280 x 800, signed in, on a view. */
    Page signedIn(int port, String username, String view) {
        BrowserContext context = browser.newContext(new Browser.NewContextOptions()
                .setViewportSize(1280, 800)
                .setLocale("en-GB")
                .setTimezoneId("UTC"));
        Page page = context.newPage();
        page.onPageError(errors::add);
        page.navigate("http://127.0.0.1:" + port + view);
        page.fill("[name=username]", username);
        page.fill("[name=password]", "otters-demo");
        page.keyboard().press("Enter");
        return page;
    }

    /** No serious or critical accessibility fault on what the page shows now. */
    static void assertAccessible(Page page) {
        assertNone(page, new AxeBuilder(page));
    }

    /** The same of one part of it, the view behind it having been looked at. */
    static void assertAccessible(Page page, String part) {
        assertNone(page, new AxeBuilder(page).include(part));
    }

    /** No text with too little contrast on what the page shows now. */
    static void assertReadable(Page page) {
        assertNone(page, new AxeBuilder(page).withRules(List.of("color-contrast")));
    }

    /** Where the keys are is seen on every control: its ring has contrast enough with the paper. */
    static void assertRinged(Page page) {
        page.keyboard().press("Tab");
        Assertions.assertThat(measured(page, "/rings.js")).as(page.url()).isEmpty();
    }

    /** What a measuring script finds wrong on the page. */
    static List<?> measured(Page page, String script) {
        page.evaluate(script("/measure.js"));
        return (List<?>) page.evaluate(script(script));
    }

    /** A script of the tests. */
    private static String script(String name) {
        try (var in = Chromium.class.getResourceAsStream(name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What waits for an answer is dimmed meanwhile: it is looked at when the answer is there. */
    private static void assertNone(Page page, AxeBuilder axe) {
        page.waitForFunction("() => !document.querySelector('[aria-busy=true]')");
        var faults = axe.analyze().getViolations().stream()
                .filter(v -> List.of("serious", "critical").contains(v.getImpact()))
                .map(v -> v.getId() + ": " + v.getNodes().get(0).getTarget() + " " + v.getHelp())
                .toList();
        Assertions.assertThat(faults).isEmpty();
    }

    /** Closes every window of the test that ends, so that none of them works on under the next. */
    void leave() {
        List.copyOf(browser.contexts()).forEach(BrowserContext::close);
    }

    void assertNoScriptErrors() {
        Assertions.assertThat(errors).isEmpty();
    }

    @Override
    public void close() {
        browser.close();
        playwright.close();
    }
}
