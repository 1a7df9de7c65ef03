package mensch.core.field;

/** A code of rules: the painted field. Widths and distances from the nearer sideline in yards (handbook 1, field geometry). */
public enum Code {
    HIGH_SCHOOL("hs", "high school", 17.78, 7, 9, 26.0 + 2.0 / 3 - 3.89),
    COLLEGE("col", "college", 20.0, 7, 9, 26.0 + 2.0 / 3 - 3.08),
    PROFESSIONAL("pro", "professional", 23.58, 12, 14, 26.0 + 2.0 / 3 - 3.08);

    /** All three codes play on 53 1/3 yards. */
    public static final double WIDTH_YARDS = 160.0 / 3;
    public static final double END_ZONE_YARDS = 10;
    public static final int PLAYERS = 11;

    private final String id;
    private final String words;
    private final double hashYards;
    private final double numbersBottomYards;
    private final double numbersTopYards;
    private final double uprightYards;

    Code(String id, String words, double hashYards, double numbersBottomYards, double numbersTopYards, double uprightYards) {
        this.id = id;
        this.words = words;
        this.hashYards = hashYards;
        this.numbersBottomYards = numbersBottomYards;
        this.numbersTopYards = numbersTopYards;
        this.uprightYards = uprightYards;
    }

    /** Short name in the one-line notation: hs, col, pro. */
    public String id() {
        return id;
    }

    public String words() {
        return words;
    }

    /** Inner edge of the hash, yards from the nearer sideline. */
    public double hashYards() {
        return hashYards;
    }

    /** Edge of the numbers toward the sideline, yards from it. */
    public double numbersBottomYards() {
        return numbersBottomYards;
    }

    /** Edge of the numbers toward the middle, yards from the sideline. */
    public double numbersTopYards() {
        return numbersTopYards;
    }

    /** Upright, yards from the nearer sideline. */
    public double uprightYards() {
        return uprightYards;
    }
}
