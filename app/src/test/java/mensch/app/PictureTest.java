package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** What the picture proposes, through the application; whether it is right is asked of drawn film elsewhere. */
@ExtendWith(RunningApp.class)
class PictureTest {
    @TempDir
    static Path folder;

    @BeforeAll
    static void film() throws IOException {
        testCard("good.mp4", 1);
    }

    private static Path testCard(String name, int seconds) throws IOException {
        Path film = folder.resolve(name);
        Films.make(
                film,
                "testsrc=duration=" + seconds + ":size=320x180:rate=30",
                "-c:v",
                "libx264",
                "-pix_fmt",
                "yuv420p",
                "-g",
                "10");
        return film;
    }

    private static FilmedGame game(int port) throws IOException {
        return FilmedGame.of(Browserless.signedIn(port, "marrow"), folder.resolve("good.mp4"));
    }

    private static String asked(FilmedGame game, JsonNode play, String what, int frame) {
        return game.play(play.get("id").asLong()) + "/angles/"
                + play.at("/angles/0/id").asLong() + "/" + what + "?frame=" + frame;
    }

    @Test
    void menAreLookedForInASolvedViewWhileTheyStand(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode unsolved = game.cut("anvil-drizzle");
        Answer refused = game.coach().get(asked(game, unsolved, "men", 12));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.code()).isEqualTo("view-not-solved");
        assertThat(refused.detail()).contains("calibrate it first");

