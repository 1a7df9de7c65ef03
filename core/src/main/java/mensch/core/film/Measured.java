package mensch.core.film;

import mensch.core.geometry.Point;

/**
 * Feet on the field.
 *
 * @param feet play frame yards
 * @param sigmaX one standard deviation of the lateral place, yards: click noise and calibration together
 * @param sigmaY the same of the depth
 * @param insideHull false when the click lies outside the calibration points, where errors grow faster than the figures
 *     say
 */
public record Measured(Point feet, double sigmaX, double sigmaY, boolean insideHull) {}
