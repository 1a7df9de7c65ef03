package mensch.core.formation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mensch.core.convention.Thresholds;
import mensch.core.document.RefusedException;
import mensch.core.geometry.Side;
import org.jspecify.annotations.Nullable;

/**
 * Who is who in a formation: surface, wing, receivers by number, backs. Positions come first; every word here is
 * derived.
 */
public final class Shape {
    private final Man snapper;
    private final @Nullable Man quarterback;
    private final Flank left;
    private final Flank right;
    private final List<Man> backs;

    /**
     * One side of the ball, from the centre outward.
     *
     * @param middle middle lineman of the five: the centre, or with an unbalanced line the guard on the long side
     * @param surface guard, tackle, attached ends, counted from that man
     * @param wing off the line just outside the end man, or null
     * @param hBack off the line inside the end man, or null
     * @param receivers #1, #2, #3 from the sideline in
     */
    public record Flank(
            Side side,
            Man middle,
            List<Man> surface,
            @Nullable Man wing,
            @Nullable Man hBack,
            List<Man> receivers) {
        double out(Man man) {
            return side.sign() * man.x();
        }

        public Man guard() {
            return surface.isEmpty() ? middle : surface.get(0);
        }

        public Man tackle() {
            return surface.size() < 2 ? guard() : surface.get(1);
        }

        /** The first attached end, or null. */
        public @Nullable Man tightEnd() {
            for (Man man : surface) {
                if (!man.interior()) {
                    return man;
                }
            }
            return null;
        }

        /** On the line beside the tackle, on the wing or just behind the end man: not split out. */
        public boolean attached(Man man) {
            return surface.contains(man) || man == wing || man == hBack;
        }

        /** Last man on the line of this side. */
        public Man endMan() {
            return surface.isEmpty() ? middle : surface.get(surface.size() - 1);
        }
    }

    private Shape(Man snapper, @Nullable Man quarterback, Flank left, Flank right, List<Man> backs) {
        this.snapper = snapper;
        this.quarterback = quarterback;
        this.left = left;
        this.right = right;
        this.backs = backs;
    }

    /**
     * Linemen who stand away from the others belong to no surface.
     *
     * @throws RefusedException when the formation has no centre
     */
    public static Shape of(Formation formation, Thresholds limits) {
        Man snapper = first(formation, Man.Post.CENTRE)
                .orElseThrow(() -> new RefusedException(
                        formation.name() + " has no centre; write the five linemen as ol2 (splits in feet)"));
        Man quarterback = takesTheSnap(formation, snapper, limits).orElse(null);
        List<Man> core = core(formation, snapper, limits);
        Man middle = core.size() % 2 == 1 ? core.get(core.size() / 2) : snapper;
        List<Man> others = formation.men().stream()
                .filter(m -> m != middle && m != quarterback && (!m.interior() || core.contains(m)))
                .toList();
        Flank left = flank(others, middle, core.size() > 1, Side.LEFT, limits);
        Flank right = flank(others, middle, core.size() > 1, Side.RIGHT, limits);
        var backs = new ArrayList<Man>();
        for (Man man : others) {
            if (!man.interior()
                    && !left.receivers().contains(man)
                    && !right.receivers().contains(man)) {
                backs.add(man);
            }
        }
        backs.sort(Comparator.comparingDouble(Man::depth)
                .thenComparing(m -> Math.abs(m.x()))
                .thenComparing(Man::name));
        return new Shape(snapper, quarterback, left, right, List.copyOf(backs));
    }

    private static Optional<Man> first(Formation formation, Man.Post post) {
        for (Man man : formation.men()) {
            if (man.post() == post) {
                return Optional.of(man);
            }
        }
        return Optional.empty();
    }

    /** The quarterback behind the snapper; with him split out, the man who stands there. */
    private static Optional<Man> takesTheSnap(Formation formation, Man snapper, Thresholds limits) {
        Optional<Man> quarterback = first(formation, Man.Post.QUARTERBACK);
        double reach = limits.backfield().takes();
        boolean there = quarterback.isEmpty() || Math.abs(quarterback.get().x() - snapper.x()) <= reach;
        return there
                ? quarterback
                : formation.men().stream()
                        .filter(man -> man.post() == Man.Post.ELIGIBLE
                                && man.depth() >= limits.surface().onLine()
                                && Math.abs(man.x() - snapper.x()) <= reach)
                        .min(Comparator.comparingDouble((Man man) -> Math.abs(man.x() - snapper.x()))
                                .thenComparingDouble(Man::depth))
                        .or(() -> quarterback);
    }

    /** The linemen who stand together around the snapper, left to right: the front counts from their middle. */
    private static List<Man> core(Formation formation, Man snapper, Thresholds limits) {
        List<Man> line = formation.men().stream().filter(Man::interior).toList();
        int from = line.indexOf(snapper);
        int to = from;
        double apart = limits.surface().detached();
        while (from > 0 && line.get(from).x() - line.get(from - 1).x() <= apart) {
            from--;
        }
        while (to < line.size() - 1 && line.get(to + 1).x() - line.get(to).x() <= apart) {
            to++;
        }
        return line.subList(from, to + 1);
    }

