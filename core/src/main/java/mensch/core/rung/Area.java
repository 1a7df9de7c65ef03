package mensch.core.rung;

import mensch.core.field.Code;
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
    DEEP_MIDDLE_THIRD("deep middle third", 14, Code.WIDTH_YARDS / 3, 2 * Code.WIDTH_YARDS / 3),
    DEEP_OUTSIDE_THIRD("deep outside third", 14, 0, Code.WIDTH_YARDS / 3),
    DEEP_HALF("deep half", 16, 0, Code.WIDTH_YARDS / 2);

    private final String words;
    private final double depth;
    private final boolean deep;
    private final boolean flat;
    private final boolean curl;
    private final boolean hook;
    private final double outerYards;
    private final double innerYards;

    Area(String words, double depth, int flat, int curl, int hook) {
        this.words = words;
        this.depth = depth;
        this.deep = false;
        this.flat = flat == 1;
        this.curl = curl == 1;
        this.hook = hook == 1;
        this.outerYards = 0;
        this.innerYards = 0;
    }

    Area(String words, double depth, double outerYards, double innerYards) {
        this.words = words;
        this.depth = depth;
        this.deep = true;
        this.flat = false;
        this.curl = false;
        this.hook = false;
        this.outerYards = outerYards;
        this.innerYards = innerYards;
    }

    private static double hookX(View view, Side side) {
        return view.field().x(Mark.HASH, side, view.convention().landmarks().hookInsideHash());
    }

    /** Play-frame x of the landmark on a side. */
    double x(View view, Side side) {
        return view.field().fromSideline(side, (outerYards + innerYards) / 2);
    }

    /** Where the dropper aims, play frame. Depths: handbook 9, landmarks. */
    public Point landmark(View view, Side side) {
        return new Point(x(view, side), depth);
    }

    public boolean deep() {
        return deep;
    }

    /** A deep part's outer edge, yards from the sideline of its side. */
    public double outerYards() {
        return outerYards;
    }

    /** A deep part's inner edge, yards from the sideline of its side. */
    public double innerYards() {
        return innerYards;
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
