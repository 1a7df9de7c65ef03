package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApp.class)
class FilmTest {
    @TempDir
    static Path folder;

    /** A test picture of one second, uneven in nothing but real. */
    @BeforeAll
    static void film() throws IOException {
        ffmpeg("good.mp4", "-c:v", "libx264", "-pix_fmt", "yuv420p", "-g", "10");
        ffmpeg("good.webm", "-c:v", "libvpx-vp9", "-pix_fmt", "yuv420p");
        byte[] whole = Files.readAllBytes(folder.resolve("good.mp4"));
        Files.write(folder.resolve("cut.mp4"), Arrays.copyOf(whole, whole.length / 2));
        Files.writeString(folder.resolve("words.mp4"), "this is no film at all");
        Files.createFile(folder.resolve("empty.mp4"));
    }

    private static void ffmpeg(String name, String... options) {
        Films.make(folder.resolve(name), "testsrc=duration=1:size=320x180:rate=30", options);
    }

    private static FilmedGame game(int port) throws IOException {
        return FilmedGame.of(Browserless.signedIn(port, "marrow"), folder.resolve("good.mp4"));
    }

    @Test
    void filmsThatPlayAreTakenWithTheTimeOfEachFrame(int port) throws IOException {
        Browserless coach = Browserless.signedIn(port, "marrow");
        long game = FilmedGame.newGame(coach, "Terns");
        for (String file : new String[] {"good.mp4", "good.webm"}) {
            Answer answer = FilmedGame.upload(coach, game, folder.resolve(file));
            assertThat(answer.status()).as(file).isEqualTo(201);
            String at = answer.headers().firstValue("Location").orElseThrow();
            assertThat(coach.get(at).json().get("id")).isEqualTo(answer.json().get("id"));
            assertThat(answer.json().get("frameTimes")).hasSize(30);
            assertThat(answer.json().at("/frameTimes/29").asDouble()).isBetween(0.95, 0.98);
        }
        assertThat(coach.get("/api/games/" + game + "/film").json().get("reels"))
                .hasSize(2);
    }

    @Test
    void whatIsNoFilmIsRefusedInWordsAndNotKept(int port) throws IOException {
        Browserless coach = Browserless.signedIn(port, "marrow");
        long game = FilmedGame.newGame(coach, "Kites");
        for (String[] refused :
                new String[][] {{"words.mp4", "no film"}, {"empty.mp4", "empty"}, {"cut.mp4", "cut off"}}) {
            assertThat(FilmedGame.upload(coach, game, folder.resolve(refused[0]))
                            .detail())
                    .contains(refused[1]);
        }
        assertThat(coach.get("/api/games/" + game + "/film").json().get("reels"))
                .isEmpty();
        assertThat(coach.post("/api/games/999999/uploads", "").status()).isEqualTo(404);
    }

    @Test
    void theVideoComesInRangesToCoachesOnly(int port) throws IOException {
        FilmedGame game = game(port);
        String video = "/api/reels/" + game.reel() + "/video";
        Answer part = game.coach()
                .send(game.coach()
                        .request(video)
                        .header("Range", "bytes=100-199")
                        .GET());
        assertThat(part.status()).isEqualTo(206);
        assertThat(part.headers().firstValue("Content-Range").orElse("")).startsWith("bytes 100-199/");
        Browserless player = Browserless.signedIn(port, "lind");
        for (String closed : List.of(video, "/api/grades", "/api/games", game.path(), game.path() + "/film")) {
            assertThat(player.get(closed).status()).as(closed).isEqualTo(403);
        }
        assertThat(Browserless.signedIn(port, "abara")
                        .send(Browserless.signedIn(port, "abara")
                                .request(game.path() + "/film")
                                .GET())
                        .status())
                .isEqualTo(200);
    }

    @Test
    void workOnAnAngleIsVersionedAndADegenerateViewIsRefusedWithTheReason(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode play = game.cut("anvil-drizzle");
        assertThat(play.at("/angles/0/trouble").asString()).contains("at least four");
        String work = FilmedGame.work(
                12,
                FilmedGame.point("left hash, midfield line", 100, 100) + ","
                        + FilmedGame.point("right hash, midfield line", 200, 100) + ","
                        + FilmedGame.point("left sideline, midfield line", 10, 100) + ","
                        + FilmedGame.point("right sideline, midfield line", 300, 100),
                "");
        Answer saved = game.save(play, 0, work);
        assertThat(saved.status()).isEqualTo(200);
        assertThat(saved.json().at("/angles/0/trouble").asString()).contains("one line");
        Answer late = game.save(play, 0, work);
        assertThat(late.status()).isEqualTo(412);
        assertThat(late.code()).isEqualTo("angle-overtaken");
        Answer moon = game.save(saved.json(), 0, work.replace("left hash, midfield line", "left hash, the moon"));
        assertThat(moon.code()).isEqualTo("place-unknown");
        assertThat(moon.detail()).contains("the moon").contains("choose it anew");
    }

