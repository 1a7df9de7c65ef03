package mensch.core.report;

import mensch.core.document.Worded;
import org.jspecify.annotations.Nullable;

/**
 * What the eleven did as one on a play, as the film shows it; what nobody said is null.
 *
 * @param check that was due on their formation or motion
 * @param strength how it was declared
 * @param allSet whether everybody was set when the ball moved
 * @param hats defenders within {@link #AT_THE_BALL} of the ball when the play ended, 0 to 11
 */
public record Together(
        @Nullable Check check,
        @Nullable Strength strength,
        @Nullable Boolean allSet,
        @Nullable Integer hats) {
    /** So near the ball a defender is one of the hats at it, yards. */
    public static final double AT_THE_BALL = 5;
    /** Nobody said anything. */
    public static final Together NOT_SAID = new Together(null, null, null, null);

    /** What became of a check. */
    public enum Check implements Worded {
        MADE,
        MISSED,
        NOT_DUE
    }

    /** How their strength was called. */
    public enum Strength implements Worded {
        RIGHT,
        WRONG,
        NOT_DECLARED
    }
}
