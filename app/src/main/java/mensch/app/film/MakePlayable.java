package mensch.app.film;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import mensch.app.problem.Problem;
import mensch.app.work.Progress;
import mensch.app.work.WorkKind;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Makes of a film one that plays in a browser and steps well, with ffmpeg: H.264, a picture that stands by itself every
 * ten frames, each frame at its own time. The film as it came in is kept.
 */
@Component
class MakePlayable implements WorkKind {
    static final String KIND = "make playable";
    private static final String TIME = "out_time_us=";
    private static final long PATIENCE_SECONDS = 30;

    private final Reels reels;
    private final Angles angles;
    private final FilmStore store;
    private final FilmProbe probe;
    private final TransactionTemplate transaction;

    MakePlayable(Reels reels, Angles angles, FilmStore store, FilmProbe probe, TransactionTemplate transaction) {
        this.reels = reels;
        this.angles = angles;
        this.store = store;
        this.probe = probe;
        this.transaction = transaction;
    }

    @Override
    public String kind() {
        return KIND;
    }

    @Override
    public void run(Long about, String by, Progress progress) throws IOException, InterruptedException {
        Reel reel = reels.findById(about).orElseThrow(() -> Problem.notFound("the reel " + about));
        Path part = store.part();
        try {
            encode(store.path(reel.file()), part, seconds(reel), progress);
            progress.at(100, "looks at what came of it");
            FilmProbe.Probed probed = probe.probe(part);
            checkFrames(reel, probed);
            String file = store.keep(part, probed.ending());
            if (!Boolean.TRUE.equals(transaction.execute(t -> takesPlace(about, file, probed)))) {
                Files.deleteIfExists(store.path(file));
                throw Problem.notFound("the reel " + about);
            }
        } finally {
            Files.deleteIfExists(part);
        }
    }

    /** @return false when the reel was erased meanwhile */
    private boolean takesPlace(Long about, String file, FilmProbe.Probed probed) {
        Optional<Reel> reel = reels.findById(about);
        reel.ifPresent(found -> found.madeOver(file, probed));
        return reel.isPresent();
    }

    private static double seconds(Reel reel) {
        List<Double> times = reel.frameTimes();
        return Math.max(1e-3, times.get(times.size() - 1) - times.get(0));
    }

    /** Cuts and clicks are of frames: where a film was worked on already, none may come or go. */
    private void checkFrames(Reel reel, FilmProbe.Probed probed) {
        int frames = reel.frameTimes().size();
        if (probed.frameTimes().size() != frames && angles.existsByReelId(reel.id())) {
            throw Problem.refused(
                    "frames-differ",
                    "the film made of it has " + probed.frameTimes().size() + " frames and not " + frames
                            + ", so cuts would move; the film stays as it is");
        }
    }

    private static void encode(Path film, Path into, double seconds, Progress progress)
            throws IOException, InterruptedException {
        Process ffmpeg = new ProcessBuilder(
                        "ffmpeg",
                        "-nostdin",
                        "-v",
                        "error",
                        "-y",
                        "-i",
                        film.toString(),
                        "-map",
                        "0:v:0",
                        "-map",
                        "0:a:0?",
                        "-c:v",
                        "libx264",
                        "-preset",
                        "veryfast",
                        "-crf",
                        "20",
                        "-g",
                        "10",
                        "-pix_fmt",
                        "yuv420p",
                        "-fps_mode",
                        "passthrough",
                        "-c:a",
                        "aac",
                        "-movflags",
                        "+faststart",
                        "-progress",
                        "pipe:1",
                        "-f",
                        "mp4",
                        into.toString())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        try (BufferedReader told = ffmpeg.inputReader(StandardCharsets.UTF_8)) {
            for (String line = told.readLine(); line != null; line = told.readLine()) {
                if (line.startsWith(TIME)) {
                    progress.at(percent(line.substring(TIME.length()), seconds), "makes a film that plays");
                }
            }
            if (!ffmpeg.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS) || ffmpeg.exitValue() != 0) {
                throw Problem.refused("film-unreadable", "the film cannot be read to its end; export it again as MP4");
            }
        } finally {
            ffmpeg.destroyForcibly();
        }
    }

    private static int percent(String microseconds, double seconds) {
        try {
            return (int) Math.max(0, Math.min(99, Long.parseLong(microseconds.strip()) / 1e4 / seconds));
        } catch (NumberFormatException e) {
            // before the first frame ffmpeg says N/A
            return 0;
        }
    }
}
