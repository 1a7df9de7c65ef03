package mensch.core.film;

import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.linear.SingularValueDecomposition;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer.Optimum;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

/**
 * Solves for the plane homography from known points. Source: the direct linear transform on normalised points (smallest
 * singular vector), then least squares on the distance in the picture (Levenberg-Marquardt, eight parameters). Least
 * input: four points, no three of four on one line. No answer: {@link Degeneracy} says why, before any equation is
 * solved. Error left: the click noise, carried as the covariance of the eight parameters per square pixel of noise.
 */
final class HomographyFit {
    static final int PARAMETERS = 8;

    private final List<KnownPoint> points;
    private final Normalisation field;
    private final Normalisation image;

    /** @param points at least four, not degenerate */
    HomographyFit(List<KnownPoint> points) {
        this.points = points;
        this.field =
                Normalisation.of(points.stream().map(HomographyFit::fieldPair).toList());
        this.image =
                Normalisation.of(points.stream().map(HomographyFit::imagePair).toList());
    }

    /** The best homography and the covariance of its parameters for one square pixel of click noise. */
    record Solution(
            Homography fieldToImage,
            double[] normalised,
            RealMatrix covariancePerPixel2,
            Normalisation field,
            Normalisation image) {
        private static final double STEP = 1e-5;

        /**
         * The view of a camera.
         *
         * @param covariance of the seven numbers of its pose, for one square pixel of click noise
         */
        static Solution of(Pose pose, PictureSize picture, RealMatrix covariance, List<KnownPoint> points) {
            Normalisation field = Normalisation.of(
                    points.stream().map(HomographyFit::fieldPair).toList());
            Normalisation image = Normalisation.of(
                    points.stream().map(HomographyFit::imagePair).toList());
            double[] at = pose.values();
            double[] best = normalised(pose, picture, field, image);
            var slopes = new Array2DRowRealMatrix(PARAMETERS, at.length);
            for (int j = 0; j < at.length; j++) {
                double step = STEP * Math.max(1, Math.abs(at[j]));
                double[] up = at.clone();
                double[] down = at.clone();
                up[j] += step;
                down[j] -= step;
                double[] above = normalised(Pose.of(up), picture, field, image);
                double[] below = normalised(Pose.of(down), picture, field, image);
                for (int i = 0; i < PARAMETERS; i++) {
                    slopes.setEntry(i, j, (above[i] - below[i]) / (2 * step));
                }
            }
            return new Solution(
                    new Homography(pose.homography(picture)),
                    best,
                    slopes.multiply(covariance).multiply(slopes.transpose()),
                    field,
                    image);
        }

        /** The eight numbers of {@link #project}. */
        private static double[] normalised(Pose pose, PictureSize picture, Normalisation field, Normalisation image) {
            double[] h = pose.homography(picture);
            RealMatrix full = new Array2DRowRealMatrix(
                    new double[][] {{h[0], h[1], h[2]}, {h[3], h[4], h[5]}, {h[6], h[7], h[8]}});
            RealMatrix n = new Array2DRowRealMatrix(image.matrix())
                    .multiply(full)
                    .multiply(new Array2DRowRealMatrix(field.inverse()));
            double[] eight = new double[PARAMETERS];
            for (int i = 0; i < PARAMETERS; i++) {
                eight[i] = n.getEntry(i / 3, i % 3) / n.getEntry(2, 2);
            }
            return eight;
        }
    }

    private static double[] fieldPair(KnownPoint p) {
        return new double[] {p.field().x(), p.field().y()};
    }

    private static double[] imagePair(KnownPoint p) {
        return new double[] {p.image().xPixels(), p.image().yPixels()};
    }

    Solution solve() {
        double[] start = directLinear();
        Optimum optimum = new LevenbergMarquardtOptimizer()
                .optimize(new LeastSquaresBuilder()
                        .start(start)
                        .model(this::model)
                        .target(target())
                        .maxEvaluations(200)
                        .maxIterations(200)
                        .build());
        double[] best = optimum.getPoint().toArray();
        RealMatrix covariance = optimum.getCovariances(1e-14).scalarMultiply(image.scale() * image.scale());
        return new Solution(new Homography(denormalised(best)), best, covariance, field, image);
    }

