package mensch.app.film;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import mensch.app.board.SnapWords;
import mensch.app.game.GameBook;
import mensch.app.game.Play;
import mensch.app.game.PlayLog;
import mensch.app.problem.Problem;
import mensch.app.work.Progress;
import mensch.app.work.WorkKind;
import mensch.core.geometry.Side;
import mensch.core.report.TheirUnit;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Has the simulated camera film the demo's game, two sides of it, and takes the reels in with what its coach wrote and
 * clicked. Begun again after a kill it goes on where it was.
 */
@Component
@ConditionalOnProperty("mensch.demo.camera")
class FilmTheDemo implements WorkKind {
    static final String KIND = "film the demo";
    private static final Pattern FILMED = Pattern.compile("(.*): (\\d+) of (\\d+)");
    /** Filming takes so much of it, per cent; the rest is taking in. */
    private static final int FILMING = 90;

    private final FilmIntake intake;
    private final FilmStore store;
    private final GameBook games;
    private final JsonMapper json;
    private final ApplicationEventPublisher events;
    private final String camera;
    private final Path data;

    FilmTheDemo(
            FilmIntake intake,
            FilmStore store,
            GameBook games,
            JsonMapper json,
            ApplicationEventPublisher events,
            @Value("${mensch.demo.camera}") String camera,
            @Value("${mensch.data}") Path data) {
        this.intake = intake;
        this.store = store;
        this.games = games;
        this.json = json;
        this.events = events;
        this.camera = camera;
        this.data = data;
    }

    @Override
    public String kind() {
        return KIND;
    }

    @Override
    public void run(Long game, String by, Progress progress) throws IOException, InterruptedException {
        // one that was erased meanwhile is not filmed
        games.game(game);
        film(progress);
        progress.at(FILMING, "takes the reels in");
        Map<Integer, Play> plays = games.plays(game).stream()
                .collect(Collectors.toMap(Play::number, Function.identity(), (a, b) -> a, LinkedHashMap::new));
        // the sideline first: it is what a coach begins with
        for (Path log : store.logs().sorted(Comparator.reverseOrder()).toList()) {
            String file = log.getFileName().toString().replace(".json", ".mp4");
            if (Files.exists(store.path(file)) && !intake.knows(file)) {
                adopt(game, file, json.readTree(log.toFile()), plays, by);
            }
        }
        progress.at(FILMING, "its coaches grade it");
        events.publishEvent(new DemoFilmed(game));
    }

    private void film(Progress progress) throws IOException, InterruptedException {
        progress.at(0, "the camera is set up");
        Process filming = new ProcessBuilder(
                        camera, "camera", "--data", data.toAbsolutePath().toString())
                .redirectErrorStream(true)
                .start();
        try (BufferedReader told = filming.inputReader(StandardCharsets.UTF_8)) {
            var reels = new HashMap<String, Double>();
            for (String line = told.readLine(); line != null; line = told.readLine()) {
                Matcher filmed = FILMED.matcher(line);
                if (filmed.matches()) {
                    reels.put(filmed.group(1), Double.parseDouble(filmed.group(2)) / Integer.parseInt(filmed.group(3)));
                    double share = reels.values().stream().mapToDouble(d -> d).sum() / 2;
                    progress.at((int) (FILMING * share), "films the demo's game from both sides");
                }
            }
            if (filming.waitFor() != 0) {
                throw Problem.refused(
                        "demo-not-filmed",
                        "the simulated camera could not film; the next start of the application tries it again");
            }
        } finally {
            filming.descendants().forEach(ProcessHandle::destroyForcibly);
            filming.destroyForcibly();
        }
    }

    private void adopt(Long game, String file, JsonNode log, Map<Integer, Play> plays, String by) throws IOException {
        var cuts = new LinkedHashMap<Play, AngleWork>();
        for (JsonNode s : log.get("snaps")) {
            Play play = plays.computeIfAbsent(s.get("number").asInt(), n -> games.add(game, logged(s), by));
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
