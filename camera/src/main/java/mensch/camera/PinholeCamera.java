package mensch.camera;

import mensch.core.film.ImagePoint;

/**
 * A camera without lens errors. Pixel = centre + focal * (right . d, -up . d) / (forward . d), d = point - eye.
 *
 * @param focalPixels focal length in pixels
 */
public record PinholeCamera(Point3 eye, Point3 target, double focalPixels, int widthPixels, int heightPixels) {

    /** High on the press side, off the left sideline, looking across the ball. */
    public static PinholeCamera sideline(
            double offYards, double heightYards, double ballFromMiddleYards, int widthPixels) {
        double x = -(160.0 / 6) - offYards - ballFromMiddleYards;
        return new PinholeCamera(
                new Point3(x, 3, heightYards),
                new Point3(0, 4, 0),
                2.6 * widthPixels,
                widthPixels,
                widthPixels * 9 / 16);
    }

    /** Behind the offence, high in the end zone. */
    public static PinholeCamera endZone(double behindYards, double heightYards, int widthPixels) {
        return new PinholeCamera(
                new Point3(0, -behindYards, heightYards),
                new Point3(0, 4, 0),
                1.05 * widthPixels,
                widthPixels,
                widthPixels * 9 / 16);
    }

    /** The same camera on its tripod, turned to a place and zoomed so that it fills as much of the picture. */
    public PinholeCamera standing(Point3 there) {
        double far = target.minus(there).length() / target.minus(eye).length();
        return new PinholeCamera(there, target, focalPixels * far, widthPixels, heightPixels);
    }

    /** The pixel of a point in space, or null when it lies behind the camera. */
    public ImagePoint project(Point3 point) {
        Point3 forward = target.minus(eye).unit();
        Point3 right = forward.cross(new Point3(0, 0, 1)).unit();
        Point3 up = right.cross(forward);
        Point3 d = point.minus(eye);
        double depth = forward.dot(d);
        if (depth <= 0) {
            return null;
        }
        return new ImagePoint(
                widthPixels / 2.0 + focalPixels * right.dot(d) / depth,
                heightPixels / 2.0 - focalPixels * up.dot(d) / depth);
    }

    /** Whether a pixel lies in the picture. */
    public boolean sees(ImagePoint p) {
        return p != null
                && p.xPixels() >= 0
                && p.yPixels() >= 0
                && p.xPixels() < widthPixels
                && p.yPixels() < heightPixels;
    }
}
