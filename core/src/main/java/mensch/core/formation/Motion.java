package mensch.core.formation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mensch.core.convention.Thresholds;
import mensch.core.geometry.Side;
import org.jspecify.annotations.Nullable;

/**
 * What moved between the set and the phase in hand, derived from where men stand.
 *
 * @param kind null when nobody moved
 * @param to the side the deciding man ended on, or null
 * @param from the side he left, or null when he stayed on his side
 */
public record Motion(
        @Nullable Feature kind, @Nullable Side to, @Nullable Side from, List<String> movers) {

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
            if (was != null && moved(snap, was)) {
                movers.add(man);
            }
        }
        if (movers.isEmpty()) {
            return NONE;
        }
        return named(snap, Shape.of(set, limits), now, movers, limits);
    }

    private static boolean moved(Snap snap, Man was) {
        return snap.phases().stream()
                .map(f -> f.man(was.name()))
                .anyMatch(m -> m != null && was.feet().distance(m.feet()) > STILL_YARDS);
    }

    private static Motion named(Snap snap, Shape before, Shape now, List<Man> movers, Thresholds limits) {
        Formation set = snap.phases().get(0);
        List<String> names = movers.stream().map(Man::name).toList();
        for (Man man : movers) {
            Optional<Side> was = tightEndSide(before, man.name());
            Optional<Side> is = tightEndSide(now, man.name());
            if (was.isPresent() && is.isPresent() && was.get() != is.get()) {
                return new Motion(Feature.MOTION_TRADE, is.get(), was.get(), names);
            }
        }
        Man mover = widestMove(set, movers);
        Side from = Shape.sideOf(set.same(mover), limits).orElse(null);
        Side to = Shape.sideOf(mover, limits).orElse(null);
        return new Motion(kind(snap, before, now, movers, mover, limits), to, from != to ? from : null, names);
    }

    private static Feature kind(Snap snap, Shape before, Shape now, List<Man> movers, Man mover, Thresholds limits) {
        boolean wasBack = isBack(before, mover.name());
        boolean isBack = isBack(now, mover.name());
        if (movers.size() > 1) {
            return Feature.MOTION_SHIFT;
        }
        if (wasBack) {
            return isBack ? Feature.MOTION_BACK : Feature.MOTION_EXIT;
        }
        Side from = Shape.sideOf(snap.phases().get(0).same(mover), limits).orElse(null);
        Side to = Shape.sideOf(mover, limits).orElse(null);
        List<Man> way = snap.phases().subList(1, snap.phases().size() - 1).stream()
                .map(f -> f.same(mover))
                .toList();
        return from != null && to != null && from != to ? across(way, now) : near(way, from, limits);
    }

    /**
     * Past the quarterback: in front of the deepest back a jet, behind him an orbit; seen only from end to end it is
     * plain across.
     */
    private static Feature across(List<Man> way, Shape now) {
        double tackle = Math.abs(now.flank(Side.RIGHT).tackle().x());
        double deepest = now.backs().isEmpty()
                ? Double.MAX_VALUE
                : now.backs().get(now.backs().size() - 1).depth();
        for (Man step : way) {
            if (Math.abs(step.x()) <= tackle) {
                return step.depth() > deepest ? Feature.MOTION_ORBIT : Feature.MOTION_JET;
            }
        }
        return Feature.MOTION_ACROSS;
    }

    /** He ends where he began; when his way led past the ball he returned. */
    private static Feature near(List<Man> way, @Nullable Side from, Thresholds limits) {
        boolean past = way.stream()
                .anyMatch(m -> from != null
                        && Shape.sideOf(m, limits).filter(s -> s == from).isEmpty());
        return past ? Feature.MOTION_RETURN : Feature.MOTION_SHORT;
    }

    private static Man widestMove(Formation set, List<Man> movers) {
        Man widest = movers.get(0);
        for (Man man : movers) {
            if (set.same(man).feet().distance(man.feet())
                    > set.same(widest).feet().distance(widest.feet())) {
                widest = man;
            }
        }
        return widest;
    }

    private static boolean isBack(Shape shape, String name) {
        return shape.backs().stream().anyMatch(b -> b.name().equals(name));
    }

    private static Optional<Side> tightEndSide(Shape shape, String name) {
        return Stream.of(Side.values())
                .filter(side -> Optional.ofNullable(shape.flank(side).tightEnd())
                        .filter(end -> end.name().equals(name))
                        .isPresent())
                .findFirst();
    }
}
