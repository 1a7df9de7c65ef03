package mensch.camera;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import mensch.core.field.BallSpot;
import mensch.core.film.ImagePoint;
import mensch.core.film.KnownPlaces;
import mensch.core.film.Places;
import mensch.core.geometry.Point;
import mensch.core.report.Together;
import mensch.core.roster.Roster;
import tools.jackson.databind.json.JsonMapper;

/**
 * Films the script twice, from the sideline and from the end zone, with ffmpeg; the staff's log beside the film, the
 * truth elsewhere.
 */
public final class ReelMaker {
    public static final int FPS = 30;
    /** Frames of each snap before the ball moves. */
    public static final int FRAMES_BEFORE = 24;

    /** Nobody films longer than this after the ball has moved, seconds: a long run is cut short. */
    private static final double LONGEST = 4;
    /** Where a coach has clicked men again to see how they moved, seconds after the snap. */
    private static final List<Double> MOMENTS = List.of(0.6, 0.9, 1.2);
    /** Whom he clicked there. */
    private static final List<String> READERS = List.of("mike", "will", "weak", "nickel");

    private static final int WIDTH = 1920;
    /** Where the tripods stand, yards from the middle of the field, from our goal line, and up. */
    private static final Point3 PRESS_BOX = new Point3(-(160.0 / 6) - 45, -42, 20);

    private static final Point3 TOWER = new Point3(0, -112, 12);
    private static final int NOISE = 5;
    /** Plays that a coach has clicked on. */
    private static final int CLICKED = 6;
    /** Plays on which he clicked every place that he saw; then so few of them. */
    private static final int TELLING = 2;

    private static final int PLACES = 3;
    /** How steady his hand is at paint, and between feet, pixels. */
    private static final double PAINT_PIXELS = 2;

    private static final double FEET_PIXELS = 4;
    /** Who has come so far has moved, yards. */
    private static final double MOVES = 0.03;

    /** Frames before the snap in which everybody is clicked again. */
    private static final List<Integer> STILLS = List.of(4, 8);

    private static final long SEED = 20261;

    private final Path films;
    private final Path truth;
    private final JsonMapper json = JsonMapper.builder().build();

    public ReelMaker(Path films, Path truth) throws IOException {
        this.films = Files.createDirectories(films);
        this.truth = Files.createDirectories(truth);
    }

    /** The ten snaps of the demo, by men whose numbers nobody knows. */
    public static List<Scene> script() {
        return script(Roster.EMPTY);
    }

    /** The ten snaps of the demo, by these men. */
    static List<Scene> script(Roster roster) {
        return new ReelScript(SEED, roster).scenes();
    }

    /** {@code ReelMaker <films folder> <truth folder> <roster>}. */
    public static void main(String[] args) throws IOException {
        if (args.length != 3) {
            throw new IllegalArgumentException("usage: ReelMaker <films folder> <truth folder> <roster>");
        }
        var maker = new ReelMaker(Path.of(args[0]), Path.of(args[1]));
        List<Scene> scenes = script(Squad.read(Path.of(args[2])));
        var sideline =
                CompletableFuture.runAsync(() -> maker.film("stoats-sideline", "Stoats, sideline", scenes, true));
        maker.film("stoats-end-zone", "Stoats, end zone", scenes, false);
        sideline.join();
    }

    /** The camera of a scene: the same tripod for all of them, turned to the ball and zoomed to it. */
    public static PinholeCamera camera(Scene scene, boolean sideline) {
        BallSpot ball = scene.snap().field().ball();
        Point3 stands = sideline ? PRESS_BOX : TOWER;
        PinholeCamera near = sideline
                ? PinholeCamera.sideline(45, 20, ball.lateralYards(), WIDTH)
                : PinholeCamera.endZone(35, 12, WIDTH);
        return near.standing(new Point3(stands.x() - ball.lateralYards(), stands.y() + ball.yardsToGoal(), stands.z()));
    }

