package mensch.core.formation;

import java.util.Optional;
import java.util.function.ToIntFunction;
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
        return runByMen().orElseGet(this::byBackOrField);
    }

    /** By who stands where on the line; none when both sides are alike but for a back. */
    Optional<Decided> runByMen() {
        return more("the unbalanced line", this::linemen)
                .or(() -> more("one attached tight end", this::tightEnds))
                .or(() -> more("the wing", this::wings))
                .or(() -> more("more men on the surface", this::surface))
                .or(() -> more("more receivers", this::receivers));
    }

    Decided pass() {
        return passByMen().orElseGet(this::byBackOrField);
    }

    /** By receivers and ends; none when both sides are alike but for a back. */
    Optional<Decided> passByMen() {
        return more("more receivers", this::receivers).or(() -> more("the attached tight end", this::tightEnds));
    }

    private Decided byBackOrField() {
        return offsetBack().orElseGet(() -> inMiddle() ? declared() : field());
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
        return offsetBack().orElseGet(() -> run.asFallback("no back is offset"));
    }

    Decided motion(Motion motion, Decided run) {
        return motion.to() != null
                ? new Decided(motion.to(), "the side it ended on", false)
                : run.asFallback("nobody moved to a side");
    }

    /** The side more backs are offset to; none when as many stand on each side. */
    private Optional<Decided> offsetBack() {
        int balance = 0;
        for (Man back : shape.backs()) {
            balance += Shape.sideOf(back, limits).map(Side::sign).orElse(0);
        }
        return balance == 0
                ? Optional.empty()
                : Optional.of(new Decided(balance < 0 ? Side.LEFT : Side.RIGHT, "the offset back", false));
    }

    private static Optional<Decided> more(String by, ToIntFunction<Side> count) {
        int left = count.applyAsInt(Side.LEFT);
        int right = count.applyAsInt(Side.RIGHT);
        return left == right
                ? Optional.empty()
                : Optional.of(new Decided(
                        left > right ? Side.LEFT : Side.RIGHT,
                        by + " (" + Math.max(left, right) + " to " + Math.min(left, right) + ")",
                        false));
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
