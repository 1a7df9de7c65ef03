package mensch.e2e;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import mensch.app.Browserless;
import mensch.app.Browserless.Answer;

/**
 * A whole game in the film room: seventy plays from two sides, a film of a gigabyte each, made of the demo's by playing
 * it over and over. {@code FilmBench <data folder>}, address in MENSCH_ADDRESS. Part of {@code mensch bench}; no test.
 * The game is taken away at the end.
 */
public final class FilmBench {
    private static final int PLAYS = 70;
    private static final long BYTES = 1_000_000_000;
    private static final int STEPS = 120;
    private static final String LOG =
            "{\"snap\": {\"formation\": \"pro-i\", \"mirrored\": false, \"code\": \"hs\", \"hash\": \"m\", \"toGoal\": 38,"
                    + " \"down\": 2, \"distance\": 7}, \"call\": \"anvil-fog\", \"revision\": 0}";

    /** A hand that looks at each frame presses no sooner again, milliseconds. */
    private static final int HAND_MILLIS = 100;

    /** Presses a key and waits until a frame of the film within a span, or its picture, is presented; milliseconds. */
    private static final String PRESSED = """
        ([key, shiftKey, from, to, frame]) => new Promise((done, fail) => {
          const video = document.querySelector('video')
          const picture = document.querySelector('.stage canvas')
          const started = performance.now()
          let shown = false
          const end = () => {
            if (!shown) done(performance.now() - started)
            shown = true
          }
          const seen = (now, { mediaTime }) =>
            mediaTime >= from && mediaTime <= to ? end() : shown || video.requestVideoFrameCallback(seen)
          video.requestVideoFrameCallback(seen)
          const laid = () => {
            // what lies there is painted with the frame that is made now
            if (picture.dataset.frame === String(frame)) requestAnimationFrame(end)
            else if (!shown) requestAnimationFrame(laid)
          }
          requestAnimationFrame(laid)
          setTimeout(() => fail(new Error(key + ': no frame between ' + from + ' and ' + to)), 8000)
          document.body.dispatchEvent(new KeyboardEvent('keydown', { key, shiftKey, bubbles: true, cancelable: true }))
        })""";

    private final Browserless coach;
    private final int port;
    private final Path data;

    private FilmBench(int port, Path data) {
        this.port = port;
        this.data = data;
        this.coach = Browserless.signedIn(port, "marrow");
    }

    public static void main(String[] args) throws IOException, InterruptedException {
        int port = Integer.parseInt(System.getenv("MENSCH_ADDRESS").replaceAll(".*:(\\d+).*", "$1"));
        new FilmBench(port, Path.of(args[0])).run();
    }

    private void run() throws IOException, InterruptedException {
        long game = coach.post(
                        "/api/games",
                        "{\"opponent\": \"Bench\", \"squad\": \"\", \"season\": 2026, \"playedOn\": null, \"code\": \"hs\"}")
                .json()
                .get("id")
                .asLong();
        try {
            for (int i = 0; i < PLAYS; i++) {
                done(coach.post("/api/games/" + game + "/plays", LOG));
            }
            List<Double> times = reel(game, "stoats-sideline", "sideline");
            reel(game, "stoats-end-zone", "end zone");
            watch(game, times);
        } finally {
            coach.delete("/api/games/" + game);
        }
    }

    private static Answer done(Answer answer) {
        if (answer.status() >= 300) {
            throw new IllegalStateException(String.valueOf(answer.json()));
        }
        return answer;
    }

    /** Takes a film of a gigabyte in, with its seventy plays cut; times of its frames, seconds. */
    private List<Double> reel(long game, String name, String view) throws IOException, InterruptedException {
        Path film = Files.createTempFile("mensch-bench", ".mp4");
        try {
            Path demo = data.resolve("films").resolve(name + ".mp4");
            long loops = BYTES / Files.size(demo);
            int failed = new ProcessBuilder(
                            "ffmpeg",
                            "-v",
                            "error",
                            "-y",
                            "-stream_loop",
                            String.valueOf(loops),
                            "-i",
                            demo.toString(),
                            "-c",
                            "copy",
                            "-movflags",
                            "+faststart",
                            film.toString())
                    .inheritIO()
                    .start()
                    .waitFor();
            if (failed != 0) {
                throw new IOException("ffmpeg could not play " + demo + " over and over");
            }
            long started = System.nanoTime();
            String upload = coach.send(coach.request("/api/games/" + game + "/uploads")
                            .header("Tus-Resumable", "1.0.0")
                            .header("Upload-Length", String.valueOf(Files.size(film)))
                            .POST(BodyPublishers.noBody()))
                    .header("Location");
            done(coach.send(coach.request(upload)
                    .header("Tus-Resumable", "1.0.0")
                    .header("Upload-Offset", "0")
                    .header("Content-Type", "application/offset+octet-stream")
                    .method("PATCH", BodyPublishers.ofFile(film))));
            String reel = "{\"name\": \"" + name + "\", \"view\": \"" + view + "\", \"upload\": \""
                    + upload.substring(upload.lastIndexOf('/') + 1) + "\"}";
            long id = done(coach.post("/api/games/" + game + "/reels", reel))
                    .json()
                    .get("id")
                    .asLong();
            List<Double> times = coach.get("/api/reels/" + id)
                    .json()
                    .get("frameTimes")
                    .valueStream()
                    .map(t -> t.asDouble())
                    .toList();
            System.out.printf(
                    Locale.ROOT,
                    "%-36s %.2f GB, %d frames: taken in and looked at in %.1f s%n",
                    "film, " + name,
                    Files.size(film) / 1e9,
                    times.size(),
                    (System.nanoTime() - started) / 1e9);
            done(coach.send(coach.request("/api/reels/" + id + "/cuts")
                    .header("Content-Type", "text/plain")
                    .POST(BodyPublishers.ofString(cuts(times)))));
            return times;
        } finally {
            Files.deleteIfExists(film);
        }
    }

