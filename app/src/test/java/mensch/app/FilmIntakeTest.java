package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.sql.SQLException;
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

    private static Answer upload(Browserless coach, String file) throws IOException {
        return coach.send(coach.request("/api/reels?name=" + file + "&view=sideline")
                .header("Content-Type", "application/octet-stream")
                .POST(BodyPublishers.ofFile(folder.resolve(file))));
    }

    private static JsonNode listed(Browserless coach, long id) {
        for (JsonNode reel : coach.get("/api/reels").json().get("items")) {
            if (reel.get("id").asLong() == id) {
                return reel;
            }
        }
        throw new AssertionError("reel " + id + " is not listed");
    }

    @Test
    void moreSlowUploadsThanConnectionsStopNobody(int port) throws IOException {
        Browserless coach = Browserless.signedIn(port, "marrow");
        var slow = new ArrayList<Socket>();
        try {
            for (int i = 0; i < 14; i++) {
                slow.add(slowUpload(port, coach));
            }
            for (int i = 0; i < 5; i++) {
                Instant asked = Instant.now();
                assertThat(coach.get("/api/calls").status()).isEqualTo(200);
                assertThat(Instant.now()).isBefore(asked.plusSeconds(2));
            }
        } finally {
            for (Socket socket : slow) {
                socket.close();
            }
        }
    }

    /** Tells of a hundred megabytes and sends a few. */
    private static Socket slowUpload(int port, Browserless coach) throws IOException {
        var socket = new Socket("127.0.0.1", port);
        OutputStream out = socket.getOutputStream();
        out.write(("POST /api/reels?name=slow&view=sideline HTTP/1.1\r\nHost: 127.0.0.1:" + port
                        + "\r\nContent-Type: application/octet-stream\r\nContent-Length: 100000000\r\nCookie: "
                        + coach.cookies() + "\r\nX-XSRF-TOKEN: " + coach.token() + "\r\n\r\n")
                .getBytes(StandardCharsets.US_ASCII));
        out.write(new byte[70_000]);
        out.flush();
        return socket;
    }

    @Test
    void sizeLengthAndRotationAreSaid(int port) throws IOException {
        Browserless coach = Browserless.signedIn(port, "marrow");
        JsonNode plain =
                listed(coach, upload(coach, "plain.mp4").json().get("id").asLong());
        assertThat(plain.get("bytes").asLong()).isEqualTo(Files.size(folder.resolve("plain.mp4")));
        assertThat(plain.get("seconds").asDouble()).isBetween(1.9, 2.0);
        assertThat(plain.get("rotation").asInt()).isZero();
        JsonNode turned = upload(coach, "turned.mp4").json();
        assertThat(turned.get("rotation").asInt()).isIn(90, 270);
        assertThat(turned.get("width").asInt()).isEqualTo(180);
        assertThat(turned.get("height").asInt()).isEqualTo(320);
    }

    @Test
    void framesThatAreOnlyThereToDecodeOthersAreNotCounted(int port) throws IOException {
        JsonNode trimmed =
                upload(Browserless.signedIn(port, "marrow"), "trimmed.mp4").json();
        assertThat(trimmed.get("frameTimes")).hasSize(45);
        assertThat(trimmed.at("/frameTimes/0").asDouble()).isBetween(-0.001, 0.04);
    }

    @Test
    void aFilmWhoseIndexTellsOfMoreThanIsThereIsRefused(int port) throws IOException {
        Browserless coach = Browserless.signedIn(port, "marrow");
        Answer half = upload(coach, "half.mp4");
        assertThat(half.status()).isEqualTo(422);
        assertThat(half.detail()).contains("cut off");
        assertThat(upload(coach, "front.mp4").status()).isBetween(200, 201);
    }

    @Test
    void aSnapThatIsRefusedIsNotKept(int port) throws IOException {
        Browserless coach = Browserless.signedIn(port, "marrow");
        long id = upload(coach, "plain.mp4").json().get("id").asLong();
        String log = Requests.log("anvil-fog");
        for (String wrong : List.of(
                log.replace("pro-i", "no-such-formation"),
                log.replace("anvil-fog", "no-such-call"),
                log.replace("\"hash\": \"m\"", "\"hash\": \"attic\""))) {
            Answer refused = coach.post("/api/reels/" + id + "/snaps", "{\"frame\": 1, \"log\": " + wrong + "}");
            assertThat(refused.status()).as(wrong).isIn(404, 422);
        }
        assertThat(coach.post("/api/reels/" + id + "/snaps", "{\"frame\": 60, \"log\": " + log + "}")
                        .code())
                .isEqualTo("frame-missing");
        assertThat(coach.get("/api/reels/" + id).json().get("snaps")).isEmpty();
    }

    @Test
    void aSnapWhoseFormationIsGoneCanStillBeTakenOut(int port) throws IOException, SQLException {
        Browserless coach = Browserless.signedIn(port, "marrow");
        long id = upload(coach, "plain.mp4").json().get("id").asLong();
        coach.post("/api/reels/" + id + "/snaps", "{\"frame\": 1, \"log\": " + Requests.log("anvil-fog") + "}");
        Database.run("update film_snap set log = jsonb_set(log, '{snap,formation}', '\"gone\"') where reel_id = " + id);
        assertThat(coach.get("/api/reels/" + id + "/snaps/1").status()).isEqualTo(422);
        assertThat(coach.delete("/api/reels/" + id + "/snaps/1", Browserless.version(7))
                        .status())
                .isEqualTo(412);
        assertThat(coach.delete("/api/reels/" + id + "/snaps/1", Browserless.version(0))
                        .status())
                .isEqualTo(204);
        assertThat(coach.get("/api/reels/" + id).json().get("snaps")).isEmpty();
    }

    @Test
    void clicksThatFitNoCameraAreRefusedInOurWords(int port) throws IOException {
        Browserless coach = Browserless.signedIn(port, "marrow");
        long id = upload(coach, "plain.mp4").json().get("id").asLong();
        JsonNode snap = coach.post(
                        "/api/reels/" + id + "/snaps", "{\"frame\": 1, \"log\": " + Requests.log("anvil-fog") + "}")
                .json();
        var points = new ArrayList<String>();
        double[][] pixels = {{0, 0}, {320, 180}, {1e-150, 2e-150}, {160, 90 + 1e-12}};
        for (int i = 0; i < pixels.length; i++) {
            points.add("{\"name\": \"" + snap.at("/known/" + 3 * i + "/name").asString() + "\", \"xPixels\": "
                    + pixels[i][0] + ", \"yPixels\": " + pixels[i][1] + "}");
        }
        Answer saved = coach.put(
                "/api/reels/" + id + "/snaps/1",
                Browserless.version(0),
                "{\"snapFrame\": 1, \"log\": " + Requests.log("anvil-fog") + ", \"points\": " + points
                        + ", \"marks\": []}");
        assertThat(saved.status()).as(String.valueOf(saved.json())).isEqualTo(200);
        assertThat(saved.json().get("trouble").asString())
                .isNotEmpty()
                .doesNotContain("singular")
                .doesNotContain("matrix");
    }

    @Test
    void draftsOfOthersAreNotSeenThroughALog(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        long id = upload(marrow, "plain.mp4").json().get("id").asLong();
        String draft = marrow.post("/api/compositions", "{\"name\": \"Film Draft\", \"layers\": [\"anvil\", \"fog\"]}")
                .json()
                .get("id")
                .asString();
        String log = Requests.log(draft).replace("\"revision\": 0", "\"revision\": 1");
        String snap = "{\"frame\": 1, \"log\": " + log + "}";
        Browserless tillery = Browserless.signedIn(port, "tillery");
        assertThat(tillery.post("/api/reels/" + id + "/snaps", snap).status()).isEqualTo(404);
        assertThat(marrow.post("/api/reels/" + id + "/snaps", snap).status()).isBetween(200, 201);
        Answer leaked = tillery.get("/api/reels/" + id + "/snaps/1");
        assertThat(leaked.status()).isEqualTo(404);
        assertThat(leaked.json().toString()).doesNotContain("sentence");
    }

    @Test
    void clicksWhoseGradesCannotBeWrittenAreNotWrittenEither(int port) throws IOException, SQLException {
        Browserless coach = Browserless.signedIn(port, "marrow");
        long id = upload(coach, "plain.mp4").json().get("id").asLong();
        JsonNode grade = FilmTest.graded(coach, id);
        JsonNode snap = coach.get("/api/reels/" + id + "/snaps/1").json();
        Database.run("create function refuse() returns trigger language plpgsql as "
                + "'begin raise exception ''no grade today''; end'");
        Database.run("create trigger refuse before insert on grade for each row execute function refuse()");
        String marks = "[{\"man\": \"mike\", \"xPixels\": 163, \"yPixels\": 106}, "
                + "{\"man\": \"will\", \"xPixels\": 149, \"yPixels\": 106}]";
        Answer saved = coach.put(
                "/api/reels/" + id + "/snaps/1",
                Browserless.version(snap.get("version").asLong()),
                "{\"snapFrame\": 12, \"log\": " + snap.get("log") + ", \"points\": " + snap.get("points")
                        + ", \"marks\": " + marks + "}");
        Database.run("drop trigger refuse on grade");
        Database.run("drop function refuse()");
        assertThat(saved.status()).isGreaterThanOrEqualTo(500);
        assertThat(coach.get("/api/reels/" + id + "/snaps/1").json().get("marks"))
                .hasSize(1);
        assertThat(grade.get("job").asString()).isEqualTo("mike");
    }

    @Test
    void halfDoneUploadsAreSweptAndWhatIsNotOursStays(int port, ApplicationContext app) throws Exception {
        Browserless coach = Browserless.signedIn(port, "marrow");
        long id = upload(coach, "plain.mp4").json().get("id").asLong();
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
        assertThat(coach.get("/api/reels/" + id + "/video").status()).isEqualTo(200);
        Files.delete(foreign);
        Files.delete(young);
    }
}
