package mensch.core.grading;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * How far two coaches agree on one facet or criterion of the men whom both graded, blind. Source: Cohen's kappa, the
 * agreement beyond what chance gives two coaches who hand out their marks as often as these do: 1 is full, 0 is chance.
 * Weighted, a mark beside the other counts half as much as one at the other end; what one of them could not tell has no
 * place on that ladder and is left out of it.
 *
 * @param both men's plays that both marked
 * @param same of them, with the same mark
 * @param kappa over all four marks; none where one of them gave one mark always: what chance gives is then all that
 *     there can be
 * @param weighted over below, to standard and above
 */
public record Agreement(int both, int same, OptionalDouble kappa, OptionalDouble weighted) {
    private static final List<GradeMark> LADDER = List.of(GradeMark.BELOW, GradeMark.TO_STANDARD, GradeMark.ABOVE);
    private static final List<GradeMark> ALL = List.of(GradeMark.values());

    /** A man's play that two coaches marked. */
    public record Pair(ManPlay of, Topic topic, GradeMark firstMark, GradeMark secondMark) {
        public boolean same() {
            return firstMark() == secondMark();
        }
    }

    /** Every facet and criterion of every man on every play that both marked, in the order of the first coach's. */
    public static List<Pair> pairs(List<Rep> first, List<Rep> second) {
        Map<ManPlay, Rep> other = second.stream().collect(Collectors.toMap(Rep::of, r -> r, (a, b) -> a));
        return first.stream()
                .flatMap(one -> {
                    Rep two = other.get(one.of());
                    return two == null ? Stream.<Pair>empty() : pairs(one, two);
                })
                .toList();
    }

    private static Stream<Pair> pairs(Rep one, Rep two) {
        Map<Topic, GradeMark> theirs = two.given();
        return one.given().entrySet().stream().flatMap(m -> {
            GradeMark his = theirs.get(m.getKey());
            return his == null ? Stream.empty() : Stream.of(new Pair(one.of(), m.getKey(), m.getValue(), his));
        });
    }

    /** By topic, of those that both marked. */
    public static Map<Topic, Agreement> of(List<Pair> pairs) {
        return pairs.stream()
                .collect(Collectors.groupingBy(
                        Pair::topic,
                        LinkedHashMap::new,
                        Collectors.collectingAndThen(Collectors.toList(), Agreement::one)));
    }

    private static Agreement one(List<Pair> pairs) {
        List<Pair> told = pairs.stream()
                .filter(p -> LADDER.contains(p.firstMark()) && LADDER.contains(p.secondMark()))
                .toList();
        return new Agreement(
                pairs.size(),
                (int) pairs.stream().filter(Pair::same).count(),
                kappa(pairs, ALL, false),
                kappa(told, LADDER, true));
    }

    /** One less the disagreement seen, by the disagreement that chance gives. */
    private static OptionalDouble kappa(List<Pair> pairs, List<GradeMark> marks, boolean weighted) {
        double seen = 0;
        double chance = 0;
        double n = pairs.size();
        for (GradeMark a : marks) {
            for (GradeMark b : marks) {
                double apart = weighted
                        ? Math.abs(marks.indexOf(a) - marks.indexOf(b)) / (marks.size() - 1.0)
                        : a == b ? 0 : 1;
                long first = pairs.stream().filter(p -> p.firstMark() == a).count();
                long second = pairs.stream().filter(p -> p.secondMark() == b).count();
                seen += apart
                        * pairs.stream()
                                .filter(p -> p.firstMark() == a && p.secondMark() == b)
                                .count()
                        / n;
                chance += apart * first * second / (n * n);
            }
        }
        boolean told = pairs.stream().map(Pair::firstMark).distinct().count() > 1
                && pairs.stream().map(Pair::secondMark).distinct().count() > 1;
        return told ? OptionalDouble.of(1 - seen / chance) : OptionalDouble.empty();
    }
}
