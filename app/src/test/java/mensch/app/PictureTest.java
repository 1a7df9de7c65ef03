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
    void menAreFollowedForSomeSecondsAfterTheSnap(int port) throws IOException {
        FilmedGame game = FilmedGame.of(Browserless.signedIn(port, "marrow"), testCard("long.mp4", 4));
        JsonNode play = game.measured("anvil-drizzle");
        double followed = play.get("followed").asDouble();
        int snap = play.at("/angles/0/snapFrame").asInt();
        int last = snap + (int) Math.floor(followed * 30);
        for (int frame : new int[] {snap + 1, last}) {
            JsonNode answer = game.coach().get(asked(game, play, "men", frame)).json();
            assertThat(answer.get("frame").asInt()).isEqualTo(frame);
            // a test card has no men: who was clicked at the snap is said to be lost, nobody else is asked for
            assertThat(answer.get("men")).isEmpty();
            assertThat(answer.get("notFound")).hasSize(1);
        }
        assertThat(game.coach().get(asked(game, play, "men", last + 2)).code()).isEqualTo("frame-too-far");
        assertThat(game.coach().get(asked(game, play, "men", 0)).status()).isEqualTo(200);
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
