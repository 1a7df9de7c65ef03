package mensch.core.front;

/** The side word a role's "my side" is. */
public enum Sits {
    CALL_SIDE("call side"),
    AWAY_SIDE("away side"),
    COVER_SIDE("cover side"),
    AWAY_FROM_COVER("away from cover side"),
    EACH_SIDE("each side");

    private final String words;

    Sits(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
