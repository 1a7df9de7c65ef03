package mensch.camera;

/** A point in space: play frame yards, z up from the grass. */
public record Point3(double x, double y, double z) {
    Point3 minus(Point3 o) {
        return new Point3(x - o.x, y - o.y, z - o.z);
    }

    double dot(Point3 o) {
        return x * o.x + y * o.y + z * o.z;
    }

    Point3 cross(Point3 o) {
        return new Point3(y * o.z - z * o.y, z * o.x - x * o.z, x * o.y - y * o.x);
    }

    /** Yards. */
    double length() {
        return Math.sqrt(dot(this));
    }

    Point3 unit() {
        double length = length();
        return new Point3(x / length, y / length, z / length);
    }
}
