package mensch.camera;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import mensch.core.convention.Convention;
import mensch.core.convention.FilmLimits;
import mensch.core.film.Calibration;
import mensch.core.film.Feet;
import mensch.core.film.ImagePoint;
import mensch.core.film.KnownPlaces;
import mensch.core.film.KnownPoint;
import mensch.core.film.Measured;
import mensch.core.film.PictureSize;
import mensch.core.film.Tripod;
import mensch.core.geometry.Point;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Film by a lens that bends it, clicked by a hand: how far men come out from the truth, and whether the doubt says so.
 */
class BendTruthTest {
    private static final FilmLimits LIMITS = Convention.standard().film();
    private static final PictureSize PICTURE = new PictureSize(1920, 1080);
    private static final List<Scene> SCENES = ReelMaker.script();
    private static final double FEET = 4;
    private static final int REPETITIONS = 2;

    private final Random hand = new Random(3);

    private static ImagePoint bent(ImagePoint straight, double k) {
        return new Lens(k).film(straight, PICTURE.width(), PICTURE.height());
    }

    /** A phone's wide lens, a good one, none, and one that bends the other way. */
    @ParameterizedTest(name = "k = {0}")
    @CsvSource({"0.06, 0.25", "0.02, 0.25", "0, 0.24", "-0.04, 0.25"})
    void menAreAsWellPlacedAsThroughAGoodLens(double k, double mostOff) {
        var off = new ArrayList<Double>();
        int solved = 0;
        int views = 0;
        int inside = 0;
        for (int repetition = 0; repetition < REPETITIONS; repetition++) {
            for (boolean sideline : new boolean[] {true, false}) {
                List<List<KnownPoint>> reel = SCENES.stream()
                        .map(s -> clicked(s, ReelMaker.camera(s, sideline), k))
                        .toList();
                for (int play = 0; play < SCENES.size(); play++) {
                    views++;
                    Scene scene = SCENES.get(play);
                    Calibration.Outcome outcome = Calibration.of(reel.get(play), tripod(play, reel), LIMITS);
                    if (outcome instanceof Calibration.Solved view) {
                        solved++;
                        for (Body body : scene.bodies()) {
                            ImagePoint at = bent(pixel(ReelMaker.camera(scene, sideline), body.at()), k);
                            Measured measured = view.calibration()
                                    .measure(new Feet(unsteady(at, FEET), false))
                                    .orElseThrow();
                            off.add(measured.feet().distance(body.at()));
                            inside += measured.covariance().sigmasApart(measured.feet(), body.at()) < 2.45 ? 1 : 0;
                        }
                    }
                }
            }
        }
        off.sort(null);
        System.out.printf(
                "bend %.2f: %d of %d views solved, feet off by %.3f yd in the middle, 95 %% %.2f; inside 95 %%: %.1f %%%n",
                k, solved, views, off.get(off.size() / 2), off.get(off.size() * 95 / 100), 100.0 * inside / off.size());
        assertThat(solved).isGreaterThanOrEqualTo(views * 98 / 100);
        assertThat(off.get(off.size() / 2)).isLessThan(mostOff);
        assertThat((double) inside / off.size()).isBetween(0.92, 0.99);
    }

    private static Tripod tripod(int play, List<List<KnownPoint>> reel) {
        List<Tripod.Seen> others = new ArrayList<>();
        for (int other = 0; other < play; other++) {
            others.add(0, new Tripod.Seen(SCENES.get(other).snap().field(), reel.get(other)));
        }
        return Tripod.of(SCENES.get(play).snap().field(), PICTURE, others, LIMITS);
    }

    private List<KnownPoint> clicked(Scene scene, PinholeCamera camera, double k) {
        var clicks = new ArrayList<KnownPoint>();
        for (var place : KnownPlaces.of(scene.snap().field())) {
            ImagePoint straight = pixel(camera, place.at());
            if (straight != null && camera.sees(bent(straight, k))) {
                clicks.add(new KnownPoint(place.name(), place.at(), unsteady(bent(straight, k), LIMITS.paintPixels())));
            }
        }
        return clicks;
    }

    private static ImagePoint pixel(PinholeCamera camera, Point at) {
        return camera.project(new Point3(at.x(), at.y(), 0));
    }

    private ImagePoint unsteady(ImagePoint at, double pixels) {
        return new ImagePoint(at.xPixels() + hand.nextGaussian() * pixels, at.yPixels() + hand.nextGaussian() * pixels);
    }

    /** A place that was clicked under a wrong name is no bend, nor hides one. */
    @ParameterizedTest(name = "k = {0}")
    @CsvSource({"0.05", "0"})
    void aWrongClickIsNamedThroughALensThatBendsToo(double k) {
        Scene scene = SCENES.get(0);
        PinholeCamera camera = ReelMaker.camera(scene, true);
        List<KnownPoint> clicks = clicked(scene, camera, k);
        KnownPoint wrong = clicks.get(3);
        ImagePoint other = clicks.get(5).image();
        clicks.set(
                3,
                new KnownPoint(wrong.name(), wrong.field(), new ImagePoint(other.xPixels() + 9, other.yPixels() - 7)));
        var solved = (Calibration.Solved) Calibration.of(clicks, tripod(0, List.of()), LIMITS);
        assertThat(solved.calibration().leftOut())
                .extracting(Calibration.LeftOut::name)
                .containsExactly(wrong.name());
        Body body = scene.bodies().get(0);
        assertThat(solved.calibration()
                        .toField(bent(pixel(camera, body.at()), k))
                        .orElseThrow()
                        .distance(body.at()))
                .isLessThan(0.5);
    }
}
