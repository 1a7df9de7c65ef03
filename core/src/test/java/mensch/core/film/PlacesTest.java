package mensch.core.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import mensch.core.convention.Convention;
import mensch.core.convention.FilmLimits;
import mensch.core.geometry.Point;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.junit.jupiter.api.Test;

/** Views of men and ball put together. */
class PlacesTest {
    private static final FilmLimits LIMITS = Convention.standard().film();
    private static final Covariance TELLS_DEPTH = Covariance.of(0.5, 0.1);
    private static final Covariance TELLS_WIDTH = Covariance.of(0.1, 0.5);
    private static final String MAN = "mike";

    private static Sight seen(double x, double y, Covariance covariance) {
        return Sight.of(Shot.atSnap(MAN), new Measured(new Point(x, y), covariance, true));
    }

    private static Places places(Sight... sights) {
        return Places.of(List.of(sights), LIMITS);
    }

    private static Measured onField(Places places) {
        return places.onField(MAN).orElseThrow();
    }

    @Test
    void oneViewStandsAsItIs() {
        Measured alone = onField(places(seen(3, 4, new Covariance(0.2, 0.05, 0.1))));
        assertThat(alone.feet().distance(new Point(3, 4))).isCloseTo(0, within(1e-12));
        assertThat(alone.sigmaX()).isCloseTo(Math.sqrt(0.2), within(1e-12));
    }

    @Test
    void eachViewTellsWhatItSeesBetter() {
        Measured both = onField(places(seen(3.6, 4.0, TELLS_DEPTH), seen(3.0, 4.6, TELLS_WIDTH)));
        assertThat(both.feet().x()).isCloseTo(3.0 + 0.6 / 26, within(1e-9));
        assertThat(both.feet().y()).isCloseTo(4.0 + 0.6 / 26, within(1e-9));
        assertThat(both.sigmaX()).isLessThan(0.1);
        assertThat(both.sigmaY()).isLessThan(0.1);
    }

    @Test
    void viewsThatShowDifferentPlacesAreNotAveragedAway() {
        Places apart = places(seen(3, 4, TELLS_DEPTH), seen(3, 6, Covariance.of(0.1, 0.3)));
        assertThat(apart.onField(MAN)).isEmpty();
        assertThat(apart.men()).isEmpty();
        assertThat(apart.apart().get(MAN)).isCloseTo(2, within(1e-12));
        assertThat(places(seen(3, 4, TELLS_DEPTH), seen(3, 6, TELLS_WIDTH.plus(TELLS_WIDTH)))
                        .apart())
                .isEmpty();
    }

    /** Of 20,000 men seen by two leaning views: as many inside the stated 95 % as are to be. */
    @Test
    void theStatedDoubtHolds() {
        var random = new Random(13);
        var one = new Covariance(0.09, 0.05, 0.04);
        var other = new Covariance(0.02, -0.01, 0.16);
        int inside = 0;
        int agree = 0;
        int men = 20_000;
        for (int i = 0; i < men; i++) {
            Places fused = places(drawn(random, one), drawn(random, other));
            agree += fused.apart().isEmpty() ? 1 : 0;
            inside += fused.onField(MAN)
                            .filter(m -> Math.abs(m.feet().x()) < 1.96 * m.sigmaX())
                            .isPresent()
                    ? 1
                    : 0;
        }
        assertThat((double) inside / agree).isBetween(0.945, 0.955);
        assertThat((double) agree / men).isBetween(0.985, 0.993);
    }

    private static Sight drawn(Random random, Covariance covariance) {
        double a = Math.sqrt(covariance.xx());
        double b = covariance.xy() / a;
        double c = Math.sqrt(covariance.yy() - b * b);
        double u = random.nextGaussian();
        double v = random.nextGaussian();
        return seen(a * u, b * u + c * v, covariance);
    }

