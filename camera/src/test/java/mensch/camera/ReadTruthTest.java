package mensch.camera;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import mensch.core.convention.Convention;
import mensch.core.convention.FilmLimits;
import mensch.core.film.Calibration;
import mensch.core.film.CameraView;
import mensch.core.film.Feet;
import mensch.core.film.ImagePoint;
import mensch.core.film.KnownPlaces;
import mensch.core.film.KnownPoint;
import mensch.core.film.Shot;
import mensch.core.formation.Snap;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.grading.FilmJudge;
import mensch.core.grading.ReadJudge;
import mensch.core.grading.ReadVerdict;
import mensch.core.grading.ReadVerdict.Outcome;
import mensch.core.library.Library;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.simulation.Fault;
import mensch.core.simulation.Playable;
import mensch.core.simulation.Unfolding;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Reads told from clicks through the cameras against what was scripted: right, 0.35 to 0.6 s late, or wrong for 0.4 to
 * 1 s; by men who move up to a fifth faster or slower than the model's and do not step as it does.
 */
class ReadTruthTest {
    private static final FilmLimits LIMITS = Convention.standard().film();
    private static final Library LIBRARY = Library.shipped();
    private static final Playable PLAYS = new Playable(LIBRARY.plays());
    private static final List<String> FORMATIONS =
            List.of("pro-i", "doubles-gun", "trips-open", "ace-twin-ends", "trips-nub");
    private static final List<String> CALLS = List.of("anvil-drizzle", "anvil-fog");
    /** Enough that a share is worth something; more with {@code -Dmensch.reads=500}. */
    private static final int READS = Integer.getInteger("mensch.reads", 100);

    private static final int WIDTH = 1920;
    private static final double STEP_YARDS = 0.2;
    private static final double GAIT = 0.2;
    /** Moments at which a man is clicked, seconds from where right and wrong begin to part. */
    private static final List<Double> MOMENTS = List.of(-0.25, 0.0, 0.25, 0.5);

    private final Random random = new Random(5);
    private final Map<Outcome, Map<Outcome, Integer>> counts = new EnumMap<>(Outcome.class);
    private int alike;
    private int shows;

    @ParameterizedTest
    @CsvSource({"both, 0.3", "sideline, 0.35", "end zone, 0.35"})
    void readsThatShowAreToldAndHardlyEverWrong(String view, double mostNotTold) {
        var cameras = Stream.of(PinholeCamera.sideline(45, 20, 0, WIDTH), PinholeCamera.endZone(35, 12, WIDTH))
                .skip(view.equals("end zone") ? 1 : 0)
                .limit(view.equals("both") ? 2 : 1)
                .toList();
        int reads = view.equals("both") ? READS : READS / 2;
        for (int tries = 0; total(Optional.empty()) < reads && tries < 20 * reads; tries++) {
            read(cameras);
        }
        int told = Stream.of(Outcome.RIGHT, Outcome.LATE, Outcome.WRONG)
                .mapToInt(o -> total(Optional.of(o)))
                .sum();
        int right = counts.entrySet().stream()
                .mapToInt(e -> e.getValue().getOrDefault(e.getKey(), 0))
                .sum();
        System.out.printf(
                "reads, %s: %s; of those told %.1f %% as scripted; %.1f %% not told; his movement shows in %d of %d%n",
                view, counts, 100.0 * right / told, 100.0 * (reads - told) / reads, shows, shows + alike);
        assertThat((double) right / told).isGreaterThanOrEqualTo(0.9);
        assertThat((double) (reads - told) / reads).isLessThanOrEqualTo(mostNotTold);
    }

    private int total(Optional<Outcome> said) {
        return counts.values().stream()
                .flatMap(c -> c.entrySet().stream())
                .filter(e -> said.isEmpty() || e.getKey() == said.get())
                .mapToInt(Map.Entry::getValue)
                .sum();
    }

