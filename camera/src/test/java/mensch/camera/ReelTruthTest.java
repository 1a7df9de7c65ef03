package mensch.camera;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mensch.core.call.Call;
import mensch.core.convention.Convention;
import mensch.core.convention.FilmLimits;
import mensch.core.film.Calibration;
import mensch.core.film.CameraView;
import mensch.core.film.Covariance;
import mensch.core.film.Feet;
import mensch.core.film.FilmedAngle;
import mensch.core.film.ImagePoint;
import mensch.core.film.KnownPlaces;
import mensch.core.film.KnownPoint;
import mensch.core.film.Measured;
import mensch.core.film.PictureSize;
import mensch.core.film.Places;
import mensch.core.film.Still;
import mensch.core.film.Tripod;
import mensch.core.formation.Formation;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.geometry.Point;
import mensch.core.geometry.Region;
import mensch.core.geometry.Vector;
import mensch.core.grading.AlignmentVerdict.Outcome;
import mensch.core.grading.FilmJudge;
import mensch.core.library.Library;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Shading.GapSide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The demo reels measured against their truth with a careful hand's clicks: 100 repetitions of each of the ten snaps.
 */
class ReelTruthTest {
    private static final FilmLimits LIMITS = Convention.standard().film();
    private static final int REPETITIONS = 100;
    /** After so many the other plays of the reel are clicked anew. */
    private static final int ANEW = 20;

    private static final PictureSize PICTURE = new PictureSize(1920, 1080);
    private static final int ALL = 99;
    private static final List<Scene> SCENES = ReelMaker.script();
    private static final Library LIBRARY = Library.shipped();

    private final Random noise = new Random(11);
    private final List<Double> errors = new ArrayList<>();
    private double worstSigmas;
    private int points;
    private int men;
    private int apart;
    private int refused;
    private final Tally linemen = new Tally();
    private final Tally others = new Tally();
    private final Map<GapSide, Integer> shadings = new EnumMap<>(GapSide.class);

    private ImagePoint click(PinholeCamera camera, double x, double y, double pixels) {
        ImagePoint at = camera.project(new Point3(x, y, 0));
        return new ImagePoint(
                at.xPixels() + noise.nextGaussian() * pixels, at.yPixels() + noise.nextGaussian() * pixels);
    }

    /** Paint is where it is; the ball, from which the scene is measured, lies off the spot that was logged. */
    private List<KnownPoint> known(Scene scene, PinholeCamera camera, Vector off) {
        var known = new ArrayList<KnownPoint>();
        for (var place : KnownPlaces.of(scene.snap().field())) {
            double x = place.at().x() - off.x();
            double y = place.at().y() - off.y();
            if (camera.sees(camera.project(new Point3(x, y, 0)))) {
                known.add(new KnownPoint(place.name(), place.at(), click(camera, x, y, LIMITS.paintPixels())));
            }
        }
        return known;
    }

    /** So many of them, spread over the picture as they come. */
    private List<KnownPoint> known(Scene scene, PinholeCamera camera, Vector off, Hand hand) {
        List<KnownPoint> all = known(scene, camera, off);
        Collections.shuffle(all, noise);
        points = Math.min(hand.places(), all.size());
        return all.subList(0, points);
    }

    /** What the other plays of the reel tell of where the camera stands. */
    private Tripod tripod(Scene scene, boolean sideline) {
        List<Tripod.Seen> others = SCENES.stream()
                .filter(s -> s.number() != scene.number())
                .sorted(Comparator.comparingInt(s -> Math.abs(s.number() - scene.number())))
                .map(s -> new Tripod.Seen(s.snap().field(), known(s, ReelMaker.camera(s, sideline), new Vector(0, 0))))
                .toList();
        return Tripod.of(scene.snap().field(), PICTURE, others, LIMITS);
    }

    private Stream<CameraView> seen(Scene scene, Filmed filmed, Vector off, Hand hand) {
        PinholeCamera camera = filmed.camera();
        List<Still> before = IntStream.range(1, hand.frames())
                .mapToObj(i -> new Still(-0.1 * i, List.of(), clicked(scene, camera, hand)))
                .toList();
        var angle = FilmedAngle.of(
                new Still(0, known(scene, camera, off, hand), clicked(scene, camera, hand)),
                before,
                filmed.tripod(),
                hand.limits());
        refused += angle.snap() instanceof Calibration.Refused ? 1 : 0;
        return angle.views().stream();
    }

    private Map<String, Feet> clicked(Scene scene, PinholeCamera camera, Hand hand) {
        var clicks = new LinkedHashMap<String, Feet>();
        if (hand.ball()) {
            clicks.put(Places.BALL, new Feet(click(camera, 0, 0, LIMITS.paintPixels()), false));
        }
        scene.bodies().stream()
                .filter(b -> camera.sees(camera.project(new Point3(b.at().x(), b.at().y(), 0))))
                .forEach(b -> clicks.put(
                        b.name(), new Feet(click(camera, b.at().x(), b.at().y(), hand.feetPixels()), false)));
        return clicks;
    }

