package mensch.app.film;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import mensch.app.problem.Problem;
import mensch.vision.Picture;
import org.springframework.stereotype.Component;

/** Single frames of a film, read by ffmpeg. */
@Component
class FilmFrames {
    private static final long PATIENCE_SECONDS = 20;
    private static final int BANDS = 3;
    /** No more are read at once, however many a page asks for. */
    private final Semaphore hands = new Semaphore(2, true);

    private final FilmStore store;

    FilmFrames(FilmStore store) {
        this.store = store;
    }

    /** A frame as it is shown. @throws Problem when the film has no such frame, or it cannot be read */
    Picture picture(Reel reel, int frame) throws IOException {
        AngleWork.onFilm(reel, frame);
        int width = reel.width();
        int height = reel.height();
        Path raw = store.part();
        try {
            boolean read = read(reel, frame, raw("scale=" + width + ":" + height, "rgb24", 1), raw);
            if (!read || Files.size(raw) != (long) BANDS * width * height) {
                throw Problem.notFound("a picture of frame " + frame);
            }
            try (InputStream bytes = Files.newInputStream(raw)) {
                return Picture.of(bytes.readAllBytes(), width, height);
            }
        } finally {
            Files.deleteIfExists(raw);
        }
    }

    /**
     * Shows frames one after another, each a whole number of times smaller than the film, so that it is no wider than
     * asked; throws {@link Problem} when they cannot be read.
     */
    void pictures(Reel reel, int from, int to, int widest, Consumer<Picture> shown) throws IOException {
        int factor = (reel.width() + widest - 1) / widest;
        int width = reel.width() / factor;
        int height = reel.height() / factor;
        frames(
                reel,
                from,
                to,
                raw("scale=" + width + ":" + height + ":flags=area", "rgb24", to - from + 1),
                BANDS * width * height,
                frame -> shown.accept(Picture.of(frame, width, height, factor)));
    }

    /**
     * Shows frames one after another in grey; throws {@link Problem} when they cannot be read.
     *
     * @param shown takes each, a byte a pixel, row by row from the top left
     */
    void grey(Reel reel, int from, int to, int width, int height, Consumer<byte[]> shown) throws IOException {
        frames(reel, from, to, raw("scale=" + width + ":" + height, "gray", to - from + 1), width * height, shown);
    }

    private void frames(Reel reel, int from, int to, List<String> made, int size, Consumer<byte[]> shown)
            throws IOException {
        AngleWork.onFilm(reel, to);
        Path raw = store.part();
        try {
            if (!read(reel, from, made, raw)) {
                throw Problem.notFound("a picture of frame " + from);
            }
            try (InputStream bytes = new BufferedInputStream(Files.newInputStream(raw))) {
                byte[] frame = bytes.readNBytes(size);
                while (frame.length == size) {
                    shown.accept(frame);
                    frame = bytes.readNBytes(size);
                }
            }
        } finally {
            Files.deleteIfExists(raw);
        }
    }

    private static List<String> raw(String filter, String pixels, int frames) {
        return List.of(
                "-vf",
                filter,
                "-fps_mode",
                "passthrough",
                "-f",
                "rawvideo",
                "-pix_fmt",
                pixels,
                "-frames:v",
                String.valueOf(frames));
    }

    /** How ffmpeg writes a single small picture. */
    static List<String> small(int width) {
        return List.of("-vf", "scale=" + width + ":-2", "-q:v", "5", "-f", "mjpeg", "-frames:v", "1");
    }

    /**
     * How ffmpeg writes frames side by side: so many, evenly from the first to the last, which is so many further on.
     */
    static List<String> strip(int tiles, int width, int frames) {
        String taken = IntStream.range(0, tiles)
                .mapToObj(i -> "eq(n," + Math.round((double) i * frames / (tiles - 1)) + ")")
                .distinct()
                .collect(Collectors.joining("+"));
        return List.of(
                "-vf",
                "select='" + taken + "',scale=" + width + ":-2,tile=" + tiles + "x1",
                "-fps_mode",
                "passthrough",
                "-q:v",
                "5",
                "-f",
                "mjpeg",
                "-frames:v",
                "1");
    }

    /**
     * Reads frames into a file.
     *
     * @param frame the first
     * @param made how many, and how ffmpeg writes them
     * @return whether it is there
     */
    boolean read(Reel reel, int frame, List<String> made, Path into) throws IOException {
        try {
            hands.acquire();
            try {
                return shot(store.path(reel.file()), since(reel.frameTimes(), frame), made, into);
            } finally {
                hands.release();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(e);
        }
    }

    /** Seconds since the film begins, a little before the frame so that none is skipped by rounding. */
    private static double since(List<Double> times, int frame) {
        return Math.max(0, times.get(frame) - times.get(0) - 1e-3);
    }

    private static boolean shot(Path film, double seconds, List<String> made, Path into)
            throws IOException, InterruptedException {
        var command = new ArrayList<>(List.of("ffmpeg", "-nostdin", "-v", "error", "-y", "-ss"));
        command.add(String.format(Locale.ROOT, "%.6f", seconds));
        command.addAll(List.of("-i", film.toString()));
        command.addAll(made);
        command.add(into.toString());
        Process ffmpeg = new ProcessBuilder(command)
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
