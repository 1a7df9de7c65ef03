package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Lists, drafts, standing, the strip, comparing, conventions, formations and layers of one's own, export and import.
 */
@ExtendWith(RunningApp.class)
class PlaybookTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String SNAP =
            "{\"formation\": \"pro-i\", \"mirrored\": false, \"code\": \"hs\", \"hash\": \"m\", \"toGoal\": 38, \"down\": 2, \"distance\": 7}";

    private static JsonNode item(Browserless who, String kind, String id) {
        for (JsonNode item : who.get("/api/playbook").json()) {
            if (item.get("kind").asString().equals(kind)
                    && item.get("id").asString().equals(id)) {
                return item;
            }
        }
        return null;
    }

    private static String compose(Browserless coach, String name, String layers) {
        Answer made = coach.post("/api/compositions", "{\"name\": \"" + name + "\", \"layers\": " + layers + "}");
        assertThat(made.status()).as(String.valueOf(made.json())).isEqualTo(201);
        String at = made.headers().firstValue("Location").orElseThrow();
        assertThat(coach.get(at).json().get("id"))
                .as("what was made, at " + at)
                .isEqualTo(made.json().get("id"));
        return made.json().get("id").asString();
    }

    @Test
    void everyKindIsListedWithADrawingToScale(int port) {
        JsonNode items = Browserless.signedIn(port, "lind").get("/api/playbook").json();
        for (String kind : List.of("call", "front", "coverage", "movement", "pressure", "formation")) {
            assertThat(items).as(kind).anySatisfy(i -> {
                assertThat(i.get("kind").asString()).isEqualTo(kind);
                assertThat(i.at("/sketch/offence")).hasSize(11);
            });
        }
        assertThat(item(Browserless.signedIn(port, "lind"), "call", "anvil-fog").at("/sketch/defence"))
                .hasSize(11);
    }

    @Test
    void aNewCallIsItsAuthorsDraftUntilItIsPublished(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        Browserless player = Browserless.signedIn(port, "lind");
        String id = compose(coach, "Draft Heron Frost", "[\"anvil\", \"frost\"]");
        JsonNode mine = item(coach, "call", id);
        assertThat(mine.get("published").asBoolean()).isFalse();
        assertThat(item(player, "call", id)).isNull();
        assertThat(player.get("/api/calls/" + id).status()).isEqualTo(404);
        assertThat(player.post(
                                "/api/line-ups",
                                "{\"snap\": " + SNAP + ", \"call\": \"" + id
                                        + "\", \"revision\": null, \"edits\": [], \"hand\": []}")
                        .status())
                .isEqualTo(404);

        String standing = "{\"install\": \"plan\", \"published\": true, \"retired\": false}";
        String address = "/api/playbook/call/" + id + "/standing";
        String read = coach.get(address).etag();
        assertThat(read).isEqualTo(Browserless.version(mine.get("version").asLong()));
        Answer said = coach.put(address, read, standing);
        assertThat(said.status()).isEqualTo(200);
        assertThat(said.etag()).isNotEqualTo(read).isEqualTo(coach.get(address).etag());
        assertThat(item(player, "call", id).get("install").asString()).isEqualTo("plan");
        Answer late = coach.put(address, read, standing);
        assertThat(late.status()).isEqualTo(412);
        assertThat(late.json().get("code").asString()).isEqualTo("entry-overtaken");
        assertThat(player.put(address, said.etag(), standing).status()).isEqualTo(403);
        assertThat(coach.get("/api/playbook/call/" + id + "/revisions").json().get("items"))
                .singleElement()
                .satisfies(r -> assertThat(r.get("savedBy").asString()).isEqualTo("marrow"));
    }

    @Test
    void aDraftIsNotThereForOthersWhateverTheyAsk(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        Browserless player = Browserless.signedIn(port, "lind");
        String id = compose(coach, "Draft Egret", "[\"anvil\", \"fog\"]");
        String strip = "{\"call\": \"" + id
                + "\", \"edits\": [], \"role\": \"mike\", \"onCoverSide\": true, \"spot\": \"hs m 50 1&10\"}";
        String compare = "{\"snap\": " + SNAP + ", \"first\": \"anvil-fog\", \"second\": \"" + id + "\"}";
        assertThat(coach.post("/api/strips", strip).json()).hasSizeGreaterThan(30);
        assertThat(player.post("/api/strips", strip).status()).isEqualTo(404);
        assertThat(coach.post("/api/comparisons", compare).status()).isEqualTo(200);
        assertThat(player.post("/api/comparisons", compare).status()).isEqualTo(404);
        assertThat(player.get("/api/playbook/call/" + id + "/revisions").status())
                .isEqualTo(404);
        String edited = "/api/calls/" + id + "/drafts";
        assertThat(coach.post(edited, "{\"edits\": []}").status()).isEqualTo(200);
        assertThat(player.post(edited, "{\"edits\": []}").status()).isEqualTo(404);
        assertThat(player.post("/api/calls/anvil-fog/drafts", "{\"edits\": []}").status())
                .as("a question, which a player may ask")
                .isEqualTo(200);
        coach.post(
                "/api/playbook/formations",
                "{\"name\": \"Draft Twig\", \"men\": \"ol2 X-16 Z16 Y9/1.5 H-9/1.5 QB0/5 TB2/5\"}");
        String shipped = strip.replace(id, "anvil-fog");
        assertThat(coach.post("/api/strips", shipped).json().toString()).contains("Draft Twig");
        assertThat(player.post("/api/strips", shipped).json().toString()).doesNotContain("Draft Twig");
        assertThat(player.get("/api/choices").json().toString()).doesNotContain("Draft Twig");
        String place =
                "{\"snap\": " + SNAP.replace("pro-i", "draft-twig") + ", \"man\": \"X\", \"x\": -12, \"y\": -0.5}";
        assertThat(coach.post("/api/placements", place).status()).isEqualTo(200);
        assertThat(player.post("/api/placements", place).status()).isEqualTo(404);
        assertThat(coach.post("/api/placements", place.replace("-12", "1e400")).status())
                .as("no number")
                .isBetween(400, 422);
    }

    @Test
    void aCallOfLayersThatDoNotFitIsRefusedWithEveryReason(int port) {
        Answer refused = Browserless.signedIn(port, "marrow")
                .post("/api/compositions", "{\"name\": \"Misfit\", \"layers\": [\"anvil\", \"frost\", \"dace\"]}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().toString()).contains("sam").contains("jack");
        assertThat(item(Browserless.signedIn(port, "marrow"), "call", "misfit")).isNull();
    }

    @Test
    void theStripSaysWhichRungSpeaksAgainstEveryFormation(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        String ask =
                "{\"call\": \"anvil-drizzle\", \"revision\": 0, \"edits\": %s, \"role\": \"nickel\", \"onCoverSide\": true, \"spot\": \"hs m 50 1&10\"}";
        JsonNode cells = coach.post("/api/strips", ask.formatted("[]")).json();
        assertThat(cells.size()).isGreaterThanOrEqualTo(36);
        assertThat(align(cells, "trips-open")).isEqualTo("drizzle/overhang-strong/trips");
        JsonNode edited = coach.post(
                        "/api/strips",
                        ask.formatted(
                                "[{\"rung\": \"anvil-drizzle/nickel/mine\", \"sentence\": \"when open trips on my side: align over #3, inside, 1 x 4\"}]"))
                .json();
        assertThat(align(edited, "trips-open")).isEqualTo("anvil-drizzle/nickel/mine");
        assertThat(align(edited, "pro-i")).isEqualTo(align(cells, "pro-i"));
        JsonNode without = coach.post(
                        "/api/strips",
                        ask.formatted("[{\"rung\": \"drizzle/overhang-strong/trips\", \"sentence\": \"\"}]"))
                .json();
        assertThat(align(without, "trips-open")).isNotEqualTo("drizzle/overhang-strong/trips");
    }

    private static String align(JsonNode cells, String formation) {
        for (JsonNode cell : cells) {
            if (cell.get("formation").asString().equals(formation)) {
                for (JsonNode fired : cell.get("fired")) {
                    if (fired.get("part").asString().equals("align")) {
                        return fired.get("rung").asString();
                    }
                }
            }
        }
        return null;
    }

    @Test
    void twoCallsAreComparedPartByPart(int port) {
        JsonNode found = Browserless.signedIn(port, "lind")
                .post(
                        "/api/comparisons",
                        "{\"snap\": " + SNAP + ", \"first\": \"anvil-drizzle\", \"second\": \"anvil-fog\"}")
                .json();
        assertThat(found.get("rows")).anySatisfy(r -> {
            assertThat(r.get("job").asString() + " " + r.get("part").asString()).isEqualTo("free align");
            assertThat(r.get("first").asString()).isEqualTo("stack tackle @ 12");
            assertThat(r.get("second").asString()).isEqualTo("deep half @ 13");
        });
        assertThat(found.get("rows")).noneMatch(r -> r.get("job").asString().equals("tackle"));
    }

    @Test
    void aConventionIsInForceForEveryoneAtOnceAndALateChoiceIsRefused(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        String base = coach.get("/api/conventions").etag();
        String board = "{\"snap\": " + SNAP
                + ", \"call\": \"anvil-drizzle\", \"revision\": null, \"edits\": [], \"hand\": []}";
        Answer chosen = coach.put(
                "/api/conventions",
                base,
                "{\"choices\": {\"nose\": \"shade\", \"technique-words\": \"six-six-seven\"}}");
        assertThat(chosen.status()).isEqualTo(200);
        try {
            String jobs = Browserless.signedIn(port, "lind")
                    .post("/api/line-ups", board)
                    .json()
                    .at("/phases/0/jobs")
                    .toString();
            assertThat(jobs).contains("1 technique").contains("6i technique").doesNotContain("7 technique\"");
            assertThat(coach.put("/api/conventions", base, "{\"choices\": {}}").status())
                    .isEqualTo(412);
            assertThat(coach.put("/api/conventions", chosen.etag(), "{\"choices\": {\"nose\": \"round\"}}")
                            .status())
                    .isEqualTo(422);
        } finally {
            assertThat(coach.put(
                                    "/api/conventions",
                                    coach.get("/api/conventions").etag(),
                                    "{\"choices\": {}}")
                            .status())
                    .isEqualTo(200);
        }
        assertThat(Browserless.signedIn(port, "lind")
                        .post("/api/line-ups", board)
                        .json()
                        .at("/phases/0/jobs")
                        .toString())
                .contains("7 technique");
    }

    @Test
    void aFormationPlacedOnTheBoardIsKeptAndWhatTheRulesHaveAgainstItIsTold(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        JsonNode against = coach.post(
                        "/api/playbook/formations",
                        "{\"name\": \"Otter wide\", \"men\": \"ol2 TE4 X-18/1.5 Z16/1.5 QB0/5 TB-1.5/5 H9/1.5\"}")
                .json();
        assertThat(against)
                .singleElement()
                .satisfies(p -> assertThat(p.asString()).contains("off the line"));
        assertThat(coach.get("/api/choices").json().get("formations").toString())
                .contains("otter-wide");
        assertThat(Browserless.signedIn(port, "lind")
                        .get("/api/choices")
                        .json()
                        .get("formations")
                        .toString())
                .as("a draft")
                .doesNotContain("otter-wide");
        String placed =
                SNAP.replace("\"mirrored\"", "\"men\": \"ol2 TE4 X-18 Z16/1.5 QB0/5 TB-1.5/5 H9/1.5\", \"mirrored\"");
        JsonNode board = coach.post(
                        "/api/line-ups",
                        "{\"snap\": " + placed
                                + ", \"call\": \"anvil-drizzle\", \"revision\": null, \"edits\": [], \"hand\": []}")
                .json();
        assertThat(board.at("/phases/0/offence")).hasSize(11);
        assertThat(coach.post("/api/playbook/formations", "{\"name\": \"Bad\", \"men\": \"ol2 ??\"}")
                        .status())
                .isEqualTo(422);
    }

    @Test
    void aLayerKeptAsOursCarriesOtherCalls(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        assertThat(coach.post(
                                "/api/playbook/layers",
                                "{\"call\": \"anvil-heron\", \"revision\": 0, \"layer\": \"heron\", \"name\": \"Sandpiper\"}")
                        .status())
                .isEqualTo(201);
        String id = compose(coach, "Anvil Sandpiper", "[\"anvil\", \"squall\", \"sandpiper\"]");
        assertThat(coach.get("/api/calls/" + id).json().get("layers").toString())
                .contains("Sandpiper");
        assertThat(item(Browserless.signedIn(port, "lind"), "pressure", "sandpiper"))
                .as("a draft")
                .isNull();
    }

    @Test
    void whatIsExportedComesInAgainLookedAtFirstAllOrNothing(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        String id = compose(coach, "Traveller", "[\"chisel\", \"fog\"]");
        String text = coach.get("/api/exchange?what=call/" + id).json().toString();
        assertThat(look(coach, text)).containsExactly("same");
        String other = text.replace("\"traveller\"", "\"traveller-two\"").replace("\"Traveller\"", "\"Traveller two\"");
        List<String> states = look(coach, other);
        assertThat(states).containsExactly("new");
        JsonNode rows = coach.post("/api/exchange/previews", body(other, null)).json();
        assertThat(coach.post("/api/exchange/imports", body(other, rows)).status())
                .isEqualTo(200);
        assertThat(item(coach, "call", "traveller-two").get("name").asString()).isEqualTo("Traveller two");
        assertThat(coach.post("/api/exchange/imports", body(other, rows)).status())
                .as("looked at before it was there")
                .isEqualTo(409);
        String changed = other.replace("gap B @ 4.5", "gap B @ 5");
        assertThat(look(coach, changed)).containsExactly("changed");
        String taken = text.replace("\"traveller\"", "\"anvil-fog\"");
        assertThat(look(coach, taken)).containsExactly("conflict");
        assertThat(coach.post(
                                "/api/exchange/imports",
                                body(
                                        taken,
                                        coach.post("/api/exchange/previews", body(taken, null))
                                                .json()))
                        .status())
                .isEqualTo(422);
    }

    private static List<String> look(Browserless coach, String text) {
        var states = new ArrayList<String>();
        Answer answer = coach.post("/api/exchange/previews", body(text, null));
        assertThat(answer.status()).as(String.valueOf(answer.json())).isEqualTo(200);
        answer.json().forEach(r -> states.add(r.get("state").asString()));
        return states;
    }

    private static String body(String text, JsonNode rows) {
        return rows == null
                ? JSON.writeValueAsString(Map.of("text", text))
                : JSON.writeValueAsString(Map.of("text", text, "rows", rows));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        {nonsense | no JSON
        {"format": 9, "kind": "playbook", "documents": []} | newer version
        {"format": 1, "kind": "playbook", "documents": []} | no playbook of ours
        {"format": 1, "kind": "playbook", "documents": [{"format": 1, "kind": "formation", "id": "x"}]} | men
        {"format": 1, "kind": "playbook", "documents": [{"format": 1, "kind": "call", "id": "x", "layers": ["anvil", "nowhere"]}]} | nowhere
        """)
    void whatIsNoPlaybookIsRefusedInWordsAndNothingIsWritten(String text, String why, int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        Answer refused = coach.post("/api/exchange/previews", body(text, null));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().toString()).contains(why);
        assertThat(item(coach, "call", "x")).isNull();
    }
}
