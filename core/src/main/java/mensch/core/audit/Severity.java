package mensch.core.audit;

import mensch.core.document.Worded;

/** Belongs to the check and its evidence, not to taste. Worst first. */
public enum Severity implements Worded {
    /** A job is missing, impossible, or given twice where one is needed. */
    BUST,
    /** The job exists but late, outnumbered or out of leverage. */
    WEAK,
    /** Something the answer depends on is not known. */
    CANNOT_TELL,
    /** Works, with a cost. */
    NOTE,
    /** True of the call on every such snap: what it gives by design and what it leans on. No finding of the snap. */
    FACT;

    /** Whether a change can mend it: what nobody knows and what is only a cost is left to the coach. */
    public boolean mendable() {
        return this == BUST || this == WEAK;
    }
}
