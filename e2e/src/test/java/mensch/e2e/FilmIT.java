package mensch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.net.URI;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import mensch.camera.Body;
import mensch.camera.PinholeCamera;
import mensch.camera.Point3;
import mensch.camera.ReelMaker;
import mensch.camera.Scene;
import mensch.core.film.ImagePoint;
import mensch.core.film.KnownPlaces;
import mensch.core.film.KnownPlaces.KnownPlace;
import mensch.core.film.Places;
import mensch.core.geometry.Point;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.json.JsonMapper;

/**
 * From a film file to a grade: a game, its reels, cut, log, calibrate, mark, grade, grades page. The truth only aims
 * the mouse.
 */
class FilmIT extends InBrowser {
    private static final List<Scene> SCENES = ReelMaker.script().subList(0, 2);
    private static final Scene SCENE = SCENES.get(0);
    private static final PinholeCamera CAMERA = ReelMaker.camera(SCENE, true);

    /** So much wider than he is filmed the nickel is clicked, yards: one side alone tells a plain fault only. */
    private static final double WIDER = 1;
    /** Frames after the snap to which men are followed. */
    private static final int FOLLOWED = 6;

    @TempDir
    static Path folder;

    @BeforeAll
    static void film() throws IOException {
        new ReelMaker(folder, folder.resolve("truth")).film("reel", "Reel", SCENES, true);
    }

    private static void click(Page page, ImagePoint at) {
        BoundingBox frame = page.locator(".stage svg").boundingBox();
        page.mouse()
                .click(
                        frame.x + at.xPixels() / CAMERA.widthPixels() * frame.width,
                        frame.y + at.yPixels() / CAMERA.heightPixels() * frame.height);
    }

    private static ImagePoint pixel(double x, double y) {
        return CAMERA.project(new Point3(x, y, 0));
    }

    /** A new game with the reel in it, and the reel open in the film room. */
    private static void takenIn(Page page, String opponent) {
        assertThat(page.locator("form button.main")).hasText("Begin it");
        page.fill("[name=opponent]", opponent);
        page.locator("form button.main").click();
        assertThat(page.locator("h1")).containsText(opponent);
        page.setInputFiles(".upload input[type=file]", folder.resolve("reel.mp4"));
        page.locator("form button.main").click();
        page.locator("td a", new Page.LocatorOptions().setHasText("reel")).click();
        assertThat(page.locator("aside")).containsText("No play in hand");
    }

    @Test
    void aFilmIsTakenInMeasuredAndGraded(int port) {
        Page page = chromium.signedIn(port, "marrow", "/film");
        takenIn(page, "Quarry Bend");
        cut(page);
        log(page, SCENE);
        calibrate(page);
        mark(page, List.of(Places.BALL, "TE", "C", "RG", "nickel", "mike"));
        assertThat(page.locator(".stage .mark")).hasCount(6);
        assertThat(page.locator(".state")).hasText("saved");
        assertThat(page.locator("[data-man=nickel]")).containsText("wide");
        assertThat(page.locator("[data-man=nickel]")).containsText("Out:");
        assertThat(page.locator("[data-man=mike]")).containsText("In");
        Chromium.assertAccessible(page);
        grade(page);
        grades(page);
        playlist(page);
    }

    @Test
    void a11TheClicksOfAnotherCoachAreNeverOverwrittenByAReload(int port) {
        Page first = chromium.signedIn(port, "marrow", "/film");
        takenIn(first, "two coaches");
        cut(first);
        String address = first.url();
        Page second = chromium.signedIn(port, "abara", "/film");
        assertThat(second.locator("h1")).containsText("Choose one");
        second.navigate(address);
        assertThat(second.locator(".strip li")).hasCount(11);
        mark(second, List.of("TE", "C"));
        assertThat(second.locator(".state")).hasText("saved");

        mark(first, List.of("mike"));
        assertThat(first.locator("aside [role=alert]")).containsText("somebody else worked on play");
        first.reload();
        assertThat(first.locator(".left")).containsText("You have clicks on this play that were not saved");
        assertThat(first.locator(".stage .mark")).hasCount(2);
        Chromium.assertAccessible(first);
        second.reload();
        assertThat(second.locator(".stage .mark")).hasCount(2);

        first.locator(".left button.main").click();
        assertThat(first.locator(".stage .mark")).hasCount(3);
        assertThat(first.locator(".state")).hasText("saved");
        second.reload();
        assertThat(second.locator(".stage .mark")).hasCount(3);

        first.keyboard().press("x");
        first.locator(".ant-modal button.main").click();
        assertThat(first.locator(".strip li")).hasCount(0);
        first.keyboard().press("r");
        assertThat(first.locator(".stage .mark")).hasCount(3);
    }

