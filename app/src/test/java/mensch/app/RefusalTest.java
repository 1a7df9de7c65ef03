package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A8, A14: what is refused, what is a fault of ours, and what is nobody's business. */
@ExtendWith(RunningApp.class)
class RefusalTest {
    private static final String SNAP = Requests.SNAP;

    @Test
    void aFaultOfOursIs500WithTheNumberUnderWhichItIsLoggedAndNoneOfItsWords(int port) throws SQLException {
        Browserless coach = Browserless.signedIn(port, "marrow");
        long game = FilmedGame.newGame(coach, "spoilt");
        Database.run("insert into play (game_id, number, log, version) values (" + game + ", 1, '{}', 0)");
        String play = Database.text("select id from play where game_id = " + game);
        Answer fault = coach.get("/api/games/" + game + "/plays/" + play + "/film");
        Database.run("delete from game where id = " + game);
        assertThat(fault.status()).isEqualTo(500);
        assertThat(fault.code()).isEqualTo("fault");
        assertThat(fault.detail())
                .contains(fault.json().get("request").asString())
                .doesNotContain("null");
        assertThat(fault.headers().firstValue("X-Request-Id"))
                .contains(fault.json().get("request").asString());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/api/nothing | 404 | not-found",
                "/api/reels/abc | 400 | address-unreadable",
                "/api/calls/no-such-call | 404 | not-found",
                "/api/mutes | 400 | bad-request",
            })
    void everyRefusalHasACodeOfItsOwn(String address, String status, String code, int port) {
        Answer refused = Browserless.signedIn(port, "marrow").get(address);
        assertThat(String.valueOf(refused.status())).isEqualTo(status);
        assertThat(refused.code()).isEqualTo(code);
        assertThat(refused.detail()).doesNotContain("resource").doesNotContain("java");
    }

    @Test
    void whoIsNotSignedInOrMayNotIsToldSoInTheSameForm(int port) {
        Answer stranger = Browserless.stranger(port).get("/api/calls");
        assertThat(stranger.status()).isEqualTo(401);
        assertThat(stranger.code()).isEqualTo("signed-out");
        Answer player = Browserless.signedIn(port, "lind").get("/api/grades");
        assertThat(player.status()).isEqualTo(403);
        assertThat(player.code()).isEqualTo("not-allowed");
    }

    @Test
    void anAddressOfAViewThatThereIsNotIsAnsweredByTheApplication(int port) {
        Answer page = Browserless.stranger(port).get("/no/such/view");
        assertThat(page.status()).isEqualTo(200);
        assertThat(page.headers().firstValue("Content-Type").orElse("")).startsWith("text/html");
        assertThat(Browserless.stranger(port).get("/assets/none.js").status()).isEqualTo(404);
        assertThat(Browserless.stranger(port).get("/actuator/env").status()).isBetween(401, 403);
    }

    @Test
    void aCallThatThereIsNotHasNoStandingAndBreaksNoBoard(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        String plan = "{\"install\": \"plan\", \"published\": true, \"retired\": false}";
        assertThat(coach.put("/api/playbook/call/never-was/standing", Browserless.version(0), plan)
                        .status())
                .isEqualTo(404);
        String against = "{\"board\": " + Requests.board("anvil-fog") + ", \"phase\": 0}";
        assertThat(coach.post("/api/audits", against).status()).isEqualTo(200);
    }

    @Test
    void theCatalogueCannotBeHidden(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        Answer hidden = coach.put(
                "/api/playbook/call/tongs-fog/standing",
                Browserless.version(0),
                "{\"install\": \"catalogue\", \"published\": false, \"retired\": false}");
        assertThat(hidden.status()).isEqualTo(422);
        assertThat(hidden.detail()).contains("retire it");
        assertThat(Browserless.signedIn(port, "lind")
                        .get("/api/calls/tongs-fog")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void aDraftFormationIsNotThereForOthersOnTheBoardEither(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        coach.post(
                "/api/playbook/formations",
                "{\"name\": \"Secret Twig\", \"men\": \"ol2 X-16 Z16 Y9/1.5 H-9/1.5 QB0/5 TB2/5\"}");
        String board = Requests.board("anvil-fog").replace("pro-i", "secret-twig");
        assertThat(coach.post("/api/line-ups", board).status()).isEqualTo(200);
        for (String other : new String[] {"lind", "tillery"}) {
            Browserless who = Browserless.signedIn(port, other);
            assertThat(who.post("/api/line-ups", board).status()).as(other).isEqualTo(404);
            assertThat(who.post("/api/audits", "{\"board\": " + board + ", \"phase\": 0}")
                            .status())
                    .as(other)
                    .isEqualTo(404);
            assertThat(who.post(
                                    "/api/comparisons",
                                    "{\"snap\": " + SNAP.replace("pro-i", "secret-twig")
                                            + ", \"first\": \"anvil-fog\", \"second\": \"anvil-frost\"}")
                            .status())
                    .as(other)
                    .isEqualTo(404);
        }
    }
}
