package mensch.core.film;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import mensch.core.convention.FilmLimits;
import mensch.core.geometry.Point;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.RealMatrix;

/** A view of a camera whose stand is known: its pan, tilt and zoom by two clicks or more. */
final class StandFit {
    /** Two clicks are four numbers for three unknown ones: so many are left over, plus two for each click more. */
    static final int LEAST_POINTS = 2;

    private static final int UNKNOWN = 3;
    /** With so many a single wrong one can be named; with enough for a consensus the clicks name it themselves. */
    private static final int NAMES_ONE = 4;

    private final List<KnownPoint> points;
    private final FilmLimits limits;

    private StandFit(List<KnownPoint> points, FilmLimits limits) {
        this.points = points;
        this.limits = limits;
    }

    /**
     * A view that fits.
     *
     * @param points those of the clicks that fit
     * @param squares of all residuals, each by its noise
     */
    record View(
            List<KnownPoint> points,
            HomographyFit.Solution solution,
            double sigmaPixels,
            Pose pose,
            double squares,
            List<ImagePoint> clicked) {}

    /** What clicks are of a camera on one of some stands. */
    record Found(List<View> views, List<KnownPoint> leftOut) {
        static final Found NOTHING = new Found(List.of(), List.of());
    }

    /**
     * The views of these stands that fit the clicks: none, one, or several that cannot be told apart. With four or five
     * clicks one wrong click is named when the others fit without it, and without no other.
     */
    static Found of(List<KnownPoint> points, List<Stand> stands, FilmLimits limits) {
        List<View> all = new StandFit(points, limits).views(stands);
        if (!all.isEmpty() || points.size() < NAMES_ONE || points.size() >= Consensus.LEAST_POINTS) {
            return new Found(all, List.of());
        }
        var found = new ArrayList<Found>();
        for (KnownPoint wrong : points) {
            List<KnownPoint> others = points.stream().filter(p -> p != wrong).toList();
            List<View> without = new StandFit(others, limits).views(stands);
            if (!without.isEmpty()) {
                found.add(new Found(without, List.of(wrong)));
            }
        }
        return found.size() == 1 ? found.get(0) : Found.NOTHING;
    }

    private List<View> views(List<Stand> stands) {
        return stands.stream()
                .flatMap(stand -> on(stand).stream())
                .sorted(Comparator.comparingDouble(View::squares))
                .toList();
    }

    private Optional<View> on(Stand stand) {
        try {
            PoseFit.Fitted fitted = fit(stand, stand.pixels());
            if (!ClickNoise.explains(fitted.squares(), spare())
                    || !fitted.pose(0).sensible()) {
                return Optional.empty();
            }
            return Optional.of(view(stand, fitted));
        } catch (MathRuntimeException e) {
            // clicks on one place tell no zoom
            return Optional.empty();
        }
    }

    /** Numbers that were clicked more than pan, tilt and zoom need. */
    private double spare() {
        return 2.0 * points.size() - UNKNOWN;
    }

    private PoseFit.Fitted fit(Stand stand, double pixels) {
        return new PoseFit(List.of(points), stand.picture(), pixels, stand).from(List.of(start(stand)));
    }

    private View view(Stand stand, PoseFit.Fitted fitted) {
        Homography rough = new Homography(fitted.pose(0).homography(stand.picture()));
        double squares = points.stream()
                .mapToDouble(p -> Consensus.off(rough, p))
                .map(off -> off * off)
                .sum();
        double sigma = ClickNoise.pixels(squares, spare(), limits);
        PoseFit.Fitted best = fit(stand, sigma);
        RealMatrix covariance = best.covariance().scalarMultiply(1 / (sigma * sigma));
        return new View(
                points,
                HomographyFit.Solution.of(best.pose(0), stand.picture(), covariance, points),
                sigma,
                best.pose(0),
                fitted.squares(),
                stand.clicked());
    }

    /** Looks at the middle of the clicks, as far zoomed in as the two that are farthest apart say. */
    private Pose start(Stand stand) {
        double[] at = stand.middle();
        KnownPoint one = points.get(0);
        KnownPoint other = points.stream()
                .max(Comparator.comparingDouble(p -> pixelsApart(one, p)))
                .orElseThrow();
        double focal = pixelsApart(one, other) / Math.max(1e-6, angle(at, one.field(), other.field()));
        Pose looking = new Pose(at[0], at[1], at[2], at[3], 0, 0, Math.log(Math.max(1, focal)))
                .lookingAt(
                        new Point(mean(p -> p.field().x()), mean(p -> p.field().y())));
        double off = mean(p -> p.image().xPixels()) - stand.picture().width() / 2.0;
        double low = mean(p -> p.image().yPixels()) - stand.picture().height() / 2.0;
        return new Pose(
                at[0],
                at[1],
                at[2],
                at[3],
                looking.pan() - Math.atan(off / focal),
                looking.tilt() - Math.atan(low / focal),
                looking.logFocal());
    }

    private double mean(ToDoubleFunction<KnownPoint> of) {
        return points.stream().mapToDouble(of).average().orElseThrow();
    }

    private static double pixelsApart(KnownPoint a, KnownPoint b) {
        return Math.hypot(
                a.image().xPixels() - b.image().xPixels(),
                a.image().yPixels() - b.image().yPixels());
    }

    /** Radians between two places, seen from a stand. */
    private static double angle(double[] eye, Point a, Point b) {
        double dot = (a.x() - eye[0]) * (b.x() - eye[0]) + (a.y() - eye[1]) * (b.y() - eye[1]) + eye[2] * eye[2];
        return Math.acos(Math.min(1, dot / (away(eye, a) * away(eye, b))));
    }

    private static double away(double[] eye, Point a) {
        return Math.hypot(eye[2], Math.hypot(a.x() - eye[0], a.y() - eye[1]));
    }
}
