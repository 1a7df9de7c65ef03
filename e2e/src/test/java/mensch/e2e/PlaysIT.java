package mensch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * Plays run at a call in the browser, by keys alone: findings walked and muted, blocks and routes looked at, two fronts
 * against one run.
 */
class PlaysIT extends InBrowser {
    @Test
    void findingsAreWalkedMutedWithAReasonAndSaidAgain(int port) {
        Page page = chromium.signedIn(port, "marrow", "/board");
        Words.choose(page, "Call", "anvil-drizzle");
        Words.choose(page, "Formation", "trips-open");
        Locator panel = page.locator(".board aside");
        assertThat(page.locator(".facts")).containsText("1 receiver left and 3 right");
        assertThat(panel.locator(".rules summary")).containsText("of 12 rules");
        page.keyboard().press("ArrowDown");
        assertThat(panel.locator("li.pointed .n")).hasText("1");
        assertThat(page.locator(".strip li.selected")).hasCount(1);
        assertThat(page.locator("svg.field .finding.pointed")).hasCount(1);
        String title = panel.locator("li.pointed b").first().textContent();
        page.keyboard().press("x");
        assertThat(panel.locator(".mute input")).isFocused();
        page.keyboard().type("They have no such play.");
        page.keyboard().press("Enter");
        Locator muted = panel.locator(".group.muted");
        assertThat(muted.locator("summary")).containsText("lived with 1");
        assertThat(panel.locator("[data-finding]:focus")).hasCount(1);
        page.reload();
        muted.locator("summary").click();
        muted.locator(".row").click();
        assertThat(muted).containsText(title);
        assertThat(muted).containsText("Muted by marrow: They have no such play.");
        Chromium.assertAccessible(page);
        muted.locator(".quiet").click();
        assertThat(muted).hasCount(0);
        assertThat(panel).containsText(title);
    }

    @Test
    void runsAndPassesAreWalkedAndDrawn(int port) {
        Page page = chromium.signedIn(port, "lind", "/board");
        Words.choose(page, "Formation", "pro-i");
        Words.choose(page, "Call", "anvil-drizzle");
        Locator panel = page.locator(".board aside");
        assertThat(panel.locator(".rules summary")).containsText("of 12 rules");
        page.locator(".facts").click();
        page.keyboard().press("p");
        assertThat(panel.locator(".lines li")).not().hasCount(0);
        page.keyboard().press("ArrowDown");
        assertThat(panel.locator(".blocks")).containsText("ball at the line in");
        assertThat(page.locator("svg.field path.block")).not().hasCount(0);
        Chromium.assertAccessible(page);
        page.keyboard().press("p");
        page.keyboard().press("ArrowDown");
        assertThat(panel.locator("[aria-label=Routes]"))
                .containsText(Pattern.compile("\\d of \\d routes can be had at once"));
        assertThat(page.locator("svg.field .route .way")).not().hasCount(0);
        page.keyboard().press("p");
        page.keyboard().press("ArrowDown");
        assertThat(panel.locator("[aria-label=Option]")).containsText("throw");
        assertThat(page.locator("svg.field path.block")).not().hasCount(0);
        assertThat(page.locator("svg.field .route .way")).hasCount(1);
        page.keyboard().press("p");
        assertThat(panel.locator("[aria-label=Rush] h3")).isInViewport();
        assertThat(panel.locator("[aria-label=Rush]")).containsText("4 v 5");
        page.keyboard().press("p");
        assertThat(panel.locator("[aria-label=Tells] h3")).isInViewport();
        assertThat(panel.locator("[aria-label=Tells]")).containsText("Told from");
        panel.locator("summary", new Locator.LocatorOptions().setHasText("not from this formation"))
                .click();
        assertThat(panel.locator("details[open] li")
                        .filter(new Locator.FilterOptions().setHasText("Zone read"))
                        .first())
                .containsText("needs gun");
        panel.getByLabel("Find a play").fill("iso right");
        assertThat(panel.locator(".line")).hasCount(1);
        panel.locator(".line").click();
        assertThat(page.locator("svg.field path.ball")).hasCount(1);
        page.keyboard().press("Escape");
        page.keyboard().press("f");
        assertThat(panel).containsText("What breaks");
        assertThat(page.locator("svg.field .route")).hasCount(0);
    }

