package mensch.core.field;

import java.util.stream.IntStream;
import mensch.core.geometry.Side;

/** What is painted on a field, in the play frame: where each line, tick and number lies, and how broad it is. */
public final class Paint {
    /** How broad a line is: four inches; and how long a tick of the hashes: two feet; yards. */
    public static final double LINE_YARDS = 4 / 36.0;

    public static final double TICK_YARDS = 2 / 3.0;
    private static final double HALF_LINE = LINE_YARDS / 2;
    private static final double HALF_TICK = TICK_YARDS / 2;
    /** Numerals are as wide together, on either side of their line, yards. */
    private static final double NUMERALS = 2.2;

    private static final double NUMERALS_OFF = 0.3;
    /** The middle of the ticks along a sideline lies so far inside it, yards. */
    public static final double EDGE_TICKS_YARDS = 0.7;

    /** From one line to the next, yards. */
    private static final int LINES = 5;

    private static final double LENGTH = 100;

    private final Field field;
    private final double half;
    private final double goal;
    private final double middle;
    private final double left;
    private final double right;

    public Paint(Field field) {
        this.field = field;
        this.half = field.code().widthYards() / 2;
        this.goal = field.ball().yardsToGoal() - field.off().y();
        this.middle = (field.sidelineX(Side.LEFT) + field.sidelineX(Side.RIGHT)) / 2;
        this.left = field.x(Mark.HASH, Side.LEFT, 0);
        this.right = field.x(Mark.HASH, Side.RIGHT, 0);
    }

    /** Whether there is a line, a tick or the border at a place, or so few yards beside it. */
    public boolean at(double x, double y, double off) {
        double edge = half - Math.abs(x - middle);
        double line = goal - y;
        double nearest = LINES * Math.rint(line / LINES);
        double fromLine = line(nearest) ? Math.abs(line - nearest) : LINES;
        if (fromLine < HALF_LINE + off || edge < HALF_LINE + off) {
            return true;
        }
        if (field.code().flag() || line < 0 || line > LENGTH) {
            return false;
        }
        double fromYard = Math.abs(line - Math.rint(line));
        double hash = Math.min(Math.abs(x - left), Math.abs(x - right));
        return fromYard < HALF_LINE + off && Math.min(hash, Math.abs(edge - EDGE_TICKS_YARDS)) < HALF_TICK + off
                || hash < HALF_LINE + off && fromLine < HALF_TICK + off;
    }

    /**
     * Whether a line from one sideline to the other lies so many yards from the goal line, negative behind it: every
     * fifth yard between the goal lines, and the end lines.
     */
    public static boolean line(double line) {
        return line >= 0 && line <= LENGTH && line % LINES == 0
                || line == -Code.END_ZONE_YARDS
                || line == LENGTH + Code.END_ZONE_YARDS;
    }

    /** Whether numbers stand at a line so many yards from the goal line: at every tenth between the goal lines. */
    public static boolean numbers(double line) {
        return line > 0 && line < LENGTH && line % (2 * LINES) == 0;
    }

    /** Whether numerals are painted about there. */
    public boolean numbered(double x, double y) {
        Code code = field.code();
        double line = goal - y;
        double edge = half - Math.abs(x - middle);
        double nearest = 2 * LINES * Math.rint(line / (2 * LINES));
        return !code.flag()
                && numbers(nearest)
                && Math.abs(line - nearest) < NUMERALS
                && edge > code.numbersBottomYards() - NUMERALS_OFF
                && edge < code.numbersTopYards() + NUMERALS_OFF;
    }

    /** Whether a place is on the field, end zones and all, or so few yards beside it. */
    public boolean within(double x, double y, double beside) {
        return Math.abs(x - middle) < half + beside
                && goal - y > -Code.END_ZONE_YARDS - beside
                && goal - y < LENGTH + Code.END_ZONE_YARDS + beside;
    }

    /** Depths of the lines from one sideline to the other between two depths, the end lines among them. */
    public double[] lines(double from, double to) {
        return IntStream.rangeClosed((int) Math.ceil((goal - to) / LINES), (int) Math.floor((goal - from) / LINES))
                .mapToDouble(i -> LINES * (double) i)
                .filter(Paint::line)
                .map(line -> goal - line)
                .toArray();
    }

    /** Width of the middle of the field. */
    public double middle() {
        return middle;
    }

    /** From there to a sideline, yards. */
    public double half() {
        return half;
    }
}
