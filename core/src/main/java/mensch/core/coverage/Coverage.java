package mensch.core.coverage;

import java.util.List;
import java.util.Map;
import mensch.core.document.Document;
import mensch.core.formation.SideWord;
import mensch.core.rung.Ladder;

/** A coverage: the side word its cover side is bound to by default, and a ladder per cover seat. */
public record Coverage(Document document, SideWord coverSide, Map<String, Ladder> ladders) {

    /** Seats of which one is enough: a front fills either of them ({@code either} in the document). */
    public List<String> standsInFor(String seat) {
        return document.values().rows("either").stream()
                .filter(group -> group.contains(seat))
                .findFirst()
                .orElse(List.of());
    }
}
