package mensch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/**
 * The playbook in the browser: a call written from nothing, lined up and printed; compared; schools; taken out and in
 * again.
 */
class PlaybookIT extends InBrowser {
    private static void write(Page page, String man, String sentence) {
        Words.choose(page, "Man", man);
        page.locator("section[aria-label='His rules']").focus();
        page.keyboard().press("a");
        page.keyboard().type(sentence);
        assertThat(page.locator(".fine")).isVisible();
        page.keyboard().press("Enter");
        assertThat(page.locator("textarea")).hasCount(0);
    }

    private static Locator cell(Page page, String formation) {
        return page.locator(
                        ".strip li",
                        new Page.LocatorOptions()
                                .setHas(page.locator(".name", new Page.LocatorOptions().setHasText(formation))))
                .first();
    }

    @Test
    void aFiveManPressureWithItsCoverageIsWrittenFromNothingLinedUpAndPrinted(int port) {
        Page page = chromium.signedIn(port, "marrow", "/playbook");
        assertThat(page.locator("ul li")).not().hasCount(0);
        page.keyboard().press("n");
        page.fill(".ant-modal input", "Otter Plover");
        Words.choose(page, "coverage", "blank");
        page.locator("text=Make it and write its rules").click();
        assertThat(page.locator(".strip li")).not().hasCount(0);
        write(
                page,
                "corner-left",
                "when 1 or more receivers on my side: run none until crack then outside, force; pass man #1");
        write(page, "nickel", "run outside, force; pass man #2");
        write(page, "weak", "when slot on my side: align over #2, inside, 1 x 6; run outside, force; pass man #2");
        write(page, "free", "align landmark middle @ 12; pass deep middle third");
        write(page, "mike", "when empty and 3 or more receivers on my side: align over #3, inside, 1 x 5; pass man #3");
        write(page, "mike", "when not empty: pass man back");
        write(page, "will", "align outside end man 2 x 1; move blitz to outside; run C gap, force; pass rush contain");
        write(page, "end-away", "move pinch to B gap; run B gap; pass rush B gap");
        page.keyboard().press("s");
        assertThat(page.locator("header")).containsText("Saved as revision 2");
        assertThat(cell(page, "Trips open").locator(".bust")).containsText("bust");
        cell(page, "Empty 3x2").locator("button").press("Enter");
        Words.choose(page, "Man", "mike");
        Words.choose(page, "Part", "pass");
        assertThat(page.locator(".now")).containsText("man #3");
        Chromium.assertAccessible(page);
        page.navigate("http://127.0.0.1:" + port + "/playbook/card/otter-plover");
        assertThat(page.locator("article tbody tr")).hasCount(11);
        assertThat(page.locator("article")).containsText("Otter Plover");
        Download drawing =
                page.waitForDownload(() -> page.locator("button", new Page.LocatorOptions().setHasText("SVG"))
                        .click());
        Assertions.assertThat(drawing.suggestedFilename()).isEqualTo("otter-plover-empty-3x2.svg");
        Chromium.assertAccessible(page);
    }

    @Test
    void theFiguresAreFoundByTheirWords(int port) {
        Page page = chromium.signedIn(port, "marrow", "/programme/figures");
        page.getByRole(AriaRole.SEARCHBOX).fill("gun rusher edge");
        assertThat(page.locator("tbody td.number input")).hasValue("2.2");
        assertThat(page.locator("[role=status]")).containsText("1 figure.");
        Chromium.assertAccessible(page);
    }

    @Test
    void theRosterSaysWhoPlaysAndTheStripAndTheChangesNameHim(int port) {
        Page page = chromium.signedIn(port, "marrow", "/programme/roster");
        assertThat(page.locator("tbody tr")).not().hasCount(0);
        Chromium.assertAccessible(page);
        Words.choose(page, "Sides of tackle", "may flip", "");
        page.locator("button", new Page.LocatorOptions().setHasText("Save the roster"))
                .click();
        assertThat(page.locator("[role=status]")).containsText("Saved");
        page.navigate("http://127.0.0.1:" + port + "/board");
        Words.choose(page, "Motion", "trade");
        Locator tackle = page.locator(".strip [data-job=tackle]");
        assertThat(tackle).containsText("90 Tolley");
        page.navigate("http://127.0.0.1:" + port + "/programme/roster");
        Words.choose(page, "Sides of tackle", "tackle|nose");
        page.keyboard().press("Tab");
        page.locator("button", new Page.LocatorOptions().setHasText("Save the roster"))
                .click();
        assertThat(page.locator("[role=status]")).containsText("Saved");
        page.navigate("http://127.0.0.1:" + port + "/board");
        page.locator(".phases button", new Page.LocatorOptions().setHasText("After"))
                .click();
        assertThat(tackle).containsText("72 Fenn");
        page.keyboard().press("c");
        assertThat(page.locator("aside")).containsText("You are nose now.");
    }

