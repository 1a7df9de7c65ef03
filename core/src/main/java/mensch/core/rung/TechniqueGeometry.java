package mensch.core.rung;

import java.util.Comparator;
import java.util.List;
import mensch.core.convention.Bodies;
import mensch.core.convention.Labels;
import mensch.core.convention.Labels.Label;
import mensch.core.convention.Labels.Reference;
import mensch.core.formation.Shape.Flank;
import mensch.core.geometry.Side;

/** Where a shade on a lineman lies, in outward yards of one side (handbook 1, techniques). */
final class TechniqueGeometry {
    /** No shade may come nearer than this to the halfway point between two linemen. */
    private static final double CLEAR_OF_HALFWAY = 0.1;

    private final View view;
    private final Side side;
    private final double[] linemen;

    TechniqueGeometry(View view, Side side) {
        this.view = view;
        this.side = side;
        Flank flank = view.features().shape().flank(side);
        double guard = outward(flank.guard().x());
        double tackle = outward(flank.tackle().x());
        double end = flank.tightEnd() == null
                ? tackle + (tackle - guard)
                : outward(flank.tightEnd().x());
        this.linemen = new double[] {outward(flank.middle().x()), guard, tackle, end};
    }

    private double outward(double x) {
        return side.sign() * x;
    }

    double outward(Label label, double shadeYards) {
        int at = label.reference().ordinal();
        double shade = label.shade() * Math.min(shadeYards, cap(at, label.shade())) + label.extra();
        return linemen[at] + shade;
    }

    double outward(Label label) {
        return outward(label, view.convention().bodies().shade().offset());
    }

    private double cap(int at, int shade) {
        int neighbour = at + shade;
        if (shade == 0 || neighbour >= linemen.length) {
            return Double.MAX_VALUE;
        }
        double gap = neighbour < 0 ? linemen[1] - linemen[0] : Math.abs(linemen[neighbour] - linemen[at]);
        return gap / 2 - CLEAR_OF_HALFWAY;
    }

    /** Half the way to the nearest other label outward (+1) or inward (-1) of a label's point, at most the limit. */
    double room(Label label, int direction, double limit) {
        double here = outward(label);
        double room = limit;
        for (Label other : Labels.standard().labels()) {
            double away = direction * (outward(other) - here);
            if (away > 1e-9) {
                room = Math.min(room, away / 2);
            }
        }
        return room;
    }

    /** Where the man stands whom a label is named after. */
    double lineman(Label label) {
        return linemen[label.reference().ordinal()];
    }

    /** Labels that a man is nearest to somewhere between two outward distances, from the ball outward. */
    List<String> between(double from, double to) {
        List<Label> all = Labels.standard().labels().stream()
                .sorted(Comparator.comparingDouble(this::outward))
                .toList();
        return all.stream()
                .filter(l -> outward(l) - room(l, -1, Double.MAX_VALUE) <= to
                        && outward(l) + room(l, 1, Double.MAX_VALUE) >= from)
                .map(Label::word)
                .toList();
    }

    /** The label whose point is nearest to an outward distance. */
    Label nearest(double outward) {
        List<Label> labels = Labels.standard().labels();
        Label best = labels.get(0);
        for (Label label : labels) {
            if (Math.abs(outward(label) - outward) < Math.abs(outward(best) - outward) - 1e-9) {
                best = label;
            }
        }
        return best;
    }

    static Ref reference(Reference reference, Where where) {
        Ref.Kind kind = switch (reference) {
            case CENTRE -> Ref.Kind.CENTRE;
            case GUARD -> Ref.Kind.GUARD;
            case TACKLE -> Ref.Kind.TACKLE;
            case TIGHT_END -> Ref.Kind.TIGHT_END;
        };
        return Ref.of(kind, where);
    }

    static double shadeYards(Phrase.Closeness closeness, Bodies bodies) {
        return switch (closeness) {
            case NORMAL -> bodies.shade().offset();
            case TIGHT -> bodies.shade().tight();
            case LOOSE -> bodies.shade().loose();
        };
    }
}
