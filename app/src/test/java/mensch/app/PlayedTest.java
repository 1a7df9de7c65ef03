package mensch.app;

import static mensch.app.GradeRequests.grades;
import static mensch.app.GradeRequests.man;
import static mensch.app.GradeRequests.words;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Who played which seat, and how many plays that makes. */
@ExtendWith(RunningApp.class)
class PlayedTest {

    private static FilmedGame game(Browserless coach, String name) {
        return new FilmedGame(coach, FilmedGame.newGame(coach, name), 0);
    }

    private static JsonNode logged(FilmedGame game, String call) {
        Answer play = game.coach().post(game.path() + "/plays", Requests.log(call));
        assertThat(play.status()).as(String.valueOf(play.json())).isEqualTo(201);
        return play.json();
    }

    private static Answer say(FilmedGame game, JsonNode play, String job, String player, String instead) {
        return game.coach()
                .put(
                        game.play(play.get("id").asLong()) + "/played/" + job,
                        Browserless.version(0),
                        "{\"player\": \"" + player + "\", \"instead\": \"" + instead + "\"}");
    }

    private static String player(FilmedGame game, JsonNode play, String job) {
        return game.coach().get(grades(game, play)).json().at("/players/" + job).asString();
    }

    /** Three plays are logged; from the second on another man plays, and so he does in what is logged after. */
    @Test
    void aSubstitutionHoldsFromItsPlayOn(int port) {
        FilmedGame game = game(Browserless.signedIn(port, "marrow"), "Rotation");
        var plays = new ArrayList<JsonNode>();
        for (int i = 0; i < 3; i++) {
            plays.add(logged(game, "anvil-fog"));
        }
        Browserless marrow = game.coach();
        assertThat(player(game, plays.get(2), "nose")).isEqualTo("fenn");
        assertThat(marrow.put(grades(game, plays.get(2)) + "/nose", Browserless.version(0), words("AS", "+"))
                        .json()
                        .get("player")
                        .asString())
                .isEqualTo("fenn");

        Answer said = say(game, plays.get(1), "nose", "quillan", "fenn");
        assertThat(said.status()).as(String.valueOf(said.json())).isEqualTo(200);
        assertThat(said.json().get("nose").asString()).isEqualTo("quillan");
        plays.add(logged(game, "anvil-fog"));
        assertThat(plays.stream().map(p -> player(game, p, "nose")))
                .containsExactly("fenn", "quillan", "quillan", "quillan");
        // what was said of the nose of the third play is of him
        JsonNode quillan = man(marrow, "quillan");
        assertThat(quillan.at("/newest/0/opponent").asString()).isEqualTo("Rotation");
        JsonNode his = quillan.at("/snaps/games")
                .valueStream()
                .filter(g -> g.get("opponent").asString().equals("Rotation"))
                .findFirst()
                .orElseThrow();
        assertThat(his.get("plays").valueStream().map(p -> p.get("number").asInt()))
                .containsExactly(4, 3, 2);
        assertThat(his.get("of").asInt()).isEqualTo(4);

        // who is never graded is counted all the same
        say(game, plays.get(3), "end-call", "brannock", "haskett");
        JsonNode brannock = marrow.get("/api/grades")
                .json()
                .get("notGraded")
                .valueStream()
                .filter(m -> m.get("man").asString().equals("brannock"))
                .findFirst()
                .orElseThrow();
        assertThat(brannock.get("said").asString()).isEqualTo("94 Brannock");
        assertThat(brannock.at("/snaps/plays").asInt()).isEqualTo(1);
        assertThat(brannock.at("/snaps/of").asInt()).isEqualTo(4);

        // back on the fourth play alone
        say(game, plays.get(3), "nose", "fenn", "quillan");
        assertThat(plays.stream().map(p -> player(game, p, "nose")))
                .containsExactly("fenn", "quillan", "quillan", "fenn");
        // and a man for the second and third goes no farther than they
        say(game, plays.get(1), "nose", "marsh", "quillan");
        assertThat(plays.stream().map(p -> player(game, p, "nose"))).containsExactly("fenn", "marsh", "marsh", "fenn");
    }

