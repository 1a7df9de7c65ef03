package mensch.core.lineup;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import mensch.core.geometry.Side;
import mensch.core.rung.FeatureFact;
import mensch.core.rung.Part;

/**
 * One part of one man's job that is not what it was, and the facts that flipped.
 *
 * @param reseated true when his side itself changed; then every part may differ although no word of it does
 */
public record Change(Job was, Job is, Part part, boolean reseated, List<FeatureFact> because) {

    /** Every changed part of every role that both have, in the field order of the later line-up. */
    public static List<Change> between(Lineup before, Lineup after) {
        var changes = new ArrayList<Change>();
        for (Job is : after.jobs()) {
            Job was = before.job(is.id());
            changes.addAll(was == null ? List.of() : between(was, is, before, after));
        }
        return changes;
    }

    /**
     * Every part in which a job of the later line-up differs from one of the earlier; the two may be of different roles
     * when one man has both.
     */
    public static List<Change> between(Job was, Job is, Lineup before, Lineup after) {
        var changes = new ArrayList<Change>();
        for (Part part : Part.values()) {
            if (!Objects.equals(was.part(part).orNull(), is.part(part).orNull())
                    || !was.part(part).getClass().equals(is.part(part).getClass())) {
                changes.add(new Change(
                        was, is, part, was.seat() != is.seat(), flipped(was.part(part), is.part(part), before, after)));
            }
        }
        return changes;
    }

    /** Facts that the old or the new reason asked for and that have another answer now. */
    private static List<FeatureFact> flipped(Given<?> was, Given<?> is, Lineup before, Lineup after) {
        var asked = new ArrayList<FeatureFact>();
        is.chain().forEach(w -> asked.addAll(w.facts()));
        was.chain().forEach(w -> asked.addAll(w.facts()));
        var flipped = new ArrayList<FeatureFact>();
        for (FeatureFact fact : asked) {
            Side side = fact.side() == null ? Side.LEFT : fact.side();
            var now = new FeatureFact(
                    fact.feature(), fact.side(), after.features().ask(fact.feature(), side));
            if (now.answer() != before.features().ask(fact.feature(), side) && !flipped.contains(now)) {
                flipped.add(now);
            }
        }
        return List.copyOf(flipped);
    }
}