    private static Flank flank(List<Man> others, Man middle, boolean line, Side side, Thresholds limits) {
        int sign = side.sign();
        List<Man> outward = others.stream()
                .filter(m -> sign * (m.x() - middle.x()) > 0)
                .sorted(Comparator.comparingDouble((Man m) -> sign * m.x()).thenComparingDouble(m -> -m.depth()))
                .toList();
        List<Man> surface = line ? surface(outward, sign, limits) : List.of();
        Man end = surface.isEmpty() ? middle : surface.get(surface.size() - 1);
        Man tackle = surface.isEmpty() ? middle : surface.get(Math.min(1, surface.size() - 1));
        @Nullable Man wing = null;
        @Nullable Man hBack = null;
        var receivers = new ArrayList<Man>();
        for (Man man : outward) {
            if (man.interior()) {
                continue;
            }
            boolean isWing = isWing(man, end, sign, limits);
            boolean isHBack = isHBack(man, end, sign, limits);
            wing = isWing && wing == null ? man : wing;
            hBack = isHBack && hBack == null ? man : hBack;
            if (isWing || isHBack || surface.contains(man) || isOutsideTackle(man, tackle, sign, limits)) {
                receivers.add(man);
            }
        }
        receivers.sort((a, b) -> numberOrder(a, b, sign, limits));
        return new Flank(side, middle, surface, wing, hBack, List.copyOf(receivers));
    }

    private static List<Man> surface(List<Man> outward, int sign, Thresholds limits) {
        var surface = new ArrayList<Man>();
        for (Man man : outward) {
            if (man.interior()) {
                surface.add(man);
            }
        }
        for (Man man : outward) {
            double gap = surface.isEmpty()
                    ? 0
                    : sign * (man.x() - surface.get(surface.size() - 1).x());
            if (!man.interior()
                    && man.depth() < limits.surface().onLine()
                    && gap > 0
                    && gap <= limits.surface().attached()) {
                surface.add(man);
            }
        }
        return List.copyOf(surface);
    }

    private static boolean isWing(Man man, Man end, int sign, Thresholds limits) {
        double outside = sign * (man.x() - end.x());
        return outside > 0
                && outside <= limits.wing().wide()
                && man.depth() >= limits.wing().shallow()
                && man.depth() <= limits.wing().deep();
    }

    private static boolean isHBack(Man man, Man end, int sign, Thresholds limits) {
        return sign * man.x() <= sign * end.x()
                && sign * man.x() >= limits.hBack().wide()
                && man.depth() >= limits.wing().shallow()
                && man.depth() <= limits.hBack().deep();
    }

    /** At or outside the tackle; a deep man just behind the tackle is a back. */
    private static boolean isOutsideTackle(Man man, Man tackle, int sign, Thresholds limits) {
        double outside = sign * (man.x() - tackle.x());
        return outside > limits.wing().wide() / 2
                || outside >= 0 && man.depth() <= limits.backfield().backDeep();
    }

    private static int numberOrder(Man a, Man b, int sign, Thresholds limits) {
        double wider = sign * (b.x() - a.x());
        if (Math.abs(wider) > limits.surface().sameLateral()) {
            return wider > 0 ? 1 : -1;
        }
        return Double.compare(a.depth(), b.depth());
    }

    /** Middle lineman of the five; the snapper unless the line is unbalanced. */
    public Man centre() {
        return left.middle();
    }

    /** The man over the ball. */
    public Man snapper() {
        return snapper;
    }

    /** Who takes the snap, whatever he is called; null when nobody does. */
    public @Nullable Man quarterback() {
        return quarterback;
    }

    public Flank flank(Side side) {
        return side == Side.LEFT ? left : right;
    }

    /** His number from the sideline on his side, from 1; 0 for a man who is no receiver. */
    public int number(Man man) {
        return Math.max(left.receivers().indexOf(man), right.receivers().indexOf(man)) + 1;
    }

    /** What a coach calls an eligible man: his number with its side, as in "#2 right", or "the back". */
    public String called(Man man) {
        int number = number(man);
        if (number > 0) {
            return "#" + number + " " + (left.receivers().contains(man) ? Side.LEFT : Side.RIGHT).words();
        }
        return backs.size() == 1 ? "the back" : "back " + man.name();
    }

    /** A receiver or back by his name. */
    public Optional<Man> eligible(String name) {
        return Stream.of(left.receivers(), right.receivers(), backs)
                .flatMap(List::stream)
                .filter(m -> m.name().equals(name))
                .findFirst();
    }

    /** Eligible men between the tackles, shallowest first. */
    public List<Man> backs() {
        return backs;
    }

    /** The side a back stands to, if he is not behind the ball. */
    static Optional<Side> sideOf(Man back, Thresholds limits) {
        if (Math.abs(back.x()) < limits.backfield().offset()) {
            return Optional.empty();
        }
        return Optional.of(back.x() < 0 ? Side.LEFT : Side.RIGHT);
    }
}
