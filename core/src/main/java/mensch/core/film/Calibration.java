package mensch.core.film;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import mensch.core.convention.FilmLimits;
import mensch.core.document.Worded;
import mensch.core.field.Code;
import mensch.core.geometry.Point;
import org.hipparchus.exception.MathRuntimeException;

/** A view solved for its place: pixels to yards and back, with honest errors. */
public final class Calibration {
    /** So many clicks among which one may be wrong. */
    private static final int FEW = 6;
    /** How far points are looked at that tell which way a view is turned, yards. */
    private static final double STEP = 0.1;

    private final List<KnownPoint> points;
    private final Bend bend;
    private final List<LeftOut> leftOut;
    private final FilmLimits limits;
    private final HomographyFit.Solution solution;
    private final double sigmaPixels;
    private final List<ImagePoint> hull;
    private final Standing standing;

    private Calibration(
            List<KnownPoint> points, HomographyFit.Solution solution, FilmLimits limits, List<KnownPoint> left) {
        this.points = List.copyOf(points);
        this.bend = Bend.NONE;
        this.leftOut = named(left, solution);
        this.limits = limits;
        this.solution = solution;
        this.sigmaPixels = ClickNoise.pixels(squares(), 2.0 * points.size() - HomographyFit.PARAMETERS, limits);
        this.hull = Hull.of(points.stream().map(KnownPoint::image).toList());
        this.standing = Standing.UNKNOWN;
    }

    private Calibration(StandFit.View view, FilmLimits limits, List<KnownPoint> left) {
        this.points = view.points();
        this.bend = Bend.NONE;
        this.leftOut = named(left, view.solution());
        this.limits = limits;
        this.solution = view.solution();
        this.sigmaPixels = view.sigmaPixels();
        this.hull = Hull.of(Stream.concat(points.stream().map(KnownPoint::image), view.clicked().stream())
                .toList());
        this.standing = Standing.AS_BEFORE;
    }

    private Calibration(Calibration free, Standing standing) {
        this(free, free.points, Bend.NONE, standing);
    }

    /**
     * A view that was solved as if its lens bent nothing, of one that does.
     *
     * @param clicked the same points as the film shows them
     */
    private Calibration(Calibration free, List<KnownPoint> clicked, Bend bend, Standing standing) {
        this.points = clicked;
        this.bend = bend;
        this.leftOut = free.leftOut;
        this.limits = free.limits;
        this.solution = free.solution;
        this.sigmaPixels = free.sigmaPixels;
        this.hull = free.hull;
        this.standing = standing;
    }

    private static List<LeftOut> named(List<KnownPoint> left, HomographyFit.Solution solution) {
        return left.stream()
                .map(p -> new LeftOut(p.name(), Consensus.off(solution.fieldToImage(), p)))
                .toList();
    }

    /** Solved, or refused with the reason. */
    public sealed interface Outcome {}

    public record Solved(Calibration calibration) implements Outcome {}

    /** Nothing is guessed from a set that cannot tell. */
    public record Refused(String reason) implements Outcome {}

    /** How far a known point comes out from where it was clicked. */
    public record Residual(String name, double yards, double pixels) {}

    /** A click that does not fit the others and is left out of the view. */
    public record LeftOut(String name, double pixels) {}

    /** The smallest difference between two men that this view can tell with 95 % certainty, yards, at a place. */
    public record Resolution(double lateralYards, double depthYards) {}

    /** What a view says of where its camera stands. */
    public enum Standing implements Worded {
        /** No other view of the reel tells where the camera stands, or this one has too few clicks of its own. */
        UNKNOWN,
        /** Where the reel's other views put it: pan, tilt and zoom are all that was left to solve. */
        AS_BEFORE,
        /** Not where the reel's other views put it; solved by its own clicks alone. */
        ELSEWHERE
    }

    /**
     * A view of a reel whose other views may tell where the camera stands: two clicks are then enough, and every click
     * is checked.
     *
     * @param points clicks on known field points
     */
    public static Outcome of(List<KnownPoint> points, Tripod tripod, FilmLimits limits) {
        Bend bend = tripod.bend(points);
        Outcome straight = straight(points.stream().map(bend::straight).toList(), tripod, limits);
        return straight instanceof Solved solved && !bend.isNone()
                ? new Solved(bent(solved.calibration(), points, bend))
                : straight;
    }

