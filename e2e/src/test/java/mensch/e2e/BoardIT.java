package mensch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** The board in the browser: choose, look, move, edit, save, and two coaches on one call. */
class BoardIT extends InBrowser {
    private static Locator strip(Page page, String job) {
        return page.locator(".strip [data-job=" + job + "]");
    }

    @Test
    void elevenJobsStandUnderTheFieldInFieldOrder(int port) {
        Page page = chromium.signedIn(port, "lind", "/board");
        assertThat(page.locator(".strip li")).hasCount(11);
        assertThat(page.locator(".defender")).hasCount(11);
        assertThat(strip(page, "nickel")).containsText("D right, force");
        assertThat(page.locator(".strip li").first()).containsText("corner left");
        Words.choose(page, "Strong side", "true");
        assertThat(strip(page, "nickel")).containsText("D left, force");
        Words.choose(page, "Formation", "trips-open");
        assertThat(strip(page, "nickel")).containsText("apex #2 and");
        Chromium.assertAccessible(page);
    }

    /**
     * Between before and after the men are on their way; let go, the motion stands at a step that core has answered.
     */
    @Test
    void theMotionIsScrubbedWithTheMenMoving(int port) {
        Page page = chromium.signedIn(port, "lind", "/board");
        assertThat(page.locator(".strip li")).hasCount(11);
        page.keyboard().press("/");
        page.keyboard().type("pro i trade anvil fog");
        page.keyboard().press("Enter");
        assertThat(page.locator(".phases [aria-pressed=true]")).hasText("After");
        Object after = places(page);
        page.getByRole(AriaRole.SLIDER).focus();
        page.keyboard().press("ArrowLeft");
        assertThat(page.locator(".phases [aria-pressed=true]")).hasText("Before");
        Object before = places(page);
        var box = page.locator(".phases .ant-slider").boundingBox();
        page.mouse().move(box.x + 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x + box.width * 0.4, box.y + box.height / 2);
        assertThat(page.locator(".phases [aria-pressed=true]")).hasCount(0);
        Object half = places(page);
        org.assertj.core.api.Assertions.assertThat(half).isNotEqualTo(before).isNotEqualTo(after);
        page.mouse().up();
        assertThat(page.locator(".phases [aria-pressed=true]")).hasText("Before");
        org.assertj.core.api.Assertions.assertThat(places(page)).isEqualTo(before);
        Chromium.assertAccessible(page);
    }

    private static Object places(Page page) {
        return page.locator("[data-man]")
                .evaluateAll("men => men.map(m => Math.round(m.getBoundingClientRect().x)).join(' ')");
    }

    @Test
    void theSnapIsTypedAndTheBoardIsDrivenByKeysAlone(int port) {
        Page page = chromium.signedIn(port, "marrow", "/board");
        assertThat(page.locator(".strip li")).hasCount(11);
        page.keyboard().press("/");
        page.keyboard().type("pro i trade anvil fog");
        page.keyboard().press("Enter");
        assertThat(page.locator("aside")).containsText("What the motion changed");
        assertThat(page.locator(".phases [aria-pressed=true]")).hasText("After");
        page.keyboard().press("m");
        assertThat(page.locator(".phases [aria-pressed=true]")).hasText("Before");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Enter");
        assertThat(page.locator("aside")).containsText("Rules of C");
        page.keyboard().press("Escape");
        page.keyboard().press("?");
        assertThat(page.locator(".ant-modal")).containsText("Seen from behind the offence or the defence");
        page.keyboard().press("Escape");
    }

