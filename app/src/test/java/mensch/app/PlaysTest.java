package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.DefaultApplicationArguments;
import org.springframework.context.ApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a line-up meets, over HTTP; and findings somebody lives with. */
@ExtendWith(RunningApp.class)
class PlaysTest {
    @Test
    void everyRuleIsAnsweredAndEveryPlayTheFormationCanRunIsListed(int port) {
        Browserless player = Browserless.signedIn(port, "lind");
        JsonNode sheet = player.post("/api/audits", Boards.against("pro-i", "anvil-drizzle"))
                .json();
        assertThat(sheet.get("verdicts")).hasSize(12);
        assertThat(sheet.at("/verdicts/0/answer").asString()).isEqualTo("holds");
        assertThat(sheet.at("/verdicts/10/rule").asString()).isEqualTo("tells");
        assertThat(sheet.get("runs").toString()).contains("\"power\"").doesNotContain("zone-read");
        assertThat(sheet.get("passes").toString()).contains("boot-flood").doesNotContain("snag-four");
        assertThat(sheet.get("protections")).hasSize(9);
        assertThat(sheet.at("/protections/0/pickups").toString())
                .contains(
                        "{\"blocker\":\"RG\",\"rusher\":\"tackle\",\"how\":\"the gap the line slides to\",\"twist\":\"\"}");
        assertThat(sheet.get("findings").toString()).contains("Nobody reads TB.");
        JsonNode gun = player.post("/api/audits", Boards.against("trips-open", "anvil-drizzle"))
                .json();
        assertThat(gun.get("runs").toString()).contains("zone-read");
        assertThat(gun.get("findings").toString())
                .contains("have run and pass for a moment")
                .contains("\"fact\"");
    }

    /** A player asks too; what is not on the board is said, and nothing of the kind is guessed. */
    @Test
    void whoHasAManAGapOrAnAreaIsAnsweredAndWhatIsNotThereIsSaid(int port) {
        Browserless player = Browserless.signedIn(port, "lind");
        String asked = "{\"board\": " + Boards.board("pro-i", "anvil-fog")
                + ", \"phase\": 0, \"kind\": \"%s\", \"name\": \"%s\"}";
        JsonNode back =
                player.post("/api/answers", asked.formatted("MAN", "TE")).json();
        assertThat(back.at("/title").asString()).isEqualTo("TE, #2 right");
        assertThat(back.at("/rows/0/rung").asString()).startsWith("fog/");
        assertThat(player.post("/api/answers", asked.formatted("GAP", "B gap right"))
                        .json()
                        .at("/rows/0/job")
                        .asString())
                .isEqualTo("tackle");
        assertThat(player.post("/api/answers", asked.formatted("AREA", "weak"))
                        .json()
                        .at("/title")
                        .asString())
                .startsWith("deep half");
        Browserless.Answer gone = player.post("/api/answers", asked.formatted("MAN", "nobody"));
        assertThat(gone.status()).isEqualTo(422);
        assertThat(gone.json().get("detail").asString()).contains("there is no nobody on this board");
        assertThat(player.post("/api/answers", asked.formatted("DOG", "TE")).status())
                .isEqualTo(400);
        JsonNode call = player.get("/api/calls").json().get(0);
        assertThat(call.get("words").asString()).contains("three deep in thirds");
        assertThat(call.get("kinds").toString()).contains("cover 3");
    }

