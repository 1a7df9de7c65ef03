package mensch.core.film;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mensch.core.convention.FilmLimits;
import mensch.core.field.Field;
import mensch.core.geometry.Point;
import org.hipparchus.exception.MathRuntimeException;
import org.jspecify.annotations.Nullable;

/**
 * What other views of a reel tell of where its camera stands, in the play frame of one play. A camera on a tripod pans,
 * tilts and zooms; its place and roll stay, so that two known points are enough for a view of it. From which side of
 * the field they are seen, the views themselves tell: an offence goes one way in one quarter and the other in the next.
 */
public final class Tripod {
    /** Nothing is known of it. */
    public static final Tripod UNKNOWN = new Tripod(new Point(0, 0), null, List.of(), Optional.empty(), Bend.NONE);

    /** A view tells where it was filmed from when so many clicks check each other. */
    public static final int LEAST_POINTS = Consensus.LEAST_POINTS;
    /** More views tell little more. */
    private static final int MOST_VIEWS = 6;
    /** Focal lengths that are begun with, in widths of the picture. */
    private static final double[] ZOOMS = {0.6, 1, 1.6, 2.5, 4, 6.5, 10};

    /** So many of them: those that fit best as they are. */
    private static final int BEGUN_WITH = 2;

    private final Point centre;
    private final @Nullable Lens lens;
    private final List<Told> told;
    private final Optional<Stand> stand;
    private final Bend bend;

    private record Lens(PictureSize picture, FilmLimits limits) {}

    /**
     * A view as it goes into the fit: clicks turned so that all are seen from one side, and a camera that fits them.
     *
     * @param ball where that play began
     */
    private record Told(List<KnownPoint> points, Pose pose, Point ball) {}

    /** A view of another play of the reel, in that play's frame. */
    public record Seen(Field field, List<KnownPoint> points) {}

    private Tripod(Point centre, @Nullable Lens lens, List<Told> told, Optional<Stand> stand, Bend bend) {
        this.centre = centre;
        this.lens = lens;
        this.told = told;
        this.stand = stand;
        this.bend = bend;
    }

    /**
     * What views of other plays tell.
     *
     * @param field of the play that it is asked for
     * @param nearest the views, those filmed nearest to that play first: a camera that was carried elsewhere at half
     *     time is believed where it stood last
     */
    public static Tripod of(Field field, PictureSize picture, List<Seen> nearest, FilmLimits limits) {
        var centre = new Point(
                -field.ball().lateralYards() - field.off().x(),
                field.ball().yardsToGoal() - field.off().y() - 50);
        Bend bend = BendFit.of(nearest.stream().map(Seen::points).toList(), picture, limits);
        var tripod = new Tripod(centre, new Lens(picture, limits), List.of(), Optional.empty(), bend);
        for (Seen view : nearest) {
            tripod = tripod.told.size() < MOST_VIEWS
                    ? tripod.with(
                            view.points().stream()
                                    .map(p -> new KnownPoint(
                                            p.name(),
                                            between(p.field(), view.field(), field),
                                            bend.straight(p.image())))
                                    .toList(),
                            between(new Point(0, 0), view.field(), field))
                    : tripod;
        }
        return tripod;
    }

    /** The same grass in another play's frame. */
    private static Point between(Point at, Field from, Field to) {
        return new Point(
                at.x()
                        + from.ball().lateralYards()
                        + from.off().x()
                        - to.ball().lateralYards()
                        - to.off().x(),
                at.y()
                        - from.ball().yardsToGoal()
                        + from.off().y()
                        + to.ball().yardsToGoal()
                        - to.off().y());
    }

    /**
     * Told by another view of the same play too, when enough of its clicks check each other and it is seen from where
     * the others are.
     */
    Tripod with(List<KnownPoint> points) {
        Bend by = bend(points);
        return new Tripod(centre, lens, told, stand, by)
                .with(points.stream().map(by::straight).toList(), new Point(0, 0));
    }

    /** How its lens bends: as other views tell, or where none tells where it stands, as this one's clicks do. */
    Bend bend(List<KnownPoint> points) {
        return lens == null || stand.isPresent() || !bend.isNone()
                ? bend
                : BendFit.of(List.of(points), lens.picture, lens.limits);
    }

    /** @param points straight ones */
    private Tripod with(List<KnownPoint> points, Point ball) {
        return lens != null
                        && points.size() >= LEAST_POINTS
                        && Calibration.of(points, lens.limits) instanceof Calibration.Solved free
                        && free.calibration().points().size() >= LEAST_POINTS
                ? told(lens, free.calibration(), ball)
                : this;
    }

    private Tripod told(Lens by, Calibration free, Point ball) {
        try {
            return stand.isEmpty() ? first(by, free, ball) : next(by, free.points(), stand.get(), ball);
        } catch (MathRuntimeException e) {
            // a view that fits no camera tells nothing
            return this;
        }
    }

