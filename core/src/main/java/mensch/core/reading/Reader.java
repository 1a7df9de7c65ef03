package mensch.core.reading;

import mensch.core.geometry.Point;

/**
 * Who reads; play frame, yards.
 *
 * @param feet where he stood at the snap
 * @param onTheLine whether he is on the line of scrimmage
 * @param middle across of the front's middle man
 * @param tackle yards from the middle to the tackle
 * @param central whether all flow is his: he stands in the middle, or has the middle of the field
 * @param blockers how many have their hands on him
 */
public record Reader(Point feet, boolean onTheLine, double middle, double tackle, boolean central, int blockers) {
    /** Whether something at this place across is on his side of the front. */
    boolean mine(double x) {
        return central || (feet.x() - middle) * (x - middle) >= 0;
    }
}