    /** The direct linear transform alone: close enough to see who fits. */
    Homography rough() {
        return new Homography(denormalised(directLinear()));
    }

    private double[] directLinear() {
        double[][] rows = new double[2 * points.size()][];
        for (int i = 0; i < points.size(); i++) {
            double[] f = field.apply(fieldPair(points.get(i)));
            double[] m = image.apply(imagePair(points.get(i)));
            rows[2 * i] = new double[] {f[0], f[1], 1, 0, 0, 0, -m[0] * f[0], -m[0] * f[1], -m[0]};
            rows[2 * i + 1] = new double[] {0, 0, 0, f[0], f[1], 1, -m[1] * f[0], -m[1] * f[1], -m[1]};
        }
        RealMatrix a = new Array2DRowRealMatrix(rows);
        double[] h =
                new SingularValueDecomposition(a.transpose().multiply(a)).getV().getColumn(PARAMETERS);
        double[] eight = new double[PARAMETERS];
        for (int i = 0; i < PARAMETERS; i++) {
            eight[i] = h[i] / h[PARAMETERS];
        }
        return eight;
    }

    private RealVector target() {
        double[] target = new double[2 * points.size()];
        for (int i = 0; i < points.size(); i++) {
            System.arraycopy(image.apply(imagePair(points.get(i))), 0, target, 2 * i, 2);
        }
        return new ArrayRealVector(target, false);
    }

    private Pair<RealVector, RealMatrix> model(RealVector h) {
        double[] values = new double[2 * points.size()];
        double[][] jacobian = new double[2 * points.size()][];
        for (int i = 0; i < points.size(); i++) {
            double[] f = field.apply(fieldPair(points.get(i)));
            System.arraycopy(project(h.toArray(), f), 0, values, 2 * i, 2);
            double[][] rows = parameterJacobian(h.toArray(), f);
            jacobian[2 * i] = rows[0];
            jacobian[2 * i + 1] = rows[1];
        }
        return new Pair<>(new ArrayRealVector(values, false), new Array2DRowRealMatrix(jacobian, false));
    }

    /** Normalised image point of a normalised field point; h33 = 1. */
    static double[] project(double[] h, double[] f) {
        double w = h[6] * f[0] + h[7] * f[1] + 1;
        return new double[] {(h[0] * f[0] + h[1] * f[1] + h[2]) / w, (h[3] * f[0] + h[4] * f[1] + h[5]) / w};
    }

    /** Derivative of {@link #project} by the eight parameters: 2 x 8. */
    static double[][] parameterJacobian(double[] h, double[] f) {
        double w = h[6] * f[0] + h[7] * f[1] + 1;
        double[] p = project(h, f);
        return new double[][] {
            {f[0] / w, f[1] / w, 1 / w, 0, 0, 0, -p[0] * f[0] / w, -p[0] * f[1] / w},
            {0, 0, 0, f[0] / w, f[1] / w, 1 / w, -p[1] * f[0] / w, -p[1] * f[1] / w}
        };
    }

    /** Derivative of {@link #project} by the normalised field point: 2 x 2. */
    static double[][] pointJacobian(double[] h, double[] f) {
        double w = h[6] * f[0] + h[7] * f[1] + 1;
        double[] p = project(h, f);
        return new double[][] {
            {(h[0] - p[0] * h[6]) / w, (h[1] - p[0] * h[7]) / w}, {(h[3] - p[1] * h[6]) / w, (h[4] - p[1] * h[7]) / w}
        };
    }

    /** H = inverse(image normalisation) * normalised H * field normalisation. */
    private double[] denormalised(double[] h) {
        RealMatrix normalised =
                new Array2DRowRealMatrix(new double[][] {{h[0], h[1], h[2]}, {h[3], h[4], h[5]}, {h[6], h[7], 1}});
        RealMatrix full = new Array2DRowRealMatrix(image.inverse())
                .multiply(normalised)
                .multiply(new Array2DRowRealMatrix(field.matrix()));
        double[] flat = new double[9];
        for (int i = 0; i < 9; i++) {
            flat[i] = full.getEntry(i / 3, i % 3);
        }
        return flat;
    }
}
