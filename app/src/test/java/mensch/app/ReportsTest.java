package mensch.app;

import static mensch.app.GradeRequests.facet;
import static mensch.app.GradeRequests.grades;
import static mensch.app.GradeRequests.man;
import static mensch.app.GradeRequests.ticked;
import static mensch.app.GradeRequests.words;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.List;
import mensch.app.Browserless.Answer;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** What grades come to, and who may see it. */
@ExtendWith(RunningApp.class)
class ReportsTest {
    @TempDir
    static Path folder;

    /** Faults by how often they were seen, each with its plays; against starters and backups apart. */
    @Test
    void aMansReportSplitsByTheirUnitAndCountsHisFaults(int port) throws IOException, SQLException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "report");
        String man = null;
        for (int i = 0; i < 8; i++) {
            String unit = i < 3 ? "starters" : "backups";
            String log = Requests.log("rasp-frost").replace("}, \"call\"", "}, \"unit\": \"" + unit + "\", \"call\"");
            JsonNode play = game.cut(FilmedGame.FRAME, log).json();
            Answer said = marrow.put(
                    grades(game, play) + "/mike",
                    Browserless.version(0),
                    i < 3
                            ? ticked("\"loss\"", "null", "pads", "-")
                            : ticked("\"win\"", "null", "pads", "=", "rip", "="));
            assertThat(said.status()).as(String.valueOf(said.json())).isEqualTo(200);
            Database.run("update played set player = 'reported' where job = 'mike' and play_id = "
                    + play.get("id").asLong());
            man = "reported";
        }
        JsonNode report = marrow.get("/api/grades/" + man + "/report").json().get("sheet");
        assertThat(report.get("ended").asString()).isEqualTo("5-3");
        assertThat(report.at("/against/0/unit").asString()).isEqualTo("starters");
        assertThat(report.at("/against/0/ended").asString()).isEqualTo("0-3");
        assertThat(report.at("/against/1/ended").asString()).isEqualTo("5 positive of 5");
        assertThat(report.get("faults")).hasSize(1);
        JsonNode pads = report.at("/faults/0");
        assertThat(pads.get("name").asString()).isEqualTo("Pads: high");
        assertThat(pads.get("below").asInt()).isEqualTo(3);
        assertThat(pads.get("told").asInt()).isEqualTo(8);
        assertThat(pads.get("learnt").asBoolean()).isTrue();
        assertThat(pads.get("plays").valueStream().map(p -> p.get("number").asInt()))
                .containsExactly(3, 2, 1);
        assertThat(Browserless.signedIn(port, "lind")
                        .get("/api/grades/" + man + "/report")
                        .status())
                .isEqualTo(403);
    }

    @Test
    void aFaultOfTheCallIsNoneOfTheMan(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "call");
        Answer said = marrow.put(
                grades(game, game.cut("anvil-frost")) + "/nose",
                Browserless.version(0),
                words("ST", "-").replace("\"man\"", "\"call or teaching\""));
        assertThat(said.status()).as(String.valueOf(said.json())).isEqualTo(200);
        JsonNode stance = facet(man(marrow, said.json().get("player").asString()), "ST");
        assertThat(stance.get("ofTheCall").asInt()).isEqualTo(1);
        assertThat(stance.get("told").asInt()).isZero();
        assertThat(List.of(stance.get("done").asInt(), stance.get("notSeen").asInt()))
                .containsOnly(0);
    }

    /** With fewer than eight plays there is no share; what nobody saw counts for nothing. */
    @Test
    void sharesAreNamedOfEightPlaysAndMoreAndEachPlayIsLedTo(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "shares");
        String player = null;
        for (int i = 0; i < 9; i++) {
            String mark = i == 0 ? "n/a" : i < 3 ? "-" : "=";
            Answer said = marrow.put(
                    grades(game, game.cut("tongs-fog")) + "/free", Browserless.version(0), words("COM", mark));
            player = said.json().get("player").asString();
            if (i == 7) {
                assertThat(facet(man(marrow, player), "COM").has("percent")).isFalse();
            }
        }
        JsonNode told = facet(man(marrow, player), "COM");
        assertThat(told.get("done").asInt()).isEqualTo(6);
        assertThat(told.get("told").asInt()).isEqualTo(8);
        assertThat(told.get("notSeen").asInt()).isEqualTo(1);
        assertThat(told.get("percent").asInt()).isEqualTo(75);
        JsonNode plays = marrow.get("/api/grades/" + player).json().get("items");
        assertThat(plays.get(0).get("game").asLong()).isEqualTo(game.id());
        assertThat(plays.get(0).get("number").asInt()).isEqualTo(9);
        long first = plays.get(0).get("play").asLong();
        String out = game.play(first);
        marrow.delete(out, marrow.get(out).etag());
        assertThat(facet(man(marrow, player), "COM").get("told").asInt()).isEqualTo(7);
    }

    /** Tries at the carrier, balls thrown at him and explosive plays, each with the plays they are of. */
    @Test
    void whatAUnitsGradesComeToLeadsToItsPlays(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "unit");
        String log = Requests.log("anvil-fog")
                .replace(
                        "}, \"call\"",
                        "}, \"gain\": 34, \"result\": \"tackled\", \"theirPlay\": \"inside-zone\", \"theirSide\": \"right\", \"call\"");
        Answer cut = game.cut(FilmedGame.FRAME, log);
        assertThat(cut.status()).as(String.valueOf(cut.json())).isEqualTo(201);
        String grades = grades(game, cut.json());
        String missed = words("AS", "-")
                .replace(
                        "\"outcome\": null",
                        "\"outcome\": \"loss\", \"tackle\": {\"how\": \"missed\", \"afterContact\": 20}");
        Answer said = marrow.put(grades + "/mike", Browserless.version(0), missed);
        assertThat(said.status()).as(String.valueOf(said.json())).isEqualTo(200);
        marrow.put(grades + "/nose", Browserless.version(0), words("AS", "+"));
        JsonNode backers = marrow.get("/api/units/backers/grades").json();
        JsonNode explosive = backers.at("/sheet/explosives")
                .valueStream()
                .filter(e -> e.at("/at/game").asLong() == game.id())
                .findFirst()
                .orElseThrow();
        assertThat(explosive.get("gain").asInt()).isEqualTo(34);
        assertThat(explosive.get("man").asString())
                .isEqualTo(said.json().get("player").asString());
        assertThat(backers.at("/sheet/deeds/tackles").toString()).contains("missed");
        assertThat(backers.at("/sheet/deeds/afterContact/yards").asInt()).isGreaterThanOrEqualTo(20);
        assertThat(backers.get("men").valueStream().map(m -> m.at("/who/unit").asString()))
                .containsOnly("backers");
        JsonNode line = marrow.get("/api/units/line/grades").json();
        assertThat(line.at("/sheet/explosives")
                        .valueStream()
                        .map(e -> e.at("/at/game").asLong()))
                .doesNotContain(game.id());
        assertThat(marrow.get("/api/units/water/grades").status()).isEqualTo(400);
        assertThat(Browserless.signedIn(port, "lind")
                        .get("/api/units/all/grades")
                        .status())
                .isEqualTo(403);
    }

    /** What the eleven did as one is said beside the log and marked on the film, and leads to its plays. */
    @Test
    void whatTheElevenDidTogetherIsCountedWithItsPlays(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "eleven");
        String together = "}, \"together\": {\"check\": \"missed\", \"allSet\": false, \"hats\": %d}, \"call\"";
        String log = Requests.log("anvil-fog").replace("}, \"call\"", together);
        assertThat(game.cut(FilmedGame.FRAME, log.formatted(12)).status()).isEqualTo(422);
        JsonNode play = game.cut(FilmedGame.FRAME, log.formatted(4)).json();
        String pressed = FilmedGame.seen("pressures", "mike", FilmedGame.FRAME + 15);
        assertThat(game.save(play, 0, FilmedGame.work(FilmedGame.FRAME, "", "", pressed))
                        .status())
                .isEqualTo(200);
        Answer kept = marrow.put(
                grades(game, play) + "/mike",
                Browserless.version(0),
                words("TE", "+").replace("\"outcome\": null", "\"outcome\": null, \"lane\": \"kept\""));
        assertThat(kept.status()).as(String.valueOf(kept.json())).isEqualTo(200);
        JsonNode sheet = marrow.get("/api/units/all/grades").json().get("sheet");
        for (String plays :
                List.of("/eleven/checks/0/plays", "/eleven/notSet", "/eleven/hats/plays", "/deeds/lanes/0/plays")) {
            assertThat(sheet.at(plays).valueStream().map(p -> p.get("game").asLong()))
                    .as(plays)
                    .contains(game.id());
        }
        assertThat(sheet.at("/eleven/checks/0/what").asString()).isEqualTo("missed");
        assertThat(sheet.at("/eleven/pressure/most").asDouble()).isEqualTo(0.5, within(1e-6));
    }

    /** A player sees what his own grades come to, and nobody else's; a coach's notes and names are not for him. */
    @Test
    void aPlayerSeesHisOwnReportAlone(int port) throws IOException, SQLException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        Browserless lind = Browserless.signedIn(port, "lind");
        String his = lind.get("/api/roster/mine").json().get("id").asString();
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "mine");
        JsonNode play = game.cut("anvil-fog");
        Answer said = marrow.put(
                grades(game, play) + "/mike",
                Browserless.version(0),
                words("STANCE".substring(0, 2), "-").replace("\"note\": null", "\"note\": \"talk to his mother\""));
        assertThat(said.status()).as(String.valueOf(said.json())).isEqualTo(200);
        Database.run("update played set player = '" + his + "' where job = 'mike' and play_id = "
                + play.get("id").asLong());
        Answer mine = lind.get("/api/mine/grades");
        assertThat(mine.status()).isEqualTo(200);
        assertThat(mine.json().at("/who/man").asString()).isEqualTo(his);
        assertThat(facet(mine.json().get("sheet"), "ST").get("told").asInt()).isPositive();
        assertThat(mine.json().toString()).doesNotContain("mother", "marrow", "abara");
        assertThat(lind.get("/api/grades/" + his + "/report").status()).isEqualTo(403);
        assertThat(lind.get("/api/grades").status()).isEqualTo(403);
        assertThat(marrow.get("/api/mine/grades").status()).isIn(200, 204);
    }

    /** A minor is called by his alias wherever others than his coaches may read of him; his coaches know his name. */
    @Test
    void whoHasAnAliasIsCalledByItOutsideTheCoachesRoom(int port) throws Exception {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        Browserless lind = Browserless.signedIn(port, "lind");
        JsonNode who = lind.get("/api/roster/mine").json();
        String his = who.get("id").asString();
        String name = who.get("name").asString();
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "alias");
        JsonNode play = game.cut("anvil-fog");
        marrow.put(grades(game, play) + "/mike", Browserless.version(0), words("AS", "-"));
        Database.run("update played set player = '" + his + "' where job = 'mike' and play_id = "
                + play.get("id").asLong());
        Answer roster = marrow.get("/api/roster");
        String kept = roster.json().get("roster").toString();
        String called = kept.replace("\"name\":\"" + name + "\"", "\"name\":\"" + name + "\",\"alias\":\"Wren\"");
        assertThat(called).isNotEqualTo(kept);
        assertThat(marrow.put("/api/roster", roster.etag(), called).status()).isEqualTo(200);
        try {
            JsonNode mine = lind.get("/api/mine/grades").json();
            assertThat(mine.at("/who/name").asString()).isEqualTo("Wren");
            assertThat(mine.get("who").has("number")).isFalse();
            assertThat(mine.toString()).doesNotContain(name);
            assertThat(marrow.get("/api/grades/" + his + "/report")
                            .json()
                            .at("/who/name")
                            .asString())
                    .isEqualTo(name);
            for (String sheet : List.of("/api/grades/" + his + "/sheet", "/api/units/all/sheet")) {
                try (PDDocument read = Loader.loadPDF(marrow.bytes(sheet + ".pdf"))) {
                    assertThat(new PDFTextStripper().getText(read))
                            .contains("Wren")
                            .doesNotContain(name);
                }
                assertThat(new String(marrow.bytes(sheet + ".csv"), StandardCharsets.UTF_8))
                        .contains("Wren")
                        .doesNotContain(name);
            }
        } finally {
            assertThat(marrow.put("/api/roster", marrow.get("/api/roster").etag(), kept)
                            .status())
                    .isEqualTo(200);
        }
    }

    /** On paper in fonts of its own, whatever letters a name has; as a table that no spreadsheet reckons with. */
    @Test
    void aReportIsTakenAlongOnPaperAndAsATable(int port) throws Exception {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "sheet");
        JsonNode play = game.cut("anvil-fog");
        Answer said = marrow.put(
                grades(game, play) + "/mike",
                Browserless.version(0),
                words("AS", "-", "EF", "+")
                        .replace("\"note\": null", "\"note\": \"=HYPERLINK(1)\"")
                        .replace(
                                "\"criteria\": []",
                                "\"criteria\": [], \"correction\": {\"instead\": \"Łap \u2192 hůl\"}"));
        assertThat(said.status()).as(String.valueOf(said.json())).isEqualTo(200);
        Database.run("update played set player = 'on-paper' where job = 'mike' and play_id = "
                + play.get("id").asLong());
        byte[] paper = marrow.bytes("/api/grades/on-paper/sheet.pdf");
        try (PDDocument read = Loader.loadPDF(paper)) {
            String text = new PDFTextStripper().getText(read);
            assertThat(text).contains("on paper", "Facet by facet", "0 of 1", "Łap \u2192 hůl", "page 1");
        }
        String table = new String(marrow.bytes("/api/grades/on-paper/sheet.csv"), StandardCharsets.UTF_8);
        try (CSVParser rows = CSVParser.parse(
                table.substring(1),
                CSVFormat.EXCEL.builder().setHeader().setSkipHeaderRecord(true).get())) {
            CSVRecord row = rows.getRecords().get(0);
            assertThat(row.get("AS")).isEqualTo("below");
            assertThat(row.get("EF")).isEqualTo("above");
            assertThat(row.get("coach")).isEqualTo("marrow");
            assertThat(row.get("note")).isEqualTo("'=HYPERLINK(1)");
        }
        try (PDDocument read = Loader.loadPDF(marrow.bytes("/api/units/backers/sheet.pdf"))) {
            assertThat(new PDFTextStripper().getText(read)).contains("Grades of the backers", "on paper");
        }
        assertThat(new String(marrow.bytes("/api/units/backers/sheet.csv"), StandardCharsets.UTF_8))
                .contains("on paper");
        for (String sheet : List.of("/api/grades/on-paper/sheet.pdf", "/api/units/all/sheet.csv")) {
            assertThat(Browserless.signedIn(port, "lind").get(sheet).status()).isEqualTo(403);
        }
        assertThat(marrow.get("/api/grades/nobody-at-all/sheet.pdf").status()).isEqualTo(404);
    }
}
