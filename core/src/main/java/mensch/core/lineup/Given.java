package mensch.core.lineup;

import java.util.List;
import mensch.core.document.Worded;
import mensch.core.formation.Feature;
import mensch.core.rung.Part;
import mensch.core.rung.RungId;
import org.jspecify.annotations.Nullable;

/** What the ladders answered for one part: a value with its reasons, or why there is none. */
public sealed interface Given<P> {

    /** Whether the ladders have an answer, and if not, why. */
    enum State implements Worded {
        VALUE,
        UNDECIDED,
        NOBODY,
        UNDEFINED
    }

    State state();

    /** The value, or null when there is none: the ledgers ask it of every man for every part. */
    default @Nullable P orNull() {
        return null;
    }

    /** The reasons of a value, top rung first; empty when there is none. */
    default List<Why> chain() {
        return List.of();
    }

    /** A value; {@code chain} has more than one rung when "below" changed what another gave. */
    record By<P>(P value, List<Why> chain) implements Given<P> {
        @Override
        public P orNull() {
            return value;
        }

        @Override
        public State state() {
            return State.VALUE;
        }
    }

    /** A rung says "none": he shows nothing else than his place. */
    record None<P>(List<Why> chain) implements Given<P> {
        @Override
        public State state() {
            return State.VALUE;
        }
    }

    /** The rung that would decide asks for something nobody knows. */
    record Undecided<P>(Part part, RungId rung, List<Feature> missing) implements Given<P> {
        @Override
        public State state() {
            return State.UNDECIDED;
        }
    }

    /** The rule names a man who is not on the field. */
    record Nobody<P>(Part part, String wanted, List<Why> chain) implements Given<P> {
        @Override
        public State state() {
            return State.NOBODY;
        }
    }

    /** No rung names the part. */
    record Undefined<P>(Part part) implements Given<P> {
        @Override
        public State state() {
            return State.UNDEFINED;
        }
    }
}
