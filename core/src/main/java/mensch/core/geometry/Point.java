package mensch.core.geometry;

/**
 * A place on the ground: the middle between a man's feet. Play frame, yards; a man of the defence has {@code y > 0}.
 * Negative zero is normalised away so that a mirrored point equals the point computed on the other side.
 */
public record Point(double x, double y) {
    public Point {
        x += 0.0;
        y += 0.0;
    }

    /** Left and right exchanged. */
    public Point mirror() {
        return new Point(-x, y);
    }

    /** The way from here to another place. */
    public Vector to(Point other) {
        return new Vector(other.x - x, other.y - y);
    }

    public double distance(Point other) {
        double across = x - other.x;
        double along = y - other.y;
        // a field is no place for overflow: hypot guards against it and takes most of the time
        return Math.sqrt(across * across + along * along);
    }
}
