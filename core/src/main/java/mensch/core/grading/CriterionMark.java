package mensch.core.grading;

import java.util.List;
import java.util.Optional;
import mensch.core.rubric.Facet;

/**
 * A coach's mark for one criterion of one man on one snap.
 *
 * @param digest of the rubric as it was when he said it
 */
public record CriterionMark(String rubric, String digest, String criterion, GradeMark mark) {

    /**
     * What marked criteria propose for technique: a fault is below standard, more than half above standard is above it;
     * nothing where none was seen.
     */
    public static Optional<Proposed> proposes(String job, List<CriterionMark> marks) {
        List<GradeMark> seen = marks.stream()
                .map(CriterionMark::mark)
                .filter(m -> m != GradeMark.NOT_TOLD)
                .toList();
        if (seen.isEmpty()) {
            return Optional.empty();
        }
        long below = seen.stream().filter(m -> m == GradeMark.BELOW).count();
        long above = seen.stream().filter(m -> m == GradeMark.ABOVE).count();
        GradeMark mark =
                below > 0 ? GradeMark.BELOW : 2 * above > seen.size() ? GradeMark.ABOVE : GradeMark.TO_STANDARD;
        return Optional.of(new Proposed(
                job,
                Facet.TECHNIQUE,
                mark,
                (seen.size() - below) + " of " + seen.size() + " criteria to standard or above"));
    }
}
