package mensch.core.rung;

import java.util.function.ToDoubleFunction;
import mensch.core.convention.Drops;
import mensch.core.convention.Drops.Landmark;
import mensch.core.field.Field;
import mensch.core.field.Mark;
import mensch.core.formation.Answer;
import mensch.core.formation.Feature;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;

/** A zone a defender drops to: its landmark, and which of the six underneath areas or deep parts it answers for. */
public enum Area {
    FLAT("flat", Landmark::flat, 1, 0, 0) {
        @Override
        double x(View view, Side side) {
            return view.field().x(Mark.NUMBERS, side, 0);
        }
    },
    CURL("curl", Landmark::under, 0, 1, 0) {
        @Override
        double x(View view, Side side) {
            return view.field().x(Mark.HASH_NUMBERS, side, 0);
        }
    },
    CURL_FLAT("curl-flat", Landmark::under, 1, 1, 0) {
        @Override
        double x(View view, Side side) {
            double mark = view.field().x(view.convention().landmarks().curlFlat(), side, 0);
            return side.sign() * Math.max(side.sign() * mark, outsideOfBunch(view, side));
        }
    },
    HOOK("hook", Landmark::under, 0, 0, 1) {
        @Override
        double x(View view, Side side) {
            return hookX(view, side);
        }
    },
    HOOK_CURL("hook-curl", Landmark::under, 0, 1, 1) {
        @Override
        double x(View view, Side side) {
            return hookX(view, side);
        }
    },
    MIDDLE_HOOK("middle hook", Landmark::under, 0, 0, 0) {
        @Override
        double x(View view, Side side) {
            return view.field().x(Mark.MIDDLE, side, 0);
        }
    },
    DEEP_MIDDLE_THIRD("deep middle third", Landmark::third, 1.0 / 3, 2.0 / 3),
    DEEP_OUTSIDE_THIRD("deep outside third", Landmark::third, 0, 1.0 / 3),
    DEEP_HALF("deep half", Landmark::half, 0, 1.0 / 2),
    DEEP_OUTSIDE_QUARTER("deep outside quarter", Landmark::third, 0, 1.0 / 4),
    DEEP_INSIDE_QUARTER("deep inside quarter", Landmark::third, 1.0 / 4, 1.0 / 2),
    /** The whole width behind everybody. */
    DEEP_FIELD("deep field", Landmark::third, 0, 1),
    /** An equal share of the width, among all who are told so; small-sided flag. */
    ACROSS("zone across", Landmark::across, 0, 0, 0) {
        @Override
        double x(View view, Side side) {
            return view.field().x(Mark.MIDDLE, side, 0);
        }
    },
    LANE_1("lane 1", 1),
    LANE_2("lane 2", 2),
    LANE_3("lane 3", 3),
    LANE_4("lane 4", 4),
    LANE_5("lane 5", 5),
    LANE_6("lane 6", 6),
    LANE_7("lane 7", 7);

    /** Whether it lies about the middle of the field, so that no side is said with it. */
    public boolean central() {
        return this == MIDDLE_HOOK || this == DEEP_MIDDLE_THIRD || this == DEEP_FIELD;
    }

    /** Goal-line lanes across the field, counted from the sideline away from the cover side. */
    public static final int LANES = 7;

    private final String words;
    private final ToDoubleFunction<Landmark> depth;
    private final boolean deep;
    private final boolean flat;
    private final boolean curl;
    private final boolean hook;
    private final double outerPart;
    private final double innerPart;
    private final int lane;

    Area(String words, ToDoubleFunction<Landmark> depth, int flat, int curl, int hook) {
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

    Area(String words, ToDoubleFunction<Landmark> depth, double outerPart, double innerPart) {
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
        this.depth = Landmark::lane;
        this.deep = false;
        this.flat = false;
        this.curl = false;
        this.hook = false;
        this.outerPart = 0;
        this.innerPart = 0;
        this.lane = lane;
    }

    /** A bunch is not left outside a man who has the flat: outward yards of its last man, nought without one. */
    private static double outsideOfBunch(View view, Side side) {
        return view.features().ask(Feature.BUNCH, side) == Answer.YES
                ? side.sign()
                        * view.features().shape().flank(side).receivers().get(0).x()
                : 0;
    }

    private static double hookX(View view, Side side) {
        return narrow(view, side) ? clamped(view, side) : hookWished(view, side);
    }

    private static double hookWished(View view, Side side) {
        return view.field().x(Mark.HASH, side, view.convention().landmarks().hookInsideHash());
    }

    private static boolean narrow(View view, Side side) {
        return view.convention().landmarks().clamped() && side.sign() * hookWished(view, side) < 0;
    }

    /**
     * Whether there is no room for its landmark between ball and sideline, so that it lies nearer to its neighbour's.
     */
    public boolean squeezed(View view, Side side) {
        return hook && narrow(view, side);
    }

    /** Never beyond the ball: the hash itself, or two yards on his own side of the ball (handbook 9, clamp rule). */
    private static double clamped(View view, Side side) {
        double hash = side.sign() * view.field().x(Mark.HASH, side, 0);
        return side.sign() * (hash > 1 ? hash : 2);
    }

    /** Play-frame x of the landmark on a side. */
    double x(View view, Side side) {
        if (lane > 0) {
            return laneX(view.field(), view.side(Where.COVER).opposite());
        }
        return view.field()
                .fromSideline(
                        side, (outerPart + innerPart) / 2 * view.field().code().widthYards());
    }

    /** Where the dropper aims, play frame. Depths: handbook 9, landmarks. */
    public Point landmark(View view, Side side) {
        return landmark(view, side, depth(view));
    }

    double depth(View view) {
        return depth.applyAsDouble(view.convention().drops().landmark());
    }

    Point landmark(View view, Side side, double wantedDepth) {
        return new Point(
                x(view, side),
                Math.min(
                        wantedDepth,
                        view.field().endLineDepth() - view.convention().drops().endLineMargin()));
    }

    /** Depth of a drop that is keyed to the line to gain: one yard in front of it, never deeper than ten. */
    static double toGain(int distance, Drops drops) {
        return distance <= drops.longToGain() ? Math.max(1, distance - 1) : drops.longToGain();
    }

    /**
     * Middle of a goal-line lane, play-frame x, when lanes are counted from this sideline. @throws
     * IllegalStateException for a zone
     */
    public double laneX(Field field, Side from) {
        if (lane == 0) {
            throw new IllegalStateException(words + " is no lane");
        }
        return field.fromSideline(from, (lane - 0.5) * field.code().widthYards() / LANES);
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
