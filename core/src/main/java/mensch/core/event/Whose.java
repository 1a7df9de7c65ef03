package mensch.core.event;

/**
 * Whose movement a row of a read table reads: the man he watches, the man he sees behind him, the next man beside, or
 * whoever comes at him.
 */
public enum Whose {
    KEY("key"),
    SECOND("second key"),
    /** The pressure key: the man on the other side of his own gap (handbook 9, technique reads). */
    NEIGHBOUR("neighbour"),
    /** Whoever blocks him, seen or felt, key or not. */
    BLOCKER("blocker");

    private final String words;

    Whose(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
