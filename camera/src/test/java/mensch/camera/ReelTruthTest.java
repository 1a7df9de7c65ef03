package mensch.camera;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Random;
import java.util.Set;
import mensch.core.call.Call;
import mensch.core.film.Calibration;
import mensch.core.film.ImagePoint;
import mensch.core.film.KnownPlaces;
import mensch.core.film.KnownPoint;
import mensch.core.formation.Formation;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.grading.AlignmentVerdict.Outcome;
import mensch.core.grading.FilmJudge;
import mensch.core.library.Library;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Place;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The demo reels measured against their truth with a careful hand's clicks: 100 repetitions of each of the ten snaps.
 */
class ReelTruthTest {
    private static final double CLICK_NOISE_PIXELS = 2;
    private static final int REPETITIONS = 100;
    private static final Library LIBRARY = Library.shipped();

    private final Random noise = new Random(11);
    private final List<Double> errors = new ArrayList<>();
    private int points;
    private int wrong;
    private int wrongOut;
    private int right;
    private int rightOut;
    private int tooClose;

    private ImagePoint click(PinholeCamera camera, double x, double y) {
        ImagePoint at = camera.project(new Point3(x, y, 0));
        return new ImagePoint(
                at.xPixels() + noise.nextGaussian() * CLICK_NOISE_PIXELS,
                at.yPixels() + noise.nextGaussian() * CLICK_NOISE_PIXELS);
    }

    private Calibration solve(Scene scene, PinholeCamera camera) {
        var known = new ArrayList<KnownPoint>();
        for (var place : KnownPlaces.of(scene.snap().field())) {
            if (camera.sees(camera.project(new Point3(place.at().x(), place.at().y(), 0)))) {
                known.add(new KnownPoint(
                        place.name(),
                        place.at(),
                        click(camera, place.at().x(), place.at().y())));
            }
        }
        points = known.size();
        return ((Calibration.Solved) Calibration.of(known)).calibration();
    }

    private void measure(Scene scene, PinholeCamera camera) {
        Call call = LIBRARY.call(scene.call());
        var clicks = new LinkedHashMap<String, ImagePoint>();
        scene.bodies().stream()
                .filter(b -> camera.sees(camera.project(new Point3(b.at().x(), b.at().y(), 0))))
                .forEach(b -> clicks.put(b.name(), click(camera, b.at().x(), b.at().y())));
        // the log knows the formation, not the jitter: truth is asked against the offence as it really stood
        var judged = FilmJudge.of(call, logged(scene), List.of(new FilmJudge.View(solve(scene, camera), clicks)));
        var truth = Lineup.of(call, scene.snap());
        for (FilmJudge.Row row : judged.rows()) {
            Body body = scene.bodies().stream()
                    .filter(b -> b.name().equals(row.job().id()))
                    .findFirst()
                    .orElseThrow();
            errors.add(row.measured().feet().distance(body.at()));
            Place asked = truth.job(row.job().id()).before().align().orNull();
            count(asked.region().contains(body.at()), row.verdict().outcome());
        }
    }

    /** What the staff knows: the sheet's formation on the spot, without the jitter. */
    private static Snap logged(Scene scene) {
        Formation sheet = LIBRARY.formation(scene.formation()).formation();
        Snap placed = Notation.place(scene.mirrored() ? sheet.mirror() : sheet, scene.spot());
        return new Snap(
                placed.phases(),
                placed.field(),
                placed.situation(),
                scene.snap().declared(),
                false,
                0,
                Set.of());
    }

    private void count(boolean stoodRight, Outcome outcome) {
        right += stoodRight ? 1 : 0;
        wrong += stoodRight ? 0 : 1;
        rightOut += stoodRight && outcome == Outcome.OUT ? 1 : 0;
        wrongOut += !stoodRight && outcome == Outcome.OUT ? 1 : 0;
        tooClose += outcome == Outcome.TOO_CLOSE ? 1 : 0;
    }

    @ParameterizedTest
    @CsvSource({"true, 0.10", "false, 0.25"})
    void feetAreMeasuredCloselyAndRightMenAreHardlyEverCalledOut(boolean sideline, double medianYards) {
        for (Scene scene : ReelMaker.script()) {
            PinholeCamera camera = ReelMaker.camera(scene, sideline);
            for (int i = 0; i < REPETITIONS; i++) {
                measure(scene, camera);
            }
        }
        double[] sorted =
                errors.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        System.out.printf(
                "%s reel: %d points on the last snap; measured from true feet: median %.3f yd, worst %.3f yd; standing wrong called out %.1f %% of %d; "
                        + "standing right called out %.2f %% of %d; too close to call %.1f %%%n",
                sideline ? "sideline" : "end-zone",
                points,
                sorted[sorted.length / 2],
                sorted[sorted.length - 1],
                100.0 * wrongOut / wrong,
                wrong,
                100.0 * rightOut / right,
                right,
                100.0 * tooClose / (right + wrong));
        assertThat(sorted[sorted.length / 2]).isLessThanOrEqualTo(medianYards);
        assertThat((double) rightOut / right).isLessThanOrEqualTo(0.05);
        assertThat((double) wrongOut / wrong).isGreaterThan(0.5);
        assertThat(Arrays.stream(sorted).max().orElseThrow()).isLessThan(2);
    }
}
