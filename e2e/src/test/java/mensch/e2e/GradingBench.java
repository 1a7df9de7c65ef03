package mensch.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import mensch.app.Browserless;
import mensch.app.Browserless.Answer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The demo's ten plays in a new game, measured and graded as a coach does with keys and pointer: how many actions a
 * play and a man cost, a proposal in five being wrong and corrected. The log of the simulated camera only aims the
 * mouse and says which proposals are held to be wrong; no hand and no thinking is in the seconds. {@code GradingBench
 * <data folder>}, address in MENSCH_ADDRESS. Part of {@code mensch bench}; no test. The game is taken away at the end.
 */
public final class GradingBench {
    private static final int WRONG = 5;
    private static final JsonMapper JSON = new JsonMapper();
    private static final Map<String, String> OTHERWISE = Map.of("AL", "4", "KEY", "5", "AS", "6");

    private final Browserless coach;
    private final int port;
    private final Path data;
    private int actions;

    private GradingBench(int port, Path data) {
        this.port = port;
        this.data = data;
        this.coach = Browserless.signedIn(port, "marrow");
    }

    public static void main(String[] args) throws IOException {
        int port = Integer.parseInt(System.getenv("MENSCH_ADDRESS").replaceAll(".*:(\\d+).*", "$1"));
        new GradingBench(port, Path.of(args[0])).run();
    }

    private void run() throws IOException {
        long game = posted(
                        "/api/games",
                        "{\"opponent\": \"Bench\", \"squad\": \"\", \"season\": 2026, \"playedOn\": null, \"code\": \"hs\"}")
                .get("id")
                .asLong();
        try {
            JsonNode sideline = log("stoats-sideline");
            for (JsonNode snap : sideline.get("snaps")) {
                posted("/api/games/" + game + "/plays", logged(snap));
            }
            long first = reel(game, "stoats-sideline", "sideline", sideline);
            long second = reel(game, "stoats-end-zone", "end zone", log("stoats-end-zone"));
            try (var chromium = new Chromium()) {
                Page page = chromium.signedIn(port, "marrow", "/film/" + game + "/room?play=1");
                page.locator(".strip li").first().waitFor();
                measure(page, sideline);
                clicked(game, first, sideline);
                clicked(game, second, log("stoats-end-zone"));
                page.navigate("http://127.0.0.1:" + port + "/film/" + game + "/room?play=1");
                page.locator(".strip li").first().waitFor();
                grade(page, game);
            }
        } finally {
            coach.delete("/api/games/" + game);
        }
    }

    private JsonNode log(String name) throws IOException {
        return JSON.readTree(Files.readString(data.resolve("films").resolve(name + ".json")));
    }

    private static JsonNode done(Answer answer) {
        if (answer.status() >= 300) {
            throw new IllegalStateException(String.valueOf(answer.json()));
        }
        return answer.json();
    }

    private JsonNode posted(String path, String body) {
        return done(coach.post(path, body));
    }

    private static String logged(JsonNode snap) {
        ObjectNode words = JSON.createObjectNode();
        for (String part : List.of("formation", "mirrored", "code", "hash", "toGoal", "down", "distance")) {
            words.set(part, snap.get(part));
        }
        ObjectNode log = JSON.createObjectNode();
        log.set("snap", words);
        log.put("revision", 0);
        for (String part : List.of("call", "theirPlay", "theirSide", "gain", "result")) {
            log.set(part, snap.get(part));
        }
        return log.toString();
    }

