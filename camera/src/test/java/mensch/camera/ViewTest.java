package mensch.camera;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import mensch.core.convention.Convention;
import mensch.core.convention.FilmLimits;
import mensch.core.field.Field;
import mensch.core.field.Mark;
import mensch.core.film.Calibration;
import mensch.core.film.Feet;
import mensch.core.film.ImagePoint;
import mensch.core.film.KnownPoint;
import mensch.core.film.Measured;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.grading.AlignmentVerdict;
import mensch.core.grading.AlignmentVerdict.Outcome;
import mensch.core.library.Library;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Place;
import org.junit.jupiter.api.Test;

/** Simulated camera, calibration from noisy clicks, measured feet, verdict: what can which view tell? */
class ViewTest {
    private static final FilmLimits LIMITS = Convention.standard().film();
    private static final int REPETITIONS = 1000;
    private static final PinholeCamera SIDELINE = PinholeCamera.sideline(45, 20, 0, 1920);
    private static final PinholeCamera END_ZONE = PinholeCamera.endZone(35, 12, 1920);
    private static final Snap SNAP = Notation.snap("ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7 | hs m 50 1&10");
    private static final Lineup LINEUP = Lineup.of(Library.shipped().call("anvil-drizzle"), SNAP);

    private final Random noise = new Random(7);

    private ImagePoint shaken(PinholeCamera camera, Point at, double pixels) {
        ImagePoint true_ = camera.project(new Point3(at.x(), at.y(), 0));
        return new ImagePoint(
                true_.xPixels() + noise.nextGaussian() * pixels, true_.yPixels() + noise.nextGaussian() * pixels);
    }

    private Feet click(PinholeCamera camera, Point feet) {
        return new Feet(shaken(camera, feet, LIMITS.feetPixels()), false);
    }

    /**
     * Yard lines every five yards crossed with hashes, numbers' edges and sidelines, as far as the picture shows them.
     */
    private List<KnownPoint> known(PinholeCamera camera) {
        Field field = SNAP.field();
        var points = new ArrayList<KnownPoint>();
        for (double y = -10; y <= 20; y += 5) {
            for (Side side : Side.values()) {
                for (Mark mark : List.of(Mark.HASH, Mark.TOP_OF_NUMBERS, Mark.BOTTOM_OF_NUMBERS, Mark.SIDELINE)) {
                    var at = new Point(field.x(mark, side, 0), y);
                    if (camera.sees(camera.project(new Point3(at.x(), at.y(), 0)))) {
                        points.add(new KnownPoint(
                                mark.words() + " " + side.words() + " " + y,
                                at,
                                shaken(camera, at, LIMITS.paintPixels())));
                    }
                }
            }
        }
        return points;
    }

    private Calibration calibrate(PinholeCamera camera) {
        return ((Calibration.Solved) Calibration.of(known(camera), LIMITS)).calibration();
    }

    private double[] errors(PinholeCamera camera) {
        double[] errors = new double[REPETITIONS];
        for (int i = 0; i < REPETITIONS; i++) {
            Calibration calibration = calibrate(camera);
            Point feet = LINEUP.jobs().get(i % 11).feet();
            errors[i] = calibration
                    .measure(click(camera, feet))
                    .orElseThrow()
                    .feet()
                    .distance(feet);
        }
        Arrays.sort(errors);
        return errors;
    }

    @Test
    void measuredFeetAreNearTheTrueOnes() {
        double[] sideline = errors(SIDELINE);
        double[] endZone = errors(END_ZONE);
        System.out.printf(
                "measured from true feet, yd: sideline median %.3f worst %.3f (%d points); end zone median %.3f worst %.3f (%d points)%n",
                sideline[REPETITIONS / 2],
                sideline[REPETITIONS - 1],
                known(SIDELINE).size(),
                endZone[REPETITIONS / 2],
                endZone[REPETITIONS - 1],
                known(END_ZONE).size());
        assertThat(sideline[REPETITIONS / 2]).isLessThanOrEqualTo(0.18);
        assertThat(endZone[REPETITIONS / 2]).isLessThanOrEqualTo(0.25);
    }

