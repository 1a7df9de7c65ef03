package mensch.core.grading;

import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What stands beside a man's marks and is never averaged into them; what was not said is null.
 *
 * @param outcome how his own play ended
 * @param setsUp the later play that he set up, by id
 * @param extraCredit more than he was asked for
 * @param thrown what became of a ball thrown at him
 * @param lane his rush lane, of a rusher against a pass
 * @param wrongAfter when the earliest wrong moment was, seconds since the ball moved
 */
public record Beside(
        Set<Flag> flags,
        @Nullable RepOutcome outcome,
        @Nullable Long setsUp,
        boolean extraCredit,
        @Nullable Tackle tackle,
        @Nullable Thrown thrown,
        @Nullable Lane lane,
        @Nullable Double wrongAfter) {
    public static final Beside NOTHING = new Beside(Set.of(), null, null, false, null, null, null, null);

    public Beside {
        flags = Set.copyOf(flags);
    }

    /** Says only how his play ended. */
    public static Beside ended(RepOutcome outcome) {
        return new Beside(Set.of(), outcome, null, false, null, null, null, null);
    }
}
