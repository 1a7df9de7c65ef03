package mensch.core.audit;

/** Belongs to the check and its evidence, not to taste. Worst first. */
public enum Severity {
    /** A job is missing, impossible, or given twice where one is needed. */
    BUST("bust"),
    /** The job exists but late, outnumbered or out of leverage. */
    WEAK("weak"),
    /** Something the answer depends on is not known. */
    CANNOT_TELL("cannot tell"),
    /** Works, with a cost. */
    NOTE("note");

    private final String words;

    Severity(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether a change can mend it: what nobody knows and what is only a cost is left to the coach. */
    public boolean mendable() {
        return this == BUST || this == WEAK;
    }
}
