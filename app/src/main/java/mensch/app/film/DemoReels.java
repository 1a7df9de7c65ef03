package mensch.app.film;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mensch.app.board.SnapWords;
import mensch.app.game.Game;
import mensch.app.game.GameBook;
import mensch.app.game.GameWords;
import mensch.app.game.Play;
import mensch.app.game.PlayLog;
import mensch.core.geometry.Side;
import mensch.core.report.TheirUnit;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Adopts the simulated camera's reels that the start command laid into the films folder: two sides of one game, played
 * by the men of the roster.
 */
@Component
@Order(3)
@ConditionalOnProperty("mensch.demo")
class DemoReels implements ApplicationRunner {
    private static final String LOGGED_BY = "marrow";
    private static final GameWords STOATS =
            new GameWords("Quarry Bend Stoats", "under 19", 2026, LocalDate.of(2026, 9, 26), "hs");

    private final FilmIntake intake;
    private final FilmStore store;
    private final GameBook games;
    private final JsonMapper json;

    DemoReels(FilmIntake intake, FilmStore store, GameBook games, JsonMapper json) {
        this.intake = intake;
        this.store = store;
        this.games = games;
        this.json = json;
    }

    @Override
    public void run(ApplicationArguments args) throws IOException {
        Game game = null;
        var plays = new LinkedHashMap<Integer, Play>();
        // the sideline first: it is what a coach begins with
        for (Path log : store.logs().sorted(Comparator.reverseOrder()).toList()) {
            String file = log.getFileName().toString().replace(".json", ".mp4");
            if (Files.exists(store.path(file)) && !intake.knows(file)) {
                game = game == null ? games.add(STOATS) : game;
                adopt(game.id(), file, json.readTree(log.toFile()), plays);
            }
        }
    }

    private void adopt(Long game, String file, JsonNode log, Map<Integer, Play> plays) throws IOException {
        var cuts = new LinkedHashMap<Play, AngleWork>();
        for (JsonNode s : log.get("snaps")) {
            Play play = plays.computeIfAbsent(s.get("number").asInt(), n -> games.add(game, logged(s), LOGGED_BY));
            cuts.put(
                    play,
                    new AngleWork(
                            s.get("firstFrame").asInt(),
                            s.get("snapFrame").asInt(),
                            s.get("lastFrame").asInt(),
                            clicks(s.path("points"), KnownClick.class),
                            clicks(s.path("marks"), FeetClick.class),
                            clicks(s.path("seen"), SeenAt.class),
                            List.of()));
        }
        intake.adopt(
                game,
                file,
                log.get("name").asString(),
                View.said(log.get("view").asString()),
                cuts);
    }

    private <T> List<T> clicks(JsonNode clicks, Class<T> of) {
        return clicks.valueStream().map(c -> json.convertValue(c, of)).toList();
    }

    private PlayLog logged(JsonNode s) {
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
        return new PlayLog(
                words,
                s.get("call").asString(),
                0,
                null,
                null,
                null,
                s.get("theirPlay").asString(),
                json.convertValue(s.get("theirSide"), Side.class),
                s.get("gain").asInt(),
                json.convertValue(s.get("result"), PlayLog.Result.class),
                TheirUnit.STARTERS,
                new PlayLog.TogetherWords(null, null, null, s.get("hats").asInt()));
    }
}
