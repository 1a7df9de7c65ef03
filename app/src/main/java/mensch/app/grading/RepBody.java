package mensch.app.grading;

import java.util.List;
import java.util.Set;
import mensch.core.grading.CriterionMark;
import mensch.core.grading.FacetMark;
import mensch.core.grading.Flag;
import mensch.core.grading.Lane;
import mensch.core.grading.RepOutcome;
import mensch.core.grading.Tackle;
import mensch.core.grading.Target;
import mensch.core.grading.Thrown;
import org.jspecify.annotations.Nullable;

/**
 * What a coach said of one man on one play, as it is kept.
 *
 * @param marks each facet once, in the order of the facets
 * @param target whom a fault is laid on
 * @param outcome how his own play ended; null when that is not said
 * @param extraCredit more than he was asked for
 * @param criteria marks of technique, one by one
 * @param setsUp the later play that he set up, by id
 * @param tackle his own try at the carrier
 * @param thrown what became of a ball thrown at him
 * @param lane his rush lane, of a rusher against a pass
 */
record RepBody(
        List<FacetMark> marks,
        @Nullable String note,
        Target target,
        Set<Flag> flags,
        @Nullable RepOutcome outcome,
        boolean extraCredit,
        List<CriterionMark> criteria,
        @Nullable Correction correction,
        @Nullable Long setsUp,
        @Nullable Tackle tackle,
        @Nullable Thrown thrown,
        @Nullable Lane lane) {
    static final RepBody EMPTY =
            new RepBody(List.of(), null, Target.MAN, Set.of(), null, false, List.of(), null, null, null, null, null);

    /** What was said before criteria were kept has none. */
    @SuppressWarnings("NullAway")
    RepBody {
        criteria = criteria == null ? List.of() : List.copyOf(criteria);
    }
}