    @Test
    void aPlayGoesFromItsFirstFrameToItsLastAndTheBallMovesBetween(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode play = game.cut("anvil-drizzle");
        String cut =
                "{\"firstFrame\": %d, \"snapFrame\": %d, \"lastFrame\": %d, \"points\": [], \"marks\": [], \"seen\": [], \"drawn\": []}";
        for (int[] wrong : new int[][] {{5, 4, 20}, {0, 21, 20}, {0, 4, 30}}) {
            assertThat(game.save(play, 0, cut.formatted(wrong[0], wrong[1], wrong[2]))
                            .code())
                    .isIn("frames-out-of-order", "frame-missing");
        }
        JsonNode saved = game.save(play, 0, cut.formatted(2, 6, 25)).json();
        assertThat(saved.at("/angles/0/firstFrame").asInt()).isEqualTo(2);
        assertThat(saved.at("/angles/0/lastFrame").asInt()).isEqualTo(25);
    }

    @Test
    void whatIsDrawnOverThePictureStaysWithThePlay(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode play = game.cut("anvil-drizzle");
        String arrow = "{\"shape\": \"arrow\", \"frame\": 14, \"points\": "
                + "[{\"xPixels\": 10, \"yPixels\": 20}, {\"xPixels\": %d, \"yPixels\": 40}]}";
        String work = FilmedGame.work(12, "", "").replace("\"drawn\": []", "\"drawn\": [" + arrow + "]");
        Answer outside = game.save(play, 0, work.formatted(5000));
        assertThat(outside.code()).isEqualTo("click-outside");
        assertThat(outside.detail()).contains("a drawing").contains("outside the picture");
        JsonNode saved = game.save(play, 0, work.formatted(90)).json();
        assertThat(saved.at("/angles/0/drawn/0/shape").asString()).isEqualTo("arrow");
        assertThat(saved.at("/angles/0/drawn/0/points/1/xPixels").asInt()).isEqualTo(90);
        assertThat(game.save(saved, 0, work.replace("14", "3000").formatted(90)).code())
                .isEqualTo("frame-missing");
    }

    /** Everybody is measured from where the ball lay, and a ball far from its logged spot is asked about. */
    @Test
    void menAreMeasuredFromTheBallThatWasClicked(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode logged = game.measured("anvil-drizzle");
        assertThat(logged.has("ballElsewhere")).isFalse();
        String feet = FilmedGame.feet("mike", 163, 106);
        JsonNode unsure = game.save(logged, 0, FilmedGame.work(12, FilmedGame.straightAbove(logged), feet))
                .json();
        // four pixels of a fifth of a yard, and a yard to either side of what was logged
        assertThat(unsure.at("/measured/0/sigmaX").asDouble())
                .isEqualTo(Math.hypot(4.0 / 5, 1 / Math.sqrt(3)), within(0.02));
        JsonNode off = game.save(
                        unsure,
                        0,
                        FilmedGame.work(
                                12, FilmedGame.straightAbove(logged), FilmedGame.feet("ball", 170, 120) + "," + feet))
                .json();
        assertThat(off.at("/measured/0/x").asDouble())
                .isEqualTo(logged.at("/measured/0/x").asDouble() - 2, within(0.02));
        assertThat(off.at("/ballElsewhere/x").asDouble()).isEqualTo(2, within(0.02));
    }

    private static String stood(String man, double x, double depth) {
        return FilmedGame.feet(man, 160 + 5 * x, 120 + 3 * depth);
    }

