package mensch.core.play;

import java.util.List;
import mensch.core.formation.Answer;
import mensch.core.rung.Condition;
import mensch.core.rung.View;

/**
 * Who stays in besides the five linemen.
 *
 * @param back whether a back stays
 * @param end whether an attached end stays
 * @param second whether the second back, or else the second end, stays as well
 */
public record Protection(String id, String name, Condition needs, boolean back, boolean end, boolean second) {

    static Protection of(String id, String name, Condition needs, List<?> stay) {
        return new Protection(id, name, needs, stay.contains("back"), stay.contains("end"), stay.contains("second"));
    }

    public Answer fits(View view) {
        return needs.in(view);
    }

    /** Men who block, the five linemen among them. */
    public int men() {
        return 5 + (back ? 1 : 0) + (end ? 1 : 0) + (second ? 1 : 0);
    }
}
