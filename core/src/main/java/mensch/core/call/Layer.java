package mensch.core.call;

import java.util.Map;
import mensch.core.document.DocumentRef;
import mensch.core.front.Role;
import mensch.core.rung.Ladder;

/** One layer of a call: ladders by role, or by cover seat for a coverage. */
public record Layer(Kind kind, DocumentRef document, Map<String, Ladder> ladders) {

    /** Bottom to top: a later one refines the earlier. */
    public enum Kind {
        FRONT("front"),
        COVERAGE("coverage"),
        MOVEMENT("movement"),
        PRESSURE("pressure"),
        CALL("call"),
        PLAN("plan"),
        HAND("hand");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** The role's own ladder in this layer; a coverage is written to seats, a front to roles, the others to either. */
    Ladder of(Role role, boolean onCoverSide) {
        Ladder own = kind == Kind.COVERAGE ? null : ladders.get(role.id());
        Ladder seat =
                kind == Kind.FRONT ? null : ladders.get(role.seat(onCoverSide).words());
        return own == null ? seat == null ? Ladder.EMPTY : seat : seat == null ? own : own.above(seat);
    }

    /** Whether any ladder of this layer is read for a role, on either side. */
    boolean touches(Role role) {
        return !everyone().rungs().isEmpty()
                || !of(role, true).rungs().isEmpty()
                || !of(role, false).rungs().isEmpty();
    }

    Ladder everyone() {
        return ladders.getOrDefault("everyone", Ladder.EMPTY);
    }
}
