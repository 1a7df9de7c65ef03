package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Plays that are run, over HTTP: watched, asked what if, beside another call, and what mends them. */
@ExtendWith(RunningApp.class)
class SnapRunsTest {
    /**
     * A player may run it as well; what is watched is what core runs, and nothing is run that is not asked for rightly.
     */
    @Test
    void aRunIsRunWatchedAndAskedWhatIf(int port) {
        Browserless player = Browserless.signedIn(port, "lind");
        JsonNode power =
                player.post("/api/snap-runs", snapRun("power", "[]", "null")).json();
        assertThat(power.get("said").asString()).startsWith("Of 200 snaps (model) the offence gains ");
        assertThat(power.at("/snap/tracks").size()).isEqualTo(22);
        assertThat(power.at("/snap/seed")).isEqualTo(power.at("/watch/0/seed"));
        assertThat(power.get("without")).isNull();
        JsonNode late = player.post(
                        "/api/snap-runs",
                        snapRun("power", "[{\"man\": \"end-call\", \"kind\": \"FALSE_STEP\", \"amount\": 1.5}]", "7"))
                .json();
        assertThat(late.at("/snap/seed").asInt()).isEqualTo(7);
        assertThat(late.at("/without/least").asDouble()).isPositive();
        assertThat(late.at("/without/said").asString()).contains("more on the average");
        for (String wrong : List.of(
                snapRun("power", "[{\"man\": \"sam\", \"kind\": \"LATE\", \"amount\": 3}]", "null"),
                snapRun("snag-four", "[]", "null"),
                snapRun("power", "[]", "200"),
                snapRun("power", "[{\"man\": \"mike\", \"kind\": \"LATE\", \"amount\": 3000}]", "null"))) {
            assertThat(player.post("/api/snap-runs", wrong).status()).as(wrong).isIn(400, 422);
        }
    }

    @Test
    void everyRunIsRunAtACallWorstFirst(int port) {
        JsonNode rows = Browserless.signedIn(port, "lind")
                .post("/api/snap-runs/worst", Boards.against("pro-i", "anvil-drizzle"))
                .json();
        assertThat(rows.size()).isGreaterThan(20);
        assertThat(rows.at("/0/holds").asDouble())
                .isLessThanOrEqualTo(rows.at("/9/holds").asDouble());
        assertThat(rows.at("/0/why").asString()).endsWith(".");
    }

    /**
     * Flag is run as well: its plays alone, who can be caught in his disguise is told by name, and the flag is pulled.
     */
    @Test
    void flagIsRunAndBeatenByItsOwnPlays(int port) {
        Browserless player = Browserless.signedIn(port, "lind");
        String board = Boards.play("flag-seven", "rivet-dusk", "flag-reverse", false)
                .replace("\"code\": \"hs\"", "\"code\": \"flag7\"")
                .replace("\"toGoal\": 50", "\"toGoal\": 30");
        String caught = board.substring(0, board.lastIndexOf('}'))
                + ", \"faults\": [{\"man\": \"up-right\", \"kind\": \"SHOWS\", \"amount\": 1}], \"seed\": null}";
        Browserless.Answer answer = player.post("/api/snap-runs", caught);
        assertThat(answer.status()).isEqualTo(200);
        JsonNode run = answer.json();
        assertThat(run.at("/faults/0/said").asString()).contains("still stands where he shows");
        assertThat(run.at("/without/said").asString()).isNotBlank();
        assertThat(run.at("/snap/cause").toString()).contains("flag").doesNotContain("brings him down");
        assertThat(run.get("kinds")
                        .valueStream()
                        .filter(k -> k.get("id").asString().equals("SHOWS"))
                        .flatMap(k -> k.get("men").valueStream())
                        .map(JsonNode::asString))
                .contains("up-right", "wing-left");
        String against = Boards.against("flag-seven", "rivet-dusk")
                .replace("\"code\": \"hs\"", "\"code\": \"flag7\"")
                .replace("\"toGoal\": 50", "\"toGoal\": 30");
        assertThat(player.post("/api/snap-runs/worst", against)
                        .json()
                        .valueStream()
                        .map(row -> row.get("play").asString()))
                .contains("flag-reverse", "flag-post-corner")
                .allMatch(play -> play.startsWith("flag-"));
    }

    static String snapRun(String run, String faults, String seed) {
        String play = Boards.play("pro-i", "anvil-drizzle", run, false);
        return play.substring(0, play.lastIndexOf('}')) + ", \"faults\": " + faults + ", \"seed\": " + seed + "}";
    }