    @Test
    void twoMenOfOnePlayChangePlaces(int port) {
        FilmedGame game = game(Browserless.signedIn(port, "abara"), "Places changed");
        JsonNode play = logged(game, "anvil-fog");
        JsonNode men = say(game, play, "mike", "pell", "dunmore").json();
        assertThat(List.of(men.get("mike").asString(), men.get("will").asString()))
                .containsExactly("pell", "dunmore");
    }

    @Test
    void whatIsSaidOnWhatWasOvertakenOrIsNotThereIsRefused(int port) {
        FilmedGame game = game(Browserless.signedIn(port, "marrow"), "Refusals");
        JsonNode play = logged(game, "anvil-fog");
        assertThat(say(game, play, "nose", "marsh", "tolley").code()).isEqualTo("played-overtaken");
        assertThat(say(game, play, "waterboy", "marsh", "fenn").status()).isEqualTo(404);
        assertThat(say(game, play, "nose", "nobody", "fenn").status()).isEqualTo(404);
        assertThat(player(game, play, "nose")).isEqualTo("fenn");
        assertThat(say(new FilmedGame(Browserless.signedIn(port, "lind"), game.id(), 0), play, "nose", "marsh", "fenn")
                        .status())
                .isEqualTo(403);
    }

    /** A log that was written anew has other seats; who played the former is known when they come back. */
    @Test
    void anotherCallHasOtherSeatsAndLosesNobody(int port) {
        FilmedGame game = game(Browserless.signedIn(port, "marrow"), "Other seats");
        JsonNode play = logged(game, "anvil-fog");
        say(game, play, "nose", "marsh", "fenn");
        for (String call : List.of("tongs-fog", "anvil-fog")) {
            log(game, play, call);
            assertThat(player(game, play, "nose")).isEqualTo("marsh");
            assertThat(men(game, play)).as(call).hasSize(11);
            assertThat(men(game, play).values()).as(call).doesNotHaveDuplicates();
        }
    }

    /** A man who has come in at another seat meanwhile does not come back a second time with his former one. */
    @Test
    void nobodyPlaysTwiceWhenSeatsComeBack(int port) {
        FilmedGame game = game(Browserless.signedIn(port, "marrow"), "Seats come back");
        JsonNode play = logged(game, "anvil-fog");
        Set<String> base = Set.copyOf(men(game, play).keySet());
        log(game, play, "tongs-fog");
        var more = men(game, play);
        String former = more.keySet().stream()
                .filter(job -> !base.contains(job))
                .findFirst()
                .orElseThrow();
        log(game, play, "anvil-fog");
        assertThat(say(game, play, "mike", more.get(former), "dunmore").status())
                .isEqualTo(200);
        log(game, play, "tongs-fog");
        assertThat(men(game, play)).containsEntry("mike", more.get(former));
        assertThat(men(game, play).values()).doesNotHaveDuplicates();
    }

    private static void log(FilmedGame game, JsonNode play, String call) {
        String address = game.play(play.get("id").asLong());
        Answer written = game.coach().put(address, game.coach().get(address).etag(), Requests.log(call));
        assertThat(written.status()).as(String.valueOf(written.json())).isEqualTo(200);
    }

    /** Who plays the seats of the line-up. */
    private static Map<String, String> men(FilmedGame game, JsonNode play) {
        JsonNode grades = game.coach().get(grades(game, play)).json();
        return grades.get("asked")
                .valueStream()
                .map(a -> a.get("job").asString())
                .filter(job -> grades.get("players").has(job))
                .collect(Collectors.toMap(
                        job -> job, job -> grades.at("/players/" + job).asString()));
    }
}