    @Test
    void aRungForThisWeekSpeaksAndGoesAgain(int port) {
        Page page = chromium.signedIn(port, "marrow", "/playbook/call/anvil-drizzle");
        Words.choose(page, "Man", "mike");
        Words.choose(page, "Part", "key");
        page.locator("section[aria-label='His rules']").focus();
        page.keyboard().press("w");
        page.keyboard().type("key centre ignore guard");
        assertThat(page.locator(".fine")).isVisible();
        page.keyboard().press("Enter");
        assertThat(page.locator(".now")).containsText("centre ignore guard");
        assertThat(page.locator("section")).containsText(new String[] {"1 for this week"});
        page.locator("button", new Page.LocatorOptions().setHasText("The week is over"))
                .click();
        assertThat(page.locator(".now")).containsText("near back then guard");
    }

    /** By keys alone: what breaks, repairs tried, the first applied, taken back. */
    @Test
    void aFindingIsMendedByOneKeyAndTakenBackByAnother(int port) {
        Page page = chromium.signedIn(port, "marrow", "/board");
        Words.choose(page, "Formation", "double-wing");
        Words.choose(page, "Call", "anvil-eel");
        Locator findings = page.locator("aside");
        assertThat(page.locator(".board[aria-busy=false]")).isVisible();
        assertThat(findings).containsText("Nobody has the D gap left.");
        page.locator(".facts").click();
        page.keyboard().press("t");
        assertThat(page.locator(".repairs .button").first()).isFocused();
        Chromium.assertAccessible(page);
        page.keyboard().press("Enter");
        assertThat(findings).not().containsText("Nobody has the D gap left.");
        page.locator(".facts").click();
        page.keyboard().press("u");
        assertThat(findings).containsText("Nobody has the D gap left.");
    }

