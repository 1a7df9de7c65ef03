package mensch.core.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

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
        return FilmedAngle.of(new Still(0, known(atSnap, 0), MIKE), List.of(others), Tripod.UNKNOWN, LIMITS);
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
        assertThat(angle.others()).containsExactly(new FilmedAngle.Solving(0.8, "", false, List.of()));
        assertThat(angle.views()).hasSize(1);
        assertThat(seconds(angle.views().get(0))).containsExactly(0.0, 0.8);
        assertThat(angle(6, later(1, 0)).others().get(0).checked()).isTrue();
    }

    @Test
    void onePlaceShowsThatItTurnedAndNobodyIsMeasuredThere() {
        FilmedAngle angle = angle(6, later(1, 40));
        assertThat(angle.others().get(0).trouble()).contains("the camera has moved between");
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

    private static Still before(double seconds, double x) {
        return new Still(seconds, List.of(), Map.of("mike", new Feet(pixel(new Point(x, 4), 0), false)));
    }

    private static Measured mike(FilmedAngle angle) {
        return Places.of(
                        angle.views().stream()
                                .map(v -> v.calibration().sight(v.clicks()))
                                .toList(),
                        LIMITS)
                .onField("mike")
                .orElseThrow();
    }

    @Test
    void whoIsClickedAgainWhileHeStandsIsToldBetter() {
        Measured once = mike(angle(6));
        Measured thrice = mike(angle(6, before(-0.2, 1.3), before(-0.1, 0.85)));
        assertThat(thrice.feet().x()).isCloseTo((1 + 1.3 + 0.85) / 3, within(0.01));
        assertThat(thrice.sigmaX()).isBetween(once.sigmaX() / 1.75, once.sigmaX() / 1.5);
    }

    @Test
    void whoStoodElsewhereBeforeTheSnapIsNotMeasuredThere() {
        FilmedAngle angle = angle(6, before(-0.2, 3.5));
        assertThat(angle.others().get(0).elsewhere()).containsExactly("mike");
        assertThat(mike(angle)).isEqualTo(mike(angle(6)));
    }

    @Test
    void whoWasNotClickedAtTheSnapIsNotMeasuredBeforeIt() {
        var will = new Still(-0.2, List.of(), Map.of("will", new Feet(pixel(new Point(5, 4), 0), false)));
        FilmedAngle angle = angle(6, will);
        assertThat(angle.others().get(0).elsewhere()).containsExactly("will");
        assertThat(angle.views().get(0).clicks()).containsOnlyKeys(Shot.atSnap("mike"));
    }

    @Test
    void longBeforeTheSnapNobodyIsMeasured() {
        FilmedAngle angle = angle(6, before(-LIMITS.stillBefore() - 0.1, 1.2));
        assertThat(angle.others().get(0).trouble()).contains("more than 0.5 s before the ball");
        assertThat(mike(angle)).isEqualTo(mike(angle(6)));
    }

    @Test
    void aTurnedFrameBeforeTheSnapTellsTheSamePlace() {
        FilmedAngle angle =
                angle(6, new Still(-0.2, known(6, 40), Map.of("mike", new Feet(pixel(new Point(1, 4), 40), false))));
        assertThat(angle.views()).hasSize(2);
        assertThat(mike(angle).sigmaX()).isLessThan(mike(angle(6)).sigmaX());
    }

    @Test
    void ofSeenAndHiddenClicksThoseThatAreSeenCount() {
        var hidden = new Still(-0.2, List.of(), Map.of("mike", new Feet(pixel(new Point(1.5, 4), 0), true)));
        assertThat(mike(angle(6, hidden))).isEqualTo(mike(angle(6)));
    }

    /** Else the views would put him at two places, and he would be measured nowhere. */
    @Test
    void whoMovesBeforeTheSnapInATurnedFrameIsNotMeasuredInIt() {
        var still = new Still(-0.2, known(6, 40), Map.of("mike", new Feet(pixel(new Point(4, 4), 40), false)));
        FilmedAngle angle = angle(6, still);
        assertThat(angle.others().get(0).elsewhere()).containsExactly("mike");
        assertThat(mike(angle)).isEqualTo(mike(angle(6)));
    }
}
