package mensch.core.film;

import java.util.Arrays;
import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer.Optimum;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;
import org.jspecify.annotations.Nullable;

/**
 * Cameras on one tripod: one stand (place and roll) and a look (pan, tilt, focal length) for each view, fitted to the
 * clicks of all views by least squares on the distance in the picture (Levenberg-Marquardt). What is known of the stand
 * beforehand counts as four clicks more.
 */
final class PoseFit {
    static final int STAND = 4;
    static final int LOOK = 3;
    /** Far from every picture: where a point behind the camera is put. */
    private static final double NOWHERE = 1e6;

    private static final double STEP = 1e-6;
    /** Nothing a picture could show changes any more. */
    private static final double CLOSE = 1e-9;

    private static final int MOST_TURNS = 100;
    /** Near where the camera is known to stand a fit that is one is found at once. */
    private static final int MOST_NEAR = 25;

    private final List<List<KnownPoint>> views;
    private final PictureSize picture;
    private final double pixels;
    private final @Nullable Stand before;
    private final @Nullable RealMatrix whitener;

    /**
     * @param pixels noise of a click, one standard deviation
     * @param before what is known of the stand; null when nothing is
     */
    PoseFit(List<List<KnownPoint>> views, PictureSize picture, double pixels, @Nullable Stand before) {
        this.views = views;
        this.picture = picture;
        this.pixels = pixels;
        this.before = before;
        this.whitener = before == null
                ? null
                : new LUDecomposition(new CholeskyDecomposition(before.covariance(), 1e-9, 1e-12).getL())
                        .getSolver()
                        .getInverse();
    }

    /**
     * What fits best.
     *
     * @param squares of all residuals, each by its noise
     * @param covariance of the stand and the looks, for that noise
     */
    record Fitted(double[] values, double squares, RealMatrix covariance) {
        Pose pose(int view) {
            double[] pose = Arrays.copyOf(values, STAND + LOOK);
            System.arraycopy(values, STAND + LOOK * view, pose, STAND, LOOK);
            return Pose.of(pose);
        }
    }

    /** @param start of each view; they need not agree on the stand: the first one's is begun with */
    Fitted from(List<Pose> start) {
        double[] values = new double[STAND + LOOK * views.size()];
        System.arraycopy(start.get(0).values(), 0, values, 0, STAND);
        for (int i = 0; i < views.size(); i++) {
            System.arraycopy(start.get(i).values(), STAND, values, STAND + LOOK * i, LOOK);
        }
        Optimum optimum = new LevenbergMarquardtOptimizer()
                .withCostRelativeTolerance(CLOSE)
                .withParameterRelativeTolerance(CLOSE)
                .optimize(new LeastSquaresBuilder()
                        .start(values)
                        .model(this::model)
                        .target(new double[rows()])
                        .maxEvaluations(before == null ? MOST_TURNS : MOST_NEAR)
                        .maxIterations(before == null ? MOST_TURNS : MOST_NEAR)
                        .build());
        return new Fitted(
                optimum.getPoint().toArray(),
                optimum.getResiduals().dotProduct(optimum.getResiduals()),
                optimum.getCovariances(1e-18));
    }

    private int rows() {
        return 2 * views.stream().mapToInt(List::size).sum() + (before == null ? 0 : STAND);
    }

    private Pair<RealVector, RealMatrix> model(RealVector at) {
        double[] values = at.toArray();
        double[] here = new double[rows()];
        var slopes = new double[here.length][values.length];
        int row = 0;
        for (int i = 0; i < views.size(); i++) {
            row = clicks(i, values, row, here, slopes);
        }
        if (before != null && whitener != null) {
            double[] off = Arrays.copyOf(values, STAND);
            for (int i = 0; i < STAND; i++) {
                off[i] -= before.middle()[i];
            }
            System.arraycopy(whitener.operate(off), 0, here, row, STAND);
            for (int i = 0; i < STAND; i++) {
                System.arraycopy(whitener.getRow(i), 0, slopes[row + i], 0, STAND);
            }
        }
        return new Pair<>(new ArrayRealVector(here, false), new Array2DRowRealMatrix(slopes, false));
    }

    /**
     * Each click's way from where its camera puts it, by its noise; and how that answers to the camera's seven numbers.
     *
     * @return the row after the view's last
     */
    private int clicks(int view, double[] values, int first, double[] residuals, double[][] slopes) {
        int look = STAND + LOOK * view;
        double[] pose = Arrays.copyOf(values, STAND + LOOK);
        System.arraycopy(values, look, pose, STAND, LOOK);
        List<KnownPoint> points = views.get(view);
        System.arraycopy(off(points, pose), 0, residuals, first, 2 * points.size());
        for (int j = 0; j < pose.length; j++) {
            double kept = pose[j];
            double step = STEP * Math.max(1, Math.abs(kept));
            pose[j] = kept + step;
            double[] above = off(points, pose);
            pose[j] = kept - step;
            double[] below = off(points, pose);
            pose[j] = kept;
            int column = j < STAND ? j : look + j - STAND;
            for (int i = 0; i < above.length; i++) {
                slopes[first + i][column] = (above[i] - below[i]) / (2 * step);
            }
        }
        return first + 2 * points.size();
    }

    private double[] off(List<KnownPoint> points, double[] pose) {
        double[] h = Pose.of(pose).homography(picture);
        double[] off = new double[2 * points.size()];
        for (int i = 0; i < points.size(); i++) {
            KnownPoint p = points.get(i);
            double w = h[6] * p.field().x() + h[7] * p.field().y() + h[8];
            boolean seen = w > 0;
            double u = seen ? (h[0] * p.field().x() + h[1] * p.field().y() + h[2]) / w : NOWHERE;
            double v = seen ? (h[3] * p.field().x() + h[4] * p.field().y() + h[5]) / w : NOWHERE;
            off[2 * i] = (u - p.image().xPixels()) / pixels;
            off[2 * i + 1] = (v - p.image().yPixels()) / pixels;
        }
        return off;
    }

    /** The squares of all residuals of one view before anything is fitted. */
    double squares(Pose start) {
        return Arrays.stream(off(views.get(0), start.values())).map(r -> r * r).sum();
    }
}
