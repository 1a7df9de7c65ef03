package mensch.vision;

import java.util.ArrayDeque;
import java.util.function.IntPredicate;

/**
 * What colour the grass has in one picture, by the tone (red and green of the whole) that most of the field has:
 * whatever the light, mown stripes and shadows change how bright it is and hardly its tone.
 */
final class Turf {
    /** Tones are told in so many steps of red and of green. */
    private static final int STEPS = 96;
    /** Tones as rare as this share of the commonest are something else. */
    private static final double RARE = 0.01;
    /** Every so many pixels are looked at. */
    private static final int EACH = 3;
    /** Paint and grass mix in a pixel: so far off what lies between them, of 255, it is something else. */
    private static final double MIXED = 30;

    private static final double NEAR = 45;
    /** Darker than this, of 255, a pixel has no tone. */
    private static final int BLACK = 24;

    private final Picture picture;
    private final boolean[] turf;
    private final double[] colour;

    private Turf(Picture picture, boolean[] turf, double[] colour) {
        this.picture = picture;
        this.turf = turf;
        this.colour = colour;
    }

    /** @param field whether a pixel lies on the field */
    static Turf of(Picture picture, IntPredicate field) {
        int[] seen = new int[STEPS * STEPS];
        for (int i = 0; i < picture.width() * picture.height(); i += EACH) {
            if (field.test(i)) {
                int tone = tone(picture, i);
                if (tone >= 0) {
                    seen[tone]++;
                }
            }
        }
        int peak = 0;
        for (int tone = 0; tone < seen.length; tone++) {
            if (seen[tone] > seen[peak]) {
                peak = tone;
            }
        }
        var turf = new boolean[seen.length];
        turf[peak] = true;
        var open = new ArrayDeque<Integer>();
        open.add(peak);
        while (!open.isEmpty()) {
            int tone = open.remove();
            for (int step : new int[] {1, -1, STEPS, -STEPS}) {
                int next = tone + step;
                if (next >= 0 && next < seen.length && !turf[next] && seen[next] > RARE * seen[peak]) {
                    turf[next] = true;
                    open.add(next);
                }
            }
        }
        double[] sum = new double[3];
        int pixels = 0;
        for (int i = 0; i < picture.width() * picture.height(); i += EACH) {
            int tone = tone(picture, i);
            if (tone >= 0 && turf[tone] && field.test(i)) {
                sum[0] += picture.red(i);
                sum[1] += picture.green(i);
                sum[2] += picture.blue(i);
                pixels++;
            }
        }
        int all = Math.max(1, pixels);
        return new Turf(picture, turf, new double[] {sum[0] / all, sum[1] / all, sum[2] / all});
    }

    private static int tone(Picture picture, int i) {
        int red = picture.red(i);
        int green = picture.green(i);
        int sum = red + green + picture.blue(i);
        if (sum < 3 * BLACK) {
            return -1;
        }
        return STEPS * (red * STEPS / (sum + 1)) + green * STEPS / (sum + 1);
    }

    /** Whether a pixel has the colour of grass. */
    boolean at(int i) {
        int tone = tone(picture, i);
        return tone >= 0 && turf[tone];
    }

    /** Whether a colour is hardly another than that of grass. */
    boolean near(double[] other) {
        return Math.hypot(Math.hypot(other[0] - colour[0], other[1] - colour[1]), other[2] - colour[2]) < NEAR;
    }

    /** Whether a pixel may show paint, or paint and grass together: its colour lies between white and that of grass. */
    boolean paintAt(int i) {
        return paintShare(i) > 0;
    }

    /** How much of a pixel is paint, 0 to 1; 0 where it is something else. */
    double paintShare(int i) {
        double[] off = {picture.red(i) - colour[0], picture.green(i) - colour[1], picture.blue(i) - colour[2]};
        double[] white = {255 - colour[0], 255 - colour[1], 255 - colour[2]};
        double share = dot(off, white) / dot(white, white);
        double apart = 0;
        for (int b = 0; b < 3; b++) {
            apart += Math.pow(off[b] - share * white[b], 2);
        }
        return apart < MIXED * MIXED ? Math.max(0, Math.min(1, share)) : 0;
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }
}