    @Test
    void aSentenceIsTriedOnTheBoardRefusedWithWordsThatFitAndKept(int port) {
        Page page = chromium.signedIn(port, "marrow", "/board");
        strip(page, "will").click();
        page.keyboard().press("Enter");
        page.keyboard().press("a");
        page.keyboard().type("when two backs: align gap B @ 6 half");
        assertThat(page.locator(".fault")).containsText("the end");
        Chromium.assertAccessible(page);
        page.locator(".offers button", new Page.LocatorOptions().setHasText("a man"))
                .first()
                .click();
        page.keyboard().type("wider");
        assertThat(page.locator(".fine")).isVisible();
        assertThat(strip(page, "will")).containsText("gap B");
        assertThat(strip(page, "will")).containsText("half a man wider");
        page.keyboard().press("Enter");
        assertThat(page.locator(".save")).containsText("1 not saved");
        page.keyboard().press("u");
        assertThat(strip(page, "will")).not().containsText("half a man wider");
        page.keyboard().press("y");
        assertThat(strip(page, "will")).containsText("half a man wider");
    }

    @Test
    void aManIsDraggedAndAsked(int port) {
        Page page = chromium.signedIn(port, "marrow", "/board");
        settled(page);
        BoundingBox mike = page.locator("[data-defender=mike] .body").boundingBox();
        page.mouse().move(mike.x + mike.width / 2, mike.y + mike.height / 2);
        page.mouse().down();
        page.mouse().move(mike.x + mike.width / 2 + 30, mike.y + mike.height / 2 - 10);
        page.mouse().up();
        assertThat(page.locator(".ant-modal")).containsText("In words");
        page.locator(".ant-modal button", new Page.LocatorOptions().setHasText("For now"))
                .click();
        assertThat(page.locator(".facts")).containsText("Put by hand, not saved: mike");
        page.keyboard().press("Delete");
        assertThat(page.locator(".facts")).not().containsText("Put by hand");
    }

    @Test
    void twoCoachesOnOneCallNeitherOverwritesTheOther(int port) {
        Page first = chromium.signedIn(port, "marrow", "/board");
        edit(first, "free", "align stack tackle @ 13");
        first.locator(".save button.main").click();
        first.fill(".ant-modal input", "Anvil Gale");
        first.locator(".ant-modal button.main").click();
        assertThat(first.locator(".save")).containsText("Saved as revision 1");
        Page second = chromium.signedIn(port, "marrow", "/board");
        assertThat(second.locator(".strip li")).hasCount(11);
        Words.choose(second, "Call", "anvil-gale");
        assertThat(strip(second, "free")).containsText("13");
        edit(first, "weak", "show none");
        first.locator(".save button.main").click();
        assertThat(first.locator(".save")).containsText("Saved as revision 2");
        edit(second, "weak", "stance tilted in");
        second.locator(".save button.main").click();
        assertThat(second.locator(".ant-modal")).containsText("your text is kept");
        second.locator("button", new Page.LocatorOptions().setHasText("Put my text on top"))
                .click();
        second.locator(".save button.main").click();
        assertThat(second.locator(".save")).containsText("Saved as revision 3");
    }

    @Test
    void aLostSessionShowsTheSignInOverTheViewAndKeepsWhatWasTyped(int port) {
        Page page = chromium.signedIn(port, "marrow", "/board");
        edit(page, "mike", "stance tilted in");
        settled(page);
        page.context().clearCookies();
        Words.word(page, "Formation").click();
        page.locator(".choices input").fill("empty-3x2");
        page.keyboard().press("Enter");
        assertThat(page.locator("[name=username]")).isVisible();
        Chromium.assertAccessible(page);
        page.fill("[name=username]", "marrow");
        page.fill("[name=password]", "otters-demo");
        page.keyboard().press("Enter");
        assertThat(page.locator(".save")).containsText("1 not saved");
        assertThat(strip(page, "mike")).containsText("tilted in");
    }

