package mensch.core.event;

/**
 * Whose movement a row of a read table reads: the man he watches, the man he sees behind him, or the next man beside.
 */
public enum Whose {
    KEY("key"),
    SECOND("second key"),
    /** The pressure key: the man on the other side of his own gap (handbook 9, technique reads). */
    NEIGHBOUR("neighbour");

    private final String words;

    Whose(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
