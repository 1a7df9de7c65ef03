package mensch.core.grading;

import mensch.core.document.Worded;

/** What stands beside the marks and is never averaged in. */
public enum Flag implements Worded {
    MISSED_ASSIGNMENT,
    EXPLOSIVE_GIVEN,
    LOAF,
    PENALTY
}