    private <T> T any(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    private void read(List<PinholeCamera> cameras) {
        Snap snap = LIBRARY.formation(any(FORMATIONS)).snap(null, random.nextBoolean(), "hs m 50 1&10");
        Lineup lineup = Lineup.of(LIBRARY.call(any(CALLS)), snap);
        Playable.Named play = any(PLAYS.named());
        Side side = any(List.of(Side.values()));
        Optional<ReadJudge> judge = ReadJudge.of(PLAYS, lineup, play.id(), side);
        Job job = any(lineup.jobs());
        if (judge.isEmpty() || judge.get().told(job).isEmpty()) {
            return;
        }
        Optional<Double> at = judge.get().tellsAt(job, 0.15);
        if (at.isEmpty()) {
            alike++;
            return;
        }
        shows++;
        Outcome truth = any(List.of(Outcome.RIGHT, Outcome.LATE, Outcome.WRONG));
        List<Fault> faults = faults(job, truth);
        Unfolding unfolding = PLAYS.at(lineup, play, side, faults).orElseThrow().snap(100 + random.nextInt(1000));
        List<CameraView> views = cameras.stream()
                .map(c -> view(c, snap, walked(unfolding, job, at.get())))
                .toList();
        var judged = FilmJudge.of(LIBRARY.call(lineup.asked().ref().id()), snap, views);
        ReadVerdict verdict = judge.get().of(job, judged.places().moves(job.id()));
        counts.computeIfAbsent(truth, k -> new EnumMap<>(Outcome.class)).merge(verdict.outcome(), 1, Integer::sum);
    }

    private List<Fault> faults(Job job, Outcome truth) {
        return switch (truth) {
            case LATE -> List.of(new Fault(job.id(), Fault.Kind.SLOW_READ, 7 + random.nextInt(6), null));
            case WRONG -> List.of(new Fault(job.id(), Fault.Kind.BAD_READ, 8 + random.nextInt(13), null));
            default -> List.of();
        };
    }

    /** Where he really was: at the snap, and at the moments he is clicked. */
    private Map<Shot, Point> walked(Unfolding unfolding, Job job, double tells) {
        double gait = 1 + (random.nextDouble() * 2 - 1) * GAIT;
        int man = unfolding.men().indexOf(job.id());
        Point from = unfolding.at(man, 0);
        var walked = new LinkedHashMap<Shot, Point>();
        walked.put(Shot.atSnap(job.id()), from);
        for (double moment : MOMENTS) {
            int tick = (int) Math.max(1, Math.min(unfolding.ticks() - 1, Math.round((tells + moment) / Body.TICK)));
            Point to = unfolding.at(man, tick);
            walked.put(
                    new Shot(job.id(), tick * Body.TICK),
                    new Point(
                            from.x() + gait * (to.x() - from.x()) + random.nextGaussian() * STEP_YARDS,
                            from.y() + gait * (to.y() - from.y()) + random.nextGaussian() * STEP_YARDS));
        }
        return walked;
    }

    private CameraView view(PinholeCamera camera, Snap snap, Map<Shot, Point> walked) {
        List<KnownPoint> known = KnownPlaces.of(snap.field()).stream()
                .filter(p -> camera.sees(pixel(camera, p.at())))
                .map(p -> new KnownPoint(p.name(), p.at(), clicked(camera, p.at(), LIMITS.paintPixels())))
                .toList();
        var clicks = new LinkedHashMap<Shot, Feet>();
        walked.forEach((shot, at) -> clicks.put(shot, new Feet(clicked(camera, at, LIMITS.feetPixels()), false)));
        return new CameraView(((Calibration.Solved) Calibration.of(known, LIMITS)).calibration(), clicks);
    }

    private static ImagePoint pixel(PinholeCamera camera, Point at) {
        return camera.project(new Point3(at.x(), at.y(), 0));
    }

    private ImagePoint clicked(PinholeCamera camera, Point at, double pixels) {
        ImagePoint there = pixel(camera, at);
        return new ImagePoint(
                there.xPixels() + random.nextGaussian() * pixels, there.yPixels() + random.nextGaussian() * pixels);
    }
}
