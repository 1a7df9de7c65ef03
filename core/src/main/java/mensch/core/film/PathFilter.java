package mensch.core.film;

import java.util.ArrayList;
import java.util.List;
import mensch.core.convention.FilmLimits;
import mensch.core.film.FilmedPath.Look;
import mensch.core.film.FilmedPath.Step;
import mensch.core.geometry.Point;
import mensch.core.geometry.Vector;
import org.hipparchus.filtering.kalman.KalmanSmoother;
import org.hipparchus.filtering.kalman.Measurement;
import org.hipparchus.filtering.kalman.ProcessEstimate;
import org.hipparchus.filtering.kalman.linear.LinearEvolution;
import org.hipparchus.filtering.kalman.linear.LinearKalmanFilter;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposer;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.QRDecomposer;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * One stretch of a path: a body whose speed changes by chance as much as bodies change theirs (Kalman's filter, and
 * Rauch's, Tung's and Striebel's way back over it; state: width, depth, and the speed of both).
 */
final class PathFilter {
    /** A look so many standard deviations from where he must be is of somebody else. <em>Model.</em> */
    private static final double ELSEWHERE = 4;
    /** One standard deviation of each part of the speed of somebody of whom nothing is known, yards a second. */
    private static final double ANY_SPEED = 4;
    /** Of one who waits for the ball. */
    private static final double AT_REST = 0.5;

    private static final double AT_SNAP = 0.05;
    private static final RealMatrix PLACE = new Array2DRowRealMatrix(new double[][] {{1, 0, 0, 0}, {0, 1, 0, 0}});

    private final FilmLimits.Path limits;
    private final LinearKalmanFilter<Seen> filter;
    private final KalmanSmoother smoother = new KalmanSmoother(new QRDecomposer(1e-12));
    private final List<Look> taken = new ArrayList<>();
    private double last;

    PathFilter(Look first, FilmLimits.Path limits) {
        this.limits = limits;
        this.last = first.seconds();
        Point at = first.at().feet();
        Covariance c = first.at().covariance();
        double speed = first.seconds() < AT_SNAP ? AT_REST * AT_REST : ANY_SPEED * ANY_SPEED;
        this.filter = new LinearKalmanFilter<>(
                new CholeskyDecomposer(1e-12, 1e-12),
                this::evolution,
                new ProcessEstimate(
                        first.seconds(),
                        new ArrayRealVector(new double[] {at.x(), at.y(), 0, 0}),
                        new Array2DRowRealMatrix(new double[][] {
                            {c.xx(), c.xy(), 0, 0}, {c.xy(), c.yy(), 0, 0}, {0, 0, speed, 0}, {0, 0, 0, speed}
                        })));
        filter.setObserver(smoother);
        taken.add(first);
    }

    /** A look as the filter takes it. */
    private record Seen(Look look) implements Measurement {
        @Override
        public double getTime() {
            return look.seconds();
        }

        @Override
        public RealVector getValue() {
            return new ArrayRealVector(
                    new double[] {look.at().feet().x(), look.at().feet().y()});
        }

        @Override
        public RealMatrix getCovariance() {
            Covariance c = look.at().covariance();
            return new Array2DRowRealMatrix(new double[][] {{c.xx(), c.xy()}, {c.xy(), c.yy()}});
        }
    }

    private LinearEvolution evolution(Seen seen) {
        double t = seen.getTime() - last;
        RealMatrix moves = MatrixUtils.createRealIdentityMatrix(4);
        moves.setEntry(0, 2, t);
        moves.setEntry(1, 3, t);
        double q = limits.urge() * limits.urge();
        double far = q * t * t * t / 3;
        double both = q * t * t / 2;
        double fast = q * t;
        var noise = new Array2DRowRealMatrix(
                new double[][] {{far, 0, both, 0}, {0, far, 0, both}, {both, 0, fast, 0}, {0, both, 0, fast}});
        return new LinearEvolution(moves, null, null, noise, PLACE);
    }

    /**
     * Takes a look, or leaves one out that is of somebody else.
     *
     * @return false when the stretch ends before it: he was not seen for too long, or two in a row are elsewhere
     */
    boolean takes(List<Look> all, int next) {
        Look look = all.get(next);
        if (look.seconds() - last > limits.gap()) {
            return false;
        }
        if (isElsewhere(look)) {
            return next + 1 < all.size() && !isElsewhere(all.get(next + 1));
        }
        filter.estimationStep(new Seen(look));
        last = look.seconds();
        taken.add(look);
        return true;
    }

    private boolean isElsewhere(Look look) {
        LinearEvolution way = evolution(new Seen(look));
        RealMatrix a = way.getStateTransitionMatrix();
        RealVector there = a.operate(filter.getCorrected().getState());
        RealMatrix doubt = a.multiply(filter.getCorrected().getCovariance())
                .multiplyTransposed(a)
                .add(way.getProcessNoiseMatrix());
        return covariance(doubt, 0)
                        .plus(look.at().covariance())
                        .sigmasApart(
                                new Point(there.getEntry(0), there.getEntry(1)),
                                look.at().feet())
                > ELSEWHERE;
    }

    List<Step> smoothed() {
        if (taken.size() == 1) {
            return List.of(step(filter.getCorrected(), taken.get(0)));
        }
        List<ProcessEstimate> back = List.copyOf(smoother.backwardsSmooth());
        var steps = new ArrayList<Step>();
        for (int i = 0; i < back.size(); i++) {
            // of several sides at one moment the last has all of them
            if (i + 1 == back.size() || back.get(i + 1).getTime() - back.get(i).getTime() > 1e-3) {
                steps.add(step(back.get(i), taken.get(i)));
            }
        }
        return steps;
    }

    private static Step step(ProcessEstimate at, Look look) {
        RealVector state = at.getState();
        return new Step(
                at.getTime(),
                new Measured(
                        new Point(state.getEntry(0), state.getEntry(1)),
                        covariance(at.getCovariance(), 0),
                        look.at().insideHull()),
                new Vector(state.getEntry(2), state.getEntry(3)),
                covariance(at.getCovariance(), 2));
    }

    private static Covariance covariance(RealMatrix of, int from) {
        return new Covariance(of.getEntry(from, from), of.getEntry(from, from + 1), of.getEntry(from + 1, from + 1));
    }
}
