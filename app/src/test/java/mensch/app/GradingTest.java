package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * What is measured is proposed; a grade is a coach's word, and two coaches do not see each other's before they said
 * theirs.
 */
@ExtendWith(RunningApp.class)
class GradingTest {
    @TempDir
    static Path folder;

    private static String words(String... facetAndMark) {
        var marks = new ArrayList<String>();
        for (int i = 0; i < facetAndMark.length; i += 2) {
            marks.add("{\"facet\": \"" + facetAndMark[i] + "\", \"mark\": \"" + facetAndMark[i + 1] + "\"}");
        }
        return "{\"marks\": " + marks
                + ", \"note\": null, \"target\": \"man\", \"flags\": [], \"outcome\": null, \"extraCredit\": false}";
    }

    private static String grades(FilmedGame game, JsonNode play) {
        return game.play(play.get("id").asLong()) + "/grades";
    }

    @Test
    void whatIsMeasuredIsProposedAndIsNoGradeBeforeACoachSaidSo(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "proposed");
        JsonNode play = game.measured("anvil-drizzle");
        JsonNode before = marrow.get(grades(game, play)).json();
        assertThat(before.at("/proposals/0/job").asString()).isEqualTo("mike");
        assertThat(before.at("/proposals/0/facet").asString()).isEqualTo("AL");
        assertThat(before.get("mine")).isEmpty();
        String proposed = before.at("/proposals/0/mark").asString();
        String other = proposed.equals("=") ? "-" : "=";
        Answer said = marrow.put(grades(game, play) + "/mike", Browserless.version(0), words("KEY", "+", "AL", other));
        assertThat(said.status()).as(String.valueOf(said.json())).isEqualTo(200);
        JsonNode alignment = said.json().at("/marks/0");
        assertThat(alignment.get("facet").asString()).isEqualTo("AL");
        assertThat(alignment.get("mark").asString()).isEqualTo(other);
        assertThat(alignment.get("proposed").asString()).isEqualTo(proposed);
        assertThat(alignment.get("measured").asString())
                .isEqualTo(before.at("/proposals/0/measured").asString());
        assertThat(said.json().at("/marks/1").has("proposed")).isFalse();
        assertThat(said.json().get("player").asString()).isNotEmpty();
        assertThat(said.json().get("call").asString()).isEqualTo("anvil-drizzle");
        assertThat(said.json().get("gradedAt").asString()).startsWith("20");
    }

    @Test
    void twoCoachesGradeBlindAndNobodyWritesOverTheOther(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        Browserless abara = Browserless.signedIn(port, "abara");
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "blind");
        JsonNode play = game.cut("anvil-fog");
        String grades = grades(game, play);
        marrow.put(grades + "/nickel", Browserless.version(0), words("KEY", "+"));
        JsonNode blind = abara.get(grades).json();
        assertThat(blind.get("others")).isEmpty();
        assertThat(blind.at("/waiting/0").asString()).isEqualTo("marrow");
        assertThat(blind.toString()).doesNotContain("\"+\"");
        assertThat(abara.put(grades + "/nickel", Browserless.version(0), words("KEY", "-", "EF", "="))
                        .status())
                .isEqualTo(200);
        JsonNode seen = abara.get(grades).json();
        assertThat(seen.at("/others/0/marks/0/mark").asString()).isEqualTo("+");
        assertThat(seen.get("waiting")).isEmpty();
        assertThat(marrow.get(grades).json().at("/mine/0/marks/0/mark").asString())
                .isEqualTo("+");
        JsonNode man = man(marrow, seen.at("/mine/0/player").asString());
        JsonNode key = facet(man, "KEY");
        assertThat(key.get("notAgreed").asInt()).isEqualTo(1);
        assertThat(key.get("told").asInt()).isZero();
        assertThat(facet(man, "EF").get("done").asInt()).isEqualTo(1);
        assertThat(man.get("plays").asInt()).isEqualTo(1);
        JsonNode two = coaches(abara, "abara", "marrow");
        assertThat(two.get("facets").get(0).get("facet").asString()).isEqualTo("KEY");
        assertThat(two.get("facets").get(0).get("same").asInt())
                .isLessThan(two.get("facets").get(0).get("both").asInt());
        JsonNode difference = null;
        for (JsonNode one : two.get("differences")) {
            difference = one.get("game").asLong() == game.id() ? one : difference;
        }
        assertThat(difference.get("firstMark").asString()).isEqualTo("-");
        assertThat(difference.get("secondMark").asString()).isEqualTo("+");
        assertThat(difference.get("number").asInt()).isEqualTo(1);
        assertThat(Browserless.signedIn(port, "lind").get("/api/agreements").status())
                .isEqualTo(403);
    }

    private static JsonNode coaches(Browserless coach, String first, String second) {
        for (JsonNode two : coach.get("/api/agreements").json()) {
            if (two.get("first").asString().equals(first)
                    && two.get("second").asString().equals(second)) {
                return two;
            }
        }
        throw new AssertionError(first + " and " + second + " graded nobody together");
    }

    private static JsonNode man(Browserless coach, String man) {
        for (JsonNode one : coach.get("/api/grades").json()) {
            if (one.get("man").asString().equals(man)) {
                return one;
            }
        }
        throw new AssertionError(man + " has no grades");
    }

    private static JsonNode facet(JsonNode man, String facet) {
        for (JsonNode one : man.get("facets")) {
            if (one.get("facet").asString().equals(facet)) {
                return one;
            }
        }
        throw new AssertionError(facet + " is not marked");
    }

    @Test
    void aSecondWordOnAnotherScreenIsToldAndAWordCanBeTakenBack(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "twice");
        String address = grades(game, game.cut("anvil-fog")) + "/will";
        Answer first = marrow.put(address, Browserless.version(0), words("AS", "="));
        assertThat(marrow.put(address, Browserless.version(0), words("AS", "-")).code())
                .isEqualTo("grade-overtaken");
        Answer second = marrow.put(address, first.etag(), words("AS", "-"));
        assertThat(second.status()).isEqualTo(200);
        assertThat(second.etag()).isNotEqualTo(first.etag());
        assertThat(marrow.delete(address, first.etag()).status()).isEqualTo(412);
        assertThat(marrow.delete(address, second.etag()).status()).isEqualTo(204);
        assertThat(marrow.delete(address, second.etag()).status()).isEqualTo(404);
    }

    /** The chart of next week does not say who played last week. */
    @Test
    void whoPlayedIsToldByTheChartAtTheFirstWord(int port) throws IOException, SQLException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "chart");
        JsonNode play = game.cut("anvil-fog");
        String address = grades(game, play) + "/nose";
        Answer first = marrow.put(address, Browserless.version(0), words("AS", "="));
        Database.run("update rep set player = 'marsh' where play_id = "
                + play.get("id").asLong());
        assertThat(first.json().get("player").asString()).isNotEqualTo("marsh");
        Answer second = marrow.put(address, first.etag(), words("AS", "-"));
        assertThat(second.json().get("player").asString()).isEqualTo("marsh");
    }

    @Test
    void whatCannotBeGradedIsRefused(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "refused");
        String grades = grades(game, game.cut("anvil-fog"));
        assertThat(marrow.put(grades + "/waterboy", Browserless.version(0), words("AS", "="))
                        .status())
                .isEqualTo(404);
        assertThat(marrow.put(grades + "/mike", Browserless.version(0), words("AS", "=", "AS", "-"))
                        .code())
                .isEqualTo("facet-twice");
        Answer mark = marrow.put(grades + "/mike", Browserless.version(0), words("AS", "1"));
        assertThat(mark.status()).isEqualTo(400);
        assertThat(mark.detail()).contains("[+, =, -, n/a]");
        assertThat(Browserless.signedIn(port, "lind")
                        .put(grades + "/mike", Browserless.version(0), words("AS", "="))
                        .status())
                .isEqualTo(403);
        assertThat(marrow.get(grades).json().get("mine")).isEmpty();
    }

    /** With fewer than eight plays there is no share; what nobody saw counts for nothing. */
    @Test
    void sharesAreNamedOfEightPlaysAndMoreAndEachPlayIsLedTo(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "shares");
        String player = null;
        for (int i = 0; i < 9; i++) {
            String mark = i == 0 ? "n/a" : i < 3 ? "-" : "=";
            Answer said = marrow.put(
                    grades(game, game.cut("tongs-fog")) + "/free", Browserless.version(0), words("COM", mark));
            player = said.json().get("player").asString();
            if (i == 7) {
                assertThat(facet(man(marrow, player), "COM").has("percent")).isFalse();
            }
        }
        JsonNode told = facet(man(marrow, player), "COM");
        assertThat(told.get("done").asInt()).isEqualTo(6);
        assertThat(told.get("told").asInt()).isEqualTo(8);
        assertThat(told.get("notSeen").asInt()).isEqualTo(1);
        assertThat(told.get("percent").asInt()).isEqualTo(75);
        JsonNode plays = marrow.get("/api/grades/" + player).json().get("items");
        assertThat(plays.get(0).get("game").asLong()).isEqualTo(game.id());
        assertThat(plays.get(0).get("number").asInt()).isEqualTo(9);
        long first = plays.get(0).get("play").asLong();
        String out = game.play(first);
        marrow.delete(out, marrow.get(out).etag());
        assertThat(facet(man(marrow, player), "COM").get("told").asInt()).isEqualTo(7);
    }

    @Test
    void aFaultOfTheCallIsNoneOfTheMan(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "call");
        Answer said = marrow.put(
                grades(game, game.cut("anvil-frost")) + "/nose",
                Browserless.version(0),
                words("ST", "-").replace("\"man\"", "\"call or teaching\""));
        assertThat(said.status()).as(String.valueOf(said.json())).isEqualTo(200);
        JsonNode stance = facet(man(marrow, said.json().get("player").asString()), "ST");
        assertThat(stance.get("ofTheCall").asInt()).isEqualTo(1);
        assertThat(stance.get("told").asInt()).isZero();
        assertThat(List.of(stance.get("done").asInt(), stance.get("notSeen").asInt()))
                .containsOnly(0);
    }
}
