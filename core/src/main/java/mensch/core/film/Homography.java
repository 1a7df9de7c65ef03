package mensch.core.film;

import java.util.Optional;
import mensch.core.geometry.Point;

/**
 * Plane to plane. {@code fieldToImage}: (u, v, w) = H (x, y, 1), pixel = (u/w, v/w). Row-major 3 x 3.
 *
 * @param h nine numbers, scaled so that the middle of the calibration points has w &gt; 0
 */
record Homography(double[] h) {

    /** The pixel of a field point, if it lies before the camera. */
    Optional<ImagePoint> fieldToImage(Point field) {
        double w = h[6] * field.x() + h[7] * field.y() + h[8];
        if (w <= 0) {
            return Optional.empty();
        }
        return Optional.of(new ImagePoint(
                (h[0] * field.x() + h[1] * field.y() + h[2]) / w, (h[3] * field.x() + h[4] * field.y() + h[5]) / w));
    }

    /** The field point under a pixel, if the pixel is below the horizon. */
    Optional<Point> imageToField(ImagePoint image) {
        double[] inverse = adjugate();
        double x = inverse[0] * image.xPixels() + inverse[1] * image.yPixels() + inverse[2];
        double y = inverse[3] * image.xPixels() + inverse[4] * image.yPixels() + inverse[5];
        double w = inverse[6] * image.xPixels() + inverse[7] * image.yPixels() + inverse[8];
        if (w * Math.signum(determinant()) <= 0) {
            return Optional.empty();
        }
        return Optional.of(new Point(x / w, y / w));
    }

    private double determinant() {
        return h[0] * (h[4] * h[8] - h[5] * h[7])
                - h[1] * (h[3] * h[8] - h[5] * h[6])
                + h[2] * (h[3] * h[7] - h[4] * h[6]);
    }

    private double[] adjugate() {
        return new double[] {
            h[4] * h[8] - h[5] * h[7], h[2] * h[7] - h[1] * h[8], h[1] * h[5] - h[2] * h[4],
            h[5] * h[6] - h[3] * h[8], h[0] * h[8] - h[2] * h[6], h[2] * h[3] - h[0] * h[5],
            h[3] * h[7] - h[4] * h[6], h[1] * h[6] - h[0] * h[7], h[0] * h[4] - h[1] * h[3]
        };
    }
}
