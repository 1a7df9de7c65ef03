package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.DefaultApplicationArguments;
import org.springframework.context.ApplicationContext;
import tools.jackson.databind.JsonNode;

/**
 * A7, A11: what comes in as film costs nobody else anything, is told for what it is, and is kept whole or not at all.
 */
@ExtendWith(RunningApp.class)
class FilmIntakeTest {
    private static final String CARD = "testsrc=duration=2:size=320x180:rate=30";

    @TempDir
    static Path folder;

    @BeforeAll
    static void films() throws IOException {
        Films.make(folder.resolve("plain.mp4"), CARD, "-c:v", "libx264", "-pix_fmt", "yuv420p", "-g", "30", "-bf", "0");
        String plain = folder.resolve("plain.mp4").toString();
        Films.ffmpeg(List.of(
                "-ss",
                "0.5",
                "-i",
                plain,
                "-c",
                "copy",
                folder.resolve("trimmed.mp4").toString()));
        Films.ffmpeg(List.of(
                "-i",
                plain,
                "-c",
                "copy",
                "-metadata:s:v:0",
                "rotate=90",
                folder.resolve("turned.mp4").toString()));
        Films.ffmpeg(List.of(
                "-i",
                plain,
                "-c",
                "copy",
                "-movflags",
                "+faststart",
                folder.resolve("front.mp4").toString()));
        byte[] front = Files.readAllBytes(folder.resolve("front.mp4"));
        Files.write(folder.resolve("half.mp4"), Arrays.copyOf(front, front.length * 6 / 10));
    }

    private static FilmedGame game(int port, String file) throws IOException {
        return FilmedGame.of(Browserless.signedIn(port, "marrow"), folder.resolve(file));
    }

    @Test
    void moreSlowUploadsThanConnectionsStopNobody(int port) throws IOException {
        Browserless coach = Browserless.signedIn(port, "marrow");
        long game = FilmedGame.newGame(coach, "slow");
        var slow = new ArrayList<Socket>();
        try {
            for (int i = 0; i < 14; i++) {
                slow.add(slowUpload(port, coach, game));
            }
            for (int i = 0; i < 5; i++) {
                Instant asked = Instant.now();
                assertThat(coach.get("/api/calls").status()).isEqualTo(200);
                assertThat(Instant.now()).isBefore(asked.plusSeconds(2));
            }
            for (Socket socket : slow) {
                assertThat(socket.getInputStream().available())
                        .as("answered before all of it came")
                        .isZero();
            }
        } finally {
            for (Socket socket : slow) {
                socket.close();
            }
        }
    }

    /** Tells of a hundred megabytes and sends a few. */
    private static Socket slowUpload(int port, Browserless coach, long game) throws IOException {
        var socket = new Socket("127.0.0.1", port);
        OutputStream out = socket.getOutputStream();
        String upload = FilmedGame.begun(coach, game, 100_000_000);
        out.write(("PATCH " + upload + " HTTP/1.1\r\nHost: 127.0.0.1:" + port
                        + "\r\nTus-Resumable: 1.0.0\r\nUpload-Offset: 0"
                        + "\r\nContent-Type: application/offset+octet-stream\r\nContent-Length: 100000000\r\nCookie: "
                        + coach.cookies() + "\r\nX-XSRF-TOKEN: " + coach.token() + "\r\n\r\n")
                .getBytes(StandardCharsets.US_ASCII));
        out.write(new byte[70_000]);
        out.flush();
        return socket;
    }

