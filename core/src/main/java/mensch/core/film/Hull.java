package mensch.core.film;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/** Convex hull of image points (monotone chain). */
final class Hull {
    private Hull() {}

    /** Corners in one turning sense; at least three points that are not on one line. */
    static List<ImagePoint> of(List<ImagePoint> points) {
        var sorted = new ArrayList<>(points);
        sorted.sort(Comparator.comparingDouble(ImagePoint::xPixels).thenComparingDouble(ImagePoint::yPixels));
        var hull = new ArrayList<ImagePoint>();
        chain(sorted, hull, 0);
        Collections.reverse(sorted);
        chain(sorted, hull, hull.size() - 1);
        hull.remove(hull.size() - 1);
        return hull;
    }

    private static void chain(List<ImagePoint> sorted, List<ImagePoint> hull, int base) {
        for (ImagePoint p : sorted) {
            while (hull.size() >= base + 2 && turn(hull.get(hull.size() - 2), hull.get(hull.size() - 1), p) <= 0) {
                hull.remove(hull.size() - 1);
            }
            if (hull.isEmpty() || !hull.get(hull.size() - 1).equals(p)) {
                hull.add(p);
            }
        }
    }

    static boolean contains(List<ImagePoint> hull, ImagePoint p) {
        for (int i = 0; i < hull.size(); i++) {
            if (turn(hull.get(i), hull.get((i + 1) % hull.size()), p) < 0) {
                return false;
            }
        }
        return true;
    }

    private static double turn(ImagePoint a, ImagePoint b, ImagePoint c) {
        return (b.xPixels() - a.xPixels()) * (c.yPixels() - a.yPixels())
                - (b.yPixels() - a.yPixels()) * (c.xPixels() - a.xPixels());
    }
}
