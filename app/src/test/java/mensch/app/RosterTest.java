package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Who may see the roster, and that it is never half saved or overwritten. */
@ExtendWith(RunningApp.class)
class RosterTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String BOARD = """
            {"snap": {"formation": "pro-i", "mirrored": false, "code": "hs", "hash": "m", "toGoal": 38, "down": 2,
             "distance": 7}, "call": "anvil-drizzle", "edits": [], "hand": []}""";

    private static JsonNode nose(Browserless who) {
        for (JsonNode job : who.post("/api/line-ups", BOARD).json().at("/phases/0/jobs")) {
            if (job.get("id").asString().equals("nose")) {
                return job.get("player");
            }
        }
        throw new AssertionError("no nose");
    }

    @Test
    void aPlayerSeesNamesOnTheBoardAndNothingThatWasMeasured(int port) {
        assertThat(nose(Browserless.signedIn(port, "marrow")).get("measured").asString())
                .contains("lb")
                .contains("shuttle");
        JsonNode seen = nose(Browserless.signedIn(port, "lind"));
        assertThat(seen.get("said").asString()).isNotBlank();
        assertThat(seen.get("measured").asString()).isEmpty();
        assertThat(Browserless.signedIn(port, "lind").get("/api/roster").status())
                .isEqualTo(403);
        assertThat(Browserless.stranger(port).get("/api/roster").status()).isEqualTo(401);
    }

    @Test
    void aPlayerIsToldWhichManHeIsAndNoTwoMenSignInAsOne(int port) {
        Browserless lind = Browserless.signedIn(port, "lind");
        assertThat(lind.get("/api/roster/mine").json().get("id").asString()).isEqualTo("lind");
        assertThat(Browserless.stranger(port).get("/api/roster/mine").status()).isEqualTo(401);
        Browserless coach = Browserless.signedIn(port, "marrow");
        assertThat(coach.get("/api/roster/mine").status()).isEqualTo(204);

        Answer read = coach.get("/api/roster");
        assertThat(read.json().at("/accounts/0/username").asString()).isEqualTo("lind");
        ObjectNode twice = (ObjectNode) read.json().get("roster").deepCopy();
        ((ObjectNode) twice.at("/players/0")).put("account", "lind");
        Answer refused = coach.put("/api/roster", read.etag(), twice.toString());
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().get("detail").asString()).contains("two men sign in as \"lind\"");
        ((ObjectNode) twice.at("/players/0")).put("account", "marrow");
        assertThat(coach.put("/api/roster", read.etag(), twice.toString())
                        .json()
                        .get("detail")
                        .asString())
                .contains("no player has that account");
        assertThat(coach.get("/api/roster").json().get("version"))
                .isEqualTo(read.json().get("version"));
        assertThat(nose(lind).get("id").asString()).isNotBlank();
    }

    @Test
    void itIsSavedWholeAgainstTheVersionThatWasReadOrNotAtAll(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        Answer read = coach.get("/api/roster");
        JsonNode before = read.json();
        ObjectNode roster = (ObjectNode) before.get("roster").deepCopy();
        String erased = roster.at("/players/4/id").asString();
        roster.withArray("players").remove(4);
        Answer refused = coach.put("/api/roster", read.etag(), roster.toString());
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().get("detail").asString()).contains(erased);
        assertThat(coach.get("/api/roster").json().get("version")).isEqualTo(before.get("version"));

        roster.withArray("chart").forEach(line -> {
            var players = (tools.jackson.databind.node.ArrayNode) line.get("players");
            for (int i = players.size() - 1; i >= 0; i--) {
                if (players.get(i).asString().equals(erased)) {
                    players.remove(i);
                }
            }
        });
        Answer saved = coach.put("/api/roster", read.etag(), roster.toString());
        assertThat(saved.status()).as(String.valueOf(saved.json())).isEqualTo(200);
        assertThat(coach.get("/api/roster").json().toString()).doesNotContain("\"" + erased + "\"");
        Answer late = coach.put("/api/roster", read.etag(), before.get("roster").toString());
        assertThat(late.status()).isEqualTo(412);
        assertThat(late.json().get("code").asString()).isEqualTo("roster-overtaken");
        assertThat(coach.put("/api/roster", saved.etag(), before.get("roster").toString())
                        .status())
                .isEqualTo(200);
    }

    @Test
    void everyRoleOfEveryShippedFrontIsOnTheDemoChart(int port) {
        JsonNode answer =
                Browserless.signedIn(port, "marrow").get("/api/roster").json();
        List<String> charted = answer.at("/roster/chart").findValuesAsString("role");
        assertThat(answer.get("roles").findValuesAsString("id")).allMatch(charted::contains);
    }
}
