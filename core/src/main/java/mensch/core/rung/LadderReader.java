package mensch.core.rung;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mensch.core.document.DocumentException.Problem;
import mensch.core.document.RefusedException;

/** Reads the sentences of a document into ladders; gathers every fault before it gives up. */
public final class LadderReader {
    private final String document;
    private final Vocabulary vocabulary;
    private final List<Problem> problems;

    public LadderReader(String document, Vocabulary vocabulary, List<Problem> problems) {
        this.document = document;
        this.vocabulary = vocabulary;
        this.problems = problems;
    }

    /** Ladders by seat, in the order of the document; faults go to the problem list. */
    public Map<String, Ladder> read(Sentences sentences) {
        var ladders = new LinkedHashMap<String, Ladder>();
        sentences.bySeat().forEach((seat, written) -> {
            var rungs = new ArrayList<Rung>();
            written.forEach(w -> sentence(new RungId(document, seat, w.name()), w.sentence(), rungs));
            ladders.put(seat, new Ladder(rungs));
        });
        return ladders;
    }

    private void sentence(RungId id, String text, List<Rung> into) {
        if (into.stream().anyMatch(r -> r.id().equals(id))) {
            fault(id.seat() + "/" + id.name(), "stands twice; give each rung of a seat a name of its own");
        }
        try {
            into.add(vocabulary.rung(id, text));
        } catch (SentenceException e) {
            problems.add(new Problem(document, id.seat() + "/" + id.name(), e.getMessage(), e.at(), e.expected()));
        } catch (RefusedException e) {
            fault(id.seat() + "/" + id.name(), e.getMessage());
        }
    }

    private void fault(String where, String message) {
        problems.add(new Problem(document, where, message, -1, List.of()));
    }
}
