package mensch.app.film;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import mensch.app.game.PlayLog;
import mensch.core.event.Observed;
import mensch.core.field.Field;
import mensch.core.film.Calibration;
import mensch.core.film.KnownPlaces;
import mensch.core.film.Places;
import mensch.core.geometry.Point;
import mensch.core.geometry.Segment;
import mensch.core.geometry.Side;
import mensch.core.geometry.Vector;
import mensch.core.grading.AlignmentVerdict;
import mensch.core.grading.FilmJudge;
import mensch.core.grading.StoodAs;
import mensch.core.report.Together;
import mensch.core.roster.Roster;
import mensch.core.sheet.Sheet;
import mensch.core.sheet.SheetMaker;
import org.jspecify.annotations.Nullable;

/**
 * A play as the film room shows it.
 *
 * @param known places of the field to click
 * @param sheet the line-up asked: against the offence as it stood when a view is solved, else against the log
 * @param verdicts of all angles together
 * @param measured feet of all angles together
 * @param apart men whom the angles put at different places
 * @param ballElsewhere how far the ball was clicked from its logged spot, yards to the offence's right and up the
 *     field, where that is too far to be believed; null where it is not
 * @param stood formations that the men were marked in where the log has another, the nearest first; empty where it is
 *     as near or somebody but the five of the line is not measured
 * @param moments that can be marked, and whether each is one man's
 * @param timesApart what the angles put at moments farther apart than their frames explain
 * @param stillBefore how long before the ball who stands may be clicked again, seconds
 * @param followed how long after the ball men can be followed by the picture, seconds
 * @param atTheBall so near the ball a defender is one of the hats at it, yards
 * @param version of the log
 */
