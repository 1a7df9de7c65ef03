package mensch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import mensch.app.RunningApp;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.extension.ExtendWith;

/** Tests of the running application in a browser of their own; a script error on any page fails them. */
@ExtendWith(RunningApp.class)
abstract class InBrowser {
    static Chromium chromium;

    @BeforeAll
    static void open() {
        chromium = new Chromium();
    }

    /** Waits until the board has answered and been drawn, plays included: from then on nothing moves by itself. */
    static void settled(Page page) {
        assertThat(page.locator(".board[aria-busy=false]")).isVisible();
    }

    @AfterEach
    void leave() {
        chromium.leave();
    }

    @AfterAll
    static void close() {
        chromium.assertNoScriptErrors();
        chromium.close();
    }
}
