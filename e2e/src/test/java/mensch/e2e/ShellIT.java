package mensch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What holds in every view: keys are listed, everything is gone to by typing, no view keeps anybody out. */
class ShellIT extends InBrowser {
    private static final List<String> VIEWS = List.of(
            "/",
            "/board",
            "/playbook",
            "/playbook/call/anvil-drizzle",
            "/playbook/pressure",
            "/playbook/compare?first=anvil-drizzle&second=anvil-fog",
            "/playbook/play/run/power",
            "/playbook/card/anvil-drizzle",
            "/plan",
            "/film",
            "/grades",
            "/grades/agreement",
            "/programme",
            "/programme/roster",
            "/programme/figures",
            "/nothing-here");

    /** No view has a serious or critical accessibility fault, on either paper; its keys are listed under headings. */
    @ParameterizedTest
    @EnumSource(
            value = ColorScheme.class,
            names = {"LIGHT", "DARK"})
    void everyViewIsOpenToEverybodyAndListsItsKeys(ColorScheme paper, int port) {
        Page page = chromium.signedIn(port, "marrow", "/board");
        settled(page);
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(paper));
        for (String view : VIEWS) {
            page.navigate("http://127.0.0.1:" + port + view);
            assertThat(page.locator("main h1").first()).isVisible();
            assertThat(page.locator("[aria-busy=true]")).hasCount(0);
            Chromium.assertRinged(page);
            if (paper == ColorScheme.DARK) {
                Chromium.assertReadable(page);
                continue;
            }
            Chromium.assertAccessible(page);
            page.locator("#work").focus();
            page.keyboard().press("?");
            Locator list = page.locator(".ant-modal");
            assertThat(list).containsText("Go to anything");
            page.keyboard().press("Escape");
            assertThat(list).hasCount(0);
        }
    }

    /** What opens over a view is as open to everybody as the view: pressed open, read, closed with Escape. */
    private enum Opened {
        KEYS("/board", "?", ".ant-modal", ".ant-modal-root"),
        PALETTE("/board", "Control+k", ".palette-list", ".ant-modal-root"),
        LEGEND("/board", "l", ".ant-modal", ".ant-modal-root"),
        WHO_HAS_HIM("/board", "r", ".slip", ".slip"),
        TYPED_LINE("/board", "/", ".snapline .preview", ".snapline"),
        NEW_CALL("/playbook", "n", ".ant-modal", ".ant-modal-root");

        private final String view;
        private final String key;
        private final String shows;
        private final String whole;

        Opened(String view, String key, String shows, String whole) {
            this.view = view;
            this.key = key;
            this.shows = shows;
            this.whole = whole;
        }
    }

    @ParameterizedTest
    @EnumSource
    void whatOpensOverAViewIsOpenToEverybody(Opened opened, int port) {
        Page page = chromium.signedIn(port, "marrow", opened.view);
        // the keys are the view's once it shows something
        assertThat(page.locator(".board[aria-busy=false], section li").first()).isVisible();
        for (ColorScheme paper : List.of(ColorScheme.LIGHT, ColorScheme.DARK)) {
            page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(paper));
            page.keyboard().press(opened.key);
            assertThat(page.locator(opened.shows)).isVisible();
            Chromium.assertAccessible(page, opened.whole);
            page.keyboard().press("Escape");
            assertThat(page.locator(opened.shows)).not().isVisible();
        }
    }

    /** What a cell of the plan means is said to the keys as to the hand, and Escape takes it away. */
    @Test
    void whatIsHintedIsShownToTheKeysToo(int port) {
        Page page = chromium.signedIn(port, "marrow", "/plan");
        assertThat(page.locator("[data-cell='0 0']")).isVisible();
        assertThat(page.locator("[aria-busy=true]")).hasCount(0);
        page.locator("[data-cell='0 0']").focus();
        page.keyboard().press("ArrowRight");
        Locator cell = page.locator("[data-cell='0 1']");
        assertThat(cell).isFocused();
        Locator hint = page.locator(".ant-tooltip:not(.ant-tooltip-hidden)");
        assertThat(hint).hasText(cell.getAttribute("aria-label"));
        page.keyboard().press("Escape");
        assertThat(hint).hasCount(0);
        assertThat(cell).isFocused();
        cell.hover();
        assertThat(hint).hasText(cell.getAttribute("aria-label"));
    }

    @ParameterizedTest
    @EnumSource(
            value = ColorScheme.class,
            names = {"LIGHT", "DARK"})
    void anOpenMenuIsOpenToEverybody(ColorScheme paper, int port) {
        Page page = chromium.signedIn(port, "marrow", "/board");
        settled(page);
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(paper));
        for (String word : List.of("Ball spot", "Formation", "Call")) {
            Words.word(page, word).click();
            assertThat(page.locator(".word-list .ant-select-item-option-active"))
                    .isVisible();
            Chromium.assertAccessible(page);
            page.keyboard().press("Escape");
            assertThat(page.locator(".choices")).hasCount(0);
        }
    }

    private static void goTo(Page page, String typed) {
        page.keyboard().press("Control+k");
        page.locator(".palette input").fill(typed);
        page.locator(".word-list .ant-select-item-option-active").waitFor();
        page.keyboard().press("Enter");
        assertThat(page.locator(".palette")).hasCount(0);
    }

    @Test
    void anythingIsGoneToByTyping(int port) {
        Page page = chromium.signedIn(port, "marrow", "/board");
        settled(page);
        page.keyboard().press("Control+k");
        assertThat(page.locator(".palette-list")).containsText("The snap line");
        Chromium.assertAccessible(page);
        page.keyboard().press("Escape");
        assertThat(page.locator(".palette")).hasCount(0);
        goTo(page, "nickel");
        assertThat(page.locator("aside")).containsText("Rules of NB");
        goTo(page, "trips-open");
        Words.assertSays(page, "Formation", "trips-open");
        Words.assertSays(page, "Call", "anvil-drizzle");
        goTo(page, "anvil-fog");
        Words.assertSays(page, "Call", "anvil-fog");
        Words.assertSays(page, "Formation", "trips-open");
        goTo(page, "who has h");
        assertThat(page.locator(".slip")).containsText("H");
        goTo(page, "figures");
        assertThat(page).hasURL(Pattern.compile("/programme/figures"));
        goTo(page, "night");
        assertThat(page.locator("html")).hasAttribute("data-theme", "night");
        goTo(page, "double-wing");
        Words.assertSays(page, "Formation", "double-wing");
        Words.assertSays(page, "Call", "anvil-fog");
        goTo(page, "tack-siskin");
        assertThat(page.locator(".strip li")).hasCount(5);
        assertThat(page.locator(".notice")).hasCount(0);
    }

    /** Escape goes back one step: the list, then the dialog it stands in; nothing typed is lost on the way. */
    @Test
    void escapeClosesAMenuAndNotTheDialogItStandsIn(int port) {
        Page page = chromium.signedIn(port, "marrow", "/playbook");
        assertThat(page.locator("section li")).not().hasCount(0);
        page.keyboard().press("n");
        page.fill(".ant-modal input", "Otter Plover");
        Words.word(page, "coverage").click();
        page.locator(".choices input").press("Escape");
        assertThat(page.locator(".choices")).hasCount(0);
        assertThat(Words.word(page, "coverage")).isFocused();
        assertThat(page.locator(".ant-modal input")).hasValue("Otter Plover");
        page.keyboard().press("Escape");
        assertThat(page.locator(".ant-modal")).hasCount(0);
    }

    @Test
    void aPlayerIsOfferedNothingThatIsACoachs(int port) {
        Page page = chromium.signedIn(port, "lind", "/board");
        settled(page);
        page.keyboard().press("Control+k");
        page.locator(".palette input").fill("grades");
        assertThat(page.locator(".palette-list")).containsText("Nothing is called");
        page.locator(".palette input").fill("roster");
        assertThat(page.locator(".palette-list")).containsText("Nothing is called");
        page.keyboard().press("Escape");
        page.keyboard().press("?");
        assertThat(page.locator(".ant-modal")).containsText("Who has the next receiver");
        assertThat(page.locator(".ant-modal")).not().containsText("Save the call");
    }
}
