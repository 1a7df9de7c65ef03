package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.call.CallReader;
import mensch.core.call.Layer;
import mensch.core.document.DocumentException;
import mensch.core.formation.Snap;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.lineup.Reaction;
import mensch.core.rung.Gives;
import mensch.core.rung.Part;
import mensch.core.rung.Rung;
import mensch.core.rung.Steps;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/**
 * Every rung of twelve sound calls of different families made wrong, one part at a time, and every man put where he
 * cannot do his job. A mutant counts when some job on some formation the call is meant for is another; it is caught
 * when saving refuses it or the audit finds something there that it did not find before: no standing fact counts.
 */
class MutationTest {
    private static final Map<Part, List<String>> WRONG = Map.of(
            Part.RUN,
            List.of("run none", "run A gap", "run D gap, force"),
            Part.PASS,
            List.of("pass none", "pass flat", "pass deep middle third"),
            Part.ALIGN,
            List.of(
                    "align below 3 wider",
                    "align below 6 wider",
                    "align below 10 wider",
                    "align below 6 tighter",
                    "align below 4 deeper",
                    "align below 10 deeper"),
            Part.KEY,
            List.of("key wing"),
            Part.SHOW,
            List.of("show landmark middle @ 14"));

    private static final List<String> CALLS = List.of(
            "anvil-drizzle",
            "anvil-fog",
            "anvil-frost",
            "anvil-monsoon",
            "anvil-squall",
            "anvil-thunder",
            "anvil-swift",
            "chisel-drizzle",
            "bellows-fog",
            "tongs-frost",
            "awl-drizzle",
            "wedge-ice");

    /** Four yards deeper is what another school teaches of most men: told apart, and not asked for. */
    private static final String SCHOOL = "4 deeper";

    private record Mutant(String rung, Part part, String sentence, boolean live, boolean caught) {}

    @Test
    void mostMutantsOfTwelveSoundCallsAreCaught() {
        var report = new LinkedHashMap<Part, int[]>();
        var missed = new ArrayList<String>();
        int[] school = new int[2];
        for (String id : CALLS) {
            for (Mutant mutant : mutants(Snaps.LIBRARY.call(id))) {
                if (mutant.live()) {
                    int[] tally = report.computeIfAbsent(mutant.part(), k -> new int[2]);
                    tally[0] += mutant.caught() ? 1 : 0;
                    tally[1]++;
                    if (mutant.sentence().contains(SCHOOL)) {
                        school[0] += mutant.caught() ? 1 : 0;
                        school[1]++;
                    }
                    if (!mutant.caught()) {
                        missed.add(id + " " + mutant.rung() + ": " + mutant.sentence());
                    }
                }
            }
        }
        int caught = report.values().stream().mapToInt(t -> t[0]).sum();
        int live = report.values().stream().mapToInt(t -> t[1]).sum();
        System.out.println("mutants caught: " + caught + " of " + live + "; four yards deeper " + school[0] + " of "
                + school[1] + "; "
                + report.entrySet().stream()
                        .map(e -> e.getKey().words() + " " + e.getValue()[0] + " of " + e.getValue()[1])
                        .collect(Collectors.joining(", ")));
        missed.stream().limit(400).forEach(m -> System.out.println("  not caught: " + m));
        assertThat(live).isGreaterThan(1500);
        assertThat(report.get(Part.RUN)[0]).as("run jobs").isGreaterThanOrEqualTo(report.get(Part.RUN)[1] * 9 / 10);
        assertThat(report.get(Part.PASS)[0]).as("pass jobs").isGreaterThanOrEqualTo(report.get(Part.PASS)[1] * 9 / 10);
        assertThat(caught).isGreaterThanOrEqualTo(live * 93 / 100);
        assertThat(caught - school[0])
                .as("all but four yards deeper")
                .isGreaterThanOrEqualTo((live - school[1]) * 95 / 100);
    }

    private static List<Mutant> mutants(Call call) {
        List<Snap> snaps = call.meantFor().stream()
                .limit(40)
                .map(f -> Snaps.LIBRARY.formation(f).snap(null, false, "hs m 50 1&10"))
                .toList();
        List<Lineup> before = snaps.stream().map(s -> Lineup.of(call, s)).toList();
        List<Set<String>> was = before.stream().map(MutationTest::found).toList();
        var mutants = new ArrayList<Mutant>();
        for (Layer layer : call.layers()) {
            for (var ladder : layer.ladders().values()) {
                for (Rung rung : ladder.rungs()) {
                    for (Gives give : rung.gives()) {
                        WRONG.getOrDefault(give.part(), List.of()).stream()
                                .filter(w -> !w.equals(give.words()))
                                .forEach(w -> mutants.add(mutant(call, rung, give, w, before, was)));
                    }
                }
            }
        }
        return mutants;
    }

    private static Mutant mutant(
            Call call, Rung rung, Gives give, String wrong, List<Lineup> before, List<Set<String>> was) {
        String sentence = rung.words().replace(give.words(), wrong.replace("align below ", give.words() + " "));
        Call changed;
        try {
            changed = CallReader.read(call.written().put(rung.id(), sentence), 0, Snaps.LIBRARY.vocabulary());
        } catch (DocumentException e) {
            return new Mutant(rung.id().words(), give.part(), sentence, true, true);
        }
        boolean live = false;
        for (int i = 0; i < before.size(); i++) {
            Lineup after = Lineup.of(changed, before.get(i).snap());
            if (after.jobs().equals(before.get(i).jobs())) {
                continue;
            }
            boolean worded = !same(after, before.get(i));
            live |= worded;
            Set<String> found = keys(Audit.of(after));
            if (worded && (!was.get(i).containsAll(found) || !was.get(i).containsAll(found(after)))) {
                return new Mutant(rung.id().words(), give.part(), sentence, true, true);
            }
        }
        return new Mutant(rung.id().words(), give.part(), sentence, live, false);
    }

    /** The same values, whichever rung gave them. */
    private static boolean same(Lineup a, Lineup b) {
        return a.jobs().stream()
                .allMatch(j -> b.job(j.id()) != null
                        && Arrays.stream(Part.values())
                                .allMatch(p ->
                                        Objects.equals(value(j, p), value(Objects.requireNonNull(b.job(j.id())), p))));
    }

    /** What a part comes to: of a run job its first task and what he does on each message, whoever taught him that. */
    private static @Nullable Object value(Job job, Part part) {
        Object value = job.part(part).orNull();
        return value instanceof Steps steps && part == Part.RUN
                ? List.of(
                        steps.first(),
                        job.after().reactions().stream()
                                .filter(Reaction::taught)
                                .map(r -> r.whose() + " " + r.on().words() + " " + r.orders())
                                .sorted()
                                .toList())
                : value;
    }

    private static Set<String> found(Lineup lineup) {
        return keys(Audit.of(new Subject(lineup, Snaps.LIBRARY.plays(), List.of())));
    }

    private static Set<String> keys(List<Finding> findings) {
        return findings.stream()
                .filter(f -> f.severity() != Severity.FACT)
                .map(MutationTest::key)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private static String key(Finding finding) {
        return finding.severity()
                + finding.check().id()
                + finding.evidence().title()
                + (finding.severity() == Severity.NOTE ? finding.evidence().reason() : "");
    }
}
