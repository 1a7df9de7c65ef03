package mensch.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import mensch.app.Browserless;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;

/** Pictures of each main view, made from the running demo: {@code Screenshots <folder>}, address in MENSCH_ADDRESS. */
public final class Screenshots {
    /** The demo's film is made after the start, and graded. */
    private static final int FILMED_MILLIS = 600_000;
    /** Men are followed through a play. */
    private static final int FOLLOWED_MILLIS = 120_000;

    private static final int DOTS_PER_INCH = 80;

    private final Path folder;
    private final int port;

    private Screenshots(Path folder, int port) {
        this.folder = folder;
        this.port = port;
    }

    public static void main(String[] args) throws IOException {
        String address = System.getenv("MENSCH_ADDRESS");
        new Screenshots(Path.of(args[0]), Integer.parseInt(address.replaceAll(".*:(\\d+).*", "$1"))).take();
    }

    private void take() throws IOException {
        try (var chromium = new Chromium()) {
            Page page = chromium.signedIn(port, "marrow", "/board");
            page.locator(".strip [data-job]").first().waitFor();
            shot(page, "board");
            Words.choose(page, "Formation", "trips-open");
            Words.choose(page, "Hash", "l");
            Words.choose(page, "Call", "anvil-fog");
            page.locator(".strip [data-job=nickel] .head b").click();
            page.waitForTimeout(800);
            playbook(page);
            film(page);
            Page player = chromium.signedIn(port, "lind", "/mine");
            player.waitForTimeout(2500);
            shot(player, "mine");
        }
    }

    private void playbook(Page page) {
        page.navigate(base() + "/playbook");
        page.waitForTimeout(1600);
        shot(page, "playbook");
        page.navigate(base() + "/playbook/call/anvil-fog");
        page.waitForTimeout(1200);
        Words.choose(page, "Man", "nickel");
        shot(page, "playbook-rules");
        page.navigate(base() + "/playbook/pressure");
        Words.choose(page, "What will does", "B gap", "comes through the B gap");
        page.waitForTimeout(4000);
        shot(page, "pressure");
        page.navigate(base() + "/playbook/card/anvil-heron");
        shot(page, "playbook-card");
        page.navigate(base() + "/plan");
        page.waitForTimeout(14_000);
        Words.choose(page, "Order", "worst");
        shot(page, "plan");
        page.navigate(base() + "/board");
        plays(page);
        Words.choose(page, "Formation", "flag-spread");
        page.waitForTimeout(800);
        Words.choose(page, "Call", "tack-siskin");
        shot(page, "board-flag");
    }

    private void plays(Page page) {
        Words.choose(page, "Formation", "pro-i");
        Words.choose(page, "Hash", "m");
        Words.choose(page, "Call", "anvil-drizzle");
        page.keyboard().press("v");
        page.waitForTimeout(1500);
        page.locator(".facts").click();
        page.keyboard().press("p");
        page.waitForTimeout(500);
        page.locator(".line", new Page.LocatorOptions().setHasText("Power right"))
                .click();
        runIt(page);
        page.getByLabel("The snap", new Page.GetByLabelOptions().setExact(true)).waitFor();
        page.waitForTimeout(5000);
        // the moment that broke it
        page.locator(".run ol button").first().click();
        shot(page, "board-run");
        page.navigate(base() + "/board?call=anvil-fog&against=doubles-gun");
        page.waitForTimeout(3000);
        page.locator(".facts").click();
        page.keyboard().press("p");
        page.waitForTimeout(2000);
        page.locator(".line", new Page.LocatorOptions().setHasText("Smash right"))
                .click();
        runIt(page);
        page.getByLabel("The snap", new Page.GetByLabelOptions().setExact(true)).waitFor();
        page.waitForTimeout(1000);
        page.locator(".watch button").nth(2).click();
        page.waitForTimeout(5000);
        Locator calls = page.getByLabel("At other calls");
        calls.getByText("Run it at this week's calls").click();
        calls.locator("tbody button").first().click();
        calls.getByText("both have the same luck").waitFor();
        // who has the route when the ball leaves the hand
        page.locator(".run ol button").nth(1).click();
        calls.locator("table").scrollIntoViewIfNeeded();
        shot(page, "board-two-calls");
        page.keyboard().press("Escape");
    }

