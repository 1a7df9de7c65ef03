package mensch.core.call;

import java.util.Map;
import mensch.core.document.DocumentRef;
import mensch.core.front.Role;
import mensch.core.rung.Ladder;

/** One layer of a call: ladders by role, or by cover seat for a coverage. */
public record Layer(Kind kind, DocumentRef document, Map<String, Ladder> ladders) {

    /** Bottom to top: a later one refines the earlier. */
    public enum Kind {
        FRONT("front"), COVERAGE("coverage"), CALL("call"), HAND("hand");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** The role's own ladder in this layer. */
    Ladder of(Role role) {
        return ladders.getOrDefault(kind == Kind.COVERAGE ? role.seat().words() : role.id(), Ladder.EMPTY);
    }

    Ladder everyone() {
        return ladders.getOrDefault("everyone", Ladder.EMPTY);
    }
}
