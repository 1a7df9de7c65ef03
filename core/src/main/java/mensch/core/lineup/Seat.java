package mensch.core.lineup;

import mensch.core.front.Role;
import mensch.core.geometry.Side;

/** A role on the side it sits for this phase. */
record Seat(Role role, Side side) {}
