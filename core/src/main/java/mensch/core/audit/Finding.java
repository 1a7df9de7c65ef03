package mensch.core.audit;

import java.util.List;
import mensch.core.geometry.Point;
import mensch.core.lineup.Job;

/**
 * Something that breaks, or works at a cost.
 *
 * @param where the spot on the field, play frame yards
 * @param who the men it concerns
 * @param evidence the fact that proves it
 */
public record Finding(CheckId check, Severity severity, Point where, List<Job> who, Evidence evidence) {
    public Finding {
        who = List.copyOf(who);
    }

    /** Equal for the same finding of another line-up or of the same one made anew. */
    public FindingKey key() {
        return new FindingKey(check, evidence.about());
    }
}
