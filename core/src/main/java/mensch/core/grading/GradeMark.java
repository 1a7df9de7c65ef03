package mensch.core.grading;

import mensch.core.document.Worded;
import mensch.core.grading.AlignmentVerdict.Outcome;

/** A coach's mark for one facet of one man on one snap. */
public enum GradeMark implements Worded {
    ABOVE("+"),
    TO_STANDARD("="),
    BELOW("-"),
    /** Not seen, or too close to call: no zero, it does not count at all. */
    NOT_TOLD("n/a");

    private final String sign;

    GradeMark(String sign) {
        this.sign = sign;
    }

    /** What a measured place is worth: in is to standard, never above it. */
    public static GradeMark of(Outcome measured) {
        return switch (measured) {
            case IN -> TO_STANDARD;
            case OUT -> BELOW;
            case TOO_CLOSE -> NOT_TOLD;
        };
    }

    /** As coaches write it. */
    @Override
    public String words() {
        return sign;
    }
}
