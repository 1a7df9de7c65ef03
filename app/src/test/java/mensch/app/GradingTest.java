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
import tools.jackson.databind.json.JsonMapper;

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
                + ", \"note\": null, \"target\": \"man\", \"flags\": [], \"outcome\": null, \"extraCredit\": false, \"criteria\": []}";
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

    private static String ticked(String outcome, String correction, String... criterionAndMark) {
        var ticks = new ArrayList<String>();
        for (int i = 0; i < criterionAndMark.length; i += 2) {
            ticks.add("{\"rubric\": \"backer-block\", \"criterion\": \"" + criterionAndMark[i] + "\", \"mark\": \""
                    + criterionAndMark[i + 1] + "\"}");
        }
        return words().replace("\"outcome\": null", "\"outcome\": " + outcome)
                .replace("\"criteria\": []", "\"criteria\": " + ticks + ", \"correction\": " + correction);
    }

    /** Technique is marked by the rubric of the play's kind; what the marks come to is proposed, and kept with them. */
    @Test
    void techniqueIsMarkedByItsRubricAndACorrectionIsKept(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "rubric");
        JsonNode play = game.cut("anvil-drizzle");
        String grades = grades(game, play);
        JsonNode asked = marrow.get(grades).json();
        JsonNode mike = asked.get("asked")
                .valueStream()
                .filter(a -> a.get("job").asString().equals("mike"))
                .findFirst()
                .orElseThrow();
        assertThat(mike.get("rubrics").valueStream().map(JsonNode::asString))
                .contains("backer-block", "backer-play-action");
        assertThat(asked.get("rubrics").toString()).contains("low, rolled forward");
        String correction = "{\"good\": \"eyes\", \"wrongAt\": {\"game\": " + game.id() + ", \"reel\": " + game.reel()
                + ", \"frame\": 20}, \"ledTo\": null, \"instead\": null, \"goodAt\": null, \"drill\": \"board drill\"}";
        Answer said = marrow.put(
                grades + "/mike", Browserless.version(0), ticked("\"win\"", correction, "pads", "-", "rip", "+"));
        assertThat(said.status()).as(String.valueOf(said.json())).isEqualTo(200);
        assertThat(said.json().at("/technique/mark").asString()).isEqualTo("-");
        assertThat(said.json().at("/technique/measured").asString()).startsWith("1 of 2 criteria");
        assertThat(said.json().at("/criteria/0/digest").asString()).hasSize(64);
        assertThat(said.json().at("/correction/wrongAt/frame").asInt()).isEqualTo(20);
        Answer again = marrow.put(grades + "/mike", said.etag(), ticked("\"win\"", "null", "pads", "-", "pads", "+"));
        assertThat(again.code()).isEqualTo("criterion-twice");
        for (String[] wrong : new String[][] {{"\"frame\": 20", "\"frame\": 20000"}, {"\"reel\": ", "\"reel\": 9"}}) {
            assertThat(marrow.put(grades + "/mike", said.etag(), ticked("null", correction.replace(wrong[0], wrong[1])))
                            .code())
                    .isIn("frame-missing", "not-found");
        }
        assertThat(marrow.put(grades + "/mike", said.etag(), ticked("null", "null", "moon", "-"))
                        .status())
                .isEqualTo(404);
    }

    private static String playbook(String criterion) {
        return "{\"format\": 1, \"kind\": \"playbook\", \"documents\": [{\"format\": 1, \"kind\": \"rubric\", "
                + "\"id\": \"own-eyes\", \"name\": \"Our eyes\", \"of\": [\"backer-block\"], \"plays\": \"any\", "
                + "\"criteria\": [" + criterion + "]}]}";
    }

    /** A programme's own rubric comes in with a playbook and is graded by; one that cannot be read does not come in. */
    @Test
    void aProgrammesOwnRubricIsGradedBy(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        var json = JsonMapper.builder().build();
        String row = "[\"eyes\", \"%s\", \"Eyes\", \"on the guard\", \"in the backfield\", \"late\"]";
        for (String broken : List.of(row.formatted("XX"), row.formatted("TE") + "," + row.formatted("TE"))) {
            Answer refused = marrow.post(
                    "/api/exchange/previews", "{\"text\": " + json.writeValueAsString(playbook(broken)) + "}");
            assertThat(refused.status()).as(broken).isBetween(400, 422);
            assertThat(String.valueOf(refused.json())).containsAnyOf("XX", "two of one id");
        }
        String text = json.writeValueAsString(playbook(row.formatted("TE")));
        JsonNode rows = marrow.post("/api/exchange/previews", "{\"text\": " + text + "}")
                .json();
        Answer taken = marrow.post("/api/exchange/imports", "{\"text\": " + text + ", \"rows\": " + rows + "}");
        assertThat(taken.status()).as(String.valueOf(taken.json())).isEqualTo(200);
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "own");
        JsonNode asked = marrow.get(grades(game, game.cut("anvil-drizzle"))).json();
        assertThat(asked.get("rubrics").toString()).contains("Our eyes").contains("in the backfield");
    }

    /** Faults by how often they were seen, each with its plays; against starters and backups apart. */
    @Test
    void aMansReportSplitsByTheirUnitAndCountsHisFaults(int port) throws IOException, SQLException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "report");
        String man = null;
        for (int i = 0; i < 8; i++) {
            String unit = i < 3 ? "starters" : "backups";
            String log = Requests.log("rasp-frost").replace("}, \"call\"", "}, \"unit\": \"" + unit + "\", \"call\"");
            JsonNode play = game.cut(FilmedGame.FRAME, log).json();
            Answer said = marrow.put(
                    grades(game, play) + "/mike",
                    Browserless.version(0),
                    i < 3
                            ? ticked("\"loss\"", "null", "pads", "-")
                            : ticked("\"win\"", "null", "pads", "=", "rip", "="));
            assertThat(said.status()).as(String.valueOf(said.json())).isEqualTo(200);
            Database.run("update rep set player = 'reported' where play_id = "
                    + play.get("id").asLong());
            man = "reported";
        }
        JsonNode report = marrow.get("/api/grades/" + man + "/report").json();
        assertThat(report.get("ended").asString()).isEqualTo("5-3");
        assertThat(report.at("/against/0/unit").asString()).isEqualTo("starters");
        assertThat(report.at("/against/0/ended").asString()).isEqualTo("0-3");
        assertThat(report.at("/against/1/ended").asString()).isEqualTo("5 positive of 5");
        assertThat(report.get("faults")).hasSize(1);
        JsonNode pads = report.at("/faults/0");
        assertThat(pads.get("name").asString()).isEqualTo("Pads: high");
        assertThat(pads.get("below").asInt()).isEqualTo(3);
        assertThat(pads.get("told").asInt()).isEqualTo(8);
        assertThat(pads.get("learnt").asBoolean()).isTrue();
        assertThat(pads.get("plays").valueStream().map(p -> p.get("number").asInt()))
                .containsExactly(3, 2, 1);
        assertThat(Browserless.signedIn(port, "lind")
                        .get("/api/grades/" + man + "/report")
                        .status())
                .isEqualTo(403);
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
