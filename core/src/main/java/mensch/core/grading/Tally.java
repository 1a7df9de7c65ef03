package mensch.core.grading;

import java.util.Collection;

/**
 * What plays of one topic add up to.
 *
 * @param notSeen plays in which nobody could tell
 * @param notAgreed plays that two coaches marked differently
 * @param ofTheCall faults laid on the call or the teaching
 */
public record Tally(int above, int toStandard, int below, int notSeen, int notAgreed, int ofTheCall) {
    public static Tally of(Collection<Counted> plays) {
        var counts = new int[Counted.values().length];
        plays.forEach(c -> counts[c.ordinal()]++);
        return new Tally(
                counts[Counted.ABOVE.ordinal()],
                counts[Counted.TO_STANDARD.ordinal()],
                counts[Counted.BELOW.ordinal()],
                counts[Counted.NOT_SEEN.ordinal()],
                counts[Counted.NOT_AGREED.ordinal()],
                counts[Counted.OF_THE_CALL.ordinal()]);
    }

    /** Plays to standard or above. */
    public int done() {
        return above + toStandard;
    }

    /** Plays that were told and are the man's own. */
    public int told() {
        return done() + below;
    }
}
