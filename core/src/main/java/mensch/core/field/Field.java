package mensch.core.field;

import mensch.core.document.RefusedException;
import mensch.core.geometry.Side;
import mensch.core.geometry.Vector;

/**
 * A painted field with the ball on it. Hands out landmarks in the play frame; a mirror is exact negation.
 *
 * @param ball the spot as it is called: rules go by it
 * @param off how far from there the ball lies, yards to the offence's right and up the field: paint goes by it
 */
public record Field(Code code, BallSpot ball, Vector off) {
    /** The ball lies where it is said to lie. */
    public Field(Code code, BallSpot ball) {
        this(code, ball, new Vector(0, 0));
    }

    public Field {
        if (Math.abs(ball.lateralYards()) >= code.widthYards() / 2) {
            throw new RefusedException("ball spot " + ball.lateralYards() + " yd from the middle is off a field "
                    + code.widthYards() + " yd wide");
        }
    }

    /**
     * Play-frame x of a mark on one side of the field.
     *
     * @param inwardYards moved toward the middle of the field, negative toward the sideline
     */
    public double x(Mark mark, Side side, double inwardYards) {
        return fromSideline(side, mark.fromSideline(code) + inwardYards);
    }

    /** Play-frame x of a line so many yards inside a sideline. */
    public double fromSideline(Side side, double yards) {
        return side.sign() * (code.widthYards() / 2 - yards) - ball.lateralYards() - off.x() + 0.0;
    }

    public double sidelineX(Side side) {
        return fromSideline(side, 0);
    }

    /** Distance of a play-frame x from the sideline on a side, yards. */
    public double yardsFromSideline(Side side, double x) {
        return code.widthYards() / 2 - side.sign() * (x + ball.lateralYards() + off.x());
    }

    /** Depth of the end line: nobody stands or drops behind it. */
    public double endLineDepth() {
        return ball.yardsToGoal() - off.y() + Code.END_ZONE_YARDS;
    }

    /** The same paint and the same spot by the rules; the ball lies elsewhere by so much. */
    public Field lying(Vector elsewhere) {
        return new Field(code, ball, elsewhere);
    }

    public Field mirror() {
        return new Field(code, ball.mirror(), new Vector(0.0 - off.x(), off.y()));
    }
}
