package mensch.core.formation;

import java.util.ArrayList;
import java.util.List;
import mensch.core.convention.Thresholds;
import mensch.core.geometry.Side;

/**
 * What moved between the set and the phase in hand, derived from where men stand.
 *
 * @param kind null when nobody moved
 * @param to   the side the deciding man ended on, or null
 * @param from the side he left, or null when he stayed on his side
 */
public record Motion(Feature kind, Side to, Side from, List<String> movers) {

    private static final double STILL_YARDS = 0.05;
    static final Motion NONE = new Motion(null, null, null, List.of());

    static Motion of(Snap snap, Shape now, Thresholds limits) {
        if (!snap.moved()) {
            return NONE;
        }
        Formation set = snap.phases().get(0);
        var movers = new ArrayList<Man>();
        for (Man man : snap.formation().men()) {
            Man was = set.man(man.name());
            if (was != null && was.feet().distance(man.feet()) > STILL_YARDS) {
                movers.add(man);
            }
        }
        if (movers.isEmpty()) {
            return NONE;
        }
        return named(set, Shape.of(set, limits), now, movers, limits);
    }

    private static Motion named(Formation set, Shape before, Shape now, List<Man> movers, Thresholds limits) {
        List<String> names = movers.stream().map(Man::name).toList();
        for (Man man : movers) {
            Side was = tightEndSide(before, man.name());
            Side is = tightEndSide(now, man.name());
            if (was != null && is != null && was != is) {
                return new Motion(Feature.MOTION_TRADE, is, was, names);
            }
        }
        Man mover = widestMove(set, movers);
        Man was = set.man(mover.name());
        Side from = sideOf(was, limits);
        Side to = sideOf(mover, limits);
        return new Motion(kind(before, now, movers, mover, from, to), to, from != to ? from : null, names);
    }

    private static Feature kind(Shape before, Shape now, List<Man> movers, Man mover, Side from, Side to) {
        boolean wasBack = isBack(before, mover.name());
        boolean isBack = isBack(now, mover.name());
        if (movers.size() > 1) {
            return Feature.MOTION_SHIFT;
        }
        if (wasBack) {
            return isBack ? Feature.MOTION_BACK : Feature.MOTION_EXIT;
        }
        return from != null && to != null && from != to ? Feature.MOTION_ACROSS : Feature.MOTION_SHORT;
    }

    private static Man widestMove(Formation set, List<Man> movers) {
        Man widest = movers.get(0);
        for (Man man : movers) {
            if (set.man(man.name()).feet().distance(man.feet()) > set.man(widest.name()).feet().distance(widest.feet())) {
                widest = man;
            }
        }
        return widest;
    }

    private static Side sideOf(Man man, Thresholds limits) {
        return Shape.sideOf(man, limits);
    }

    private static boolean isBack(Shape shape, String name) {
        return shape.backs().stream().anyMatch(b -> b.name().equals(name));
    }

    private static Side tightEndSide(Shape shape, String name) {
        for (Side side : Side.values()) {
            Man end = shape.flank(side).tightEnd();
            if (end != null && end.name().equals(name)) {
                return side;
            }
        }
        return null;
    }
}
