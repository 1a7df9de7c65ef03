package mensch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;

/** A play of one's own in the browser: written, tried, kept, changed, and met on the board. */
class PlayDocumentsIT extends InBrowser {
    @Test
    void aRunIsWrittenFromNothingWithTheKeyboardAndMeetsTheDefence(int port) {
        Page page = chromium.signedIn(port, "marrow", "/playbook");
        Words.choose(page, "Kind", "run");
        assertThat(page.locator("section li", new Page.LocatorOptions().setHasText("Buck sweep")))
                .isVisible();
        page.keyboard().press("n");
        page.getByLabel("Name").fill("Otter dive");
        assertThat(page.locator("aside h2")).containsText("formations can run it");
        page.getByLabel("Needs of the formation").fill("two backs and sideways");
        page.keyboard().press("Tab");
        assertThat(page.locator("aside [role=alert]")).containsText("sideways");
        page.reload();
        assertThat(page.getByLabel("Needs of the formation")).hasValue("two backs and sideways");
        page.getByLabel("Needs of the formation").fill("two backs");
        page.keyboard().press("Tab");
        assertThat(page.locator("aside [role=alert]")).hasCount(0);
        page.getByLabel("Carried by, the first who is there").fill("fullback");
        page.keyboard().press("Tab");
        page.locator("text=Add a man").click();
        page.getByLabel("Blocks, man 9").fill("wing");
        page.keyboard().press("Tab");
        Words.choose(page, "Blocks, what wing does", "lead");
        Chromium.assertAccessible(page);
        page.locator("text=Keep as our own").click();
        assertThat(page.locator("[role=alert]")).hasCount(0);
        assertThat(page.locator("header")).containsText("revision 1");
        page.waitForURL("**/playbook/play/run/otter-dive");
        assertThat(page.locator("header")).containsText("revision 1");
        Words.choose(page, "Aims at", "B");
        page.locator("section[aria-label='As it is written']").focus();
        page.keyboard().press("s");
        assertThat(page.locator("header")).containsText("Saved as revision 2");
        page.navigate("http://127.0.0.1:" + port + "/board");
        // the keys are the board's once it has answered
        assertThat(page.locator(".board .rules summary")).containsText("of 12 rules");
        page.keyboard().press("p");
        assertThat(page.locator("body")).containsText("Otter dive");
    }

    /** Two windows, one play: the later one is told, keeps its text, and may put it on top. */
    @Test
    void whoSavesLaterIsToldAndLosesNothing(int port) {
        Page first = chromium.signedIn(port, "marrow", "/playbook/play/pass/smash");
        assertThat(first.locator("aside h2")).containsText("formations can run it");
        first.getByLabel("Name").fill("Otter smash");
        first.locator("text=Keep as our own").click();
        first.waitForURL("**/playbook/play/pass/otter-smash");
        Page second = chromium.signedIn(port, "marrow", "/playbook/play/pass/otter-smash");
        assertThat(second.locator("aside h2")).containsText("formations can run it");
        second.getByLabel("Made to hurt").fill("the flat man");
        second.keyboard().press("Tab");
        first.getByLabel("Made to hurt").fill("the corner");
        first.keyboard().press("Tab");
        first.locator("header .button.main").click();
        assertThat(first.locator("header")).containsText("revision 2");
        second.locator("header .button.main").click();
        assertThat(second.locator("section [role=alert]").first()).containsText("revision 2");
        assertThat(second.getByLabel("Made to hurt")).hasValue("the flat man");
        second.locator("text=Put mine on top").click();
        second.locator("header .button.main").click();
        assertThat(second.locator("header")).containsText("revision 3");
        assertThat(second.getByLabel("Made to hurt")).hasValue("the flat man");
    }

    /** A play that nobody runs is put away, and the board meets it no more. */
    @Test
    void aPlayThatNobodyRunsIsPutAway(int port) {
        Page page = chromium.signedIn(port, "marrow", "/playbook");
        Words.choose(page, "Kind", "run");
        page.locator("section li button", new Page.LocatorOptions().setHasText("Midline option"))
                .click();
        page.locator("aside >> text=put it away").click();
        assertThat(page.locator("section li", new Page.LocatorOptions().setHasText("Midline option")))
                .hasCount(0);
        page.navigate("http://127.0.0.1:" + port + "/board");
        // the keys are the board's once it has answered
        assertThat(page.locator(".board .rules summary")).containsText("of 12 rules");
        page.keyboard().press("p");
        assertThat(page.locator("body")).containsText("Power");
        assertThat(page.locator("body")).not().containsText("Midline option");
    }

    @Test
    void aPlayerLooksAtAPlayAndChangesNothing(int port) {
        Page page = chromium.signedIn(port, "lind", "/playbook/play/pass/smash");
        assertThat(page.locator("aside h2")).containsText("formations can run it");
        assertThat(page.getByLabel("Made to hurt")).hasAttribute("readonly", "");
        assertThat(page.locator("text=Keep as our own")).hasCount(0);
    }

    @Test
    void anAddressThatIsNoPageSaysSoAndLeadsBack(int port) {
        Page page = chromium.signedIn(port, "marrow", "/playbok");
        assertThat(page.locator("h1")).hasText("Nothing here");
        Chromium.assertAccessible(page);
        page.locator("text=To the board").click();
        page.waitForURL("**/board");
    }
}
