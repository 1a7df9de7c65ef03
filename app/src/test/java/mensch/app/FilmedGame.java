package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import mensch.app.Browserless.Answer;
import tools.jackson.databind.JsonNode;

/** A game with one reel, as a coach takes it in. */
record FilmedGame(Browserless coach, long id, long reel) {
    static final int FRAME = 12;

    static String words(String opponent) {
        return "{\"opponent\": \"" + opponent
                + "\", \"squad\": \"\", \"season\": 2026, \"playedOn\": null, \"code\": \"hs\"}";
    }

    /** A new game without film. */
    static long newGame(Browserless coach, String opponent) {
        Answer made = coach.post("/api/games", words(opponent));
        assertThat(made.status()).as(String.valueOf(made.json())).isEqualTo(201);
        return made.json().get("id").asLong();
    }

    /** A film taken in under a game, or refused. */
    static Answer upload(Browserless coach, long game, Path film) throws IOException {
        return upload(coach, game, film, "sideline");
    }

    static Answer upload(Browserless coach, long game, Path film, String view) throws IOException {
        return take(coach, game, sent(coach, game, Files.readAllBytes(film)), film, view);
    }

    /** Says that an upload is a film of a game. */
    static Answer take(Browserless coach, long game, String upload, Path film, String view) {
        String name = film.getFileName().toString().replaceAll("\\.\\w+$", "");
        return coach.post(
                "/api/games/" + game + "/reels",
                "{\"name\": \"" + name + "\", \"view\": \"" + view + "\", \"upload\": \""
                        + upload.substring(upload.lastIndexOf('/') + 1) + "\"}");
    }

    /** Uploads bytes in one piece; the address they lie at. */
    static String sent(Browserless coach, long game, byte[] bytes) {
        String upload = begun(coach, game, bytes.length);
        Answer sent = piece(coach, upload, 0, bytes);
        assertThat(sent.status()).as(String.valueOf(sent.json())).isEqualTo(204);
        return upload;
    }

    /** Begins an upload of so many bytes; its address. */
    static String begun(Browserless coach, long game, long length) {
        Answer begun = coach.send(coach.request("/api/games/" + game + "/uploads")
                .header("Tus-Resumable", "1.0.0")
                .header("Upload-Length", String.valueOf(length))
                .POST(BodyPublishers.noBody()));
        assertThat(begun.status()).as(String.valueOf(begun.json())).isEqualTo(201);
        return begun.header("Location");
    }

    static Answer piece(Browserless coach, String upload, long from, byte[] bytes) {
        return coach.send(coach.request(upload)
                .header("Tus-Resumable", "1.0.0")
                .header("Upload-Offset", String.valueOf(from))
                .header("Content-Type", "application/offset+octet-stream")
                .method("PATCH", BodyPublishers.ofByteArray(bytes)));
    }

    /** How many bytes of an upload have come. */
    static Answer far(Browserless coach, String upload) {
        return coach.send(
                coach.request(upload).header("Tus-Resumable", "1.0.0").method("HEAD", BodyPublishers.noBody()));
    }

    /** A new game with a film of its own. */
    static FilmedGame of(Browserless coach, Path film) throws IOException {
        long game = newGame(coach, film.getFileName().toString());
        Answer taken = upload(coach, game, film);
        assertThat(taken.status()).as(String.valueOf(taken.json())).isEqualTo(201);
        return new FilmedGame(coach, game, taken.json().get("id").asLong());
    }

    /** A new game with a film of one second, made where it is not there yet. */
    static FilmedGame ofOneSecond(Browserless coach, Path into, String name) throws IOException {
        return of(coach, into, name, "testsrc=duration=1:size=320x180:rate=30");
    }

    static FilmedGame of(Browserless coach, Path into, String name, String source) throws IOException {
        Path film = into.resolve(name + ".mp4");
        if (!Files.exists(film)) {
            Films.make(film, source, "-c:v", "libx264", "-pix_fmt", "yuv420p");
        }
        return of(coach, film);
    }

    String path() {
        return "/api/games/" + id;
    }

    String play(long play) {
        return path() + "/plays/" + play;
    }

    JsonNode log() {
        return coach.get(path()).json().get("plays");
    }

    Answer cut(int frame, String log) {
        return cut(reel, frame, log);
    }

    Answer cut(long from, int frame, String log) {
        return coach.post(path() + "/cuts", "{\"reel\": " + from + ", \"frame\": " + frame + ", \"log\": " + log + "}");
    }

    /** A play at the usual frame. */
    JsonNode cut(String call) {
        Answer cut = cut(FRAME, Requests.log(call));
        assertThat(cut.status()).as(String.valueOf(cut.json())).isEqualTo(201);
        return cut.json();
    }

    static String work(int frame, String points, String marks) {
        return work(frame, points, marks, "");
    }

    static String work(int frame, String points, String marks, String seen) {
        return "{\"firstFrame\": 0, \"snapFrame\": " + frame + ", \"lastFrame\": null, \"points\": [" + points
                + "], \"marks\": [" + marks + "], \"seen\": [" + seen + "], \"drawn\": []}";
    }

    /** The same click in another frame than the snap's. */
    static String in(int frame, String click) {
        return click.replace("}", ", \"frame\": " + frame + "}");
    }

    static String seen(String what, String man, int frame) {
        return "{\"what\": \"" + what + "\", \"man\": " + (man.isEmpty() ? "null" : "\"" + man + "\"") + ", \"frame\": "
                + frame + "}";
    }

    static String feet(String man, double x, double y) {
        return "{\"man\": \"" + man + "\", \"xPixels\": " + x + ", \"yPixels\": " + y + "}";
    }

    static String point(String name, double x, double y) {
        return "{\"name\": \"" + name + "\", \"xPixels\": " + x + ", \"yPixels\": " + y + "}";
    }

    String angle(JsonNode play, int index) {
        return play(play.get("id").asLong()) + "/angles/"
                + play.at("/angles/" + index + "/id").asLong();
    }

    static String version(JsonNode play, int index) {
        return Browserless.version(play.at("/angles/" + index + "/version").asLong());
    }

    /** Saves the work on an angle of a play. */
    Answer save(JsonNode play, int index, String work) {
        return coach.put(angle(play, index), version(play, index), work);
    }

    /**
     * Clicks that solve a view from straight above, five pixels a yard across and three in depth, the ball at 160, 120.
     */
    static String straightAbove(JsonNode play) {
        return straightAbove(play, 1);
    }

    /** The same in a picture so many times as large. */
    static String straightAbove(JsonNode play, int times) {
        var points = new ArrayList<String>();
        for (JsonNode place : play.get("known")) {
            double x = 160 + 5 * place.get("x").asDouble();
            double y = 120 - 3 * place.get("y").asDouble();
            if (y >= 0 && y <= 180) {
                points.add(point(place.get("name").asString(), times * x, times * y));
            }
        }
        return String.join(",", points);
    }

    /** The ball where it was logged, and somebody's feet. */
    static String ballAndFeet(String man, double x, double y) {
        return feet("ball", 160, 120) + "," + feet(man, x, y);
    }

    /** A play with a solved view, the ball clicked and one marked man, mike. */
    JsonNode measured(String call) {
        JsonNode play = cut(call);
        Answer saved = save(play, 0, work(FRAME, straightAbove(play), ballAndFeet("mike", 163, 106)));
        assertThat(saved.status()).as(String.valueOf(saved.json())).isEqualTo(200);
        return saved.json();
    }
}
