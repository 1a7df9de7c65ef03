package mensch.core.film;

import mensch.core.geometry.Point;

/**
 * A camera without lens errors: where it stands, how it is turned, and how far it is zoomed in.
 *
 * @param x yards to the right
 * @param y yards up the field
 * @param z yards above the grass
 * @param roll radians, clockwise as the camera sees it
 * @param pan radians from straight up the field, to the right
 * @param tilt radians down
 * @param logFocal natural logarithm of the focal length in pixels
 */
record Pose(double x, double y, double z, double roll, double pan, double tilt, double logFocal) {
    private static final double STEEPEST = Math.PI / 2;
    /** Who looks flatter than this, radians, looks at nothing on the field. */
    private static final double FLATTEST = 0.02;

    /** From its seven numbers, in their order: four of the stand, three of the look. */
    static Pose of(double[] n) {
        return new Pose(n[0], n[1], n[2], n[3], n[4], n[5], n[6]);
    }

    double[] values() {
        return new double[] {x, y, z, roll, pan, tilt, logFocal};
    }

    /** Whether a camera above the field can be turned like that. */
    boolean sensible() {
        return z > 0 && Math.abs(tilt) < STEEPEST && Math.abs(roll) < STEEPEST;
    }

    /** Row-major 3 x 3: (u, v, w) = H (x, y, 1), pixel = (u/w, v/w), w yards before the camera. */
    double[] homography(PictureSize picture) {
        double focal = Math.exp(logFocal);
        double[] forward = {Math.sin(pan) * Math.cos(tilt), Math.cos(pan) * Math.cos(tilt), -Math.sin(tilt)};
        double[] level = {Math.cos(pan), -Math.sin(pan), 0};
        double[] above = {Math.sin(pan) * Math.sin(tilt), Math.cos(pan) * Math.sin(tilt), Math.cos(tilt)};
        double[] w = onGrass(forward);
        double[] right = onGrass(sum(Math.cos(roll), level, Math.sin(roll), above));
        double[] up = onGrass(sum(-Math.sin(roll), level, Math.cos(roll), above));
        double[] u = sum(focal, right, picture.width() / 2.0, w);
        double[] v = sum(-focal, up, picture.height() / 2.0, w);
        return new double[] {u[0], u[1], u[2], v[0], v[1], v[2], w[0], w[1], w[2]};
    }

    /** A direction's share of (x, y, 1) on the grass. */
    private double[] onGrass(double[] d) {
        return new double[] {d[0], d[1], -(d[0] * x + d[1] * y + d[2] * z)};
    }

    private static double[] sum(double a, double[] one, double b, double[] other) {
        return new double[] {a * one[0] + b * other[0], a * one[1] + b * other[1], a * one[2] + b * other[2]};
    }

    /** A pose of this stand that looks at a place, as far zoomed as this one. */
    Pose lookingAt(Point at) {
        double across = at.x() - x;
        double along = at.y() - y;
        return new Pose(x, y, z, roll, Math.atan2(across, along), Math.atan2(z, Math.hypot(across, along)), logFocal);
    }

    /** The same camera where they go the other way: the field turned by half about its middle. */
    Pose turned(Point centre) {
        return new Pose(2 * centre.x() - x, 2 * centre.y() - y, z, roll, pan + Math.PI, tilt, logFocal);
    }

    /** Zoomed in by so much. */
    Pose zoomed(double times) {
        return new Pose(x, y, z, roll, pan, tilt, logFocal + Math.log(times));
    }

    /** Looks at one place as this one looks at another, and shows it as large. */
    Pose following(Point from, Point to) {
        double reach = z / Math.tan(Math.max(FLATTEST, tilt));
        Pose now = lookingAt(new Point(
                x + reach * Math.sin(pan) + to.x() - from.x(), y + reach * Math.cos(pan) + to.y() - from.y()));
        return new Pose(
                x,
                y,
                z,
                roll,
                now.pan,
                now.tilt,
                logFocal + Math.log(Math.sin(Math.max(FLATTEST, tilt)) / Math.sin(now.tilt)));
    }

    /**
     * The camera of a homography for a focal length: as near as there is one.
     *
     * @param h row-major, w positive before the camera
     */
    static Pose of(Homography homography, PictureSize picture, double focal) {
        double[] h = homography.h();
        double[] one = column(h, 0, picture, focal);
        double[] two = column(h, 1, picture, focal);
        double[] three = column(h, 2, picture, focal);
        double scale = 2 / (length(one) + length(two));
        double[] r1 = sum(scale, one, 0, one);
        double[] r2 = sum(scale, two, 0, two);
        double[] t = sum(scale, three, 0, three);
        double[] r3 = {r1[1] * r2[2] - r1[2] * r2[1], r1[2] * r2[0] - r1[0] * r2[2], r1[0] * r2[1] - r1[1] * r2[0]};
        return new Pose(
                -dot(r1, t),
                -dot(r2, t),
                -dot(r3, t),
                Math.atan2(r3[0], -r3[1]),
                Math.atan2(r1[2], r2[2]),
                Math.atan2(-r3[2], Math.hypot(r1[2], r2[2])),
                Math.log(focal));
    }

    private static double[] column(double[] h, int i, PictureSize picture, double focal) {
        return new double[] {
            (h[i] - picture.width() / 2.0 * h[6 + i]) / focal,
            (h[3 + i] - picture.height() / 2.0 * h[6 + i]) / focal,
            h[6 + i]
        };
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }

    private static double length(double[] a) {
        return Math.sqrt(dot(a, a));
    }
}
