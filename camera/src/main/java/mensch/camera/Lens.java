package mensch.camera;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import mensch.core.film.ImagePoint;

/**
 * A lens that bends what it films: a pixel at the share r of the half diagonal from the middle lies at r (1 + k r2) in
 * a straight picture. Found by halving and painted by looking up, independent of how it is told from clicks.
 *
 * @param k above 0 the edges come out too near the middle, below 0 too far; 0 is a lens without errors
 */
public record Lens(double k) {
    /** Bends nothing. */
    public static final Lens STRAIGHT = new Lens(0);

    private static final int BYTES = 3;
    private static final int HALVINGS = 60;

    /** Where the film shows a pixel of a straight picture of so many pixels. */
    public ImagePoint film(ImagePoint straight, int width, int height) {
        double half = Math.hypot(width, height) / 2;
        double x = straight.xPixels() - width / 2.0;
        double y = straight.yPixels() - height / 2.0;
        double far = Math.hypot(x, y) / half;
        double low = 0;
        double high = 3;
        for (int i = 0; i < HALVINGS; i++) {
            double r = (low + high) / 2;
            if (r * (1 + k * r * r) < far) {
                low = r;
            } else {
                high = r;
            }
        }
        double by = far == 0 ? 1 : low / far;
        return new ImagePoint(width / 2.0 + by * x, height / 2.0 + by * y);
    }

    /** A straight picture as the film shows it; beyond its edge the edge goes on. */
    public BufferedImage film(BufferedImage straight) {
        if (k == 0) {
            return straight;
        }
        int width = straight.getWidth();
        int height = straight.getHeight();
        var film = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
        byte[] from = ((DataBufferByte) straight.getRaster().getDataBuffer()).getData();
        byte[] to = ((DataBufferByte) film.getRaster().getDataBuffer()).getData();
        double half = Math.hypot(width, height) / 2;
        for (int v = 0; v < height; v++) {
            for (int u = 0; u < width; u++) {
                double x = u - width / 2.0;
                double y = v - height / 2.0;
                double r = Math.hypot(x, y) / half;
                double by = 1 + k * r * r;
                between(from, width, height, width / 2.0 + by * x, height / 2.0 + by * y, to, BYTES * (v * width + u));
            }
        }
        return film;
    }

    /** The colour between four pixels. */
    private static void between(byte[] from, int width, int height, double x, double y, byte[] to, int at) {
        double left = Math.max(0, Math.min(width - 1.001, x));
        double top = Math.max(0, Math.min(height - 1.001, y));
        int i = (int) left;
        int j = (int) top;
        double right = left - i;
        double down = top - j;
        for (int band = 0; band < BYTES; band++) {
            int one = BYTES * (j * width + i) + band;
            int under = one + BYTES * width;
            double upper = (from[one] & 255) * (1 - right) + (from[one + BYTES] & 255) * right;
            double lower = (from[under] & 255) * (1 - right) + (from[under + BYTES] & 255) * right;
            to[at + band] = (byte) Math.round(upper * (1 - down) + lower * down);
        }
    }
}
