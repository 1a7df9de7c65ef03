package mensch.app.film;

import mensch.core.film.Covariance;
import mensch.core.film.FilmedPath;
import mensch.core.film.ImagePoint;
import mensch.core.film.Measured;
import mensch.core.geometry.Point;

/**
 * A man where he was followed to in a frame.
 *
 * @param man in the formation by name, or by job id
 * @param seconds since the ball moved
 * @param xPixels between his feet
 * @param x play frame yards from the logged spot, and {@code y}
 * @param xx square yards: covariance of the place
 */
record FollowedLook(
        String man,
        int frame,
        double seconds,
        double xPixels,
        double yPixels,
        double x,
        double y,
        double xx,
        double xy,
        double yy,
        boolean insideHull) {

    static FollowedLook of(String man, int frame, double seconds, ImagePoint at, Measured measured) {
        Covariance c = measured.covariance();
        return new FollowedLook(
                man,
                frame,
                seconds,
                at.xPixels(),
                at.yPixels(),
                measured.feet().x(),
                measured.feet().y(),
                c.xx(),
                c.xy(),
                c.yy(),
                measured.insideHull());
    }

    FilmedPath.Look look() {
        return new FilmedPath.Look(seconds, new Measured(new Point(x, y), new Covariance(xx, xy, yy), insideHull));
    }
}
