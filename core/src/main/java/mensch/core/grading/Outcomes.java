package mensch.core.grading;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * How a man's plays ended, apart from how he played them. A play counts once, however many coaches graded it; where
 * they say different ends it is not agreed. Of the plays graded: hand-picked ones have no rate.
 */
public record Outcomes(int wins, int positive, int neutral, int losses, int unrated, int notAgreed) {
    private record PlayOfMan(long play, String man) {}

    public static Outcomes of(List<Rep> reps) {
        Map<PlayOfMan, Set<RepOutcome>> said = new LinkedHashMap<>();
        for (Rep rep : reps) {
            if (rep.outcome() != null) {
                said.computeIfAbsent(new PlayOfMan(rep.play(), rep.man()), k -> EnumSet.noneOf(RepOutcome.class))
                        .add(rep.outcome());
            }
        }
        var counts = new int[RepOutcome.values().length + 1];
        said.values()
                .forEach(s -> counts[
                        s.size() > 1 ? counts.length - 1 : s.iterator().next().ordinal()]++);
        return new Outcomes(
                counts[RepOutcome.WIN.ordinal()],
                counts[RepOutcome.POSITIVE.ordinal()],
                counts[RepOutcome.NEUTRAL.ordinal()],
                counts[RepOutcome.LOSS.ordinal()],
                counts[RepOutcome.UNRATED.ordinal()],
                counts[counts.length - 1]);
    }

    /** Plays whose end was said. */
    public int all() {
        return wins + positive + neutral + losses + unrated + notAgreed;
    }

    /** Good ones, with or without a result of their own. */
    public int good() {
        return wins + positive;
    }

    /** "4 positive of 5, 1 unrated", "5-3"; nothing where nothing was said. */
    public String words() {
        if (all() == 0) {
            return "";
        }
        String score = losses == 0
                ? String.format(Locale.ROOT, "%d positive of %d", good(), all())
                : String.format(Locale.ROOT, "%d-%d", good(), losses);
        return score
                + (neutral > 0 ? ", " + neutral + " neutral" : "")
                + (unrated > 0 ? ", " + unrated + " unrated" : "")
                + (notAgreed > 0 ? ", " + notAgreed + " not agreed" : "");
    }
}