    private static int first(int play, int frames) {
        return play * (frames / PLAYS);
    }

    private static int snap(int play, int frames) {
        return first(play, frames) + frames / PLAYS / 4;
    }

    private static String cuts(List<Double> times) {
        var rows = new StringBuilder("play,what,man,from,to\n");
        for (int play = 0; play < PLAYS; play++) {
            double from = times.get(first(play, times.size()));
            double ball = times.get(snap(play, times.size()));
            double to = times.get(first(play, times.size()) + times.size() / PLAYS - 1);
            rows.append(String.format(Locale.ROOT, "%d,cut,,%.6f,%.6f%n", play + 1, from, to));
            rows.append(String.format(Locale.ROOT, "%d,ball moves,,%.6f,%n", play + 1, ball));
        }
        return rows.toString();
    }

    private void watch(long game, List<Double> times) {
        try (var chromium = new Chromium()) {
            Page page = chromium.signedIn(port, "marrow", "/film/" + game + "/room?play=1");
            page.waitForSelector("video");
            page.waitForFunction("() => document.querySelector('video').readyState >= 2");
            page.waitForTimeout(2000);
            int at = snap(0, times.size());
            var steps = new ArrayList<Double>();
            for (int i = 0; i < STEPS; i++) {
                boolean on = i % 60 < 40;
                at += on ? 1 : -1;
                steps.add(pressed(page, on ? "." : ",", at, times));
                page.waitForTimeout(HAND_MILLIS);
            }
            said("a frame is stepped, by a hand", steps);
            var plays = new ArrayList<Double>();
            for (int play = 1; play < PLAYS; play++) {
                plays.add(pressed(page, "]", snap(play, times.size()), times));
            }
            said("the next play is opened, at its snap", plays);
            var seconds = new ArrayList<Double>();
            at = snap(PLAYS - 1, times.size());
            for (int i = 0; i < 40; i++) {
                at += i % 2 == 0 ? 30 : -30;
                seconds.add(pressed(page, i % 2 == 0 ? "Shift+ArrowRight" : "Shift+ArrowLeft", at, times));
            }
            said("a second on or back", seconds);
            System.out.printf(
                    Locale.ROOT,
                    "%-36s page %.0f MB, server %s%n",
                    "memory",
                    ((Number) page.evaluate("performance.memory.usedJSHeapSize")).doubleValue() / 1e6,
                    server());
        }
    }

    private static double pressed(Page page, String key, int frame, List<Double> times) {
        double half = (times.get(1) - times.get(0)) / 2;
        double at = times.get(frame);
        boolean shift = key.startsWith("Shift+");
        return ((Number) page.evaluate(
                        PRESSED,
                        List.of(shift ? key.substring("Shift+".length()) : key, shift, at - half, at + half, frame)))
                .doubleValue();
    }

    private String server() {
        try {
            String pid = Files.readString(data.resolve("app.pid")).strip();
            return Files.readAllLines(Path.of("/proc", pid, "status")).stream()
                    .filter(line -> line.startsWith("VmRSS"))
                    .map(line -> Integer.parseInt(line.replaceAll("\\D", "")) / 1000 + " MB")
                    .findFirst()
                    .orElse("not known");
        } catch (IOException e) {
            return "not known";
        }
    }

    private static void said(String what, List<Double> millis) {
        millis.sort(null);
        System.out.printf(
                Locale.ROOT,
                "%-36s median %5.1f ms  95th percentile %5.1f ms  worst %5.1f ms  (%d times)%n",
                what,
                millis.get(millis.size() / 2),
                millis.get(millis.size() * 95 / 100),
                millis.get(millis.size() - 1),
                millis.size());
    }
}
