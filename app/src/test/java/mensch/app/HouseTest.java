package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * A6: what a programme chooses is what it sees: on the board, in read tables and techniques, on the card and on film.
 */
@ExtendWith(RunningApp.class)
class HouseTest {
    private static final List<String> FORMATIONS = List.of("trips-open");

    /** Two men of a flag call rush from in front of one league's line and behind another's. */
    private static final String TWO_RUSH = Stream.of("up", "middle")
            .map(role -> "{\"rung\": \"tack-dawn/" + role
                    + "/own-1\", \"sentence\": \"align stack centre @ 5.5; pass rush\"}")
            .collect(Collectors.joining(",", "[", "]"));

    private static int usedPort;

    @AfterAll
    static void asItWas() {
        choose(Browserless.signedIn(usedPort, "marrow"), "{}");
    }

    private static void choose(Browserless coach, String choices) {
        String read = coach.get("/api/conventions").etag();
        Answer chosen = coach.put("/api/conventions", read, "{\"choices\": " + choices + "}");
        assertThat(chosen.status()).as(String.valueOf(chosen.json())).isEqualTo(200);
    }

    /** A question to the board, and where it is asked; without a body it is looked up. */
    private record Question(String address, String body, String sentences) {
        /** Whether a sentence of the call asks for a setting, so that its answer is the likeliest to differ. */
        boolean asks(String setting) {
            return sentences.contains("house " + setting + " is");
        }

        String answer(Browserless coach) {
            return String.valueOf((body.isEmpty() ? coach.get(address) : coach.post(address, body)).json());
        }
    }

    /** Every call as set and after a motion, on the hash, on a field of its own size; and one against the plays. */
    private static List<Question> questions(Browserless coach) {
        var questions = new ArrayList<Question>();
        Map<Integer, String> small = new LinkedHashMap<>();
        for (JsonNode formation : coach.get("/api/choices").json().get("formations")) {
            small.putIfAbsent(
                    formation.get("players").asInt(), formation.get("id").asString());
        }
        Set<String> fronts = new HashSet<>();
        for (JsonNode call : coach.get("/api/calls").json()) {
            // one call of each front, each coverage and each pressure says as much as all of them
            if (!fronts.addAll(List.of(call.get("id").asString().split("-")))) {
                continue;
            }
            int players = call.get("players").asInt();
            String id = call.get("id").asString();
            String sentences = coach.get("/api/calls/" + id).json().toString();
            String board = Requests.board(id);
            if (players < 11) {
                String flag = board.replace("pro-i", small.get(players)).replace("\"hs\"", "\"flag" + players + "\"");
                questions.add(new Question("/api/line-ups", flag, sentences));
                questions.add(new Question(
                        "/api/line-ups", flag.replace("\"edits\": []", "\"edits\": " + TWO_RUSH), sentences));
                continue;
            }
            String motion = board.replace("\"mirrored\"", "\"motion\": \"trade\", \"mirrored\"");
            questions.add(new Question("/api/line-ups", motion, sentences));
            for (String formation : FORMATIONS) {
                String hash = board.replace("pro-i", formation).replace("\"hash\": \"m\"", "\"hash\": \"l\"");
                questions.add(new Question("/api/line-ups", hash, sentences));
            }
        }
        String plays =
                "{\"board\": " + Requests.board("anvil-drizzle").replace("pro-i", "doubles-gun") + ", \"phase\": 0}";
        questions.add(new Question("/api/audits", plays, ""));
        // the demo's grades are scored by the school
        questions.add(new Question("/api/grades", "", "house grade-score is"));
        return questions;
    }

    @Test
    void everySettingReachesTheSheets(int port) {
        usedPort = port;
        Browserless coach = Browserless.signedIn(port, "marrow");
        choose(coach, "{}");
        List<Question> questions = questions(coach);
        Map<Question, String> standard = new LinkedHashMap<>();
        questions.forEach(q -> standard.put(q, q.answer(coach)));
        var silent = new ArrayList<String>();
        for (JsonNode setting : coach.get("/api/conventions").json().get("settings")) {
            for (int i = 1; i < setting.get("choices").size(); i++) {
                String id = setting.get("id").asString();
                String choice = setting.at("/choices/" + i + "/id").asString();
                choose(coach, "{\"" + id + "\": \"" + choice + "\"}");
                boolean nowhere = questions.stream()
                        .sorted(Comparator.comparing(q -> !q.asks(id)))
                        .allMatch(q -> q.answer(coach).equals(standard.get(q)));
                if (nowhere) {
                    silent.add(id + " is " + choice);
                }
            }
        }
        assertThat(silent).as("choices that no sheet shows").isEmpty();
    }

    @Test
    void readTablesOfAnotherSchoolStandOnBoardCardAndFilm(int port) {
        usedPort = port;
        Browserless coach = Browserless.signedIn(port, "marrow");
        choose(coach, "{\"technique-words\": \"even-odd\"}");
        Answer board = coach.post("/api/line-ups", Requests.board("anvil-drizzle"));
        assertThat(board.json().at("/phases/0/jobs").toString())
                .contains("6i technique")
                .doesNotContain("7 technique");
        String plays = "/api/games/" + FilmedGame.newGame(coach, "Stoats") + "/plays";
        long play = coach.post(plays, Requests.log("anvil-drizzle"))
                .json()
                .get("id")
                .asLong();
        assertThat(coach.get(plays + "/" + play + "/film")
                        .json()
                        .at("/sheet/jobs")
                        .toString())
                .contains("6i technique")
                .doesNotContain("7 technique");
    }

    /** The page of figures shows what is measured by, not what ships. */
    @Test
    void theFiguresAreThoseInForce(int port) {
        usedPort = port;
        Browserless coach = Browserless.signedIn(port, "marrow");
        choose(coach, "{}");
        assertThat(rushLine(coach)).isEqualTo("7.0 yd");
        choose(coach, "{\"flag-rush-line\": \"five\"}");
        assertThat(rushLine(coach)).isEqualTo("5.0 yd");
    }

    private static String rushLine(Browserless coach) {
        return coach.get("/api/conventions/figures")
                .json()
                .get("groups")
                .valueStream()
                .flatMap(group -> group.get("figures").valueStream())
                .filter(f -> f.get("id").asString().equals("rush-line"))
                .map(f -> f.get("value").asString() + " " + f.get("unit").asString())
                .findFirst()
                .orElseThrow();
    }
}
