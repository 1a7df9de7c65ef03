package mensch.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A13, A16: the start command tells what is so, mends what it can, and never claims what it did not do. */
class ScriptIT {
    private static final long PATIENCE_SECONDS = 120;
    private Path data;

    /** What the script said, and its exit code. */
    private record Said(int code, String words) {}

    @BeforeEach
    void folder() throws IOException {
        data = Files.createTempDirectory("mensch-script");
        Files.setPosixFilePermissions(data, java.nio.file.attribute.PosixFilePermissions.fromString("rwxr-xr-x"));
        // no reel is filmed: the script finds the two it would make
        Files.createDirectories(data.resolve("films"));
        Files.createFile(data.resolve("films/stoats-sideline.mp4"));
        Files.createFile(data.resolve("films/stoats-end-zone.mp4"));
    }

    @AfterEach
    void stop() throws IOException, InterruptedException {
        mensch("stop");
        run(List.of("rm", "-rf", data.toString()));
    }

    private Said mensch(String... arguments) throws IOException, InterruptedException {
        var command = new ArrayList<>(List.of(Path.of("../mensch").toRealPath().toString()));
        command.addAll(List.of(arguments));
        command.addAll(List.of("--data", data.toString()));
        return run(command);
    }

    private static Said run(List<String> command) throws IOException, InterruptedException {
        Path words = Files.createTempFile("said", ".txt");
        var builder = new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(words.toFile());
        builder.environment().put("MENSCH_BUILT", "yes");
        builder.environment().keySet().removeIf(k -> k.startsWith("SPRING_DATASOURCE") || k.startsWith("PG"));
        Process process = builder.start();
        assertThat(process.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS)).isTrue();
        try (InputStream in = Files.newInputStream(words)) {
            return new Said(process.exitValue(), new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } finally {
            Files.delete(words);
        }
    }

    private String kept(String file) throws IOException {
        return Files.readString(data.resolve(file)).strip();
    }

    private Path cluster() throws IOException, InterruptedException {
        Path beside = data.resolve("postgres");
        if (Files.exists(beside)) {
            return beside;
        }
        String sum = run(List.of("sh", "-c", "printf %s '" + data.toRealPath() + "' | sha1sum | cut -c1-12"))
                .words()
                .strip();
        return Path.of("/var/tmp/mensch-" + sum);
    }

    @Test
    void everyStateIsToldAndMended() throws IOException, InterruptedException {
        assertThat(mensch("status").code()).isEqualTo(3);
        Said started = mensch("start", "--port", "18437");
        assertThat(started.words()).contains("ready at http://127.0.0.1:18437/");
        assertThat(mensch("status").code()).isZero();
        assertThat(mensch("start").words()).contains("runs already");

        String port = run(List.of("cat", cluster().resolve("port").toString())).words();
        String postmaster = run(List.of(
                        "head",
                        "-1",
                        cluster().resolve("cluster/postmaster.pid").toString()))
                .words()
                .strip();
        run(List.of("kill", "-INT", postmaster));
        run(List.of("sh", "-c", "while kill -0 " + postmaster + " 2>/dev/null; do sleep 0.2; done"));
        Said away = mensch("status");
        assertThat(away.code()).isEqualTo(4);
        assertThat(away.words()).contains("its database does not answer");
        assertThat(mensch("start").words()).contains("starting the database").contains("runs already");
        assertThat(run(List.of("cat", cluster().resolve("port").toString())).words())
                .isEqualTo(port);
        assertThat(mensch("status").code()).isZero();

        run(List.of("kill", "-STOP", kept("app.pid")));
        Said hung = mensch("status");
        assertThat(hung.code()).isEqualTo(5);
        assertThat(hung.words()).contains("does not answer");
        Said stopped = mensch("stop");
        assertThat(stopped.words()).contains("hangs; ending it by force").contains("application ended");
        assertThat(mensch("status").code()).isEqualTo(3);

        String first = Files.readAllLines(data.resolve("app.log")).get(0);
        assertThat(mensch("start", "--port", "18437").words()).contains("ready");
        assertThat(Files.readAllLines(data.resolve("app.log")).get(0)).isEqualTo(first);
        assertThat(mensch("stop").words()).contains("application stopped").contains("database stopped");
    }
}