    @Test
    void aClickedBallIsTakenOffAndItsDoubtIsInEveryPlaceOnce() {
        Places places = places(
                seen(3, 4, Covariance.of(0.1, 0.1)),
                Sight.of(
                        Shot.atSnap(Places.BALL), new Measured(new Point(0.7, -0.4), Covariance.of(0.05, 0.05), true)));
        Measured fromBall = places.fromBall(MAN).orElseThrow();
        assertThat(fromBall.feet().distance(new Point(2.3, 4.4))).isCloseTo(0, within(1e-12));
        assertThat(fromBall.sigmaX()).isCloseTo(Math.hypot(0.1, 0.05), within(1e-12));
        assertThat(onField(places).sigmaX()).isCloseTo(0.1, within(1e-12));
        assertThat(places.men()).containsExactly(MAN);
        assertThat(places.ball().orElseThrow().feet().x()).isCloseTo(0.7, within(1e-12));
    }

    @Test
    void withoutAClickTheLoggedSpotIsBelievedAsFarAsLogsAre() {
        Places places = places(seen(3, 4, Covariance.of(0.1, 0.1)));
        assertThat(places.ball()).isEmpty();
        Measured fromBall = places.fromBall(MAN).orElseThrow();
        assertThat(fromBall.feet().distance(new Point(3, 4))).isCloseTo(0, within(1e-12));
        assertThat(fromBall.sigmaX()).isCloseTo(Math.hypot(0.1, LIMITS.ball().lateral() / Math.sqrt(3)), within(1e-12));
        assertThat(fromBall.sigmaY()).isCloseTo(Math.hypot(0.1, LIMITS.ball().depth() / Math.sqrt(3)), within(1e-12));
    }

    /** What two men of one picture have in common is no doubt of how far they are apart. */
    @Test
    void menOfOnePictureAreToldApartBetterThanEachIsPlaced() {
        double own = 0.01;
        double shared = 0.04;
        var together = new Array2DRowRealMatrix(new double[][] {
            {own + shared, 0, shared, 0},
            {0, own + shared, 0, shared},
            {shared, 0, own + shared, 0},
            {0, shared, 0, own + shared}
        });
        var at = Covariance.of(Math.sqrt(own + shared), Math.sqrt(own + shared));
        var seen = Stream.of(MAN, "RT")
                .map(who -> new Sight.Seen(Shot.atSnap(who), new Measured(new Point(1, 1), at, true)))
                .toList();
        Places places = places(new Sight(seen, together));
        assertThat(places.sigmaX(Map.of(MAN, 1.0))).isCloseTo(Math.sqrt(own + shared), within(1e-12));
        assertThat(places.sigmaX(Map.of(MAN, 1.0, "RT", -1.0))).isCloseTo(Math.sqrt(2 * own), within(1e-12));
    }

    @Test
    void howAManMovedIsTheDifferenceOfHisPlacesInTheOrderOfTime() {
        Places places = places(
                Sight.of(new Shot(MAN, 1.2), new Measured(new Point(5, 2), Covariance.of(0.3, 0.3), true)),
                seen(3, 4, Covariance.of(0.1, 0.1)),
                Sight.of(new Shot(MAN, -0.8), new Measured(new Point(9, 9), Covariance.of(0.2, 0.2), true)),
                Sight.of(new Shot(MAN, 0.6), new Measured(new Point(4, 4), Covariance.of(0.2, 0.2), true)),
                Sight.of(new Shot("will", 0.6), new Measured(new Point(0, 4), Covariance.of(0.2, 0.2), true)));
        List<Places.Moved> moves = places.moves(MAN);
        assertThat(moves.stream().map(Places.Moved::seconds)).containsExactly(0.6, 1.2);
        assertThat(moves.get(0).by().feet().distance(new Point(1, 0))).isCloseTo(0, within(1e-12));
        assertThat(moves.get(1).by().sigmaX()).isCloseTo(Math.hypot(0.3, 0.1), within(1e-12));
        assertThat(places.moves("will")).isEmpty();
        assertThat(places.men()).containsExactly(MAN);
    }
}
