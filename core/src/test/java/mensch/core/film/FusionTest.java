package mensch.core.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import mensch.core.geometry.Point;
import org.junit.jupiter.api.Test;

/** Views of one man put together. */
class FusionTest {
    private static final Covariance TELLS_DEPTH = Covariance.of(0.5, 0.1);
    private static final Covariance TELLS_WIDTH = Covariance.of(0.1, 0.5);

    private static Measured seen(double x, double y, Covariance covariance) {
        return new Measured(new Point(x, y), covariance, true);
    }

    @Test
    void oneViewStandsAsItIs() {
        Measured only = seen(3, 4, new Covariance(0.2, 0.05, 0.1));
        Fusion alone = Fusion.of(List.of(only));
        assertThat(alone.measured().feet().distance(only.feet())).isCloseTo(0, within(1e-12));
        assertThat(alone.measured().sigmaX()).isCloseTo(only.sigmaX(), within(1e-12));
        assertThat(alone.agrees()).isTrue();
    }

    @Test
    void eachViewTellsWhatItSeesBetter() {
        Fusion both = Fusion.of(List.of(seen(3.6, 4.0, TELLS_DEPTH), seen(3.0, 4.6, TELLS_WIDTH)));
        assertThat(both.measured().feet().x()).isCloseTo(3.0 + 0.6 / 26, within(1e-9));
        assertThat(both.measured().feet().y()).isCloseTo(4.0 + 0.6 / 26, within(1e-9));
        assertThat(both.measured().sigmaX()).isLessThan(0.1);
        assertThat(both.measured().sigmaY()).isLessThan(0.1);
    }

    @Test
    void viewsThatShowDifferentPlacesAreNotAveragedAway() {
        Fusion apart = Fusion.of(List.of(seen(3, 4, TELLS_DEPTH), seen(3, 6, Covariance.of(0.1, 0.3))));
        assertThat(apart.agrees()).isFalse();
        assertThat(apart.yardsApart()).isCloseTo(2, within(1e-12));
        assertThat(Fusion.of(List.of(seen(3, 4, TELLS_DEPTH), seen(3, 6, TELLS_WIDTH.plus(TELLS_WIDTH))))
                        .agrees())
                .isTrue();
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
            Fusion fused = Fusion.of(List.of(drawn(random, one), drawn(random, other)));
            inside += Math.abs(fused.measured().feet().x())
                            < 1.96 * fused.measured().sigmaX()
                    ? 1
                    : 0;
            agree += fused.agrees() ? 1 : 0;
        }
        assertThat((double) inside / men).isBetween(0.945, 0.955);
        assertThat((double) agree / men).isBetween(0.985, 0.993);
    }

    private static Measured drawn(Random random, Covariance covariance) {
        double a = Math.sqrt(covariance.xx());
        double b = covariance.xy() / a;
        double c = Math.sqrt(covariance.yy() - b * b);
        double u = random.nextGaussian();
        double v = random.nextGaussian();
        return seen(a * u, b * u + c * v, covariance);
    }
}
