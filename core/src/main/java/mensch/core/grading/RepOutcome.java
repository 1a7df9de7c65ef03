package mensch.core.grading;

import mensch.core.document.Worded;

/** How a man's own play ended, apart from how he played it. */
public enum RepOutcome implements Worded {
    WIN,
    /** Good, without a result of its own. */
    POSITIVE,
    /** Blocked without being moved, away from the play: no loss. */
    NEUTRAL,
    LOSS,
    /** Lost to set up a later play: a loss until that play is named and went well. */
    SET_UP,
    /** Seen, and not counted. */
    UNRATED;

    /** With or without a result. */
    boolean good() {
        return this == WIN || this == POSITIVE;
    }
}