    /**
     * Which of my calls holds it: two calls are watched in step, a man stands elsewhere and the difference is said, and
     * the snap is seen from his own place until he acts.
     */
    @Test
    void twoCallsAreWatchedInStepAndASnapFromAMansOwnPlace(int port) {
        Page page = chromium.signedIn(port, "marrow", "/board?call=anvil-drizzle&against=pro-i");
        Locator panel = PlaysPanel.open(page);
        panel.getByLabel("Find a play").fill("power right");
        panel.locator(".line").click();
        Locator run = panel.getByLabel("Run it", new Locator.GetByLabelOptions().setExact(true));
        assertThat(run.getByRole(AriaRole.BUTTON)).hasText(Pattern.compile("Run it"));
        page.keyboard().press("i");
        Locator clock = page.getByLabel("The snap", new Page.GetByLabelOptions().setExact(true));
        assertThat(clock).containsText(Pattern.compile("brings TB down|scores|out of bounds"));
        Locator calls = run.getByLabel("At other calls");
        calls.getByText("Run it at this week's calls").click();
        assertThat(calls.locator("tbody")).containsText("Anvil Drizzle, on the board");
        calls.locator("tbody button").first().click();
        assertThat(page.locator("svg.field")).hasCount(2);
        assertThat(calls).containsText("both have the same luck");
        Chromium.assertAccessible(page);
        page.keyboard().press("Home");
        calls.getByText("one field again").click();
        assertThat(page.locator("svg.field")).hasCount(1);

        page.locator("[data-job=end-call]").click();
        Locator right = run.getByLabel("lines up to the right by, yd");
        right.fill("2");
        right.press("Enter");
        assertThat(run).containsText(Pattern.compile("End call lines up to the right by [0-9.]+ yd"));
        assertThat(run).containsText(Pattern.compile("This snap gains .* with it and .* without it"));

        page.locator("[data-job=mike]").click();
        page.keyboard().press("h");
        Locator own = page.locator(".own");
        assertThat(own).containsText("what do you do?");
        assertThat(own).not().containsText("acts on");
        assertThat(run).containsText("Why it went so is said when he has answered");
        own.getByText("Say it").click();
        assertThat(own).containsText("Mike acts on");
        page.keyboard().press("Escape");
        assertThat(page.locator(".own")).hasCount(0);
        assertThat(page.locator("svg.field")).hasCount(1);
    }

    /** By keys alone from the list to the moment that broke it; what if changes the range, another board ends it. */
    @Test
    void aRunIsRunWatchedTickByTickAndAskedWhatIf(int port) {
        Page page = chromium.signedIn(port, "lind", "/board?call=anvil-drizzle&formation=pro-i");
        Locator panel = PlaysPanel.open(page);
        panel.getByText("What beats it?").click();
        Locator worst = panel.getByLabel("What beats it");
        assertThat(worst.locator("tbody tr")).hasCount(8);
        assertThat(worst.locator("tbody tr").first()).containsText(Pattern.compile("\\d+ %.*yd"));
        worst.locator("tbody button").first().click();
        assertThat(panel.locator(".line.picked"))
                .containsText(
                        worst.locator("tbody button").first().textContent().replaceAll(" (left|right)$", ""));
        Locator run = PlaysPanel.choose(panel, "power right");
        PlaysPanel.run(page, run);
        Locator clock = page.getByLabel("The snap", new Page.GetByLabelOptions().setExact(true));
        assertThat(clock).containsText(Pattern.compile("brings TB down|scores|out of bounds"));
        Chromium.assertAccessible(page);
        Locator time = clock.getByLabel("Time of the snap");
        time.focus();
        time.press("Home");
        assertThat(clock.locator(".time")).hasText("0.00 s");
        String before = mike(page);
        page.keyboard().press(".");
        assertThat(clock.locator(".time")).hasText("0.05 s");
        page.keyboard().press(",");
        assertThat(clock.locator(".time")).hasText("0.00 s");
        run.locator("ol").first().getByRole(AriaRole.BUTTON).first().click();
        assertThat(clock.locator(".time")).not().hasText("0.00 s");
        org.assertj.core.api.Assertions.assertThat(mike(page)).isNotEqualTo(before);
        Words.pick(page, "Man", "end call");
        Locator step = run.getByLabel("takes a false step of, yd");
        step.fill("1.5");
        step.press("Enter");
        assertThat(run).containsText("takes a false step of 1.5 yd");
        assertThat(run).containsText(Pattern.compile("With it the offence gains .* more on the average"));
        page.locator(".facts").click();
        page.keyboard().press("Escape");
        assertThat(clock).hasCount(0);
        assertThat(panel.locator(".blocks")).containsText("ball at the line in");
    }

