package mensch.core.rung;

import java.util.List;
import java.util.Set;
import mensch.core.convention.Labels;

/**
 * The closed lists that a sentence may draw from.
 *
 * @param roles      roles of the front, or empty when the sentence is read without its front and any name may stand
 * @param readTables ids of read tables
 * @param techniques ids of technique checklists
 */
public record Vocabulary(Labels labels, Set<String> roles, Set<String> readTables, Set<String> techniques) {

    /** Stances a sentence may name. */
    public static final List<String> STANCES = List.of("set", "square", "staggered", "tilted in", "press");
    /** What ends a task. */
    public static final List<String> TRIGGERS =
        List.of("crack", "quarterback crosses", "back swings", "ball thrown", "reach", "down", "base", "double", "pull", "pass set", "release");

    public Vocabulary withRoles(Set<String> frontRoles) {
        return new Vocabulary(labels, Set.copyOf(frontRoles), readTables, techniques);
    }
}