    /** A camera, and what is known of its tripod. */
    private record Filmed(PinholeCamera camera, Tripod tripod) {

        /** The tripod stands where it stands, wherever the ball lies. */
        Filmed off(Vector off) {
            Point3 eye = camera.eye();
            return new Filmed(camera.standing(new Point3(eye.x() - off.x(), eye.y() - off.y(), eye.z())), tripod);
        }
    }

    private void measure(Scene scene, List<Filmed> cameras, Hand hand) {
        Call call = LIBRARY.call(scene.call());
        var off = new Vector(
                (noise.nextDouble() * 2 - 1) * LIMITS.ball().lateral(),
                (noise.nextDouble() * 2 - 1) * LIMITS.ball().depth());
        List<CameraView> views = cameras.stream()
                .flatMap(c -> seen(scene, c.off(off), off, hand))
                .toList();
        if (views.size() < cameras.size()) {
            return;
        }
        // the log knows the formation, not the jitter: truth is asked against the offence as it really stood
        var judged = FilmJudge.of(call, logged(scene), views);
        var truth = Lineup.of(call, scene.snap().lying(off));
        for (FilmJudge.Row row : judged.rows()) {
            Body body = scene.bodies().stream()
                    .filter(b -> b.name().equals(row.job().id()))
                    .findFirst()
                    .orElseThrow();
            errors.add(row.measured().feet().distance(body.at()));
            worstSigmas = Math.max(worstSigmas, sigmas(row.measured(), body.at()));
            Job asked = truth.job(row.job().id());
            tally(asked).count(stoodRight(asked, body.at()), row.verdict().outcome());
            row.shading().ifPresent(s -> shadings.merge(s.side(), 1, Integer::sum));
        }
        apart += judged.places().apart().size();
        men += judged.places().apart().size() + judged.places().men().size();
    }

    /** How far off he was measured, in his own standard deviations (Mahalanobis distance). */
    private static double sigmas(Measured measured, Point truth) {
        Covariance c = measured.covariance();
        double x = measured.feet().x() - truth.x();
        double y = measured.feet().y() - truth.y();
        return Math.sqrt((c.yy() * x * x - 2 * c.xy() * x * y + c.xx() * y * y) / (c.xx() * c.yy() - c.xy() * c.xy()));
    }

    private Tally tally(Job job) {
        return job.role().lineman() ? linemen : others;
    }

