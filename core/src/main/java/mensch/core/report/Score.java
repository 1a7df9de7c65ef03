package mensch.core.report;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import mensch.core.convention.GradeFigures;
import mensch.core.convention.House;
import mensch.core.convention.School;
import mensch.core.grading.Counted;
import mensch.core.grading.Counts;
import mensch.core.grading.ManPlay;
import mensch.core.grading.Topic;
import mensch.core.rubric.Facet;
import org.jspecify.annotations.Nullable;

/**
 * A man's score by the school that the programme chose; always of the same marks, which none of them changes.
 *
 * @param words points and of how many, as that school says them; empty where nothing is told
 * @param percent null with fewer plays than a share may be named of
 */
public record Score(String words, @Nullable Integer percent) {
    private static final List<Facet> THREE = List.of(Facet.ALIGNMENT, Facet.ASSIGNMENT, Facet.TECHNIQUE);

    private enum Way {
        PLUS_MINUS,
        THREE_PART,
        WEIGHTED;

        static Way of(House house) {
            return house.teaches(School.SCORE_IN_THREE_PARTS)
                    ? THREE_PART
                    : house.teaches(School.SCORE_WEIGHTED) ? WEIGHTED : PLUS_MINUS;
        }
    }

    static Score of(Graded graded, House house, GradeFigures figures) {
        Way way = Way.of(house);
        Map<ManPlay, Map<Facet, Counted>> plays = told(graded);
        double points = 0;
        double all = 0;
        for (Map<Facet, Counted> facets : plays.values()) {
            switch (way) {
                case PLUS_MINUS -> {
                    points += facets.values().stream().allMatch(Counted::done) ? 1 : 0;
                    all++;
                }
                case THREE_PART -> {
                    points += THREE.stream()
                            .filter(f -> facets.containsKey(f) && facets.get(f).done())
                            .count();
                    all += THREE.stream().filter(facets::containsKey).count();
                }
                case WEIGHTED -> {
                    for (Map.Entry<Facet, Counted> one : facets.entrySet()) {
                        double weight = weight(one.getKey(), figures.weight());
                        points += one.getValue().done() ? weight : 0;
                        all += weight;
                    }
                }
            }
        }
        if (all == 0) {
            return new Score("", null);
        }
        Integer percent = plays.size() < figures.leastForShare() ? null : (int) Math.round(100 * points / all);
        return new Score(words(way, points, all), percent);
    }

    private static String words(Way way, double points, double all) {
        return switch (way) {
            case PLUS_MINUS -> number(points) + " plus, " + number(all - points) + " minus";
            case THREE_PART, WEIGHTED -> number(points) + " of " + number(all) + " points";
        };
    }

    private static String number(double points) {
        return points == Math.rint(points)
                ? String.format(Locale.ROOT, "%.0f", points)
                : String.format(Locale.ROOT, "%.1f", points);
    }

    /** Facets that were told and are the man's own, by play. */
    private static Map<ManPlay, Map<Facet, Counted>> told(Graded graded) {
        Map<ManPlay, Map<Facet, Counted>> plays = new LinkedHashMap<>();
        Map<Topic, List<Counts.Play>> counts = graded.counts();
        for (Facet facet : Facet.values()) {
            for (Counts.Play play : counts.getOrDefault(Topic.of(facet), List.of())) {
                if (play.as().told()) {
                    plays.computeIfAbsent(play.of(), k -> new EnumMap<>(Facet.class))
                            .put(facet, play.as());
                }
            }
        }
        return plays;
    }

    private static double weight(Facet facet, GradeFigures.Weight weight) {
        return switch (facet) {
            case ALIGNMENT -> weight.alignment();
            case STANCE -> weight.stance();
            case GET_OFF -> weight.getOff();
            case KEY -> weight.key();
            case ASSIGNMENT -> weight.assignment();
            case TECHNIQUE -> weight.technique();
            case EFFORT -> weight.effort();
            case COMMUNICATION -> weight.communication();
        };
    }
}
