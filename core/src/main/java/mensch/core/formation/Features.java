package mensch.core.formation;

import java.util.List;
import mensch.core.convention.Convention;
import mensch.core.convention.Thresholds;
import mensch.core.field.Situation;
import mensch.core.formation.Shape.Flank;
import mensch.core.geometry.Side;

/** Every fact of one phase, computed once: a bit per feature and side, known or not. */
public final class Features {
    private final Shape shape;
    private final Motion motion;
    private final Decided[] sides;
    private long left;
    private long right;
    private long whole;
    private long unknown;
    private boolean evenRun;
    private boolean evenPass;

    private Features(Shape shape, Motion motion, Decided[] sides) {
        this.shape = shape;
        this.motion = motion;
        this.sides = sides;
    }

    public static Features of(Snap snap, Convention convention) {
        Thresholds limits = convention.thresholds();
        Shape shape = Shape.of(snap.formation(), limits);
        Motion motion = Motion.of(snap, shape, limits);
        var strength = new Strength(snap, shape, limits);
        Decided run = strength.run();
        // in the order of SideWord
        Decided[] sides = {
            run,
            strength.pass(),
            strength.field(),
            strength.boundary(),
            strength.back(run),
            strength.motion(motion, run),
            strength.declared()
        };
        var features = new Features(shape, motion, sides);
        features.evenRun = strength.runByMen().isEmpty();
        features.evenPass = strength.passByMen().isEmpty();
        features.left = features.sideBits(shape.flank(Side.LEFT), snap, limits);
        features.right = features.sideBits(shape.flank(Side.RIGHT), snap, limits);
        features.whole = features.backfieldBits(limits) | features.endBits() | motionBits(motion) | situationBits(snap);
        features.unknown = unknownBits(snap);
        return features;
    }

    private static long unknownBits(Snap snap) {
        long bits = snap.field().ball().lateralKnown()
                ? 0
                : Feature.FIELD.bit() | Feature.BOUNDARY.bit() | Feature.PLUS.bit() | Feature.VERY_WIDE.bit();
        for (Feature feature : snap.unknown()) {
            bits |= feature.bit();
        }
        return bits;
    }

    private long sideBits(Flank flank, Snap snap, Thresholds limits) {
        List<Man> receivers = flank.receivers();
        long bits = bit(flank.tightEnd() != null, Feature.TIGHT_END)
                | bit(flank.wing() != null, Feature.WING)
                | bit(flank.hBack() != null, Feature.H_BACK)
                | bit(receivers.size() == 1 && receivers.get(0) == flank.tightEnd(), Feature.NUB)
                | slotBits(flank, limits)
                | bit(unbalanced(flank, snap), Feature.UNBALANCED)
                | bit(detached(flank, snap), Feature.DETACHED_LINEMAN)
                | bit(bunched(receivers, limits), Feature.BUNCH)
                | bit(stacked(receivers, limits), Feature.STACK)
                | splitBits(flank, snap, limits);
        for (int n = 1; n <= 4; n++) {
            bits |= bit(receivers.size() >= n, Feature.receiversAtLeast(n));
        }
        for (int n = 3; n <= 5; n++) {
            bits |= bit(flank.surface().size() >= n, Feature.surfaceAtLeast(n));
        }
        for (Man back : shape.backs()) {
            bits |= bit(
                    Shape.sideOf(back, limits).filter(s -> s == flank.side()).isPresent(), Feature.BACK_HERE);
        }
        for (SideWord word : SideWord.values()) {
            bits |= bit(decided(word).side() == flank.side(), word.feature());
        }
        bits &= motion.to() == null ? ~Feature.MOTION_TO.bit() : -1L;
        return bits | bit(motion.from() == flank.side(), Feature.MOTION_FROM);
    }

