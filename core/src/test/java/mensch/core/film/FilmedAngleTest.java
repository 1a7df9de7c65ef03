package mensch.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import mensch.core.convention.Convention;
import mensch.core.convention.FilmLimits;
import mensch.core.geometry.Point;
import org.junit.jupiter.api.Test;

/** An angle frame by frame; from straight above, ten pixels a yard, the ball at 500, 500. */
class FilmedAngleTest {
    private static final FilmLimits LIMITS = Convention.standard().film();
    private static final Map<String, Feet> MIKE = Map.of("mike", new Feet(pixel(new Point(1, 4), 0), false));
    private static final List<Point> PAINT = List.of(
            new Point(-8, 0), new Point(8, 0), new Point(-8, 10), new Point(8, 10), new Point(0, 5), new Point(3, -5));

    private static ImagePoint pixel(Point at, double panned) {
        return new ImagePoint(500 + 10 * at.x() + panned, 500 - 10 * at.y());
    }

    private static List<KnownPoint> known(int points, double panned) {
        return PAINT.stream()
                .limit(points)
                .map(p -> new KnownPoint(p.x() + " x " + p.y(), p, pixel(p, panned)))
                .toList();
    }

    private static FilmedAngle angle(int atSnap, Still... others) {
        return FilmedAngle.of(new Still(0, known(atSnap, 0), MIKE), List.of(others), LIMITS);
    }

    private static Still later(int points, double panned) {
        return new Still(0.8, known(points, panned), MIKE);
    }

    private static List<Double> seconds(CameraView view) {
        return view.clicks().keySet().stream().map(Shot::seconds).sorted().toList();
    }

    @Test
    void whileTheCameraStandsOneViewMeasuresAllFrames() {
        FilmedAngle angle = angle(6, later(0, 0));
        assertThat(angle.others()).containsExactly(new FilmedAngle.Solving(0.8, "", false));
        assertThat(angle.views()).hasSize(1);
        assertThat(seconds(angle.views().get(0))).containsExactly(0.0, 0.8);
        assertThat(angle(6, later(1, 0)).others().get(0).checked()).isTrue();
    }

    @Test
    void onePlaceShowsThatItTurnedAndNobodyIsMeasuredThere() {
        FilmedAngle angle = angle(6, later(1, 40));
        assertThat(angle.others().get(0).trouble()).contains("the camera has moved");
        assertThat(seconds(angle.views().get(0))).containsExactly(0.0);
    }

    @Test
    void fourPlacesAreAViewOfTheirOwn() {
        FilmedAngle angle = angle(6, later(4, 40));
        assertThat(angle.views()).hasSize(2);
        assertThat(seconds(angle.views().get(1))).containsExactly(0.8);
        assertThat(Stream.of(0, 1)
                        .map(i -> angle.views().get(i))
                        .map(v -> v.calibration()
                                .sight(v.clicks())
                                .seen()
                                .get(0)
                                .at()
                                .feet()
                                .x()))
                .satisfiesExactly(
                        x -> assertThat(x).isBetween(0.9, 1.1),
                        x -> assertThat(x).isBetween(-3.1, -2.9));
    }

    @Test
    void withoutAViewAtTheSnapOnlyOwnPlacesMeasure() {
        FilmedAngle angle = angle(2, later(1, 0), new Still(1.2, known(5, 0), MIKE));
        assertThat(angle.others().get(0).trouble()).contains("the view at the snap is not solved");
        assertThat(angle.others().get(1).trouble()).isEmpty();
        assertThat(angle.views()).hasSize(1);
    }
}
