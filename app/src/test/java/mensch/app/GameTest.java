package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Games and the log of their plays. */
@ExtendWith(RunningApp.class)
class GameTest {

    private static String path(long game) {
        return "/api/games/" + game;
    }

    private static JsonNode logged(Browserless coach, long game, String call) {
        Answer added = coach.post(path(game) + "/plays", Requests.log(call));
        assertThat(added.status()).as(String.valueOf(added.json())).isEqualTo(201);
        return added.json();
    }

    /** Calls in the order of their numbers, which count up from one. */
    private static List<String> calls(JsonNode plays) {
        var calls = new ArrayList<String>();
        for (JsonNode play : plays) {
            assertThat(play.get("number").asInt()).isEqualTo(calls.size() + 1);
            calls.add(play.at("/log/call").asString());
        }
        return calls;
    }

    @Test
    void aPlayIsLoggedWithoutFilmAndAllThatIsKnownOfItComesBack(int port) {
        Browserless coach = Browserless.signedIn(port, "abara");
        long game = FilmedGame.newGame(coach, "Saltmarsh Terns");
        String log = Requests.log("anvil-fog")
                .replace(
                        "\"revision\": 0",
                        "\"revision\": 0, \"quarter\": 2, \"drive\": 5, \"lead\": -3, \"theirPlay\": \"power\", "
                                + "\"gain\": -2, \"result\": \"out of bounds\", \"unit\": \"backups\"");
        JsonNode added = coach.post(path(game) + "/plays", log).json();
        assertThat(added.get("number").asInt()).isEqualTo(1);
        JsonNode kept = coach.get(path(game)).json().at("/plays/0/log");
        assertThat(kept).isEqualTo(added.get("log"));
        assertThat(kept.get("result").asString()).isEqualTo("out of bounds");
        assertThat(kept.get("gain").asInt()).isEqualTo(-2);
        assertThat(coach.post(path(game) + "/plays", log.replace("\"power\"", "\"no-such-play\""))
                        .status())
                .isEqualTo(404);
        assertThat(coach.post(path(game) + "/plays", log.replace("\"quarter\": 2", "\"quarter\": 0"))
                        .status())
                .isEqualTo(422);
        assertThat(coach.get(path(game)).json().get("plays")).hasSize(1);
    }

    @Test
    void playsAreRenumberedTakenOutAndPutBack(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        long game = FilmedGame.newGame(coach, "Fenwick Kites");
        var ids = new ArrayList<Long>();
        for (String call : List.of("anvil-fog", "anvil-frost", "anvil-drizzle", "tongs-fog")) {
            ids.add(logged(coach, game, call).get("id").asLong());
        }
        String last = path(game) + "/plays/" + ids.get(3);
        Answer moved = coach.put(last + "/number", Browserless.version(0), "{\"number\": 2}");
        assertThat(calls(moved.json().get("plays")))
                .containsExactly("anvil-fog", "tongs-fog", "anvil-frost", "anvil-drizzle");
        Answer back = coach.put(last + "/number", coach.get(last).etag(), "{\"number\": 3}");
        assertThat(calls(back.json().get("plays")))
                .containsExactly("anvil-fog", "anvil-frost", "tongs-fog", "anvil-drizzle");
        assertThat(coach.put(last + "/number", coach.get(last).etag(), "{\"number\": 5}")
                        .code())
                .isEqualTo("number-outside");

        String second = path(game) + "/plays/" + ids.get(1);
        assertThat(coach.delete(second, Browserless.version(9)).status()).isEqualTo(412);
        Answer out = coach.delete(second, coach.get(second).etag());
        assertThat(calls(out.json().get("plays"))).containsExactly("anvil-fog", "tongs-fog", "anvil-drizzle");
        assertThat(out.json().at("/takenOut/0/log/call").asString()).isEqualTo("anvil-frost");
        assertThat(coach.get(second).status()).isEqualTo(404);
        Answer again = coach.post(second + "/back", "{}");
        assertThat(calls(again.json().get("plays")))
                .containsExactly("anvil-fog", "anvil-frost", "tongs-fog", "anvil-drizzle");
        assertThat(again.json().get("takenOut")).isEmpty();
        assertThat(coach.post(second + "/back", "{}").status()).isEqualTo(404);
    }

