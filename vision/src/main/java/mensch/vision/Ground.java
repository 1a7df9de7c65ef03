package mensch.vision;

import java.util.Optional;
import mensch.core.field.Field;
import mensch.core.field.Paint;
import mensch.core.film.Calibration;
import mensch.core.film.ImagePoint;
import mensch.core.geometry.Point;

/**
 * The grass under each pixel of a picture whose view is solved: what belongs to the field, and what is painted there.
 */
final class Ground {
    /** Beside the field by so much, yards, nobody plays. */
    private static final double BESIDE = 0.5;
    /** So far behind one who stands at the edge is what one sees over his head, yards. */
    private static final double BEHIND = 8;
    /** A line may be as much off where it should be, yards and pixels of the picture. */
    private static final double OFF_YARDS = 0.04;

    private static final double OFF_PIXELS = 1;
    private static final double STEP = 0.01;

    private final Picture picture;
    private final Calibration view;
    private final Paint paint;
    private final float[] x;
    private final float[] y;

    /**
     * How large a yard is at a place, pixels of the picture.
     *
     * @param across level, across the picture
     * @param upright above the grass
     * @param widthDown how far down the picture a yard of the field's width goes, whichever way
     */
    record Scale(double across, double upright, double widthDown) {}

    Ground(Picture picture, Calibration view, Field field) {
        this.picture = picture;
        this.view = view;
        this.paint = new Paint(field);
        int pixels = picture.width() * picture.height();
        this.x = new float[pixels];
        this.y = new float[pixels];
        for (int i = 0; i < pixels; i++) {
            Optional<Point> at = at(i % picture.width(), i / picture.width());
            x[i] = (float) at.map(Point::x).orElse(Double.NaN).doubleValue();
            y[i] = (float) at.map(Point::y).orElse(Double.NaN).doubleValue();
        }
    }

    /** The field point under a place of the picture. */
    Optional<Point> at(double column, double row) {
        return view.toField(picture.onFilm(column, row));
    }

    /** Whether a pixel shows the field, end zones and all, when nobody stands before it. */
    boolean onField(int i) {
        return paint.within(x[i], y[i], BESIDE);
    }

    boolean onField(Point at) {
        return paint.within(at.x(), at.y(), BESIDE);
    }

    /** Whether a pixel shows the field, or what one sees over the head of a man who stands on it. */
    boolean behind(int i) {
        return paint.within(x[i], y[i], BEHIND);
    }

    /** Whether a pixel may show a line, a tick or the border of the field. */
    boolean painted(int i) {
        return paint.at(x[i], y[i], OFF_YARDS + OFF_PIXELS * yardsPerPixel(i));
    }

    /** Whether a pixel lies where numerals are painted. */
    boolean numbered(int i) {
        return paint.numbered(x[i], y[i]);
    }

    private double yardsPerPixel(int i) {
        int next = i + 1 < x.length && (i + 1) % picture.width() != 0 ? i + 1 : i - 1;
        int below = i + picture.width() < x.length ? i + picture.width() : i - picture.width();
        return Math.max(Math.hypot(x[next] - x[i], y[next] - y[i]), Math.hypot(x[below] - x[i], y[below] - y[i]));
    }

    /** How large a man is who stands at a place; none where the view does not show it. */
    Optional<Scale> scale(Point feet) {
        return view.toImage(feet)
                .flatMap(at -> view.toImage(new Point(feet.x() + STEP, feet.y()))
                        .flatMap(right -> view.toImage(new Point(feet.x(), feet.y() + STEP))
                                .map(deep -> scale(at, right, deep))));
    }

    private Scale scale(ImagePoint at, ImagePoint right, ImagePoint deep) {
        double a = (right.xPixels() - at.xPixels()) / STEP;
        double c = (right.yPixels() - at.yPixels()) / STEP;
        double b = (deep.xPixels() - at.xPixels()) / STEP;
        double d = (deep.yPixels() - at.yPixels()) / STEP;
        double determinant = Math.abs(a * d - b * c);
        double across = determinant / Math.hypot(c, d);
        double along = determinant / Math.hypot(a, b);
        double sine = Math.min(1, along / across);
        return new Scale(
                across / picture.factor(),
                across * Math.sqrt(1 - sine * sine) / picture.factor(),
                Math.abs(c) / picture.factor());
    }
}