    private static Calibration bent(Calibration straight, List<KnownPoint> clicked, Bend bend) {
        return new Calibration(
                straight,
                clicked.stream()
                        .filter(p -> straight.points.contains(bend.straight(p)))
                        .toList(),
                bend,
                straight.standing);
    }

    private static Outcome straight(List<KnownPoint> points, Tripod tripod, FilmLimits limits) {
        Outcome free = of(points, limits);
        List<Stand> stands = tripod.stands();
        if (stands.isEmpty() || points.size() < StandFit.LEAST_POINTS) {
            return stands.isEmpty() ? free : new Refused(counted(points) + "; two are enough on this reel");
        }
        Optional<String> twice = Degeneracy.twice(points);
        if (twice.isPresent()) {
            return new Refused(twice.get());
        }
        List<KnownPoint> kept = free instanceof Solved solved ? solved.calibration().points : points;
        StandFit.Found found = StandFit.of(kept, stands, limits);
        if (found.views().size() == 1) {
            List<KnownPoint> left = new ArrayList<>(points);
            left.removeAll(found.views().get(0).points());
            return seen(new Calibration(found.views().get(0), limits, left));
        }
        if (free instanceof Solved solved) {
            Standing standing = found.views().isEmpty() ? Standing.ELSEWHERE : Standing.UNKNOWN;
            return new Solved(new Calibration(solved.calibration(), standing));
        }
        return new Refused(
                found.views().isEmpty()
                        ? "these clicks do not go together with where the camera stands in the reel's other plays:"
                                + " check the name of each; if the camera was carried elsewhere, click four places"
                        : "these places look the same from the other side of the field: click one more");
    }

    private static String counted(List<KnownPoint> points) {
        return points.size() + (points.size() == 1 ? " known point" : " known points");
    }

    /** @param points clicks on known field points of a view by itself */
    public static Outcome of(List<KnownPoint> points, FilmLimits limits) {
        Optional<String> reason = Degeneracy.of(points);
        if (reason.isPresent()) {
            return new Refused(reason.get());
        }
        try {
            return solved(points, limits);
        } catch (MathRuntimeException e) {
            return new Refused(
                    "these clicks fit no camera: they are far from where any picture of the field would have "
                            + "them; check each name, remove the doubtful ones and click again");
        }
    }

    private static Outcome solved(List<KnownPoint> points, FilmLimits limits) {
        Consensus.Fit fit;
        boolean clear;
        double pixels = limits.paintPixels();
        // where many do not fit, it is the hand that is less steady than was said
        do {
            var consensus = new Consensus(points, pixels);
            fit = consensus.fitting();
            int left = points.size() - fit.points().size();
            clear = left <= Math.max(1, points.size() / FEW) && consensus.explains(fit);
            pixels *= 2;
        } while (!clear && pixels <= ClickNoise.UNSTEADY * limits.paintPixels());
        List<KnownPoint> left = new ArrayList<>(points);
        left.removeAll(fit.points());
        var calibration = new Calibration(fit.points(), fit.solution(), limits, left);
        return calibration.mirrored()
                ? new Refused("left and right are exchanged: no camera above the field sees these points like that;"
                        + " click each place on the side it is named for")
                : seen(calibration);
    }

    /**
     * A camera above the field never sees it turned over: width and depth keep their sense, as the picture counts down.
     */
    private boolean mirrored() {
        return points.stream().filter(p -> turned(p.field())).count() * 2 > points.size();
    }

    private boolean turned(Point at) {
        Optional<ImagePoint> here = toImage(at);
        Optional<ImagePoint> right = toImage(new Point(at.x() + STEP, at.y()));
        Optional<ImagePoint> deep = toImage(new Point(at.x(), at.y() + STEP));
        if (here.isEmpty() || right.isEmpty() || deep.isEmpty()) {
            return false;
        }
        double rightX = right.get().xPixels() - here.get().xPixels();
        double rightY = right.get().yPixels() - here.get().yPixels();
        double deepX = deep.get().xPixels() - here.get().xPixels();
        double deepY = deep.get().yPixels() - here.get().yPixels();
        return rightX * deepY - rightY * deepX > 0;
    }

