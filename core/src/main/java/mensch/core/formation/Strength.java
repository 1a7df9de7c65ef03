package mensch.core.formation;

import mensch.core.convention.Thresholds;
import mensch.core.geometry.Side;

/** Decides each side word for one phase: the first fact that is not a tie (handbook 1, strength and numbering). */
final class Strength {
    private final Snap snap;
    private final Shape shape;
    private final Thresholds limits;

    Strength(Snap snap, Shape shape, Thresholds limits) {
        this.snap = snap;
        this.shape = shape;
        this.limits = limits;
    }

    Decided run() {
        Decided found = more("the unbalanced line", linemen(Side.LEFT), linemen(Side.RIGHT));
        found = found != null ? found : more("one attached tight end", tightEnds(Side.LEFT), tightEnds(Side.RIGHT));
        found = found != null ? found : more("the wing", wings(Side.LEFT), wings(Side.RIGHT));
        found = found != null ? found : more("more men on the surface", surface(Side.LEFT), surface(Side.RIGHT));
        found = found != null ? found : more("more receivers", receivers(Side.LEFT), receivers(Side.RIGHT));
        return found != null ? found : byBackOrField();
    }

    Decided pass() {
        Decided found = more("more receivers", receivers(Side.LEFT), receivers(Side.RIGHT));
        found = found != null ? found : more("the attached tight end", tightEnds(Side.LEFT), tightEnds(Side.RIGHT));
        return found != null ? found : byBackOrField();
    }

    private Decided byBackOrField() {
        Side back = backSide();
        if (back != null) {
            return new Decided(back, "the offset back", false);
        }
        return inMiddle() ? declared() : field();
    }

    Decided declared() {
        return new Decided(snap.declared(), "the declared side", false);
    }

    /** The wide side; with the ball in the exact middle there is none and the declared side stands in. */
    Decided field() {
        if (inMiddle()) {
            return declared().asFallback("the ball is in the middle");
        }
        return new Decided(
                snap.field().ball().lateralYards() > 0 ? Side.LEFT : Side.RIGHT, "the wide side of the field", false);
    }

    private boolean inMiddle() {
        return snap.field().ball().lateralYards() == 0;
    }

    Decided boundary() {
        Decided field = field();
        return field.fellBack() ? field : new Decided(field.side().opposite(), "the short side of the field", false);
    }

    Decided back(Decided run) {
        Side side = backSide();
        return side != null ? new Decided(side, "the offset back", false) : run.asFallback("no back is offset");
    }

    Decided motion(Motion motion, Decided run) {
        return motion.to() != null
                ? new Decided(motion.to(), "the side it ended on", false)
                : run.asFallback("nobody moved to a side");
    }

    /** The side more backs are offset to; null when none or as many on each side. */
    private Side backSide() {
        int balance = 0;
        for (Man back : shape.backs()) {
            Side side = Shape.sideOf(back, limits);
            balance += side == null ? 0 : side.sign();
        }
        return balance == 0 ? null : balance < 0 ? Side.LEFT : Side.RIGHT;
    }

    private static Decided more(String by, int left, int right) {
        return left == right
                ? null
                : new Decided(
                        left > right ? Side.LEFT : Side.RIGHT,
                        by + " (" + Math.max(left, right) + " to " + Math.min(left, right) + ")",
                        false);
    }

    private int tightEnds(Side side) {
        return shape.flank(side).tightEnd() == null ? 0 : 1;
    }

    /** Linemen beyond the snapper. */
    private int linemen(Side side) {
        double snapper = shape.snapper().x();
        int linemen = 0;
        for (Man man : snap.formation().men()) {
            linemen += man.interior() && side.sign() * (man.x() - snapper) > 0 ? 1 : 0;
        }
        return linemen;
    }

    private int wings(Side side) {
        return shape.flank(side).wing() == null ? 0 : 1;
    }

    private int surface(Side side) {
        return shape.flank(side).surface().size();
    }

    private int receivers(Side side) {
        return shape.flank(side).receivers().size();
    }
}
