package mensch.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import mensch.core.Snaps;
import mensch.core.event.Message;
import mensch.core.event.Whose;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Matchup;
import mensch.core.matchup.Shown;
import mensch.core.play.Run;
import mensch.core.simulation.Happening.What;
import org.junit.jupiter.api.Test;

/**
 * What a man is told by the bodies he sees against what the ledger says his key shows: every run to both sides, at
 * several fronts, of what he is taught to do something about. Asked is 95 of 100; docs/model.md says what it is and
 * why.
 */
class MessagesTest {
    private static final List<String> FORMATIONS = List.of("doubles-open", "ace-h", "pro-i", "wing-t");
    private static final List<String> CALLS =
            List.of("anvil-drizzle", "anvil-fog", "chisel-drizzle", "mallet-drizzle", "bellows-drizzle");
    /** The ledger's later messages are corrections, seconds. */
    private static final double FIRST_STEPS = 1.3;

    private int pairs;
    private int heard;
    private int agree;

    @Test
    void whoIsToldSomethingIsMostlyToldWhatTheLedgerSays() {
        for (String formation : FORMATIONS) {
            for (String call : CALLS) {
                Lineup lineup = Plays.lineup(formation, Snaps.LIBRARY.call(call), "hs m 50 1&10");
                Snaps.LIBRARY.plays().runs().forEach(run -> {
                    look(lineup, run);
                    look(lineup.mirror(), run);
                });
            }
        }
        assertThat(pairs).isGreaterThan(3000);
        assertThat((double) heard / pairs).isGreaterThan(0.92);
        assertThat((double) agree / pairs).isGreaterThan(0.9);
    }

    private void look(Lineup lineup, Run run) {
        Simulation.of(lineup, run, Side.RIGHT, List.of()).ifPresent(simulation -> {
            Unfolding snap = simulation.snap(0);
            var matchup = Matchup.atTheSnap(lineup);
            List<Shown> shown = matchup.shown(matchup.blocking(run, Side.RIGHT).orElseThrow());
            lineup.jobs()
                    .forEach(job -> taught(shown, job).forEach((key, messages) -> compare(snap, job, key, messages)));
        });
    }

    /** By key, what the ledger says it shows him early and he is taught to do something about. */
    private static Map<String, Set<String>> taught(List<Shown> shown, Job job) {
        var taught = new HashMap<String, Set<String>>();
        shown.stream()
                .filter(s -> s.reader() == job && s.whose() != Whose.BLOCKER && s.seconds() <= FIRST_STEPS)
                .filter(s -> s.message() != Message.RUN && does(job, s))
                .forEach(s -> taught.computeIfAbsent(s.key().name(), k -> new LinkedHashSet<>())
                        .add(s.message().words()));
        return taught;
    }

    /** Who looks for a back behind a quarterback who stands upright acts on him later than from a step aside. */
    @Test
    void aKeyBehindABodyIsActedOnLater() {
        assertThat(acts() - acts(Plays.fault("mike:right:2"))).isBetween(0.1, 0.2);
    }

    /** From what the back shows the middle backer until he acts on it, seconds, on the average. */
    private static double acts(Fault... faults) {
        Simulation zone = Plays.of("doubles-pistol", "anvil-drizzle", "inside-zone", faults);
        return IntStream.range(0, Plays.SEEDS)
                .mapToObj(zone::snap)
                .mapToDouble(snap -> {
                    Happening shows = first(snap, h -> h.what() == What.KEY_SHOWS && "TB".equals(h.whom()));
                    Happening acts =
                            first(snap, h -> h.what() == What.TOLD && h.said().equals(shows.said()));
                    return acts.seconds() - shows.seconds();
                })
                .average()
                .orElseThrow();
    }

    private static Happening first(Unfolding snap, Predicate<Happening> such) {
        return snap.happenings().stream()
                .filter(h -> h.who().equals("mike"))
                .filter(such)
                .findFirst()
                .orElseThrow();
    }

    private static boolean does(Job job, Shown shown) {
        return job.after().reactions().stream()
                .anyMatch(r -> r.whose() == shown.whose()
                        && r.on().equals(shown.message().shown())
                        && r.taught());
    }

    private void compare(Unfolding snap, Job job, String key, Set<String> messages) {
        Set<String> said = snap.happenings().stream()
                .filter(h -> h.what() == What.KEY_SHOWS && h.who().equals(job.id()) && key.equals(h.whom()))
                .map(Happening::said)
                .collect(Collectors.toSet());
        pairs++;
        heard += said.isEmpty() ? 0 : 1;
        agree += said.stream().anyMatch(messages::contains) ? 1 : 0;
    }
}
