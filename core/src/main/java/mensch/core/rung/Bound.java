package mensch.core.rung;

/** How a count is meant. */
public enum Bound {
    EXACTLY(""),
    OR_MORE(" or more"),
    OR_FEWER(" or fewer");

    private final String words;

    Bound(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }
}
