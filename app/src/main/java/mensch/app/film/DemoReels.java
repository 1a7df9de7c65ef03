package mensch.app.film;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import mensch.app.board.SnapWords;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Adopts the simulated camera's reels that the start command laid into the films folder. */
@Component
@Order(1)
@ConditionalOnProperty("mensch.demo")
class DemoReels implements ApplicationRunner {
    private final FilmIntake intake;
    private final FilmStore store;
    private final JsonMapper json = JsonMapper.builder().build();

    DemoReels(FilmIntake intake, FilmStore store) {
        this.intake = intake;
        this.store = store;
    }

    @Override
    public void run(ApplicationArguments args) throws IOException {
        for (Path log : store.logs().toList()) {
            String file = log.getFileName().toString().replace(".json", ".mp4");
            if (Files.exists(store.path(file))) {
                adopt(file, json.readTree(log.toFile()));
            }
        }
    }

    private void adopt(String file, JsonNode log) throws IOException {
        var snaps = new ArrayList<FilmSnap>();
        for (JsonNode s : log.get("snaps")) {
            var words = new SnapWords(
                    s.get("formation").asString(),
                    s.get("mirrored").asBoolean(),
                    null,
                    null,
                    s.get("code").asString(),
                    s.get("hash").asString(),
                    s.get("toGoal").asInt(),
                    s.get("down").asInt(),
                    s.get("distance").asInt());
            snaps.add(new FilmSnap(
                    0L,
                    s.get("number").asInt(),
                    s.get("firstFrame").asInt(),
                    s.get("snapFrame").asInt(),
                    new SnapLog(words, s.get("call").asString(), 0)));
        }
        intake.adopt(file, log.get("name").asString(), View.said(log.get("view").asString()), snaps);
    }
}