    @Test
    void oneRunIsShownBlockByBlockAndOneThatCannotBeRunSaysSo(int port) {
        Browserless player = Browserless.signedIn(port, "lind");
        JsonNode power = player.post("/api/blockings", Boards.play("pro-i", "anvil-drizzle", "power", false))
                .json();
        assertThat(power.at("/fit/inserted").toString()).contains("LG", "FB");
        assertThat(power.at("/fit/shortBy").asInt()).isZero();
        assertThat(power.get("blocks").toString()).contains("\"kick\"").contains("nickel");
        assertThat(power.get("ballSeconds").asDouble()).isBetween(1.2, 2.5);
        var refused = player.post("/api/blockings", Boards.play("pro-i", "anvil-drizzle", "zone-read", false));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().get("code").asString()).isEqualTo("play-not-run");
        var unknown = player.post("/api/blockings", Boards.play("pro-i", "anvil-drizzle", "moonshot", false));
        assertThat(unknown.status()).isEqualTo(422);
        assertThat(unknown.json().get("detail").asString()).contains("moonshot").contains("inside-zone");
    }

    @Test
    void oneConceptIsShownRouteByRouteAndTwoCallsMeetOneRun(int port) {
        Browserless player = Browserless.signedIn(port, "lind");
        JsonNode snag = player.post(
                        "/api/distributions", Boards.play("trips-open", "anvil-drizzle", "snag-four", false))
                .json();
        assertThat(snag.get("matched").asInt()).isEqualTo(5);
        assertThat(snag.get("routes").toString()).contains("\"push\"").contains("swing");
        assertThat(snag.at("/routes/0/way").size()).isGreaterThan(1);
        String snap = "\"snap\": {\"formation\": \"pro-i\", \"mirrored\": false, \"code\": \"hs\", "
                + "\"hash\": \"m\", \"toGoal\": 2, \"down\": 1, \"distance\": 2}";
        JsonNode both = player.post(
                        "/api/blocking-comparisons",
                        "{" + snap
                                + ", \"first\": \"wedge-ice\", \"second\": \"maul-ice\", \"play\": \"iso\", \"left\": true}")
                .json();
        assertThat(both.at("/first/blocks").toString())
                .isNotEqualTo(both.at("/second/blocks").toString());
        assertThat(both.at("/second/blocks").toString()).contains("insert");
    }

    @Test
    void anOptionSaysWhatItAsksOfTheManItReads(int port) {
        Browserless player = Browserless.signedIn(port, "lind");
        JsonNode option = player.post("/api/options", Boards.play("doubles-gun", "anvil-drizzle", "zone-bubble", false))
                .json();
        assertThat(option.at("/line/key").asString()).isNotEmpty();
        assertThat(option.at("/pass/routes/0/route").asString()).isEqualTo("bubble");
        assertThat(option.at("/run/keys").size()).isPositive();
        var refused = player.post("/api/options", Boards.play("empty-3x2", "anvil-drizzle", "zone-bubble", false));
        assertThat(refused.json().get("code").asString()).isEqualTo("play-not-run");
        assertThat(player.post("/api/options", Boards.play("doubles-gun", "anvil-drizzle", "moonshot", false))
                        .json()
                        .get("detail")
                        .asString())
                .contains("moonshot")
                .contains("zone-bubble");
    }

    /** A repair of a finding that only a play brings out. */
    @Test
    void aConflictCanBeRepairedToo(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        JsonNode findings = coach.post("/api/audits", Boards.against("trips-tight", "anvil-drizzle"))
                .json()
                .get("findings");
        JsonNode conflict = findings.valueStream()
                .filter(f -> f.get("check").asString().equals("conflict")
                        && f.get("severity").asString().equals("weak"))
                .findFirst()
                .orElseThrow();
        String ask = "{\"board\": " + Boards.board("trips-tight", "anvil-drizzle") + ", \"phase\": 0, \"finding\": \""
                + conflict.get("key").asString() + "\", \"seen\": []}";
        JsonNode offer = coach.post("/api/repairs", ask).json();
        assertThat(offer.get("tried").asInt()).isGreaterThan(30);
    }

    /**
     * A row that takes the force off an edge is told with the row, and mended by another table, not by another place.
     */
    @Test
    void aReadThatOpensAnEdgeIsToldAndMendedByAnotherRead(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        String edit = "[{\"rung\": \"anvil-drizzle/nickel/own\", \"sentence\": \"reads overhang\"}]";
        String board = Requests.board("anvil-drizzle", edit);
        JsonNode sheet = coach.post("/api/audits", "{\"board\": " + board + ", \"phase\": 0}")
                .json();
        JsonNode found = sheet.get("findings")
                .valueStream()
                .filter(f -> f.get("check").asString().equals("reads-edge"))
                .findFirst()
                .orElseThrow();
        assertThat(found.get("severity").asString()).isEqualTo("bust");
        assertThat(found.get("reason").asString()).contains("row second key flow to me: fill inside the force");
        JsonNode offer = coach.post(
                        "/api/repairs",
                        "{\"board\": " + board + ", \"phase\": 0, \"finding\": \""
                                + found.get("key").asString() + "\", \"seen\": []}")
                .json();
        assertThat(offer.at("/repairs/0/edits/0/sentence").asString()).endsWith("reads force-on-end");
    }

    @Test
    void onlyAFindingOfACallThatIsThereIsMuted(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        String mute = "{\"call\": \"%s\", \"finding\": \"%s\", \"title\": \"t\", \"reason\": \"r\"}";
        assertThat(coach.post("/api/mutes", mute.formatted("no-such", "areas/short/left"))
                        .code())
                .isEqualTo("not-found");
        assertThat(coach.post("/api/mutes", mute.formatted("anvil-dew", "weather/rain"))
                        .code())
                .isEqualTo("finding-unknown");
        assertThat(coach.get("/api/mutes?call=no-such").code()).isEqualTo("not-found");
    }

    @Test
    void aMutedFindingIsRememberedWithItsReasonAndGoesOutWithTheCall(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        String mute = "{\"call\": \"anvil-dew\", \"finding\": \"areas/short/left\", "
                + "\"title\": \"One short underneath on the left.\", \"reason\": \"%s\"}";
        JsonNode kept = coach.post("/api/mutes", mute.formatted("They never throw there."))
                .json();
        assertThat(kept.get("mutedBy").asString()).isEqualTo("marrow");
        assertThat(coach.post("/api/mutes", mute.formatted("again")).status()).isEqualTo(409);
        assertThat(coach.post("/api/mutes", mute.formatted(" ")).status()).isEqualTo(422);
        Browserless player = Browserless.signedIn(port, "lind");
        assertThat(player.get("/api/mutes?call=anvil-dew").json()).hasSize(1);
        assertThat(player.post("/api/mutes", mute.formatted("me too")).status()).isEqualTo(403);
        JsonNode exported = coach.get("/api/exchange?what=call/anvil-dew").json();
        assertThat(exported.at("/muted/0/reason").asString()).isEqualTo("They never throw there.");
        String text = exported.toString().replace("anvil-dew", "anvil-dew-two").replace("Anvil Dew", "Anvil Dew Two");
        String looked = "{\"text\": " + quoted(text) + "}";
        JsonNode rows = coach.post("/api/exchange/previews", looked).json();
        var taken = coach.post("/api/exchange/imports", "{\"text\": " + quoted(text) + ", \"rows\": " + rows + "}");
        assertThat(taken.status()).as(taken.toString()).isEqualTo(200);
        assertThat(coach.get("/api/mutes?call=anvil-dew-two")
                        .json()
                        .at("/0/reason")
                        .asString())
                .isEqualTo("They never throw there.");
        assertThat(player.get("/api/mutes?call=anvil-dew-two").status())
                .as("a draft of another")
                .isEqualTo(404);
        assertThat(coach.delete("/api/mutes/" + kept.get("id").asLong()).status())
                .isEqualTo(204);
        assertThat(coach.get("/api/mutes?call=anvil-dew").json()).isEmpty();
        assertThat(coach.delete("/api/mutes/" + kept.get("id").asLong()).status())
                .isEqualTo(404);
    }

    /** A mute of a version that knew findings by their words: the words stay, and find what they are about. */
    @Test
    void aMuteThatKnewItsFindingByItsWordsFindsItAgain(int port, ApplicationContext application) throws Exception {
        Browserless coach = Browserless.signedIn(port, "marrow");
        JsonNode finding = coach.post("/api/line-ups", Boards.board("pro-i", "anvil-dew"))
                .json()
                .at("/phases/0/findings/0");
        String key = finding.get("key").asString();
        String title = finding.get("title").asString();
        Flyway before = Flyway.configure()
                .dataSource(
                        System.getenv("SPRING_DATASOURCE_URL"),
                        System.getenv("SPRING_DATASOURCE_USERNAME"),
                        System.getenv("SPRING_DATASOURCE_PASSWORD"))
                .schemas("before_keys")
                .target("6")
                .load();
        before.migrate();
        Database.run(
                "insert into before_keys.member (username, display_name, role, password_hash) values ('a', 'A', 'COORDINATOR', 'x')");
        Database.run(
                "insert into before_keys.muted_finding (call_id, check_id, title, reason, muted_by, muted_at) values"
                        + " ('anvil-dew', 'areas', '" + title + "', 'so', 'a', now())");
        Flyway.configure()
                .configuration(before.getConfiguration())
                .target("latest")
                .load()
                .migrate();
        String said = Database.text("select finding from before_keys.muted_finding");
        assertThat(said).isEqualTo("said/areas/" + title);
        Database.run("drop schema before_keys cascade");

        Database.run("insert into muted_finding (call_id, finding, title, reason, muted_by, muted_at) values"
                + " ('anvil-dew', '" + said + "', '" + title + "', 'so', 'marrow', now())");
        for (ApplicationRunner runner :
                application.getBeansOfType(ApplicationRunner.class).values()) {
            if (runner.getClass().getName().contains("SaidFindings")) {
                runner.run(new DefaultApplicationArguments());
            }
        }
        assertThat(coach.get("/api/mutes?call=anvil-dew").json().toString())
                .contains("\"" + key + "\"")
                .doesNotContain("said/");
        Database.run("delete from muted_finding where reason = 'so'");
    }

    private static String quoted(String text) {
        return JsonMapper.builder().build().writeValueAsString(text);
    }
}
