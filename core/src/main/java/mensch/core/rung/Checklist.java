package mensch.core.rung;

import java.util.List;
import mensch.core.document.Document;

/**
 * What a technique is taught by.
 *
 * @param id as rungs name it
 * @param of pass jobs it is the technique of, in their words, as in "deep half"; empty for one that rungs name
 */
public record Checklist(String id, String name, List<String> points, List<String> of) {

    /** Rows are points, or {@code [point, house <setting> is <choice>]} where schools differ. */
    public static Checklist read(Document document, Vocabulary vocabulary) {
        return new Checklist(
                document.id(),
                document.name(),
                HouseRows.of(document, "points", 1, vocabulary.convention().house()).stream()
                        .map(r -> r.get(0))
                        .toList(),
                document.values().texts("of"));
    }
}
