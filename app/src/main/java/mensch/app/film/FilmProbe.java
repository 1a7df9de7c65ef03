package mensch.app.film;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import mensch.app.problem.Problem;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Asks ffprobe what a file is; refuses what a browser cannot play, in words. */
@Component
class FilmProbe {
    private static final Set<String> PLAYABLE = Set.of("h264", "vp8", "vp9", "av1");
    private static final long LIMIT_SECONDS = 120;

    private final JsonMapper json = JsonMapper.builder().build();

    /** @param frameTimes presentation time of each frame in order, seconds */
    record Probed(int width, int height, String ending, List<Double> frameTimes) {}

    /** @throws Problem when the file is empty, no film, cut off, or of a kind that does not play */
    Probed probe(Path file) throws IOException {
        if (Files.size(file) == 0) {
            throw refused("the file is empty; choose the film itself");
        }
        Path errors = Files.createTempFile("probe", ".err");
        try {
            JsonNode found = json.readTree(run(file, errors));
            String complaints = Files.readString(errors, StandardCharsets.UTF_8);
            return judged(found, complaints);
        } finally {
            Files.deleteIfExists(errors);
        }
    }

    private static String run(Path file, Path errors) throws IOException {
        Path answer = Files.createTempFile("probe", ".json");
        try {
            Process ffprobe = new ProcessBuilder(
                            "ffprobe",
                            "-v",
                            "error",
                            "-select_streams",
                            "v:0",
                            "-show_entries",
                            "format=format_name:stream=codec_name,width,height:packet=pts_time",
                            "-of",
                            "json",
                            file.toString())
                    .redirectError(errors.toFile())
                    .redirectOutput(answer.toFile())
                    .start();
            if (!ffprobe.waitFor(LIMIT_SECONDS, TimeUnit.SECONDS)) {
                ffprobe.destroyForcibly();
                throw refused("the file could not be read within two minutes");
            }
            String text = Files.readString(answer, StandardCharsets.UTF_8);
            return text.isBlank() ? "{}" : text;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(e);
        } finally {
            Files.deleteIfExists(answer);
        }
    }

    private static Probed judged(JsonNode found, String complaints) {
        String format = found.at("/format/format_name").asString("");
        if (format.isEmpty() || found.at("/streams/0").isMissingNode()) {
            throw refused(
                    complaints.contains("moov")
                            ? "the film is cut off: its index is missing; export or copy it again"
                            : "the file is no film; MP4 or WebM is needed");
        }
        String codec = found.at("/streams/0/codec_name").asString("");
        boolean mp4 = format.contains("mp4");
        if (!mp4 && !format.contains("webm") || !PLAYABLE.contains(codec)) {
            throw refused("the film is " + format + " with " + codec
                    + "; a browser plays MP4 or WebM with H.264, VP8, VP9 or AV1: export it so");
        }
        if (complaints.contains("partial file")
                || complaints.contains("truncated")
                || complaints.contains("File ended prematurely")) {
            throw refused("the film is cut off before its end; copy it again");
        }
        var times = new ArrayList<Double>();
        found.get("packets")
                .forEach(p -> times.add(Double.valueOf(p.path("pts_time").asString("0"))));
        times.sort(null);
        return new Probed(
                found.at("/streams/0/width").asInt(),
                found.at("/streams/0/height").asInt(),
                mp4 ? ".mp4" : ".webm",
                times);
    }

    private static Problem refused(String why) {
        return Problem.refused("film-refused", why);
    }
}