    /** Number two and number three by whether they stand away from the line. */
    private static long slotBits(Flank flank, Thresholds limits) {
        List<Man> receivers = flank.receivers();
        boolean slot = receivers.size() > 1 && !flank.attached(receivers.get(1));
        double wide = slot ? flank.out(receivers.get(1)) - flank.out(flank.tackle()) : 0;
        return bit(slot, Feature.SLOT)
                | bit(wide > limits.splits().wideSlot(), Feature.WIDE_SLOT)
                | bit(receivers.size() > 2 && !flank.attached(receivers.get(2)), Feature.OPEN_TRIPS);
    }

    /** Three or more linemen beyond the snapper, tight ends not counted. */
    private boolean unbalanced(Flank flank, Snap snap) {
        int sign = flank.side().sign();
        double snapper = shape.snapper().x();
        int linemen = 0;
        for (Man man : snap.formation().men()) {
            linemen += man.interior() && sign * (man.x() - snapper) > 0 ? 1 : 0;
        }
        return linemen >= 3;
    }

    /** Whether a man of the five stands away from the others on this side. */
    private boolean detached(Flank flank, Snap snap) {
        for (Man man : snap.formation().men()) {
            if (man.interior()
                    && flank.out(man) > flank.out(flank.middle())
                    && !flank.surface().contains(man)) {
                return true;
            }
        }
        return false;
    }

    private static long splitBits(Flank flank, Snap snap, Thresholds limits) {
        if (flank.receivers().isEmpty()) {
            return 0;
        }
        Man widest = flank.receivers().get(0);
        double fromSideline = snap.field().yardsFromSideline(flank.side(), widest.x());
        boolean reduced = !flank.surface().contains(widest)
                && flank.out(widest) - flank.out(flank.tackle())
                        < limits.splits().reduced();
        return bit(reduced, Feature.REDUCED)
                | bit(fromSideline < snap.field().code().numbersBottomYards(), Feature.PLUS)
                | bit(
                        fromSideline
                                < snap.field().code().numbersBottomYards()
                                        - limits.splits().veryWide(),
                        Feature.VERY_WIDE);
    }

    private static boolean bunched(List<Man> receivers, Thresholds limits) {
        for (int i = 0; i + 2 < receivers.size(); i++) {
            if (Math.abs(receivers.get(i).x() - receivers.get(i + 2).x())
                    <= limits.splits().bunch()) {
                return true;
            }
        }
        return false;
    }

    private static boolean stacked(List<Man> receivers, Thresholds limits) {
        for (int i = 0; i + 1 < receivers.size(); i++) {
            Man a = receivers.get(i);
            Man b = receivers.get(i + 1);
            if (Math.abs(a.x() - b.x()) <= limits.splits().stack()
                    && Math.abs(a.depth() - b.depth()) >= limits.surface().onLine()) {
                return true;
            }
        }
        return false;
    }

    private long backfieldBits(Thresholds limits) {
        List<Man> backs = shape.backs();
        long bits = bit(backs.isEmpty(), Feature.EMPTY)
                | bit(backs.size() == 1, Feature.ONE_BACK)
                | bit(backs.size() == 2, Feature.TWO_BACKS)
                | bit(backs.size() >= 3, Feature.THREE_BACKS);
        boolean allBehind = !backs.isEmpty();
        for (Man back : backs) {
            allBehind &= Shape.sideOf(back, limits).isEmpty();
        }
        bits |= bit(allBehind, Feature.BACK_BEHIND) | bit(backs.size() == 2 && allBehind, Feature.I);
        boolean split = backs.size() == 2
                && Shape.sideOf(backs.get(0), limits)
                        .flatMap(one -> Shape.sideOf(backs.get(1), limits).filter(other -> other == one.opposite()))
                        .isPresent();
        return bits | bit(split, Feature.SPLIT_BACKS) | quarterbackBits(limits);
    }

    /** Ends as they stand: attached, on the wing, or off the line inside the end man. */
    private long endBits() {
        int ends = ends();
        return bit(ends == 1, Feature.ONE_END) | bit(ends == 2, Feature.TWO_ENDS) | bit(ends >= 3, Feature.THREE_ENDS);
    }

