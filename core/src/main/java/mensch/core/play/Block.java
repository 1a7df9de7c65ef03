package mensch.core.play;

import java.util.Arrays;
import java.util.List;
import mensch.core.document.RefusedException;
import mensch.core.geometry.Point;

/** What a blocker is told (handbook 9, runs). */
public enum Block {
    ZONE("zone", Way.PLAY_SIDE),
    REACH("reach", Way.PLAY_SIDE),
    BASE("base", Way.AHEAD),
    DOWN("down", Way.INSIDE),
    PIN("pin", Way.INSIDE),
    BACK("back", Way.AWAY),
    CUT_OFF("cut off", Way.PLAY_SIDE),
    HINGE("hinge", Way.SETS_AWAY),
    CLIMB("climb", Way.UP),
    TRAP("trap", Way.PULLS),
    WHAM("wham", Way.INSERTS),
    KICK("kick", Way.INSERTS),
    PULL_KICK("pull kick", Way.PULLS),
    PULL_LEAD("pull lead", Way.PULLS),
    PULL_FORCE("pull force", Way.PULLS),
    PULL_CORNER("pull corner", Way.PULLS),
    KICK_BACK_EDGE("kick back edge", Way.INSERTS),
    SEAL_BACK_EDGE("seal back edge", Way.AHEAD),
    INSERT("insert", Way.INSERTS),
    LEAD("lead", Way.INSERTS),
    LEAD_FORCE("lead force", Way.INSERTS),
    ARC("arc", Way.ROUND),
    ARC_BACK_EDGE("arc back edge", Way.ROUND_AWAY),
    CRACK("crack", Way.CRACKS),
    STALK("stalk", Way.AHEAD),
    FAKE("fake", Way.AHEAD);

    private static final double STEP = 1.3;

    /** Where a verb takes a man before he meets anybody: the one place that says it. */
    private enum Way {
        AHEAD,
        PLAY_SIDE,
        INSIDE,
        AWAY,
        SETS_AWAY,
        UP,
        ROUND,
        ROUND_AWAY,
        CRACKS,
        /** Straight to the point from the backfield. */
        INSERTS,
        /** Behind the line to the point. */
        PULLS
    }

    private final String words;
    private final Way way;

    Block(String words, Way way) {
        this.words = words;
        this.way = way;
    }

    /**
     * The way of a man who is told it, for a drawing; play frame.
     *
     * @param point where the ball crosses the line
     * @param play the sign of the play side
     */
    public List<Point> way(Point from, Point point, int play) {
        double behind = Math.min(from.y(), -1);
        double inside = Math.signum(-from.x());
        return switch (way) {
            case PULLS ->
                List.of(from, new Point(from.x(), behind - 1), new Point(point.x(), behind), new Point(point.x(), 1));
            case INSERTS -> List.of(from, new Point(point.x(), 0.5));
            case PLAY_SIDE -> List.of(from, new Point(from.x() + play * STEP, from.y() + STEP));
            case INSIDE -> List.of(from, new Point(from.x() + inside * STEP, from.y() + STEP));
            case AWAY -> List.of(from, new Point(from.x() - play * STEP, from.y() + STEP));
            case SETS_AWAY -> List.of(from, new Point(from.x() - play * STEP, from.y() - STEP));
            case UP -> List.of(from, new Point(from.x(), from.y() + 3 * STEP));
            case ROUND -> List.of(from, new Point(from.x() + play * 2 * STEP, from.y() + 3 * STEP));
            case ROUND_AWAY -> List.of(from, new Point(from.x() - play * 3 * STEP, from.y() + 3 * STEP));
            case CRACKS -> List.of(from, new Point(from.x() + inside * 4 * STEP, from.y() + 3 * STEP));
            case AHEAD -> List.of(from, new Point(from.x(), from.y() + STEP));
        };
    }

    public String words() {
        return words;
    }

    /** Whether a lineman leaves his place, and his gap with him. */
    public boolean pulls() {
        return way == Way.PULLS;
    }

    /** Whether he arrives at the point as one more blocker. */
    public boolean inserts() {
        return pulls() || way == Way.INSERTS;
    }

    /** Whether he meets his man from the inside and drives him out: the ball passes inside. */
    public boolean drivesOut() {
        return this == TRAP || this == KICK || this == PULL_KICK || this == KICK_BACK_EDGE;
    }

    static Block of(String words) {
        return Arrays.stream(values())
                .filter(b -> b.words.equals(words))
                .findFirst()
                .orElseThrow(() -> new RefusedException("\"" + words + "\" is no block; there are "
                        + String.join(
                                ", ", Arrays.stream(values()).map(Block::words).toList())));
    }
}
