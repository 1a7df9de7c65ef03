package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Cuts and moments of a reel go out as a file and come in from one, frame by frame. */
@ExtendWith(RunningApp.class)
class CutsTest {
    private static final String SEEN =
            FilmedGame.seen("back commits", "", 20) + "," + FilmedGame.seen("contact", "mike", 18);

    @TempDir
    static Path folder;

    private static Answer take(Browserless coach, long reel, String text) {
        return coach.send(coach.request("/api/reels/" + reel + "/cuts")
                .header("Content-Type", "text/plain")
                .POST(BodyPublishers.ofString(text)));
    }

    private static String file(FilmedGame game, long reel, String kind) {
        return new String(game.coach().bytes("/api/reels/" + reel + "/cuts." + kind), StandardCharsets.UTF_8);
    }

    /** A game with two plays of one reel, marked, and a second reel of the same film that nobody cut. */
    private static FilmedGame game(Browserless coach, String name) throws IOException {
        FilmedGame game = FilmedGame.ofOneSecond(coach, folder, name);
        for (int frame : new int[] {12, 25}) {
            JsonNode play = game.cut(frame, Requests.log("anvil-fog")).json();
            if (frame == 12) {
                Answer saved = coach.put(
                        game.angle(play, 0),
                        FilmedGame.version(play, 0),
                        "{\"firstFrame\": 5, \"snapFrame\": 12, \"lastFrame\": 22, \"points\": [], \"marks\": [], \"seen\": ["
                                + SEEN + "], \"drawn\": []}");
                assertThat(saved.status()).as(String.valueOf(saved.json())).isEqualTo(200);
            }
        }
        return game;
    }

    private static long again(FilmedGame game, String name) throws IOException {
        Answer taken = FilmedGame.upload(game.coach(), game.id(), folder.resolve(name + ".mp4"), "end zone");
        assertThat(taken.status()).as(String.valueOf(taken.json())).isEqualTo(201);
        return taken.json().get("id").asLong();
    }

    @Test
    void cutsAndMomentsComeInAsTheyWentOut(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        FilmedGame game = game(marrow, "cuts");
        for (String kind : new String[] {"csv", "vtt"}) {
            String went = file(game, game.reel(), kind);
            long other = again(game, "cuts");
            Answer took = take(marrow, other, went);
            assertThat(took.status()).as(kind + String.valueOf(took.json())).isEqualTo(200);
            assertThat(took.json().get("plays").asInt()).isEqualTo(2);
            assertThat(file(game, other, kind)).isEqualTo(went);
            JsonNode angle = marrow.get(game.play(game.log().get(0).get("id").asLong()) + "/film")
                    .json()
                    .get("angles")
                    .valueStream()
                    .filter(a -> a.get("reel").asLong() == other)
                    .findFirst()
                    .orElseThrow();
            assertThat(angle.get("firstFrame").asInt()).isEqualTo(5);
            assertThat(angle.get("snapFrame").asInt()).isEqualTo(12);
            assertThat(angle.get("lastFrame").asInt()).isEqualTo(22);
            assertThat(angle.at("/seen/0/what").asString()).isEqualTo("contact");
            assertThat(angle.at("/seen/0/frame").asInt()).isEqualTo(18);
            assertThat(angle.at("/seen/1/frame").asInt()).isEqualTo(20);
            assertThat(marrow.get(game.play(game.log().get(1).get("id").asLong()) + "/film")
                            .json()
                            .get("angles")
                            .valueStream())
                    .as("nobody marked where the second ends")
                    .noneMatch(a -> a.has("lastFrame"));
        }
        assertThat(file(game, game.reel(), "vtt"))
                .startsWith("WEBVTT\n\nplay 1, cut\n00:00:00.167 --> 00:00:00.733\nplay 1, cut\n");
    }

    @Test
    void whatDoesNotFitIsRefusedWholeAndSaysWhere(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        FilmedGame game = game(marrow, "cuts-refused");
        long other = again(game, "cuts-refused");
        String head = "play,what,man,from,to\r\n1,ball moves,,0.4,\r\n";
        String[][] refused = {
            {head + "2,contact,mike,0.5,", "play 2", "when its ball moves"},
            {head + "9,ball moves,,0.5,", "play 9", "not in the log"},
            {head + "2,ball moves,,7.5,", "play 2", "7.50 s is not on this film"},
            {head + "2,ball moves,,0.5,\r\n2,backflip,,0.6,", "play 2", "no moment"},
            {head + "2,ball moves,,0.5,\r\n2,contact,,0.6,", "contact", "say whose"},
            {head + "2,ball moves,,soon,", "row 3", "seconds"},
            {head + "2,ball moves", "row 3", "there are 5"},
            {"1,ball moves,,0.4,", "row 1", "names the columns"},
            {"play,what,man,from,to", "the file", "no cut"},
            {"WEBVTT", "the file", "no cut"},
            {"WEBVTT\n\n00:00.100 --> 00:00.200\nx", "00:00.100", "no name"},
            {head + "2,ball moves,,0.5,\r\n2,contact,waterboy,0.6,", "no waterboy", "mike"},
            {"WEBVTT\n\nhappy hour\n00:00.100 --> 00:00.200\nx", "happy hour", "such as"},
        };
        for (String[] one : refused) {
            Answer answer = take(marrow, other, one[0]);
            assertThat(answer.status()).as(one[0]).isEqualTo(422);
            assertThat(answer.json().get("detail").asString()).contains(one[1]).contains(one[2]);
        }
        assertThat(file(game, other, "csv")).isEqualTo("play,what,man,from,to\r\n");
        Answer twice = take(marrow, game.reel(), head);
        assertThat(twice.json().get("detail").asString()).contains("play 1", "already");
        assertThat(take(Browserless.signedIn(port, "lind"), other, head).status())
                .isEqualTo(403);
        assertThat(take(Browserless.signedIn(port, "abara"), other, head).status())
                .isEqualTo(200);
    }
}
