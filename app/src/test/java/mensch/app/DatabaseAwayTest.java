package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** A13: a database that is away is said at once and in words, by every door; when it is back all goes on by itself. */
@ExtendWith(RunningApp.class)
class DatabaseAwayTest {
    private static Cable cable;
    private static ConfigurableApplicationContext app;

    /** A second application on the same database, through a line that can be cut. */
    @BeforeAll
    static void start(@TempDir Path data) throws IOException {
        URI database = URI.create(System.getenv("SPRING_DATASOURCE_URL").substring("jdbc:".length()));
        cable = new Cable(database.getPort());
        app = new SpringApplicationBuilder(MenschApplication.class)
                .run(
                        "--server.port=0",
                        "--mensch.data=" + data,
                        "--spring.datasource.url=jdbc:postgresql://127.0.0.1:" + cable.port() + database.getPath());
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
        cable.close();
    }

    private static Answer asked(java.util.function.Supplier<Answer> question) {
        Instant from = Instant.now();
        Answer answer = question.get();
        assertThat(Duration.between(from, Instant.now())).isLessThan(Duration.ofSeconds(8));
        return answer;
    }

    @Test
    void everyRequestIsAnsweredInWordsAndTheFirstAfterwardsSucceeds() throws InterruptedException {
        int port = app.getEnvironment().getRequiredProperty("local.server.port", Integer.class);
        Browserless coach = Browserless.signedIn(port, "marrow");
        assertThat(coach.get("/api/calls").status()).isEqualTo(200);

        Browserless probe = Browserless.stranger(port);

        cable.cut();
        for (Answer away : new Answer[] {
            asked(() -> coach.get("/api/calls")),
            asked(() -> coach.get("/api/session")),
            asked(() -> coach.post("/api/line-ups", Requests.board("anvil-fog"))),
            asked(() -> coach.signIn("marrow"))
        }) {
            assertThat(away.status()).isEqualTo(503);
            assertThat(away.code()).isEqualTo("database-away");
            assertThat(away.detail()).contains("what you typed is kept").doesNotContain("password");
        }
        assertThat(asked(() -> probe.get("/actuator/health/readiness")).status())
                .isEqualTo(503);
        assertThat(probe.get("/actuator/health/liveness").status()).isEqualTo(200);

        cable.mend();
        Answer back = coach.get("/api/calls");
        for (int i = 0; i < 20 && back.status() != 200; i++) {
            Thread.sleep(250);
            back = coach.get("/api/calls");
        }
        assertThat(back.status()).isEqualTo(200);
    }
}
