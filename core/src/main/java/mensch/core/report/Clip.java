package mensch.core.report;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mensch.core.grading.Counted;
import mensch.core.grading.Flag;
import mensch.core.grading.ManPlay;
import mensch.core.grading.Rep;
import mensch.core.rubric.Rubric;

/**
 * A play to show a man: what he did above and below standard on it. How the play ended is no part of it: a good process
 * with a bad result stays good.
 *
 * @param worth marks above standard and extra credit, less marks below and flags
 * @param why the marks and flags it is of
 * @param wrong what was wrong, the earliest first: that is what to mend
 */
public record Clip(OnPlay at, String man, int worth, List<String> why, List<String> wrong) {

    /** His best, the best first; none that is not above zero. */
    static List<Clip> best(Graded graded, List<Rubric> rubrics, int most) {
        return ranked(graded, rubrics, Comparator.comparingInt(Clip::worth).reversed()).stream()
                .filter(c -> c.worth() > 0)
                .limit(most)
                .toList();
    }

    /** His worst, the worst first; none that is not below zero. */
    static List<Clip> worst(Graded graded, List<Rubric> rubrics, int most) {
        return ranked(graded, rubrics, Comparator.comparingInt(Clip::worth)).stream()
                .filter(c -> c.worth() < 0)
                .limit(most)
                .toList();
    }

    /** Of two equal ones the newer comes first. */
    private static List<Clip> ranked(Graded graded, List<Rubric> rubrics, Comparator<Clip> order) {
        Map<ManPlay, Set<String>> good = new LinkedHashMap<>();
        Map<ManPlay, Set<String>> bad = new LinkedHashMap<>();
        Map<ManPlay, List<String>> wrong = WrongFirst.of(graded, rubrics);
        graded.counts()
                .forEach((topic, plays) -> plays.forEach(p -> {
                    if (topic.ofFacet() && p.as() == Counted.ABOVE) {
                        put(good, p.of(), topic.what() + " +");
                    }
                    if (topic.ofFacet() && p.as() == Counted.BELOW) {
                        put(bad, p.of(), topic.what() + " -");
                    }
                }));
        for (Rep rep : graded.reps()) {
            if (rep.beside().extraCredit()) {
                put(good, rep.of(), "extra credit");
            }
            for (Flag flag : rep.beside().flags()) {
                put(bad, rep.of(), flag.words());
            }
        }
        return graded.reps().stream()
                .map(Rep::of)
                .distinct()
                .map(of -> {
                    Set<String> pluses = good.getOrDefault(of, Set.of());
                    Set<String> minuses = bad.getOrDefault(of, Set.of());
                    var why = new ArrayList<>(pluses);
                    why.addAll(minuses);
                    return new Clip(
                            graded.on(of.play()).at(),
                            of.man(),
                            pluses.size() - minuses.size(),
                            why,
                            wrong.getOrDefault(of, List.of()));
                })
                .sorted(order)
                .toList();
    }

    private static void put(Map<ManPlay, Set<String>> to, ManPlay of, String why) {
        to.computeIfAbsent(of, k -> new LinkedHashSet<>()).add(why);
    }
}
