package mensch.app.film;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import mensch.app.problem.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Asks ffprobe what a file is; refuses what is no film, and says what hinders the work on one, in words. */
@Component
class FilmProbe {
    /** What the probe complains of when the end is missing. */
    private static final List<String> CUT_OFF = List.of("partial file", "truncated", "File ended prematurely");

    private static final Set<String> PLAYABLE = Set.of("h264", "vp8", "vp9", "av1");
    /** Pictures that stand by themselves may be so far apart, seconds: a step back decodes all from the last one. */
    private static final double MOST_BETWEEN_KEYS = 2;

    private static final long LIMIT_SECONDS = 120;
    private static final String DISCARDED = "D";
    private static final String KEY = "K";

    private final JsonMapper json = JsonMapper.builder().build();

    /**
     * What a film is.
     *
     * @param width as it is shown, pixels: a turned film is as wide as it was high
     * @param rotation how far the film asks to be turned, degrees clockwise: 0, 90, 180 or 270
     * @param ending of the name it is kept under
     * @param frameTimes presentation time of each frame that is shown, in order, seconds
     * @param hindrance why it should be made over before it is worked on; null when it plays and steps well
     */
    record Probed(
            int width,
            int height,
            int rotation,
            long bytes,
            String ending,
            List<Double> frameTimes,
            @Nullable String hindrance) {}

    /** @throws Problem when the file is empty, no film, or cut off */
    Probed probe(Path file) throws IOException {
        if (Files.size(file) == 0) {
            throw refused("the file is empty; choose the film itself");
        }
        Path errors = Files.createTempFile("probe", ".err");
        try {
            JsonNode found = json.readTree(run(file, errors));
            String complaints = Files.readString(errors, StandardCharsets.UTF_8);
            return judged(found, complaints, Files.size(file));
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
                            "format=format_name:stream=codec_name,width,height,nb_frames:stream_side_data=rotation"
                                    + ":packet=pts_time,dts_time,pos,size,flags",
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

    private static Probed judged(JsonNode found, String complaints, long bytes) {
        String format = found.at("/format/format_name").asString("");
        if (format.isEmpty() || found.at("/streams/0").isMissingNode()) {
            throw refused(
                    complaints.contains("moov")
                            ? "the film is cut off: its index is missing; export or copy it again"
                            : "the file is no film; choose an MP4, WebM or another film");
        }
        if (CUT_OFF.stream().anyMatch(complaints::contains)) {
            throw refused("the film is cut off before its end; copy it again");
        }
        return pictured(found, bytes);
    }

    /** As it is seen: a picture that is stored on its side has its height for width. */
    private static Probed pictured(JsonNode found, long bytes) {
        List<Double> times = shown(found, bytes);
        int rotation = Math.floorMod(-rotation(found.at("/streams/0/side_data_list")), 360);
        int width = found.at("/streams/0/width").asInt();
        int height = found.at("/streams/0/height").asInt();
        boolean turned = rotation % 180 != 0;
        String format = found.at("/format/format_name").asString("");
        boolean mp4 = format.contains("mp4");
        String ending = mp4 ? ".mp4" : format.contains("webm") ? ".webm" : ".film";
        return new Probed(
                turned ? height : width,
                turned ? width : height,
                rotation,
                bytes,
                ending,
                times,
                hindrance(found, format, ending));
    }

    private static @Nullable String hindrance(JsonNode found, String format, String ending) {
        String codec = found.at("/streams/0/codec_name").asString("");
        if (ending.equals(".film") || !PLAYABLE.contains(codec)) {
            return "it does not play in a browser (" + codec + " in " + format.replaceAll(",.*", "") + ")";
        }
        double between = betweenKeys(found);
        return between <= MOST_BETWEEN_KEYS
                ? null
                : String.format(
                        Locale.ROOT,
                        "stepping through it is slow: pictures that stand by themselves come %.1f s apart",
                        between);
    }

    /** The longest time from one picture that stands by itself to the next, seconds. */
    private static double betweenKeys(JsonNode found) {
        double longest = 0;
        double last = Double.NaN;
        double time = 0;
        for (JsonNode packet : found.path("packets")) {
            time = time(packet);
            if (packet.path("flags").asString("").contains(KEY)) {
                longest = Double.isNaN(last) ? 0 : Math.max(longest, time - last);
                last = time;
            }
        }
        return Double.isNaN(last) ? 0 : Math.max(longest, time - last);
    }

    private static double time(JsonNode packet) {
        return Double.parseDouble(
                packet.path("pts_time").asString(packet.path("dts_time").asString("0")));
    }

    /** Times of the frames that a player shows: one flagged as discarded is only there to decode others. */
    private static List<Double> shown(JsonNode found, long bytes) {
        var times = new ArrayList<Double>();
        int packets = 0;
        long end = 0;
        for (JsonNode packet : found.path("packets")) {
            packets++;
            end = Math.max(end, number(packet, "pos") + number(packet, "size"));
            if (!packet.path("flags").asString("").contains(DISCARDED)) {
                times.add(time(packet));
            }
        }
        long told = number(found.at("/streams/0"), "nb_frames");
        if (packets < told || end > bytes) {
            throw refused("the film is cut off: its index tells of " + told + " frames, " + packets
                    + " are there; copy it again");
        }
        if (times.isEmpty()) {
            throw refused("the film has no frame that is shown; export it again");
        }
        times.sort(null);
        return List.copyOf(times);
    }

    private static long number(JsonNode of, String key) {
        String text = of.path(key).asString("");
        return text.matches("\\d{1,18}") ? Long.parseLong(text) : 0;
    }

    private static int rotation(JsonNode sideData) {
        for (JsonNode one : sideData) {
            if (one.has("rotation")) {
                return one.get("rotation").asInt();
            }
        }
        return 0;
    }

    private static Problem refused(String why) {
        return Problem.refused("film-refused", why);
    }
}
