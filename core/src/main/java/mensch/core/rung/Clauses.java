package mensch.core.rung;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import mensch.core.formation.Feature;

/**
 * A condition as "either all of these, or all of those": what follows from it whatever the snap. Three-valued answers
 * do not matter here, since a rung speaks only on yes.
 */
public final class Clauses {
    private static final Map<Feature, List<Feature>> FOLLOWS = follows();
    private final List<Set<String>> clauses;

    private Clauses(List<Set<String>> clauses) {
        this.clauses = clauses;
    }

    public static Clauses of(Condition condition) {
        return new Clauses(dnf(condition, true));
    }

    /** What follows from one feature on the same side. */
    private static Map<Feature, List<Feature>> follows() {
        var follows = new EnumMap<Feature, List<Feature>>(Feature.class);
        follows.put(Feature.RECEIVERS_4, List.of(Feature.RECEIVERS_3));
        follows.put(Feature.RECEIVERS_3, List.of(Feature.RECEIVERS_2));
        follows.put(Feature.RECEIVERS_2, List.of(Feature.RECEIVERS_1));
        follows.put(Feature.OPEN_TRIPS, List.of(Feature.RECEIVERS_3));
        follows.put(Feature.BUNCH, List.of(Feature.RECEIVERS_3));
        follows.put(Feature.STACK, List.of(Feature.RECEIVERS_2));
        follows.put(Feature.WIDE_SLOT, List.of(Feature.SLOT));
        follows.put(Feature.SLOT, List.of(Feature.RECEIVERS_2));
        follows.put(Feature.TIGHT_END, List.of(Feature.RECEIVERS_1));
        follows.put(Feature.NUB, List.of(Feature.TIGHT_END));
        follows.put(Feature.WING, List.of(Feature.RECEIVERS_1));
        follows.put(Feature.H_BACK, List.of(Feature.RECEIVERS_1));
        follows.put(Feature.VERY_WIDE, List.of(Feature.PLUS));
        follows.put(Feature.PLUS, List.of(Feature.RECEIVERS_1));
        follows.put(Feature.REDUCED, List.of(Feature.RECEIVERS_1));
        return follows;
    }

    private static List<Set<String>> dnf(Condition condition, boolean yes) {
        if (condition instanceof Condition.Always) {
            return yes ? List.of(Set.of()) : List.of();
        }
        if (condition instanceof Condition.Not not) {
            return dnf(not.inner(), !yes);
        }
        if (condition instanceof Condition.And and) {
            return yes
                    ? product(dnf(and.first(), true), dnf(and.second(), true))
                    : union(dnf(and.first(), false), dnf(and.second(), false));
        }
        if (condition instanceof Condition.Or or) {
            return yes
                    ? union(dnf(or.first(), true), dnf(or.second(), true))
                    : product(dnf(or.first(), false), dnf(or.second(), false));
        }
        return atoms(condition, yes);
    }

    private static List<Set<String>> atoms(Condition condition, boolean yes) {
        if (condition instanceof Condition.Has has) {
            return feature(has.feature(), has.where(), yes);
        }
        if (condition instanceof Condition.SideIs side) {
            return feature(side.word().feature(), Where.MY, yes);
        }
        if (condition instanceof Condition.Count count && !count.surface()) {
            return count(count, yes);
        }
        return List.of(atom(condition.words(), yes));
    }

    private static List<Set<String>> feature(Feature feature, Where where, boolean yes) {
        boolean two = feature.bySide() && (where == Where.BOTH || where == Where.EITHER);
        if (!two) {
            return List.of(closed(feature, where, yes));
        }
        List<Set<String>> mine = List.of(closed(feature, Where.MY, yes));
        List<Set<String>> other = List.of(closed(feature, Where.OTHER, yes));
        return (where == Where.BOTH) == yes ? product(mine, other) : union(mine, other);
    }

    private static List<Set<String>> count(Condition.Count count, boolean yes) {
        List<Set<String>> least = atLeast(count.n(), count.where(), true);
        List<Set<String>> most = atLeast(count.n() + 1, count.where(), false);
        List<Set<String>> holds = switch (count.bound()) {
            case OR_MORE -> least;
            case OR_FEWER -> most;
            case EXACTLY -> product(least, most);
        };
        if (yes) {
            return holds;
        }
        return switch (count.bound()) {
            case OR_MORE -> atLeast(count.n(), count.where(), false);
            case OR_FEWER -> atLeast(count.n() + 1, count.where(), true);
            case EXACTLY ->
                union(atLeast(count.n(), count.where(), false), atLeast(count.n() + 1, count.where(), true));
        };
    }

