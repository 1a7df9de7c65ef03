package mensch.core.rung;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import mensch.core.convention.Convention;
import mensch.core.convention.Setting;

/**
 * The closed lists that a sentence may draw from. A sentence reads the same as long as these lists are: calls are built
 * of the same layers, so what was read once is kept. One is equal to itself alone.
 */
public final class Vocabulary {
    /** Stances a sentence may name. */
    public static final List<String> STANCES = List.of("set", "square", "staggered", "tilted in", "press");

    /** What ships has a few thousand; beyond this sentences are being typed, and are read each time. */
    private static final int KEPT = 20_000;

    private final Convention convention;
    private final Set<String> roles;
    private final Map<String, ReadTable> readTables;
    private final Set<String> techniques;
    private final Map<Set<String>, Vocabulary> ofFronts = new ConcurrentHashMap<>();
    private final Map<Written, Rung> read = new ConcurrentHashMap<>();

    /** A sentence where it is written. */
    private record Written(RungId id, String sentence) {}

    /**
     * @param convention what the programme chose; also what rungs may ask of the house
     * @param roles roles of the front, or empty when the sentence is read without its front and any name may stand
     * @param readTables what is taught on each event, by the id that rungs name; in library order
     * @param techniques ids of technique checklists
     */
    public Vocabulary(
            Convention convention, Set<String> roles, Map<String, ReadTable> readTables, Set<String> techniques) {
        this.convention = convention;
        this.roles = Set.copyOf(roles);
        this.readTables = Collections.unmodifiableMap(new LinkedHashMap<>(readTables));
        this.techniques = Collections.unmodifiableSet(techniques);
    }

    public Convention convention() {
        return convention;
    }

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
        return new Vocabulary(convention, roles, tables, techniques);
    }

    /** The same words where these men are; the same object for the same men. */
    public Vocabulary withRoles(Set<String> frontRoles) {
        return ofFronts.computeIfAbsent(
                Set.copyOf(frontRoles), men -> new Vocabulary(convention, men, readTables, techniques));
    }

    /** @throws SentenceException naming the word, its place and what may follow */
    Rung rung(RungId id, String sentence) {
        var written = new Written(id, sentence);
        Rung known = read.get(written);
        if (known != null) {
            return known;
        }
        Rung rung = RungReader.read(id, sentence, this);
        if (read.size() < KEPT) {
            read.put(written, rung);
        }
        return rung;
    }
}
