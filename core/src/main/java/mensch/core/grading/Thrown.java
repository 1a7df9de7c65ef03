package mensch.core.grading;

import mensch.core.document.Worded;

/** What became of a ball that was thrown at a man's receiver, or into his zone. */
public enum Thrown implements Worded {
    CAUGHT,
    INCOMPLETE,
    BROKEN_UP,
    INTERCEPTED
}
