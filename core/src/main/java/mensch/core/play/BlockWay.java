package mensch.core.play;

import java.util.List;
import mensch.core.geometry.Point;

/** Where a block takes a man before he meets anybody. */
public enum BlockWay {
    AHEAD(Opens.STEP),
    PLAY_SIDE(Opens.STEP),
    /** To the play side and flat: along the line more than up the field. */
    ALONG(Opens.STEP),
    INSIDE(Opens.STEP),
    AWAY(Opens.STEP),
    SETS_AWAY(Opens.STEP),
    UP(Opens.RELEASE),
    ROUND(Opens.RELEASE),
    ROUND_AWAY(Opens.RELEASE),
    CRACKS(Opens.SPACE),
    OUT_WIDE(Opens.SPACE),
    /** Straight to the point from the backfield. */
    INSERTS(Opens.STEP),
    /** Across behind the line to the edge away from the play. */
    SIFTS(Opens.STEP),
    /** Behind the line to the point. */
    PULLS(Opens.PULL);

    /** What a man who reads him sees first. */
    public enum Opens {
        STEP,
        RELEASE,
        SPACE,
        PULL
    }

    /** Yards of a first step in a drawing. */
    private static final double STEP = 1.3;
    /** A puller clears the line by so many yards. */
    private static final double BEHIND = 1;

    private final Opens opens;

    BlockWay(Opens opens) {
        this.opens = opens;
    }

    Opens opens() {
        return opens;
    }

    /** The corners of the way, play frame; {@code play} is the sign of the play side. */
    List<Point> points(Point from, Point to, int play) {
        double behind = Math.min(from.y(), -BEHIND);
        double inside = Math.signum(-from.x());
        return switch (this) {
            case PULLS ->
                List.of(from, new Point(from.x(), behind - BEHIND), new Point(to.x(), behind), new Point(to.x(), 1));
            case INSERTS -> List.of(from, new Point(to.x(), 0.5));
            case SIFTS -> List.of(from, new Point(from.x(), behind), new Point(to.x(), behind), new Point(to.x(), 0.5));
            case PLAY_SIDE -> List.of(from, new Point(from.x() + play * STEP / 2, from.y() + STEP));
            case ALONG -> List.of(from, new Point(from.x() + play * STEP, from.y() + STEP / 2));
            case INSIDE -> List.of(from, new Point(from.x() + inside * STEP, from.y() + STEP));
            case AWAY -> List.of(from, new Point(from.x() - play * STEP, from.y() + STEP));
            case SETS_AWAY -> List.of(from, new Point(from.x() - play * STEP, from.y() - STEP / 2));
            case UP -> List.of(from, new Point(from.x(), from.y() + 3 * STEP));
            case ROUND -> List.of(from, new Point(from.x() + play * 2 * STEP, from.y() + 3 * STEP));
            case ROUND_AWAY -> List.of(from, new Point(from.x() - play * 3 * STEP, from.y() + 3 * STEP));
            case CRACKS -> List.of(from, new Point(from.x() + inside * 4 * STEP, from.y() + 3 * STEP));
            case AHEAD, OUT_WIDE -> List.of(from, new Point(from.x(), from.y() + STEP));
        };
    }

    /** How far he runs until he meets a man, yards: straight to him, or to the point, where that man comes to him. */
    double yards(Point from, Point man, Point point) {
        return switch (this) {
            case INSERTS -> from.distance(point);
            case PULLS -> behind(from, point);
            case SIFTS -> behind(from, man);
            default -> from.distance(man);
        };
    }

    /** Along behind the line until he is level with where he goes, then up to it. */
    private static double behind(Point from, Point to) {
        Point turn = new Point(to.x(), Math.min(from.y(), -BEHIND));
        return from.distance(turn) + turn.distance(to);
    }
}