    /** Films scenes into {@code <id>.mp4} with its log. */
    public void film(String id, String name, List<Scene> scenes, boolean sideline) {
        try {
            render(id, name, scenes, sideline);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void render(String id, String name, List<Scene> scenes, boolean sideline)
            throws IOException, InterruptedException {
        PinholeCamera first = camera(scenes.get(0), sideline);
        Path part = films.resolve(id + ".part.mp4");
        Process ffmpeg = new ProcessBuilder(
                        "ffmpeg",
                        "-y",
                        "-v",
                        "error",
                        "-f",
                        "rawvideo",
                        "-pix_fmt",
                        "bgr24",
                        "-s",
                        WIDTH + "x" + first.heightPixels(),
                        "-r",
                        String.valueOf(FPS),
                        "-i",
                        "-",
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
                        "-movflags",
                        "+faststart",
                        part.toString())
                .inheritIO()
                .redirectInput(ProcessBuilder.Redirect.PIPE)
                .start();
        try (OutputStream out = new BufferedOutputStream(ffmpeg.getOutputStream(), 1 << 20)) {
            var image = new BufferedImage(WIDTH, first.heightPixels(), BufferedImage.TYPE_3BYTE_BGR);
            var random = new Random(SEED);
            int filmed = 0;
            for (Scene scene : scenes) {
                System.out.println(id + ": " + filmed++ + " of " + scenes.size());
                var painter = new Painter(camera(scene, sideline), scene.snap().field());
                for (int f = 0; f < frames(scene); f++) {
                    painter.frame(image, scene, (double) (f - FRAMES_BEFORE) / FPS);
                    out.write(noisy(((DataBufferByte) image.getRaster().getDataBuffer()).getData(), random));
                }
            }
        }
        if (ffmpeg.waitFor() != 0) {
            throw new IOException("ffmpeg could not encode " + id);
        }
        json.writeValue(truth.resolve(id + ".json").toFile(), truth(scenes, sideline));
        json.writeValue(films.resolve(id + ".json").toFile(), log(name, scenes, sideline));
        Files.move(part, films.resolve(id + ".mp4"), StandardCopyOption.REPLACE_EXISTING);
    }

    /** Frames of a snap, to the whistle. */
    static int frames(Scene scene) {
        return FRAMES_BEFORE + (int) Math.ceil(Math.min(LONGEST, scene.run().seconds()) * FPS) + 1;
    }

    private static byte[] noisy(byte[] pixels, Random random) {
        byte[] noise = new byte[4096];
        random.nextBytes(noise);
        for (int i = 0; i < pixels.length; i += 3) {
            int n = noise[(i / 3 * 7 + i / 5760) & 4095] % NOISE;
            for (int c = 0; c < 3; c++) {
                pixels[i + c] = (byte) Math.max(0, Math.min(255, (pixels[i + c] & 255) + n));
            }
        }
        return pixels;
    }

    /**
     * What a coach would have written down, and clicked on the first plays with a hand that is not steady: nothing that
     * only the camera knows.
     */
    private static Map<String, Object> log(String name, List<Scene> scenes, boolean sideline) {
        // a hand is not unsteady the same way on two reels
        var hand = new Random(sideline ? SEED : SEED + 2);
        var still = new Random(sideline ? SEED + 1 : SEED + 3);
        var snaps = new ArrayList<Map<String, Object>>();
        int first = 0;
        for (Scene scene : scenes) {
            String[] spot = scene.spot().split("[ &]");
            var row = new LinkedHashMap<String, Object>();
            row.put("number", scene.number());
            row.put("firstFrame", first);
            row.put("snapFrame", first + FRAMES_BEFORE);
            row.put("lastFrame", first + frames(scene) - 1);
            row.put("formation", scene.formation());
            row.put("mirrored", scene.mirrored());
            row.put("code", spot[0]);
            row.put("hash", spot[1]);
            row.put("toGoal", Integer.valueOf(spot[2]));
            row.put("down", Integer.valueOf(spot[3]));
            row.put("distance", Integer.valueOf(spot[4]));
            row.put("call", scene.call());
            row.put("theirPlay", scene.run().play());
            row.put("theirSide", scene.run().side().words());
            row.put("gain", Math.round(scene.run().gain()));
            row.put("result", scene.run().ending().words());
            row.put("hats", hats(scene));
            if (scene.number() <= CLICKED) {
                PinholeCamera camera = camera(scene, sideline);
                row.put("points", points(scene, camera, hand));
                var marks = marks(scene, camera, hand, first + FRAMES_BEFORE);
                marks.addAll(again(scene, camera, still, first + FRAMES_BEFORE));
                row.put("marks", marks);
                row.put("seen", seen(scene, first + FRAMES_BEFORE));
            }
            snaps.add(row);
            first += frames(scene);
        }
        return Map.of("name", name, "view", sideline ? "sideline" : "end zone", "snaps", snaps);
    }

    /** On the first plays of a reel all places that are seen well; then three, far from each other. */
    private static List<Map<String, Object>> points(Scene scene, PinholeCamera camera, Random hand) {
        List<Map<String, Object>> all = KnownPlaces.of(scene.snap().field()).stream()
                .filter(place -> place.at().y() > -11 && place.at().y() < 16)
                .map(place -> click(
                        "name", place.name(), camera, place.at().x(), place.at().y(), hand, PAINT_PIXELS))
                .flatMap(Optional::stream)
                .toList();
        if (scene.number() <= TELLING) {
            return all;
        }
        List<Map<String, Object>> few = new ArrayList<>(all.subList(0, 1));
        while (few.size() < PLACES) {
            all.stream()
                    .max(Comparator.comparingDouble(p ->
                            few.stream().mapToDouble(f -> pixels(p, f)).min().orElse(0)))
                    .ifPresent(few::add);
        }
        return few;
    }

    private static double pixels(Map<String, Object> one, Map<String, Object> other) {
        return Math.hypot(
                pixel(one, "xPixels") - pixel(other, "xPixels"), pixel(one, "yPixels") - pixel(other, "yPixels"));
    }

    private static double pixel(Map<String, Object> click, String axis) {
        return (double) click.get(axis);
    }

    /** Ball and everybody at the snap; those who read at moments after it. */
    private static List<Map<String, Object>> marks(Scene scene, PinholeCamera camera, Random hand, int snap) {
        var all = new ArrayList<Map<String, Object>>();
        click("man", Places.BALL, camera, 0, 0, hand, PAINT_PIXELS).ifPresent(all::add);
        scene.bodies()
                .forEach(b -> click("man", b.name(), camera, b.at().x(), b.at().y(), hand, FEET_PIXELS)
                        .ifPresent(all::add));
        for (double seconds : MOMENTS) {
            int frame = (int) Math.round(seconds * FPS);
            if (seconds < Math.min(LONGEST, scene.run().seconds())) {
                scene.bodies().stream().filter(b -> READERS.contains(b.name())).forEach(b -> {
                    Point at = b.feet((double) frame / FPS);
                    click("man", b.name(), camera, at.x(), at.y(), hand, FEET_PIXELS)
                            .ifPresent(c -> all.add(with(c, "frame", snap + frame)));
                });
            }
        }
        return all;
    }

    /** Everybody again while he stands: three frames in all tell a lineman's width. */
    private static List<Map<String, Object>> again(Scene scene, PinholeCamera camera, Random hand, int snap) {
        return STILLS.stream()
                .flatMap(before -> Stream.concat(
                                click("man", Places.BALL, camera, 0, 0, hand, PAINT_PIXELS).stream(),
                                scene.bodies().stream()
                                        .flatMap(
                                                b -> click(
                                                        "man",
                                                        b.name(),
                                                        camera,
                                                        b.at().x(),
                                                        b.at().y(),
                                                        hand,
                                                        FEET_PIXELS)
                                                        .stream()))
                        .map(c -> with(c, "frame", snap - before)))
                .toList();
    }

    private static Map<String, Object> with(Map<String, Object> click, String key, Object value) {
        var more = new LinkedHashMap<>(click);
        more.put(key, value);
        return more;
    }

    /** When the men of the line move, and when it counts: to the next frame. */
    private static List<Map<String, Object>> seen(Scene scene, int snap) {
        var all = new ArrayList<Map<String, Object>>();
        scene.bodies().stream().filter(b -> b.defence() && b.crouched()).forEach(b -> {
            double seconds = 0;
            while (b.feet(seconds).distance(b.at()) < MOVES && seconds < 1) {
                seconds += 1.0 / FPS;
            }
            all.add(Map.of("what", "man moves", "man", b.name(), "frame", snap + (int) Math.round(seconds * FPS)));
        });
        scene.run().commits().ifPresent(t -> all.add(Map.of("what", "back commits", "frame", snap + frame(t))));
        scene.run().thrown().ifPresent(t -> all.add(Map.of("what", "ball thrown", "frame", snap + frame(t))));
        scene.run()
                .pressed()
                .ifPresent(
                        p -> all.add(Map.of("what", "pressures", "man", p.job(), "frame", snap + frame(p.seconds()))));
        return all;
    }

    /** Defenders about the ball when the play ends. */
    private static long hats(Scene scene) {
        double end = scene.run().seconds();
        Point ball = scene.ball().get(scene.ball().size() - 1);
        return scene.bodies().stream()
                .filter(b -> b.defence() && b.feet(end).distance(ball) <= Together.AT_THE_BALL)
                .count();
    }

    private static int frame(double seconds) {
        return (int) Math.round(Math.min(LONGEST, seconds) * FPS);
    }

    private static Optional<Map<String, Object>> click(
            String key, String name, PinholeCamera camera, double x, double y, Random hand, double pixels) {
        ImagePoint at = camera.project(new Point3(x, y, 0));
        double right = hand.nextGaussian() * pixels;
        double down = hand.nextGaussian() * pixels;
        return camera.sees(at)
                ? Optional.of(Map.of(
                        key,
                        name,
                        "xPixels",
                        Math.rint(Math.max(0, Math.min(camera.widthPixels(), at.xPixels() + right))),
                        "yPixels",
                        Math.rint(Math.max(0, Math.min(camera.heightPixels(), at.yPixels() + down)))))
                : Optional.empty();
    }

    private static Map<String, Object> truth(List<Scene> scenes, boolean sideline) {
        return Map.of(
                "stated",
                "made up by the simulated camera",
                "snaps",
                scenes.stream()
                        .map(s -> Map.of(
                                "number",
                                s.number(),
                                "camera",
                                camera(s, sideline),
                                "men",
                                s.bodies().stream()
                                        .map(b -> Map.of("name", b.name(), "x", b.at().x(), "y", b.at().y()))
                                        .toList(),
                                "faults",
                                s.faults()))
                        .toList());
    }
}
