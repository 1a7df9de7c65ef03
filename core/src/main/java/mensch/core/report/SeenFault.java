package mensch.core.report;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mensch.core.grading.Counted;
import mensch.core.grading.Counts;
import mensch.core.grading.Topic;
import mensch.core.rubric.Criterion;
import mensch.core.rubric.Rubric;

/**
 * A fault that was seen, the most frequent first.
 *
 * @param of rubric it is of; empty of a facet
 * @param leadsTo what it costs, by the rubric
 * @param below plays on which it was seen and is a man's own
 * @param told plays on which somebody looked
 * @param notAgreed plays that two coaches marked differently
 * @param ofTheCall plays on which it was laid on the call or the teaching
 * @param share of all faults of its kind, facets or criteria, with those before it, percent
 * @param learnt whether it has not come back on the last plays on which somebody looked
 * @param men who have it, the most frequent first
 * @param plays on which it was seen, the newest first
 */
public record SeenFault(
        Topic topic,
        String name,
        String of,
        String leadsTo,
        int below,
        int told,
        int notAgreed,
        int ofTheCall,
        int share,
        boolean learnt,
        List<OfMan> men,
        List<OnPlay> plays) {

    /** A man, and on how many plays. */
    public record OfMan(String man, int below) {}

    static List<SeenFault> all(Graded graded, List<Rubric> rubrics, int learntAfter) {
        var rows = new ArrayList<SeenFault>();
        graded.counts().forEach((topic, plays) -> {
            if (plays.stream().anyMatch(p -> p.as() == Counted.BELOW || p.as() == Counted.OF_THE_CALL)) {
                rows.add(row(topic, plays, graded, rubrics, learntAfter));
            }
        });
        rows.sort(Comparator.comparingInt(SeenFault::below).reversed().thenComparing(SeenFault::name));
        return shared(rows);
    }

    private static SeenFault row(
            Topic topic, List<Counts.Play> plays, Graded graded, List<Rubric> rubrics, int learntAfter) {
        Optional<Rubric> rubric =
                rubrics.stream().filter(r -> r.id().equals(topic.of())).findFirst();
        Optional<Criterion> criterion = rubric.flatMap(r -> r.criterion(topic.what()));
        List<Counts.Play> below =
                plays.stream().filter(p -> p.as() == Counted.BELOW).toList();
        return new SeenFault(
                topic,
                criterion.map(c -> c.name() + ": " + c.fault()).orElseGet(() -> Topics.said(topic, rubrics)),
                rubric.map(Rubric::name).orElse(""),
                criterion.map(Criterion::leadsTo).orElse(""),
                below.size(),
                count(plays, Set.of(Counted.ABOVE, Counted.TO_STANDARD, Counted.BELOW)),
                count(plays, Set.of(Counted.NOT_AGREED)),
                count(plays, Set.of(Counted.OF_THE_CALL)),
                0,
                learnt(plays, learntAfter),
                men(below),
                graded.at(below.stream().map(Counts.Play::of)));
    }

    private static int count(List<Counts.Play> plays, Set<Counted> as) {
        return (int) plays.stream().filter(p -> as.contains(p.as())).count();
    }

    /** Every man who has it must have been looked at so often since, and not have shown it. */
    private static boolean learnt(List<Counts.Play> newestFirst, int learntAfter) {
        Map<String, List<Counts.Play>> byMan = newestFirst.stream()
                .filter(p -> p.as() != Counted.NOT_SEEN)
                .collect(Collectors.groupingBy(p -> p.of().man()));
        return byMan.values().stream()
                .filter(his -> his.stream().anyMatch(p -> p.as() == Counted.BELOW))
                .allMatch(his -> his.stream()
                                .takeWhile(p -> p.as() != Counted.BELOW && p.as() != Counted.NOT_AGREED)
                                .filter(p -> p.as().done())
                                .count()
                        >= learntAfter);
    }

    private static List<OfMan> men(List<Counts.Play> below) {
        return below.stream()
                .collect(Collectors.groupingBy(p -> p.of().man(), LinkedHashMap::new, Collectors.counting()))
                .entrySet()
                .stream()
                .map(m -> new OfMan(m.getKey(), m.getValue().intValue()))
                .sorted(Comparator.comparingInt(OfMan::below).reversed().thenComparing(OfMan::man))
                .toList();
    }

    /** Facets and criteria each for themselves: a criterion below standard is why its facet is. */
    private static List<SeenFault> shared(List<SeenFault> rows) {
        var sums = new LinkedHashMap<Boolean, Integer>();
        rows.forEach(r -> sums.merge(r.topic().ofFacet(), r.below(), Integer::sum));
        var so = new LinkedHashMap<Boolean, Integer>();
        return rows.stream()
                .map(r -> {
                    boolean kind = r.topic().ofFacet();
                    int with = so.merge(kind, r.below(), Integer::sum);
                    int all = sums.getOrDefault(kind, 0);
                    return r.withShare(all == 0 ? 0 : Math.round(100f * with / all));
                })
                .toList();
    }

    private SeenFault withShare(int to) {
        return new SeenFault(topic, name, of, leadsTo, below, told, notAgreed, ofTheCall, to, learnt, men, plays);
    }
}
