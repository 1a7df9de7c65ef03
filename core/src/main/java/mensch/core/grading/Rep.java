package mensch.core.grading;

import java.util.List;
import java.util.Optional;

/**
 * One coach's word of one man on one play.
 *
 * @param play which, of all games
 * @param man who it was: a player of the roster, or the seat where nobody said who played it
 * @param grader the coach
 * @param marks each facet once
 */
public record Rep(long play, String man, String grader, Target target, List<FacetMark> marks) {
    public Rep {
        marks = List.copyOf(marks);
        if (marks.stream().map(FacetMark::facet).distinct().count() != marks.size()) {
            throw new IllegalArgumentException("a facet of " + man + " has two marks");
        }
    }

    public Optional<FacetMark> mark(Facet facet) {
        return marks.stream().filter(m -> m.facet() == facet).findFirst();
    }
}
