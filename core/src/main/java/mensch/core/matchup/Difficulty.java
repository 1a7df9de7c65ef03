package mensch.core.matchup;

import mensch.core.document.Worded;
import mensch.core.rung.Numbers;

/**
 * How hard a block is, and the fact that decided it.
 *
 * @param why the fact
 * @param value its figure: yards of leverage, seconds or sizes, as {@code why} says
 * @param limit what it was held against, same unit
 */
public record Difficulty(Grade grade, Why why, double value, double limit) {

    public enum Grade implements Worded {
        EASY,
        FAIR,
        HARD
    }

    /** The facts that can decide a block. */
    public enum Why {
        DOUBLE,
        BETWEEN,
        HEAD_UP,
        OUT_LEVERAGED,
        IN_TIME,
        CLOSE,
        LATE,
        IN_SPACE,
        LIGHTER
    }

    public String words() {
        return switch (why) {
            case DOUBLE -> "two on him at the snap";
            case BETWEEN -> "stands " + tenth() + " yd between him and the ball's way";
            case HEAD_UP -> "head up within " + Numbers.words(limit) + " yd: he may go either way";
            case OUT_LEVERAGED -> "he stands " + tenth() + " yd nearer to the ball's way than his blocker";
            case IN_TIME -> "there " + tenth() + " s before he is at the point";
            case CLOSE -> "they are there within " + Numbers.words(limit) + " s of each other";
            case LATE -> "he is at the point " + tenth() + " s before the blocker is on him";
            case IN_SPACE -> "one on one in the open, " + tenth() + " yd apart";
            case LIGHTER -> "well placed, but " + Numbers.words(value) + " sizes smaller than his man";
        };
    }

    /** No coach reads hundredths. */
    private String tenth() {
        return Numbers.tenth(value);
    }

    /** Leverage of a blocker: yards he stands between a man and the ball's way, negative when he does not. */
    static Difficulty leverage(double yards, double headUp) {
        if (Math.abs(yards) <= headUp) {
            return new Difficulty(Grade.FAIR, Why.HEAD_UP, Math.abs(yards), headUp);
        }
        return yards > 0
                ? new Difficulty(Grade.EASY, Why.BETWEEN, yards, headUp)
                : new Difficulty(Grade.HARD, Why.OUT_LEVERAGED, -yards, headUp);
    }

    /**
     * Where weights are not known bodies stand for them: an easy block is no more than fair for a man so many sizes
     * smaller.
     */
    Difficulty against(int sizesSmaller, int lighterBy) {
        return grade == Grade.EASY && sizesSmaller >= lighterBy
                ? new Difficulty(Grade.FAIR, Why.LIGHTER, sizesSmaller, lighterBy)
                : this;
    }

    /** A blocker on the way: seconds by which the defender is at the point later than the blocker is on him. */
    static Difficulty race(double secondsEarly, double close) {
        if (Math.abs(secondsEarly) <= close) {
            return new Difficulty(Grade.FAIR, Why.CLOSE, Math.abs(secondsEarly), close);
        }
        return secondsEarly > 0
                ? new Difficulty(Grade.EASY, Why.IN_TIME, secondsEarly, close)
                : new Difficulty(Grade.HARD, Why.LATE, -secondsEarly, close);
    }
}
