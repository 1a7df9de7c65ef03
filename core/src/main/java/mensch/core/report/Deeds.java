package mensch.core.report;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import mensch.core.grading.Flag;
import mensch.core.grading.Lane;
import mensch.core.grading.ManPlay;
import mensch.core.grading.Rep;
import mensch.core.grading.Tackle;
import mensch.core.grading.Thrown;
import org.jspecify.annotations.Nullable;

/**
 * What a man did, apart from his marks; each count with its plays.
 *
 * @param tackles tries at the carrier by what came of them, those that two coaches saw alike
 * @param tacklesDiffer plays on which they did not
 * @param afterContact yards that carriers went on for, of so many tries measured
 * @param thrown balls thrown at him by what became of them
 * @param lanes rush lanes kept and left, those that two coaches saw alike
 * @param passPlays plays on which they passed, of those graded
 * @param flags that anybody set
 */
public record Deeds(
        List<Count<Tackle.How>> tackles,
        List<OnPlay> tacklesDiffer,
        Yards afterContact,
        List<Count<Thrown>> thrown,
        List<Count<Lane>> lanes,
        List<OnPlay> passPlays,
        List<Count<Flag>> flags,
        List<OnPlay> extraCredit) {

    /** Plays of one kind, each once, the newest first. */
    public record Count<T>(T what, List<OnPlay> plays) {}

    /** @param tries that were measured */
    public record Yards(int yards, int tries) {}

    static Deeds of(Graded graded) {
        Map<ManPlay, Set<Tackle.How>> tackles = said(
                graded,
                r -> r.beside().tackle() == null ? null : r.beside().tackle().how());
        Map<ManPlay, Set<Thrown>> thrown = said(graded, r -> r.beside().thrown());
        return new Deeds(
                counts(Tackle.How.values(), tackles, graded),
                graded.at(tackles.entrySet().stream()
                        .filter(t -> t.getValue().size() > 1)
                        .map(Map.Entry::getKey)),
                yards(graded),
                counts(Thrown.values(), thrown, graded),
                counts(Lane.values(), said(graded, r -> r.beside().lane()), graded),
                graded.at(r -> Objects.equals(graded.on(r.play()).pass(), true)),
                Arrays.stream(Flag.values())
                        .map(f ->
                                new Count<>(f, graded.at(r -> r.beside().flags().contains(f))))
                        .filter(c -> !c.plays().isEmpty())
                        .toList(),
                graded.at(r -> r.beside().extraCredit()));
    }

    private static <T> Map<ManPlay, Set<T>> said(Graded graded, Function<Rep, @Nullable T> what) {
        Map<ManPlay, Set<T>> said = new LinkedHashMap<>();
        for (Rep rep : graded.reps()) {
            T one = what.apply(rep);
            if (one != null) {
                said.computeIfAbsent(rep.of(), k -> new LinkedHashSet<>()).add(one);
            }
        }
        return said;
    }

    private static <T> List<Count<T>> counts(T[] kinds, Map<ManPlay, Set<T>> said, Graded graded) {
        var counts = new ArrayList<Count<T>>();
        for (T kind : kinds) {
            List<OnPlay> plays = graded.at(said.entrySet().stream()
                    .filter(s -> s.getValue().equals(Set.of(kind)))
                    .map(Map.Entry::getKey));
            if (!plays.isEmpty()) {
                counts.add(new Count<>(kind, plays));
            }
        }
        return counts;
    }

    /** Where two coaches measured differently, nobody knows. */
    private static Yards yards(Graded graded) {
        List<Integer> agreed =
                said(
                                graded,
                                r -> r.beside().tackle() == null
                                        ? null
                                        : r.beside().tackle().afterContact())
                        .values()
                        .stream()
                        .filter(s -> s.size() == 1)
                        .map(s -> s.iterator().next())
                        .toList();
        return new Yards(agreed.stream().mapToInt(y -> y).sum(), agreed.size());
    }
}