    /**
     * Two coaches grade one man with the keyboard alone; a line that is cut loses nothing, and neither sees the other
     * first.
     */
    @Test
    void twoCoachesGradeByKeyAndACutLineLosesNothing(int port) {
        Page first = chromium.signedIn(port, "marrow", "/film");
        takenIn(first, "graded twice");
        cut(first);
        String address = first.url();
        first.keyboard().press("g");
        assertThat(first.locator(".facets > li")).hasCount(8);
        for (String key : List.of("d", "1", "2", "3", "0")) {
            first.keyboard().press(key);
        }
        assertThat(first.locator(".strip .grades")).hasText("AL + ST = GO - KEY n/a");
        first.context().setOffline(true);
        first.keyboard().press("2");
        assertThat(first.locator("aside")).containsText("graded here and not saved yet");
        first.context().setOffline(false);
        assertThat(first.locator("aside")).not().containsText("not saved yet");
        first.reload();
        assertThat(first.locator(".strip .grades")).containsText("AS =");

        Page second = chromium.signedIn(port, "abara", "/film");
        assertThat(second.locator("h1")).containsText("Choose one");
        second.navigate(address);
        second.locator(".strip li").first().waitFor();
        second.keyboard().press("g");
        assertThat(second.locator(".facets > li")).hasCount(8);
        second.keyboard().press("d");
        assertThat(second.locator("aside")).containsText("marrow graded men here too");
        assertThat(second.locator(".strip .grades")).hasCount(0);
        assertThat(second.locator("aside")).not().containsText("marrow says");
        second.keyboard().press("3");
        assertThat(second.locator("[data-facet=AL]")).containsText("marrow says +");
        Chromium.assertAccessible(second);
        second.locator("nav a", new Page.LocatorOptions().setHasText("Grades")).click();
        assertThat(second.locator(".tally", new Page.LocatorOptions().setHasText("not agreed"))
                        .first())
                .isVisible();
        second.locator("text=Where two coaches differ").click();
        Locator differs = second.locator("li", new Page.LocatorOptions().setHasText("graded twice"))
                .first();
        differs.locator("button", new Locator.LocatorOptions().setHasText("stands"))
                .first()
                .click();
        assertThat(differs).containsText("stands, said abara");
        Chromium.assertAccessible(second);
    }

    /** Where the camera stands the first play tells; for the next one a key and three clicks are enough. */
    @Test
    void placesAreOfferedAndThreeSolveTheNextPlay(int port) throws IOException {
        Page page = chromium.signedIn(port, "marrow", "/film");
        takenIn(page, "on a tripod");
        cut(page);
        log(page, SCENE);
        page.keyboard().press("k");
        clickOffered(page, SCENE, 8);
        assertThat(page.locator(".solved")).containsText("This view can tell");
        page.keyboard().press("Escape");

        int snap = JsonMapper.builder()
                .build()
                .readTree(folder.resolve("reel.json").toFile())
                .at("/snaps/1/snapFrame")
                .asInt();
        for (int frame = ReelMaker.FRAMES_BEFORE; frame < snap; frame += frame + 30 <= snap ? 30 : 1) {
            page.keyboard().press(frame + 30 <= snap ? "Shift+ArrowRight" : ".");
        }
        assertThat(page.locator(".time")).containsText("frame " + snap + " ");
        thePictureShowsTheBall(page, snap);
        page.keyboard().press("n");
        assertThat(page.locator(".view-head, header").first()).containsText("2 of 2");
        log(page, SCENES.get(1));
        page.keyboard().press("k");
        assertThat(page.locator("aside")).containsText("two are enough on this reel");
        thePictureShowsThem(page);
        clickOffered(page, SCENES.get(1), 3);
        assertThat(page.locator("aside")).containsText("The camera stands where 1 other play of this reel puts it");
        assertThat(page.locator(".state")).hasText("saved");
        Chromium.assertAccessible(page);
    }

    /** From a quarter of a second after it a key goes to where the ball moves, within two frames. */
    private static void thePictureShowsTheBall(Page page, int snap) {
        for (int frame = snap; frame < snap + 8; frame++) {
            page.keyboard().press(".");
        }
        page.keyboard().press("s");
        assertThat(page.locator("aside")).containsText("The picture shows the first movement after this frame");
        int shown = Integer.parseInt(page.locator(".time").textContent().replaceAll("(?s).*frame (\\d+).*", "$1"));
        assertTrue(Math.abs(shown - snap) <= 2, "frame " + shown + " for " + snap);
        for (int frame = Math.min(shown, snap); frame < Math.max(shown, snap); frame++) {
            page.keyboard().press(shown > snap ? "," : ".");
        }
        assertThat(page.locator(".time")).containsText("frame " + snap + " ");
    }

