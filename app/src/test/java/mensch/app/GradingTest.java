package mensch.app;

import static mensch.app.GradeRequests.coaches;
import static mensch.app.GradeRequests.facet;
import static mensch.app.GradeRequests.grades;
import static mensch.app.GradeRequests.man;
import static mensch.app.GradeRequests.ticked;
import static mensch.app.GradeRequests.words;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
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
        assertThat(two.at("/topics/0/topic/what").asString()).isEqualTo("KEY");
        assertThat(two.at("/topics/0/same").asInt())
                .isLessThan(two.at("/topics/0/both").asInt());
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

    /** Two coaches talked about it: one mark stands, and what each said himself is not touched. */
    @Test
    void whichMarkStandsIsSaidApart(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        Browserless abara = Browserless.signedIn(port, "abara");
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "settled");
        String grades = grades(game, game.cut("anvil-fog"));
        Answer his = marrow.put(grades + "/will", Browserless.version(0), words("KEY", "+", "EF", "="));
        String settled = grades + "/will/settled";
        assertThat(marrow.put(settled, Browserless.version(0), stands("", "KEY", "+"))
                        .code())
                .isEqualTo("nothing-to-settle");
        abara.put(grades + "/will", Browserless.version(0), words("KEY", "-", "EF", "="));
        assertThat(marrow.put(settled, Browserless.version(0), stands("", "KEY", "="))
                        .code())
                .isEqualTo("mark-of-neither");
        String player = his.json().get("player").asString();
        int before = facet(man(marrow, player), "KEY").get("notAgreed").asInt();
        Answer stood = marrow.put(settled, Browserless.version(0), stands("", "KEY", "-"));
        assertThat(stood.status()).as(String.valueOf(stood.json())).isEqualTo(200);
        assertThat(abara.put(settled, Browserless.version(0), stands("", "KEY", "+"))
                        .code())
                .isEqualTo("settled-overtaken");
        JsonNode key = facet(man(marrow, player), "KEY");
        assertThat(key.get("notAgreed").asInt()).isEqualTo(before - 1);
        assertThat(key.get("plays")
                        .valueStream()
                        .filter(p -> p.get("game").asLong() == game.id())
                        .map(p -> p.get("as").asString()))
                .containsExactly("below");
        JsonNode difference = null;
        for (JsonNode one : coaches(abara, "abara", "marrow").get("differences")) {
            difference = one.get("game").asLong() == game.id() ? one : difference;
        }
        assertThat(difference.get("firstMark").asString()).isEqualTo("-");
        assertThat(difference.get("secondMark").asString()).isEqualTo("+");
        assertThat(difference.at("/settled/mark").asString()).isEqualTo("-");
        assertThat(difference.at("/settled/by").asString()).isEqualTo("marrow");
        assertThat(marrow.get(grades).json().at("/mine/0/marks/0/mark").asString())
                .isEqualTo("+");
        assertThat(marrow.delete(settled + "?what=KEY", stood.etag()).status()).isEqualTo(204);
        assertThat(facet(man(marrow, player), "KEY").get("notAgreed").asInt()).isEqualTo(before);
        assertThat(Browserless.signedIn(port, "lind")
                        .put(settled, Browserless.version(0), stands("", "KEY", "+"))
                        .status())
                .isEqualTo(403);
    }

    private static String stands(String of, String what, String mark) {
        return "{\"topic\": {\"of\": \"" + of + "\", \"what\": \"" + what + "\"}, \"mark\": \"" + mark + "\"}";
    }

    /** Criteria are agreed on or not like facets, by their names. */
    @Test
    void agreementIsToldOfCriteriaToo(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        Browserless abara = Browserless.signedIn(port, "abara");
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "criteria");
        String grades = grades(game, game.cut("anvil-drizzle"));
        marrow.put(grades + "/mike", Browserless.version(0), ticked("null", "null", "hip", "-", "rip", "="));
        abara.put(grades + "/mike", Browserless.version(0), ticked("null", "null", "hip", "+", "rip", "="));
        JsonNode two = coaches(abara, "abara", "marrow");
        assertThat(two.get("topics").valueStream().map(t -> t.get("name").asString()))
                .contains("Hip, Linebacker against a block", "Rip, Linebacker against a block");
        assertThat(two.get("differences")
                        .valueStream()
                        .filter(d -> d.get("game").asLong() == game.id())
                        .map(d -> d.get("name").asString()))
                .containsExactly("Hip, Linebacker against a block");
    }

    /** A call that was changed asks otherwise: who graded by the earlier one is told so, until he says it again. */
    @Test
    void whatWasGradedByAnEarlierRevisionIsSaid(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "revised");
        JsonNode play = game.cut("anvil-fog");
        String address = grades(game, play) + "/mike";
        Answer first = marrow.put(address, Browserless.version(0), words("AS", "="));
        assertThat(marrow.get(grades(game, play)).json().get("earlier")).isEmpty();
        String at = game.play(play.get("id").asLong());
        Answer logged = marrow.put(at, marrow.get(at).etag(), Requests.log("anvil-drizzle"));
        assertThat(logged.status()).as(String.valueOf(logged.json())).isEqualTo(200);
        assertThat(marrow.get(grades(game, play)).json().at("/earlier/0").asString())
                .isEqualTo("mike");
        marrow.put(address, first.etag(), words("AS", "="));
        assertThat(marrow.get(grades(game, play)).json().get("earlier")).isEmpty();
    }

    /** A play sets up a later one of its game, never an earlier. */
    @Test
    void aPlaySetsUpALaterOne(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "set-up");
        JsonNode first = game.cut("anvil-fog");
        JsonNode later = game.cut("anvil-fog");
        String up = "\"set up\"";
        Answer back = marrow.put(
                grades(game, later) + "/nose",
                Browserless.version(0),
                words("AS", "=")
                        .replace("\"outcome\": null", "\"outcome\": " + up + ", \"setsUp\": " + first.get("id")));
        assertThat(back.code()).isEqualTo("sets-up-earlier");
        Answer said = marrow.put(
                grades(game, first) + "/nose",
                Browserless.version(0),
                words("AS", "=")
                        .replace("\"outcome\": null", "\"outcome\": " + up + ", \"setsUp\": " + later.get("id")));
        assertThat(said.status()).as(String.valueOf(said.json())).isEqualTo(200);
        assertThat(said.json().get("setsUp").asLong()).isEqualTo(later.get("id").asLong());
    }

    /**
     * A rubric of one's own stands for the one it was made of: its author's draft first, everybody's when published.
     */
    @Test
    void aRubricOfOnesOwnIsAskedInThePlaceOfAnother(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        Browserless abara = Browserless.signedIn(port, "abara");
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "instead");
        String grades = grades(game, game.cut("anvil-drizzle"));
        Answer old = marrow.put(grades + "/mike", Browserless.version(0), ticked("null", "null", "pads", "-"));
        JsonNode sheet =
                marrow.get("/api/playbook/rubric/backer-block/document").json();
        String body = sheet.get("body").toString();
        Answer kept = marrow.post(
                "/api/playbook/documents",
                "{\"kind\": \"rubric\", \"name\": \"Our backers\", \"body\": " + body.substring(0, body.length() - 1)
                        + ", \"instead\": \"backer-block\"}}");
        assertThat(kept.status()).as(String.valueOf(kept.json())).isEqualTo(201);
        String id = kept.json().get("id").asString();
        assertThat(rubricsOfMike(marrow, grades)).contains(id).doesNotContain("backer-block");
        assertThat(rubricsOfMike(abara, grades)).contains("backer-block").doesNotContain(id);
        assertThat(marrow.get(grades).json().at("/earlier/0").asString()).isEqualTo("mike");
        // what was ticked by the other is kept, and can be said again
        assertThat(marrow.put(grades + "/mike", old.etag(), ticked("null", "null", "pads", "-"))
                        .status())
                .isEqualTo(200);
        String standing = "/api/playbook/rubric/" + id + "/standing";
        Answer published = marrow.put(
                standing,
                marrow.get(standing).etag(),
                "{\"install\": \"catalogue\", \"published\": true, \"retired\": false}");
        assertThat(published.status()).as(String.valueOf(published.json())).isEqualTo(200);
        assertThat(rubricsOfMike(abara, grades)).contains(id).doesNotContain("backer-block");
        JsonNode listed = abara.get("/api/playbook/rubrics").json().get("rubrics");
        assertThat(listed.valueStream()
                        .filter(r -> !r.get("inForce").asBoolean())
                        .map(r -> r.get("id").asString()))
                .containsExactly("backer-block");
        marrow.put(
                standing,
                marrow.get(standing).etag(),
                "{\"install\": \"catalogue\", \"published\": true, \"retired\": true}");
        assertThat(rubricsOfMike(abara, grades)).contains("backer-block").doesNotContain(id);
    }

    private static List<String> rubricsOfMike(Browserless coach, String grades) {
        return coach.get(grades)
                .json()
                .get("asked")
                .valueStream()
                .filter(a -> a.get("job").asString().equals("mike"))
                .flatMap(a -> a.get("rubrics").valueStream())
                .map(JsonNode::asString)
                .toList();
    }
}
