package mensch.core.lineup;

import mensch.core.coverage.CoverSeat;
import mensch.core.front.Role;
import mensch.core.geometry.Side;

/**
 * A role on the side it sits for this phase.
 *
 * @param cover the seat of the coverage he plays
 */
record Seat(Role role, Side side, CoverSeat cover) {

    /** The seat that his side gives him. */
    static Seat of(Role role, Side side, Side coverSide) {
        return new Seat(role, side, role.seat(side == coverSide));
    }
}
