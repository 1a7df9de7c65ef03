package mensch.core.geometry;

/** An upright rectangle on the ground, play frame, yards: where a man may stand and still be right. */
public record Region(double xMin, double xMax, double yMin, double yMax) {
    public Region {
        xMin += 0.0;
        xMax += 0.0;
    }

    public Region moved(double x, double y) {
        return new Region(xMin + x, xMax + x, yMin + y, yMax + y);
    }

    public Region mirror() {
        return new Region(-xMax, -xMin, yMin, yMax);
    }

    public boolean contains(Point p) {
        return p.x() >= xMin && p.x() <= xMax && p.y() >= yMin && p.y() <= yMax;
    }
}
