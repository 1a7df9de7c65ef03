package mensch.core.rung;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mensch.core.document.DocumentException.Problem;
import mensch.core.document.RefusedException;
import mensch.core.document.Values;

/**
 * Reads the ladders of a document: seat to list of single-entry maps name to sentence. Gathers every fault before it
 * gives up.
 */
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
    public Map<String, Ladder> read(Optional<Values> seats) {
        var ladders = new LinkedHashMap<String, Ladder>();
        seats.ifPresent(all -> all.all().forEach((seat, rungs) -> ladders.put(seat, ladder(seat, rungs))));
        return ladders;
    }

    private Ladder ladder(String seat, Object value) {
        if (!(value instanceof List<?> items)) {
            fault(seat, "must be a list of rungs");
            return Ladder.EMPTY;
        }
        var rungs = new ArrayList<Rung>();
        for (Object item : items) {
            if (item instanceof Map<?, ?> entry && entry.size() == 1) {
                Map.Entry<?, ?> named = entry.entrySet().iterator().next();
                sentence(
                        new RungId(document, seat, String.valueOf(named.getKey())),
                        String.valueOf(named.getValue()),
                        rungs);
            } else {
                fault(seat, "has a rung that is not written as name: \"sentence\"");
            }
        }
        return new Ladder(rungs);
    }

    private void sentence(RungId id, String text, List<Rung> into) {
        if (into.stream().anyMatch(r -> r.id().equals(id))) {
            fault(id.seat() + "/" + id.name(), "stands twice; give each rung of a seat a name of its own");
        }
        try {
            into.add(RungReader.read(id, text, vocabulary));
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
