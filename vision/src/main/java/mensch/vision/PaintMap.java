package mensch.vision;

import boofcv.alg.filter.blur.GBlurImageOps;
import boofcv.struct.image.GrayF32;
import mensch.core.film.ImagePoint;

/** How much of each pixel of a picture is white paint on grass, 0 to 1. */
record PaintMap(Picture picture, GrayF32 share) {
    static PaintMap of(Picture picture) {
        Turf turf = Turf.of(picture, i -> true);
        var share = new GrayF32(picture.width(), picture.height());
        for (int i = 0; i < share.data.length; i++) {
            share.data[i] = (float) turf.paintShare(i);
        }
        return new PaintMap(picture, share);
    }

    /** So that paint is felt from so many pixels away. */
    PaintMap blurred(int radius) {
        return new PaintMap(picture, GBlurImageOps.mean(share, null, radius, null, null));
    }

    /**
     * Paint where a place of the field is seen; -1 outside the picture.
     *
     * @param fieldToImage row-major 3 x 3, of the film's frame
     */
    double at(double x, double y, double[] fieldToImage) {
        double[] h = fieldToImage;
        double w = h[6] * x + h[7] * y + h[8];
        if (w <= 0) {
            return -1;
        }
        int column = (int) Math.round(picture.fromFilm((h[0] * x + h[1] * y + h[2]) / w));
        int row = (int) Math.round(picture.fromFilm((h[3] * x + h[4] * y + h[5]) / w));
        return share.isInBounds(column, row) ? share.unsafe_get(column, row) : -1;
    }

    /** The middle of the picture, in the film's frame. */
    ImagePoint middle() {
        return picture.onFilm(picture.width() / 2.0, picture.height() / 2.0);
    }
}
