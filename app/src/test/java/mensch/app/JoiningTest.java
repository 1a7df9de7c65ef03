package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * Two films of one game that were logged as two games are offered to be made one, and nothing is lost when they are.
 */
@ExtendWith(RunningApp.class)
class JoiningTest {
    private static final String MARKS =
            "{\"marks\": [{\"facet\": \"AL\", \"mark\": \"%s\"}], \"note\": %s, \"target\": \"man\", \"flags\": [], "
                    + "\"outcome\": null, \"extraCredit\": false, \"criteria\": []}";

    @TempDir
    static Path folder;

    private static String log(int toGoal) {
        return Requests.log("anvil-drizzle").replace("\"toGoal\": 38", "\"toGoal\": " + toGoal);
    }

    private static String join(JsonNode offer, int pair) {
        return "{\"here\": " + offer.at("/pairs/" + pair + "/here/id").asLong() + ", \"game\": "
                + offer.get("game").asLong() + ", \"there\": "
                + offer.at("/pairs/" + pair + "/there/id").asLong() + "}";
    }

    private static JsonNode offer(FilmedGame of, FilmedGame other) {
        for (JsonNode offer : of.coach().get(of.path() + "/joins").json()) {
            if (offer.get("game").asLong() == other.id()) {
                return offer;
            }
        }
        return null;
    }

    @Test
    void twoSidesOfOneGameAreOfferedAndJoinedWithoutLoss(int port) throws IOException {
        Browserless coach = Browserless.signedIn(port, "marrow");
        FilmedGame side = FilmedGame.ofOneSecond(coach, folder, "joined-side");
        FilmedGame end = FilmedGame.ofOneSecond(coach, folder, "joined-end");
        JsonNode first = side.cut(5, log(61)).json();
        side.cut(9, log(52));
        end.cut(4, log(61));
        JsonNode second = end.cut(8, log(52)).json();
        coach.put(
                side.play(first.get("id").asLong()) + "/grades/mike",
                Browserless.version(0),
                MARKS.formatted("=", "null"));
        for (String job : List.of("mike", "will")) {
            coach.put(
                    end.play(end.log().get(0).get("id").asLong()) + "/grades/" + job,
                    Browserless.version(0),
                    MARKS.formatted("-", "\"late\""));
        }
        String will = end.play(end.log().get(0).get("id").asLong()) + "/grades/will";
        Browserless.signedIn(port, "abara").put(will, Browserless.version(0), MARKS.formatted("=", "null"));
        coach.put(
                will + "/settled",
                Browserless.version(0),
                "{\"topic\": {\"of\": \"\", \"what\": \"AL\"}, \"mark\": \"-\"}");
        // who played is known of the men graded there, and of the others here
        for (String job : List.of("mike", "will")) {
            Answer played = coach.put(
                    end.play(end.log().get(0).get("id").asLong()) + "/played/" + job,
                    Browserless.version(0),
                    job.equals("mike")
                            ? "{\"player\": \"sorrel\", \"instead\": \"dunmore\"}"
                            : "{\"player\": \"vickery\", \"instead\": \"pell\"}");
            assertThat(played.status()).as(String.valueOf(played.json())).isEqualTo(200);
        }
        JsonNode offer = offer(side, end);
        assertThat(offer.get("pairs")).hasSize(2);
        assertThat(offer.get("plays").asInt()).isEqualTo(2);
        assertThat(side.log()).hasSize(2);

        assertThat(coach.post(side.path() + "/joins", join(offer, 0)).status()).isEqualTo(200);
        JsonNode joined =
                coach.get(side.play(first.get("id").asLong()) + "/film").json();
        assertThat(joined.get("angles")).hasSize(2);
        JsonNode grades = coach.get(side.play(first.get("id").asLong()) + "/grades")
                .json()
                .get("mine");
        assertThat(grades).hasSize(2);
        assertThat(grades.at("/0/marks/0/mark").asString()).isEqualTo("=");
        assertThat(grades.at("/0/note").asString()).isEqualTo("from the other side: AL -; late");
        assertThat(grades.at("/1/marks/0/mark").asString()).isEqualTo("-");
        assertThat(grades.valueStream().map(g -> g.get("player").asString())).containsExactly("dunmore", "vickery");
        assertThat(GradeRequests.coaches(coach, "abara", "marrow")
                        .get("differences")
                        .valueStream()
                        .filter(d -> d.get("game").asLong() == side.id())
                        .map(d -> d.at("/settled/mark").asString()))
                .containsExactly("-");
        assertThat(end.log()).hasSize(1);
        assertThat(end.log().at("/0/id").asLong()).isEqualTo(second.get("id").asLong());

        JsonNode rest = offer(side, end);
        coach.post(side.path() + "/joins", join(rest, 0));
        assertThat(coach.get(end.path()).status()).isEqualTo(404);
        assertThat(coach.get(side.path() + "/film").json().get("reels")).hasSize(2);
        assertThat(coach.get("/api/reels/" + end.reel()).json().get("game").asLong())
                .isEqualTo(side.id());
        assertThat(side.log()).hasSize(2);
    }

    @Test
    void whatIsLoggedOtherwiseIsNotOfferedAndOneReelShowsTwoPlays(int port) throws IOException {
        Browserless coach = Browserless.signedIn(port, "marrow");
        FilmedGame one = FilmedGame.ofOneSecond(coach, folder, "apart-one");
        FilmedGame other = FilmedGame.ofOneSecond(coach, folder, "apart-other");
        JsonNode here = one.cut(5, log(77)).json();
        JsonNode also = one.cut(9, log(77)).json();
        other.cut(5, log(77));
        other.cut(6, log(78));
        other.cut(7, log(79));
        assertThat(offer(one, other)).isNull();
        String same = "{\"here\": " + here.get("id").asLong() + ", \"game\": " + one.id() + ", \"there\": "
                + also.get("id").asLong() + "}";
        assertThat(coach.post(one.path() + "/joins", same).code()).isEqualTo("on-one-reel");
        assertThat(one.log()).hasSize(2);
    }
}
