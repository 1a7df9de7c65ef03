package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApp.class)
class FilmTest {
    @TempDir
    static Path folder;

    private static final String LOG =
            "{\"snap\": {\"formation\": \"pro-i\", \"mirrored\": false, \"code\": \"hs\", \"hash\": \"m\", \"toGoal\": 50, \"down\": 1, \"distance\": 10}, "
                    + "\"call\": \"anvil-drizzle\", \"revision\": 0}";

    /** A test picture of one second, uneven in nothing but real. */
    @BeforeAll
    static void film() throws IOException {
        ffmpeg("good.mp4", "-c:v", "libx264", "-pix_fmt", "yuv420p", "-g", "10");
        ffmpeg("good.webm", "-c:v", "libvpx-vp9", "-pix_fmt", "yuv420p");
        ffmpeg("old.avi", "-c:v", "mpeg4");
        byte[] whole = Files.readAllBytes(folder.resolve("good.mp4"));
        Files.write(folder.resolve("cut.mp4"), Arrays.copyOf(whole, whole.length / 2));
        Files.writeString(folder.resolve("words.mp4"), "this is no film at all");
        Files.createFile(folder.resolve("empty.mp4"));
    }

    private static void ffmpeg(String name, String... options) {
        Films.make(folder.resolve(name), "testsrc=duration=1:size=320x180:rate=30", options);
    }

    private static Answer upload(Browserless coach, String file) throws IOException {
        return coach.send(coach.request("/api/reels?name=test&view=sideline")
                .header("Content-Type", "application/octet-stream")
                .POST(BodyPublishers.ofFile(folder.resolve(file))));
    }

    @Test
    void filmsThatPlayAreTakenWithTheTimeOfEachFrame(int port) throws IOException {
        Browserless coach = Browserless.signedIn(port, "marrow");
        for (String file : new String[] {"good.mp4", "good.webm"}) {
            Answer answer = upload(coach, file);
            assertThat(answer.status()).as(file).isEqualTo(201);
            String at = answer.headers().firstValue("Location").orElseThrow();
            assertThat(coach.get(at).json().get("id")).isEqualTo(answer.json().get("id"));
            assertThat(answer.json().get("frameTimes")).hasSize(30);
            assertThat(answer.json().at("/frameTimes/29").asDouble()).isBetween(0.95, 0.98);
        }
    }

    @Test
    void whatIsNoFilmIsRefusedInWordsAndNotKept(int port) throws IOException {
        Browserless coach = Browserless.signedIn(port, "marrow");
        int before = coach.get("/api/reels").json().get("total").asInt();
        assertThat(upload(coach, "words.mp4").json().get("detail").asString()).contains("no film");
        assertThat(upload(coach, "empty.mp4").json().get("detail").asString()).contains("empty");
        assertThat(upload(coach, "cut.mp4").json().get("detail").asString()).contains("cut off");
        assertThat(upload(coach, "old.avi").json().get("detail").asString()).contains("MP4 or WebM");
        assertThat(coach.get("/api/reels").json().get("total").asInt()).isEqualTo(before);
    }

    @Test
    void theVideoComesInRangesToCoachesOnly(int port) throws IOException {
        Browserless coach = Browserless.signedIn(port, "marrow");
        long id = upload(coach, "good.mp4").json().get("id").asLong();
        Answer part = coach.send(coach.request("/api/reels/" + id + "/video")
                .header("Range", "bytes=100-199")
                .GET());
        assertThat(part.status()).isEqualTo(206);
        assertThat(part.headers().firstValue("Content-Range").orElse("")).startsWith("bytes 100-199/");
        assertThat(Browserless.signedIn(port, "lind")
                        .get("/api/reels/" + id + "/video")
                        .status())
                .isEqualTo(403);
        assertThat(Browserless.signedIn(port, "lind").get("/api/grades").status())
                .isEqualTo(403);
    }

    @Test
    void workOnASnapIsVersionedAndADegenerateViewIsRefusedWithTheReason(int port) throws IOException {
        Browserless coach = Browserless.signedIn(port, "marrow");
        long id = upload(coach, "good.mp4").json().get("id").asLong();
        Answer snap = coach.post("/api/reels/" + id + "/snaps", "{\"frame\": 12, \"log\": " + LOG + "}");
        assertThat(snap.json().get("trouble").asString()).contains("at least four");
        String path = "/api/reels/" + id + "/snaps/1";
        String work = "{\"snapFrame\": 12, \"log\": " + LOG
                + ", \"marks\": [], \"points\": ["
                + point("left hash, midfield line", 100, 100) + "," + point("right hash, midfield line", 200, 100) + ","
                + point("left sideline, midfield line", 10, 100) + ","
                + point("right sideline, midfield line", 300, 100) + "]}";
        Answer saved = coach.put(path, snap.etag(), work);
        assertThat(saved.status()).isEqualTo(200);
        assertThat(saved.json().get("trouble").asString()).contains("one line");
        Answer late = coach.put(path, snap.etag(), work);
        assertThat(late.status()).isEqualTo(412);
        assertThat(late.json().get("code").asString()).isEqualTo("snap-overtaken");
        assertThat(coach.put(path, saved.etag(), work.replace("left hash, midfield line", "left hash, the moon"))
                        .json()
                        .get("detail")
                        .asString())
                .contains("the moon")
                .contains("choose it anew");
    }

