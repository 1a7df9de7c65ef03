package mensch.core.film;

import java.util.List;
import mensch.core.geometry.Point;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;

/**
 * Where a camera is believed to stand and how it is rolled, in the play frame.
 *
 * @param middle yards to the right, up the field and above the grass; radians
 * @param covariance of these four
 * @param picture of its reel
 * @param pixels how steady the hand was that told it
 * @param clicked where in the picture it was told
 */
record Stand(double[] middle, RealMatrix covariance, PictureSize picture, double pixels, List<ImagePoint> clicked) {

    /** The same stand where they go the other way: the field turned by half about its middle. */
    Stand turned(Point centre) {
        RealMatrix half = MatrixUtils.createRealDiagonalMatrix(new double[] {-1, -1, 1, 1});
        return new Stand(
                new double[] {2 * centre.x() - middle[0], 2 * centre.y() - middle[1], middle[2], middle[3]},
                half.multiply(covariance).multiply(half),
                picture,
                pixels,
                clicked);
    }

    /** Known so that it can be reckoned with: symmetric to the last digit. */
    static RealMatrix symmetric(RealMatrix of) {
        return new Array2DRowRealMatrix(
                of.add(of.transpose()).scalarMultiply(0.5).getData());
    }
}
