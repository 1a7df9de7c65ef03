package mensch.core.film;

/** A place in the picture, pixels of the video's own size, origin top left, y down. */
public record ImagePoint(double xPixels, double yPixels) {

    /** Pixels. */
    public double distance(ImagePoint other) {
        return Math.hypot(xPixels - other.xPixels, yPixels - other.yPixels);
    }
}
