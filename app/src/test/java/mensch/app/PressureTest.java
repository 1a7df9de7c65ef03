package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.StreamSupport;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A pressure begun as one: who comes, what is left, and the call that is kept. */
@ExtendWith(RunningApp.class)
class PressureTest {
    private static final String WILL =
            "[{\"role\": \"will\", \"coverSide\": false, \"told\": \"comes through the B gap\"}]";

    private static String begun(String men, String coverage) {
        return "{\"snap\": " + Requests.SNAP + ", \"front\": \"anvil\", \"men\": " + men + ", \"coverage\": " + coverage
                + "}";
    }

    private static String kept(String name, String men) {
        return "{\"name\": \"" + name + "\", \"front\": \"anvil\", \"coverage\": \"mist\", \"men\": " + men + "}";
    }

    private static List<JsonNode> all(JsonNode list) {
        return StreamSupport.stream(list.spliterator(), false).toList();
    }

    @Test
    void whoComesIsCountedAndTheCoveragesLeftAreInOrder(int port) {
        Browserless player = Browserless.signedIn(port, "lind");
        JsonNode begun =
                player.post("/api/pressures/trials", begun(WILL, "null")).json();
        List<JsonNode> left = all(begun.get("left"));
        assertThat(left).hasSizeGreaterThan(5);
        assertThat(left.stream().map(l -> l.get("busts").asInt()).toList()).isSorted();
        assertThat(left.get(0).get("usual").asBoolean()).isTrue();
        assertThat(left.get(0).get("coverage")).isEqualTo(begun.get("coverage"));
        assertThat(all(begun.get("left")))
                .filteredOn(l -> l.get("coverage").asString().equals("drizzle"))
                .allSatisfy(l -> {
                    assertThat(l.get("rush").asInt()).isEqualTo(5);
                    assertThat(l.get("cover").asInt()).isEqualTo(6);
                    assertThat(l.get("words").asString()).contains("five rush");
                });
        assertThat(begun.at("/choices/will").size()).isEqualTo(4);
        JsonNode asked =
                player.post("/api/pressures/trials", begun(WILL, "\"drizzle\"")).json();
        assertThat(asked.get("coverage").asString()).isEqualTo("drizzle");
        assertThat(asked.at("/board/phases/0/jobs").size()).isEqualTo(11);
    }

    @Test
    void whatIsKeptIsAPressureAndACallThatRushesSo(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        JsonNode made = coach.post("/api/pressures", kept("Sedge", WILL)).json();
        assertThat(made.get("name").asString()).isEqualTo("Anvil Sedge Mist");
        String call = made.get("call").asString();
        JsonNode against = coach.post("/api/audits", "{\"board\": " + Requests.board(call) + ", \"phase\": 0}")
                .json();
        assertThat(all(against.get("protections")))
                .isNotEmpty()
                .allMatch(p -> p.get("rushers").asInt() >= 5);
        assertThat(all(coach.get("/api/playbook").json()))
                .filteredOn(i -> i.get("name").asString().equals("Sedge"))
                .singleElement()
                .satisfies(i -> {
                    assertThat(i.get("kind").asString()).isEqualTo("pressure");
                    assertThat(i.get("summary").asString()).isEqualTo("Will comes through the B gap");
                });
        Answer again = coach.post("/api/pressures", kept("Sedge", WILL));
        assertThat(again.status()).isEqualTo(409);
        assertThat(again.json().get("detail").asString()).contains("choose another name");
    }

    @Test
    void whoIsToldWhatHeCannotDoIsRefusedAndNothingIsHalfKept(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        String nose = "[{\"role\": \"nose\", \"coverSide\": false, \"told\": \"comes off the edge\"}]";
        Answer refused = coach.post("/api/pressures", kept("Fen", nose));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().get("detail").asString()).contains("slants into the A gap");
        Answer nobody = coach.post("/api/pressures", kept("Fen", "[]"));
        assertThat(nobody.status()).isEqualTo(422);
        assertThat(nobody.json().get("detail").asString()).contains("say first who comes");
        Answer none = coach.post("/api/pressures", kept("Fen", WILL).replace("mist", "no-such"));
        assertThat(none.status()).isBetween(404, 422);
        assertThat(all(coach.get("/api/playbook").json()))
                .noneMatch(i -> i.get("name").asString().contains("Fen"));
        Browserless player = Browserless.signedIn(port, "lind");
        assertThat(player.post("/api/pressures", kept("Fen", WILL)).status()).isEqualTo(403);
    }
}
