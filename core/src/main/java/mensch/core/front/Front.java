package mensch.core.front;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mensch.core.document.Document;
import mensch.core.field.Code;
import mensch.core.formation.SideWord;
import mensch.core.rung.Ladder;

/** A front: its roles, the side word its call side is bound to by default, and a ladder per role. */
public record Front(Document document, SideWord callSide, List<Role> roles, Map<String, Ladder> ladders) {

    /** Coverages that this front says it carries, by id; empty when it does not say. */
    public List<String> carries() {
        return document.values().texts("carries");
    }

    /** Men of a side this front is for: 11, or 5 to 7 in flag. */
    public int players() {
        return players(document);
    }

    /** The same of a front that is not read yet. */
    public static int players(Document document) {
        return document.values().whole("players").orElse(Code.HIGH_SCHOOL.players());
    }

    /** Who makes the checks of his front: the role it names, else its first backer. */
    public Optional<Role> signals() {
        return document.text("signals")
                .flatMap(this::role)
                .or(() -> roles.stream().filter(r -> r.body() == Role.Body.LB).findFirst());
    }

    /** Seats of the field this front fills; "each side" is two. */
    public int bodies() {
        return roles.stream().mapToInt(r -> r.sits() == Sits.EACH_SIDE ? 2 : 1).sum();
    }

    public Optional<Role> role(String id) {
        return roles.stream().filter(r -> r.id().equals(id)).findFirst();
    }
}