    /** A man of the line is asked a width, and within reach of the line. */
    private static boolean stoodRight(Job asked, Point at) {
        Region region = asked.before().align().orNull().region();
        boolean width = at.x() >= region.xMin() && at.x() <= region.xMax();
        return asked.role().lineman() ? width && at.y() <= region.yMin() + LIMITS.lineDepth() : region.contains(at);
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

    private void measureAll(String view, Hand hand) {
        for (Scene scene : SCENES) {
            List<Boolean> sides = Stream.of(true, false)
                    .filter(sideline -> view.equals("both") || view.equals("sideline") == sideline)
                    .toList();
            List<Filmed> cameras = List.of();
            for (int i = 0; i < REPETITIONS; i++) {
                if (i % ANEW == 0) {
                    cameras = sides.stream()
                            .map(sideline -> new Filmed(ReelMaker.camera(scene, sideline), tripod(scene, sideline)))
                            .toList();
                }
                measure(scene, cameras, hand);
            }
        }
        errors.sort(null);
        System.out.printf(
                "%s, %s: %d points on the last snap; measured from true feet: median %.3f yd, worst %.3f yd, %.1f of its sigmas; "
                        + "linemen %s, gap side %s; others %s; %.2f %% of men at two places; %d good sets of %d refused%n",
                view,
                hand,
                points,
                errors.get(errors.size() / 2),
                errors.get(errors.size() - 1),
                worstSigmas,
                linemen,
                shadings,
                others,
                100.0 * apart / men,
                refused,
                REPETITIONS * SCENES.size());
    }

    private double gapSide(GapSide side) {
        int sided =
                shadings.values().stream().mapToInt(Integer::intValue).sum() - shadings.getOrDefault(GapSide.NONE, 0);
        return (double) shadings.getOrDefault(side, 0) / sided;
    }

    /** The ball lies off the spot that was logged, evenly within what a log is believed, and was clicked. */
    @ParameterizedTest
    @CsvSource({"sideline, 0.20, 0.5", "end zone, 0.45, 0.85", "both, 0.12, 0.95"})
    void feetAreMeasuredCloselyAndRightMenAreHardlyEverCalledOut(String view, double medianYards, double wrongOut) {
        measureAll(view, Hand.steady(LIMITS.feetPixels()));
        assertThat(errors.get(errors.size() / 2)).isLessThanOrEqualTo(medianYards);
        assertThat(linemen.share(true, Outcome.OUT)).isLessThanOrEqualTo(0.02);
        assertThat(others.share(true, Outcome.OUT)).isLessThanOrEqualTo(0.02);
        assertThat(others.share(false, Outcome.OUT)).isGreaterThan(wrongOut);
        assertThat((double) apart / men).isLessThan(0.02);
        assertThat(worstSigmas).isLessThan(6);
    }

    /** Feet clicked on three still frames, or by a hand that is steadier by as much. */
    @ParameterizedTest
    @CsvSource({"4, 3", "2, 1"})
    void onThreeFramesTheSideOfTheGapIsToldAndMostLinemenAreIn(double feetPixels, int frames) {
        measureAll("both", new Hand(feetPixels, true, frames, ALL));
        assertThat(linemen.share(true, Outcome.IN)).isGreaterThan(0.7);
        assertThat(gapSide(GapSide.RIGHT)).isGreaterThan(0.9);
        assertThat(gapSide(GapSide.WRONG)).isLessThan(0.02);
        assertThat(linemen.share(true, Outcome.OUT)).isLessThanOrEqualTo(0.02);
        assertThat(others.share(true, Outcome.IN)).isGreaterThan(0.95);
    }

    /** Three places a play and side, where the reel's other plays tell where the camera stands. */
    @Test
    void threePlacesAPlayAreAsGoodAsAll() {
        measureAll("both", new Hand(LIMITS.feetPixels(), true, 3, 3));
        assertThat(refused).isLessThanOrEqualTo(REPETITIONS * SCENES.size() / 100);
        assertThat(errors.get(errors.size() / 2)).isLessThanOrEqualTo(0.12);
        assertThat(linemen.share(true, Outcome.OUT)).isLessThanOrEqualTo(0.02);
        assertThat(gapSide(GapSide.RIGHT)).isGreaterThan(0.9);
        assertThat(others.share(true, Outcome.IN)).isGreaterThan(0.95);
        assertThat(others.share(false, Outcome.OUT)).isGreaterThan(0.95);
    }

    /** A yard to the side of where it was logged is no fault of eleven men. */
    @Test
    void aBallThatNobodyClickedMakesNobodyWrong() {
        measureAll("both", new Hand(LIMITS.feetPixels(), false, 1, ALL));
        assertThat(linemen.share(true, Outcome.OUT)).isLessThanOrEqualTo(0.02);
        assertThat(others.share(true, Outcome.OUT)).isLessThanOrEqualTo(0.02);
        assertThat(others.share(false, Outcome.OUT)).isGreaterThan(0.8);
    }

    /** How feet are clicked, whether the ball is, on how many frames, and how many places of the field are. */
    private record Hand(double feetPixels, boolean ball, int frames, int places) {
        static Hand steady(double feetPixels) {
            return new Hand(feetPixels, true, 1, ALL);
        }

        /** The application is told how steady the hand is. */
        FilmLimits limits() {
            return new FilmLimits(
                    LIMITS.nominalSigma(),
                    LIMITS.depthChange(),
                    LIMITS.lineDepth(),
                    LIMITS.paintPixels(),
                    LIMITS.paintWorth(),
                    feetPixels,
                    LIMITS.foundPixels(),
                    LIMITS.hiddenPixels(),
                    LIMITS.stillBefore(),
                    LIMITS.ball(),
                    LIMITS.read(),
                    LIMITS.getOffLate(),
                    LIMITS.landmarkNear(),
                    LIMITS.path());
        }
    }

    /** What became of men who stood right, and of men who did not. */
    private static final class Tally {
        private final Map<Boolean, Map<Outcome, Integer>> counts =
                Map.of(true, new EnumMap<>(Outcome.class), false, new EnumMap<>(Outcome.class));

        void count(boolean right, Outcome outcome) {
            counts.get(right).merge(outcome, 1, Integer::sum);
        }

        double share(boolean right, Outcome outcome) {
            Map<Outcome, Integer> of = counts.get(right);
            int all = of.values().stream().mapToInt(Integer::intValue).sum();
            return all == 0 ? 0 : (double) of.getOrDefault(outcome, 0) / all;
        }

        @Override
        public String toString() {
            return String.format(
                    Locale.ROOT,
                    "right: in %.1f %%, out %.2f %%; wrong: out %.1f %%, in %.1f %%",
                    100 * share(true, Outcome.IN),
                    100 * share(true, Outcome.OUT),
                    100 * share(false, Outcome.OUT),
                    100 * share(false, Outcome.IN));
        }
    }
}
