package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

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
        older().load().migrate();
        assertThat(Database.text("select string_agg(mark || ' ' || coalesce(overruled, 'none'), ', ' order by job) "
                        + "from older.grade"))
                .isEqualTo("ABOVE none, TO_STANDARD BELOW, NOT_TOLD ABOVE");
        assertThat(Database.text("select \"view\" from older.reel")).isEqualTo("END_ZONE");
    }
}
