package mensch.app.film;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import mensch.app.problem.Problem;
import org.springframework.stereotype.Component;

/** Small pictures of single frames, by which a coach knows a play again; made by ffmpeg when somebody asks for one. */
@Component
class FilmStills {
    private static final int WIDTH = 320;
    private static final long PATIENCE_SECONDS = 20;
    /** Of a page with seventy plays no more are made at once. */
    private final Semaphore hands = new Semaphore(2, true);

    private final FilmStore store;

    FilmStills(FilmStore store) {
        this.store = store;
    }

    /** @throws Problem when the film has no such frame, or it cannot be read */
    Path of(Reel reel, int frame) throws IOException {
        AngleWork.onFilm(reel, frame);
        Path still = store.still(reel.file(), frame);
        if (!Files.exists(still)) {
            make(reel, frame, still);
        }
        return still;
    }

    private void make(Reel reel, int frame, Path still) throws IOException {
        Path part = store.part();
        try {
            hands.acquire();
            try {
                if (!shot(store.path(reel.file()), since(reel.frameTimes(), frame), part)) {
                    throw Problem.notFound("a picture of frame " + frame);
                }
            } finally {
                hands.release();
            }
            store.keepStill(part, still);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(e);
        } finally {
            Files.deleteIfExists(part);
        }
    }

    /** Seconds since the film begins, a little before the frame so that none is skipped by rounding. */
    private static double since(List<Double> times, int frame) {
        return Math.max(0, times.get(frame) - times.get(0) - 1e-3);
    }

    /** @return whether there is a picture, whole */
    private static boolean shot(Path film, double seconds, Path into) throws IOException, InterruptedException {
        Process ffmpeg = new ProcessBuilder(
                        "ffmpeg",
                        "-nostdin",
                        "-v",
                        "error",
                        "-y",
                        "-ss",
                        String.format(Locale.ROOT, "%.6f", seconds),
                        "-i",
                        film.toString(),
                        "-frames:v",
                        "1",
                        "-vf",
                        "scale=" + WIDTH + ":-2",
                        "-q:v",
                        "5",
                        "-f",
                        "mjpeg",
                        into.toString())
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        try {
            return ffmpeg.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS) && ffmpeg.exitValue() == 0 && Files.exists(into);
        } finally {
            ffmpeg.destroyForcibly();
        }
    }
}
