package mensch.core.rung;

/** A side as a seat says it. */
public enum Where {
    MY("my side"),
    OTHER("other side"),
    CALL("call side"),
    AWAY("away side"),
    COVER("cover side"),
    BOTH("both sides"),
    EITHER("either side");

    private final String words;

    Where(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** " my side" is what a reference means when it says nothing. */
    public String suffix() {
        return this == MY ? "" : " " + words;
    }
}
