package mensch.core.rung;

import java.util.List;
import mensch.core.convention.Bodies;
import mensch.core.convention.Bodies.Compression;
import mensch.core.convention.Tolerances;
import mensch.core.geometry.Point;
import mensch.core.geometry.Region;
import mensch.core.geometry.Side;
import mensch.core.rung.Place.Squeeze;
import org.jspecify.annotations.Nullable;

/** Turns outward yards and a depth into a {@link Place}: region, goal-line squeeze, side. */
final class Placing {
    private final View view;
    private final Phrase phrase;
    private final Side side;

    Placing(View view, Phrase phrase, Side side) {
        this.view = view;
        this.phrase = phrase;
        this.side = side;
    }

    /** A phrase of a second-level or deep man, with the tolerance that its depth earns. */
    Place at(double outward, Depth depth, List<Ref> from) {
        Tolerances t = view.convention().tolerances();
        boolean near = depth.aim() <= t.near().upTo();
        double lateral = near ? t.near().lateral() : t.far().lateral();
        return region(outward, lateral, lateral, depth, near ? t.near().depth() : depthFar(depth), from);
    }

    /** Landmarks and deep phrases always get the far tolerance. */
    Place landmark(double outward, Depth depth) {
        double lateral = view.convention().tolerances().far().lateral();
        return region(outward, lateral, lateral, depth, depthFar(depth), List.of());
    }

    Place backer(double outward, Depth depth, List<Ref> from) {
        Tolerances t = view.convention().tolerances();
        return region(
                outward,
                t.backer().lateral(),
                t.backer().lateral(),
                depth,
                t.backer().depth(),
                from);
    }

    /** Press: narrow, and never across the man. */
    Place press(double outward, Depth depth, double manOutward, Leverage leverage, List<Ref> from) {
        Tolerances t = view.convention().tolerances();
        double inner = t.press().lateral();
        double outer = t.press().lateral();
        if (leverage == Leverage.OUTSIDE) {
            inner = Math.min(inner, outward - manOutward);
        } else if (leverage == Leverage.INSIDE) {
            outer = Math.min(outer, manOutward - outward);
        }
        return region(outward, inner, outer, depth, t.press().depth(), from);
    }

    /** Depth tolerance runs one way for linemen: as close as the neutral zone lets them. */
    Place technique(double outward, double inner, double outer, Ref reference) {
        Bodies bodies = view.convention().bodies();
        double depth = bodies.stance().helmetDepth() + bodies.stance().reachThreePoint();
        Region region = box(
                outward,
                inner,
                outer,
                depth,
                depth + view.convention().tolerances().technique().deeper());
        return new Place(phrase, point(outward, depth), region, List.of(reference), null);
    }

    private double depthFar(Depth depth) {
        Tolerances t = view.convention().tolerances();
        return depth.aim() >= t.deep().from() ? t.deep().depth() : t.far().depth();
    }

    private Place region(double outward, double inner, double outer, Depth depth, double tolerance, List<Ref> from) {
        double given = squeeze(depth.aim());
        double shallow = depth.range() ? squeeze(depth.min()) : Math.max(0, given - tolerance);
        double deep = depth.range() ? squeeze(depth.max()) : given + tolerance;
        if (compressed()) {
            deep = Math.max(given, Math.min(deep, squeeze(deep)));
        }
        return new Place(
                phrase,
                point(outward, given),
                box(outward, inner, outer, shallow, deep),
                from,
                squeezed(depth.aim(), given));
    }

    /** A place moved outward and deeper: the shift is of the depth he wanted, and the goal line squeezes the sum. */
    Place moved(Place place, double wider, double deeper) {
        double before =
                place.squeezed() == null ? place.feet().y() : place.squeezed().wantedDepth();
        double wanted = Math.max(0, before + deeper);
        double given = squeeze(wanted);
        double x = side.sign() * wider;
        double y = given - place.feet().y();
        Region r = place.region();
        double deep = r.yMax() + y;
        if (compressed()) {
            deep = Math.max(given, Math.min(deep, squeeze(deep)));
        }
        return new Place(
                phrase,
                new Point(place.feet().x() + x, given),
                new Region(r.xMin() + x, r.xMax() + x, Math.max(0, r.yMin() + y), deep),
                place.from(),
                squeezed(wanted, given));
    }

    private static @Nullable Squeeze squeezed(double wanted, double given) {
        return given < wanted ? new Squeeze(wanted, given) : null;
    }

    private boolean compressed() {
        return view.field().ball().yardsToGoal()
                <= view.convention().bodies().compression().from();
    }

    /** Near the goal: not in the end zone, and inside the three the levels keep their order on a yard of ground. */
    private double nearGoal(double wanted) {
        Compression compression = view.convention().bodies().compression();
        double toGoal = view.field().ball().yardsToGoal();
        if (toGoal >= compression.tight() || wanted <= compression.floor()) {
            return Math.min(wanted, Math.max(toGoal, compression.floor()));
        }
        double room = Math.min(compression.ceiling(), Math.max(toGoal, compression.floor() + compression.room()))
                - compression.floor();
        double level = (wanted - compression.floor()) / (compression.levels() - compression.floor());
        return Math.min(wanted, compression.floor() + room * Math.min(1, level));
    }

    /** Nobody lines up in the end zone; a second-level man keeps his floor; nobody stands behind the end line. */
    private double squeeze(double wanted) {
        double given = compressed() ? nearGoal(wanted) : wanted;
        return Math.min(given, view.field().endLineDepth());
    }

    private Point point(double outward, double depth) {
        return new Point(side.sign() * outward, depth);
    }

    private Region box(double outward, double inner, double outer, double shallow, double deep) {
        double a = side.sign() * (outward - inner);
        double b = side.sign() * (outward + outer);
        return new Region(Math.min(a, b), Math.max(a, b), shallow, deep);
    }
}
