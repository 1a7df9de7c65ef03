package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(RunningApp.class)
class BoardAndCallsTest {
    private static final String SNAP =
            "{\"formation\": \"pro-i\", \"mirrored\": false, \"code\": \"hs\", \"hash\": \"m\", \"toGoal\": 38, \"down\": 2, \"distance\": 7}";

    private static String board(String call, String revision, String edits, String hand) {
        return "{\"snap\": " + SNAP + ", \"call\": \"" + call + "\", \"revision\": " + revision + ", \"edits\": "
                + edits + ", \"hand\": " + hand + "}";
    }

    private static String edit(String rung, String sentence) {
        return "[{\"rung\": \"" + rung + "\", \"sentence\": \"" + sentence + "\"}]";
    }

    private static JsonNode job(JsonNode board, String id) {
        for (JsonNode job : board.at("/phases/0/jobs")) {
            if (job.get("id").asString().equals(id)) {
                return job;
            }
        }
        throw new AssertionError(id);
    }

    /** The ladder as it would be, what was saved beside it, and a name for the next rung that none has. */
    @Test
    void theServerLaysEditsOverTheLadder(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        String before = base(role(coach.get("/api/calls/anvil-fog").json(), "mike"))
                .get("sentence")
                .asString();
        String after = before.replaceFirst("@ [0-9.]+", "@ 6.5");
        String edits = "{\"revision\": 0, \"edits\": [{\"rung\": \"anvil/mike/base\", \"sentence\": \"" + after
                + "\"}, {\"rung\": \"anvil-fog/mike/own-1\", \"sentence\": \"run B gap\"}]}";
        JsonNode mike = role(coach.post("/api/calls/anvil-fog/drafts", edits).json(), "mike");
        JsonNode own = mike.at("/rungs/0");
        assertThat(own.get("id").asString()).isEqualTo("anvil-fog/mike/own-1");
        assertThat(own.get("added").asBoolean()).isTrue();
        assertThat(mike.get("fresh").asString()).isEqualTo("anvil-fog/mike/own-2");
        assertThat(mike.get("freshThisWeek").asString()).isEqualTo("this-week/mike/own-1");
        assertThat(after).isNotEqualTo(before);
        assertThat(base(mike).get("sentence").asString()).isEqualTo(after);
        assertThat(base(mike).get("saved").asString()).isEqualTo(before);
        JsonNode saved = role(coach.get("/api/calls/anvil-fog").json(), "mike");
        assertThat(saved.get("fresh").asString()).isEqualTo("anvil-fog/mike/own-1");
        assertThat(saved.toString()).doesNotContain("\"added\":true");
        assertThat(coach.post("/api/calls/anvil-fog/drafts", edits.replace("run B gap", "run Q gap"))
                        .status())
                .isEqualTo(422);
    }

    /** A rung of this week stands above the call's own, and the call opens with it once it is saved. */
    @Test
    void aRungOfThisWeekIsALayerAndNoDocument(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        String week = "[{\"rung\": \"this-week/mike/own-1\", \"sentence\": \"key centre ignore guard\"}]";
        JsonNode draft = coach.post("/api/calls/anvil-drizzle/drafts", "{\"revision\": 0, \"edits\": " + week + "}")
                .json();
        assertThat(role(draft, "mike").at("/rungs/0/layer").asString()).isEqualTo("plan");
        assertThat(draft.get("layers").toString()).doesNotContain("this-week");
        Answer saved = coach.post(
                "/api/calls",
                "{\"name\": \"Weekly Drizzle\", \"from\": \"anvil-drizzle\", \"fromRevision\": 0, \"edits\": " + week
                        + "}");
        assertThat(saved.status()).isEqualTo(201);
        JsonNode opened = coach.get("/api/calls/weekly-drizzle").json();
        assertThat(role(opened, "mike").at("/rungs/0/layer").asString()).isEqualTo("plan");
        assertThat(opened.get("layers"))
                .isEqualTo(coach.get("/api/calls/anvil-drizzle").json().get("layers"));
    }

    private static JsonNode base(JsonNode role) {
        return role.get("rungs")
                .valueStream()
                .filter(r -> r.get("id").asString().equals("anvil/mike/base"))
                .findFirst()
                .orElseThrow();
    }

