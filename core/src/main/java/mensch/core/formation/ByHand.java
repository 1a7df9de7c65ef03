package mensch.core.formation;

import java.util.List;
import mensch.core.document.RefusedException;
import mensch.core.geometry.Point;

/** A man of the offence put somewhere by hand, on a spot that an offence would take. */
public final class ByHand {
    /** Splits and depths are told in half yards. */
    private static final double STEP = 0.5;
    /** Shallower than this he is meant to be on the line; between this and a yard and a half he would be neither. */
    private static final double ON_LINE = 0.8;

    private static final double LEAST_OFF_LINE = 1.5;

    private ByHand() {}

    /**
     * The formation with one man elsewhere.
     *
     * @param at where he was put, play frame yards; in front of the line counts as on it
     * @throws RefusedException for a man who is not there, or one of the five linemen, who stand by their splits
     */
    public static Formation placed(Formation formation, String name, Point at) {
        Man man = formation.man(name);
        if (man == null) {
            throw new RefusedException(
                    "nobody is called " + name + " in " + formation.name() + "; take a man of the offence");
        }
        if (man.interior()) {
            throw new RefusedException("the five linemen stand by their splits; move " + name + " with the formation");
        }
        double depth = Math.max(0, -at.y());
        double sensible =
                depth < ON_LINE ? Notation.LINE_DEPTH : Math.max(LEAST_OFF_LINE, Math.rint(depth / STEP) * STEP);
        return formation.with(List.of(man.at(Math.rint(at.x() / STEP) * STEP, sensible)));
    }
}
