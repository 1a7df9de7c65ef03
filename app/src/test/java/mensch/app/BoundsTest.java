package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A15: how much may come in, and of what kind. */
@ExtendWith(RunningApp.class)
class BoundsTest {

    private static String edits(int count, String sentence) {
        return IntStream.range(0, count)
                .mapToObj(i -> "{\"rung\": \"anvil-fog/mike/own-" + i + "\", \"sentence\": \"" + sentence + "\"}")
                .collect(Collectors.joining(",", "[", "]"));
    }

    @Test
    void aSentenceOfMegabytesIsRefusedBeforeItIsRead(int port) {
        Browserless player = Browserless.signedIn(port, "lind");
        String huge = Requests.board("anvil-fog", edits(1, "a".repeat(10_000_000)));
        for (int i = 0; i < 6; i++) {
            Answer refused = player.post("/api/line-ups", huge);
            assertThat(refused.status()).isEqualTo(413);
            assertThat(refused.code()).isEqualTo("body-too-large");
        }
        assertThat(player.post("/api/line-ups", Requests.board("anvil-fog")).status())
                .isEqualTo(200);
    }

    @Test
    void editsAreCountedAndTheirSentencesMeasured(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        Answer many = coach.post("/api/line-ups", Requests.board("anvil-fog", edits(2000, "run A gap")));
        assertThat(many.status()).isEqualTo(422);
        assertThat(many.detail()).contains("edits");
        assertThat(coach.post("/api/line-ups", Requests.board("anvil-fog", edits(1, "x".repeat(700))))
                        .status())
                .isEqualTo(422);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"toGoal\": 38 | \"toGoal\": 38.5 | snap/toGoal | a whole number is needed",
                "\"toGoal\": 38 | \"toGoal\": \"38\" | snap/toGoal | a whole number is needed",
                "\"toGoal\": 38 | \"toGoal\": 38, \"wind\": 3 | snap/wind | no such field",
                "\"hash\": \"m\" | \"hash\": \"m\\u0000\" | snap/hash | control character",
                "\"hash\": \"m\" | \"hash\": 4 | snap/hash | text is needed",
                "\"edits\": [] | \"edits\": 7 | edits | a list is needed",
                "\"mirrored\": false | \"mirrored\": \"yes\" | snap/mirrored | true or false",
            })
    void everyValueIsTakenAtItsWord(String right, String wrong, String where, String words, int port) {
        Answer refused = Browserless.signedIn(port, "marrow")
                .post("/api/line-ups", Requests.board("anvil-fog").replace(right, wrong));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.detail()).contains(where).contains(words).doesNotContain("java");
    }

    @Test
    void nothingInAListIsNothing(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        assertThat(coach.post("/api/line-ups", Requests.board("anvil-fog", "[null]"))
                        .detail())
                .contains("edits[0]");
        assertThat(coach.post("/api/compositions", "{\"name\": \"N\", \"layers\": [null]}")
                        .status())
                .isEqualTo(422);
    }

    @Test
    void deepNestingAndHalfAText(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        Answer deep = coach.post("/api/line-ups", "{\"snap\": " + "[".repeat(20_000) + "]".repeat(20_000) + "}");
        assertThat(deep.status()).isEqualTo(400);
        Answer half = coach.post("/api/line-ups", "{\"snap\": {\"formation\": \"pro");
        assertThat(half.status()).isEqualTo(400);
        assertThat(half.detail()).contains("line 1, column");
    }

    @ParameterizedTest
    @CsvSource({"\"NaN\"", "1e999", "-3", "0.1"})
    void aShuttleIsATimeThatAManCanRun(String shuttle, int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        String read = coach.get("/api/roster").etag();
        Answer refused = coach.put(
                "/api/roster",
                read,
                "{\"players\": [{\"id\": \"p\", \"number\": 1, \"name\": \"A\", " + "\"body\": \"LB\", \"shuttle\": "
                        + shuttle + "}], \"chart\": [], \"staying\": []}");
        assertThat(refused.status()).isIn(400, 422);
        assertThat(coach.get("/api/roster").etag()).isEqualTo(read);
    }

    @Test
    void aPlanOfTwentyThousandFormationsIsNotWorkedOn(int port) {
        List<String> formations = new ArrayList<>();
        IntStream.range(0, 20_000).forEach(i -> formations.add("\"pro-i\""));
        Answer refused = Browserless.signedIn(port, "marrow")
                .post(
                        "/api/plan-audits",
                        "{\"call\": \"anvil-fog\", \"formations\": [" + String.join(",", formations)
                                + "], \"motions\": true, \"plays\": true, \"spot\": {\"code\": \"hs\", \"hash\": \"m\", "
                                + "\"toGoal\": 50, \"down\": 1, \"distance\": 10}}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains("formations");
    }

    @Test
    void namesMayBeWrittenInAnyScriptAndHaveAnEnd(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        for (String name : List.of("Щука", "雨の日", "Müller Éclair", "٤٢")) {
            Answer made =
                    coach.post("/api/compositions", "{\"name\": \"" + name + "\", \"layers\": [\"anvil\", \"fog\"]}");
            assertThat(made.status()).as(name).isBetween(200, 201);
            assertThat(made.json().get("name").asString()).isEqualTo(name);
            assertThat(made.json().get("id").asString()).matches("[a-z0-9]+(-[a-z0-9]+)*");
            assertThat(coach.post(
                                    "/api/line-ups",
                                    Requests.board(made.json().get("id").asString()))
                            .status())
                    .isEqualTo(200);
        }
        assertThat(coach.post("/api/compositions", "{\"name\": \"!!!\", \"layers\": [\"anvil\", \"fog\"]}")
                        .code())
                .isEqualTo("name-empty");
        assertThat(coach.post(
                                "/api/compositions",
                                "{\"name\": \"" + "n".repeat(81) + "\", \"layers\": [\"anvil\", \"fog\"]}")
                        .status())
                .isEqualTo(422);
    }

    @Test
    void anImportKnowsItsBounds(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        assertThat(coach.post("/api/exchange/previews", "{\"text\": \"" + "x".repeat(4_000_001) + "\"}")
                        .status())
                .isEqualTo(422);
        Answer nested = coach.post("/api/exchange/previews", "{\"text\": \"" + "[".repeat(5000) + "\"}");
        assertThat(nested.status()).isEqualTo(422);
        assertThat(nested.code()).isEqualTo("import-refused");
    }
}
