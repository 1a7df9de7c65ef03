package mensch.core.grading;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import mensch.core.rubric.Facet;
import org.jspecify.annotations.Nullable;

/**
 * One coach's word of one man on one play.
 *
 * @param play which, of all games
 * @param man who it was: a player of the roster, or the seat where nobody said who played it
 * @param grader the coach
 * @param marks each facet once
 * @param criteria marks of technique, each criterion of a rubric once
 * @param outcome how his own play ended; null when that was not said
 */
public record Rep(
        long play,
        String man,
        String grader,
        Target target,
        List<FacetMark> marks,
        List<CriterionMark> criteria,
        Set<Flag> flags,
        @Nullable RepOutcome outcome) {
    public Rep {
        marks = List.copyOf(marks);
        criteria = List.copyOf(criteria);
        flags = Set.copyOf(flags);
        if (marks.stream().map(FacetMark::facet).distinct().count() != marks.size()) {
            throw new IllegalArgumentException("a facet of " + man + " has two marks");
        }
    }

    public Optional<FacetMark> mark(Facet facet) {
        return marks.stream().filter(m -> m.facet() == facet).findFirst();
    }

    /** Marks facet only. */
    public static Rep of(long play, String man, String grader, Target target, List<FacetMark> marks) {
        return new Rep(play, man, grader, target, marks, List.of(), Set.of(), null);
    }
}
