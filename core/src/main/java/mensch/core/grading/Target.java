package mensch.core.grading;

import mensch.core.document.Worded;

/** Whom a fault is laid on. */
public enum Target implements Worded {
    MAN,
    /** What he was told could not be done, or nobody had taught it. */
    CALL_OR_TEACHING,
    /** He never got the call. */
    CALL_NOT_RECEIVED
}
