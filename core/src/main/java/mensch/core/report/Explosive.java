package mensch.core.report;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import mensch.core.convention.SnapDetails;
import mensch.core.grading.Counted;
import mensch.core.grading.Counts;
import mensch.core.grading.Flag;
import mensch.core.grading.ManPlay;
import mensch.core.grading.Rep;
import mensch.core.grading.Topic;
import mensch.core.rubric.Facet;
import org.jspecify.annotations.Nullable;

/**
 * A play that went for so much that it counts as explosive. It belongs to the first job that was lost, even if ten
 * others did theirs.
 *
 * @param gain yards
 * @param man whose job was lost first; null where that is not told
 * @param why he, or why it is not told
 */
public record Explosive(
        OnPlay at,
        int gain,
        @Nullable Boolean pass,
        @Nullable String man,
        List<String> lost,
        String why) {

    static List<Explosive> all(Graded graded, SnapDetails.Outcome figures) {
        return graded.reps().stream()
                .map(Rep::play)
                .distinct()
                .filter(p -> explosive(graded.on(p), figures))
                .map(p -> one(p, graded))
                .toList();
    }

    /** A play of which nobody knows whether it was a pass must have gone for what a pass must. */
    private static boolean explosive(Occasion on, SnapDetails.Outcome figures) {
        boolean run = Objects.equals(on.pass(), false);
        return on.gain() != null && on.gain() >= (run ? figures.explosive() : figures.explosivePass());
    }

    private static Explosive one(long play, Graded graded) {
        Graded here = graded.where(r -> r.play() == play);
        Map<String, Double> lost = lost(here);
        List<String> men = List.copyOf(lost.keySet());
        Occasion on = graded.on(play);
        String first = "";
        String why;
        if (men.isEmpty()) {
            why = "nobody's assignment is below standard on it: the call, or what is not graded yet";
        } else if (men.size() == 1) {
            first = men.get(0);
            why = "his alone is below standard";
        } else if (lost.values().stream().anyMatch(s -> s.isNaN())) {
            why = "which was first is not told: mark each one's earliest wrong moment";
        } else {
            first = lost.entrySet().stream()
                    .min(Map.Entry.comparingByValue())
                    .map(Map.Entry::getKey)
                    .orElse("");
            why = "wrong first, " + String.format(Locale.ROOT, "%.1f s after the ball moved", lost.get(first));
        }
        return new Explosive(
                on.at(), Objects.requireNonNullElse(on.gain(), 0), on.pass(), first.isEmpty() ? null : first, men, why);
    }

    /**
     * Men whose assignment was lost, or who were flagged for it, and when each was wrong first; no number: not said.
     */
    private static Map<String, Double> lost(Graded here) {
        var when = new LinkedHashMap<String, Double>();
        List<ManPlay> below = here.counts().getOrDefault(Topic.of(Facet.ASSIGNMENT), List.of()).stream()
                .filter(p -> p.as() == Counted.BELOW)
                .map(Counts.Play::of)
                .toList();
        List<Rep> inOrder = here.reps().stream()
                .sorted(Comparator.comparing(Rep::man).thenComparing(Rep::grader))
                .collect(Collectors.toList());
        for (Rep rep : inOrder) {
            if (below.contains(rep.of()) || rep.beside().flags().contains(Flag.EXPLOSIVE_GIVEN)) {
                Double wrong = rep.beside().wrongAfter();
                when.merge(
                        rep.man(),
                        wrong == null ? Double.NaN : wrong,
                        (a, b) -> a.isNaN() ? b : b.isNaN() ? a : Math.min(a, b));
            }
        }
        return when;
    }
}