    @Test
    void aReelIsErasedWithItsFileAndItsWork(int port) throws IOException {
        Browserless coach = Browserless.signedIn(port, "marrow");
        long id = upload(coach, "good.mp4").json().get("id").asLong();
        coach.post("/api/reels/" + id + "/snaps", "{\"frame\": 12, \"log\": " + LOG + "}");
        assertThat(Browserless.signedIn(port, "lind").delete("/api/reels/" + id).status())
                .isEqualTo(403);
        assertThat(coach.delete("/api/reels/" + id).status()).isEqualTo(204);
        assertThat(coach.get("/api/reels/" + id).json().get("code").asString()).isEqualTo("not-found");
        assertThat(coach.get("/api/reels/" + id + "/snaps/1").status()).isEqualTo(404);
    }

    /** A reel of one second, taken in. */
    static JsonNode uploaded(Browserless coach, Path into, String name) throws IOException {
        Path film = into.resolve(name + ".mp4");
        if (!Files.exists(film)) {
            Films.make(film, "testsrc=duration=1:size=320x180:rate=30", "-c:v", "libx264", "-pix_fmt", "yuv420p");
        }
        return coach.send(coach.request("/api/reels?name=" + name + "&view=sideline")
                        .header("Content-Type", "application/octet-stream")
                        .POST(BodyPublishers.ofFile(film)))
                .json();
    }

    /** A reel's first snap with a solved view and one marked man; his grade. */
    static JsonNode graded(Browserless coach, long reel) {
        String snaps = "/api/reels/" + reel + "/snaps";
        JsonNode snap = coach.post(snaps, "{\"frame\": 12, \"log\": " + Requests.log("anvil-drizzle") + "}")
                .json();
        var points = new ArrayList<String>();
        for (JsonNode place : snap.get("known")) {
            double x = 160 + 5 * place.get("x").asDouble();
            double y = 120 - 3 * place.get("y").asDouble();
            if (y >= 0 && y <= 180) {
                points.add(point(place.get("name").asString(), x, y));
            }
        }
        String work = "{\"snapFrame\": 12, \"log\": " + Requests.log("anvil-drizzle")
                + ", \"points\": [" + String.join(",", points)
                + "], \"marks\": [{\"man\": \"mike\", \"xPixels\": 163, \"yPixels\": 106}]}";
        Answer saved = coach.put(snaps + "/1", Browserless.version(0), work);
        assertThat(saved.status()).as(String.valueOf(saved.json())).isEqualTo(200);
        return coach.get(snaps + "/1/grades").json().get(0);
    }

    @Test
    void aClickOutsideThePictureAndAManInTwoPlacesAreRefused(int port) throws IOException {
        Browserless coach = Browserless.signedIn(port, "marrow");
        long id = upload(coach, "good.mp4").json().get("id").asLong();
        String path = "/api/reels/" + id + "/snaps";
        String etag = coach.post(path, "{\"frame\": 12, \"log\": " + LOG + "}").etag();
        String work = "{\"snapFrame\": 12, \"log\": " + LOG + ", \"points\": [], \"marks\": [%s]}";
        String mike = "{\"man\": \"mike\", \"xPixels\": %s, \"yPixels\": 20}";
        Answer outside = coach.put(path + "/1", etag, work.formatted(mike.formatted(1e9)));
        assertThat(outside.code()).isEqualTo("click-outside");
        assertThat(outside.detail()).contains("mike", "pixels");
        Answer twice = coach.put(path + "/1", etag, work.formatted(mike.formatted(10) + "," + mike.formatted(30)));
        assertThat(twice.code()).isEqualTo("marked-twice");
        assertThat(coach.get(path + "/1").json().get("marks")).isEmpty();
    }

    private static String point(String name, double x, double y) {
        return "{\"name\": \"" + name + "\", \"xPixels\": " + x + ", \"yPixels\": " + y + "}";
    }
}
