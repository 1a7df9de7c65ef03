package mensch.core.rung;

import mensch.core.field.Mark;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;

/** A zone a defender drops to: its landmark, and which of the six underneath areas or deep parts it answers for. */
public enum Area {
    FLAT("flat", 5.5, 1, 0, 0) {
        @Override double x(View view, Side side) {
            return view.field().x(Mark.NUMBERS, side, 0);
        }
    },
    CURL("curl", 11, 0, 1, 0) {
        @Override double x(View view, Side side) {
            return view.field().x(Mark.HASH_NUMBERS, side, 0);
        }
    },
    CURL_FLAT("curl-flat", 11, 1, 1, 0) {
        @Override double x(View view, Side side) {
            return view.field().x(view.convention().landmarks().curlFlat(), side, 0);
        }
    },
    HOOK("hook", 11, 0, 0, 1) {
        @Override double x(View view, Side side) {
            return hookX(view, side);
        }
    },
    HOOK_CURL("hook-curl", 11, 0, 1, 1) {
        @Override double x(View view, Side side) {
            return hookX(view, side);
        }
    },
    MIDDLE_HOOK("middle hook", 11, 0, 0, 0) {
        @Override double x(View view, Side side) {
            return view.field().x(Mark.MIDDLE, side, 0);
        }
    },
    DEEP_MIDDLE_THIRD("deep middle third", 14, 1.0 / 3, 2.0 / 3),
    DEEP_OUTSIDE_THIRD("deep outside third", 14, 0, 1.0 / 3),
    DEEP_HALF("deep half", 16, 0, 1.0 / 2),
    DEEP_OUTSIDE_QUARTER("deep outside quarter", 14, 0, 1.0 / 4),
    DEEP_INSIDE_QUARTER("deep inside quarter", 14, 1.0 / 4, 1.0 / 2),
    /** The whole width behind everybody. */
    DEEP_FIELD("deep field", 14, 0, 1),
    /** An equal share of the width, among all who are told so; small-sided flag. */
    ACROSS("zone across", 5, 0, 0, 0) {
        @Override double x(View view, Side side) {
            return view.field().x(Mark.MIDDLE, side, 0);
        }
    },
    LANE_1("lane 1", 1), LANE_2("lane 2", 2), LANE_3("lane 3", 3), LANE_4("lane 4", 4), LANE_5("lane 5", 5), LANE_6("lane 6", 6),
    LANE_7("lane 7", 7);

    /** Goal-line lanes across the field, counted from the sideline away from the cover side. */
    public static final int LANES = 7;
    private static final double LANE_DEPTH = 3;
    /** Drops may use the end zone, to so far in front of the end line (handbook 9, landmarks). */
    private static final double END_LINE_MARGIN = 1;
    private static final double LONG_TO_GAIN = 10;

    private final String words;
    private final double depth;
    private final boolean deep;
    private final boolean flat;
    private final boolean curl;
    private final boolean hook;
    private final double outerPart;
    private final double innerPart;
    private final int lane;

    Area(String words, double depth, int flat, int curl, int hook) {
        this.words = words;
        this.depth = depth;
        this.deep = false;
        this.flat = flat == 1;
        this.curl = curl == 1;
        this.hook = hook == 1;
        this.outerPart = 0;
        this.innerPart = 0;
        this.lane = 0;
    }

    Area(String words, double depth, double outerPart, double innerPart) {
        this.words = words;
        this.depth = depth;
        this.deep = true;
        this.flat = false;
        this.curl = false;
        this.hook = false;
        this.outerPart = outerPart;
        this.innerPart = innerPart;
        this.lane = 0;
    }

    Area(String words, int lane) {
        this.words = words;
        this.depth = LANE_DEPTH;
        this.deep = false;
        this.flat = false;
        this.curl = false;
        this.hook = false;
        this.outerPart = 0;
        this.innerPart = 0;
        this.lane = lane;
    }

    private static double hookX(View view, Side side) {
        double wished = view.field().x(Mark.HASH, side, view.convention().landmarks().hookInsideHash());
        return view.convention().landmarks().clamped() && side.sign() * wished < 0 ? clamped(view, side) : wished;
    }

    /** Never beyond the ball: the hash itself, or two yards on his own side of the ball (handbook 9, clamp rule). */
    private static double clamped(View view, Side side) {
        double hash = side.sign() * view.field().x(Mark.HASH, side, 0);
        return side.sign() * (hash > 1 ? hash : 2);
    }

    /** Play-frame x of the landmark on a side. */
    double x(View view, Side side) {
        if (lane > 0) {
            return view.field().fromSideline(view.side(Where.COVER).opposite(), (lane - 0.5) * view.field().code().widthYards() / LANES);
        }
        return view.field().fromSideline(side, (outerPart + innerPart) / 2 * view.field().code().widthYards());
    }

    /** Where the dropper aims, play frame. Depths: handbook 9, landmarks. */
    public Point landmark(View view, Side side) {
        return landmark(view, side, depth);
    }

    Point landmark(View view, Side side, double wantedDepth) {
        return new Point(x(view, side), Math.min(wantedDepth, view.field().endLineDepth() - END_LINE_MARGIN));
    }

    /** Depth of a drop that is keyed to the line to gain: one yard in front of it, never deeper than ten. */
    static double toGain(int distance) {
        return distance <= LONG_TO_GAIN ? Math.max(1, distance - 1) : LONG_TO_GAIN;
    }

    /** A goal-line lane, not a zone. */
    public boolean lane() {
        return lane > 0;
    }

    public boolean deep() {
        return deep;
    }

    /** A deep part's outer edge, as a part of the width from the sideline of its side. */
    public double outerPart() {
        return outerPart;
    }

    /** A deep part's inner edge, as a part of the width from the sideline of its side. */
    public double innerPart() {
        return innerPart;
    }

    public boolean flat() {
        return flat;
    }

    public boolean curl() {
        return curl;
    }

    public boolean hook() {
        return hook;
    }

    public String words() {
        return words;
    }
}
