package mensch.camera;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import mensch.core.convention.Convention;
import mensch.core.convention.FilmLimits;
import mensch.core.film.Calibration;
import mensch.core.film.Feet;
import mensch.core.film.FilmedPath;
import mensch.core.film.ImagePoint;
import mensch.core.film.KnownPlaces;
import mensch.core.film.KnownPoint;
import mensch.core.film.Shot;
import mensch.core.geometry.Point;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Paths of the demo's men through the cameras' projection, seen five times a second as a picture tells feet, now and
 * then for a while not at all: how far the path is from the truth, and whether a man's speed is what is said of it.
 */
class PathTruthTest {
    private static final FilmLimits LIMITS = Convention.standard().film();
    private static final double LONGEST = 4;
    private static final double LOOKED = 0.2;
    /** Such a share of looks finds nobody. */
    private static final double HIDDEN = 0.25;

    private final Random hand = new Random(11);

    @ParameterizedTest
    @CsvSource({"both, 0.15, 0.8", "sideline, 0.25, 0.9", "end zone, 0.4, 1.2"})
    void aSpeedIsWhatIsSaidOfIt(String view, double mostOff, double mostSigma) {
        var off = new ArrayList<Double>();
        var sigmas = new ArrayList<Double>();
        int told = 0;
        int inside = 0;
        int men = 0;
        for (Scene scene : ReelMaker.script()) {
            List<PinholeCamera> cameras = Stream.of(true, false)
                    .filter(sideline -> view.equals("both") || sideline == view.equals("sideline"))
                    .map(sideline -> ReelMaker.camera(scene, sideline))
                    .toList();
            List<Calibration> views =
                    cameras.stream().map(c -> solved(scene, c)).toList();
            for (Body body : scene.bodies()) {
                var looks = new ArrayList<FilmedPath.Look>();
                for (int i = 0; i < cameras.size(); i++) {
                    looks.addAll(looks(body, cameras.get(i), views.get(i)));
                }
                men++;
                FilmedPath path = FilmedPath.of(looks, LIMITS);
                for (double t = 0; t < LONGEST; t += 0.1) {
                    double seconds = t;
                    path.at(seconds).map(at -> at.distance(body.feet(seconds))).ifPresent(off::add);
                }
                Optional<FilmedPath.Pace> pace = path.fastest(LIMITS);
                if (pace.isPresent()) {
                    told++;
                    double truth = held(body, pace.get().seconds());
                    inside += truth > pace.get().atLeast() && truth < pace.get().atMost() ? 1 : 0;
                    sigmas.add(pace.get().sigma());
                }
            }
        }
        System.out.printf(
                "paths, %s: off by %.2f yd in the middle; speeds of %d of %d men, doubt %.2f yd/s in the middle, %.1f %% inside 95 %%%n",
                view, median(off), told, men, median(sigmas), 100.0 * inside / told);
        assertThat(median(off)).isLessThan(mostOff);
        assertThat(median(sigmas)).isLessThan(mostSigma);
        assertThat((double) inside / told).isBetween(0.92, 1.0);
    }

    /** How fast he really was on average around a moment. */
    private static double held(Body body, double seconds) {
        double half = LIMITS.path().held() / 2;
        return body.feet(seconds - half).distance(body.feet(seconds + half)) / (2 * half);
    }

    private static double median(List<Double> of) {
        return of.stream().sorted().skip(of.size() / 2).findFirst().orElseThrow();
    }

    private List<FilmedPath.Look> looks(Body body, PinholeCamera camera, Calibration view) {
        var looks = new ArrayList<FilmedPath.Look>();
        for (double t = 0; t < LONGEST; t += LOOKED) {
            ImagePoint at = pixel(camera, body.feet(t));
            if (camera.sees(at) && (t == 0 || hand.nextDouble() > HIDDEN)) {
                var feet = new Feet(
                        off(at, t == 0 ? LIMITS.feetPixels() : LIMITS.foundPixels()),
                        t == 0 ? Feet.Told.SEEN : Feet.Told.FOUND);
                double seconds = t;
                view.sight(Map.of(new Shot(body.name(), seconds), feet)).seen().stream()
                        .map(s -> new FilmedPath.Look(seconds, s.at()))
                        .forEach(looks::add);
            }
        }
        return looks;
    }

    private Calibration solved(Scene scene, PinholeCamera camera) {
        List<KnownPoint> known = KnownPlaces.of(scene.snap().field()).stream()
                .filter(p -> camera.sees(pixel(camera, p.at())))
                .map(p -> new KnownPoint(p.name(), p.at(), off(pixel(camera, p.at()), LIMITS.paintPixels())))
                .toList();
        return ((Calibration.Solved) Calibration.of(known, LIMITS)).calibration();
    }

    private static ImagePoint pixel(PinholeCamera camera, Point at) {
        return camera.project(new Point3(at.x(), at.y(), 0));
    }

    private ImagePoint off(ImagePoint at, double pixels) {
        return new ImagePoint(at.xPixels() + hand.nextGaussian() * pixels, at.yPixels() + hand.nextGaussian() * pixels);
    }
}
