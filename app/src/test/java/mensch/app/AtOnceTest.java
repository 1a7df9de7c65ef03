package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** A12: twenty who write the same thing in the same moment: one is heard, nineteen are told, nobody meets a fault. */
@ExtendWith(RunningApp.class)
class AtOnceTest {
    private static final int WRITERS = 20;

    @TempDir
    static Path folder;

    /** Statuses of twenty requests let go together, each by a client of its own. */
    private static List<Integer> together(int port, Write write) {
        ExecutorService pool = Executors.newFixedThreadPool(WRITERS);
        var start = new CyclicBarrier(WRITERS);
        try {
            var answers = new ArrayList<Future<Integer>>();
            for (int i = 0; i < WRITERS; i++) {
                int n = i;
                Browserless writer = Browserless.signedIn(port, i % 2 == 0 ? "marrow" : "tillery");
                answers.add(pool.submit(() -> {
                    start.await();
                    return write.by(writer, n).status();
                }));
            }
            var statuses = new ArrayList<Integer>();
            for (Future<Integer> answer : answers) {
                statuses.add(answer.get());
            }
            return statuses;
        } catch (InterruptedException | ExecutionException e) {
            throw new IllegalStateException(e);
        } finally {
            pool.shutdown();
        }
    }

    private interface Write {
        Answer by(Browserless writer, int n);
    }

    private static void oneIsHeard(List<Integer> statuses, int refused) {
        assertThat(statuses).filteredOn(s -> s < 300).hasSize(1);
        assertThat(statuses).filteredOn(s -> s >= 300).hasSize(WRITERS - 1).containsOnly(refused);
    }

    private static FilmedGame game(int port) throws IOException {
        return FilmedGame.ofOneSecond(Browserless.signedIn(port, "marrow"), folder, "writers");
    }

    @Test
    void conventions(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        String read = coach.get("/api/conventions").etag();
        oneIsHeard(together(port, (w, n) -> w.put("/api/conventions", read, "{\"choices\": {}}")), 412);
    }

    @Test
    void theNextRevisionOfACall(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        String id = coach.post("/api/compositions", "{\"name\": \"Raced\", \"layers\": [\"anvil\", \"fog\"]}")
                .json()
                .get("id")
                .asString();
        coach.put(
                "/api/playbook/call/" + id + "/standing",
                coach.get("/api/playbook/call/" + id + "/standing").etag(),
                "{\"install\": \"catalogue\", \"published\": true, \"retired\": false}");
        oneIsHeard(
                together(
                        port,
                        (w, n) -> w.put(
                                "/api/calls/" + id,
                                Browserless.version(1),
                                "{\"edits\": [{\"rung\": \"" + id + "/mike/own-1\", \"sentence\": \"run B gap\"}]}")),
                412);
    }

    @Test
    void oneNameForTwentyNewCalls(int port) {
        oneIsHeard(
                together(
                        port,
                        (w, n) -> w.post(
                                "/api/compositions", "{\"name\": \"Same Name\", \"layers\": [\"anvil\", \"fog\"]}")),
                409);
    }

    @Test
    void theFirstWordAboutACallOfTheCatalogue(int port) {
        oneIsHeard(
                together(
                        port,
                        (w, n) -> w.put(
                                "/api/playbook/call/tongs-frost/standing",
                                Browserless.version(0),
                                "{\"install\": \"installed\", \"published\": true, \"retired\": false}")),
                412);
    }

    @Test
    void mutesAndTheirEnd(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        String mute =
                "{\"call\": \"anvil-frost\", \"finding\": \"gaps/nobody/raced\", \"title\": \"Raced.\", \"reason\": \"so\"}";
        oneIsHeard(together(port, (w, n) -> w.post("/api/mutes", mute)), 409);
        JsonNode kept = null;
        for (JsonNode one : coach.get("/api/mutes?call=anvil-frost").json()) {
            kept = one.get("title").asString().equals("Raced.") ? one : kept;
        }
        long id = kept.get("id").asLong();
        oneIsHeard(together(port, (w, n) -> w.delete("/api/mutes/" + id)), 404);
    }

    @Test
    void theRoster(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        Browserless.Answer now = coach.get("/api/roster");
        String change = now.json().get("roster").toString();
        oneIsHeard(together(port, (w, n) -> w.put("/api/roster", now.etag(), change)), 412);
    }

    @Test
    void playsOfAGameAreNumberedOneAfterTheOtherAndTheirWorkIsNeverOverwritten(int port) throws IOException {
        FilmedGame game = game(port);
        String cut = "{\"reel\": " + game.reel() + ", \"frame\": 3, \"log\": " + Requests.log("anvil-fog") + "}";
        assertThat(together(port, (w, n) -> w.post(game.path() + "/cuts", cut))).allMatch(s -> s < 300);
        assertThat(game.log())
                .extracting(s -> s.get("number").asInt())
                .containsExactlyElementsOf(java.util.stream.IntStream.rangeClosed(1, WRITERS)
                        .boxed()
                        .toList());
        long play = game.log().at("/0/id").asLong();
        JsonNode first = game.coach().get(game.play(play) + "/film").json();
        String angle = game.angle(first, 0);
        String work = FilmedGame.work(2, "", "");
        oneIsHeard(together(port, (w, n) -> w.put(angle, Browserless.version(0), work)), 412);
        String log = Requests.log("anvil-frost");
        oneIsHeard(together(port, (w, n) -> w.put(game.play(play), Browserless.version(0), log)), 412);
        String other = game.play(game.log().at("/1/id").asLong());
        oneIsHeard(together(port, (w, n) -> w.delete(other, Browserless.version(0))), 404);
        assertThat(game.log()).hasSize(WRITERS - 1);
        oneIsHeard(together(port, (w, n) -> w.delete("/api/reels/" + game.reel())), 404);
        oneIsHeard(together(port, (w, n) -> w.delete(game.path())), 404);
    }

    @Test
    void ofTwoCoachesEachIsHeardOnceAndKeepsHisOwnWord(int port) throws IOException {
        FilmedGame game = game(port);
        long play = game.cut("anvil-fog").get("id").asLong();
        String word =
                "{\"marks\": [{\"facet\": \"EF\", \"mark\": \"+\"}], \"note\": \"seen on the sideline\", \"target\": \"man\", "
                        + "\"flags\": [], \"outcome\": null, \"extraCredit\": false, \"criteria\": []}";
        String address = game.play(play) + "/grades/mike";
        List<Integer> answers = together(port, (w, n) -> w.put(address, Browserless.version(0), word));
        assertThat(answers).filteredOn(s -> s < 300).hasSize(2);
        assertThat(answers).filteredOn(s -> s >= 300).hasSize(WRITERS - 2).containsOnly(412);
        JsonNode grades = game.coach().get(game.play(play) + "/grades").json();
        assertThat(grades.get("mine")).hasSize(1);
        assertThat(grades.get("others")).hasSize(1);
    }
}