    /** Clicked under the names of two backs, they stand three receivers to the right. */
    @Test
    void aFormationLoggedWrongIsReadOffTheMarksAndTheMenAreRenamed(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode play = game.cut("anvil-drizzle");
        List<String> men = List.of(
                FilmedGame.feet("ball", 160, 120),
                stood("SE", -16, 0.5),
                stood("FL", 19, 0.5),
                stood("TE", 12, 1.5),
                stood("FB", 7, 1.5),
                stood("TB", -1.6, 5),
                FilmedGame.feet("mike", 163, 106));
        String points = FilmedGame.straightAbove(play);
        JsonNode some = game.save(play, 0, FilmedGame.work(12, points, String.join(",", men)))
                .json();
        assertThat(some.get("stood")).as("nobody clicked the quarterback").isEmpty();
        String all = String.join(",", men) + "," + stood("QB", 0, 5);
        JsonNode measured = game.save(some, 0, FilmedGame.work(12, points, all)).json();
        JsonNode told = measured.at("/stood/0");
        assertThat(told.get("formation").asString())
                .as(String.valueOf(measured.get("stood")))
                .startsWith("trips-");
        String path = game.play(play.get("id").asLong()) + "/formation";
        String words = "{\"formation\": \"trips-open\", \"mirrored\": false}";
        assertThat(game.coach().put(path, Browserless.version(9), words).code()).isEqualTo("play-overtaken");
        assertThat(game.coach()
                        .put(path, Browserless.version(0), words.replace("trips-open", "none"))
                        .status())
                .isEqualTo(422);
        assertThat(game.coach()
                        .put(path, Browserless.version(0), words.replace("trips-open", "flag-trips"))
                        .status())
                .isEqualTo(422);
        JsonNode unmeasured = game.cut(20, Requests.log("anvil-drizzle")).json();
        assertThat(game.coach()
                        .put(game.play(unmeasured.get("id").asLong()) + "/formation", Browserless.version(0), words)
                        .detail())
                .contains("mark their feet first");
        JsonNode taken = game.coach().put(path, Browserless.version(0), words).json();
        assertThat(taken.at("/log/snap/formation").asString()).isEqualTo("trips-open");
        assertThat(taken.get("stood")).isEmpty();
        Map<String, Double> clicked = taken.at("/angles/0/marks")
                .valueStream()
                .collect(Collectors.toMap(
                        m -> m.get("man").asString(), m -> m.get("xPixels").asDouble()));
        assertThat(clicked)
                .containsEntry("X", 80.0)
                .containsEntry("Z", 255.0)
                .containsEntry("Y", 220.0)
                .containsEntry("H", 195.0)
                .containsEntry("TB", 152.0)
                .containsEntry("QB", 160.0)
                .containsEntry("mike", 163.0)
                .hasSize(8);
        assertThat(taken.get("measured")).hasSize(7);
    }

    /** Two sides of one play: one place for each man, surer than from either side. */
    @Test
    void anglesOfAPlayAreMeasuredTogether(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode play = game.measured("anvil-drizzle");
        long other = FilmedGame.upload(game.coach(), game.id(), folder.resolve("good.webm"), "end zone")
                .json()
                .get("id")
                .asLong();
        String angles = game.play(play.get("id").asLong()) + "/angles";
        String here = "{\"reel\": " + other + ", \"frame\": 3}";
        JsonNode two = game.coach().post(angles, here).json();
        assertThat(two.get("angles")).hasSize(2);
        assertThat(game.coach().post(angles, here).code()).isEqualTo("on-reel-already");
        JsonNode both = game.save(
                        two,
                        1,
                        FilmedGame.work(3, FilmedGame.straightAbove(two), FilmedGame.ballAndFeet("mike", 163.4, 106)))
                .json();
        assertThat(both.get("measured")).hasSize(1);
        assertThat(both.at("/measured/0/x").asDouble()).isEqualTo(0.64, within(0.02));
        assertThat(both.at("/measured/0/sigmaX").asDouble())
                .isEqualTo(play.at("/measured/0/sigmaX").asDouble() / Math.sqrt(2), within(0.01));
        assertThat(both.get("verdicts")).hasSize(1);
        assertThat(both.get("apart")).isEmpty();
        JsonNode apart = game.save(
                        both,
                        1,
                        FilmedGame.work(3, FilmedGame.straightAbove(two), FilmedGame.ballAndFeet("mike", 190, 106)))
                .json();
        assertThat(apart.get("measured")).isEmpty();
        assertThat(apart.at("/apart/0/man").asString()).isEqualTo("mike");
        assertThat(apart.at("/apart/0/yards").asDouble()).isEqualTo(5.4, within(0.1));
    }

    /** Feet behind somebody are clicked where they must be, and are less sure by their own measure. */
    @Test
    void hiddenFeetAreLessSure(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode seen = game.measured("anvil-drizzle");
        String feet = FilmedGame.feet("mike", 163, 106).replace("}", ", \"hidden\": true}");
        JsonNode hidden = game.save(seen, 0, FilmedGame.work(12, FilmedGame.straightAbove(seen), feet))
                .json();
        assertThat(hidden.at("/angles/0/marks/0/hidden").asBoolean()).isTrue();
        assertThat(hidden.at("/measured/0/sigmaX").asDouble()
                        / seen.at("/measured/0/sigmaX").asDouble())
                .isBetween(2.0, 2.5);
    }

