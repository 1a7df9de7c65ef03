package mensch.core.rung;

/** The nine parts of a job. None may be missing; "none" is a value. */
public enum Part {
    SHOW,
    ALIGN,
    STANCE,
    KEY,
    MOVE,
    READS,
    RUN,
    PASS,
    TECHNIQUE;

    private final String words = name().toLowerCase(java.util.Locale.ROOT);

    public String words() {
        return words;
    }
}