    private Tripod first(Lens by, Calibration free, Point ball) {
        var fit = new PoseFit(List.of(free.points()), by.picture, by.limits.paintPixels(), null);
        return Arrays.stream(ZOOMS)
                .mapToObj(zoom -> Pose.of(free.view(), by.picture, zoom * by.picture.width()))
                .filter(Pose::sensible)
                .sorted(Comparator.comparingDouble(fit::squares))
                .limit(BEGUN_WITH)
                .map(start -> fit.from(List.of(start)))
                .filter(fitted -> fitted.pose(0).sensible())
                .min(Comparator.comparingDouble(PoseFit.Fitted::squares))
                .map(fitted -> fitted(by, List.of(new Told(free.points(), fitted.pose(0), ball))))
                .orElse(this);
    }

    private Tripod next(Lens by, List<KnownPoint> points, Stand known, Point ball) {
        for (boolean turned : new boolean[] {false, true}) {
            List<KnownPoint> seen = turned ? points.stream().map(this::turned).toList() : points;
            List<StandFit.View> views =
                    StandFit.of(seen, List.of(known), by.limits).views();
            if (!views.isEmpty() && views.get(0).points().size() == points.size()) {
                var all = new ArrayList<>(told);
                all.add(new Told(seen, views.get(0).pose(), turned ? turned(ball) : ball));
                return fitted(by, all);
            }
        }
        return this;
    }

    /** As seen when they go the other way. */
    private KnownPoint turned(KnownPoint p) {
        return new KnownPoint(p.name(), turned(p.field()), p.image());
    }

    private Point turned(Point at) {
        return new Point(2 * centre.x() - at.x(), 2 * centre.y() - at.y());
    }

    /**
     * Which known places are best clicked next: those that the picture shows where it is known what it shows, or may be
     * guessed: who films looks at the ball as he did on the play before.
     *
     * @param clicked in the same frame already
     * @param view how the frame is solved, if it is
     */
    List<String> next(Field field, List<KnownPoint> clicked, Optional<Calibration> view) {
        var places = new NextPlaces(KnownPlaces.of(field), clicked);
        Optional<Homography> shown = view.map(Calibration::view).or(this::guess);
        return lens == null || shown.isEmpty() ? places.fromTheBall() : places.of(shown.get(), lens.picture);
    }

    /** The field as it will be seen when the ball lies where it lay in the nearest view, as large as there. */
    private Optional<Homography> guess() {
        return looks().stream().findFirst().map(Look::view);
    }

    /**
     * How this play may be seen, if it is filmed as the nearest view was: looking at the ball as there, as large as
     * there; first with the offence going the way it went there, then the other way. None when nothing is known.
     */
    public List<Look> looks() {
        if (lens == null || told.isEmpty()) {
            return List.of();
        }
        Told nearest = told.get(0);
        var ball = new Point(0, 0);
        return List.of(
                new Look(nearest.pose().following(nearest.ball(), ball), lens.picture),
                new Look(nearest.pose().turned(centre).following(turned(nearest.ball()), ball), lens.picture));
    }

    private Tripod fitted(Lens by, List<Told> views) {
        List<List<KnownPoint>> points = views.stream().map(Told::points).toList();
        double paint = by.limits.paintPixels();
        PoseFit.Fitted fitted = new PoseFit(points, by.picture, paint, null)
                .from(views.stream().map(Told::pose).toList());
        double spare =
                2.0 * points.stream().mapToInt(List::size).sum() - PoseFit.STAND - PoseFit.LOOK * (double) views.size();
        double hand = 1;
        while (!ClickNoise.explains(fitted.squares() / (hand * hand), spare)) {
            if (hand >= ClickNoise.UNSTEADY) {
                return this;
            }
            hand *= 2;
        }
        double sigma = ClickNoise.pixels(fitted.squares() * paint * paint, spare, by.limits);
        var all = new Stand(
                Arrays.copyOf(fitted.values(), PoseFit.STAND),
                Stand.symmetric(fitted.covariance()
                        .getSubMatrix(0, PoseFit.STAND - 1, 0, PoseFit.STAND - 1)
                        .scalarMultiply(sigma * sigma / (paint * paint))),
                by.picture,
                paint * hand,
                points.stream().flatMap(List::stream).map(KnownPoint::image).toList());
        return new Tripod(centre, by, List.copyOf(views), Optional.of(all), bend);
    }

    /** Where it may stand: on either side of the field; none when nothing is known. */
    List<Stand> stands() {
        return stand.map(s -> List.of(s, s.turned(centre))).orElse(List.of());
    }

    /** With so many known points a view of it can be solved. */
    public int leastPoints() {
        return stand.isPresent() ? StandFit.LEAST_POINTS : Degeneracy.LEAST_POINTS;
    }

    /** How many views tell it. */
    public int views() {
        return told.size();
    }
}
