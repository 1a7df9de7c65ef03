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
    /** Seen, and not counted: it set something up. */
    UNRATED
}
