package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A database of an older version is carried on with what stands in it. */
@ExtendWith(RunningApp.class)
class MigrationTest {
    private static final String SCHEMA = "older";

    private static FluentConfiguration older() {
        return Flyway.configure()
                .dataSource(
                        System.getenv("SPRING_DATASOURCE_URL"),
                        System.getenv("SPRING_DATASOURCE_USERNAME"),
                        System.getenv("SPRING_DATASOURCE_PASSWORD"))
                .schemas(SCHEMA);
    }

    @AfterEach
    void leave() throws SQLException {
        Database.run("drop schema if exists " + SCHEMA + " cascade");
    }

    @Test
    void marksAndViewsOfEarlierGradesAreKept() throws SQLException {
        older().target("7").load().migrate();
        Database.run("insert into older.reel (name, view, file, width, height, frame_times, uploaded_at) "
                + "values ('r', 'end zone', 'f', 1, 1, '[]', now())");
        Database.run(
                "insert into older.film_snap (reel_id, number, first_frame, snap_frame, log, points, marks, version) "
                        + "select id, 1, 0, 0, '{}', '[]', '[]', 0 from older.reel");
        String[][] marks = {{"a", "'+'", "null"}, {"b", "'='", "'-'"}, {"c", "'n/a'", "'+'"}};
        for (String[] m : marks) {
            Database.run("insert into older.grade "
                    + "(snap_id, job, facet, verdict, mark, overruled, graded_by, call_id, call_revision, call_digest) "
                    + "select id, '" + m[0] + "', 'alignment', 'v', " + m[1] + ", " + m[2] + ", 'x', 'c', 0, '' "
                    + "from older.film_snap");
        }
        older().target("9").load().migrate();
        assertThat(Database.text("select string_agg(mark || ' ' || coalesce(overruled, 'none'), ', ' order by job) "
                        + "from older.grade"))
                .isEqualTo("ABOVE none, TO_STANDARD BELOW, NOT_TOLD ABOVE");
        assertThat(Database.text("select \"view\" from older.reel")).isEqualTo("END_ZONE");
    }

    /** Every click and every grade of a film kept until now is there after it, read by the application itself. */
    @Test
    void filmsAndGradesKeptByReelAreThereByPlay(int port) throws SQLException {
        older().target("9").load().migrate();
        int[][] reels = {{900_001, 3}, {900_002, 2}};
        for (int[] reel : reels) {
            Database.run(
                    "insert into older.reel (id, name, view, file, width, height, frame_times, uploaded_at) values ("
                            + reel[0] + ", 'Stoats " + reel[0] + "', 'SIDELINE', 'older-" + reel[0]
                            + ".mp4', 640, 360, '[0, 0.04, 0.08]', '2025-10-04 20:00Z')");
            for (int number = 1; number <= reel[1]; number++) {
                int id = 10 * reel[0] + number;
                Database.run(
                        "insert into older.film_snap (id, reel_id, number, first_frame, snap_frame, log, points, marks, version) values ("
                                + id + ", " + reel[0] + ", " + number + ", 0, " + number % 3 + ", '"
                                + Requests.log("anvil-fog")
                                + "', '[" + FilmedGame.point("left hash, our 40", 12.5, number) + "]', '["
                                + FilmedGame.feet("mike", 100 + number, 50) + "," + FilmedGame.feet("TE", 90, 40)
                                + "]', 4)");
                Database.run(
                        "insert into older.grade (id, snap_id, job, facet, verdict, mark, overruled, note, graded_by, "
                                + "call_id, call_revision, call_digest, version) values ("
                                + id + ", " + id + ", 'mike', 'AL', 'Out: 1.8 yd wide', 'BELOW', "
                                + (number == 1 ? "'ABOVE', 'told to'" : "null, null")
                                + ", 'marrow', 'anvil-fog', 0, 'd', 2)");
            }
        }
        older().target("14").load().migrate();
        Database.run("update older.rep set player = 'fenn' where play_id = 9000011");
        older().load().migrate();
        for (String table : List.of("game", "reel", "play", "angle", "rep")) {
            Database.run("insert into public." + table + " select * from older." + table);
        }
        Database.run("insert into public.played (play_id, job, player, on_field) "
                + "select play_id, job, player, on_field from older.played");
        Browserless coach = Browserless.signedIn(port, "marrow");
        try {
            for (int[] reel : reels) {
                keptWhole(coach, reel[0], reel[1]);
            }
            assertThat(coach.get("/api/games/900002/joins")
                            .json()
                            .valueStream()
                            .map(offer -> offer.get("game").asLong()))
                    .as("two sides of one game are offered, and joined by nobody")
                    .contains(900_001L);
        } finally {
            Database.run("delete from public.game where id in (900001, 900002)");
        }
    }

    private static void keptWhole(Browserless coach, int reel, int snaps) {
        JsonNode game = coach.get("/api/games/" + reel).json();
        assertThat(game.at("/game/opponent").asString()).isEqualTo("Stoats " + reel);
        assertThat(game.at("/game/season").asInt()).isEqualTo(2025);
        assertThat(game.get("plays")).hasSize(snaps);
        for (int number = 1; number <= snaps; number++) {
            String path = "/api/games/" + reel + "/plays/" + (10 * reel + number);
            JsonNode play = coach.get(path + "/film").json();
            assertThat(play.get("number").asInt()).isEqualTo(number);
            assertThat(play.get("angles")).hasSize(1);
            assertThat(play.at("/angles/0/snapFrame").asInt()).isEqualTo(number % 3);
            assertThat(play.at("/angles/0/points/0/name").asString()).isEqualTo("left hash, our 40");
            assertThat(play.at("/angles/0/points/0/yPixels").asInt()).isEqualTo(number);
            assertThat(play.at("/angles/0/marks")).hasSize(2);
            assertThat(play.at("/angles/0/marks/0/xPixels").asInt()).isEqualTo(100 + number);
            JsonNode grade = coach.get(path + "/grades").json().at("/mine/0");
            assertThat(grade.at("/marks/0/facet").asString()).isEqualTo("AL");
            assertThat(grade.at("/marks/0/proposed").asString()).isEqualTo("-");
            assertThat(grade.at("/marks/0/mark").asString()).isEqualTo(number == 1 ? "+" : "-");
            assertThat(grade.at("/marks/0/measured").asString()).isEqualTo("Out: 1.8 yd wide");
            assertThat(grade.has("note")).isEqualTo(number == 1);
            assertThat(grade.has("player")).isEqualTo(reel == 900_001 && number == 1);
        }
    }
}