    @Test
    void theStatedErrorIsTheErrorSeen() {
        for (PinholeCamera camera : List.of(SIDELINE, END_ZONE)) {
            Point feet = LINEUP.job("nickel").feet();
            double sumX = 0;
            double sumY = 0;
            double statedX = 0;
            double statedY = 0;
            for (int i = 0; i < REPETITIONS; i++) {
                Measured measured =
                        calibrate(camera).measure(click(camera, feet)).orElseThrow();
                sumX += Math.pow(measured.feet().x() - feet.x(), 2) / REPETITIONS;
                sumY += Math.pow(measured.feet().y() - feet.y(), 2) / REPETITIONS;
                statedX += measured.sigmaX() * measured.sigmaX() / REPETITIONS;
                statedY += measured.sigmaY() * measured.sigmaY() / REPETITIONS;
            }
            assertThat(Math.sqrt(statedX / sumX)).isBetween(0.9, 1.25);
            assertThat(Math.sqrt(statedY / sumY)).isBetween(0.9, 1.25);
        }
    }

    /** Lateral differences are the end-zone view's, depth the sideline view's. */
    @Test
    void eachViewSaysWhatItCanTell() {
        Point box = new Point(0, 3);
        Calibration.Resolution sideline = calibrate(SIDELINE).resolution(box).orElseThrow();
        Calibration.Resolution endZone = calibrate(END_ZONE).resolution(box).orElseThrow();
        assertThat(sideline.depthYards()).isLessThan(sideline.lateralYards());
        assertThat(endZone.lateralYards()).isLessThan(endZone.depthYards());
        assertThat(endZone.lateralYards()).isLessThan(0.53);
    }

    private Outcome judged(PinholeCamera camera, String job, double wider, double deeper) {
        Calibration calibration = calibrate(camera);
        Job asked = LINEUP.job(job);
        Place place = asked.before().align().orNull();
        int sign = place.feet().x() < 0 ? -1 : 1;
        var stood = new Point(place.feet().x() + sign * wider, place.feet().y() + deeper);
        double reference = calibration
                .measure(new Feet(
                        calibration.toImage(SNAP.formation().man("RT").feet()).orElseThrow(), false))
                .orElseThrow()
                .sigmaX();
        Measured measured = calibration.measure(click(camera, stood)).orElseThrow();
        return AlignmentVerdict.of(place, measured, Math.hypot(measured.sigmaX(), reference), LIMITS)
                .outcome();
    }

    private double share(PinholeCamera camera, String job, double wider, double deeper, Outcome outcome) {
        int count = 0;
        for (int i = 0; i < REPETITIONS; i++) {
            count += judged(camera, job, wider, deeper) == outcome ? 1 : 0;
        }
        return (double) count / REPETITIONS;
    }

    @Test
    void aManWhoStandsRightIsHardlyEverCalledOut() {
        for (PinholeCamera camera : List.of(SIDELINE, END_ZONE)) {
            for (String job : List.of("nickel", "mike", "end-call", "free")) {
                assertThat(share(camera, job, 0, 0.25, Outcome.OUT)).as(job).isLessThanOrEqualTo(0.05);
            }
        }
    }

    @Test
    void aNickelNearlyTwoYardsWideIsCalledOut() {
        // one side alone tells width badly, and against a man 98 % is asked
        assertThat(share(SIDELINE, "nickel", 1.8, 0, Outcome.OUT)).isGreaterThan(0.3);
        assertThat(share(END_ZONE, "nickel", 1.8, 0, Outcome.OUT)).isGreaterThan(0.9);
    }

    /**
     * The end asked for a 7 who stands in a 5 is 0.53 yd tight: the end-zone view can tell, the sideline view is at its
     * limit.
     */
    @Test
    void fiveForSevenIsTheEndZoneViewsCall() {
        double endZone = share(END_ZONE, "end-call", -0.53, 0.25, Outcome.OUT);
        double sideline = share(SIDELINE, "end-call", -0.53, 0.25, Outcome.OUT);
        System.out.printf(
                "an end in a 5 instead of a 7 is called out: sideline %.0f %%, end zone %.0f %%%n",
                100 * sideline, 100 * endZone);
        assertThat(endZone).isGreaterThan(sideline);
    }

    @Test
    void sigmaGrowsOutsideTheKnownPoints() {
        Calibration calibration = calibrate(END_ZONE);
        Measured far = calibration
                .measure(new Feet(calibration.toImage(new Point(0, 45)).orElseThrow(), false))
                .orElseThrow();
        Measured near = calibration
                .measure(new Feet(calibration.toImage(new Point(0, 5)).orElseThrow(), false))
                .orElseThrow();
        assertThat(near.insideHull()).isTrue();
        assertThat(far.insideHull()).isFalse();
        assertThat(far.sigmaY()).isGreaterThan(near.sigmaY());
        assertThat(calibration.measure(new Feet(new ImagePoint(960, -2000), false)))
                .as("above the horizon")
                .isEmpty();
    }
}