record FilmedPlay(
        long id,
        int number,
        long version,
        PlayLog log,
        List<AngleSheet> angles,
        List<Place> known,
        Sheet sheet,
        List<VerdictRow> verdicts,
        List<MeasuredRow> measured,
        List<Apart> apart,
        @Nullable Vector ballElsewhere,
        List<StoodRow> stood,
        List<String> timesApart,
        List<MomentWords> moments,
        double stillBefore,
        double followed,
        double atTheBall) {

    /**
     * An angle of the play.
     *
     * @param lastFrame null until it is marked
     * @param trouble why the view is not solved, or empty
     * @param leastPoints with so many known places it can be solved: fewer where the reel's other plays tell where the
     *     camera stands
     * @param leastPointsTurned the same of a frame in which the camera has turned since the snap
     * @param tripod how many plays tell that
     * @param noPlaces names that were clicked and that this field has not: the log was corrected since
     * @param nextPlaces names of the known places that are best clicked next at the snap
     * @param version goes back as If-Match with the next work on it
     */
    record AngleSheet(
            long id,
            long reel,
            int firstFrame,
            int snapFrame,
            @Nullable Integer lastFrame,
            List<KnownClick> points,
            List<FeetClick> marks,
            List<SeenAt> seen,
            List<Drawing> drawn,
            List<FilmRoom.StillSheet> stills,
            @Nullable Solved calibration,
            String trouble,
            int leastPoints,
            int leastPointsTurned,
            List<String> noPlaces,
            int tripod,
            List<String> nextPlaces,
            long version) {}

    private static final List<MomentWords> MOMENTS = Arrays.stream(Observed.values())
            .map(o -> new MomentWords(o, o.ofAMan()))
            .toList();

    /** What can be marked to happen at a frame. */
    record MomentWords(Observed what, boolean ofAMan) {}

    /** A man whom the angles put at places farther apart than their doubt explains. */
    record Apart(String man, double yards) {}

    /** A known place, play frame yards. */
    record Place(String name, double x, double y) {}

    record Residual(String name, double yards) {}

    record Pixel(double x, double y) {}

    /**
     * A solved view.
     *
     * @param lateralYards smallest lateral difference between two men that it can tell near the ball, 95 %
     * @param leftOut clicks that do not fit the others
     * @param bendPercent so much nearer to the middle than a good lens would have them the corners are shown, which is
     *     reckoned with; below 0 farther, 0 where no click says so
     * @param checksItself whether a wrong click would show
     * @param standing whether the camera stands where the reel's other plays put it
     * @param grid lines of the field in the picture, pixels
     */
    record Solved(
            List<Residual> residuals,
            double worstYards,
            double sigmaPixels,
            double lateralYards,
            double depthYards,
            List<Calibration.LeftOut> leftOut,
            double bendPercent,
            boolean checksItself,
            Calibration.Standing standing,
            List<List<Pixel>> grid) {}

    /** A defender's verdict; {@code nominal} are the men of the offence who were not clicked. */
    record VerdictRow(String job, AlignmentVerdict.Outcome outcome, String words, List<String> nominal) {}

    /** Feet on the field; sigmas are one standard deviation, yards. */
    record MeasuredRow(String man, double x, double y, double sigmaX, double sigmaY, boolean insideHull) {}

    /**
     * A formation that the men may have stood in.
     *
     * @param mirrored strong side to the left
     * @param farthest who of it stands farthest from where it has him, and how far, yards
     */
    record StoodRow(String formation, boolean mirrored, String farthest, double yards) {
        static StoodRow of(StoodAs.Fit fit) {
            return new StoodRow(fit.as().id(), fit.as().mirrored(), fit.farthest(), fit.yards());
        }
    }

    static FilmedPlay of(FilmRoom.Worked worked, List<StoodAs.Fit> stood) {
        Field field = worked.asked().snap().field();
        FilmJudge.Judged judged = worked.judged();
        return new FilmedPlay(
                worked.play().id(),
                worked.play().number(),
                worked.play().version(),
                worked.play().log(),
                worked.angles().stream().map(seen -> angle(seen, field)).toList(),
                KnownPlaces.of(field).stream()
                        .map(p -> new Place(p.name(), p.at().x(), p.at().y()))
                        .toList(),
                new SheetMaker(worked.library()).of(worked.lineup(), Roster.EMPTY),
                judged.rows().stream().map(FilmedPlay::verdict).toList(),
                measured(judged),
                judged.places().apart().entrySet().stream()
                        .map(a -> new Apart(a.getKey(), a.getValue()))
                        .toList(),
                judged.ballElsewhere().orElse(null),
                stood.stream().map(StoodRow::of).toList(),
                worked.times().apart(),
                MOMENTS,
                worked.asked().call().convention().film().stillBefore(),
                FollowMen.LONGEST,
                Together.AT_THE_BALL);
    }

    private static AngleSheet angle(FilmRoom.Seen seen, Field field) {
        Angle angle = seen.angle();
        Map<String, KnownPlaces.KnownPlace> places = KnownPlaces.everywhere(field);
        return new AngleSheet(
                angle.id(),
                angle.reelId(),
                angle.firstFrame(),
                angle.snapFrame(),
                angle.lastFrame(),
                angle.points(),
                angle.marks(),
                angle.seen(),
                angle.drawn(),
                seen.stills(),
                seen.filmed().snap() instanceof Calibration.Solved s ? solved(s.calibration(), field) : null,
                seen.filmed().snap() instanceof Calibration.Refused refused ? refused.reason() : "",
                seen.tripod().leastPoints(),
                seen.filmed().leastPointsTurned(),
                angle.points().stream()
                        .map(KnownClick::name)
                        .filter(name -> !places.containsKey(name))
                        .distinct()
                        .toList(),
                seen.tripod().views(),
                seen.filmed().nextPlaces(field),
                angle.version());
    }

    private static VerdictRow verdict(FilmJudge.Row row) {
        return new VerdictRow(row.job().id(), row.verdict().outcome(), row.words(), row.nominal());
    }

    private static List<MeasuredRow> measured(FilmJudge.Judged judged) {
        var rows = new ArrayList<MeasuredRow>();
        Places places = judged.places();
        places.men()
                .forEach(man -> places.fromBall(man)
                        .ifPresent(m -> rows.add(new MeasuredRow(
                                man, m.feet().x(), m.feet().y(), m.sigmaX(), m.sigmaY(), m.insideHull()))));
        return rows;
    }

    private static Solved solved(Calibration calibration, Field field) {
        var residuals = calibration.residuals().stream()
                .map(r -> new Residual(r.name(), r.yards()))
                .toList();
        double worst = residuals.stream().mapToDouble(Residual::yards).max().orElse(0);
        Optional<Calibration.Resolution> resolution = calibration.resolution(new Point(0, 3));
        return new Solved(
                residuals,
                worst,
                calibration.sigmaPixels(),
                resolution.map(Calibration.Resolution::lateralYards).orElse(-1.0),
                resolution.map(Calibration.Resolution::depthYards).orElse(-1.0),
                calibration.leftOut(),
                100 * calibration.bend(),
                calibration.checksItself(),
                calibration.standing(),
                grid(calibration, field));
    }

    /** Five-yard lines from sideline to sideline, the two hashes and the line of scrimmage. */
    private static List<List<Pixel>> grid(Calibration calibration, Field field) {
        var lines = new ArrayList<List<Pixel>>();
        double left = field.sidelineX(Side.LEFT);
        double right = field.sidelineX(Side.RIGHT);
        for (int y = -15; y <= 25; y++) {
            if (y == 0 || Math.floorMod(field.ball().yardsToGoal() - y, 5) == 0) {
                lines.add(line(calibration, new Point(left, y), new Point(right, y)));
            }
        }
        for (Side side : Side.values()) {
            for (double inside : new double[] {
                0,
                field.code().numbersBottomYards(),
                field.code().numbersTopYards(),
                field.code().hashYards()
            }) {
                double x = field.fromSideline(side, inside);
                lines.add(line(calibration, new Point(x, -15), new Point(x, 25)));
            }
        }
        return lines;
    }

    /** Points of one drawn line: enough that a bent view shows no corners. */
    private static final int STEPS = 24;

    private static List<Pixel> line(Calibration calibration, Point from, Point to) {
        var way = new Segment(from, to);
        return IntStream.rangeClosed(0, STEPS)
                .mapToObj(i -> calibration.toImage(way.at((double) i / STEPS)))
                .flatMap(Optional::stream)
                .map(p -> new Pixel(p.xPixels(), p.yPixels()))
                .toList();
    }
}