    private static JsonNode role(JsonNode call, String id) {
        return call.get("roles")
                .valueStream()
                .filter(r -> r.get("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aManOfTheOffenceIsPlacedByTheServer(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        String ask =
                "{\"snap\": {\"formation\": \"pro-i\", \"mirrored\": false, \"code\": \"hs\", \"hash\": \"m\", \"toGoal\": 38, \"down\": 2, \"distance\": 7}, \"man\": \"%s\", \"x\": -9.1, \"y\": -1.4}";
        assertThat(coach.post("/api/placements", ask.formatted("FL"))
                        .json()
                        .get("men")
                        .asString())
                .contains("FL-9/1.5")
                .doesNotContain("|");
        assertThat(coach.post("/api/placements", ask.formatted("LT")).status()).isEqualTo(422);
    }

    /**
     * A gap nobody has: the repairs offered are sentences that mend it when they are tried as edits; none is offered
     * twice.
     */
    @Test
    void aFindingIsMendedByTheEditsOfferedForIt(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        String board =
                "{\"snap\": {\"formation\": \"pro-i\", \"mirrored\": false, \"code\": \"hs\", \"hash\": \"m\", \"toGoal\": 38, \"down\": 2, \"distance\": 7}, \"call\": \"anvil-drizzle\", \"hand\": [], \"edits\": [{\"rung\": \"anvil-drizzle/will/own-1\", \"sentence\": \"run none\"}%s]}";
        String gap = "Nobody has the B gap left.";
        assertThat(coach.post("/api/line-ups", board.formatted(""))
                        .json()
                        .at("/phases/0/findings")
                        .toString())
                .contains(gap);
        String ask = "{\"board\": %s, \"phase\": 0, \"finding\": \"gaps/nobody/B gap left\", \"seen\": [%s]}";
        JsonNode offer = coach.post("/api/repairs", ask.formatted(board.formatted(""), ""))
                .json();
        assertThat(offer.get("tried").asInt()).isGreaterThan(80);
        JsonNode best = offer.at("/repairs/0");
        String edits = best.get("edits").toString();
        String mended = coach.post("/api/line-ups", board.formatted(", " + edits.substring(1, edits.length() - 1)))
                .json()
                .at("/phases/0/findings")
                .toString();
        assertThat(mended).doesNotContain(gap).doesNotContain("\"bust\"");
        JsonNode others = coach.post("/api/repairs", ask.formatted(board.formatted(""), edits))
                .json();
        assertThat(others.get("tried").asInt())
                .isEqualTo(offer.get("tried").asInt() - best.get("edits").size());
        assertThat(others.get("repairs").toString())
                .doesNotContain(best.at("/edits/0/sentence").asString() + "\"");
        assertThat(coach.post(
                                "/api/repairs",
                                ask.formatted(board.formatted(""), "")
                                        .replace("nobody/B gap left", "nobody/Z gap left"))
                        .status())
                .isEqualTo(404);
    }

    /** The plan audit says what the board says, and a draft of another is not there. */
    @Test
    void aPlanIsAuditedCallByCall(int port) {
        Browserless player = Browserless.signedIn(port, "lind");
        String spot = "\"spot\": {\"code\": \"hs\", \"hash\": \"m\", \"toGoal\": 50, \"down\": 1, \"distance\": 10}";
        JsonNode row = player.post(
                        "/api/plan-audits",
                        "{\"call\": \"anvil-eel\", \"formations\": [\"pro-i\", \"double-wing\"], " + spot
                                + ", \"motions\": false, \"plays\": false}")
                .json();
        assertThat(row.get("cells")).hasSize(2);
        assertThat(row.at("/cells/0/standing").asString()).isNotEqualTo("breaks");
        assertThat(row.at("/cells/1/standing").asString()).isEqualTo("breaks");
        assertThat(row.at("/cells/1/worst").asString()).isEqualTo("Nobody has the D gap left.");
        assertThat(row.at("/cells/1/cost").asInt())
                .as("what costs most comes first")
                .isGreaterThan(row.at("/cells/0/cost").asInt());
        JsonNode met = player.post(
                        "/api/plan-audits",
                        "{\"call\": \"anvil-drizzle\", \"formations\": [\"trips-tight\"], " + spot
                                + ", \"motions\": false, \"plays\": true}")
                .json();
        assertThat(met.at("/cells/0/worst").asString())
                .as("only a play brings it out")
                .contains("is in conflict on");
        JsonNode load = player.post(
                        "/api/teaching-loads",
                        "{\"calls\": [\"anvil-drizzle\", \"anvil-fog\"], \"formation\": \"pro-i\", " + spot + "}")
                .json();
        assertThat(load.at("/calls/1/rungs").asInt())
                .isBetween(1, load.at("/calls/0/rungs").asInt());
        assertThat(player.post(
                                "/api/plan-audits",
                                "{\"call\": \"not-there\", \"formations\": [], " + spot
                                        + ", \"motions\": false, \"plays\": false}")
                        .status())
                .isEqualTo(404);
        assertThat(player.post("/api/teaching-loads", "{\"calls\": [], \"formation\": \"pro-i\", " + spot + "}")
                        .status())
                .isEqualTo(422);
        assertThat(Browserless.stranger(port)
                        .post(
                                "/api/teaching-loads",
                                "{\"calls\": [\"anvil-fog\"], \"formation\": \"pro-i\", " + spot + "}")
                        .status())
                .isEqualTo(401);
    }

    @Test
    void theBoardAnswersWithJobsReasonsAndFindings(int port) {
        Answer answer =
                Browserless.signedIn(port, "lind").post("/api/line-ups", board("anvil-drizzle", "null", "[]", "[]"));
        assertThat(answer.status()).isEqualTo(200);
        assertThat(job(answer.json(), "nickel").at("/feet/x").asDouble()).isEqualTo(7.0);
        assertThat(answer.json().at("/phases/0/gaps")).hasSize(7);
        assertThat(answer.headers().firstValue("Content-Security-Policy").orElse(""))
                .contains("script-src 'self'");
    }

    @Test
    void anEditIsAnsweredBeforeAnythingIsSaved(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        String edits = edit(
                "anvil/will/base",
                "align gap B @ 5.5; key near back then guard; reads backer; run B gap; technique backer-block");
        assertThat(job(
                                coach.post("/api/line-ups", board("anvil-drizzle", "0", edits, "[]"))
                                        .json(),
                                "will")
                        .at("/feet/y")
                        .asDouble())
                .isEqualTo(5.5);
        assertThat(job(
                                coach.post("/api/line-ups", board("anvil-drizzle", "0", "[]", "[]"))
                                        .json(),
                                "will")
                        .at("/feet/y")
                        .asDouble())
                .isEqualTo(4.5);
    }

    @Test
    void oneOfTwoCornersIsPutByHand(int port) {
        JsonNode board = Browserless.signedIn(port, "marrow")
                .post(
                        "/api/line-ups",
                        board(
                                "anvil-drizzle",
                                "0",
                                "[]",
                                "[{\"job\": \"corner-left\", \"phrase\": \"over #1, inside, 1 x 1\"}]"))
                .json();
        assertThat(job(board, "corner-left").at("/feet/y").asDouble()).isEqualTo(1);
        assertThat(job(board, "corner-right").at("/feet/y").asDouble()).isEqualTo(7);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        anvil/will/base | align gap Q @ 5 | document-invalid
        nowhere/will/base | run A gap   | document-invalid
        anvil           | run A gap       | input-invalid
        """)
    void aBadEditIsRefusedWithACode(String rung, String sentence, String code, int port) {
        Answer answer = Browserless.signedIn(port, "marrow")
                .post("/api/line-ups", board("anvil-drizzle", "0", edit(rung, sentence), "[]"));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().get("code").asString()).isEqualTo(code);
    }

    @Test
    void aSentenceFaultNamesPlaceAndWhatMayFollow(int port) {
        JsonNode json = Browserless.signedIn(port, "marrow")
                .post("/api/line-ups", board("anvil-drizzle", "0", edit("anvil/will/base", "align gap Q @ 5"), "[]"))
                .json();
        assertThat(json.at("/problems/0/at").asInt()).isEqualTo(10);
        assertThat(json.at("/problems/0/expected/0").asString()).contains("A, B, C, D or E");
    }

    @Test
    void aSpotFindsItsWords(int port) {
        Answer answer = Browserless.signedIn(port, "marrow")
                .post(
                        "/api/phrases",
                        "{\"board\": " + board("anvil-drizzle", "0", "[]", "[]")
                                + ", \"job\": \"mike\", \"x\": 2.0, \"y\": 4.4}");
        assertThat(answer.json().at("/0/words").asString()).isEqualTo("gap B @ 4.5");
    }

    @Test
    void theSecondOfTwoSavesIsRefusedAndShownBothVersions(int port) {
        Browserless first = Browserless.signedIn(port, "marrow");
        Browserless second = Browserless.signedIn(port, "marrow");
        Answer made = first.post(
                "/api/calls",
                "{\"name\": \"Anvil Otter\", \"from\": \"anvil-drizzle\", \"fromRevision\": 0, \"edits\": []}");
        assertThat(made.json().get("revision").asInt()).isEqualTo(1);
        String mine = "{\"edits\": "
                + edit(
                        "drizzle/deep-strong/base",
                        "align stack tackle @ 13; key ball then #2; reads safety; run alley; pass deep middle third; technique safety-space")
                + "}";
        Answer saved = first.put("/api/calls/anvil-otter", made.etag(), mine);
        assertThat(saved.json().get("revision").asInt()).isEqualTo(2);
        assertThat(saved.json().get("digest").asString())
                .isNotEqualTo(made.json().get("digest").asString());
        Answer refused = second.put("/api/calls/anvil-otter", made.etag(), mine.replace("@ 13", "@ 14"));
        assertThat(refused.status()).isEqualTo(412);
        assertThat(refused.json().get("code").asString()).isEqualTo("call-overtaken");
        assertThat(refused.json().at("/theirs/revision").asInt()).isEqualTo(2);
        assertThat(refused.json().get("theirCall").toString()).contains("stack tackle @ 13");
        assertThat(first.get("/api/calls/anvil-otter").json().toString())
                .contains("stack tackle @ 13")
                .doesNotContain("@ 14");
        assertThat(first.get("/api/calls/anvil-otter?revision=1").json().toString())
                .contains("stack tackle @ 12");
        assertThat(first.get("/api/playbook/call/anvil-otter/revisions").json().get("items"))
                .hasSize(2);
    }

    @Test
    void theCatalogueIsNotOverwrittenAndNamesAreUnique(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        assertThat(coach.put("/api/calls/anvil-fog", Browserless.version(0), "{\"edits\": []}")
                        .json()
                        .get("code")
                        .asString())
                .isEqualTo("catalogue-call");
        assertThat(coach.post(
                                "/api/calls",
                                "{\"name\": \"Anvil Fog\", \"from\": \"anvil-fog\", \"fromRevision\": 0, \"edits\": []}")
                        .json()
                        .get("code")
                        .asString())
                .isEqualTo("name-taken");
    }

    @Test
    void aPlayerReadsAndAStrangerDoesNot(int port) {
        Browserless player = Browserless.signedIn(port, "lind");
        assertThat(player.get("/api/calls").status()).isEqualTo(200);
        assertThat(player.post(
                                "/api/calls",
                                "{\"name\": \"X1\", \"from\": \"anvil-fog\", \"fromRevision\": 0, \"edits\": []}")
                        .status())
                .isEqualTo(403);
        assertThat(Browserless.stranger(port).get("/api/calls").status()).isEqualTo(401);
        assertThat(Browserless.stranger(port)
                        .post("/api/session", "{\"username\": \"marrow\", \"password\": \"wrong\"}")
                        .status())
                .isEqualTo(401);
    }

    /** The client's types are made from this file; when the API moves, the file must move with it. */
    @Test
    void theCommittedApiDescriptionIsTheRunningOne(int port) throws IOException {
        var mapper = JsonMapper.builder().build();
        JsonNode committed = mapper.readTree(Files.readString(Path.of("../web/openapi.json")));
        assertThat(Browserless.stranger(port).get("/v3/api-docs").json())
                .as("run ./mensch api and commit web/openapi.json")
                .isEqualTo(committed);
    }
}
