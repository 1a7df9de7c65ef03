package mensch.vision;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import mensch.camera.Body;
import mensch.camera.Lens;
import mensch.camera.Painter;
import mensch.camera.PinholeCamera;
import mensch.camera.Point3;
import mensch.camera.ReelMaker;
import mensch.camera.Scene;
import mensch.camera.Weather;
import mensch.core.convention.Convention;
import mensch.core.convention.FilmLimits;
import mensch.core.field.Field;
import mensch.core.film.ImagePoint;
import mensch.core.film.KnownPlaces;
import mensch.core.film.KnownPoint;
import mensch.core.film.PictureSize;
import mensch.core.film.Tripod;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.geometry.Point;
import mensch.core.library.Library;
import mensch.core.lineup.Lineup;

/** A snap of the simulated camera as one compressed picture, with its truth. */
record Drawn(Scene scene, boolean sideline, PinholeCamera camera, Weather weather, Lens lens, Picture picture) {
    static final FilmLimits LIMITS = Convention.standard().film();
    static final PictureSize SIZE = new PictureSize(1920, 1080);
    private static final Library LIBRARY = Library.shipped();
    private static final List<Scene> SCENES = ReelMaker.script();
    /** Plays of a reel whose places were all clicked. */
    private static final int TELLING = 2;

    /** Every snap from both sides, each with its camera turned a little and zoomed from where it looked before. */
    static Stream<Drawn> all(Weather weather, Random hand) {
        return all(weather, Lens.STRAIGHT, hand);
    }

    /** The same through a lens. */
    static Stream<Drawn> all(Weather weather, Lens lens, Random hand) {
        return SCENES.stream()
                .flatMap(scene -> Stream.of(true, false)
                        .map(sideline -> of(
                                scene, sideline, elsewhere(ReelMaker.camera(scene, sideline), hand), weather, lens)));
    }

    private static PinholeCamera elsewhere(PinholeCamera camera, Random hand) {
        var target = new Point3(even(hand, 3), camera.target().y() + even(hand, 3), 0);
        return new PinholeCamera(
                camera.eye(), target, camera.focalPixels() * (1 + even(hand, 0.12)), SIZE.width(), SIZE.height());
    }

    private static double even(Random hand, double most) {
        return most * (2 * hand.nextDouble() - 1);
    }

    static Drawn of(Scene scene, boolean sideline, PinholeCamera camera, Weather weather) {
        return of(scene, sideline, camera, weather, Lens.STRAIGHT);
    }

    private static Drawn of(Scene scene, boolean sideline, PinholeCamera camera, Weather weather, Lens lens) {
        return new Drawn(scene, sideline, camera, weather, lens, picture(scene, camera, weather, lens, 0));
    }

    /** So many seconds after the snap. */
    Picture at(double seconds) {
        return picture(scene, camera, weather, lens, seconds);
    }

    /** As a camera shows it that looks elsewhere meanwhile. */
    Drawn turned(double seconds, PinholeCamera to) {
        return new Drawn(scene, sideline, to, weather, lens, picture(scene, to, weather, lens, seconds));
    }

    /**
     * So many seconds after the snap, its camera looking along with the play and closer.
     *
     * @param pan yards a second along the field from the sideline, across it from the end zone
     * @param zoom closer by so much of it a second
     */
    Drawn panned(double seconds, double pan, double zoom) {
        Point3 aim = camera.target();
        double to = pan * seconds;
        return turned(
                seconds,
                new PinholeCamera(
                        camera.eye(),
                        sideline
                                ? new Point3(aim.x(), aim.y() + to, aim.z())
                                : new Point3(aim.x() + to, aim.y(), aim.z()),
                        camera.focalPixels() * (1 + zoom * seconds),
                        camera.widthPixels(),
                        camera.heightPixels()));
    }

