package mensch.core.grading;

import mensch.core.document.Worded;

/** Whether a rusher kept his rush lane: his own way to the passer, with none of the pocket's ways out left open. */
public enum Lane implements Worded {
    KEPT,
    LEFT
}
