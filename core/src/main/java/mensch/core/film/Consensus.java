package mensch.core.film;

import java.util.Arrays;
import java.util.List;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;
import org.hipparchus.util.Combinations;
import org.hipparchus.util.CombinatoricsUtils;

/**
 * Which clicks fit one camera, where one or a few of them do not (sample consensus): views through four of the clicks
 * each, some hundreds of all the fours that there are; the one that most others fit tells who is wrong.
 */
final class Consensus {
    /** With fewer points nobody can say which of them is wrong. */
    private static final int LEAST_POINTS = 6;
    /** A click so many times its noise from where the others put it does not fit them. */
    private static final double MOST_SIGMAS = 4;
    /** Good clicks are taken for wrong ones once in so many sets. */
    private static final double ONCE_IN = 1000;

    private static final int DRAWS = 400;
    private static final int FOUR = 4;
    private static final int PARAMETERS = 8;

    private final List<KnownPoint> points;
    private final double pixels;

    /** @param pixels noise of a click, one standard deviation */
    Consensus(List<KnownPoint> points, double pixels) {
        this.points = points;
        this.pixels = pixels;
    }

    /** Whether so many points lie from a view that was fitted to them as the noise of clicks explains. */
    boolean fits(List<KnownPoint> of, Homography view) {
        int freedom = 2 * of.size() - PARAMETERS;
        return points.size() < LEAST_POINTS
                || of.stream().allMatch(p -> off(view, p) <= MOST_SIGMAS * pixels)
                        && squares(of, view)
                                <= new ChiSquaredDistribution(freedom).inverseCumulativeProbability(1 - 1 / ONCE_IN);
    }

    private double squares(List<KnownPoint> of, Homography view) {
        return of.stream().mapToDouble(p -> Math.pow(off(view, p) / pixels, 2)).sum();
    }

    /** The points that fit together, in their order; all of them when no view fits more than half. */
    List<KnownPoint> fitting() {
        if (fits(points, new HomographyFit(points).solve().fieldToImage())) {
            return points;
        }
        List<KnownPoint> best = withoutOne();
        long step = Math.max(1, CombinatoricsUtils.binomialCoefficient(points.size(), FOUR) / DRAWS);
        long turn = 0;
        for (int[] drawn : new Combinations(points.size(), FOUR)) {
            List<KnownPoint> four = Arrays.stream(drawn).mapToObj(points::get).toList();
            if (turn++ % step == 0
                    && best.size() + 1 < points.size()
                    && Degeneracy.of(four).isEmpty()) {
                List<KnownPoint> fit = near(new HomographyFit(four).rough());
                best = fit.size() > best.size() ? fit : best;
            }
        }
        if (2 * best.size() <= points.size() || Degeneracy.of(best).isPresent()) {
            return points;
        }
        // four noisy clicks put the others less well than all that fit do
        List<KnownPoint> again = near(new HomographyFit(best).solve().fieldToImage());
        return again.size() > best.size() && again.size() < points.size() ? again : best;
    }

    /** All but the one without which the others fit best; none when they do not fit without it either. */
    private List<KnownPoint> withoutOne() {
        List<KnownPoint> best = List.of();
        double least = Double.POSITIVE_INFINITY;
        for (KnownPoint wrong : points) {
            List<KnownPoint> others = points.stream().filter(p -> p != wrong).toList();
            if (Degeneracy.of(others).isEmpty()) {
                Homography view = new HomographyFit(others).solve().fieldToImage();
                double squares = squares(others, view);
                if (squares < least && fits(others, view)) {
                    best = others;
                    least = squares;
                }
            }
        }
        return best;
    }

    private List<KnownPoint> near(Homography view) {
        return points.stream().filter(p -> off(view, p) <= MOST_SIGMAS * pixels).toList();
    }

    /** How far a click lies from where a view puts its point, pixels; endless for one behind the camera. */
    static double off(Homography view, KnownPoint point) {
        return view.fieldToImage(point.field())
                .map(at -> Math.hypot(
                        at.xPixels() - point.image().xPixels(),
                        at.yPixels() - point.image().yPixels()))
                .orElse(Double.POSITIVE_INFINITY);
    }
}