    private static Picture picture(Scene scene, PinholeCamera camera, Weather weather, Lens lens, double seconds) {
        var image = new BufferedImage(SIZE.width(), SIZE.height(), BufferedImage.TYPE_3BYTE_BGR);
        new Painter(camera, scene.snap().field(), weather).frame(image, scene, seconds);
        return picture(lens.film(image));
    }

    /** As it comes out of compression. */
    private static Picture picture(BufferedImage image) {
        try {
            var bytes = new ByteArrayOutputStream();
            ImageIO.write(image, "jpeg", bytes);
            var back = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_3BYTE_BGR);
            back.getGraphics().drawImage(ImageIO.read(new ByteArrayInputStream(bytes.toByteArray())), 0, 0, null);
            byte[] bgr = ((DataBufferByte) back.getRaster().getDataBuffer()).getData();
            byte[] rgb = new byte[bgr.length];
            for (int i = 0; i < bgr.length; i += 3) {
                rgb[i] = bgr[i + 2];
                rgb[i + 1] = bgr[i + 1];
                rgb[i + 2] = bgr[i];
            }
            return Picture.of(rgb, image.getWidth(), image.getHeight());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What two other plays of the reel tell of the camera, clicked by a hand. */
    Tripod tripod(Random hand) {
        return tripod(scene.snap().field(), hand);
    }

    /** The same for a play that was logged elsewhere. */
    Tripod tripod(Field logged, Random hand) {
        List<Tripod.Seen> others = SCENES.stream()
                .filter(s -> s.number() != scene.number())
                .limit(TELLING)
                .map(s -> new Tripod.Seen(s.snap().field(), clicked(s, ReelMaker.camera(s, sideline), lens, hand)))
                .toList();
        return Tripod.of(logged, SIZE, others, LIMITS);
    }

    /** Known places of this picture as a hand clicks them. */
    List<KnownPoint> clicked(Random hand) {
        return clicked(scene, camera, lens, hand);
    }

    private static List<KnownPoint> clicked(Scene scene, PinholeCamera camera, Lens lens, Random hand) {
        var clicks = new ArrayList<KnownPoint>();
        for (var place : KnownPlaces.of(scene.snap().field())) {
            ImagePoint at = film(camera, lens, place.at());
            if (camera.sees(at)) {
                clicks.add(new KnownPoint(
                        place.name(),
                        place.at(),
                        new ImagePoint(
                                at.xPixels() + hand.nextGaussian() * LIMITS.paintPixels(),
                                at.yPixels() + hand.nextGaussian() * LIMITS.paintPixels())));
            }
        }
        return clicks;
    }

    /** Where a place of the field really is in the picture. */
    ImagePoint truth(Point at) {
        return film(camera, lens, at);
    }

    private static ImagePoint film(PinholeCamera camera, Lens lens, Point at) {
        return lens.film(camera.project(new Point3(at.x(), at.y(), 0)), SIZE.width(), SIZE.height());
    }

    /** Who really plays. */
    Body body(String name) {
        return scene.bodies().stream()
                .filter(b -> b.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** Defenders whose feet lie in the picture. */
    List<Body> defenders() {
        return scene.bodies().stream()
                .filter(b -> b.defence() && camera.sees(truth(b.at())))
                .toList();
    }

    /** Who is asked for by the log alone: the sheet's formation on the spot, and the call. */
    List<Matching.Asked> asked() {
        var sheet = LIBRARY.formation(scene.formation()).formation();
        Snap placed = Notation.place(scene.mirrored() ? sheet.mirror() : sheet, scene.spot());
        Snap logged = new Snap(
                placed.phases(),
                placed.field(),
                placed.situation(),
                scene.snap().declared(),
                false,
                0,
                Set.of());
        return Stream.concat(
                        Lineup.of(LIBRARY.call(scene.call()), logged).placed().stream()
                                .map(p -> new Matching.Asked(p.job().id(), p.feet(), true)),
                        logged.formation().men().stream().map(m -> new Matching.Asked(m.name(), m.feet(), false)))
                .toList();
    }
}
