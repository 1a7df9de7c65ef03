package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.function.Predicate;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * Work that takes longer than anybody waits: a film is made over, with progress, cancel, and after the application was
 * killed.
 */
@ExtendWith(RunningApp.class)
class WorkTest {
    private static final String CARD = "testsrc=duration=%d:size=320x180:rate=30";

    @TempDir
    static Path folder;

    @BeforeAll
    static void films() {
        Films.make(folder.resolve("old.avi"), CARD.formatted(1), "-c:v", "mpeg4");
        Films.make(
                folder.resolve("slow.mp4"),
                CARD.formatted(4),
                "-c:v",
                "libx264",
                "-pix_fmt",
                "yuv420p",
                "-g",
                "1000",
                "-keyint_min",
                "1000");
        Films.make(
                folder.resolve("long.avi"),
                "nullsrc=duration=60:size=640x360:rate=30,geq=random(1)*255:128:128",
                "-c:v",
                "mpeg4",
                "-q:v",
                "5",
                "-preset",
                "ultrafast");
    }

    private static FilmedGame game(int port, String film) throws IOException {
        return FilmedGame.of(Browserless.signedIn(port, "abara"), folder.resolve(film));
    }

    private static JsonNode reel(FilmedGame game) {
        return game.coach().get(game.path() + "/film").json().at("/reels/0");
    }

    private static Answer ask(FilmedGame game) {
        return game.coach().post("/api/reels/" + game.reel() + "/playable", "{}");
    }

    private static JsonNode until(FilmedGame game, Predicate<JsonNode> so) {
        return Awaited.until(() -> reel(game).get("madeOver"), so);
    }

    @Test
    void aFilmThatDoesNotPlayIsTakenInAndMadeToPlay(int port) throws IOException {
        FilmedGame game = game(port, "old.avi");
        assertThat(reel(game).get("hindrance").asString()).contains("does not play", "mpeg4", "avi");
        assertThat(reel(game).has("madeOver")).isFalse();
        assertThat(ask(game).status()).isEqualTo(202);
        JsonNode done = until(game, Awaited::hasEnded);
        assertThat(done.get("state").asString()).isEqualTo("done");
        assertThat(done.get("percent").asInt()).isEqualTo(100);
        assertThat(done.get("askedBy").asString()).isEqualTo("abara");
        assertThat(reel(game).has("hindrance")).isFalse();
        assertThat(game.coach().get("/api/reels/" + game.reel()).json().get("frameTimes"))
                .hasSize(30);
        Answer video = game.coach()
                .send(game.coach()
                        .request("/api/reels/" + game.reel() + "/video")
                        .header("Range", "bytes=0-9")
                        .GET());
        assertThat(video.headers().firstValue("Content-Type")).contains("video/mp4");
    }

    /** Cuts and clicks are of frames: each stays at its own time. */
    @Test
    void aFilmThatStepsSlowlyKeepsEveryFrameAtItsTime(int port) throws IOException {
        FilmedGame game = game(port, "slow.mp4");
        assertThat(reel(game).get("hindrance").asString()).contains("stepping", "3.9 s apart");
        game.cut("anvil-fog");
        JsonNode before = game.coach().get("/api/reels/" + game.reel()).json().get("frameTimes");
        ask(game);
        assertThat(until(game, Awaited::hasEnded).get("state").asString()).isEqualTo("done");
        JsonNode after = game.coach().get("/api/reels/" + game.reel()).json().get("frameTimes");
        assertThat(after).hasSameSizeAs(before);
        for (int i = 0; i < before.size(); i++) {
            assertThat(after.get(i).asDouble())
                    .isEqualTo(before.get(i).asDouble(), org.assertj.core.data.Offset.offset(0.001));
        }
        assertThat(reel(game).has("hindrance")).isFalse();
    }

    @Test
    void workIsAskedForOnceAndCanBeTakenBackAndAskedForAgain(int port) throws IOException {
        FilmedGame game = game(port, "long.avi");
        Answer asked = ask(game);
        assertThat(ask(game).code()).isEqualTo("asked-already");
        until(game, work -> work.get("state").asString().equals("running"));
        String work = "/api/work/" + asked.json().get("id").asLong();
        assertThat(game.coach().delete(work).json().get("cancelling").asBoolean())
                .isTrue();
        JsonNode cancelled = until(game, Awaited::hasEnded);
        assertThat(cancelled.get("state").asString()).isEqualTo("cancelled");
        assertThat(cancelled.get("words").asString()).contains("nothing was changed");
        assertThat(reel(game).has("hindrance")).isTrue();
        assertThat(game.coach().delete(work).json().get("state").asString()).isEqualTo("cancelled");
        assertThat(ask(game).status()).isEqualTo(202);
        game.coach().delete("/api/work/" + reel(game).at("/madeOver/id").asLong());
        until(game, Awaited::hasEnded);
        assertThat(Browserless.signedIn(port, "lind").get(work).status()).isEqualTo(403);
        assertThat(game.coach().get("/api/work/999999").status()).isEqualTo(404);
    }

    @Test
    void workThatCannotBeDoneSaysWhyAndTheFilmStays(int port) throws IOException, SQLException {
        FilmedGame game = game(port, "slow.mp4");
        game.cut("anvil-fog");
        Database.run("update reel set frame_times = frame_times - 0 where id = " + game.reel());
        ask(game);
        JsonNode failed = until(game, Awaited::hasEnded);
        assertThat(failed.get("state").asString()).isEqualTo("failed");
        assertThat(failed.get("words").asString()).contains("120 frames and not 119", "stays as it is");
        assertThat(reel(game).has("hindrance")).isTrue();
    }

    /** A killed application leaves its work picked by nobody alive, and half a file: whoever runs next takes it up. */
    @Test
    void workOfAKilledApplicationIsTakenUpAnew(int port) throws IOException, SQLException {
        FilmedGame game = game(port, "old.avi");
        Database.run(
                "insert into work (kind, about, state, percent, words, asked_by, asked_at) values ('make playable', "
                        + game.reel() + ", 'RUNNING', 40, 'makes a film that plays', 'abara', now())");
        String work = Database.text("select id from work where about = " + game.reel());
        Database.run(
                "insert into scheduled_tasks (task_name, task_instance, execution_time, picked, picked_by, last_heartbeat, version) "
                        + "values ('work', '" + work
                        + "', now() - interval '1 hour', true, 'killed', now() - interval '1 hour', 1)");
        JsonNode done = until(game, Awaited::hasEnded);
        assertThat(done.get("state").asString()).isEqualTo("done");
        assertThat(reel(game).has("hindrance")).isFalse();
    }

    @Test
    void theFilmAsItCameInIsKeptAndErasedWithTheReel(int port) throws IOException, SQLException {
        FilmedGame game = game(port, "old.avi");
        ask(game);
        until(game, Awaited::hasEnded);
        Path films = Path.of(System.getenv().getOrDefault("MENSCH_TEST_DATA", "target"))
                .resolve("app-data/films");
        Path original = films.resolve(Database.text("select original from reel where id = " + game.reel()));
        assertThat(Files.mismatch(original, folder.resolve("old.avi"))).isEqualTo(-1);
        Browserless.signedIn(port, "marrow").delete(game.path());
        assertThat(original).doesNotExist();
    }
}
