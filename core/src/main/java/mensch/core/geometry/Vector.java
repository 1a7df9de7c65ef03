package mensch.core.geometry;

/** A way on the field without a place: yards to the right and yards deep. */
public record Vector(double x, double y) {

    /**
     * Twice the area between two ways; positive when the other lies to the left of this one, zero when it runs along.
     */
    public double cross(Vector other) {
        return x * other.y - y * other.x;
    }

    public double dot(Vector other) {
        return x * other.x + y * other.y;
    }

    /** Yards. */
    public double length() {
        return Math.hypot(x, y);
    }
}