    /** By one key each the places and the men that the picture shows are clicks, and by another they are none again. */
    private static void thePictureShowsThem(Page page) {
        assertThat(page.locator("aside .found")).containsText("places found in the picture");
        page.keyboard().press("f");
        assertThat(page.locator("aside")).containsText("The camera stands where 1 other play of this reel puts it");
        assertThat(page.locator(".state")).hasText("saved");
        page.keyboard().press("m");
        assertThat(page.locator("aside .found")).containsText("Found in the picture: ");
        int shown = page.locator(".stage .found").count();
        assertTrue(shown > 4, "men shown: " + shown);
        Chromium.assertAccessible(page);
        page.keyboard().press("f");
        assertThat(page.locator(".stage .mark").first()).isVisible();
        assertThat(page.locator(".state")).hasText("saved");
        assertThat(page.locator(".strip li", new Page.LocatorOptions().setHasText("stood"))
                        .first())
                .isVisible();
        theyAreFollowed(page);
        page.keyboard().press("u");
        assertThat(page.locator(".stage .mark")).hasCount(0);
        page.keyboard().press("u");
        page.keyboard().press("k");
        assertThat(page.locator(".stage .point")).hasCount(0);
        assertThat(page.locator("aside")).containsText("two are enough on this reel");
        assertThat(page.locator(".state")).hasText("saved");
    }

    /** A key follows who is clicked at the ball through the play, and in any frame of it the next takes them. */
    private static void theyAreFollowed(Page page) {
        for (int frame = 0; frame < FOLLOWED; frame++) {
            page.keyboard().press(".");
        }
        assertThat(page.locator(".stage .mark")).hasCount(0);
        assertThat(page.locator("aside .found")).containsText("follows who was clicked at the snap");
        page.keyboard().press("f");
        assertThat(page.locator("aside .found"))
                .containsText("Found in the picture: ", new LocatorAssertions.ContainsTextOptions().setTimeout(90_000));
        assertThat(page.locator("aside polyline.path").first()).isVisible();
        assertThat(page.locator("aside .paths")).containsText("followed: ");
        page.keyboard().press("f");
        assertThat(page.locator(".stage .mark").first()).isVisible();
        assertThat(page.locator(".state")).hasText("saved");
        page.keyboard().press("u");
        assertThat(page.locator(".stage .mark")).hasCount(0);
        for (int frame = 0; frame < FOLLOWED; frame++) {
            page.keyboard().press(",");
        }
        assertThat(page.locator(".stage .mark").first()).isVisible();
    }

    /** Clicks the places that are offered where they are; one that is not to be seen is passed over by key. */
    private static void clickOffered(Page page, Scene scene, int count) {
        PinholeCamera camera = ReelMaker.camera(scene, true);
        int clicked = 0;
        while (clicked < count) {
            Locator ask = page.locator("aside .ask");
            assertThat(ask).containsText("Click in the picture: ");
            String name = ask.textContent().replaceAll("(?s).*Click in the picture: (.*?)\\. Not.*", "$1");
            Point place =
                    KnownPlaces.named(scene.snap().field(), name).orElseThrow().at();
            ImagePoint at = camera.project(new Point3(place.x(), place.y(), 0));
            if (camera.sees(at)) {
                click(page, at);
                clicked++;
                assertThat(page.locator(".stage .point")).hasCount(clicked);
                assertThat(page.locator(".state")).hasText("saved");
            } else {
                page.keyboard().press("d");
            }
            assertThat(ask).not().containsText("picture: " + name + ".");
        }
    }

    private static void cut(Page page) {
        for (int i = 0; i < ReelMaker.FRAMES_BEFORE + 2; i++) {
            page.keyboard().press(".");
        }
        page.keyboard().press(",");
        page.keyboard().press(",");
        assertThat(page.locator(".time")).containsText("frame " + ReelMaker.FRAMES_BEFORE + " ");
        page.waitForFunction(
                "n => Math.floor(document.querySelector('video').currentTime * 30 + 1e-6) === n",
                ReelMaker.FRAMES_BEFORE);
        assertThat(page.locator(".stage canvas")).isHidden();
        page.keyboard().press("n");
        assertThat(page.locator(".strip li")).hasCount(11);
    }

