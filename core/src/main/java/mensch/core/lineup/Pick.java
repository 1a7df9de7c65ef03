package mensch.core.lineup;

import java.util.Arrays;
import java.util.List;
import mensch.core.call.LayeredRung;
import mensch.core.call.Stack;
import mensch.core.formation.Answer;
import mensch.core.formation.Feature;
import mensch.core.lineup.Given.By;
import mensch.core.lineup.Given.Undecided;
import mensch.core.lineup.Given.Undefined;
import mensch.core.rung.FeatureFact;
import mensch.core.rung.Gives;
import mensch.core.rung.Part;
import mensch.core.rung.Rung;
import mensch.core.rung.View;

/**
 * The one rule: for each part the first rung from the top that holds and names it gives it. Each condition is asked
 * once.
 */
final class Pick {
    private final Stack ladder;
    private final View view;
    private final Answer[] answers;
    private final Object[] chains;

    Pick(Stack ladder, View view) {
        this.ladder = ladder;
        this.view = view;
        this.answers = new Answer[ladder.size()];
        this.chains = new Object[ladder.size()];
    }

    Given<Gives> part(Part part) {
        return part(part, 0);
    }

    /** The part as the ladder below a rung gives it; {@code from} is a position in the stacked ladder. */
    Given<Gives> part(Part part, int from) {
        for (int n = 0; n < ladder.naming(part); n++) {
            int i = ladder.naming(part, n);
            if (i < from || answer(i) == Answer.NO) {
                continue;
            }
            return answer(i) == Answer.YES
                    ? new By<>(ladder.give(part, n), chain(i))
                    : undecided(part, ladder.get(i).rung());
        }
        return new Undefined<>(part);
    }

    /** Position of the rung that a chain's last reason names. */
    int position(List<Why> chain) {
        for (int i = 0; i < chains.length; i++) {
            if (chains[i] == chain) {
                return i;
            }
        }
        throw new IllegalStateException("a chain that this ladder did not give");
    }

    private Answer answer(int i) {
        if (answers[i] == null) {
            answers[i] = ladder.get(i).rung().when().in(view);
        }
        return answers[i];
    }

    @SuppressWarnings("unchecked")
    private List<Why> chain(int i) {
        if (chains[i] == null) {
            LayeredRung fired = ladder.get(i);
            chains[i] = List.of(new Why(
                    fired.rung().id(), fired.layer(), fired.rung().when().facts(view)));
        }
        return (List<Why>) chains[i];
    }

    private Undecided<Gives> undecided(Part part, Rung rung) {
        Feature[] missing = rung.when().facts(view).stream()
                .filter(f -> f.answer() == Answer.UNKNOWN)
                .map(FeatureFact::feature)
                .distinct()
                .toArray(Feature[]::new);
        return new Undecided<>(part, rung.id(), Arrays.asList(missing));
    }
}
