package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A sign-in is a row that outlives the application; it is not written with every answer. */
@ExtendWith(RunningApp.class)
class SessionTest {
    private static Connection database() throws SQLException {
        return DriverManager.getConnection(
                System.getenv("SPRING_DATASOURCE_URL"),
                System.getenv("SPRING_DATASOURCE_USERNAME"),
                System.getenv("SPRING_DATASOURCE_PASSWORD"));
    }

    private static long number(Statement sql, String query) throws SQLException {
        try (ResultSet rows = sql.executeQuery(query)) {
            rows.next();
            return rows.getLong(1);
        }
    }

    @Test
    void theLastRequestIsWrittenOnceAMinute(int port) throws SQLException, InterruptedException {
        Browserless coach = Browserless.signedInAfresh(port, "marrow");
        String newest =
                "(select primary_id from spring_session where principal_name = 'marrow' order by creation_time desc limit 1)";
        try (Connection connection = database();
                Statement sql = connection.createStatement()) {
            long before = number(sql, "select last_access_time from spring_session where primary_id = " + newest);
            Thread.sleep(20);
            assertThat(coach.get("/api/calls").status()).isEqualTo(200);
            assertThat(number(sql, "select last_access_time from spring_session where primary_id = " + newest))
                    .isEqualTo(before);
            sql.executeUpdate(
                    "update spring_session set last_access_time = last_access_time - 61000 where primary_id = "
                            + newest);
            assertThat(coach.get("/api/calls").status()).isEqualTo(200);
            assertThat(number(sql, "select last_access_time from spring_session where primary_id = " + newest))
                    .isGreaterThan(before);
            assertThat(number(
                            sql,
                            "select expiry_time - last_access_time from spring_session where primary_id = " + newest))
                    .isEqualTo(12 * 3600 * 1000L);
        }
    }

    @Test
    void whoSignsOutIsOutAndWhoIsUnknownIsToldNothing(int port) {
        Browserless coach = Browserless.signedInAfresh(port, "marrow");
        assertThat(coach.get("/api/calls").status()).isEqualTo(200);
        assertThat(coach.delete("/api/session").status()).isBetween(200, 204);
        Answer after = coach.get("/api/calls");
        assertThat(after.status()).isEqualTo(401);
        assertThat(after.json() == null ? "" : after.json().toString()).doesNotContain("Anvil");
    }
}
