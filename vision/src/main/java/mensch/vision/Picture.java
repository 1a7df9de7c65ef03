package mensch.vision;

import boofcv.alg.filter.misc.AverageDownSampleOps;
import boofcv.struct.image.GrayU8;
import boofcv.struct.image.Planar;
import mensch.core.film.ImagePoint;

/** A frame of film, red, green and blue. */
public final class Picture {
    private static final int BANDS = 3;

    private final Planar<GrayU8> bands;
    private final int factor;

    private Picture(Planar<GrayU8> bands, int factor) {
        this.bands = bands;
        this.factor = factor;
    }

    /**
     * @param rgb three bytes a pixel, row by row from the top left
     * @throws IllegalArgumentException when these are not so many pixels
     */
    public static Picture of(byte[] rgb, int width, int height) {
        return of(rgb, width, height, 1);
    }

    /** @param factor so many times the film's own frame is as wide, and as high */
    public static Picture of(byte[] rgb, int width, int height, int factor) {
        if (rgb.length != BANDS * width * height) {
            throw new IllegalArgumentException(
                    rgb.length + " bytes are no picture of " + width + " x " + height + " pixels");
        }
        var whole = new Planar<>(GrayU8.class, width, height, BANDS);
        for (int b = 0; b < BANDS; b++) {
            byte[] band = whole.getBand(b).data;
            for (int i = 0; i < band.length; i++) {
                band[i] = rgb[BANDS * i + b];
            }
        }
        return new Picture(whole, factor);
    }

    /** The same made smaller, so that it is no wider than so many pixels. */
    Picture within(int widest) {
        int times = (bands.width + widest - 1) / widest;
        if (times == 1) {
            return this;
        }
        var small = new Planar<>(
                GrayU8.class,
                AverageDownSampleOps.downSampleSize(bands.width, times),
                AverageDownSampleOps.downSampleSize(bands.height, times),
                BANDS);
        AverageDownSampleOps.down(bands, times, small);
        return new Picture(small, factor * times);
    }

    int width() {
        return bands.width;
    }

    int height() {
        return bands.height;
    }

    /** How bright it is. */
    GrayU8 grey() {
        var grey = new GrayU8(width(), height());
        for (int i = 0; i < grey.data.length; i++) {
            grey.data[i] = (byte) ((red(i) + green(i) + blue(i)) / BANDS);
        }
        return grey;
    }

    int red(int i) {
        return bands.getBand(0).data[i] & 255;
    }

    int green(int i) {
        return bands.getBand(1).data[i] & 255;
    }

    int blue(int i) {
        return bands.getBand(2).data[i] & 255;
    }

    /** Red, green and blue of a pixel, each 0 to 255. */
    double[] colour(int i) {
        return new double[] {red(i), green(i), blue(i)};
    }

    /** Of the film's frame, at a pixel of this picture. */
    ImagePoint onFilm(double x, double y) {
        return new ImagePoint((x + 0.5) * factor - 0.5, (y + 0.5) * factor - 0.5);
    }

    /** A pixel of this picture in the film's frame, and back. */
    double fromFilm(double pixels) {
        return (pixels + 0.5) / factor - 0.5;
    }

    /** Pixels of the film in one of this picture. */
    int factor() {
        return factor;
    }
}
