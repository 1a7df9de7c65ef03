package mensch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A play of one's own in the browser: written, tried, kept, changed, and met on the board. */
class PlayDocumentsIT extends InBrowser {
    private static final String NEED = "Need, seen from the play side";

    @Test
    void aRunIsWrittenFromNothingWithTheKeyboardAndMeetsTheDefence(int port) {
        Page page = chromium.signedIn(port, "marrow", "/playbook");
        Words.choose(page, "Kind", "run");
        assertThat(page.locator("section li", new Page.LocatorOptions().setHasText("Buck sweep")))
                .isVisible();
        page.keyboard().press("n");
        page.getByLabel("Name").fill("Otter dive");
        assertThat(page.locator("aside h2")).containsText("formations can run it");
        Words.choose(page, NEED + ", 1", "two backs or three backs");
        Words.pick(page, NEED + ", one more", "sideways");
        assertThat(page.locator("aside [role=alert]")).containsText("sideways");
        page.reload();
        Words.assertSays(page, NEED + ", 1", "two backs or three backs");
        Words.assertSays(page, NEED + ", 2", "sideways");
        Words.pick(page, NEED + ", 2", "not this one");
        assertThat(page.locator("aside [role=alert]")).hasCount(0);
        Words.pick(page, NEED + ", one more", "under centre");
        Words.assertSays(page, NEED + ", 2", "under centre");
        Words.choose(page, "Carried by, the first who is there", "fullback");
        Words.pick(page, "Blocks, one more man", "wing other side");
        Words.choose(page, "Blocks, what backside wing does", "lead");
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

    /** What is written is met by the call on the board while it is written; a formation that cannot run it says why. */
    @Test
    void aPlayIsTriedAtTheCallOnTheBoardAndTakenBackByOneChange(int port) {
        Page page = chromium.signedIn(port, "marrow", "/playbook/play/run/power");
        Locator tried = page.locator("aside");
        assertThat(tried.locator(".blocks")).containsText("LG pull lead");
        Words.choose(page, "Blocks, what backside guard does", "hinge");
        assertThat(tried.locator(".blocks")).not().containsText("LG pull lead");
        page.locator("header .count").click();
        page.keyboard().press("z");
        assertThat(tried.locator(".blocks")).containsText("LG pull lead");
        assertThat(page.locator("svg.field path.ball")).hasCount(1);
        tried.locator("[data-man=LG]").click();
        assertThat(page.locator("[data-who='guard other side'] [data-menu]").first())
                .isFocused();
        tried.locator("[data-man=SE]").click();
        assertThat(Words.word(page, "Blocks, one more man")).isFocused();
        assertThat(page.locator("[data-who='tight end other side']")).containsText("nobody in Pro I");
        Words.choose(page, "Side of the play", "left");
        assertThat(tried.locator(".blocks")).containsText("RG pull lead");
        assertThat(page.locator("[data-who='tight end']")).containsText("nobody in Pro I");
        Words.choose(page, "Formation it is tried from", "empty-3x2");
        assertThat(tried).containsText("cannot run it to the left: needs");
        assertThat(page.locator("svg.field path.ball")).hasCount(0);
        Chromium.assertAccessible(page);
    }

    /** A corner of a route is dragged, or moved by the arrows, and becomes words. */
    @Test
    void aRouteIsDraggedIntoWords(int port) {
        Page page = chromium.signedIn(port, "marrow", "/playbook/play/routes/routes");
        page.locator("section li button", new Page.LocatorOptions().setHasText("curl"))
                .first()
                .click();
        Locator way = page.getByLabel("Way of curl");
        assertThat(way).hasValue("straight @ 13, hash-numbers @ 11");
        Locator corner = page.locator(".corner").first();
        assertThat(corner).hasAttribute("aria-label", "Corner 1, 13.0 yd deep");
        corner.focus();
        page.keyboard().press("ArrowDown");
        assertThat(way).hasValue("straight @ 12.5, hash-numbers @ 11");
        assertThat(corner).hasAttribute("aria-label", "Corner 1, 12.5 yd deep");
        var box = corner.boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x - 40, box.y + 30);
        page.mouse().up();
        assertThat(way).hasValue(Pattern.compile("in \\d(\\.5)? @ (10|11)(\\.5)?, hash-numbers @ 11"));
        page.locator("header .count").click();
        page.keyboard().press("z");
        assertThat(way).hasValue("straight @ 12.5, hash-numbers @ 11");
        Chromium.assertAccessible(page);
    }

    /** A man of the formation is dragged, and becomes words; the call lines up against him where he stands now. */
    @Test
    void aFormationIsDraggedIntoWordsAndMetByACall(int port) {
        Page page = chromium.signedIn(port, "marrow", "/playbook/play/formation/pro-i");
        Locator men = page.getByLabel("Men: place across from the ball");
        Locator end = page.locator("[data-man=SE]");
        assertThat(page.locator("[data-defender]")).hasCount(11);
        String before = men.inputValue();
        var corner = page.locator("[data-defender=corner-left]").boundingBox();
        var box = end.boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2 + 60, box.y + box.height / 2);
        page.mouse().up();
        assertThat(men).not().hasValue(before);
        page.waitForFunction(
                "x => document.querySelector('[data-defender=corner-left]').getBoundingClientRect().x > x + 20",
                corner.x);
        Chromium.assertAccessible(page);
        page.locator("header .count").click();
        page.keyboard().press("z");
        assertThat(men).hasValue(before);
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
        assertThat(page.locator("section [role=status]")).containsText("Midline option is put away");
        page.keyboard().press("z");
        assertThat(page.locator("section li", new Page.LocatorOptions().setHasText("Midline option")))
                .isVisible();
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
        // the board writes its call and line-up to its address by itself
        page.waitForURL("**/board?*");
        assertThat(page.locator(".board .rules summary")).containsText("of 12 rules");
    }
}
