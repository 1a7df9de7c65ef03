package mensch.core.play;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import mensch.core.document.RefusedException;
import mensch.core.geometry.Point;

/**
 * What a blocker is told, in the order such blocks are handed out (handbook 9, runs). A verb's behaviour is its row
 * here: whom it looks for, the way there, how it meets him, and when it leaves him. Ledger and drawing ask the row;
 * they name a verb only to tell it to a man whom the play tells nothing.
 */
public enum Block {
    TRAP("trap", Finds.PAST_THE_BALL, BlockWay.PULLS, Meets.DRIVES_OUT, LetsGo.STAYS),
    WHAM("wham", Finds.NEAREST_THE_BALL, BlockWay.INSERTS, Meets.ON_THE_MOVE, LetsGo.STAYS),
    KICK_BACK_EDGE("kick back edge", Finds.BACK_EDGE, BlockWay.SIFTS, Meets.DRIVES_OUT, LetsGo.STAYS),
    SEAL_BACK_EDGE("seal back edge", Finds.BACK_EDGE, BlockWay.AHEAD, Meets.ON_THE_MOVE, LetsGo.STAYS),
    DOWN("down", Finds.INSIDE_HIM, BlockWay.INSIDE, Meets.SEALS_IN, LetsGo.CLIMBS),
    PIN("pin", Finds.INSIDE_ELSE_PULLS, BlockWay.INSIDE, Meets.SEALS_IN, LetsGo.CLIMBS),
    BACK("back", Finds.BACKSIDE_OF_HIM, BlockWay.AWAY, Meets.AS_HE_STANDS, LetsGo.CLIMBS),
    ZONE("zone", Finds.OVER_OR_PLAY_SIDE, BlockWay.PLAY_SIDE, Meets.AS_HE_STANDS, LetsGo.CLIMBS),
    REACH("reach", Finds.OVER_OR_NEIGHBOURS, BlockWay.ALONG, Meets.AS_HE_STANDS, LetsGo.CLIMBS),
    CUT_OFF("cut off", Finds.OVER_OR_NEIGHBOURS, BlockWay.ALONG, Meets.AS_HE_STANDS, LetsGo.CLIMBS),
    BASE("base", Finds.OVER_OR_INSIDE, BlockWay.AHEAD, Meets.AS_HE_STANDS, LetsGo.CLIMBS),
    HINGE("hinge", Finds.OVER_OR_INSIDE, BlockWay.SETS_AWAY, Meets.AS_HE_STANDS, LetsGo.CLIMBS),
    CLIMB("climb", Finds.SECOND_LEVEL, BlockWay.UP, Meets.AS_HE_STANDS, LetsGo.STAYS),
    CRACK("crack", Finds.SUPPORT, BlockWay.CRACKS, Meets.IN_SPACE, LetsGo.STAYS),
    ARC("arc", Finds.THREAT, BlockWay.ROUND, Meets.IN_SPACE, LetsGo.STAYS),
    ARC_BACK_EDGE("arc back edge", Finds.BACK_THREAT, BlockWay.ROUND_AWAY, Meets.IN_SPACE, LetsGo.STAYS),
    KICK("kick", Finds.EDGE, BlockWay.INSERTS, Meets.DRIVES_OUT, LetsGo.STAYS),
    PULL_KICK("pull kick", Finds.EDGE, BlockWay.PULLS, Meets.DRIVES_OUT, LetsGo.STAYS),
    LEAD_FORCE("lead force", Finds.THREAT, BlockWay.INSERTS, Meets.IN_SPACE, LetsGo.STAYS),
    PULL_FORCE("pull force", Finds.THREAT, BlockWay.PULLS, Meets.IN_SPACE, LetsGo.STAYS),
    PULL_CORNER("pull corner", Finds.WIDEST, BlockWay.PULLS, Meets.IN_SPACE, LetsGo.STAYS),
    INSERT("insert", Finds.BACKER_AT_THE_POINT, BlockWay.INSERTS, Meets.ON_THE_MOVE, LetsGo.STAYS),
    PULL_LEAD("pull lead", Finds.NEXT_BACKER, BlockWay.PULLS, Meets.ON_THE_MOVE, LetsGo.STAYS),
    LEAD("lead", Finds.NEXT_BACKER, BlockWay.INSERTS, Meets.ON_THE_MOVE, LetsGo.STAYS),
    STALK("stalk", Finds.OVER_HIM_IN_SPACE, BlockWay.OUT_WIDE, Meets.IN_SPACE, LetsGo.STAYS),
    FAKE("fake", Finds.NOBODY, BlockWay.AHEAD, Meets.AS_HE_STANDS, LetsGo.STAYS);

