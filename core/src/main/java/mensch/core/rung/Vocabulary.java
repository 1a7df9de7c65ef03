package mensch.core.rung;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mensch.core.convention.Convention;
import mensch.core.convention.Setting;

/**
 * The closed lists that a sentence may draw from.
 *
 * @param convention what the programme chose; also what rungs may ask of the house
 * @param roles roles of the front, or empty when the sentence is read without its front and any name may stand
 * @param readTables what is taught on each event, by the id that rungs name; in library order
 * @param techniques ids of technique checklists
 */
public record Vocabulary(
        Convention convention, Set<String> roles, Map<String, ReadTable> readTables, Set<String> techniques) {

    /** Stances a sentence may name. */
    public static final List<String> STANCES = List.of("set", "square", "staggered", "tilted in", "press");
    /** What rungs may ask of the house. */
    List<Setting> settings() {
        return convention.house().settings();
    }

    /** The same words over these read tables. */
    public Vocabulary withReadTables(Map<String, ReadTable> tables) {
        return new Vocabulary(convention, roles, Collections.unmodifiableMap(new LinkedHashMap<>(tables)), techniques);
    }

    public Vocabulary withRoles(Set<String> frontRoles) {
        return new Vocabulary(convention, Set.copyOf(frontRoles), readTables, techniques);
    }
}