    private static Outcome seen(Calibration calibration) {
        for (KnownPoint point : calibration.points) {
            if (calibration.toImage(point.field()).isEmpty()
                    || calibration.toField(point.image()).isEmpty()) {
                return new Refused("no camera sees these points like that: " + point.name()
                        + " comes out behind it; check that no two points are exchanged");
            }
        }
        return new Solved(calibration);
    }

    /** The pixel of a field point, if it lies before the camera. */
    public Optional<ImagePoint> toImage(Point field) {
        return solution.fieldToImage().fieldToImage(field).map(bend::film);
    }

    /** The field point under a pixel, if that is below the horizon. */
    public Optional<Point> toField(ImagePoint image) {
        return solution.fieldToImage().imageToField(bend.straight(image));
    }

    /** Feet clicked in the picture, or where they must be; none at, next to or above the horizon. */
    public Optional<Measured> measure(Feet click) {
        return sight(Map.of(Shot.atSnap(""), click)).seen().stream()
                .map(Sight.Seen::at)
                .findFirst();
    }

    /**
     * Everybody clicked in the picture; whoever is at, next to or above the horizon is not seen.
     *
     * @param clicks by who it is and when, while the camera stood still; the ball is as sharp as paint
     */
    public Sight sight(Map<Shot, Feet> clicks) {
        var spreads = new ArrayList<Spread>();
        var seen = new ArrayList<Sight.Seen>();
        clicks.forEach((shot, click) -> toField(click.at())
                .flatMap(feet -> Spread.of(solution, feet, bend.stretch(click.at()) * click.doubt(shot.who(), limits)))
                .filter(spread -> spread.sigma(sigmaPixels) < Code.HIGH_SCHOOL.widthYards() / 2)
                .ifPresent(spread -> {
                    spreads.add(spread);
                    seen.add(new Sight.Seen(
                            shot,
                            new Measured(
                                    spread.feet(),
                                    spread.covariance(sigmaPixels),
                                    Hull.contains(hull, bend.straight(click.at())))));
                }));
        return new Sight(seen, Spread.together(spreads, sigmaPixels));
    }

    /** Residuals in the order of the points. */
    public List<Residual> residuals() {
        return points.stream()
                .flatMap(point -> toField(point.image()).stream()
                        .map(at -> new Residual(point.name(), at.distance(point.field()), off(point))))
                .toList();
    }

    /** How far a known place lies from a click on it, pixels; 0 for one that this view does not show. */
    public double off(KnownPoint point) {
        return toImage(point.field()).map(at -> at.distance(point.image())).orElse(0.0);
    }

    private double squares() {
        return points.stream().mapToDouble(p -> off(p) * off(p)).sum();
    }

    /** What two clicks at a place can tell apart; none where the view does not see the field well enough. */
    public Optional<Resolution> resolution(Point at) {
        return toImage(at)
                .flatMap(pixel -> measure(new Feet(pixel, false)))
                .map(one -> new Resolution(
                        ClickNoise.Z95 * Math.sqrt(2) * one.sigmaX(), ClickNoise.Z95 * Math.sqrt(2) * one.sigmaY()));
    }

    /**
     * So much nearer to the middle than a good lens would have them the picture's corners are shown, a share; below 0
     * farther.
     */
    public double bend() {
        return bend.k();
    }

    /** Noise of the clicks on known points that is reckoned with, pixels. */
    public double sigmaPixels() {
        return sigmaPixels;
    }

    public List<KnownPoint> points() {
        return points;
    }

    /** Clicks that do not fit the others; told with six clicks or more. */
    public List<LeftOut> leftOut() {
        return leftOut;
    }

    /** Whether a wrong click would show: four clicks fit any camera. */
    public boolean checksItself() {
        return standing == Standing.AS_BEFORE || points.size() > Degeneracy.LEAST_POINTS;
    }

    /** Whether the camera stands where the reel's other views put it. */
    public Standing standing() {
        return standing;
    }

    Homography view() {
        return solution.fieldToImage();
    }
}