    private static List<Set<String>> atLeast(int n, Where where, boolean yes) {
        if (n <= 0 || n > 4) {
            return (n <= 0) == yes ? List.of(Set.of()) : List.of();
        }
        return feature(Feature.receiversAtLeast(n), where, yes);
    }

    private static Set<String> atom(String words, boolean yes) {
        return Set.of((yes ? "" : "not ") + words);
    }

    private static String words(Feature feature, Where where) {
        return feature.bySide() ? feature.words() + " " + where.words() : feature.words();
    }

    /** The atom with everything that follows from it. */
    private static Set<String> closed(Feature feature, Where where, boolean yes) {
        var all = new TreeSet<String>();
        all.add((yes ? "" : "not ") + words(feature, where));
        if (yes) {
            FOLLOWS.getOrDefault(feature, List.of()).forEach(f -> all.addAll(closed(f, where, true)));
        } else {
            FOLLOWS.forEach((f, next) -> {
                if (next.contains(feature)) {
                    all.addAll(closed(f, where, false));
                }
            });
        }
        return all;
    }

    private static List<Set<String>> product(List<Set<String>> first, List<Set<String>> second) {
        var all = new ArrayList<Set<String>>();
        for (Set<String> a : first) {
            for (Set<String> b : second) {
                var both = new TreeSet<>(a);
                both.addAll(b);
                if (both.stream().noneMatch(w -> both.contains("not " + w))) {
                    all.add(both);
                }
            }
        }
        return all;
    }

    private static List<Set<String>> union(List<Set<String>> first, List<Set<String>> second) {
        var all = new ArrayList<>(first);
        all.addAll(second);
        return all;
    }

    /** Whether this holds only where the other holds too. */
    public boolean within(Clauses other) {
        return clauses.stream().allMatch(mine -> other.clauses.stream().anyMatch(mine::containsAll));
    }

    /** Both at once. */
    public Clauses and(Clauses other) {
        return new Clauses(product(clauses, other.clauses));
    }

    /** Holds never, whatever the snap. */
    public boolean impossible() {
        return clauses.isEmpty();
    }

    /** Whether a man is on the field wherever this holds. */
    public boolean assures(Ref ref) {
        List<Clauses> enough = enough(ref);
        return enough.isEmpty()
                || clauses.stream()
                        .allMatch(c ->
                                enough.stream().anyMatch(e -> e.clauses.stream().anyMatch(c::containsAll)));
    }

    /** Any of these is enough for the man to be there; none needed when he always is. */
    private static List<Clauses> enough(Ref ref) {
        return switch (ref.kind()) {
            case NUMBER ->
                ref.countingBacks() ? List.of() : List.of(new Clauses(atLeast(ref.number(), ref.where(), true)));
            case TIGHT_END -> List.of(new Clauses(feature(Feature.TIGHT_END, ref.where(), true)));
            case WING -> List.of(new Clauses(feature(Feature.WING, ref.where(), true)));
            case H_BACK -> List.of(new Clauses(feature(Feature.H_BACK, ref.where(), true)));
            case BACK, TAILBACK, DEEPEST_BACK, NEAR_BACK ->
                backs(Feature.ONE_BACK, Feature.TWO_BACKS, Feature.THREE_BACKS, Feature.I, Feature.SPLIT_BACKS);
            case FULLBACK, FAR_BACK -> backs(Feature.TWO_BACKS, Feature.THREE_BACKS, Feature.I, Feature.SPLIT_BACKS);
            default -> List.of();
        };
    }

    private static List<Clauses> backs(Feature... features) {
        var all = new ArrayList<Clauses>();
        for (Feature feature : features) {
            all.add(new Clauses(feature(feature, Where.MY, true)));
        }
        if (features[0] == Feature.ONE_BACK) {
            all.add(new Clauses(feature(Feature.EMPTY, Where.MY, false)));
            all.add(new Clauses(feature(Feature.BACK_HERE, Where.MY, true)));
        }
        return all;
    }
}
