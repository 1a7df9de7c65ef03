package mensch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The field is legible: lettering of 12 px or more, no text on text or on a man; and everything on it answers. */
class FieldIT extends InBrowser {
    /** Every so many-th of all calls x formations; -Dmensch.walk=1 walks them all. */
    private static final int STEP = Integer.getInteger("mensch.walk", 211);

    private static final List<String> HASHES = List.of("l", "m", "r");

    @Test
    void noLetteringIsSmallOrLiesOnAnotherOrOnAMan(int port) {
        Page page = chromium.signedIn(port, "marrow", "/board");
        page.emulateMedia(
                new Page.EmulateMediaOptions().setReducedMotion(com.microsoft.playwright.options.ReducedMotion.REDUCE));
        settled(page);
        page.keyboard().press("3");
        page.keyboard().press("4");
        @SuppressWarnings("unchecked")
        List<List<String>> cells =
                (List<List<String>>) page.evaluate("async () => { const get = async (p) => (await fetch(p)).json();"
                        + " const calls = await get('/api/calls'); const { formations } = await get('/api/choices');"
                        + " return calls.flatMap((c) => formations.filter((f) => f.players === c.players)"
                        + ".map((f) => [c.id, f.id, c.players === 11 ? 'hs' : 'flag' + c.players])) }");
        var wrong = new ArrayList<String>();
        for (int i = 0; i < cells.size(); i += STEP) {
            List<String> cell = cells.get(i);
            boolean eleven = cell.get(2).equals("hs");
            String hash = eleven ? HASHES.get(i % HASHES.size()) : "m";
            page.evaluate(
                    "(url) => { history.pushState(null, '', url); dispatchEvent(new PopStateEvent('popstate')) }",
                    "/board?call=" + cell.get(0) + "&against=" + cell.get(1) + "&code=" + cell.get(2) + "&ball="
                            + (eleven ? 38 : 25) + "&hash=" + hash + "&down=2-7");
            settled(page);
            Chromium.measured(page, "/field-lettering.js")
                    .forEach(w -> wrong.add(String.join(" ", cell) + " " + hash + ": " + w));
        }
        Assertions.assertThat(cells.size()).isGreaterThan(5000);
        Assertions.assertThat(wrong).isEmpty();
    }

    /** Lettering stands out from what it lies on, by day and by night, with every layer and a play on it. */
    @ParameterizedTest
    @ValueSource(strings = {"LIGHT", "DARK"})
    void everyLetterOfTheFieldStandsOut(String paper, int port) {
        Page page =
                chromium.signedIn(port, "marrow", "/board?call=anvil-heron&against=trips-open&code=hs&ball=12&hash=r");
        page.emulateMedia(new Page.EmulateMediaOptions()
                .setColorScheme(com.microsoft.playwright.options.ColorScheme.valueOf(paper)));
        settled(page);
        page.keyboard().press("3");
        page.keyboard().press("4");
        page.locator(".facts").click();
        page.keyboard().press("p");
        page.keyboard().press("ArrowDown");
        assertThat(page.locator("svg.field path.block")).not().hasCount(0);
        var wrong = new ArrayList<String>();
        for (String call : List.of("anvil-heron", "anvil-fog", "anvil-frost")) {
            page.evaluate(
                    "(url) => { history.pushState(null, '', url); dispatchEvent(new PopStateEvent('popstate')) }",
                    "/board?call=" + call + "&against=trips-open&code=hs&ball=12&hash=r&down=2-7");
            settled(page);
            assertThat(page.locator("svg.field text")).not().hasCount(0);
            Chromium.measured(page, "/field-contrast.js").forEach(w -> wrong.add(call + ": " + w));
        }
        Assertions.assertThat(wrong).isEmpty();
    }

    /** Who has number three is one key away, and stays answered when the call changes. */
    @Test
    void everythingOnTheFieldAnswers(int port) {
        Page page = chromium.signedIn(
                port, "lind", "/board?call=anvil-fog&against=trips-open&code=hs&ball=12&hash=r&down=1-10");
        settled(page);
        page.keyboard().press("r");
        page.keyboard().press("r");
        page.keyboard().press("r");
        var slip = page.locator(".slip");
        assertThat(slip.locator("h3")).containsText("H, #3 right");
        assertThat(slip).containsText("Nickel, in his zone: curl right");
        assertThat(slip).containsText("by fog");
        Chromium.assertAccessible(page);
        page.locator("svg [data-word='gap B gap right']").click();
        assertThat(slip.locator("h3")).containsText("B gap right");
        assertThat(slip).containsText("has it: B right");
        page.locator("svg [data-word^='area weak']").click();
        assertThat(slip.locator("h3")).containsText("deep half");
        page.keyboard().press("Escape");
        assertThat(slip).hasCount(0);
        page.keyboard().press("l");
        assertThat(page.locator(".ant-modal")).containsText("that way stands his key");
    }

    /** A link opens the board it was sent from, Back goes to what was looked at before, two windows show two boards. */
    @Test
    void theAddressHoldsTheBoard(int port) {
        Page page = chromium.signedIn(
                port, "marrow", "/board?call=anvil-fog&against=trips-open&to=left&code=hs&ball=12&hash=r&down=3-4");
        settled(page);
        shows(page, "trips-open", "anvil-fog");
        Words.assertSays(page, "Strong side", "true");
        Words.choose(page, "Formation", "pro-i");
        page.waitForURL("**against=pro-i**");
        Page other = page.context().newPage();
        other.navigate("http://127.0.0.1:" + port + "/board?call=anvil-drizzle&against=wing-t&code=hs&ball=30&hash=m");
        shows(other, "wing-t", "anvil-drizzle");
        shows(page, "pro-i", "anvil-fog");
        page.goBack();
        shows(page, "trips-open", "anvil-fog");
        shows(other, "wing-t", "anvil-drizzle");
    }

    /** A wrong link says what is not here, and leaves a board that lines up, then and afterwards. */
    @Test
    void aWrongLinkIsSaidAndHarmsNothing(int port) {
        Page page = chromium.signedIn(port, "marrow", "/board?call=gone&against=nope&code=xx&hash=zz&men=X");
        assertThat(page.locator(".notice")).containsText("Not here: call gone, formation nope, rules xx, hash zz");
        assertThat(page.locator(".strip li")).hasCount(11);
        page.navigate("http://127.0.0.1:" + port + "/board?call=tack-siskin&against=pro-i&code=hs");
        assertThat(page.locator(".notice")).containsText("pro-i against a call of another game");
        assertThat(page.locator(".strip li")).hasCount(5);
        page.navigate("http://127.0.0.1:" + port + "/board?call=anvil-fog&against=pro-i&code=hs&men=X");
        assertThat(page.locator(".notice")).containsText("cannot stand so: \"X\" cannot be read");
        assertThat(page.locator(".strip li")).hasCount(11);
        page.navigate("http://127.0.0.1:" + port + "/board");
        assertThat(page.locator(".strip li")).hasCount(11);
        assertThat(page.locator(".notice")).hasCount(0);
    }

    private static void shows(Page page, String formation, String call) {
        Words.assertSays(page, "Formation", formation);
        Words.assertSays(page, "Call", call);
    }
}
