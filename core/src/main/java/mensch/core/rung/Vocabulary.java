package mensch.core.rung;

import java.util.List;
import java.util.Set;
import mensch.core.convention.Convention;
import mensch.core.convention.Setting;

/**
 * The closed lists that a sentence may draw from.
 *
 * @param convention what the programme chose; also what rungs may ask of the house
 * @param roles roles of the front, or empty when the sentence is read without its front and any name may stand
 * @param readTables ids of read tables
 * @param techniques ids of technique checklists
 */
public record Vocabulary(Convention convention, Set<String> roles, Set<String> readTables, Set<String> techniques) {

    /** Stances a sentence may name. */
    public static final List<String> STANCES = List.of("set", "square", "staggered", "tilted in", "press");
    /** What rungs may ask of the house. */
    List<Setting> settings() {
        return convention.house().settings();
    }

    public Vocabulary withRoles(Set<String> frontRoles) {
        return new Vocabulary(convention, Set.copyOf(frontRoles), readTables, techniques);
    }
}
