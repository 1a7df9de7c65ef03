package mensch.core.front;

import mensch.core.coverage.CoverSeat;

/**
 * A job title in a front, not a body.
 *
 * @param id as sentences name it: {@code end-call}
 * @param label short, for the field: {@code E}
 * @param words as coaches say it: {@code weak safety} where the bare "weak" would be read as something else
 * @param body kind of player it asks for
 * @param seat his seat in a coverage when he sits on the cover side
 * @param otherwise the same when he sits away from it
 */
public record Role(String id, String label, String words, Body body, Sits sits, CoverSeat seat, CoverSeat otherwise) {

    /** The seat of the coverage he plays when his side is the cover side, or when it is not. */
    public CoverSeat seat(boolean onCoverSide) {
        return onCoverSide ? seat : otherwise;
    }

    /** A role that is called by its id. */
    public Role(String id, String label, Body body, Sits sits, CoverSeat seat, CoverSeat otherwise) {
        this(id, label, id.replace('-', ' '), body, sits, seat, otherwise);
    }

    /** Kind of player. */
    public enum Body {
        E,
        T,
        LB,
        DB
    }

    public boolean lineman() {
        return body == Body.E || body == Body.T;
    }
}