        JsonNode solved = game.measured("anvil-drizzle");
        int snap = solved.at("/angles/0/snapFrame").asInt();
        for (int frame : new int[] {snap, snap - 3}) {
            JsonNode answer =
                    game.coach().get(asked(game, solved, "men", frame)).json();
            assertThat(answer.get("frame").asInt()).isEqualTo(frame);
            // a test card has no men: everybody who is asked for is said not to be there
            assertThat(answer.get("men")).isEmpty();
            assertThat(answer.get("notFound")).hasSize(frame == snap ? 22 : 1);
        }
        assertThat(game.coach().get(asked(game, solved, "men", 30)).code()).isEqualTo("frame-missing");
        assertThat(game.coach()
                        .get(asked(game, solved, "men", snap).replaceAll("angles/\\d+", "angles/999999"))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void menAreFollowedThroughThePlayAsWorkAndKeptWhileTheirClicksStand(int port) throws IOException {
        FilmedGame game = FilmedGame.of(Browserless.signedIn(port, "marrow"), testCard("long.mp4", 10));
        JsonNode play = game.measured("anvil-drizzle");
        int snap = play.at("/angles/0/snapFrame").asInt();
        int last = snap + (int) Math.floor(play.get("followed").asDouble() * 30);
        assertThat(game.coach().get(asked(game, play, "men", snap + 1)).code()).isEqualTo("not-followed");

        String paths = game.play(play.get("id").asLong()) + "/paths";
        assertThat(game.coach().get(paths).json().at("/angles/0").has("work")).isFalse();
        Answer begun = game.coach().post(follow(game, play), "");
        assertThat(begun.status()).isEqualTo(202);
        String work = "/api/work/" + begun.json().get("id").asLong();
        Awaited.ended(() -> game.coach().get(work).json());
        JsonNode followed = game.coach().get(paths).json();
        assertThat(followed.at("/angles/0/work/state").asString()).isEqualTo("done");
        assertThat(followed.at("/angles/0/lastFrame").asInt()).isEqualTo(last);
        // a test card has neither paint nor men: who was clicked at the snap is kept there, and lost at once
        assertThat(followed.at("/angles/0/trouble").asString()).contains("taken to have stood still");
        assertThat(followed.get("men")).hasSize(1);
        assertThat(followed.at("/men/0/stretches/0")).hasSize(1);
        assertThat(followed.at("/men/0").has("fastest")).isFalse();
        for (int frame : new int[] {snap + 1, last}) {
            JsonNode answer = game.coach().get(asked(game, play, "men", frame)).json();
            assertThat(answer.get("men")).isEmpty();
            assertThat(answer.get("notFound")).hasSize(1);
        }
        assertThat(game.coach().get(asked(game, play, "men", last + 2)).code()).isEqualTo("not-followed");

        // who is clicked by hand on the way is to be followed from there: what was followed before is none of it
        String corrected = FilmedGame.ballAndFeet("mike", 163, 106) + ","
                + FilmedGame.in(snap + 6, FilmedGame.feet("mike", 165, 106));
        assertThat(game.save(play, 0, FilmedGame.work(snap, FilmedGame.straightAbove(play), corrected))
                        .status())
                .isEqualTo(200);
        JsonNode since = game.coach().get(paths).json();
        assertThat(since.at("/angles/0/stale").asBoolean()).isTrue();
        assertThat(since.at("/angles/0").has("lastFrame")).isFalse();
        assertThat(since.get("men")).isEmpty();
        assertThat(game.coach().get(asked(game, play, "men", snap + 1)).code()).isEqualTo("not-followed");
    }

    /** Nobody marked where the play ends: it ends where the next begins. What was followed goes with its film. */
    @Test
    void nobodyIsFollowedIntoTheNextPlayAndErasingTheFilmErasesIt(int port) throws IOException {
        FilmedGame game = FilmedGame.of(Browserless.signedIn(port, "marrow"), testCard("two.mp4", 4));
        JsonNode play = game.measured("anvil-drizzle");
        int next = 70;
        assertThat(game.cut(next, Requests.log("anvil-fog")).status()).isEqualTo(201);
        String work = "/api/work/"
                + game.coach().post(follow(game, play), "").json().get("id").asLong();
        Awaited.ended(() -> game.coach().get(work).json());
        String paths = game.play(play.get("id").asLong()) + "/paths";
        assertThat(game.coach().get(paths).json().at("/angles/0/lastFrame").asInt())
                .isEqualTo(next - 1);
        assertThat(Browserless.signedIn(port, "lind").get(paths).status()).isEqualTo(403);
        assertThat(game.coach().delete("/api/reels/" + game.reel()).status()).isEqualTo(204);
        JsonNode since = game.coach().get(paths).json();
        assertThat(since.get("angles")).isEmpty();
        assertThat(since.get("men")).isEmpty();
    }

    private static String follow(FilmedGame game, JsonNode play) {
        return game.play(play.get("id").asLong()) + "/angles/"
                + play.at("/angles/0/id").asLong() + "/paths";
    }

    @Test
    void nobodyIsFollowedInAViewThatIsNotSolvedOrBySomebodyElseThanACoach(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode unsolved = game.cut("anvil-drizzle");
        assertThat(game.coach().post(follow(game, unsolved), "").code()).isEqualTo("view-not-solved");
        assertThat(Browserless.signedIn(port, "lind")
                        .post(follow(game, unsolved), "")
                        .status())
                .isEqualTo(403);
    }

    @Test
    void aPictureWithoutAFieldTellsNoPlaces(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode play = game.cut("anvil-drizzle");
        JsonNode answer = game.coach().get(asked(game, play, "places", 12)).json();
        assertThat(answer.get("places")).isEmpty();
        assertThat(game.coach().get(asked(game, play, "places", 30)).code()).isEqualTo("frame-missing");

        // nor does what leads from a solved snap to another frame
        JsonNode solved = game.measured("anvil-drizzle");
        JsonNode later = game.coach().get(asked(game, solved, "places", 18)).json();
        assertThat(later.get("frame").asInt()).isEqualTo(18);
        assertThat(later.get("places")).isEmpty();
    }

    /** On a test card a number counts and nobody moves. */
    @Test
    void theBallIsLookedForNearAFrameOfTheFilm(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode answer =
                game.coach().get("/api/reels/" + game.reel() + "/ball?near=12").json();
        assertThat(answer.get("near").asInt()).isEqualTo(12);
        assertThat(answer.has("frame")).isFalse();
        assertThat(game.coach()
                        .get("/api/reels/" + game.reel() + "/ball?near=30")
                        .code())
                .isEqualTo("frame-missing");
        assertThat(game.coach().get("/api/reels/999999/ball?near=1").status()).isEqualTo(404);
    }

    @Test
    void nobodyButCoachesIsToldWhatAPictureShows(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode play = game.measured("anvil-drizzle");
        Browserless player = Browserless.signedIn(port, "lind");
        assertThat(player.get(asked(game, play, "men", 12)).status()).isEqualTo(403);
        assertThat(player.get(asked(game, play, "places", 12)).status()).isEqualTo(403);
        assertThat(player.get("/api/reels/" + game.reel() + "/ball?near=12").status())
                .isEqualTo(403);
    }

    /** What the picture showed and somebody confirmed stays known as that, and counts with its own doubt. */
    @Test
    void feetThatWereFoundAreLessSureThanFeetThatWereClicked(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode seen = game.measured("anvil-drizzle");
        String feet = FilmedGame.ballAndFeet("mike", 163, 106);
        JsonNode clicked = game.save(seen, 0, FilmedGame.work(12, FilmedGame.straightAbove(seen), feet))
                .json();
        String confirmed = feet.substring(0, feet.lastIndexOf('}')) + ", \"found\": true}";
        JsonNode found = game.save(clicked, 0, FilmedGame.work(12, FilmedGame.straightAbove(seen), confirmed))
                .json();
        assertThat(found.at("/angles/0/marks/1/found").asBoolean()).isTrue();
        assertThat(found.at("/measured/0/sigmaX").asDouble()
                        / clicked.at("/measured/0/sigmaX").asDouble())
                .isBetween(1.6, 2.0);
    }
}