    /** What came before a line was cut is there, and the rest goes on from it; nobody else can see it. */
    @Test
    void anUploadGoesOnFromWhereItsLineWasCut(int port, ApplicationContext app) throws Exception {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        long game = FilmedGame.newGame(marrow, "cut line");
        byte[] film = Files.readAllBytes(folder.resolve("plain.mp4"));
        String upload = FilmedGame.begun(marrow, game, film.length);
        int half = film.length / 2;
        try (var line = new Socket("127.0.0.1", port)) {
            line.getOutputStream()
                    .write(("PATCH " + upload + " HTTP/1.1\r\nHost: 127.0.0.1:" + port
                                    + "\r\nTus-Resumable: 1.0.0\r\nUpload-Offset: 0"
                                    + "\r\nContent-Type: application/offset+octet-stream\r\nContent-Length: "
                                    + film.length + "\r\nCookie: " + marrow.cookies() + "\r\nX-XSRF-TOKEN: "
                                    + marrow.token() + "\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            line.getOutputStream().write(film, 0, half);
            line.getOutputStream().flush();
        }
        await().atMost(Duration.ofSeconds(10))
                .until(() ->
                        FilmedGame.far(marrow, upload).header("Upload-Offset").equals(String.valueOf(half)));
        assertThat(FilmedGame.take(marrow, game, upload, folder.resolve("plain.mp4"), "sideline")
                        .code())
                .isEqualTo("upload-unfinished");
        Browserless abara = Browserless.signedIn(port, "abara");
        assertThat(FilmedGame.far(abara, upload).status()).isEqualTo(404);
        assertThat(FilmedGame.take(abara, game, upload, folder.resolve("plain.mp4"), "sideline")
                        .status())
                .isEqualTo(404);
        assertThat(FilmedGame.far(Browserless.signedIn(port, "lind"), upload).status())
                .isEqualTo(403);
        assertThat(FilmedGame.piece(marrow, upload, 0, film).status())
                .as("a piece that does not go on from there")
                .isEqualTo(409);
        // a killed application wrote bytes and never wrote down that it had
        Path bytes = Path.of(
                app.getEnvironment().getRequiredProperty("mensch.data"),
                "uploads",
                "uploads",
                upload.substring(upload.lastIndexOf('/') + 1),
                "data");
        Files.write(bytes, Arrays.copyOfRange(film, half, half + 7), StandardOpenOption.APPEND);
        assertThat(FilmedGame.far(marrow, upload).header("Upload-Offset")).isEqualTo(String.valueOf(half + 7));
        assertThat(FilmedGame.piece(marrow, upload, half + 7, Arrays.copyOfRange(film, half + 7, film.length))
                        .status())
                .isEqualTo(204);
        assertThat(FilmedGame.take(marrow, game, upload, folder.resolve("plain.mp4"), "sideline")
                        .status())
                .isEqualTo(201);
        Answer again = FilmedGame.take(marrow, game, upload, folder.resolve("plain.mp4"), "sideline");
        assertThat(again.status()).isEqualTo(404);
        assertThat(again.detail()).contains("taken in already");
    }

    @Test
    void anUploadThatIsTooLongOrLongerThanItSaidIsRefused(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        long game = FilmedGame.newGame(marrow, "too long");
        Answer refused = marrow.send(marrow.request("/api/games/" + game + "/uploads")
                .header("Tus-Resumable", "1.0.0")
                .header("Upload-Length", "9000000000")
                .POST(BodyPublishers.noBody()));
        assertThat(refused.code()).isEqualTo("film-too-large");
        assertThat(refused.detail()).contains("8000 MB").contains("cut it into reels");
        String upload = FilmedGame.begun(marrow, game, 10);
        assertThat(FilmedGame.piece(marrow, upload, 0, new byte[20]).status()).isBetween(400, 499);
        assertThat(marrow.get("/api/games/" + game + "/uploads/../../../session")
                        .status())
                .isNotEqualTo(500);
    }

    @Test
    void aFilmMayBeLargerThanAnythingElse(int port) throws IOException {
        Films.make(
                folder.resolve("large.mp4"),
                "nullsrc=duration=1:size=640x360:rate=30,geq=random(1)*255:128:128",
                "-c:v",
                "libx264",
                "-qp",
                "10",
                "-pix_fmt",
                "yuv420p");
        assertThat(Files.size(folder.resolve("large.mp4"))).isGreaterThan(1_000_000);
        assertThat(game(port, "large.mp4").reel()).isPositive();
    }

    @Test
    void sizeLengthAndRotationAreSaid(int port) throws IOException {
        FilmedGame game = game(port, "plain.mp4");
        JsonNode plain = game.coach().get(game.path() + "/film").json().at("/reels/0");
        assertThat(plain.get("bytes").asLong()).isEqualTo(Files.size(folder.resolve("plain.mp4")));
        assertThat(plain.get("seconds").asDouble()).isBetween(1.9, 2.0);
        assertThat(plain.get("rotation").asInt()).isZero();
        JsonNode turned = FilmedGame.upload(game.coach(), game.id(), folder.resolve("turned.mp4"))
                .json();
        assertThat(turned.get("rotation").asInt()).isIn(90, 270);
        assertThat(turned.get("width").asInt()).isEqualTo(180);
        assertThat(turned.get("height").asInt()).isEqualTo(320);
    }

    @Test
    void framesThatAreOnlyThereToDecodeOthersAreNotCounted(int port) throws IOException {
        FilmedGame game = game(port, "trimmed.mp4");
        JsonNode trimmed = game.coach().get("/api/reels/" + game.reel()).json();
        assertThat(trimmed.get("frameTimes")).hasSize(45);
        assertThat(trimmed.at("/frameTimes/0").asDouble()).isBetween(-0.001, 0.04);
    }

    @Test
    void aFilmWhoseIndexTellsOfMoreThanIsThereIsRefused(int port) throws IOException {
        FilmedGame game = game(port, "front.mp4");
        Answer half = FilmedGame.upload(game.coach(), game.id(), folder.resolve("half.mp4"));
        assertThat(half.status()).isEqualTo(422);
        assertThat(half.detail()).contains("cut off");
    }

    @Test
    void aPlayThatIsRefusedIsNotKept(int port) throws IOException {
        FilmedGame game = game(port, "plain.mp4");
        String log = Requests.log("anvil-fog");
        for (String wrong : List.of(
                log.replace("pro-i", "no-such-formation"),
                log.replace("anvil-fog", "no-such-call"),
                log.replace("\"hash\": \"m\"", "\"hash\": \"attic\""))) {
            assertThat(game.cut(1, wrong).status()).as(wrong).isIn(404, 422);
        }
        assertThat(game.cut(60, log).code()).isEqualTo("frame-missing");
        assertThat(game.cut(999_999, 1, log).status()).isEqualTo(404);
        assertThat(game.log()).isEmpty();
    }

    @Test
    void aPlayWhoseFormationIsGoneCanStillBeTakenOut(int port) throws IOException, SQLException {
        FilmedGame game = game(port, "plain.mp4");
        long play = game.cut("anvil-fog").get("id").asLong();
        Database.run("update play set log = jsonb_set(log, '{snap,formation}', '\"gone\"') where id = " + play);
        assertThat(game.coach().get(game.play(play) + "/film").status()).isEqualTo(422);
        assertThat(game.coach().delete(game.play(play), Browserless.version(7)).status())
                .isEqualTo(412);
        assertThat(game.coach().delete(game.play(play), Browserless.version(0)).status())
                .isEqualTo(200);
        assertThat(game.log()).isEmpty();
    }

    @Test
    void clicksThatFitNoCameraAreRefusedInOurWords(int port) throws IOException {
        FilmedGame game = game(port, "plain.mp4");
        JsonNode play = game.cut("anvil-fog");
        var points = new ArrayList<String>();
        double[][] pixels = {{0, 0}, {320, 180}, {1e-150, 2e-150}, {160, 90 + 1e-12}};
        for (int i = 0; i < pixels.length; i++) {
            points.add(FilmedGame.point(play.at("/known/" + 3 * i + "/name").asString(), pixels[i][0], pixels[i][1]));
        }
        Answer saved = game.save(play, 0, FilmedGame.work(1, String.join(",", points), ""));
        assertThat(saved.status()).as(String.valueOf(saved.json())).isEqualTo(200);
        assertThat(saved.json().at("/angles/0/trouble").asString())
                .isNotEmpty()
                .doesNotContain("singular")
                .doesNotContain("matrix");
    }

    @Test
    void draftsOfOthersAreNotSeenThroughALog(int port) throws IOException {
        FilmedGame game = game(port, "plain.mp4");
        String draft = game.coach()
                .post("/api/compositions", "{\"name\": \"Film Draft\", \"layers\": [\"anvil\", \"fog\"]}")
                .json()
                .get("id")
                .asString();
        String log = Requests.log(draft).replace("\"revision\": 0", "\"revision\": 1");
        Browserless tillery = Browserless.signedIn(port, "tillery");
        assertThat(tillery.post(game.path() + "/plays", log).status()).isEqualTo(404);
        Answer added = game.coach().post(game.path() + "/plays", log);
        assertThat(added.status()).isEqualTo(201);
        Answer leaked = tillery.get(game.play(added.json().get("id").asLong()) + "/film");
        assertThat(leaked.status()).isEqualTo(404);
        assertThat(leaked.json().toString()).doesNotContain("sentence");
    }

    @Test
    void halfDoneUploadsAreSweptAndWhatIsNotOursStays(int port, ApplicationContext app) throws Exception {
        FilmedGame game = game(port, "plain.mp4");
        Path films = Path.of(app.getEnvironment().getRequiredProperty("mensch.data"), "films");
        Path part = films.resolve("0a0a0a0a-1111-2222-3333-444444444444.part");
        Path orphan = films.resolve("0b0b0b0b-1111-2222-3333-444444444444.mp4");
        Path young = films.resolve("0c0c0c0c-1111-2222-3333-444444444444.part");
        Path foreign = films.resolve("stoats.mp4");
        for (Path file : List.of(part, orphan, young, foreign)) {
            Files.writeString(file, "half");
            Instant at = file.equals(young) ? Instant.now() : Instant.now().minusSeconds(7200);
            Files.setLastModifiedTime(file, FileTime.from(at));
        }
        try (Stream<Path> all = Files.list(films)) {
            for (Path file : all.toList()) {
                if (!file.equals(young)) {
                    Files.setLastModifiedTime(file, FileTime.from(Instant.now().minusSeconds(7200)));
                }
            }
        }
        app.getBean("filmIntake", org.springframework.boot.ApplicationRunner.class)
                .run(new DefaultApplicationArguments());
        assertThat(part).doesNotExist();
        assertThat(orphan).doesNotExist();
        assertThat(young).exists();
        assertThat(foreign).exists();
        assertThat(game.coach().get("/api/reels/" + game.reel() + "/video").status())
                .isEqualTo(200);
        Files.delete(foreign);
        Files.delete(young);
    }
}