    @Test
    void a2TheTypedLineShowsWhatWillBeOffersTiesAndGoesBack(int port) {
        Page page = chromium.signedIn(port, "marrow", "/board");
        assertThat(page.locator(".strip li")).hasCount(11);
        page.keyboard().press("/");
        page.keyboard().type("trips 3rd and 8 +12 zebra");
        page.keyboard().press("Enter");
        assertThat(page.locator(".preview")).containsText("not understood: zebra");
        for (int i = 0; i < " zebra".length(); i++) {
            page.keyboard().press("Backspace");
        }
        assertThat(page.locator(".preview .button").first()).hasText("Trips open");
        assertThat(page.locator("[data-man='#1']")).hasCount(0);
        page.keyboard().press("Tab");
        page.keyboard().press("Enter");
        assertThat(page.locator(".preview")).containsText("ball on our 12, middle · 3rd and 8 · Trips open right");
        Chromium.assertAccessible(page);
        page.keyboard().press("Enter");
        Words.assertSays(page, "Formation", "trips-open");
        Words.assertSays(page, "Ball spot", "12");
        page.keyboard().press("z");
        Words.assertSays(page, "Formation", "pro-i");
        Words.assertSays(page, "Ball spot", "38");
    }

    @Test
    void a3NoKeyChangesAMenuByAccidentAndAChoiceGivesTheKeysBack(int port) {
        Page page = chromium.signedIn(port, "marrow", "/board");
        Words.assertSays(page, "Call", "anvil-drizzle");
        Locator call = Words.word(page, "Call");
        call.focus();
        page.keyboard().press("m");
        page.keyboard().press("ArrowDown");
        Words.assertSays(page, "Call", "anvil-drizzle");
        call.focus();
        page.keyboard().press("Enter");
        assertThat(page.locator(".word-list .ant-select-item-option-active")).containsText("Anvil Drizzle");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Enter");
        Words.assertSays(page, "Call", "anvil-fog");
        assertThat(call).isFocused();
        page.keyboard().press("v");
        assertThat(page.locator(".turn")).containsText("from behind the defence");
        Words.assertSays(page, "Call", "anvil-fog");
    }

    @Test
    void aMenuFindsByWhatACallIsAndTellsWhatItIsMeantFor(int port) {
        Page page = chromium.signedIn(port, "marrow", "/board");
        Words.assertSays(page, "Call", "anvil-drizzle");
        Words.word(page, "Call").click();
        assertThat(page.locator(".word-list")).containsText("Meant for Pro I");
        page.locator(".choices input").fill("cover 2");
        assertThat(page.locator(".word-list .what").first()).containsText("two deep");
        Chromium.assertAccessible(page);
        page.keyboard().press("Escape");
        assertThat(Words.word(page, "Call")).isFocused();
        Words.assertSays(page, "Call", "anvil-drizzle");
        Words.choose(page, "Ball spot", "+12", "12");
        Words.choose(page, "Formation", "trips", "trips-open");
    }

    @Test
    void a4ADraftStaysWithItsCallIsMarkedInTheMenuAndIsNobodyElses(int port) {
        Page page = chromium.signedIn(port, "marrow", "/board");
        edit(page, "mike", "stance tilted in");
        Words.choose(page, "Call", "anvil-frost");
        assertThat(page.locator(".save")).not().containsText("not saved");
        assertMenuNames(page, "Anvil Drizzle (1 not saved)");
        page.reload();
        Words.choose(page, "Call", "anvil-drizzle");
        assertThat(page.locator(".save")).containsText("1 not saved");
        assertThat(strip(page, "mike")).containsText("tilted in");

        page.locator("nav button", new Page.LocatorOptions().setHasText("Sign out"))
                .click();
        assertThat(page.locator("[name=username]")).isVisible();
        assertThat(page.locator(".strip")).hasCount(0);
        page.fill("[name=username]", "lind");
        page.fill("[name=password]", "otters-demo");
        page.keyboard().press("Enter");
        assertThat(page.locator("h1")).containsText("Lind");
        page.navigate("http://127.0.0.1:" + port + "/board");
        assertThat(page.locator(".strip li")).hasCount(11);
        assertThat(strip(page, "mike")).not().containsText("tilted in");
        assertMenuNames(page, "Anvil Drizzle");
    }