    /** What is dragged on the board, and another route, are run as they are said; what makes no sense is told. */
    @Test
    void aManElsewhereAndAnotherRouteAreRun(int port) {
        Browserless player = Browserless.signedIn(port, "lind");
        JsonNode moved = player.post(
                        "/api/snap-runs",
                        snapRun("power", "[{\"man\": \"end-call\", \"kind\": \"MOVED_RIGHT\", \"amount\": 2}]", "7"))
                .json();
        JsonNode plain =
                player.post("/api/snap-runs", snapRun("power", "[]", "7")).json();
        int end = men(plain).indexOf("end-call");
        assertThat(men(moved)).containsExactlyInAnyOrderElementsOf(men(plain));
        int there = men(moved).indexOf("end-call");
        assertThat(moved.at("/snap/tracks/" + there + "/0").asDouble()
                        - plain.at("/snap/tracks/" + end + "/0").asDouble())
                .isCloseTo(2, within(0.02));
        assertThat(moved.at("/faults/0/said").asString()).isEqualTo("End call lines up to the right by 2 yd");
        assertThat(moved.at("/without/said").asString()).contains("This snap gains ");
        String go = "[{\"man\": \"Z\", \"kind\": \"ROUTE\", \"amount\": 0, \"route\": \"go\"}]";
        JsonNode smash = player.post("/api/snap-runs", pass("smash", go)).json();
        assertThat(smash.at("/faults/0/said").asString()).isEqualTo("Z runs instead the go");
        assertThat(smash.at("/snap/rush").size()).isGreaterThan(10);
        for (String wrong : List.of(
                pass("smash", go.replace("\"go\"", "\"moonwalk\"")),
                pass("smash", go.replace("\"Z\"", "\"mike\"")),
                pass("smash", go.replace(", \"route\": \"go\"", "")),
                snapRun("power", "[{\"man\": \"mike\", \"kind\": \"MOVED_DEEP\", \"amount\": -6}]", "null"),
                pass("smash", "[{\"man\": \"Z\", \"kind\": \"MOVED_DEEP\", \"amount\": 2}]"),
                snapRun("power", "[{\"man\": \"mike\", \"kind\": \"LATE\", \"amount\": -3}]", "null"))) {
            Browserless.Answer refused = player.post("/api/snap-runs", wrong);
            assertThat(refused.status()).as(wrong).isEqualTo(422);
            assertThat(refused.json().get("detail").asString()).isNotBlank();
        }
    }

    private static List<String> men(JsonNode run) {
        return run.at("/snap/men").valueStream().map(JsonNode::asString).toList();
    }

    private static String pass(String pass, String faults) {
        String play = Boards.play("doubles-gun", "anvil-drizzle", pass, false);
        return play.substring(0, play.lastIndexOf('}')) + ", \"faults\": " + faults + ", \"seed\": 7}";
    }

    @Test
    void aPlayIsRunAtTheOtherCallsOfTheWeekAndBesideOneOfThem(int port) {
        Browserless player = Browserless.signedIn(port, "lind");
        JsonNode calls = player.post("/api/snap-runs/calls", Boards.play("pro-i", "anvil-drizzle", "power", false))
                .json();
        assertThat(calls.size()).isGreaterThanOrEqualTo(1);
        assertThat(calls.toString()).contains("anvil-drizzle");
        JsonNode alone =
                player.post("/api/snap-runs", snapRun("power", "[]", "7")).json();
        JsonNode here = calls.valueStream()
                .filter(c -> c.get("call").asString().equals("anvil-drizzle"))
                .findFirst()
                .orElseThrow();
        assertThat(here.get("mean").asDouble())
                .as("the same figure in the list and beside the snap")
                .isEqualTo(alone.at("/outcome/mean").asDouble());
        String asked = "{\"first\": " + snapRun("power", "[]", "7") + ", \"call\": \"%s\"}";
        JsonNode fog = player.post("/api/snap-runs/beside", asked.formatted("anvil-fog"))
                .json();
        assertThat(fog.get("call").asString()).isEqualTo("anvil-fog");
        assertThat(fog.at("/snap/seed").asInt()).isEqualTo(7);
        assertThat(fog.at("/difference/said").asString()).endsWith(".");
        Browserless.Answer flag = player.post("/api/snap-runs/beside", asked.formatted("tack-dawn"));
        assertThat(flag.status()).isEqualTo(422);
        assertThat(flag.json().get("detail").asString()).contains("choose one of the same game");
        assertThat(player.post("/api/snap-runs/beside", asked.formatted("no-such-call"))
                        .status())
                .isIn(404, 422);
    }

    /** What is offered can be put on the board as it is: asked with it, the play is held better. */
    @Test
    void whatMendsAPlayIsOfferedAsEditsThatTheBoardTakes(int port) {
        Browserless player = Browserless.signedIn(port, "marrow");
        JsonNode offer = player.post("/api/snap-runs/mends", Boards.play("pro-i", "anvil-drizzle", "power", false))
                .json();
        assertThat(offer.get("tried").asInt()).isGreaterThan(20);
        JsonNode mend = offer.at("/mends/0");
        assertThat(mend.at("/better/said").asString()).startsWith("The call holds in ");
        String with = snapRun("power", "[]", "null").replace("\"edits\": []", "\"edits\": " + mend.get("edits"));
        assertThat(player.post("/api/snap-runs", with)
                        .json()
                        .at("/outcome/mean")
                        .asDouble())
                .isLessThan(player.post("/api/snap-runs", snapRun("power", "[]", "null"))
                        .json()
                        .at("/outcome/mean")
                        .asDouble());
        assertThat(player.post("/api/snap-runs/mends", Boards.play("pro-i", "anvil-drizzle", "snag-four", false))
                        .status())
                .isEqualTo(422);
        assertThat(Browserless.signedIn(port, "lind")
                        .post("/api/snap-runs/mends", Boards.play("pro-i", "anvil-drizzle", "power", false))
                        .status())
                .as("a player changes no call")
                .isEqualTo(403);
    }
}
