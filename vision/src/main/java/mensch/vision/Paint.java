package mensch.vision;

import java.util.stream.IntStream;
import mensch.core.field.Code;
import mensch.core.field.Field;
import mensch.core.field.Mark;
import mensch.core.geometry.Side;

/** What is painted on a field, in the play frame. */
final class Paint {
    /** Half a line or a tick of a hash, yards. */
    private static final double HALF_LINE = 0.06;

    private static final double HALF_TICK = 0.35;
    /** Numerals are as wide together, on either side of their line, yards. */
    private static final double NUMERALS = 2.2;

    private static final double NUMERALS_OFF = 0.3;
    /** Rows of ticks lie so far inside the sidelines, yards. */
    private static final double EDGE_TICKS = 0.7;

    private static final int LINES = 5;
    private static final double LENGTH = 100;

    private final Field field;
    private final double half;
    private final double goal;
    private final double middle;
    private final double left;
    private final double right;

    Paint(Field field) {
        this.field = field;
        this.half = field.code().widthYards() / 2;
        this.goal = field.ball().yardsToGoal() - field.off().y();
        this.middle = (field.sidelineX(Side.LEFT) + field.sidelineX(Side.RIGHT)) / 2;
        this.left = field.x(Mark.HASH, Side.LEFT, 0);
        this.right = field.x(Mark.HASH, Side.RIGHT, 0);
    }

    /** Whether there is a line, a tick or the border at a place, or so few yards beside it. */
    boolean at(double x, double y, double off) {
        double edge = half - Math.abs(x - middle);
        double line = goal - y;
        double nearest = LINES * Math.rint(line / LINES);
        double fromLine = painted(nearest) ? Math.abs(line - nearest) : LINES;
        double fromYard = line > 0 && line < LENGTH ? Math.abs(line - Math.rint(line)) : 1;
        double hash = field.code().flag() ? half : Math.min(Math.abs(x - left), Math.abs(x - right));
        return fromLine < HALF_LINE + off
                || edge < HALF_LINE + off
                || fromYard < HALF_LINE + off && Math.min(hash, Math.abs(edge - EDGE_TICKS)) < HALF_TICK + off
                || hash < HALF_LINE + off && fromLine < HALF_TICK + off;
    }

    /** Whether there is a line so many yards from the goal line: none within the end zones. */
    private static boolean painted(double line) {
        return line >= 0 && line <= LENGTH || line == -Code.END_ZONE_YARDS || line == LENGTH + Code.END_ZONE_YARDS;
    }

    /** Whether numerals are painted about there. */
    boolean numbered(double x, double y) {
        Code code = field.code();
        double line = goal - y;
        double edge = half - Math.abs(x - middle);
        return !code.flag()
                && Math.abs(line - 2 * LINES * Math.rint(line / (2 * LINES))) < NUMERALS
                && edge > code.numbersBottomYards() - NUMERALS_OFF
                && edge < code.numbersTopYards() + NUMERALS_OFF;
    }

    /** Whether a place is on the field, end zones and all, or so few yards beside it. */
    boolean within(double x, double y, double beside) {
        return Math.abs(x - middle) < half + beside
                && goal - y > -Code.END_ZONE_YARDS - beside
                && goal - y < LENGTH + Code.END_ZONE_YARDS + beside;
    }

    /** Depths of the lines from one sideline to the other between two depths, the end lines among them. */
    double[] lines(double from, double to) {
        return IntStream.rangeClosed((int) Math.ceil((goal - to) / LINES), (int) Math.floor((goal - from) / LINES))
                .mapToDouble(i -> LINES * (double) i)
                .filter(Paint::painted)
                .map(line -> goal - line)
                .toArray();
    }

    double middle() {
        return middle;
    }

    double half() {
        return half;
    }
}