    /** Takes a film in with its plays cut. */
    private long reel(long game, String name, String view, JsonNode log) throws IOException {
        Path film = data.resolve("films").resolve(name + ".mp4");
        String upload = coach.send(coach.request("/api/games/" + game + "/uploads")
                        .header("Tus-Resumable", "1.0.0")
                        .header("Upload-Length", String.valueOf(Files.size(film)))
                        .POST(BodyPublishers.noBody()))
                .header("Location");
        coach.send(coach.request(upload)
                .header("Tus-Resumable", "1.0.0")
                .header("Upload-Offset", "0")
                .header("Content-Type", "application/offset+octet-stream")
                .method("PATCH", BodyPublishers.ofFile(film)));
        long id = posted(
                        "/api/games/" + game + "/reels",
                        "{\"name\": \"" + name + "\", \"view\": \"" + view + "\", \"upload\": \""
                                + upload.substring(upload.lastIndexOf('/') + 1) + "\"}")
                .get("id")
                .asLong();
        JsonNode times = coach.get("/api/reels/" + id).json().get("frameTimes");
        var rows = new StringBuilder("play,what,man,from,to\n");
        for (JsonNode snap : log.get("snaps")) {
            int number = snap.get("number").asInt();
            rows.append(String.format(
                    Locale.ROOT,
                    "%d,cut,,%.6f,%.6f%n%d,ball moves,,%.6f,%n",
                    number,
                    at(times, snap, "firstFrame"),
                    at(times, snap, "lastFrame"),
                    number,
                    at(times, snap, "snapFrame")));
        }
        done(coach.send(coach.request("/api/reels/" + id + "/cuts")
                .header("Content-Type", "text/plain")
                .POST(BodyPublishers.ofString(rows.toString()))));
        return id;
    }

    private static double at(JsonNode times, JsonNode snap, String frame) {
        return times.get(snap.get(frame).asInt()).asDouble();
    }

    private void press(Page page, String key) {
        page.keyboard().press(key);
        actions++;
    }

    private void click(Page page, JsonNode at) {
        BoundingBox frame = page.locator(".stage svg").boundingBox();
        page.mouse()
                .click(
                        frame.x + at.get("xPixels").asDouble() / 1920 * frame.width,
                        frame.y + at.get("yPixels").asDouble() / 1080 * frame.height);
        actions++;
    }

    private static void saved(Page page) {
        assertThat(page.locator(".state")).hasText("saved");
    }

    /** Calibrates every play and clicks everybody at the snap, with what the picture proposes. */
    private void measure(Page page, JsonNode log) {
        for (JsonNode snap : log.get("snaps")) {
            int number = snap.get("number").asInt();
            if (!snap.has("marks")) {
                // the demo's coach has not come so far
                break;
            }
            if (number > 1) {
                page.keyboard().press("]");
                opened(page, number);
            }
            actions = 0;
            long started = System.nanoTime();
            calibrate(page, snap);
            int places = actions;
            press(page, "m");
            int asked = feet(page, snap);
            System.out.printf(
                    Locale.ROOT,
                    "play %2d: calibrated by %d actions, ball and %d men by %d; %.0f s with what the picture takes%n",
                    number,
                    places,
                    asked - 1,
                    actions - places,
                    (System.nanoTime() - started) / 1e9);
            press(page, "Escape");
        }
    }

    private static void opened(Page page, int number) {
        assertThat(page.locator(".sentence")).containsText(number + " of ");
        assertThat(page.locator(".time")).containsText("ball moves");
    }

    private void calibrate(Page page, JsonNode snap) {
        press(page, "k");
        page.locator("aside .ask").waitFor();
        Locator found = page.locator("aside .found");
        Locator points = page.locator(".stage .point");
        Locator proposed = page.locator("aside .found", new Page.LocatorOptions().setHasText("found in the picture"));
        if (snap.get("number").asInt() > 1) {
            found.filter(new Locator.FilterOptions().setHasNotText("Looking")).waitFor();
        }
        for (int tries = 0; tries < 12 && proposed.count() == 0 && points.count() < 4; tries++) {
            String name = page.locator("aside .ask")
                    .textContent()
                    .replaceAll("(?s).*Click in the picture: (.*?)\\. Not.*", "$1");
            int before = points.count();
            var known = snap.get("points")
                    .valueStream()
                    .filter(p -> p.get("name").asString().equals(name))
                    .findFirst();
            if (known.isPresent()) {
                click(page, known.get());
                assertThat(points).hasCount(before + 1);
                saved(page);
                page.waitForTimeout(1500);
            } else {
                press(page, "d");
            }
        }
        if (proposed.count() > 0 || points.count() >= 4) {
            proposed.waitFor(new Locator.WaitForOptions().setTimeout(20_000));
            press(page, "f");
            saved(page);
        }
    }

