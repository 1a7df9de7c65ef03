package mensch.core.film;

import mensch.core.geometry.Point;

/**
 * How unsure a place is, square yards: a symmetric, positive matrix.
 *
 * @param xx variance of the width
 * @param xy how both go together
 * @param yy variance of the depth
 */
public record Covariance(double xx, double xy, double yy) {

    /** Width and depth that have nothing to do with each other, by one standard deviation of each, yards. */
    public static Covariance of(double sigmaX, double sigmaY) {
        return new Covariance(sigmaX * sigmaX, 0, sigmaY * sigmaY);
    }

    public Covariance plus(Covariance other) {
        return new Covariance(xx + other.xx, xy + other.xy, yy + other.yy);
    }

    /** Yards to the fourth: the square of how large an ellipse it is. */
    public double determinant() {
        return xx * yy - xy * xy;
    }

    /** What a place of this doubt weighs beside others: the inverse, per square yard. */
    Covariance weight() {
        double determinant = determinant();
        return new Covariance(yy / determinant, -xy / determinant, xx / determinant);
    }

    /** The matrix times a vector. */
    Point times(Point v) {
        return new Point(xx * v.x() + xy * v.y(), xy * v.x() + yy * v.y());
    }

    /** How many standard deviations of this doubt lie between two places. */
    public double sigmasApart(Point one, Point other) {
        var apart = new Point(one.x() - other.x(), one.y() - other.y());
        Point weighed = weight().times(apart);
        return Math.sqrt(apart.x() * weighed.x() + apart.y() * weighed.y());
    }
}