    /** A pass is run like a run; the picture goes downfield with the ball, and the cause names who has the route. */
    @Test
    void aPassIsRunAndThePictureGoesWithTheBall(int port) {
        Page page = chromium.signedIn(port, "marrow", "/board?call=anvil-fog&against=doubles-gun");
        Locator panel = PlaysPanel.open(page);
        Locator run = PlaysPanel.choose(panel, "four verticals right");
        PlaysPanel.run(page, run);
        assertThat(run.locator(".shares th")).hasText(new String[] {
            "sacked",
            "thrown away",
            "incomplete",
            "intercepted",
            "3 yd and less",
            "4 to 9 yd",
            "10 to 15 yd",
            "16 yd and more"
        });
        run.locator(".watch button").nth(2).click();
        assertThat(run.locator(".watch button").nth(2)).hasAttribute("aria-pressed", "true");
        Locator clock = page.getByLabel("The snap", new Page.GetByLabelOptions().setExact(true));
        Locator time = clock.getByLabel("Time of the snap");
        time.focus();
        time.press("Home");
        double line = scrimmage(page);
        time.press("End");
        assertThat(clock).containsText(Pattern.compile("down\\.|scores|out of bounds"));
        org.assertj.core.api.Assertions.assertThat(scrimmage(page))
                .as("the line of scrimmage goes down the page")
                .isGreaterThan(line);
        assertThat(run.locator("ol").first()).containsText(" has it ");
        Chromium.assertAccessible(page);
    }

    /** Flag is run with the keys alone: who can be caught in his disguise is offered, and a flag is pulled. */
    @Test
    void flagIsRunWithTheKeys(int port) {
        Page page = chromium.signedIn(port, "lind", "/board?call=rivet-dusk&against=flag-seven");
        Locator panel = PlaysPanel.open(page);
        Locator run = PlaysPanel.choose(panel, "reverse right");
        PlaysPanel.run(page, run);
        Locator clock = page.getByLabel("The snap", new Page.GetByLabelOptions().setExact(true));
        assertThat(clock).containsText(Pattern.compile("flag|scores|out of bounds"));
        assertThat(run.locator("ol").first()).not().containsText("block");
        Words.pick(page, "Man", "up right");
        assertThat(run).containsText("still stands where he shows");
        Chromium.assertAccessible(page);
    }

    /** Where the line of scrimmage is drawn. */
    private static double scrimmage(Page page) {
        return page.locator("svg.field .scrimmage").boundingBox().y;
    }

    /** Where the mike is drawn. */
    private static String mike(Page page) {
        return String.valueOf(page.locator("[data-defender=mike]").boundingBox().y);
    }

    @Test
    void oneRunIsRunAtTwoFrontsSideBySide(int port) {
        Page page = chromium.signedIn(port, "marrow", "/playbook/compare?first=wedge-ice&second=maul-ice");
        Words.choose(page, "Formation", "goal-32");
        Words.choose(page, "Run", "power");
        assertThat(page.locator(".two .blocks")).hasCount(2);
        assertThat(page.locator(".two")).containsText("Power right");
        Chromium.assertAccessible(page);
    }
}