    /** @return how many were to be clicked, the ball among them */
    private int feet(Page page, JsonNode snap) {
        page.locator("aside .found", new Page.LocatorOptions().setHasText("Found in the picture"))
                .waitFor(new Locator.WaitForOptions().setTimeout(20_000));
        press(page, "f");
        saved(page);
        Map<String, JsonNode> marks = new HashMap<>();
        snap.get("marks")
                .valueStream()
                .filter(m -> !m.has("frame"))
                .forEach(m -> marks.put(m.get("man").asString(), m));
        Locator inHand = page.locator("aside .men button[aria-pressed=true]:not(.done)");
        for (int turn = 0; turn < 2 * marks.size() && inHand.count() > 0; turn++) {
            String man = inHand.getAttribute("data-mark");
            if (marks.containsKey(man)) {
                click(page, marks.get(man));
                page.locator("aside .men button.done[data-mark=\"" + man + "\"]")
                        .waitFor();
                saved(page);
            } else {
                press(page, "d");
            }
        }
        return page.locator("aside .men button").count();
    }

    /** What the demo's coach clicked, on every play: so all that can be is proposed. */
    private void clicked(long game, long reel, JsonNode log) {
        for (JsonNode angle : coach.get("/api/games/" + game + "/film").json().get("angles")) {
            if (angle.get("reel").asLong() == reel) {
                JsonNode snap = log.get("snaps")
                        .valueStream()
                        .filter(s -> s.get("snapFrame").asInt()
                                == angle.get("snapFrame").asInt())
                        .findFirst()
                        .orElseThrow();
                ObjectNode work = JSON.createObjectNode();
                for (String part : List.of("firstFrame", "snapFrame", "lastFrame", "points", "marks", "seen")) {
                    work.set(part, snap.has(part) ? snap.get(part) : JSON.createArrayNode());
                }
                work.set("drawn", JSON.createArrayNode());
                done(coach.put(
                        "/api/games/" + game + "/plays/" + angle.get("play").asLong() + "/angles/"
                                + angle.get("id").asLong(),
                        Browserless.version(angle.get("version").asLong()),
                        work.toString()));
            }
        }
    }

    /** Every man of every play, by keys. */
    private void grade(Page page, long game) {
        var plays = (ArrayNode) coach.get("/api/games/" + game).json().get("plays");
        int men = 0;
        int proposals = 0;
        int wrong = 0;
        actions = 0;
        long started = System.nanoTime();
        for (JsonNode play : plays) {
            if (men > 0) {
                press(page, "]");
                assertThat(page.locator(".sentence"))
                        .containsText(play.get("number").asInt() + " of ");
            }
            JsonNode grades = coach.get(
                            "/api/games/" + game + "/plays/" + play.get("id").asLong() + "/grades")
                    .json();
            if (men == 0) {
                press(page, "g");
            }
            page.locator("aside .facets li").first().waitFor();
            int jobs = grades.get("asked").size();
            for (int i = 0; i < jobs; i++) {
                assertThat(page.locator("aside h2")).containsText(i + " of " + jobs + " men graded");
                String job = page.locator(".strip button[aria-pressed=true]").getAttribute("data-man");
                for (JsonNode proposal : grades.get("proposals")) {
                    String key = OTHERWISE.get(proposal.get("facet").asString());
                    if (key != null && proposal.get("job").asString().equals(job) && ++proposals % WRONG == 0) {
                        press(page, key);
                        wrong++;
                    }
                }
                press(page, "Shift+Enter");
                men++;
            }
        }
        assertThat(page.locator("aside h2")).containsText("11 of 11 men graded");
        System.out.printf(
                Locale.ROOT,
                "%d men of %d plays graded by alignment, read, assignment and technique: %.2f actions a man,"
                        + " %.2f s a man by the machine; %d proposals, %d of them wrong%n",
                men,
                plays.size(),
                (double) actions / men,
                (System.nanoTime() - started) / 1e9 / men,
                proposals,
                wrong);
    }
}
