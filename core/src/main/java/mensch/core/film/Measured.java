package mensch.core.film;

import mensch.core.geometry.Point;

/**
 * Feet on the field.
 *
 * @param feet play frame yards
 * @param covariance click noise and calibration together
 * @param insideHull false when the click lies outside the calibration points, where errors grow faster than the figures
 *     say
 */
public record Measured(Point feet, Covariance covariance, boolean insideHull) {

    /** One standard deviation of the lateral place, yards. */
    public double sigmaX() {
        return Math.sqrt(covariance.xx());
    }

    /** One standard deviation of the depth, yards. */
    public double sigmaY() {
        return Math.sqrt(covariance.yy());
    }
}