    @Test
    void anotherCodeOfRulesIsOneOfAllPlays(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        long game = FilmedGame.newGame(coach, "Saltmarsh Terns");
        logged(coach, game, "anvil-fog");
        assertThat(coach.put(
                                path(game),
                                Browserless.version(0),
                                FilmedGame.words("Terns").replace("\"hs\"", "\"moon\""))
                        .detail())
                .contains("moon")
                .contains("hs");
        Answer changed = coach.put(
                path(game), Browserless.version(0), FilmedGame.words("Terns").replace("\"hs\"", "\"col\""));
        assertThat(changed.json().at("/plays/0/log/snap/code").asString()).isEqualTo("col");
        assertThat(changed.json().at("/game/opponent").asString()).isEqualTo("Terns");
        assertThat(coach.put(path(game), Browserless.version(0), FilmedGame.words("Late"))
                        .code())
                .isEqualTo("game-overtaken");
    }

    private static String row(String words, String log) {
        return "{" + words + "\"log\": " + log + "}";
    }

    private static String whole(int plays, String... rows) {
        return "{\"plays\": " + plays + ", \"rows\": [" + String.join(", ", rows) + "]}";
    }

    @Test
    void aWholeLogIsTakenInOverWhatWasRead(int port) {
        Browserless coach = Browserless.signedIn(port, "abara");
        long game = FilmedGame.newGame(coach, "Quarry Bend Stoats");
        JsonNode first = logged(coach, game, "anvil-fog");
        String over = "\"play\": " + first.get("id").asLong() + ", \"version\": 0, ";
        String log = whole(
                1,
                row(over, Requests.log("anvil-frost").replace("\"revision\": 0", "\"revision\": 0, \"gain\": 7")),
                row("", Requests.log("anvil-drizzle")),
                row("", Requests.log("tongs-fog")));
        Answer taken = coach.put(path(game) + "/plays", Browserless.version(0), log);
        assertThat(taken.status()).as(String.valueOf(taken.json())).isEqualTo(200);
        assertThat(calls(taken.json().get("plays"))).containsExactly("anvil-frost", "anvil-drizzle", "tongs-fog");
        assertThat(taken.json().at("/plays/0/id")).isEqualTo(first.get("id"));
        assertThat(taken.json().at("/plays/0/log/gain").asInt()).isEqualTo(7);
        assertThat(coach.put(path(game) + "/plays", Browserless.version(0), log).code())
                .isEqualTo("log-overtaken");
        assertThat(coach.put(path(game) + "/plays", Browserless.version(0), log.replace("\"plays\": 1", "\"plays\": 3"))
                        .code())
                .isEqualTo("play-overtaken");
        assertThat(calls(coach.get(path(game)).json().get("plays"))).hasSize(3);
    }

    @Test
    void ofALogThatCannotBePlaysNothingIsTakenAndEveryRowIsNamed(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        long game = FilmedGame.newGame(coach, "Fenwick Kites");
        Answer refused = coach.put(
                path(game) + "/plays",
                Browserless.version(0),
                whole(
                        0,
                        row("", Requests.log("anvil-fog")),
                        row("", Requests.log("no-such-call")),
                        row("", Requests.log("anvil-fog").replace("\"hash\": \"m\"", "\"hash\": \"x\""))));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.code()).isEqualTo("log-refused");
        assertThat(refused.detail())
                .contains("row 2: ")
                .contains("no-such-call")
                .contains("row 3: ")
                .contains("\"x\"");
        assertThat(coach.get(path(game)).json().get("plays")).isEmpty();
        assertThat(coach.put(path(game) + "/plays", Browserless.version(0), whole(0))
                        .status())
                .isEqualTo(422);
        Browserless player = Browserless.signedIn(port, "lind");
        assertThat(player.put(
                                path(game) + "/plays",
                                Browserless.version(0),
                                whole(0, row("", Requests.log("anvil-fog"))))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void aCoachWorksOnFilmAndGradesAndChangesNothingElse(int port) {
        Browserless coach = Browserless.signedIn(port, "abara");
        JsonNode me = coach.get("/api/session").json();
        assertThat(me.get("mayGrade").asBoolean()).isTrue();
        assertThat(me.get("mayWrite").asBoolean()).isFalse();
        assertThat(coach.get("/api/roster")
                        .json()
                        .at("/roster/players/0/weight")
                        .asInt())
                .isPositive();
        assertThat(coach.post("/api/compositions", "{\"name\": \"His\", \"layers\": [\"anvil\", \"fog\"]}")
                        .status())
                .isEqualTo(403);
        Answer roster = coach.get("/api/roster");
        assertThat(coach.put(
                                "/api/roster",
                                roster.etag(),
                                roster.json().get("roster").toString())
                        .status())
                .isEqualTo(403);
    }
}