    /** A yard line is where it is, wherever the ball lay. */
    @Test
    void clicksOutliveACorrectedBallSpot(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode play = game.measured("anvil-drizzle");
        double before = play.at("/measured/0/x").asDouble();
        String log = Requests.log("anvil-drizzle").replace("\"hash\": \"m\"", "\"hash\": \"l\"");
        assertThat(game.coach()
                        .put(game.play(play.get("id").asLong()), Browserless.version(0), log)
                        .status())
                .isEqualTo(200);
        JsonNode now =
                game.coach().get(game.play(play.get("id").asLong()) + "/film").json();
        assertThat(now.at("/angles/0/points")).hasSameSizeAs(play.at("/angles/0/points"));
        // he stands where he stood from the ball, which was clicked; the log is what does not fit any more
        assertThat(now.at("/measured/0/x").asDouble() - before).isEqualTo(0, within(0.01));
        assertThat(now.at("/ballElsewhere/x").asDouble()).isEqualTo(8.89, within(0.05));
    }

    @Test
    void aReelIsErasedWithItsFileAndAGameWithAllThatBelongsToIt(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode play = game.measured("anvil-drizzle");
        String reel = "/api/reels/" + game.reel();
        for (String no : List.of("lind", "abara")) {
            assertThat(Browserless.signedIn(port, no).delete(reel).status()).isEqualTo(403);
            assertThat(Browserless.signedIn(port, no).delete(game.path()).status())
                    .isEqualTo(403);
        }
        assertThat(game.coach().delete(reel).status()).isEqualTo(204);
        assertThat(game.coach().get(reel).code()).isEqualTo("not-found");
        JsonNode left =
                game.coach().get(game.play(play.get("id").asLong()) + "/film").json();
        assertThat(left.get("angles")).isEmpty();
        assertThat(game.coach().delete(game.path()).status()).isEqualTo(204);
        assertThat(game.coach().get(game.path()).status()).isEqualTo(404);
        assertThat(game.coach().delete(game.path()).status()).isEqualTo(404);
    }

    @Test
    void aPlayIsTakenOffOneReelAndStaysInTheLog(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode play = game.measured("anvil-drizzle");
        assertThat(game.coach()
                        .delete(game.angle(play, 0), Browserless.version(0))
                        .status())
                .isEqualTo(412);
        assertThat(game.coach()
                        .delete(game.angle(play, 0), FilmedGame.version(play, 0))
                        .status())
                .isEqualTo(204);
        assertThat(game.log()).hasSize(1);
    }

    @Test
    void aClickOutsideThePictureAndAManInTwoPlacesAreRefused(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode play = game.cut("anvil-drizzle");
        Answer outside = game.save(play, 0, FilmedGame.work(12, "", FilmedGame.feet("mike", 1e9, 20)));
        assertThat(outside.code()).isEqualTo("click-outside");
        assertThat(outside.detail()).contains("mike", "pixels");
        Answer twice = game.save(
                play,
                0,
                FilmedGame.work(12, "", FilmedGame.feet("mike", 10, 20) + "," + FilmedGame.feet("mike", 30, 20)));
        assertThat(twice.code()).isEqualTo("marked-twice");
        assertThat(game.coach()
                        .get(game.play(play.get("id").asLong()) + "/film")
                        .json()
                        .at("/angles/0/marks"))
                .isEmpty();
    }

    /** A log may be corrected to a field without a place that was clicked: it is said, and the rest can be saved. */
    @Test
    void aPlaceThatTheFieldHasNoMoreIsNamedAndCanBeTakenOff(int port) throws IOException, SQLException {
        FilmedGame game = FilmedGame.ofOneSecond(Browserless.signedIn(port, "marrow"), folder, "no-place");
        JsonNode play = game.measured("anvil-drizzle");
        String gone = "left hash, the 12";
        Database.run("update angle set points = points || '[" + FilmedGame.point(gone, 9, 9)
                + "," + FilmedGame.point("left sideline, goal line", 30, 20) + "]'::jsonb where id = "
                + play.at("/angles/0/id").asLong());
        JsonNode read =
                game.coach().get(game.play(play.get("id").asLong()) + "/film").json();
        assertThat(read.at("/angles/0/noPlaces").toString()).isEqualTo("[\"" + gone + "\"]");
        String points = FilmedGame.straightAbove(play);
        Answer refused =
                game.save(read, 0, FilmedGame.work(FilmedGame.FRAME, points + "," + FilmedGame.point(gone, 9, 9), ""));
        assertThat(refused.json().get("detail").asString()).contains(gone, "remove the point");
        Answer saved = game.save(read, 0, FilmedGame.work(FilmedGame.FRAME, points, ""));
        assertThat(saved.status()).isEqualTo(200);
        assertThat(saved.json().at("/angles/0/noPlaces").size()).isZero();
    }
}