    /** When a verb has its turn. */
    public enum Turn {
        /** Told men have theirs on the line before the line counts. */
        FIRST,
        LINE,
        /** At the point: from crack to lead. */
        POINT,
        LAST
    }

    /** Whom a verb looks for. */
    public enum Finds {
        /** The first on the line past the ball. */
        PAST_THE_BALL(Turn.FIRST),
        NEAREST_THE_BALL(Turn.FIRST),
        /** The man next to the ball on the backside whom the line leaves. */
        BACK_EDGE(Turn.FIRST),
        INSIDE_HIM(Turn.LINE),
        /** Likewise; with nobody there he pulls to the threat. */
        INSIDE_ELSE_PULLS(Turn.LINE),
        BACKSIDE_OF_HIM(Turn.LINE),
        /** The man over him; uncovered, he helps a neighbour: a man in the gap between them, else to the play side. */
        OVER_OR_PLAY_SIDE(Turn.LINE),
        /** Likewise, else to the inside. */
        OVER_OR_INSIDE(Turn.LINE),
        /** Likewise, whoever the play-side neighbour has, wherever he stands. */
        OVER_OR_NEIGHBOURS(Turn.LINE),
        SECOND_LEVEL(Turn.LINE),
        /** The first man between the end and himself, never the one over him. */
        SUPPORT(Turn.POINT),
        /** The first loose man outside the point. */
        THREAT(Turn.POINT),
        /** The first loose man outside the edge that is read. */
        BACK_THREAT(Turn.POINT),
        /** The first loose man on the line from the tackle out, else the threat. */
        EDGE(Turn.POINT),
        WIDEST(Turn.POINT),
        BACKER_AT_THE_POINT(Turn.POINT),
        /** The first loose backer from the play side. */
        NEXT_BACKER(Turn.POINT),
        OVER_HIM_IN_SPACE(Turn.LAST),
        NOBODY(Turn.LAST);

        private final Turn turn;

        Finds(Turn turn) {
            this.turn = turn;
        }

        public Turn turn() {
            return turn;
        }
    }

    /** How a verb meets its man, and so what decides whether it can be won. */
    public enum Meets {
        /** From where he stands: between his man and the ball's way, or not. */
        AS_HE_STANDS,
        /** Coming to the point he can choose his side of a man whom the ball passes inside. */
        ON_THE_MOVE,
        /** From outside; the ball passes outside. */
        SEALS_IN,
        /** From inside out; the ball passes inside. A man off the line comes to him in the open. */
        DRIVES_OUT,
        /** One on one in the open. */
        IN_SPACE
    }

    /** When a verb leaves its man. */
    public enum LetsGo {
        /** When a second blocker has him: one of two goes on to the next level. */
        CLIMBS,
        /** With the whistle. */
        STAYS
    }

    private final String words;
    private final Finds finds;
    private final BlockWay way;
    private final Meets meets;
    private final LetsGo letsGo;

    Block(String words, Finds finds, BlockWay way, Meets meets, LetsGo letsGo) {
        this.words = words;
        this.finds = finds;
        this.way = way;
        this.meets = meets;
        this.letsGo = letsGo;
    }

    public String words() {
        return words;
    }

    public Finds finds() {
        return finds;
    }

    public Meets meets() {
        return meets;
    }

    public LetsGo letsGo() {
        return letsGo;
    }

    /**
     * The way of a man who is told it until he meets somebody; play frame.
     *
     * @param to where he goes: his man, or where the ball crosses the line
     * @param play the sign of the play side
     */
    public List<Point> way(Point from, Point to, int play) {
        return way.points(from, to, play);
    }

    /**
     * The way of a man who is told it to the man he blocks; play frame.
     *
     * @param point where the ball crosses the line: who pulls goes through there to his man
     */
    public List<Point> wayOnto(Point from, Point man, Point point, int play) {
        var corners = new ArrayList<>(way(from, pulls() ? point : man, play));
        if (corners.size() == 2) {
            return List.of(from, man);
        }
        corners.set(corners.size() - 1, man);
        return List.copyOf(corners);
    }

    /**
     * How far a man runs who is told it until he meets his, yards; {@code point} is where the ball crosses the line.
     */
    public double yards(Point from, Point man, Point point) {
        return way.yards(from, man, point);
    }

    /** What the man who reads him sees first, and so when. */
    public BlockWay.Opens opens() {
        return way.opens();
    }

    /** Whether a lineman leaves his place, and his gap with him. */
    public boolean pulls() {
        return way == BlockWay.PULLS;
    }

    /** Whether he arrives at the point as one more blocker. */
    public boolean inserts() {
        return way == BlockWay.PULLS || way == BlockWay.INSERTS;
    }

    /** Whether he goes back and out from his man before he has him: to that man he is no second blocker. */
    public boolean setsAway() {
        return way == BlockWay.SETS_AWAY;
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
