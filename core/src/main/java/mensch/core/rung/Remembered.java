package mensch.core.rung;

import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Sentences that were read while a library was: calls are built of the same layers, and many an edit leaves all but one
 * of them as they are. What is typed later is read each time and not remembered, so that it cannot fill the memory.
 */
final class Remembered {
    private final Map<Written, Rung> rungs = new ConcurrentHashMap<>();
    private volatile boolean learning = true;

    /** A sentence where it is written, and the men it may name. */
    private record Written(RungId id, String sentence, Set<String> roles) {}

    /** @throws SentenceException when it cannot be read */
    Rung rung(RungId id, String sentence, Vocabulary words) {
        var written = new Written(id, sentence, words.roles());
        Rung known = rungs.get(written);
        if (known != null) {
            return known;
        }
        Rung rung = RungReader.read(id, sentence, words);
        if (learning) {
            rungs.put(written, rung);
        }
        return rung;
    }

    void enough() {
        learning = false;
    }
}
