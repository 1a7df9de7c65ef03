package mensch.core.film;

import java.util.ArrayList;
import java.util.List;
import mensch.core.geometry.Point;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;

/** A view solved for its place: pixels to yards and back, with honest errors. */
public final class Calibration {
    /** Click noise of a careful hand, pixels, one standard deviation. <em>Model.</em> */
    public static final double CLICK_SIGMA_PIXELS = 2;
    /** Two-sided 95 %. */
    private static final double Z95 = 1.96;

    private final List<KnownPoint> points;
    private final HomographyFit.Solution solution;
    private final double sigmaPixels;
    private final List<ImagePoint> hull;

    private Calibration(List<KnownPoint> points, HomographyFit.Solution solution) {
        this.points = List.copyOf(points);
        this.solution = solution;
        this.sigmaPixels = Math.max(CLICK_SIGMA_PIXELS, residualSigma());
        this.hull = Hull.of(points.stream().map(KnownPoint::image).toList());
    }

    /** Solved, or refused with the reason. */
    public sealed interface Outcome {}

    public record Solved(Calibration calibration) implements Outcome {}

    /** Nothing is guessed from a set that cannot tell. */
    public record Refused(String reason) implements Outcome {}

    /** How far a known point comes out from where it was clicked. */
    public record Residual(String name, double yards, double pixels) {}

    /** The smallest difference between two men that this view can tell with 95 % certainty, yards, at a place. */
    public record Resolution(double lateralYards, double depthYards) {}

    /** @param points clicks on known field points */
    public static Outcome of(List<KnownPoint> points) {
        String reason = Degeneracy.of(points);
        if (reason != null) {
            return new Refused(reason);
        }
        try {
            return seen(points, new Calibration(points, new HomographyFit(points).solve()));
        } catch (MathRuntimeException e) {
            return new Refused(
                    "these clicks fit no camera: they are far from where any picture of the field would have "
                            + "them; check each name, remove the doubtful ones and click again");
        }
    }

    private static Outcome seen(List<KnownPoint> points, Calibration calibration) {
        for (KnownPoint point : points) {
            if (calibration.solution.fieldToImage().fieldToImage(point.field()) == null
                    || calibration.toField(point.image()) == null) {
                return new Refused("no camera sees these points like that: " + point.name()
                        + " comes out behind it; check that no two points are exchanged");
            }
        }
        return new Solved(calibration);
    }

    /** The pixel of a field point, or null when it lies behind the camera. */
    public ImagePoint toImage(Point field) {
        return solution.fieldToImage().fieldToImage(field);
    }

    /** The field point under a pixel, or null at or above the horizon. */
    public Point toField(ImagePoint image) {
        return solution.fieldToImage().imageToField(image);
    }

    /** Feet clicked in the picture, or null at, next to or above the horizon. */
    public Measured measure(ImagePoint click) {
        Point feet = toField(click);
        if (feet == null) {
            return null;
        }
        RealMatrix covariance = covariance(feet);
        if (covariance == null) {
            return null;
        }
        return new Measured(
                feet,
                Math.sqrt(covariance.getEntry(0, 0)),
                Math.sqrt(covariance.getEntry(1, 1)),
                Hull.contains(hull, click));
    }

    /**
     * Covariance of a measured field point, square yards: J^-1 (sigma^2 I + P C P^T) J^-T with J the derivative of the
     * pixel by the field point, P by the parameters, C their covariance; null so near the horizon that the pixel no
     * longer tells the place.
     */
    private RealMatrix covariance(Point feet) {
        double[] f = solution.field().apply(new double[] {feet.x(), feet.y()});
        double pixelScale = solution.image().scale();
        RealMatrix byPoint = new Array2DRowRealMatrix(HomographyFit.pointJacobian(solution.normalised(), f))
                .scalarMultiply(solution.field().scale() / pixelScale);
        RealMatrix byParameters = new Array2DRowRealMatrix(HomographyFit.parameterJacobian(solution.normalised(), f))
                .scalarMultiply(1 / pixelScale);
        RealMatrix noise = MatrixUtils.createRealIdentityMatrix(2)
                .add(byParameters.multiply(solution.covariancePerPixel2()).multiply(byParameters.transpose()))
                .scalarMultiply(sigmaPixels * sigmaPixels);
        DecompositionSolver solver = new LUDecomposition(byPoint).getSolver();
        if (!solver.isNonSingular()) {
            return null;
        }
        RealMatrix inverse = solver.getInverse();
        return inverse.multiply(noise).multiply(inverse.transpose());
    }

    /** Residuals in the order of the points. */
    public List<Residual> residuals() {
        var residuals = new ArrayList<Residual>();
        for (KnownPoint point : points) {
            residuals.add(new Residual(point.name(), toField(point.image()).distance(point.field()), pixels(point)));
        }
        return residuals;
    }

    private double pixels(KnownPoint point) {
        ImagePoint at = toImage(point.field());
        return Math.hypot(
                at.xPixels() - point.image().xPixels(),
                at.yPixels() - point.image().yPixels());
    }

    /** Click noise as the residuals show it, per axis; zero when there are no spare points to tell. */
    private double residualSigma() {
        int spare = 2 * points.size() - 8;
        double sum = points.stream()
                .mapToDouble(p -> toImage(p.field()) == null ? 0 : pixels(p) * pixels(p))
                .sum();
        return spare <= 0 ? 0 : Math.sqrt(sum / spare);
    }

    /** What two clicks at a place can tell apart; null where the view does not see the field well enough. */
    public Resolution resolution(Point at) {
        ImagePoint image = toImage(at);
        if (image == null) {
            return null;
        }
        Measured one = measure(image);
        if (one == null) {
            return null;
        }
        return new Resolution(Z95 * Math.sqrt(2) * one.sigmaX(), Z95 * Math.sqrt(2) * one.sigmaY());
    }

    /** Click noise used, pixels: the model's, or the residuals' when they are larger. */
    public double sigmaPixels() {
        return sigmaPixels;
    }

    public List<KnownPoint> points() {
        return points;
    }
}
