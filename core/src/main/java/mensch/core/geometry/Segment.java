package mensch.core.geometry;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** A straight way from one point to another, yards. */
public record Segment(Point from, Point to) {

    private Vector way() {
        return from.to(to);
    }

    /** The point a part of the way along, 0 at the start and 1 at the end. */
    public Point at(double part) {
        return new Point(from.x() + part * way().x(), from.y() + part * way().y());
    }

    /**
     * Where this way meets another, its own ends left out and the other's taken in; none when they miss each other or
     * run alongside.
     */
    public Optional<Point> crossing(Segment other) {
        double cross = way().cross(other.way());
        if (cross == 0) {
            return Optional.empty();
        }
        Vector apart = from.to(other.from);
        double here = apart.cross(other.way()) / cross;
        double there = apart.cross(way()) / cross;
        return here > 0 && here < 1 && there >= 0 && there <= 1 ? Optional.of(at(here)) : Optional.empty();
    }

    /** Where it first meets a way of several points. */
    public Optional<Point> crossing(List<Point> route) {
        return IntStream.range(1, route.size())
                .mapToObj(i -> crossing(new Segment(route.get(i - 1), route.get(i))))
                .flatMap(Optional::stream)
                .findFirst();
    }

    /** Yards from a point beside the way, straight across; infinite for one that is behind an end. */
    public double beside(Point point) {
        double length = way().length();
        Vector toPoint = from.to(point);
        double along = toPoint.dot(way()) / length;
        return along > 0 && along < length ? Math.abs(toPoint.cross(way())) / length : Double.POSITIVE_INFINITY;
    }
}
