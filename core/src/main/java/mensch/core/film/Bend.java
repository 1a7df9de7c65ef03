package mensch.core.film;

/**
 * How a lens bends what it films, one radial term: a pixel of the film at the share r of the half diagonal from the
 * middle lies at r (1 + k r2) where a lens without errors would have it. Straight pixels are only ever reckoned with;
 * what is clicked and shown is the film's.
 *
 * @param k above 0 the edges come out too near the middle (barrel), below 0 too far (pincushion)
 * @param picture of the reel
 */
record Bend(double k, PictureSize picture) {
    /** Of a lens that bends nothing, or of which nothing is known. */
    static final Bend NONE = new Bend(0, new PictureSize(1, 1));
    /** No lens that one would film a game with bends more. */
    static final double MOST = 0.15;

    private static final int TURNS = 8;

    boolean isNone() {
        return k == 0;
    }

    private double half() {
        return Math.hypot(picture.width(), picture.height()) / 2;
    }

    /** How far from the middle of the picture, in half diagonals. */
    private double share(ImagePoint at) {
        return at.distance(middle()) / half();
    }

    private ImagePoint middle() {
        return new ImagePoint(picture.width() / 2.0, picture.height() / 2.0);
    }

    private ImagePoint times(ImagePoint at, double by) {
        ImagePoint middle = middle();
        return new ImagePoint(
                middle.xPixels() + by * (at.xPixels() - middle.xPixels()),
                middle.yPixels() + by * (at.yPixels() - middle.yPixels()));
    }

    /** Where a pixel of the film would be without the bend. */
    ImagePoint straight(ImagePoint film) {
        double r = share(film);
        return isNone() ? film : times(film, 1 + k * r * r);
    }

    KnownPoint straight(KnownPoint clicked) {
        return isNone() ? clicked : new KnownPoint(clicked.name(), clicked.field(), straight(clicked.image()));
    }

    /** Where the film shows a straight pixel: by Newton's way from it, which comes near at once for any lens. */
    ImagePoint film(ImagePoint straight) {
        double far = share(straight);
        if (isNone() || far == 0) {
            return straight;
        }
        double r = far;
        for (int turn = 0; turn < TURNS; turn++) {
            // beyond where a strong pincushion turns back on itself nothing is seen
            double slope = Math.max(0.1, 1 + 3 * k * r * r);
            r -= (r + k * r * r * r - far) / slope;
        }
        return times(straight, r / far);
    }

    /** So much farther apart two pixels are than on film, at most, near one of it. */
    double stretch(ImagePoint film) {
        double r = share(film);
        return Math.max(1, 1 + 3 * k * r * r);
    }
}
