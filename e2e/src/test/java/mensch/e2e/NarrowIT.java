package mensch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Every view in a hand, on a screen read at 200 %, and on a small screen: one column where there is no room for two.
 */
class NarrowIT extends InBrowser {
    /** Pixels, as the style sheets count them. */
    private enum Screen {
        PHONE(390, 844),
        TWICE_THE_SIZE(640, 400),
        SMALL(1024, 700);

        private final int width;
        private final int height;

        Screen(int width, int height) {
            this.width = width;
            this.height = height;
        }
    }

    private static final int FIELD_HEIGHT = 150;

    private static final List<String> WITH_FIELD = List.of(
            "/board",
            "/playbook/compare?first=anvil-drizzle&second=anvil-fog",
            "/playbook/play/run/power",
            "/playbook/pressure",
            "/playbook/card/anvil-drizzle");

    private static final List<String> WITHOUT = List.of(
            "/",
            "/playbook",
            "/playbook/call/anvil-drizzle",
            "/plan",
            "/film",
            "/grades",
            "/grades/agreement",
            "/programme",
            "/programme/roster",
            "/programme/figures");

    /** Wider than its place: neither the page nor the view, whatever a table does in itself. */
    private static final String WIDER =
            "() => [document.documentElement, document.querySelector('main')].some(e => e.scrollWidth > e.clientWidth)";

    @ParameterizedTest
    @EnumSource
    void everyViewHasItsPlace(Screen screen, int port) {
        Page page = chromium.signedIn(port, "marrow", "/board");
        settled(page);
        page.setViewportSize(screen.width, screen.height);
        WITHOUT.forEach(view -> look(page, port, view));
        for (String view : WITH_FIELD) {
            look(page, port, view);
            page.locator("svg.field .offence").first().waitFor();
            Assertions.assertThat(page.locator("svg.field").first().boundingBox().height)
                    .as(view)
                    .isGreaterThan(FIELD_HEIGHT);
        }
    }

    private static void look(Page page, int port, String view) {
        page.navigate("http://127.0.0.1:" + port + view);
        assertThat(page.locator("main h1, main nav[aria-label=House]").first()).isVisible();
        assertThat(page.locator("[aria-busy=true]")).hasCount(0);
        Assertions.assertThat((Boolean) page.evaluate(WIDER)).as(view).isFalse();
    }

    @Test
    void aPlayersJobStandsInHisHand(int port) {
        Page page = chromium.signedIn(port, "lind", "/mine");
        page.setViewportSize(390, 844);
        assertThat(page.locator("dl dd").first()).isInViewport();
        Assertions.assertThat((Boolean) page.evaluate(WIDER)).isFalse();
    }

    /** Without a mouse: the view that was come to has the keys that roll it. */
    @Test
    void aNarrowViewIsRolledByItsKeys(int port) {
        Page page = chromium.signedIn(port, "marrow", "/board");
        settled(page);
        page.setViewportSize(640, 400);
        page.navigate("http://127.0.0.1:" + port + "/programme");
        assertThat(page.locator("legend").first()).isVisible();
        assertThat(page.locator("#work")).isFocused();
        page.keyboard().press("PageDown");
        page.waitForFunction("() => document.querySelector('main').scrollTop > 100");
    }
}
