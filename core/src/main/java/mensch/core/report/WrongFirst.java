package mensch.core.report;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mensch.core.grading.Counted;
import mensch.core.grading.CriterionMark;
import mensch.core.grading.ManPlay;
import mensch.core.grading.Rep;
import mensch.core.grading.Topic;
import mensch.core.rubric.Criterion;
import mensch.core.rubric.Facet;
import mensch.core.rubric.Rubric;

/**
 * What was wrong on a man's play, the earliest first: a rubric lists what it looks at in the order in which it happens,
 * so the first that is below standard is what the others followed from.
 */
final class WrongFirst {
    /** Somewhere in the order of a rubric, or of the facets where none was ticked. */
    private record At(int order, String words) {}

    private WrongFirst() {}

    static Map<ManPlay, List<String>> of(Graded graded, List<Rubric> rubrics) {
        Map<ManPlay, Set<String>> ticked = graded.reps().stream()
                .collect(Collectors.groupingBy(
                        Rep::of,
                        LinkedHashMap::new,
                        Collectors.flatMapping(
                                r -> r.criteria().stream().map(CriterionMark::rubric), Collectors.toSet())));
        Map<ManPlay, List<Topic>> below = new LinkedHashMap<>();
        graded.counts()
                .forEach((topic, plays) -> plays.stream()
                        .filter(p -> p.as() == Counted.BELOW)
                        .forEach(p -> below.computeIfAbsent(p.of(), k -> new ArrayList<>())
                                .add(topic)));
        var wrong = new LinkedHashMap<ManPlay, List<String>>();
        below.forEach((of, topics) -> {
            Set<String> used = ticked.getOrDefault(of, Set.of());
            wrong.put(
                    of,
                    words(
                            topics,
                            rubrics.stream().filter(r -> used.contains(r.id())).toList()));
        });
        return wrong;
    }

    private static List<String> words(List<Topic> below, List<Rubric> used) {
        return below.stream()
                // a criterion below standard says better than its facet what was wrong
                .filter(t -> !t.is(Facet.TECHNIQUE) || below.stream().allMatch(Topic::ofFacet))
                .map(t -> at(t, used))
                .sorted(Comparator.comparingInt(At::order))
                .map(At::words)
                .toList();
    }

    private static At at(Topic topic, List<Rubric> used) {
        Optional<Facet> facet = Stream.of(Facet.values()).filter(topic::is).findFirst();
        for (Rubric rubric : used) {
            for (int i = 0; i < rubric.criteria().size(); i++) {
                Criterion criterion = rubric.criteria().get(i);
                boolean his = topic.equals(new Topic(rubric.id(), criterion.id()))
                        || facet.filter(f -> f == criterion.facet()).isPresent();
                if (his) {
                    return new At(i, words(facet, criterion));
                }
            }
        }
        return new At(
                facet.map(Facet::ordinal).orElse(Facet.values().length),
                facet.map(Facet::meaning).orElse(topic.what()));
    }

    /** What a facet means for him is not said of it: only that it is below standard was. */
    private static String words(Optional<Facet> facet, Criterion criterion) {
        String leadsTo = criterion.leadsTo().isEmpty() ? "" : " \u2192 " + criterion.leadsTo();
        return facet.map(Facet::meaning).orElse(criterion.name() + ": " + criterion.fault() + leadsTo);
    }
}