    /** How many men stand as ends, both sides. */
    public int ends() {
        return ends(Side.LEFT) + ends(Side.RIGHT);
    }

    /** Backs then ends, as coaches say it: 11. */
    public String personnel() {
        Man takes = shape.quarterback();
        int backs = shape.backs().size() + (takes != null && takes.post() == Man.Post.ELIGIBLE ? 1 : 0);
        return backs + "" + ends();
    }

    /** Receivers by side, the larger number first: 3x1. */
    public String receivers() {
        int left = shape.flank(Side.LEFT).receivers().size();
        int right = shape.flank(Side.RIGHT).receivers().size();
        return Math.max(left, right) + "x" + Math.min(left, right);
    }

    private int ends(Side side) {
        Flank flank = shape.flank(side);
        int ends = 0;
        for (Man man : flank.receivers()) {
            ends += flank.attached(man) ? 1 : 0;
        }
        return ends;
    }

    private long quarterbackBits(Thresholds limits) {
        Man quarterback = shape.quarterback();
        if (quarterback == null) {
            return 0;
        }
        long direct = bit(quarterback.post() != Man.Post.QUARTERBACK, Feature.DIRECT_SNAP);
        if (quarterback.depth() < limits.backfield().underCentre()) {
            return direct | Feature.UNDER_CENTRE.bit();
        }
        if (quarterback.depth() < limits.backfield().gun()) {
            return direct;
        }
        boolean behind = shape.backs().stream()
                .anyMatch(b -> b.depth() > quarterback.depth()
                        && Math.abs(b.x() - quarterback.x())
                                <= limits.backfield().pistolLateral());
        return direct | (behind ? Feature.PISTOL : Feature.GUN).bit();
    }

    private static long motionBits(Motion motion) {
        return motion.kind() == null ? 0 : motion.kind().bit();
    }

    /** Bands of handbook 1, situation. */
    private static long situationBits(Snap snap) {
        Situation s = snap.situation();
        int toGoal = snap.field().ball().yardsToGoal();
        return bit(s.distance() <= 3, Feature.SHORT)
                | bit(s.distance() >= 4 && s.distance() <= 6, Feature.MEDIUM)
                | bit(s.distance() >= 7 && s.distance() <= 10, Feature.LONG)
                | bit(s.distance() >= 11, Feature.VERY_LONG)
                | bit(toGoal >= 90, Feature.BACKED_UP)
                | bit(toGoal > 20 && toGoal < 90, Feature.OPEN_FIELD)
                | bit(toGoal > 10 && toGoal <= 20, Feature.RED_ZONE)
                | bit(toGoal > 5 && toGoal <= 10, Feature.INSIDE_10)
                | bit(toGoal <= 5, Feature.GOAL_LINE)
                | bit(snap.field().code().flag(), Feature.SMALL_SIDED);
    }

    private static long bit(boolean yes, Feature feature) {
        return yes ? feature.bit() : 0;
    }

    /** A feature on one side; for a feature of the whole formation the side does not matter. */
    public Answer ask(Feature feature, Side side) {
        if ((unknown & feature.bit()) != 0) {
            return Answer.UNKNOWN;
        }
        long word = !feature.bySide() ? whole : side == Side.LEFT ? left : right;
        return (word & feature.bit()) != 0 ? Answer.YES : Answer.NO;
    }

    /** Whether a strength hangs on a back, the field or the declared side alone, both sides being alike in men. */
    public boolean even(SideWord word) {
        return word == SideWord.RUN_STRENGTH && evenRun || word == SideWord.PASS_STRENGTH && evenPass;
    }

    public Decided decided(SideWord word) {
        return sides[word.ordinal()];
    }

    public Shape shape() {
        return shape;
    }

    public Motion motion() {
        return motion;
    }
}
