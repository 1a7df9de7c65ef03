package mensch.core.reading;

import mensch.core.convention.KeyLimits;
import mensch.core.geometry.Point;
import mensch.core.geometry.Vector;

/**
 * How a man of the offence moves; play frame, yards and yards a second.
 *
 * @param from where he stood at the snap
 * @param at where he is
 * @param velocity how he moves now
 * @param hands on whom he has his hands
 */
public record Moves(Point from, Point at, Vector velocity, Hands hands) {
    /** Whom a man blocks, as the reader sees or feels it. */
    public enum Hands {
        NOBODY,
        READER,
        ANOTHER
    }

    /** Yards to the right since the snap. */
    public double across() {
        return at.x() - from.x();
    }

    /** Yards up the field since the snap, negative when he gave ground. */
    public double up() {
        return at.y() - from.y();
    }

    /** Where a step takes him: across so far, and what he is about to go as long as he has his hands on nobody. */
    Vector step(KeyLimits limits) {
        return hands != Hands.NOBODY
                ? new Vector(across(), up())
                : new Vector(across() + limits.step() * velocity.x(), up() + limits.step() * velocity.y());
    }

    /** Where he crosses the line if he goes on so; where he will be in a while when he goes along it. */
    double crosses(KeyLimits limits) {
        double seconds = velocity.y() > limits.upField() && at.y() < 0
                ? Math.min(limits.crossesWithin(), -at.y() / velocity.y())
                : limits.goesAlong();
        return at.x() + velocity.x() * seconds;
    }
}
