package mensch.core.matchup;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import mensch.core.call.Call;
import mensch.core.call.LayeredRung;
import mensch.core.formation.Snap;
import mensch.core.front.Role;
import mensch.core.lineup.Change;
import mensch.core.lineup.Lineup;

/**
 * What a plan asks each role to know, and what each call adds to those before it.
 *
 * @param byRole different sentences by role over the whole plan
 * @param added by call, in the order of the plan
 */
public record TeachingLoad(Map<String, Integer> byRole, List<Added> added) {

    /**
     * What one call adds.
     *
     * @param rungs sentences that no role of an earlier call had to know
     * @param roles roles that learn one of them
     * @param men jobs that differ from the plan's first call on the snap asked; a role the first call has not counts
     */
    public record Added(String call, int rungs, int roles, int men) {}

    /** @param on the snap on which jobs are compared with those of the first call */
    public static TeachingLoad of(List<Call> plan, Snap on) {
        Map<String, Set<String>> known = new LinkedHashMap<>();
        var added = new ArrayList<Added>();
        if (plan.isEmpty()) {
            return new TeachingLoad(Map.of(), List.of());
        }
        Lineup base = Lineup.of(plan.get(0), on);
        for (Call call : plan) {
            int rungs = 0;
            int roles = 0;
            for (Role role : call.front().roles()) {
                Set<String> fresh = new LinkedHashSet<>(spoken(call, role));
                fresh.removeAll(known.getOrDefault(role.id(), Set.of()));
                rungs += fresh.size();
                roles += fresh.isEmpty() ? 0 : 1;
                known.computeIfAbsent(role.id(), k -> new LinkedHashSet<>()).addAll(fresh);
            }
            added.add(new Added(call.ref().id(), rungs, roles, men(base, Lineup.of(call, on))));
        }
        Map<String, Integer> byRole = new LinkedHashMap<>();
        known.forEach((role, sentences) -> byRole.put(role, sentences.size()));
        return new TeachingLoad(byRole, List.copyOf(added));
    }

    /** How many sentences of a call can speak for a role, on whichever side of the coverage he sits. */
    public static int sentences(Call call, Role role) {
        return (int) Stream.of(true, false)
                .flatMap(on -> call.ladder(role, on).rungs().stream())
                .map(r -> r.rung().id())
                .distinct()
                .count();
    }

    private static Set<String> spoken(Call call, Role role) {
        Set<String> sentences = new LinkedHashSet<>();
        for (boolean onCoverSide : new boolean[] {true, false}) {
            for (LayeredRung layered : call.ladder(role, onCoverSide).rungs()) {
                sentences.add(layered.rung().words());
            }
        }
        return sentences;
    }

    /** Men whose place, key, run or pass job is another than in the base call. */
    private static int men(Lineup base, Lineup other) {
        Set<String> men = new LinkedHashSet<>();
        other.jobs().stream().filter(j -> base.job(j.id()) == null).forEach(j -> men.add(j.id()));
        Change.between(base, other).forEach(c -> men.add(c.is().id()));
        return men.size();
    }
}
