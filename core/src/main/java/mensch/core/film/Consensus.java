package mensch.core.film;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Which clicks fit one camera, where one or a few of them do not (sample consensus): views through four of the clicks
 * each, some hundreds of all the fours that there are; the one that most others fit tells who is wrong.
 */
final class Consensus {
    /** With fewer points nobody can say which of them is wrong. */
    static final int LEAST_POINTS = 6;
    /** A click so many times its noise from where the others put it does not fit them. */
    private static final double MOST_SIGMAS = 4;

    private static final int DRAWS = 400;
    private static final int FOUR = 4;
    /** With so many points it is tried to leave out each of them. */
    private static final int FEW = 12;
    /** Irrational to each other: what goes on by them comes everywhere, and never back. */
    private static final double[] STRIDES = {Math.sqrt(2), Math.sqrt(3), Math.sqrt(5), Math.sqrt(7)};

    private final List<KnownPoint> points;
    private final double pixels;

    /** @param pixels noise of a click, one standard deviation */
    Consensus(List<KnownPoint> points, double pixels) {
        this.points = points;
        this.pixels = pixels;
    }

    /** Points, and the view that was fitted to them. */
    record Fit(List<KnownPoint> points, HomographyFit.Solution solution) {
        static Fit of(List<KnownPoint> points) {
            return new Fit(points, new HomographyFit(points).solve());
        }

        Homography view() {
            return solution.fieldToImage();
        }
    }

    /** Whether so many points lie from their view as the noise of clicks explains. */
    boolean explains(Fit fit) {
        return points.size() < LEAST_POINTS
                || near(fit.view()).containsAll(fit.points())
                        && ClickNoise.explains(squares(fit), 2.0 * fit.points().size() - HomographyFit.PARAMETERS);
    }

    private double squares(Fit fit) {
        return fit.points().stream()
                .mapToDouble(p -> Math.pow(off(fit.view(), p) / pixels, 2))
                .sum();
    }

    /** The points that fit together, in their order; all of them when no view fits more than half. */
    Fit fitting() {
        Fit all = Fit.of(points);
        if (explains(all)) {
            return all;
        }
        List<KnownPoint> best = points.size() <= FEW ? withoutOne() : List.of();
        for (int i = 0; i < DRAWS && best.size() + 1 < points.size(); i++) {
            List<KnownPoint> four = four(i);
            if (four.size() == FOUR && Degeneracy.of(four).isEmpty()) {
                List<KnownPoint> fit = near(new HomographyFit(four).rough());
                best = fit.size() > best.size() ? fit : best;
            }
        }
        if (2 * best.size() <= points.size() || Degeneracy.of(best).isPresent()) {
            return all;
        }
        Fit found = Fit.of(best);
        // four noisy clicks put the others less well than all that fit do
        List<KnownPoint> again = near(found.view());
        return again.size() > best.size() && again.size() < points.size() ? Fit.of(again) : found;
    }

    /** All but the one without which the others fit best; none when they do not fit without it either. */
    private List<KnownPoint> withoutOne() {
        return points.stream()
                .map(wrong -> points.stream().filter(p -> p != wrong).toList())
                .filter(others -> Degeneracy.of(others).isEmpty())
                .map(Fit::of)
                .filter(this::explains)
                .min(Comparator.comparingDouble(this::squares))
                .map(Fit::points)
                .orElse(List.of());
    }

    /** Four points spread evenly over all fours as the turns go on; fewer when two of them fall together. */
    private List<KnownPoint> four(int turn) {
        return Arrays.stream(STRIDES)
                .mapToInt(stride -> (int) (turn * stride % 1 * points.size()))
                .distinct()
                .mapToObj(points::get)
                .toList();
    }

    private List<KnownPoint> near(Homography view) {
        return points.stream().filter(p -> off(view, p) <= MOST_SIGMAS * pixels).toList();
    }

    /** How far a click lies from where a view puts its point, pixels; endless for one behind the camera. */
    static double off(Homography view, KnownPoint point) {
        return view.fieldToImage(point.field())
                .map(at -> at.distance(point.image()))
                .orElse(Double.POSITIVE_INFINITY);
    }
}
