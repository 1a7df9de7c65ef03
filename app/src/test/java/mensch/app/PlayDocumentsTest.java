package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Any offence a coach meets is his own document: opened, tried, kept, saved again, taken out and in. */
@ExtendWith(RunningApp.class)
class PlayDocumentsTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static ObjectNode body(Browserless who, String kind, String id) {
        return (ObjectNode)
                who.get("/api/playbook/" + kind + "/" + id + "/document").json().get("body");
    }

    private static String written(String kind, String name, JsonNode body) {
        return JSON.createObjectNode()
                .put("kind", kind)
                .put("name", name)
                .set("body", body)
                .toString();
    }

    private static Answer keep(Browserless who, String kind, String name, JsonNode body) {
        return who.post("/api/playbook/documents", written(kind, name, body));
    }

    private static String kept(Browserless who, String kind, String name, JsonNode body) {
        Answer made = keep(who, kind, name, body);
        assertThat(made.status()).as(String.valueOf(made.json())).isEqualTo(201);
        assertThat(who.get(made.headers().firstValue("Location").orElseThrow()).json())
                .isEqualTo(made.json());
        return made.json().get("id").asString();
    }

    private static JsonNode runs(Browserless who) {
        return who.post("/api/audits", "{\"board\": " + Requests.board("anvil-drizzle") + ", \"phase\": 0}")
                .json()
                .get("runs");
    }

    private static Answer blocks(Browserless who, String run) {
        return who.post(
                "/api/blockings",
                "{\"board\": " + Requests.board("anvil-drizzle") + ", \"phase\": 0, \"play\": \"" + run
                        + "\", \"left\": false}");
    }

    private static void publish(Browserless coach, String kind, String id) {
        String at = "/api/playbook/" + kind + "/" + id + "/standing";
        assertThat(coach.put(
                                at,
                                coach.get(at).etag(),
                                "{\"install\": \"catalogue\", \"published\": true, \"retired\": false}")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void everyKindOfPlayIsListedWithItsDrawing(int port) {
        JsonNode items = Browserless.signedIn(port, "lind").get("/api/playbook").json();
        for (String kind : new String[] {"run", "pass", "option", "protection"}) {
            assertThat(items).as(kind).anySatisfy(i -> {
                assertThat(i.get("kind").asString()).isEqualTo(kind);
                assertThat(i.at("/sketch/ways")).isNotEmpty();
            });
        }
        assertThat(items).anySatisfy(i -> assertThat(i.get("kind").asString()).isEqualTo("routes"));
    }

    @Test
    void aRunOfOnesOwnIsBlockedByItsOwnRulesAndSeenByOthersOncePublished(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        Browserless player = Browserless.signedIn(port, "lind");
        ObjectNode power = body(coach, "run", "power");
        ((ObjectNode) power.get("blocks")).put("guard", "pull kick").put("fullback", "lead");
        String id = kept(coach, "run", "Power, guard kicks", power);
        assertThat(runs(coach))
                .anySatisfy(r -> assertThat(r.get("id").asString()).isEqualTo(id));
        assertThat(runs(player))
                .noneSatisfy(r -> assertThat(r.get("id").asString()).isEqualTo(id));
        assertThat(blocks(player, id).status()).isEqualTo(422);
        assertThat(blocks(coach, id).json().get("blocks")).anySatisfy(b -> {
            assertThat(b.get("how").asString()).isEqualTo("pull kick");
            assertThat(b.at("/blockers/0").asString()).isEqualTo("RG");
        });
        publish(coach, "run", id);
        assertThat(runs(player))
                .anySatisfy(r -> assertThat(r.get("id").asString()).isEqualTo(id));
        assertThat(player.get("/api/choices").json().get("runs"))
                .anySatisfy(r -> assertThat(r.get("id").asString()).isEqualTo(id));
        assertThat(keep(player, "run", "Mine", power).status()).isEqualTo(403);
    }

    /** A protection of one's own hands out the rush by its scheme on every board; a scheme nobody knows is refused. */
    @Test
    void aProtectionOfOnesOwnCountsByItsScheme(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        ObjectNode five = body(coach, "protection", "five");
        five.put("scheme", "man");
        String id = kept(coach, "protection", "Five, big on big", five);
        JsonNode rows = coach.post("/api/audits", "{\"board\": " + Requests.board("anvil-drizzle") + ", \"phase\": 0}")
                .json()
                .get("protections");
        assertThat(id).isNotBlank();
        assertThat(rows).anySatisfy(row -> {
            assertThat(row.get("name").asString()).isEqualTo("Five, big on big");
            assertThat(row.get("pickups"))
                    .hasSize(5)
                    .allSatisfy(one -> assertThat(one.get("how").asString()).isEqualTo("man on man"));
        });
        five.put("scheme", "wishful");
        Answer refused = keep(coach, "protection", "No such", five);
        assertThat(refused.status()).isBetween(400, 422);
        assertThat(refused.json().toString()).contains("scheme");
    }

    @Test
    void nobodysRevisionIsWrittenOver(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        ObjectNode trap = body(coach, "run", "trap");
        String id = kept(coach, "run", "Trap of ours", trap);
        String at = "/api/playbook/run/" + id + "/document";
        String read = coach.get(at).etag();
        trap.put("point", "B");
        String next = JSON.createObjectNode()
                .put("name", "Trap of ours")
                .set("body", trap)
                .toString();
        Answer saved = coach.put(at, read, next);
        assertThat(saved.json().get("revision").asInt()).isEqualTo(2);
        assertThat(saved.json().at("/body/point").asString()).isEqualTo("B");
        Answer late = coach.put(at, read, next);
        assertThat(late.status()).isEqualTo(412);
        assertThat(late.json().get("code").asString()).isEqualTo("run-overtaken");
        assertThat(late.json().get("detail").asString()).contains("marrow saved revision 2");
        Answer shipped = coach.put("/api/playbook/run/trap/document", "\"0\"", next);
        assertThat(shipped.status()).isEqualTo(409);
        assertThat(shipped.json().get("code").asString()).isEqualTo("catalogue-run");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        /blocks/guard | "swing"    | "swing" is no block
        /blocks/nobody | "down"    | is no man of the offence
        /point        | "Q"        | point
        /needs        | "on fire"  | cannot stand there
        /leaves       | "everybody" | is nobody a play leaves
        /ball/gun     | 99         | gun
        /ball/first   | "sideways" | first
        /surprise     | 1          | surprise
        """)
    void aRunThatCannotBeReadIsRefusedWithThePlaceAndNothingIsKept(String at, String value, String said, int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        ObjectNode run = body(coach, "run", "trap");
        String[] path = at.substring(1).split("/");
        ObjectNode under = path.length == 1 ? run : (ObjectNode) run.get(path[0]);
        under.set(path[path.length - 1], JSON.readTree(value));
        for (Answer answer : new Answer[] {
            keep(coach, "run", "Broken " + at, run), coach.post("/api/playbook/previews", written("run", "Broken", run))
        }) {
            assertThat(answer.status()).as(String.valueOf(answer.json())).isEqualTo(422);
            assertThat(answer.json().get("detail").asString()).contains(said);
        }
        assertThat(coach.get("/api/playbook").json())
                .noneSatisfy(i -> assertThat(i.get("name").asString()).startsWith("Broken"));
    }

    /** What no coach types is told as bad input, by whichever door it comes. */
    @ParameterizedTest
    @CsvSource({"\\u0000", "\\u0007"})
    void aControlCharacterIsRefusedByEveryDoor(String bad, int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        String body =
                "{\"needs\": \"\", \"throw\": 2.4, \"routes\": {\"#1\": \"hitch\"}, \"attacks\": \"a" + bad + "b\"}";
        String kept = "{\"kind\": \"pass\", \"name\": \"Bell\", \"body\": " + body + "}";
        for (String door : new String[] {"/api/playbook/documents", "/api/playbook/previews"}) {
            Answer answer = coach.post(door, kept);
            assertThat(answer.status()).as(String.valueOf(answer.json())).isBetween(400, 422);
            assertThat(answer.json().get("detail").asString()).contains("control character");
        }
        String file =
                "{\"format\": 1, \"kind\": \"playbook\", \"documents\": [{\"format\": 1, \"kind\": \"pass\", \"id\": \"bell\", "
                        + body.substring(1) + "]}";
        Answer in = coach.post("/api/exchange/previews", "{\"text\": " + JSON.writeValueAsString(file) + "}");
        assertThat(in.status()).as(String.valueOf(in.json())).isEqualTo(422);
        assertThat(in.json().get("detail").asString()).contains("control character");
    }

    /** A name is text and stays text; what is as long as no play is refused. */
    @Test
    void aNameIsNoMarkupAndAPlayIsNoBook(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        ObjectNode smash = body(coach, "pass", "smash");
        String id = kept(coach, "pass", "<img src=x onerror=alert(1)> smash", smash);
        assertThat(coach.get("/api/playbook/pass/" + id + "/document")
                        .json()
                        .get("name")
                        .asString())
                .isEqualTo("<img src=x onerror=alert(1)> smash");
        assertThat(id).matches("[a-z0-9-]+");
        ObjectNode routes = (ObjectNode) smash.get("routes");
        for (int i = 0; i < 5000; i++) {
            routes.put("#" + i, "hitch");
        }
        assertThat(keep(coach, "pass", "Too much", smash).status()).isEqualTo(422);
    }

    /** What a play needs is offered to the next play, but what stands in somebody's draft is his alone. */
    @Test
    void needsAreOfferedToWhoMaySeeThem(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        String need = "pistol and three backs and 2 or more receivers on my side";
        JsonNode pass = JSON.readTree("{\"needs\": \"" + need + "\", \"throw\": 2.4, "
                + "\"routes\": {\"#1\": \"hitch\"}, \"launch\": \"set\", \"progression\": [\"#1\"]}");
        kept(coach, "pass", "Pistol stop", pass);
        assertThat(needs(coach)).contains(need, "not empty");
        assertThat(needs(Browserless.signedIn(port, "tillery")))
                .contains("not empty")
                .doesNotContain(need);
    }

    private static List<String> needs(Browserless coach) {
        return coach.get("/api/playbook/play-words")
                .json()
                .get("needs")
                .valueStream()
                .map(JsonNode::asString)
                .toList();
    }

    @Test
    void aPassMayRunARouteOfOurOwn(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        JsonNode routes = JSON.readTree(
                "{\"routes\": {\"stop-nine\": {\"path\": [\"straight @ 11\", \"in 1 @ 9\"], \"breaks\": 1.9, \"ends\": \"settle\"}}}");
        kept(coach, "routes", "Routes of ours", routes);
        assertThat(coach.get("/api/playbook/play-words").json().get("routes"))
                .anySatisfy(r -> assertThat(r.get("name").asString()).isEqualTo("stop nine"));
        JsonNode pass = JSON.readTree("{\"needs\": \"1 or more receivers on my side\", \"throw\": 2.4, "
                + "\"routes\": {\"#1\": \"stop-nine\", \"back\": \"flat\"}, \"fake\": \"inside-zone\", "
                + "\"launch\": \"set\", \"progression\": [\"#1\", \"back\"]}");
        String id = kept(coach, "pass", "Stops", pass);
        Answer sheet = coach.post(
                "/api/distributions",
                "{\"board\": " + Requests.board("anvil-drizzle") + ", \"phase\": 0, \"play\": \"" + id
                        + "\", \"left\": false}");
        assertThat(sheet.json().get("routes"))
                .anySatisfy(r -> assertThat(r.get("route").asString()).isEqualTo("stop nine"));
        Answer wrong = coach.post(
                "/api/playbook/previews",
                written("pass", "Stops", ((ObjectNode) pass.deepCopy()).set("progression", JSON.readTree("[\"#3\"]"))));
        assertThat(wrong.json().get("detail").asString()).contains("#3 has no route");
    }

    /** What is being written meets the call on the board, as what is kept does; nothing is kept by asking. */
    @Test
    void aPlayIsTriedAtTheCallOnTheBoardWhileItIsWritten(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        ObjectNode power = body(coach, "run", "power");
        String board = Requests.board("anvil-drizzle");
        JsonNode kept = coach.post(
                        "/api/blockings",
                        "{\"board\": " + board + ", \"phase\": 0, \"play\": \"power\", \"left\": false}")
                .json();
        JsonNode tried = trial(coach, board, written("run", "", power)).json();
        assertThat(tried.at("/run/blocks")).isEqualTo(kept.get("blocks"));
        assertThat(tried.get("unfit")).isEmpty();
        ((ObjectNode) power.get("blocks")).put("tackle", "base").remove("guard other side");
        JsonNode without = trial(coach, board, written("run", "", power)).json();
        assertThat(without.at("/run/blocks")).isNotEqualTo(kept.get("blocks"));
        power.put("needs", "gun");
        JsonNode unfit = trial(coach, board, written("run", "", power)).json();
        assertThat(unfit.has("run") && !unfit.get("run").isNull()).isFalse();
        assertThat(unfit.at("/unfit/0/why").asString()).isEqualTo("needs gun");
        Answer broken = trial(coach, board, written("run", "", power.put("point", "Q")));
        assertThat(broken.status()).isEqualTo(422);
        Answer none = trial(coach, board, written("routes", "", body(coach, "routes", "routes")));
        assertThat(none.status()).isEqualTo(422);
        assertThat(none.json().get("detail").asString()).contains("run, pass, option or protection");
    }

    /** A corner of a route put elsewhere is told in words; a player may look, nobody has changed anything by it. */
    @Test
    void aRouteIsRunByAManOfTheFormationAndItsCornersMoved(int port) {
        Browserless player = Browserless.signedIn(port, "lind");
        String book = written("routes", "", body(player, "routes", "routes"));
        String route =
                "{\"snap\": " + Requests.SNAP + ", \"book\": " + book + ", \"route\": \"curl\", \"man\": \"FL\"}";
        JsonNode way = player.post("/api/route-trials", route).json().get("way");
        assertThat(way.size()).isEqualTo(3);
        double x = way.get(1).get("x").asDouble();
        String moved = "{\"of\": " + route + ", \"corner\": 1, \"x\": " + (x - 2) + ", \"y\": 10}";
        assertThat(player.post("/api/route-trials/corners", moved)
                        .json()
                        .get("words")
                        .asString())
                .isEqualTo("in 2 @ 10");
        Answer nobody = player.post("/api/route-trials", route.replace("\"FL\"", "\"LG\""));
        assertThat(nobody.status()).isEqualTo(422);
        assertThat(nobody.json().get("detail").asString()).contains("receivers or backs");
    }

    private static Answer trial(Browserless coach, String board, String play) {
        return coach.post(
                "/api/play-trials",
                "{\"board\": " + board + ", \"phase\": 0, \"play\": " + play + ", \"left\": false}");
    }

    @Test
    void aTryShowsWhichFormationsCanRunIt(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        JsonNode preview = coach.post(
                        "/api/playbook/previews", written("run", "", body(coach, "run", "quarterback-sneak")))
                .json();
        assertThat(preview.get("fits").size())
                .isBetween(5, preview.get("formations").asInt() - 5);
        assertThat(preview.get("fits"))
                .anySatisfy(f -> assertThat(f.get("formation").asString()).isEqualTo("pro-i"))
                .noneSatisfy(f -> assertThat(f.get("formation").asString()).isEqualTo("doubles-gun"));
    }

    @Test
    void aFormationOfOurOwnHasItsMotions(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        JsonNode formation = JSON.readTree("{\"men\": \"ol2 TE4 Z14/1.5 X-15 QB0/1 FB0/4 TB0/7\", \"motions\": "
                + "[{\"id\": \"in\", \"name\": \"flanker comes in\", \"steps\": [\"Z6/1.5\"]}]}");
        String id = kept(coach, "formation", "Pro of ours", formation);
        assertThat(coach.get("/api/choices").json().get("formations")).anySatisfy(f -> {
            assertThat(f.get("id").asString()).isEqualTo(id);
            assertThat(f.at("/motions/0/id").asString()).isEqualTo("in");
        });
        JsonNode wrong = JSON.readTree("{\"men\": \"ol2 TE4 nobody\", \"motions\": []}");
        assertThat(keep(coach, "formation", "Half a side", wrong).status()).isEqualTo(422);
    }

    @Test
    void playsGoOutAndComeInWithThePlaybook(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        String id = kept(coach, "run", "Toss for export", body(coach, "run", "toss"));
        JsonNode out = coach.get("/api/exchange?what=own").json();
        assertThat(out.get("documents"))
                .anySatisfy(d -> assertThat(d.get("id").asString()).isEqualTo(id));
        assertThat(coach.get("/api/exchange?what=all").json().get("documents"))
                .anySatisfy(d -> assertThat(d.get("id").asString()).isEqualTo("smash"));
        ObjectNode other = (ObjectNode) JSON.readTree(coach.get("/api/exchange?what=run/" + id)
                .json()
                .toString()
                .replace(id, "toss-that-came-in")
                .replace("Toss for export", "Toss that came in"));
        String text = JSON.writeValueAsString(other.toString());
        JsonNode rows =
                coach.post("/api/exchange/previews", "{\"text\": " + text + "}").json();
        assertThat(rows.at("/0/state").asString()).isEqualTo("new");
        assertThat(coach.post("/api/exchange/imports", "{\"text\": " + text + ", \"rows\": " + rows + "}")
                        .status())
                .isEqualTo(200);
        assertThat(runs(coach))
                .anySatisfy(r -> assertThat(r.get("id").asString()).isEqualTo("toss-that-came-in"));
        String broken = JSON.writeValueAsString(other.toString().replace("pull force", "swing force"));
        assertThat(coach.post("/api/exchange/previews", "{\"text\": " + broken + "}")
                        .status())
                .isEqualTo(422);
    }
}
