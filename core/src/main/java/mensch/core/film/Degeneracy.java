package mensch.core.film;

import java.util.List;
import java.util.Optional;
import mensch.core.geometry.Point;

/** Why a set of known points cannot calibrate a view. */
final class Degeneracy {
    static final int LEAST_POINTS = 4;
    /** Points nearer than this to a line count as on it, yards. */
    private static final double ON_LINE_YARDS = 0.25;

    private static final double SAME_PLACE_PIXELS = 2;

    private Degeneracy() {}

    /** The reason in words; none when the set is good. */
    static Optional<String> of(List<KnownPoint> points) {
        if (points.size() < LEAST_POINTS) {
            return Optional.of(points.size() + " known points; at least four are needed, the more the better");
        }
        return twice(points).or(() -> lines(points));
    }

    private static Optional<String> lines(List<KnownPoint> points) {
        for (int i = 0; i < points.size(); i++) {
            for (int j = i + 1; j < points.size(); j++) {
                Optional<String> fault = line(points, points.get(i), points.get(j));
                if (fault.isPresent()) {
                    return fault;
                }
            }
        }
        return Optional.empty();
    }

    /** The reason why two of the points say one thing; none when each says its own. */
    static Optional<String> twice(List<KnownPoint> points) {
        for (int i = 0; i < points.size(); i++) {
            for (int j = i + 1; j < points.size(); j++) {
                Optional<String> same = same(points.get(i), points.get(j));
                if (same.isPresent()) {
                    return same;
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<String> same(KnownPoint a, KnownPoint b) {
        if (a.field().distance(b.field()) < ON_LINE_YARDS) {
            return Optional.of(a.name() + " and " + b.name() + " are the same place on the field; remove one");
        }
        if (Math.hypot(
                        a.image().xPixels() - b.image().xPixels(),
                        a.image().yPixels() - b.image().yPixels())
                < SAME_PLACE_PIXELS) {
            return Optional.of(a.name() + " and " + b.name()
                    + " were clicked at the same place in the picture; click one of them anew");
        }
        return Optional.empty();
    }

    private static Optional<String> line(List<KnownPoint> points, KnownPoint a, KnownPoint b) {
        long off = points.stream()
                .filter(p -> distance(p.field(), a.field(), b.field()) > ON_LINE_YARDS)
                .count();
        return off >= 2
                ? Optional.empty()
                : Optional.of("all points but " + (off == 0 ? "none" : "one") + " lie on one line (through " + a.name()
                        + " and " + b.name()
                        + "); add points on another yard line and another hash, numbers or sideline");
    }

    private static double distance(Point p, Point a, Point b) {
        return Math.abs((b.x() - a.x()) * (a.y() - p.y()) - (a.x() - p.x()) * (b.y() - a.y())) / a.distance(b);
    }
}
