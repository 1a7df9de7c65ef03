package mensch.core.film;

import java.util.List;
import java.util.Optional;
import mensch.core.geometry.Point;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;

/**
 * How a place answers to errors: of its own click, and of the known points' clicks by way of the camera's parameters.
 *
 * @param byClick yards by a pixel of his click, 2 x 2, times the noise of that click
 * @param byParameters yards by a parameter, 2 x 8
 * @param parameters covariance of the parameters for one square pixel of the known points
 */
record Spread(Point feet, RealMatrix byClick, RealMatrix byParameters, RealMatrix parameters) {

    /**
     * Of a place in a view; none so near the horizon that the pixel no longer tells the place.
     *
     * @param clickPixels noise of his click, one standard deviation
     */
    static Optional<Spread> of(HomographyFit.Solution solution, Point feet, double clickPixels) {
        double[] f = solution.field().apply(new double[] {feet.x(), feet.y()});
        double pixelScale = solution.image().scale();
        RealMatrix byPoint = new Array2DRowRealMatrix(HomographyFit.pointJacobian(solution.normalised(), f))
                .scalarMultiply(solution.field().scale() / pixelScale);
        RealMatrix byParameters = new Array2DRowRealMatrix(HomographyFit.parameterJacobian(solution.normalised(), f))
                .scalarMultiply(1 / pixelScale);
        DecompositionSolver solver = new LUDecomposition(byPoint).getSolver();
        if (!solver.isNonSingular()) {
            return Optional.empty();
        }
        RealMatrix inverse = solver.getInverse();
        return Optional.of(new Spread(
                feet,
                inverse.scalarMultiply(clickPixels),
                inverse.multiply(byParameters),
                solution.covariancePerPixel2()));
    }

    /**
     * Covariance of places of one picture, square yards.
     *
     * @param sigmaPixels noise of the known points' clicks
     */
    static RealMatrix together(List<Spread> spreads, double sigmaPixels) {
        var together = new Array2DRowRealMatrix(Math.max(1, 2 * spreads.size()), Math.max(1, 2 * spreads.size()));
        for (int i = 0; i < spreads.size(); i++) {
            for (int j = 0; j < spreads.size(); j++) {
                together.setSubMatrix(
                        (i == j
                                        ? spreads.get(i).own(sigmaPixels)
                                        : spreads.get(i).shared(spreads.get(j), sigmaPixels))
                                .getData(),
                        2 * i,
                        2 * j);
            }
        }
        return together;
    }

    /** Square yards that he has in common with another of the picture. */
    private RealMatrix shared(Spread other, double sigmaPixels) {
        return byParameters
                .multiply(parameters)
                .multiply(other.byParameters.transpose())
                .scalarMultiply(sigmaPixels * sigmaPixels);
    }

    private RealMatrix own(double sigmaPixels) {
        return byClick.multiply(byClick.transpose()).add(shared(this, sigmaPixels));
    }

    Covariance covariance(double sigmaPixels) {
        RealMatrix own = own(sigmaPixels);
        return new Covariance(own.getEntry(0, 0), own.getEntry(0, 1), own.getEntry(1, 1));
    }

    /** One standard deviation of width and depth together, yards. */
    double sigma(double sigmaPixels) {
        Covariance c = covariance(sigmaPixels);
        return Math.sqrt(c.xx() + c.yy());
    }
}
