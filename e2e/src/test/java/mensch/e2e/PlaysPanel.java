package mensch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** The list of plays beside the board, as a coach goes through it. */
final class PlaysPanel {
    private PlaysPanel() {}

    /** Opens it when the line-up has been met by the plays. */
    static Locator open(Page page) {
        Locator panel = page.locator(".board aside");
        assertThat(panel.locator(".rules summary")).containsText("of 12 rules");
        page.locator(".facts").click();
        page.keyboard().press("p");
        return panel;
    }

    /** Chooses the one play that these words find; what is said of running it. */
    static Locator choose(Locator panel, String words) {
        panel.getByLabel("Find a play").fill(words);
        assertThat(panel.locator(".line")).hasCount(1);
        panel.locator(".line").press("Enter");
        Locator run = panel.getByLabel("Run it", new Locator.GetByLabelOptions().setExact(true));
        assertThat(run.getByRole(AriaRole.BUTTON)).hasText(Pattern.compile("Run it"));
        return run;
    }

    /** Runs what is chosen, with the key. */
    static void run(Page page, Locator run) {
        page.locator(".facts").click();
        page.keyboard().press("i");
        assertThat(run).containsText("Of 200 snaps (model)");
    }
}
