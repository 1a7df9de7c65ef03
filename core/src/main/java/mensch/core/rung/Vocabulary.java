package mensch.core.rung;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mensch.core.convention.Convention;
import mensch.core.convention.Setting;

/** The closed lists that a sentence may draw from; a sentence reads the same as long as they are. */
public final class Vocabulary {
    /** Stances a sentence may name. */
    public static final List<String> STANCES = List.of("set", "square", "staggered", "tilted in", "press");

    private final Convention convention;
    private final Set<String> roles;
    private final Map<String, ReadTable> readTables;
    private final Set<String> techniques;
    private final Remembered remembered;

    /**
     * Words of a sentence read without its front: any name may stand for a man.
     *
     * @param convention what the programme chose; also what rungs may ask of the house
     * @param readTables what is taught on each event, by the id that rungs name; in library order
     * @param techniques ids of technique checklists
     */
    public Vocabulary(Convention convention, Map<String, ReadTable> readTables, Set<String> techniques) {
        this(
                convention,
                Set.of(),
                Collections.unmodifiableMap(new LinkedHashMap<>(readTables)),
                Collections.unmodifiableSet(techniques),
                new Remembered());
    }

    private Vocabulary(
            Convention convention,
            Set<String> roles,
            Map<String, ReadTable> readTables,
            Set<String> techniques,
            Remembered remembered) {
        this.convention = convention;
        this.roles = roles;
        this.readTables = readTables;
        this.techniques = techniques;
        this.remembered = remembered;
    }

    public Convention convention() {
        return convention;
    }

    /** Roles of the front; empty when any name may stand. */
    public Set<String> roles() {
        return roles;
    }

    public Map<String, ReadTable> readTables() {
        return readTables;
    }

    public Set<String> techniques() {
        return techniques;
    }

    /** What rungs may ask of the house. */
    List<Setting> settings() {
        return convention.house().settings();
    }

    /** The same words over these read tables. */
    public Vocabulary withReadTables(Map<String, ReadTable> tables) {
        return new Vocabulary(convention, tables, techniques);
    }

    /** The same words where these men are. */
    public Vocabulary withRoles(Set<String> frontRoles) {
        return new Vocabulary(convention, Set.copyOf(frontRoles), readTables, techniques, remembered);
    }

    /** The library is read: what is written from now on is not remembered. */
    public void complete() {
        remembered.enough();
    }

    /** @throws SentenceException naming the word, its place and what may follow */
    Rung rung(RungId id, String sentence) {
        return remembered.rung(id, sentence, this);
    }
}
