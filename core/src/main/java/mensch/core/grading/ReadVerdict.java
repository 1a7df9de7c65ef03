package mensch.core.grading;

import mensch.core.document.Worded;

/**
 * What a man's movement tells of his read.
 *
 * @param secondsLate after the model's man, for one who is late; else 0
 * @param sure how likely it is among right, late and wrong, 0 to 1
 */
public record ReadVerdict(Outcome outcome, double secondsLate, double sure, String words) {

    /** What he made of what he was shown. */
    public enum Outcome implements Worded {
        RIGHT,
        LATE,
        WRONG,
        /** Right and wrong look too much alike where he was measured. */
        NOT_TOLD
    }
}
