package mensch.app;

import java.util.ArrayList;
import tools.jackson.databind.JsonNode;

/** Grades as a coach says them over HTTP, and as they are read there. */
final class GradeRequests {
    private GradeRequests() {}

    static String words(String... facetAndMark) {
        var marks = new ArrayList<String>();
        for (int i = 0; i < facetAndMark.length; i += 2) {
            marks.add("{\"facet\": \"" + facetAndMark[i] + "\", \"mark\": \"" + facetAndMark[i + 1] + "\"}");
        }
        return "{\"marks\": " + marks
                + ", \"note\": null, \"target\": \"man\", \"flags\": [], \"outcome\": null, \"extraCredit\": false, \"criteria\": []}";
    }

    static String grades(FilmedGame game, JsonNode play) {
        return game.play(play.get("id").asLong()) + "/grades";
    }

    static JsonNode coaches(Browserless coach, String first, String second) {
        for (JsonNode two : coach.get("/api/agreements").json()) {
            if (two.get("first").asString().equals(first)
                    && two.get("second").asString().equals(second)) {
                return two;
            }
        }
        throw new AssertionError(first + " and " + second + " graded nobody together");
    }

    static JsonNode man(Browserless coach, String man) {
        for (JsonNode one : coach.get("/api/grades").json().get("men")) {
            if (one.at("/who/man").asString().equals(man)) {
                return one;
            }
        }
        throw new AssertionError(man + " has no grades");
    }

    static JsonNode facet(JsonNode man, String facet) {
        for (JsonNode one : man.get("facets")) {
            if (one.at("/topic/what").asString().equals(facet)) {
                return one;
            }
        }
        throw new AssertionError(facet + " is not marked");
    }

    static String ticked(String outcome, String correction, String... criterionAndMark) {
        var ticks = new ArrayList<String>();
        for (int i = 0; i < criterionAndMark.length; i += 2) {
            ticks.add("{\"rubric\": \"backer-block\", \"criterion\": \"" + criterionAndMark[i] + "\", \"mark\": \""
                    + criterionAndMark[i + 1] + "\"}");
        }
        return words().replace("\"outcome\": null", "\"outcome\": " + outcome)
                .replace("\"criteria\": []", "\"criteria\": " + ticks + ", \"correction\": " + correction);
    }
}
