package mensch.core.simulation;

import mensch.core.convention.SnapDetails;
import mensch.core.geometry.Point;

/**
 * The ball in the air, straight from the hand to where it comes down.
 *
 * @param to whom it is thrown, -1 when it is thrown away
 * @param at where it is meant to come down
 * @param off where it really does
 */
record Flight(int to, Point from, Point at, Point off, int left, int lands) {
    /** What part of its way it has gone at a tick. */
    double part(int tick) {
        return lands == left ? 1 : Math.min(1, (double) (tick - left) / (lands - left));
    }

    double x(int tick) {
        return from.x() + (off.x() - from.x()) * part(tick);
    }

    double y(int tick) {
        return from.y() + (off.y() - from.y()) * part(tick);
    }

    /**
     * Whether a defender can get a hand on it: not over the passer's own line, not while a long one is over everybody,
     * and not at the very end, where it is between him and the receiver.
     *
     * @param part of its way that it has gone
     * @param yards of the whole way
     */
    static boolean low(SnapDetails.Flight figures, double part, double yards) {
        return part > (yards > figures.longFrom() ? figures.comesDown() : figures.low()) && part < figures.there();
    }

    double yards() {
        return from.distance(off);
    }
}
