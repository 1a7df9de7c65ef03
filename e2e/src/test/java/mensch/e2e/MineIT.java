package mensch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Where each begins: a player with his job, a coach with what is here. */
class MineIT extends InBrowser {
    @Test
    void aPlayerBeginsWithHisJobOnThisWeeksCallsByKeysAlone(int port) {
        Page page = chromium.signedIn(port, "lind", "/");
        assertThat(page).hasURL(Pattern.compile("/mine$"));
        assertThat(page.locator("h1")).containsText("31 Lind, weak safety");
        Locator job = page.locator("section[aria-label='My job on this call']");
        assertThat(job.locator("dt").first()).hasText("Stand");
        Locator week = page.locator("nav[aria-label=\"This week's calls\"] button");
        assertThat(week).not().hasCount(0);
        assertThat(week.first().locator("span")).containsText("weak safety:");
        assertThat(page.locator("svg.field [data-defender=weak]")).isVisible();
        Chromium.assertAccessible(page);
        String before = job.locator("dl").textContent();
        page.keyboard().press("ArrowDown");
        assertThat(week.nth(1)).hasAttribute("aria-current", "true");
        assertThat(job.locator("dl")).not().hasText(before);
        Words.choose(page, "Formation", "trips-open");
        assertThat(page.locator("svg.field [data-man='H']")).isVisible();
        page.reload();
        Words.assertSays(page, "Formation", "trips-open");
    }

    /** His own grades, and no way from them to film or to another man. */
    @Test
    void aPlayerSeesHisOwnGradesAndNobodyElses(int port) {
        Page page = chromium.signedIn(port, "lind", "/mine");
        page.locator("text=My grades").click();
        assertThat(page.locator("h1")).containsText(Pattern.compile("31 Lind: \\d+ plays graded"));
        Locator report = page.locator("section[aria-label='My grades']");
        assertThat(report).containsText("7 of 8");
        assertThat(report.locator("a")).hasCount(0);
        assertThat(report.locator(".chart svg")).not().hasCount(0);
        Chromium.assertAccessible(page);
        page.navigate(page.url().replace("/mine/grades", "/grades/man/dunmore"));
        assertThat(page.locator("body")).containsText("This is for coaches");
    }

    @Test
    void aManWhoIsNobodysAccountIsToldWhomToAsk(int port) {
        Page coach = chromium.signedIn(port, "marrow", "/programme/roster");
        Words.choose(coach, "How Lind signs in", "not at all", "");
        coach.locator("text=Save the roster").click();
        assertThat(coach.locator("[role=status]")).containsText("Saved");
        Page page = chromium.signedIn(port, "lind", "/mine");
        assertThat(page.locator("p.empty")).containsText("No coach has said yet");
        assertThat(page.locator("svg.field .offence").first()).isVisible();
        Words.choose(coach, "How Lind signs in", "lind");
        coach.locator("text=Save the roster").click();
        assertThat(coach.locator("text=Nothing changed")).isVisible();
        page.reload();
        assertThat(page.locator("h1")).containsText("31 Lind");
    }

    @Test
    void aCoachIsShownWhereToBeginUntilHeLeavesIt(int port) {
        Page page = chromium.signedIn(port, "marrow", "/");
        assertThat(page.locator("text=Where to begin")).isVisible();
        Chromium.assertAccessible(page);
        page.locator("text=See a call break").click();
        settled(page);
        assertThat(page.locator("aside")).containsText("Nobody has the D gap");
        page.locator("nav .brand").click();
        page.locator("text=Ask who has #3").click();
        Words.assertSays(page, "Formation", "trips-open");
        Words.assertSays(page, "Hash", "r");
        page.locator("nav .brand").click();
        page.locator("text=begin there next time").click();
        assertThat(page.locator(".strip li")).hasCount(11);
        page.navigate("http://127.0.0.1:" + port + "/");
        assertThat(page).hasURL(Pattern.compile("/board"));
    }
}
