package mensch.core.matchup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import mensch.core.formation.Man;
import mensch.core.formation.Shape;
import mensch.core.formation.Shape.Flank;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Pickup.How;
import mensch.core.matchup.Pickup.Twist;
import mensch.core.matchup.Pressure.Rusher;
import mensch.core.play.Protection;
import org.jspecify.annotations.Nullable;

/**
 * Hands out the rushers to the men of a protection by its scheme: gaps from the inside out on the side the line goes
 * to, big on big on the other, then the backs inside-out and the ends on their edge (handbook 9, protections). A man
 * who stays on one side does not help on the other.
 */
final class PickupMaker {
    /** Gaps a lineman of the far side of a full slide has: inside him, and inside his tackle. */
    private static final int FAR_GAPS = 2;

    private final Protection protection;
    private final Side slide;
    private final List<Rusher> rushers;
    private final Map<Man, Pickup> pickups = new LinkedHashMap<>();
    private final List<Rusher> left;
    private final List<Man> backs;
    private final List<Man> ends;
    private final Man centre;
    private final Map<Side, Flank> flanks;

    PickupMaker(Lineup lineup, Protection protection, Side slide, List<Rusher> rushers) {
        this.protection = protection;
        this.slide = slide;
        this.rushers = rushers;
        this.left = new ArrayList<>(rushers);
        Shape shape = lineup.features().shape();
        this.centre = shape.centre();
        this.flanks = Map.of(Side.LEFT, shape.flank(Side.LEFT), Side.RIGHT, shape.flank(Side.RIGHT));
        List<Man> behind = shape.backs().stream()
                .sorted(Comparator.comparingDouble(Man::depth))
                .toList();
        List<Man> tight = Stream.of(slide, slide.opposite())
                .flatMap(side -> Stream.ofNullable(flank(side).tightEnd()))
                .toList();
        int second = protection.second() ? 1 : 0;
        int staying = protection.back() ? 1 + Math.min(second, Math.max(0, behind.size() - 1)) : 0;
        this.backs = behind.stream().limit(staying).toList();
        int more = protection.second() && staying < 2 ? 1 : 0;
        this.ends = protection.end() ? tight.stream().limit(1 + more).toList() : List.of();
    }

    /** Everybody who protects, with whom he has; in the order the rushers are counted. */
    List<Pickup> pickups() {
        switch (protection.scheme()) {
            case HALF_SLIDE -> {
                slides(slide, centre, flank(slide).guard(), flank(slide).tackle());
                bigOnBig(List.of(flank(away()).guard(), flank(away()).tackle()), on(away()));
            }
            case FULL_SLIDE, BOOT -> {
                slides(slide, centre, flank(slide).guard(), flank(slide).tackle());
                gaps(
                        List.of(flank(away()).guard(), flank(away()).tackle()),
                        on(away()).stream().filter(r -> r.gap() < FAR_GAPS).toList());
            }
            case SPRINT -> {
                slides(slide, centre, flank(slide).guard(), flank(slide).tackle());
                inOrder(List.of(flank(away()).guard(), flank(away()).tackle()), on(away()), How.HINGE);
            }
            case MAN -> bigOnBig(line(), acrossTheFront());
        }
        ends.forEach(end -> edge(end, sideOf(end)));
        backs.forEach(this::back);
        return twists(List.copyOf(pickups.values()));
    }

    /** Rushers nobody has, the outermost first. */
    List<Rusher> free() {
        return left.stream()
                .sorted(Comparator.comparing((Rusher r) -> !r.edge())
                        .thenComparingDouble(
                                r -> -Math.abs(r.job().feetOr(centre.feet()).x())))
                .toList();
    }

    private Side away() {
        return slide.opposite();
    }

    private Flank flank(Side side) {
        return Objects.requireNonNull(flanks.get(side));
    }

    private Side sideOf(Man man) {
        return man.x() < centre.x() ? Side.LEFT : Side.RIGHT;
    }

    private List<Man> line() {
        return List.of(
                flank(Side.LEFT).tackle(),
                flank(Side.LEFT).guard(),
                centre,
                flank(Side.RIGHT).guard(),
                flank(Side.RIGHT).tackle());
    }

    /** Rushers of one side who are still loose, from the inside out. */
    private List<Rusher> on(Side side) {
        return left.stream()
                .filter(r -> r.side() == side)
                .sorted(Comparator.comparingInt(Rusher::gap)
                        .thenComparingDouble(
                                r -> Math.abs(r.job().feetOr(centre.feet()).x())))
                .toList();
    }

    private List<Rusher> acrossTheFront() {
        return left.stream()
                .sorted(Comparator.comparingDouble(
                        r -> r.job().feetOr(centre.feet()).x()))
                .toList();
    }

    /** Three men take the gaps of a side from the inside; a fourth rusher there is not theirs. */
    private void slides(Side side, Man... men) {
        inOrder(List.of(men), on(side), How.GAP);
    }

    private void gaps(List<Man> men, List<Rusher> coming) {
        inOrder(men, coming, How.GAP);
    }

