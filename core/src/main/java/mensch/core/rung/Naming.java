package mensch.core.rung;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import mensch.core.convention.Labels.Label;
import mensch.core.formation.Man;
import mensch.core.formation.Shape.Flank;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;

/** Finds the words for a spot: a man dragged on the board stands somewhere, and a rung needs a phrase. */
public final class Naming {
    private static final double STEP = 0.5;
    private static final double LINE_DEPTH = 2;
    private static final double BACKER_DEPTH = 6.5;
    private static final double WIDE = 3;
    private static final double FULL_MARGIN = 0.15;
    private static final int MOST = 4;

    private final View view;
    private final Point spot;
    private final List<Phrase> found = new ArrayList<>();

    private Naming(View view, Point spot) {
        this.view = view;
        this.spot = spot;
    }

    /**
     * Phrases for a spot as this seat would say them, the best first: nearest, and of equally near ones the plainest.
     *
     * @param spot play frame, {@code y > 0}
     */
    public static List<Phrase> phrases(View view, Point spot) {
        var naming = new Naming(view, spot);
        naming.collect();
        var costs = new IdentityHashMap<Phrase, Double>();
        for (int kind = 0; kind < naming.found.size(); kind++) {
            costs.put(naming.found.get(kind), naming.cost(naming.found.get(kind), kind));
        }
        naming.found.sort(Comparator.comparingDouble(costs::get));
        return List.copyOf(naming.found.subList(0, Math.min(MOST, naming.found.size())));
    }

    /** Yards missed, in steps that do not matter to a coach; ties go to the earlier kind. */
    private double cost(Phrase phrase, int kind) {
        double missed = phrase.place(view).feet().distance(spot);
        return Math.max(0, missed - FULL_MARGIN) + 0.001 * kind;
    }

    private void collect() {
        Side side = spot.x() * view.my().sign() >= 0 ? view.my() : view.my().opposite();
        boolean mine = side == view.my();
        double outward = view.my().sign() * spot.x();
        if (spot.y() <= LINE_DEPTH && mine) {
            technique(outward);
        }
        men(side, mine ? Where.MY : Where.OTHER);
    }

    private void technique(double outward) {
        Label label = new TechniqueGeometry(view, view.my()).nearest(outward);
        for (Phrase.Closeness closeness : Phrase.Closeness.values()) {
            found.add(new Phrase.Technique(label.word(), closeness));
        }
    }

    private void men(Side side, Where where) {
        Depth depth = Depth.of(Math.max(STEP, rounded(spot.y())));
        Flank flank = view.features().shape().flank(side);
        double outward = side.sign() * spot.x();
        double end = side.sign() * flank.endMan().x();
        if (depth.aim() <= BACKER_DEPTH && outward <= end + 1) {
            for (int index = 0; index <= flank.surface().size(); index++) {
                found.add(new Phrase.InGap((char) ('A' + index), where, depth));
            }
        }
        overMen(flank, where, depth, outward);
        if (outward > end) {
            found.add(new Phrase.Outside(Ref.of(Ref.Kind.END_MAN, where), rounded(outward - end), depth));
        }
        if (where == Where.MY) {
            deep(depth);
        }
    }

    private void overMen(Flank flank, Where where, Depth depth, double outward) {
        List<Man> receivers = flank.receivers();
        for (int i = 0; i < receivers.size(); i++) {
            var ref = Ref.number(i + 1, where);
            double off = outward - flank.side().sign() * receivers.get(i).x();
            if (Math.abs(off) <= WIDE) {
                double yards = rounded(Math.abs(off));
                found.add(new Phrase.Over(
                        ref,
                        yards == 0 ? Leverage.HEAD_UP : off > 0 ? Leverage.OUTSIDE : Leverage.INSIDE,
                        yards,
                        depth));
            }
            if (i + 1 < receivers.size()) {
                found.add(new Phrase.Between(ref, Ref.number(i + 2, where), depth));
            }
            if (!flank.surface().contains(receivers.get(i))) {
                found.add(new Phrase.Between(Ref.of(Ref.Kind.TACKLE, where), ref, depth));
            }
        }
        for (Ref.Kind kind : List.of(Ref.Kind.GUARD, Ref.Kind.TACKLE)) {
            found.add(new Phrase.Stack(Ref.of(kind, where), depth));
        }
    }

    private void deep(Depth depth) {
        if (depth.aim() >= BACKER_DEPTH) {
            for (DeepPart part : DeepPart.values()) {
                found.add(new Phrase.Deep(part, depth));
            }
        }
    }

    private static double rounded(double yards) {
        return Math.round(yards / STEP) * STEP;
    }
}
