package mensch.core.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import mensch.core.convention.Convention;
import mensch.core.convention.FilmLimits;
import mensch.core.geometry.Point;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CalibrationTest {
    private static final FilmLimits LIMITS = Convention.standard().film();

    /** A known homography as truth: a view from behind and above. */
    private static final Homography TRUTH = new Homography(new double[] {40, 2, 960, 0.5, -12, 700, 0.0005, 0.012, 1});

    private static ImagePoint seen(Point field) {
        return TRUTH.fieldToImage(field).orElseThrow();
    }

    private static KnownPoint known(double x, double y) {
        var field = new Point(x, y);
        return new KnownPoint("(" + x + ", " + y + ")", field, seen(field));
    }

    private static String refusal(List<KnownPoint> points) {
        return ((Calibration.Refused) Calibration.of(points, LIMITS)).reason();
    }

    @Test
    void exactClicksGiveBackTheViewAndEveryPoint() {
        var calibration = ((Calibration.Solved) Calibration.of(
                        List.of(known(-9, 0), known(9, 0), known(9, 10), known(-9, 10), known(0, 5)), LIMITS))
                .calibration();
        for (double x = -20; x <= 20; x += 8) {
            for (double y = -10; y <= 30; y += 8) {
                var field = new Point(x, y);
                assertThat(calibration.toField(seen(field)).orElseThrow().distance(field))
                        .isCloseTo(0, within(1e-6));
                assertThat(calibration.toImage(field).orElseThrow().xPixels())
                        .isCloseTo(seen(field).xPixels(), within(1e-5));
            }
        }
        assertThat(calibration.residuals()).allMatch(r -> r.yards() < 1e-6);
    }

    @Test
    void fourPointsAreEnoughAndMorePointsShrinkTheError() {
        var four = new ArrayList<>(List.of(known(-9, 0), known(9, 0), known(9, 10), known(-9, 10)));
        double few = ((Calibration.Solved) Calibration.of(four, LIMITS))
                .calibration()
                .measure(new Feet(seen(new Point(1, 4)), false))
                .orElseThrow()
                .sigmaX();
        for (double x : new double[] {-20, -13, 13, 20}) {
            four.add(known(x, 0));
            four.add(known(x, 10));
        }
        assertThat(((Calibration.Solved) Calibration.of(four, LIMITS))
                        .calibration()
                        .measure(new Feet(seen(new Point(1, 4)), false))
                        .orElseThrow()
                        .sigmaX())
                .isLessThan(few);
    }

    @Test
    void aSetThatCannotTellIsRefusedWithTheReason() {
        assertThat(refusal(List.of(known(0, 0), known(5, 0), known(5, 5)))).contains("3 known points", "at least four");
        assertThat(refusal(List.of(known(-9, 0), known(0, 0), known(9, 0), known(4, 10))))
                .contains("all points but one lie on one line");
        assertThat(refusal(List.of(known(-9, 0), known(0, 0), known(9, 0), known(4, 0), known(7, 0))))
                .contains("all points but none lie on one line");
        assertThat(refusal(List.of(known(-9, 0), known(-9, 0), known(9, 0), known(4, 10))))
                .contains("same place on the field");
        assertThat(refusal(List.of(
                        known(-9, 0),
                        new KnownPoint("twice", new Point(3, 3), known(-9, 0).image()),
                        known(9, 0),
                        known(4, 10))))
                .contains("same place in the picture");
    }

    @Test
    void twoPointsExchangedAreNoCamerasView() {
        KnownPoint a = known(-9, 0);
        KnownPoint b = known(9, 10);
        var crossed = List.of(
                new KnownPoint("a", a.field(), b.image()),
                new KnownPoint("b", b.field(), a.image()),
                known(9, 0),
                known(-9, 10),
                known(0, 5),
                known(0, 0));
        var outcome = Calibration.of(crossed, LIMITS);
        boolean told = outcome instanceof Calibration.Refused
                || ((Calibration.Solved) outcome)
                        .calibration().residuals().stream().anyMatch(r -> r.yards() > 1);
        assertThat(told)
                .as("refused, or residuals of yards that nobody can miss")
                .isTrue();
    }

    @Test
    void residualsLargerThanTheModelsNoiseRaiseTheStatedError() {
        var points = new ArrayList<KnownPoint>();
        int i = 0;
        for (double x : new double[] {-20, -9, 9, 20}) {
            for (double y : new double[] {-5, 0, 5, 10}) {
                KnownPoint p = known(x, y);
                double off = (i++ % 2 == 0 ? 1 : -1) * 15;
                points.add(new KnownPoint(
                        p.name(),
                        p.field(),
                        new ImagePoint(p.image().xPixels() + off, p.image().yPixels() - off)));
            }
        }
        assertThat(((Calibration.Solved) Calibration.of(points, LIMITS))
                        .calibration()
                        .sigmaPixels())
                .isGreaterThan(10);
    }

    /** Feet that somebody hides are surely less sure, and no more points make up for that. */
    @Test
    void hiddenFeetAreInDoubtByTheirOwnMeasure() {
        var points = new ArrayList<KnownPoint>();
        for (double x : new double[] {-20, -9, 9, 20}) {
            for (double y : new double[] {-5, 0, 5, 10}) {
                points.add(known(x, y));
            }
        }
        Calibration calibration = ((Calibration.Solved) Calibration.of(points, LIMITS)).calibration();
        ImagePoint at = seen(new Point(1, 4));
        double clear = calibration.measure(new Feet(at, false)).orElseThrow().sigmaX();
        double hidden = calibration.measure(new Feet(at, true)).orElseThrow().sigmaX();
        assertThat(hidden / clear).isBetween(2.0, 2.5);
    }

    /** 4,000 views of few points with noise of their own: as many men inside the stated 95 % as are to be. */
    @ParameterizedTest
    @CsvSource({"4, 2", "5, 2", "6, 2", "12, 2", "12, 4"})
    void theStatedDoubtHoldsWithFewPointsToo(int count, double noisePixels) {
        var random = new Random(17);
        double[][] places = {
            {-9, 0}, {9, 0}, {9, 10}, {-9, 10}, {-18, 5}, {18, 5}, {-18, -5}, {18, -5}, {-18, 15}, {18, 15}, {0, -5},
            {0, 15}
        };
        int inside = 0;
        int seen = 0;
        for (int i = 0; i < 4000; i++) {
            var points = new ArrayList<KnownPoint>();
            for (int k = 0; k < count; k++) {
                KnownPoint p = known(places[k][0], places[k][1]);
                points.add(new KnownPoint(p.name(), p.field(), shaken(p.image(), noisePixels, random)));
            }
            var feet = new Point(random.nextDouble() * 12 - 6, 1 + random.nextDouble() * 8);
            if (Calibration.of(points, LIMITS) instanceof Calibration.Solved solved) {
                var click = new Feet(shaken(seen(feet), LIMITS.feetPixels(), random), false);
                Measured measured = solved.calibration().measure(click).orElseThrow();
                inside += Math.abs(measured.feet().x() - feet.x()) < 1.96 * measured.sigmaX() ? 1 : 0;
                inside += Math.abs(measured.feet().y() - feet.y()) < 1.96 * measured.sigmaY() ? 1 : 0;
                seen += 2;
            }
        }
        assertThat(seen).isGreaterThan(7500);
        assertThat((double) inside / seen).isBetween(0.93, 0.98);
    }

    private static ImagePoint shaken(ImagePoint at, double pixels, Random random) {
        return new ImagePoint(
                at.xPixels() + pixels * random.nextGaussian(), at.yPixels() + pixels * random.nextGaussian());
    }

    private static final double[][] SPREAD = {
        {-9, 0}, {9, 0}, {9, 10}, {-9, 10}, {-18, 5}, {18, 5}, {-18, 15}, {18, 15}, {0, -5}, {0, 15}
    };

    private static final List<KnownPoint> SPREAD_POINTS =
            Arrays.stream(SPREAD).map(at -> known(at[0], at[1])).toList();

    private static List<KnownPoint> clicked(int count, Random random) {
        var points = new ArrayList<KnownPoint>();
        for (int k = 0; k < count; k++) {
            KnownPoint p = known(SPREAD[k][0], SPREAD[k][1]);
            points.add(new KnownPoint(p.name(), p.field(), shaken(p.image(), LIMITS.paintPixels(), random)));
        }
        return points;
    }

    /** Good clicks are believed, and a wrong one among eight is named and left out. */
    @ParameterizedTest
    @CsvSource({"6, 0.99", "8, 0.99", "10, 0.99"})
    void oneClickThatDoesNotFitIsNamedAndLeftOut(int count, double share) {
        var random = new Random(23);
        int believed = 0;
        int caught = 0;
        int named = 0;
        int sets = 500;
        for (int i = 0; i < sets; i++) {
            List<KnownPoint> points = clicked(count, random);
            believed += Calibration.of(points, LIMITS) instanceof Calibration.Solved s
                            && s.calibration().leftOut().isEmpty()
                    ? 1
                    : 0;
            int wrong = random.nextInt(count);
            KnownPoint p = points.get(wrong);
            double way = random.nextDouble() * 2 * Math.PI;
            double far = 40 + 80 * random.nextDouble();
            points.set(
                    wrong,
                    new KnownPoint(
                            p.name(),
                            p.field(),
                            new ImagePoint(
                                    p.image().xPixels() + far * Math.cos(way),
                                    p.image().yPixels() + far * Math.sin(way))));
            Calibration.Outcome outcome = Calibration.of(points, LIMITS);
            List<String> left = outcome instanceof Calibration.Solved s
                    ? s.calibration().leftOut().stream()
                            .map(Calibration.LeftOut::name)
                            .toList()
                    : List.of("all");
            caught += left.isEmpty() ? 0 : 1;
            named += left.equals(List.of(p.name())) ? 1 : 0;
        }
        System.out.printf(
                "%d clicks: %.1f %% of good sets believed; one wrong: caught in %.1f %%, and it alone named in %.1f %%%n",
                count, 100.0 * believed / sets, 100.0 * caught / sets, 100.0 * named / sets);
        assertThat((double) believed / sets).isGreaterThanOrEqualTo(share);
        assertThat((double) caught / sets).isGreaterThanOrEqualTo(share);
    }

    @Test
    void leftAndRightExchangedIsNoCamera() {
        var random = new Random(29);
        for (int i = 0; i < 200; i++) {
            var mirrored = clicked(4 + i % 6, random).stream()
                    .map(p -> new KnownPoint(p.name(), p.field().mirror(), p.image()))
                    .toList();
            assertThat(refusal(mirrored)).contains("left and right are exchanged");
        }
    }

    @Test
    void fourClicksCannotCheckThemselves() {
        var random = new Random(31);
        for (int count : new int[] {4, 5}) {
            assertThat(((Calibration.Solved) Calibration.of(clicked(count, random), LIMITS))
                            .calibration()
                            .checksItself())
                    .isEqualTo(count > 4);
        }
    }

    /** A hand twice as unsteady as was said is believed, and its doubt is said: hardly a click is called wrong. */
    @Test
    void anUnsteadyHandIsNoWrongClick() {
        var random = new Random(37);
        int left = 0;
        int clicks = 0;
        double stated = 0;
        for (int i = 0; i < 200; i++) {
            var points = SPREAD_POINTS.stream()
                    .map(p -> new KnownPoint(p.name(), p.field(), shaken(p.image(), 4, random)))
                    .toList();
            var calibration = ((Calibration.Solved) Calibration.of(points, LIMITS)).calibration();
            left += calibration.leftOut().size();
            clicks += points.size();
            stated += calibration.sigmaPixels() / 200;
        }
        assertThat(stated).isBetween(3.0, 5.0);
        assertThat((double) left / clicks).isLessThan(0.05);
    }
}
