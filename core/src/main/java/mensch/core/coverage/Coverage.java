package mensch.core.coverage;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mensch.core.document.Document;
import mensch.core.formation.SideWord;
import mensch.core.rung.Ladder;

/**
 * A coverage: the side word its cover side is bound to by default, and a ladder per cover seat.
 *
 * @param deep the deep help it promises; none said means what its jobs add up to
 * @param concedes what it gives away by design
 */
public record Coverage(
        Document document,
        SideWord coverSide,
        Optional<Shell> deep,
        List<Concession> concedes,
        Map<String, Ladder> ladders) {

    /** Whether it gives a thing away on a side: "run", or an underneath area. */
    public boolean gives(String what, boolean onCoverSide) {
        return concedes.stream().anyMatch(c -> c.what().equals(what) && (onCoverSide ? c.onCoverSide() : c.away()));
    }

    /** Seats of which one is enough: a front fills either of them ({@code either} in the document). */
    public List<String> standsInFor(String seat) {
        return document.values().rows("either").stream()
                .filter(group -> group.contains(seat))
                .findFirst()
                .orElse(List.of());
    }
}