    @Test
    void aPlanIsAuditedAndACellOpensTheBoard(int port) {
        Page page = chromium.signedIn(port, "marrow", "/plan");
        Words.choose(page, "Motions", "false");
        assertThat(page.locator("[aria-label^='Anvil Eel Fog against Double wing']"))
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(30_000));
        page.keyboard().press("Escape");
        assertThat(page.locator(".plan [role=status]")).hasCount(0);
        Chromium.assertAccessible(page);
        page.locator("[aria-label^='Anvil Eel Fog against Double wing']").click();
        assertThat(page.locator("aside")).containsText("Nobody has the D gap left.");
        page.keyboard().press("Enter");
        assertThat(page.locator(".board aside")).containsText("Nobody has the D gap left.");
    }

    @Test
    void theStripFollowsASentenceAsItIsTypedAndUndoTakesItBack(int port) {
        Page page = chromium.signedIn(port, "marrow", "/playbook/call/anvil-drizzle");
        Words.choose(page, "Man", "nickel");
        assertThat(cell(page, "Trips open").locator(".rung")).containsText("trips");
        page.locator("section[aria-label='His rules']").focus();
        page.keyboard().press("a");
        page.keyboard().type("when open trips on my side: align over #3, inside, 1 x 4");
        assertThat(cell(page, "Trips open").locator(".rung")).containsText("own-1");
        page.keyboard().press("Enter");
        assertThat(page.locator("textarea")).hasCount(0);
        page.keyboard().press("u");
        assertThat(cell(page, "Trips open").locator(".rung")).containsText("trips");
    }

    @Test
    void twoCallsAreComparedAndAnyPairCanBeChosen(int port) {
        Page page = chromium.signedIn(port, "lind", "/playbook/compare?first=anvil-drizzle&second=anvil-fog");
        assertThat(page.locator(".table")).containsText("stack tackle @ 12");
        assertThat(page.locator(".table")).containsText("deep half @ 13");
        Words.choose(page, "Second call", "chisel-drizzle");
        assertThat(page.locator(".table")).containsText("no such man");
        Chromium.assertAccessible(page);
    }

    @Test
    void aSchoolIsPutInForceAndTheBoardSaysTheNewWord(int port) {
        Page page = chromium.signedIn(port, "marrow", "/programme");
        page.locator("label", new Page.LocatorOptions().setHasText("outside shade of the centre"))
                .click();
        page.locator("button", new Page.LocatorOptions().setHasText("Put 1 in force"))
                .click();
        assertThat(page.locator("[role=status]")).containsText("In force");
        Chromium.assertAccessible(page);
        page.navigate("http://127.0.0.1:" + port + "/board");
        assertThat(page.locator(".strip [data-job=nose]")).containsText("1 technique");
        page.navigate("http://127.0.0.1:" + port + "/programme");
        page.locator("label", new Page.LocatorOptions().setHasText("inside shade of the guard"))
                .click();
        page.locator("button", new Page.LocatorOptions().setHasText("Put 1 in force"))
                .click();
        assertThat(page.locator("[role=status]")).containsText("In force");
    }

    /** A figure of the model is set with the keyboard alone; the board runs its snaps by it, and it is set back. */
    @Test
    void aFigureIsSetAndTheBoardRunsByIt(int port) {
        Page page = chromium.signedIn(port, "marrow", "/programme/figures");
        Locator find = page.getByRole(AriaRole.SEARCHBOX);
        find.fill("a run is explosive");
        find.press("Tab");
        page.keyboard().press("Tab");
        Locator from = page.locator("tbody input");
        from.focus();
        from.fill("9");
        assertThat(page.locator("tbody [role=alert]")).containsText("11 to 40 yd");
        from.fill("20");
        page.locator("button", new Page.LocatorOptions().setHasText("Put 1 in force"))
                .press("Enter");
        assertThat(page.locator(".view-head [role=status]")).containsText("In force");
        assertThat(page.locator("tbody")).containsText("Ships as 12 yd");
        Chromium.assertAccessible(page);
        page.navigate("http://127.0.0.1:" + port + "/board?call=anvil-drizzle&against=pro-i");
        Locator run = PlaysPanel.choose(PlaysPanel.open(page), "power right");
        PlaysPanel.run(page, run);
        assertThat(run.locator(".shares")).containsText("20 yd and more");
        page.navigate("http://127.0.0.1:" + port + "/programme/figures");
        page.getByLabel("Only what we set").check();
        page.locator("button", new Page.LocatorOptions().setHasText("As it ships"))
                .press("Enter");
        page.locator("button", new Page.LocatorOptions().setHasText("Put 1 in force"))
                .press("Enter");
        assertThat(page.locator("section")).containsText("Everything stands as it ships");
    }

    @Test
    void whatACoachLikesAndUsedLastIsHisAlone(int port) {
        Page page = chromium.signedIn(port, "marrow", "/playbook");
        Locator lines = page.locator("section li b");
        assertThat(page.locator("section h2").first()).containsText("Cover 3");
        page.locator("section li button", new Page.LocatorOptions().setHasText("Anvil Fog"))
                .click();
        page.keyboard().press("f");
        assertThat(page.locator("aside")).containsText("★ A favourite");
        page.locator("aside >> text=Line it up").click();
        settled(page);
        page.navigate("http://127.0.0.1:" + port + "/playbook");
        Words.choose(page, "Standing", "my favourites", "favourite");
        assertThat(lines).hasText(new String[] {"Anvil Fog ★"});
        Words.choose(page, "Standing", "what I used last", "used");
        assertThat(lines.first()).hasText("Anvil Fog ★");
        Words.choose(page, "Standing", "everything", "all");
        Words.choose(page, "Formation", "wing-t");
        assertThat(page.locator(".count")).not().hasText("151 calls");
        assertThat(lines.filter(new Locator.FilterOptions().setHasText("Anvil Breeze")))
                .hasCount(0);
        Page other = chromium.signedIn(port, "tillery", "/playbook");
        Words.choose(other, "Standing", "my favourites", "favourite");
        assertThat(other.locator("section")).containsText("Nothing here");
    }

    @Test
    void aPlaybookComesInAfterALookAtWhatItWouldDo(int port) throws IOException {
        Page page = chromium.signedIn(port, "marrow", "/playbook");
        page.locator("summary", new Page.LocatorOptions().setHasText("Export")).click();
        Download everything =
                page.waitForDownload(() -> page.locator("a", new Page.LocatorOptions().setHasText("formations"))
                        .click());
        String text = Files.readString(everything.path());
        String renamed = text.replace("\"pro-i\"", "\"otter-i\"").replace("\"Pro I\"", "\"Otter I\"");
        page.setInputFiles(
                "input[type=file]",
                new FilePayload("otters.json", "application/json", renamed.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.locator(".ant-modal")).containsText("1 would be new or changed");
        page.locator("text=Import all of it").click();
        assertThat(page.locator(".ant-modal [role=status]")).containsText("Imported: 1 document");
        page.setInputFiles(
                "input[type=file]",
                new FilePayload("broken.json", "application/json", "{".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.locator(".ant-modal [role=alert]")).containsText("Nothing was imported");
    }

    @Test
    void theOffenceIsPlacedWithKeysAndKeptUnderAName(int port) {
        Page page = chromium.signedIn(port, "marrow", "/board");
        assertThat(page.locator(".strip li")).hasCount(11);
        page.keyboard().press("o");
        page.keyboard().press("ArrowRight");
        assertThat(page.locator("form.place")).containsText("SE");
        page.keyboard().press("Shift+ArrowRight");
        page.fill("[aria-label='Name of the formation']", "Otter split");
        page.keyboard().press("Enter");
        assertThat(page.locator("form.place")).containsText("Kept among the formations");
        Words.assertSays(page, "Formation", "otter-split");
        Chromium.assertAccessible(page);
    }
}
