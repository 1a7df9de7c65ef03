package mensch.core.grading;

import mensch.core.document.Worded;

/** How a man's play counts for one thing that was marked. */
public enum Counted implements Worded {
    ABOVE,
    TO_STANDARD,
    BELOW,
    /** Nobody could tell: no zero, it does not count at all. */
    NOT_SEEN,
    /** Two coaches marked it differently, and nobody has said which stands. */
    NOT_AGREED,
    /** Below standard, and laid on the call or the teaching. */
    OF_THE_CALL;

    /** To standard or above. */
    public boolean done() {
        return this == ABOVE || this == TO_STANDARD;
    }

    /** Told, and the man's own. */
    public boolean told() {
        return done() || this == BELOW;
    }

    static Counted of(GradeMark mark, boolean onTheCall) {
        return switch (mark) {
            case ABOVE -> ABOVE;
            case TO_STANDARD -> TO_STANDARD;
            case BELOW -> onTheCall ? OF_THE_CALL : BELOW;
            case NOT_TOLD -> NOT_SEEN;
        };
    }
}