    @Test
    void a5ATwoGappedGapHasSomebody(int port) {
        Page page = chromium.signedIn(port, "marrow", "/board");
        Words.choose(page, "Call", "bellows-drizzle");
        Words.choose(page, "Formation", "doubles-gun");
        Locator gap = page.locator("[data-word^=gap]:has(.dotted)").first();
        assertThat(gap.locator("rect")).hasCSS("fill", "none");
        assertThat(page.locator("[data-word^=two-gap]").first()).containsText("two-gaps");
        assertThat(gap).not().containsText("open");
        assertThat(page.locator("aside")).containsText("two-gapped");
    }

    @Test
    void a13AFaultAndADatabaseThatIsAwayAreSaidAndWhatWasTypedIsKept(int port) {
        Page page = chromium.signedIn(port, "marrow", "/board");
        edit(page, "mike", "stance tilted in");
        String problem = "{\"status\": %d, \"code\": \"%s\", \"detail\": \"%s\"}";
        page.route(
                "**/api/line-ups",
                r -> r.fulfill(new Route.FulfillOptions()
                        .setStatus(500)
                        .setContentType("application/problem+json")
                        .setBody(problem.formatted(500, "fault", "It is logged as 1a2b3c4d."))));
        Words.choose(page, "Formation", "doubles-gun");
        assertThat(page.locator(".place > [role=alert]")).containsText("1a2b3c4d");
        page.locator(".place > [role=alert] button").click();
        assertThat(page.locator(".place > [role=alert]")).hasCount(0);

        boolean[] away = {true};
        page.unroute("**/api/line-ups");
        page.route("**/actuator/health/readiness", r -> {
            if (away[0]) {
                r.fulfill(new Route.FulfillOptions().setStatus(503));
            } else {
                r.resume();
            }
        });
        page.route("**/api/line-ups", r -> {
            if (away[0]) {
                r.fulfill(new Route.FulfillOptions()
                        .setStatus(503)
                        .setContentType("application/problem+json")
                        .setBody(problem.formatted(503, "database-away", "The database does not answer.")));
            } else {
                r.resume();
            }
        });
        Words.choose(page, "Formation", "trips-open");
        assertThat(page.locator(".place > [role=alert]")).containsText("Trying again by itself");
        Chromium.assertAccessible(page);
        away[0] = false;
        assertThat(page.locator(".place > [role=alert]")).hasCount(0);
        assertThat(strip(page, "nickel")).containsText("apex #2 and");
        assertThat(page.locator(".save")).containsText("1 not saved");
    }

    private static void edit(Page page, String job, String sentence) {
        strip(page, job).click();
        page.locator(".tabs label", new Page.LocatorOptions().setHasText("Rules"))
                .click();
        page.locator("aside button", new Page.LocatorOptions().setHasText("Add a rung"))
                .click();
        page.keyboard().type(sentence);
        assertThat(page.locator(".fine")).isVisible();
        page.keyboard().press("Enter");
        assertThat(page.locator(".save")).containsText("not saved");
    }

    @Test
    void inAHandTheFieldTheFindingsAndTheMenStandOneUnderTheOther(int port) {
        Page page = chromium.signedIn(port, "lind", "/board");
        page.setViewportSize(390, 844);
        Words.choose(page, "Formation", "tackle-out");
        assertThat(page.locator(".facts")).containsText("detached lineman");
        assertThat(page.locator(".board .rules summary")).containsText("of 12 rules");
        var field = page.locator(".drawing").boundingBox();
        var findings = page.locator(".board aside").boundingBox();
        var men = page.locator(".board footer").boundingBox();
        Assertions.assertThat(field.width).isGreaterThan(340);
        Assertions.assertThat(field.height).isGreaterThan(150);
        Assertions.assertThat(findings.y).isGreaterThan(field.y + field.height - 1);
        Assertions.assertThat(men.y).isGreaterThan(findings.y + findings.height - 1);
        Assertions.assertThat((Integer) page.evaluate("document.documentElement.scrollWidth"))
                .isLessThanOrEqualTo(390);
    }

    private static void assertMenuNames(Page page, String name) {
        Words.word(page, "Call").click();
        page.locator(".choices input").fill("anvil-drizzle");
        assertThat(page.locator(".word-list .name").first()).hasText(name);
        page.keyboard().press("Escape");
    }
}
