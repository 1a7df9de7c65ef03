package mensch.core.grading;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * How a man's plays ended, apart from how he played them. A play counts once, however many coaches graded it; where
 * they say different ends it is not agreed. A play that is said to have set up another is a loss until that other one
 * is named and went well. Of the plays graded: hand-picked ones have no rate.
 */
public record Outcomes(int wins, int positive, int neutral, int losses, int unrated, int notAgreed) {

    public static Outcomes of(List<Rep> reps) {
        Map<ManPlay, Set<RepOutcome>> said = new LinkedHashMap<>();
        for (Rep rep : reps) {
            if (rep.beside().outcome() != null) {
                said.computeIfAbsent(rep.of(), k -> EnumSet.noneOf(RepOutcome.class))
                        .add(ended(rep, reps));
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

    private static RepOutcome ended(Rep rep, List<Rep> all) {
        RepOutcome said = rep.beside().outcome() == null
                ? RepOutcome.UNRATED
                : rep.beside().outcome();
        return said != RepOutcome.SET_UP ? said : setUp(rep, all) ? RepOutcome.UNRATED : RepOutcome.LOSS;
    }

    /** Whether the play that a man is said to have set up is named, is graded, and went well for him. */
    public static boolean setUp(Rep rep, List<Rep> all) {
        Long later = rep.beside().setsUp();
        return later != null
                && all.stream()
                        .filter(r -> r.play() == later && r.man().equals(rep.man()))
                        .map(r -> r.beside().outcome())
                        .anyMatch(o -> o != null && o.good());
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
