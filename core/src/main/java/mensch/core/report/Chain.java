package mensch.core.report;

import java.util.List;
import mensch.core.grading.Outcomes;
import mensch.core.grading.Rep;
import mensch.core.grading.RepOutcome;
import org.jspecify.annotations.Nullable;

/**
 * A play that is said to have set up a later one.
 *
 * @param named whether the later one is named
 * @param later null while it is not named, or not graded
 * @param stands whether the later one went well; until it did, the first is a loss
 */
public record Chain(OnPlay first, boolean named, @Nullable OnPlay later, boolean stands) {
    static List<Chain> all(Graded graded) {
        return graded.reps().stream()
                .filter(r -> r.beside().outcome() == RepOutcome.SET_UP)
                .map(r -> of(r, graded))
                .distinct()
                .toList();
    }

    private static Chain of(Rep rep, Graded graded) {
        Long later = rep.beside().setsUp();
        Occasion on = later == null ? null : graded.plays().get(later);
        return new Chain(
                graded.on(rep.play()).at(),
                later != null,
                on == null ? null : on.at(),
                Outcomes.setUp(rep, graded.reps()));
    }
}
