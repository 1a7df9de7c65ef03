package mensch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What men are graded by: made one's own, published, and read by the other coaches. */
class RubricIT extends InBrowser {
    private static final String ID = "our-flag-men";

    @Test
    void aRubricOfTheCatalogueIsMadeOnesOwnByKeysAlone(int port) {
        Page page = chromium.signedIn(port, "marrow", "/playbook/rubrics");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Small-sided zone, rusher and deep man"))
                .press("Enter");
        Locator good = page.getByLabel("Good, row 3");
        String before = good.inputValue();
        good.press("Control+a");
        page.keyboard().type("as we teach it");
        page.keyboard().press("Enter");
        assertThat(good).hasValue("as we teach it");
        page.keyboard().press("z");
        assertThat(good).hasValue(before);
        good.press("Control+a");
        page.keyboard().type("as we teach it");
        page.keyboard().press("Enter");
        Chromium.assertAccessible(page);
        page.getByLabel("Name").fill("Our flag men");
        page.getByLabel("Name").press("Tab");
        page.locator("section[aria-label='As it is written']").focus();
        page.keyboard().press("s");
        page.waitForURL("**/playbook/rubric/" + ID);
        assertThat(page.locator("header")).containsText("revision 1");
        page.keyboard().press("Escape");
        Locator ours = page.locator("tr", new Page.LocatorOptions().setHasText("Our flag men"));
        assertThat(ours).containsText("ours, revision 1, a draft: asks nobody but you");

        Page abara = chromium.signedIn(port, "abara", "/playbook/rubrics");
        assertThat(abara.locator("tbody tr")).not().hasCount(0);
        assertThat(abara.locator("text=Our flag men")).hasCount(0);
        ours.getByRole(AriaRole.LINK).press("Enter");
        page.getByText(Pattern.compile("^Publish")).press("Enter");
        assertThat(page.locator("text=Take it back to a draft")).isVisible();
        abara.navigate("http://127.0.0.1:" + port + "/playbook/rubric/" + ID);
        assertThat(abara.locator("td", new Page.LocatorOptions().setHasText("as we teach it")))
                .isVisible();
        assertThat(abara.locator("textarea, fieldset")).hasCount(0);
        Chromium.assertAccessible(abara);
        abara.setViewportSize(390, 844);
        assertThat(abara.locator("td", new Page.LocatorOptions().setHasText("as we teach it")))
                .isInViewport();
        page.locator("text=Take it back to a draft").press("Enter");
        assertThat(page.getByText(Pattern.compile("^Publish"))).isVisible();
    }
}
