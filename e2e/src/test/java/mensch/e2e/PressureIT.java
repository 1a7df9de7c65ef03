package mensch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;

/** A five-man pressure from who comes to its card, by the keyboard but for the coverage. */
class PressureIT extends InBrowser {
    @Test
    void aPressureIsBegunWithWhoComesAndKeptWithItsCall(int port) {
        Page page = chromium.signedIn(port, "marrow", "/playbook");
        assertThat(page.locator("section li").first()).isVisible();
        // the second key before the view of the first is there: it means that view
        page.keyboard().press("b");
        page.keyboard().press("w");
        page.waitForURL("**/playbook/pressure");
        assertThat(page.locator("h1")).containsText("four come, seven play");
        assertThat(Words.word(page, "What corner left does")).isFocused();
        Locator will = Words.word(page, "What will does");
        for (int men = 0; men < 3; men++) {
            page.keyboard().press("ArrowDown");
        }
        assertThat(will).isFocused();
        page.keyboard().press("Enter");
        page.keyboard().type("b gap");
        page.keyboard().press("Enter");
        Words.assertSays(page, "What will does", "comes through the B gap");
        assertThat(page.locator("h1")).containsText("five come, six play");
        Locator left = page.getByLabel("Who comes, and what is left").locator("button[aria-pressed]");
        assertThat(left.first()).hasAttribute("aria-pressed", "true");
        left.locator("b", new Locator.LocatorOptions().setHasText("Mist")).click();
        assertThat(page.locator("h1")).containsText("play Mist");
        Chromium.assertAccessible(page);
        page.locator("header .button.main").click();
        assertThat(page.locator("[role=alert]")).containsText("Give it a name first");
        page.reload();
        assertThat(page.locator("h1")).containsText("five come, six play Mist");
        page.keyboard().press("n");
        assertThat(page.getByLabel("Name of the pressure")).isFocused();
        page.keyboard().type("Bittern");
        page.keyboard().press("Enter");
        page.keyboard().press("s");
        assertThat(page.locator(".kept")).containsText("Anvil Bittern Mist is kept as your draft");
        assertThat(page.locator(".kept a:focus")).hasText("Print its card");
        page.keyboard().press("Enter");
        page.waitForURL("**/playbook/card/anvil-bittern-mist");
        assertThat(page.locator("body")).containsText("Anvil Bittern Mist");
    }
}
