package mensch.core.report;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import mensch.core.grading.Counted;
import mensch.core.grading.Counts;
import mensch.core.grading.Tally;
import mensch.core.grading.Topic;
import mensch.core.rubric.Facet;
import org.jspecify.annotations.Nullable;

/**
 * What the marks of one topic add up to, and the plays.
 *
 * @param done plays to standard or above
 * @param told plays that are the man's own and were told
 * @param percent done of told; null with fewer plays than a share may be named of
 * @param plays the newest first
 */
public record Tallied(
        Topic topic,
        int done,
        int told,
        int notSeen,
        int notAgreed,
        int ofTheCall,
        @Nullable Integer percent,
        List<CountedPlay> plays) {

    /** A play, and how it counts. */
    public record CountedPlay(long game, int number, Counted as) {}

    static Tallied of(Topic topic, List<Counts.Play> plays, Graded graded, int leastForShare) {
        Tally tally = Tally.of(plays.stream().map(Counts.Play::as).toList());
        return new Tallied(
                topic,
                tally.done(),
                tally.told(),
                tally.notSeen(),
                tally.notAgreed(),
                tally.ofTheCall(),
                percent(tally.done(), tally.told(), leastForShare).orElse(null),
                plays.stream()
                        .map(p -> {
                            OnPlay at = graded.on(p.of().play()).at();
                            return new CountedPlay(at.game(), at.number(), p.as());
                        })
                        .toList());
    }

    /** None with fewer than a share may be named of. */
    static Optional<Integer> percent(double done, double told, int leastForShare) {
        return told < leastForShare ? Optional.empty() : Optional.of((int) Math.round(100 * done / told));
    }

    /** Every facet that was marked, in the order they are marked in. */
    static List<Tallied> facets(Graded graded, int leastForShare) {
        var counts = graded.counts();
        return Arrays.stream(Facet.values())
                .map(Topic::of)
                .filter(counts::containsKey)
                .map(t -> of(t, counts.getOrDefault(t, List.of()), graded, leastForShare))
                .toList();
    }
}
