package mensch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import mensch.app.Films;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A play from two sides at one moment, and what is drawn over it. */
class RoomSidesIT extends InBrowser {
    @TempDir
    static Path folder;

    /** The second camera takes half as many pictures, and began at another time. */
    @BeforeAll
    static void film() {
        for (String[] reel : new String[][] {{"wide", "30"}, {"tight", "15"}}) {
            Films.make(
                    folder.resolve(reel[0] + ".mp4"),
                    "testsrc=duration=2:size=640x360:rate=" + reel[1],
                    "-c:v",
                    "libx264",
                    "-pix_fmt",
                    "yuv420p");
        }
    }

    private static void upload(Page page, String name) {
        page.setInputFiles(".upload input[type=file]", folder.resolve(name + ".mp4"));
        page.locator("form button.main").click();
        assertThat(page.locator("td a", new Page.LocatorOptions().setHasText(name)))
                .isVisible();
    }

    private static void step(Page page, int frames) {
        for (int i = 0; i < frames; i++) {
            page.keyboard().press(".");
        }
    }

    /** The play of a new game, its ball at frame 12 of the one film and at frame 4 of the other. */
    private Page filmedTwice(int port) {
        Page page = chromium.signedIn(port, "marrow", "/film");
        assertThat(page.locator("form button.main")).hasText("Begin it");
        page.fill("[name=opponent]", "two sides");
        page.locator("form button.main").click();
        assertThat(page.locator("h1")).containsText("two sides");
        upload(page, "wide");
        upload(page, "tight");
        page.locator("td a", new Page.LocatorOptions().setHasText("wide")).click();
        assertThat(page.locator("aside")).containsText("No play in hand");
        step(page, 12);
        page.keyboard().press("n");
        assertThat(page.locator(".strip li")).hasCount(11);
        page.goBack();
        page.locator("td a", new Page.LocatorOptions().setHasText("tight")).click();
        assertThat(page.locator("aside")).containsText("This is play 1, seen from here");
        step(page, 4);
        page.keyboard().press("t");
        assertThat(page.locator(".ribbon")).containsText("beside");
        assertThat(page.locator(".time")).containsText("frame 4 ");
        assertThat(page.locator(".time")).containsText("ball moves");
        return page;
    }

    private static void shows(Page page, int side, double seconds) {
        page.waitForFunction(
                "([side, seconds]) => Math.abs(document.querySelectorAll('.stage video')[side].currentTime - seconds) < 0.05",
                List.of(side, seconds));
    }

    @Test
    void bothSidesShowTheSameMomentOfThePlay(int port) {
        Page page = filmedTwice(port);
        page.keyboard().press(";");
        assertThat(page.locator(".stage video")).hasCount(2);
        assertThat(page.locator("figcaption")).hasText("wide");
        shows(page, 0, 4.5 / 15);
        shows(page, 1, 12.5 / 30);
        step(page, 3);
        assertThat(page.locator(".time")).containsText("frame 7 ");
        shows(page, 1, 18.5 / 30);
        Chromium.assertAccessible(page);
        page.keyboard().press("v");
        assertThat(page.locator("figcaption")).hasText("tight");
        assertThat(page.locator(".time")).containsText("frame 18 ");
        shows(page, 1, 7.5 / 15);
        page.keyboard().press(";");
        assertThat(page.locator(".stage video")).hasCount(1);
    }

    @Test
    void whatIsDrawnByKeyAndByPointerIsThereForTheOtherCoach(int port) {
        Page page = filmedTwice(port);
        page.keyboard().press("c");
        assertThat(page.locator("aside")).containsText("Nothing is drawn on this side of the play yet");
        page.keyboard().press("Enter");
        for (int i = 0; i < 4; i++) {
            page.keyboard().press("Shift+ArrowRight");
        }
        page.keyboard().press("Enter");
        Locator drawn = page.locator(".stage .drawing");
        assertThat(drawn).hasCount(1);
        page.keyboard().press("2");
        BoundingBox stage = page.locator(".stage svg").boundingBox();
        page.mouse().move(stage.x + 60, stage.y + 60);
        page.mouse().down();
        page.mouse().move(stage.x + 160, stage.y + 140);
        page.mouse().up();
        assertThat(drawn).hasCount(2);
        assertThat(page.locator("aside li")).containsText(Pattern.compile("arrow, ring"));
        assertThat(page.locator(".state")).hasText("saved");
        Chromium.assertAccessible(page);

        Page other = chromium.signedIn(port, "abara", "/film");
        assertThat(other.locator("h1")).containsText("Choose one");
        other.navigate(page.url());
        assertThat(other.locator(".strip li")).hasCount(11);
        other.keyboard().press("v");
        assertThat(other.locator(".stage .drawing")).hasCount(2);

        page.keyboard().press("Delete");
        assertThat(drawn).hasCount(1);
        page.keyboard().press("u");
        assertThat(drawn).hasCount(2);
        page.keyboard().press("Escape");
        step(page, 16);
        assertThat(drawn).hasCount(0);
    }
}
