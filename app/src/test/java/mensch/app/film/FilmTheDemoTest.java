package mensch.app.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import mensch.app.Films;
import mensch.app.RunningApp;
import mensch.app.game.GameBook;
import mensch.app.game.GameWords;
import mensch.app.problem.Problem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.context.ApplicationContext;
import tools.jackson.databind.json.JsonMapper;

/** The demo's film as work of the running application, by a camera that films a test card. */
@ExtendWith(RunningApp.class)
class FilmTheDemoTest {
    private static final String LOG =
            "{\"name\": \"%s\", \"view\": \"%s\", \"snaps\": [{\"number\": 1, \"firstFrame\": 0, \"snapFrame\": 12,"
                    + " \"lastFrame\": 29, \"formation\": \"pro-i\", \"mirrored\": false, \"code\": \"hs\", \"hash\": \"m\","
                    + " \"toGoal\": 38, \"down\": 2, \"distance\": 7, \"call\": \"anvil-fog\", \"theirPlay\": \"power\","
                    + " \"theirSide\": \"right\", \"gain\": 4, \"result\": \"tackled\", \"hats\": 2}]}";

    @TempDir
    Path folder;

    private Path camera(String does) throws IOException {
        Path script = folder.resolve("camera.sh");
        Files.writeString(script, "#!/bin/sh\n" + does + "\n");
        Files.setPosixFilePermissions(script, PosixFilePermissions.fromString("rwx------"));
        return script;
    }

    private FilmTheDemo work(ApplicationContext app, Path camera) {
        return new FilmTheDemo(
                app.getBean(FilmIntake.class),
                app.getBean(FilmStore.class),
                app.getBean(GameBook.class),
                app.getBean(JsonMapper.class),
                app,
                camera.toString(),
                Path.of(app.getEnvironment().getRequiredProperty("mensch.data")));
    }

    private static long game(ApplicationContext app) {
        return app.getBean(GameBook.class)
                .add(new GameWords("Quarry Bend Stoats", "under 19", 2026, LocalDate.of(2026, 9, 26), "hs"))
                .id();
    }

    @Test
    void bothSidesAreFilmedOfOneGameAndTakenInOnceHoweverOftenItIsBegun(ApplicationContext app) throws Exception {
        for (String side : List.of("sideline", "end zone")) {
            String name = "demo-" + side.replace(" ", "-");
            Films.make(
                    folder.resolve(name + ".mp4"),
                    "testsrc=duration=1:size=320x180:rate=30",
                    "-c:v",
                    "libx264",
                    "-pix_fmt",
                    "yuv420p");
            Files.writeString(folder.resolve(name + ".json"), LOG.formatted(name, side));
        }
        Path camera = camera(
                "echo 'demo: 1 of 2'; [ \"$1 $2\" = 'camera --data' ] && cp " + folder + "/demo-* \"$3/films/\"");
        long game = game(app);
        var said = new ArrayList<String>();
        for (int again = 0; again < 2; again++) {
            work(app, camera).run(game, "marrow", (percent, words) -> said.add(percent + " " + words));
        }
        assertThat(said).contains("22 films the demo's game from both sides", "90 takes the reels in");
        assertThat(app.getBean(GameBook.class).plays(game)).hasSize(1);
        FilmRoom room = app.getBean(FilmRoom.class);
        assertThat(room.reels(game))
                .extracting(Reels.InShort::getName)
                .containsExactly("demo-sideline", "demo-end-zone");
        assertThat(room.angles(game)).hasSize(2).extracting(Angle::snapFrame).containsOnly(12);
    }

    @Test
    void aCameraThatFailsIsSaid(ApplicationContext app) throws IOException {
        FilmTheDemo work = work(app, camera("exit 3"));
        long game = game(app);
        assertThatThrownBy(() -> work.run(game, "marrow", (percent, words) -> {}))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("the next start of the application tries it again");
        assertThat(app.getBean(GameBook.class).plays(game)).isEmpty();
    }

    @Test
    void aGameThatWasErasedIsNotFilmed(ApplicationContext app) throws IOException {
        Path ran = folder.resolve("ran");
        FilmTheDemo work = work(app, camera("touch " + ran));
        assertThatThrownBy(() -> work.run(999_999L, "marrow", (percent, words) -> {}))
                .isInstanceOf(Problem.class);
        assertThat(ran).doesNotExist();
    }
}
