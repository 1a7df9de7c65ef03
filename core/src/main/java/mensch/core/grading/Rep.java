package mensch.core.grading;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mensch.core.rubric.Facet;

/**
 * One coach's word of one man on one play.
 *
 * @param play which, of all games
 * @param man who it was: a player of the roster, or the seat where nobody said who played it
 * @param grader the coach
 * @param marks each facet once
 * @param criteria marks of technique, each criterion of a rubric once
 */
public record Rep(
        long play,
        String man,
        String grader,
        Target target,
        List<FacetMark> marks,
        List<CriterionMark> criteria,
        Beside beside) {
    public Rep {
        marks = List.copyOf(marks);
        criteria = List.copyOf(criteria);
        if (marks.stream().map(FacetMark::facet).distinct().count() != marks.size()) {
            throw new IllegalArgumentException("a facet of " + man + " has two marks");
        }
    }

    public Optional<FacetMark> mark(Facet facet) {
        return marks.stream().filter(m -> m.facet() == facet).findFirst();
    }

    /** Every mark of it, facets first, each in the order it stands in. */
    public Map<Topic, GradeMark> given() {
        var given = new LinkedHashMap<Topic, GradeMark>();
        marks.forEach(m -> given.put(Topic.of(m.facet()), m.mark()));
        criteria.forEach(m -> given.put(Topic.of(m), m.mark()));
        return given;
    }

    /** Which man's which play. */
    public ManPlay of() {
        return new ManPlay(play, man);
    }

    /** Marks facets only. */
    public static Rep of(long play, String man, String grader, Target target, List<FacetMark> marks) {
        return new Rep(play, man, grader, target, marks, List.of(), Beside.NOTHING);
    }
}