    /** From the inside out, nobody crossing: each as near to the gap beside him as there are men for. */
    private void inOrder(List<Man> men, List<Rusher> coming, How how) {
        int next = 0;
        for (int i = 0; i < men.size(); i++) {
            int left = men.size() - i;
            boolean needed = coming.size() - next >= left;
            boolean his = next < coming.size() && (needed || coming.get(next).gap() <= gap(men.get(i)));
            take(men.get(i), his ? coming.get(next) : null, how);
            next += his ? 1 : 0;
        }
    }

    /** The gap outside a lineman, A 0 outside the centre. */
    private int gap(Man man) {
        return Math.abs(line().indexOf(man) - line().size() / 2);
    }

    /** Linemen first, each on the one in front of him, without crossing; who is left over has the nearest backer. */
    private void bigOnBig(List<Man> men, List<Rusher> coming) {
        List<Rusher> line = coming.stream()
                .filter(r -> r.job().role().lineman())
                .limit(men.size())
                .toList();
        List<Rusher> others = new ArrayList<>(coming);
        others.removeAll(line);
        List<Man> on = nearest(men, line);
        for (int i = 0; i < line.size(); i++) {
            take(on.get(i), line.get(i), How.MAN);
        }
        for (Man man : men) {
            if (!on.contains(man)) {
                Rusher his = others.stream()
                        .filter(r -> beside(man, r))
                        .min(Comparator.comparingDouble((Rusher r) ->
                                        Math.abs(r.job().feetOr(man.feet()).x() - man.x()))
                                .thenComparingInt(Rusher::gap))
                        .orElse(null);
                take(man, his, How.MAN);
                others.remove(his);
            }
        }
    }

    /** Whether a rusher comes through a gap next to where a lineman stands; a tackle has everything outside him. */
    private boolean beside(Man man, Rusher rusher) {
        int place = Math.abs(line().indexOf(man) - line().size() / 2);
        boolean here = man.equals(centre) || sideOf(man) == rusher.side();
        return here && rusher.gap() >= place - 1 && (rusher.gap() <= place || place == line().size() / 2);
    }

    /** Of more blockers than linemen those, in order, who stand least far from them. */
    private static List<Man> nearest(List<Man> men, List<Rusher> line) {
        if (line.isEmpty() || men.size() < line.size()) {
            return List.of();
        }
        List<Man> with = nearest(men.subList(1, men.size()), line.subList(1, line.size()));
        List<Man> without = nearest(men.subList(1, men.size()), line);
        var first = new ArrayList<>(List.of(men.get(0)));
        first.addAll(with);
        boolean whole = with.size() == line.size() - 1;
        return whole && (without.size() < line.size() || way(first, line) <= way(without, line)) ? first : without;
    }

    private static double way(List<Man> men, List<Rusher> line) {
        double yards = 0;
        for (int i = 0; i < line.size(); i++) {
            yards += Math.abs(
                    line.get(i).job().feetOr(men.get(i).feet()).x() - men.get(i).x());
        }
        return yards;
    }

    /** The outermost of his side. */
    private void edge(Man end, Side side) {
        List<Rusher> coming = on(side);
        take(end, coming.isEmpty() ? null : coming.get(coming.size() - 1), How.EDGE);
    }

    /** The far edge of a full slide or a sprint's own edge first; else whoever comes inside, away from the slide. */
    private void back(Man back) {
        boolean sprint = protection.scheme() == Protection.Scheme.SPRINT;
        Side first = sprint ? slide : away();
        List<Rusher> coming = on(first).isEmpty() ? on(first.opposite()) : on(first);
        boolean edge = protection.scheme() == Protection.Scheme.FULL_SLIDE || sprint;
        Rusher his = coming.isEmpty() ? null : coming.get(edge ? coming.size() - 1 : 0);
        take(back, his, edge ? How.EDGE : How.BACKER);
    }

    private void take(Man man, @Nullable Rusher rusher, How how) {
        pickups.put(man, new Pickup(man, rusher == null ? null : rusher.job(), how, Twist.NONE));
        if (rusher != null) {
            left.remove(rusher);
        }
    }

    private List<Pickup> twists(List<Pickup> given) {
        List<Man> line = line();
        return given.stream()
                .map(one -> one.rusher() == null || !line.contains(one.blocker()) ? one : twisted(one, given, line))
                .toList();
    }

    private Pickup twisted(Pickup one, List<Pickup> given, List<Man> line) {
        Rusher his = rusher(one);
        Rusher partner =
                rushers.stream().filter(r -> r.changes(his)).findFirst().orElse(null);
        if (partner == null) {
            return one;
        }
        boolean beside = given.stream()
                .anyMatch(other -> other.rusher() == partner.job()
                        && Math.abs(line.indexOf(other.blocker()) - line.indexOf(one.blocker())) == 1);
        Twist twist = one.how() == How.MAN ? beside ? Twist.PASSED : Twist.CARRIED : Twist.IN_HIS_GAP;
        return new Pickup(one.blocker(), one.rusher(), one.how(), twist);
    }

    private Rusher rusher(Pickup one) {
        return rushers.stream().filter(r -> r.job() == one.rusher()).findFirst().orElseThrow();
    }
}