    private static void log(Page page, Scene scene) {
        Words.choose(
                page, "Ball spot", String.valueOf(scene.snap().field().ball().yardsToGoal()));
        Words.choose(page, "Formation", scene.formation());
        assertThat(page.locator(".time")).containsText("ball moves");
    }

    private static void calibrate(Page page) {
        page.locator("aside").focus();
        page.keyboard().press("k");
        int clicked = 0;
        for (KnownPlace place : KnownPlaces.of(SCENE.snap().field())) {
            ImagePoint at = pixel(place.at().x(), place.at().y());
            if (CAMERA.sees(at) && place.at().y() > -10 && place.at().y() < 15) {
                Words.choose(page, "Place", place.name());
                click(page, at);
                clicked++;
                assertThat(page.locator(".stage .point")).hasCount(clicked);
            }
        }
        assertThat(page.locator(".solved")).containsText("This view can tell");
        assertThat(page.locator(".stage .grid").first()).isVisible();
    }

    private static void mark(Page page, List<String> men) {
        page.locator("aside").focus();
        page.keyboard().press("m");
        for (String man : men) {
            Point at = SCENE.bodies().stream()
                    .filter(b -> b.name().equals(man))
                    .map(Body::at)
                    .findFirst()
                    .orElse(new Point(0, 0));
            String label = Map.of("nickel", "NB", "mike", "M", Places.BALL, Places.BALL)
                    .getOrDefault(man, man + "*");
            page.locator(".men button")
                    .getByText(label, new Locator.GetByTextOptions().setExact(true))
                    .first()
                    .click();
            click(page, pixel(at.x() + (man.equals("nickel") ? WIDER : 0), at.y()));
        }
    }

    /** Says yes to what is proposed of one man, and otherwise than measured of another. */
    private static void grade(Page page) {
        page.locator("aside").focus();
        page.keyboard().press("g");
        page.locator("[data-man=mike]").click();
        page.locator("aside").focus();
        assertThat(page.locator("[data-facet=AL] .proposed")).hasText("=");
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-man=mike] .grades")).hasText("AL =");
        page.locator("[data-man=nickel]").click();
        page.locator("aside").focus();
        page.keyboard().press("2");
        page.fill("aside textarea", "told to widen by the bench");
        page.keyboard().press("Tab");
        assertThat(page.locator("[data-man=nickel] .grades")).hasText("AL =");
        Chromium.assertAccessible(page);
    }

    private static void grades(Page page) {
        page.locator("nav a", new Page.LocatorOptions().setHasText("Grades")).click();
        var row = page.locator("tr", new Page.LocatorOptions().setHasText("nickel"))
                .first();
        assertThat(row).containsText("1 of 1");
        row.locator("a.big").click();
        Locator every = page.locator("section[aria-label='Every play']");
        assertThat(every).containsText("measured -: Out:");
        assertThat(every).containsText("told to widen by the bench");
        assertThat(every).containsText("marrow, asked by anvil-drizzle, catalogue");
        Chromium.assertAccessible(page);
        Download sheet = page.waitForDownload(() -> page.locator("text=PDF").click());
        assertEquals("lomas.pdf", sheet.suggestedFilename());
        every.locator("a").first().click();
        assertThat(page.locator(".strip li")).hasCount(11);
    }

    /** A playlist shows one play after the other by itself, on film and without, and goes on by key. */
    private static void playlist(Page page) {
        long filmed = game(page.url());
        page.navigate(URI.create(page.url()).resolve("/film").toString());
        page.locator("td a", new Page.LocatorOptions().setHasText("Saltmarsh Terns"))
                .click();
        page.waitForURL(Pattern.compile("/film/\\d+$"));
        long unfilmed = game(page.url());
        page.navigate(URI.create(page.url())
                .resolve("/film/" + filmed + "/room?play=1&of=Pads&list=" + filmed + ".1-" + unfilmed + ".3-" + unfilmed
                        + ".5")
                .toString());
        Locator list = page.getByLabel("Playlist");
        assertThat(list).containsText("1 of 3");
        // the film runs to its end, and the next play comes
        assertThat(list).containsText("2 of 3", new LocatorAssertions.ContainsTextOptions().setTimeout(20_000));
        assertThat(list).containsText("not filmed");
        assertThat(page).hasURL(Pattern.compile("/film/" + unfilmed + "/room\\?play=3"));
        page.keyboard().press("]");
        assertThat(list).containsText("3 of 3");
        assertThat(page.locator("h1")).containsText("5 of 10");
        Chromium.assertAccessible(page);
    }

    private static long game(String url) {
        return Long.parseLong(url.replaceAll(".*/film/(\\d+).*", "$1"));
    }
}
