package mensch.core.sheet;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the call says of one thing on the field that somebody pointed at.
 *
 * @param title what it is, as coaches say it
 * @param rows who has it first, then what else is told of it; never empty
 */
public record Asked(String title, List<Row> rows) {

    /** What can be pointed at. */
    public enum Kind {
        /** A man of the offence by his name, as in the sheet. */
        MAN,
        /** A gap by its words, as in the sheet. */
        GAP,
        /** An area by the id of the job that owns it. */
        AREA
    }

    /**
     * One sentence of the answer.
     *
     * @param job of whom it is told, or null
     * @param rung the rung that says so by its name, or null when no rung does
     * @param sentence that rung as it is written, or null
     */
    public record Row(
            @Nullable String job,
            String words,
            @Nullable String rung,
            @Nullable String sentence) {}
}
