package mensch.core.front;

import mensch.core.coverage.CoverSeat;

/**
 * A job title in a front, not a body.
 *
 * @param id    as sentences name it: {@code end-call}
 * @param label short, for the field: {@code E}
 * @param body  kind of player it asks for
 */
public record Role(String id, String label, Body body, Sits sits, CoverSeat seat) {

    /** Kind of player. */
    public enum Body { E, T, LB, DB }

    public boolean lineman() {
        return body == Body.E || body == Body.T;
    }
}
