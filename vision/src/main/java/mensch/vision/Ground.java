package mensch.vision;

import java.util.Optional;
import mensch.core.field.Code;
import mensch.core.field.Field;
import mensch.core.field.Mark;
import mensch.core.film.Calibration;
import mensch.core.film.ImagePoint;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;

/**
 * The grass under each pixel of a picture whose view is solved: what belongs to the field, and what is painted there.
 */
final class Ground {
    /** Beside the field by so much, yards, nobody plays. */
    private static final double BESIDE = 0.5;
    /** Half a line or a tick of a hash, yards. */
    private static final double HALF_LINE = 0.06;

    private static final double HALF_TICK = 0.35;
    /** A line may be as much off where it should be, yards and pixels of the picture. */
    private static final double OFF_YARDS = 0.04;

    private static final double OFF_PIXELS = 1;
    /** Numerals are as wide together, on either side of their line, yards. */
    private static final double NUMERALS = 2.2;

    private static final double NUMERALS_OFF = 0.3;
    /** Rows of ticks lie so far inside the sidelines, yards. */
    private static final double EDGE_TICKS = 0.7;

    private static final double STEP = 0.01;
    private static final int LINES = 5;
    private static final double LENGTH = 100;

    private final Picture picture;
    private final Calibration view;
    private final Field field;
    private final double goal;
    private final double middle;
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
        this.field = field;
        this.goal = field.ball().yardsToGoal() - field.off().y();
        this.middle = (field.sidelineX(Side.LEFT) + field.sidelineX(Side.RIGHT)) / 2;
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
        return Math.abs(x[i] - middle) < field.code().widthYards() / 2 + BESIDE
                && goal - y[i] > -Code.END_ZONE_YARDS - BESIDE
                && goal - y[i] < LENGTH + Code.END_ZONE_YARDS + BESIDE;
    }

    /** Whether a pixel may show a line, a tick or a number on the grass. */
    boolean painted(int i) {
        double off = OFF_YARDS + OFF_PIXELS * yardsPerPixel(i);
        double edge = field.code().widthYards() / 2 - Math.abs(x[i] - middle);
        double line = goal - y[i];
        double fromLine = Math.abs(line - LINES * Math.rint(line / LINES));
        double fromYard = Math.abs(line - Math.rint(line));
        double hash = Math.min(fromHash(i, Side.LEFT), fromHash(i, Side.RIGHT));
        return fromLine < HALF_LINE + off
                || edge < HALF_LINE + off
                || fromYard < HALF_LINE + off && Math.min(hash, Math.abs(edge - EDGE_TICKS)) < HALF_TICK + off
                || hash < HALF_LINE + off && fromLine < HALF_TICK + off;
    }

    /** Whether a pixel lies where numerals are painted. */
    boolean numbered(int i) {
        Code code = field.code();
        double line = goal - y[i];
        double edge = code.widthYards() / 2 - Math.abs(x[i] - middle);
        return Math.abs(line - 2 * LINES * Math.rint(line / (2 * LINES))) < NUMERALS
                && edge > code.numbersBottomYards() - NUMERALS_OFF
                && edge < code.numbersTopYards() + NUMERALS_OFF;
    }

    private double fromHash(int i, Side side) {
        return Math.abs(x[i] - field.x(Mark.HASH, side, 0));
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