    /** When the play is there in full. */
    private static void runIt(Page page) {
        page.locator(".run button", new Page.LocatorOptions().setHasText("Run it"))
                .click();
    }

    private void film(Page page) throws IOException {
        page.navigate(base() + "/film");
        page.locator("td a", new Page.LocatorOptions().setHasText("Stoats")).click();
        page.locator("h1 a", new Page.LocatorOptions().setHasText("to grade"))
                .waitFor(new Locator.WaitForOptions().setTimeout(FILMED_MILLIS));
        page.locator("[aria-label^=\"Film of the demo\"]")
                .waitFor(new Locator.WaitForOptions()
                        .setState(WaitForSelectorState.HIDDEN)
                        .setTimeout(FILMED_MILLIS));
        shot(page, "film-game");
        page.locator("h1 a", new Page.LocatorOptions().setHasText("to grade")).click();
        page.locator(".strip li").first().waitFor();
        String toGrade = page.url();
        page.navigate(toGrade.replaceAll("play=\\d+", "play=7"));
        page.locator(".strip li").first().waitFor();
        page.locator("aside").focus();
        page.keyboard().press("k");
        page.locator(".stage .found").first().waitFor();
        shot(page, "film-calibrate");
        page.navigate(toGrade);
        page.locator(".strip li").first().waitFor();
        page.locator("aside").focus();
        page.keyboard().press(";");
        page.locator(".sides video").nth(1).waitFor();
        page.keyboard().press("Shift+ArrowRight");
        shot(page, "film-sides");
        page.keyboard().press(";");
        page.keyboard().press("j");
        page.keyboard().press("v");
        page.keyboard().press("g");
        page.locator("[data-man=nickel]").click();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowDown");
        shot(page, "film-grade");
        follow(page, toGrade);
        page.locator("nav a", new Page.LocatorOptions().setHasText("Grades")).click();
        shot(page, "grades");
        page.locator("a.big", new Page.LocatorOptions().setHasText("Dunmore")).click();
        page.locator(".chart svg").first().waitFor();
        shot(page, "grades-man");
        paper(page.url().replaceAll(".*/", ""));
        page.navigate(base() + "/grades/unit/all");
        page.locator(".chart svg").first().waitFor();
        shot(page, "grades-unit");
    }

    /** Men followed through a play, some frames after the ball. */
    private void follow(Page page, String play) {
        page.navigate(play);
        page.locator(".strip li").first().waitFor();
        page.locator("aside").focus();
        page.keyboard().press("m");
        for (int frame = 0; frame < 30; frame++) {
            page.keyboard().press(".");
        }
        Locator found = page.locator("aside .found", new Page.LocatorOptions().setHasText("Found in the picture"));
        Locator begin = page.locator("aside .found", new Page.LocatorOptions().setHasText("follows who was clicked"));
        found.or(begin).first().waitFor();
        if (begin.count() > 0) {
            page.keyboard().press("f");
        }
        found.waitFor(new Locator.WaitForOptions().setTimeout(FOLLOWED_MILLIS));
        page.locator("[data-man=nickel]").first().click();
        page.locator("aside polyline.picked").first().waitFor();
        shot(page, "film-paths");
    }

    /** What a man takes along on paper, its first page. */
    private void paper(String man) throws IOException {
        byte[] sheet = Browserless.signedIn(port, "marrow").bytes("/api/grades/" + man + "/sheet.pdf");
        try (PDDocument document = Loader.loadPDF(sheet)) {
            BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, DOTS_PER_INCH);
            ImageIO.write(page, "png", folder.resolve("correction-sheet.png").toFile());
        }
    }

    private String base() {
        return "http://127.0.0.1:" + port;
    }

    private void shot(Page page, String name) {
        // what waits for an answer is dimmed meanwhile; then men and pictures come to rest
        page.waitForFunction("() => !document.querySelector('[aria-busy=true]')");
        page.waitForFunction(
                "() => [...document.images].every(i => i.complete || i.getBoundingClientRect().top > innerHeight)");
        page.waitForTimeout(1500);
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}
