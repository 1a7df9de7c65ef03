package mensch.core.field;

import java.util.Arrays;
import java.util.stream.Collectors;
import mensch.core.document.RefusedException;

/**
 * A code of rules: the painted field. Widths and distances from the nearer sideline in yards (handbook 1, field
 * geometry).
 */
public enum Code {
    HIGH_SCHOOL("hs", "high school", 160.0 / 3, 11, 17.78, 7, 9, 26.0 + 2.0 / 3 - 3.89),
    COLLEGE("col", "college", 160.0 / 3, 11, 20.0, 7, 9, 26.0 + 2.0 / 3 - 3.08),
    PROFESSIONAL("pro", "professional", 160.0 / 3, 11, 23.58, 12, 14, 26.0 + 2.0 / 3 - 3.08),
    /** Small-sided flag on a field 30 yards wide without hashes or numbers (handbook 7). */
    FLAG_5("flag5", "flag, five a side", 30, 5, 15, 0, 0, 15),
    FLAG_6("flag6", "flag, six a side", 30, 6, 15, 0, 0, 15),
    FLAG_7("flag7", "flag, seven a side", 30, 7, 15, 0, 0, 15),
    /** The same where the league draws the field 25 yards wide. */
    FLAG_5_NARROW("flag5n", "flag, five a side, 25 yd wide", 25, 5, 12.5, 0, 0, 12.5),
    FLAG_6_NARROW("flag6n", "flag, six a side, 25 yd wide", 25, 6, 12.5, 0, 0, 12.5),
    FLAG_7_NARROW("flag7n", "flag, seven a side, 25 yd wide", 25, 7, 12.5, 0, 0, 12.5);

    public static final double END_ZONE_YARDS = 10;

    private final String id;
    private final String words;
    private final double widthYards;
    private final int players;
    private final double hashYards;
    private final double numbersBottomYards;
    private final double numbersTopYards;
    private final double uprightYards;

    Code(
            String id,
            String words,
            double widthYards,
            int players,
            double hashYards,
            double numbersBottomYards,
            double numbersTopYards,
            double uprightYards) {
        this.id = id;
        this.words = words;
        this.widthYards = widthYards;
        this.players = players;
        this.hashYards = hashYards;
        this.numbersBottomYards = numbersBottomYards;
        this.numbersTopYards = numbersTopYards;
        this.uprightYards = uprightYards;
    }

    /** Short name in the one-line notation: hs, col, pro. */
    /** The code of an id. @throws RefusedException when no rules have it, with those that there are */
    public static Code written(String id) {
        return Arrays.stream(values())
                .filter(code -> code.id.equals(id))
                .findFirst()
                .orElseThrow(() -> new RefusedException("\"" + id + "\" is no code of rules; write one of "
                        + Arrays.stream(values()).map(Code::id).collect(Collectors.joining(", "))));
    }

    public String id() {
        return id;
    }

    public String words() {
        return words;
    }

    /** Sideline to sideline. */
    public double widthYards() {
        return widthYards;
    }

    /** Men of a side. */
    public int players() {
        return players;
    }

    /** Small-sided flag: no line of scrimmage blockers, no gaps, no painted marks. */
    public boolean flag() {
        return players < 11;
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
