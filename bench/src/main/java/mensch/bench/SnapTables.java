package mensch.bench;

import java.io.PrintStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mensch.core.call.Call;
import mensch.core.document.RefusedException;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Matchup;
import mensch.core.play.Pass;
import mensch.core.play.Run;
import mensch.core.simulation.Outcome;
import mensch.core.simulation.Playable;
import mensch.core.simulation.Simulation;
import mensch.core.simulation.Unfolding;

/**
 * What the ledgers say of a play before the snap beside what comes of it when it is run, and that it comes of it in any
 * order and on any thread.
 */
final class SnapTables {
    private static final String SPOT = "hs m 50 1&10";
    private static final List<String> FORMATIONS = List.of("doubles-gun", "trips-open", "ace-h", "pro-i");
    private static final int SEEDS = 20;
    /** Snaps whose bytes are compared. */
    private static final int SNAPS = 10_000;
    /** So many of those that disagree most are named. */
    private static final int NAMED = 8;

    private final PrintStream out;
    private final Library library;
    private final List<Call> calls;

    SnapTables(PrintStream out, Library library) {
        this.out = out;
        this.library = library;
        this.calls =
                library.calls().stream().filter(c -> c.front().players() == 11).toList();
    }

    private record Asked(String formation, Call call, String play) {
        String words() {
            return play + " from " + formation + " at " + call.name();
        }
    }

    /** One play at one line-up. */
    private record Met(Asked asked, Lineup lineup, Simulation simulation) {
        String play() {
            return asked.play();
        }

        String words() {
            return asked.words();
        }
    }

    private Stream<Met> met(List<String> plays, int every) {
        var playable = new Playable(library.plays());
        var asked = new ArrayList<Asked>();
        FORMATIONS.forEach(f -> IntStream.range(0, calls.size())
                .forEach(c -> plays.stream()
                        .filter(p -> Math.floorMod(31 * c + p.hashCode(), every) == 0)
                        .forEach(p -> asked.add(new Asked(f, calls.get(c), p)))));
        return asked.parallelStream().flatMap(a -> {
            try {
                Lineup lineup =
                        Lineup.of(a.call(), library.formation(a.formation()).snap(null, false, SPOT));
                return playable.named(a.play()).flatMap(p -> playable.at(lineup, p, Side.RIGHT, List.of())).stream()
                        .map(s -> new Met(a, lineup, s));
            } catch (RefusedException e) {
                return Stream.empty();
            }
        });
    }

    /** A verdict of a ledger and what came of it. */
    private record Told(String verdict, Met met, Outcome outcome) {}

    /** Runs by who has more men at the point, passes by how many routes nobody has. */
    void ledger() {
        List<Run> runs = library.plays().runs();
        List<Told> ran = met(runs.stream().map(Run::id).toList(), 5)
                .flatMap(m -> runs.stream()
                        .filter(r -> r.id().equals(m.play()))
                        .findFirst()
                        .flatMap(r -> Matchup.atTheSnap(m.lineup()).blocking(r, Side.RIGHT))
                        .map(b -> new Told(b.outcome().words(), m, Outcome.of(m.simulation(), SEEDS)))
                        .stream())
                .toList();
        table("Runs, by what the ledger of the blocks says", ran, 12);
        List<Pass> passes = library.plays().passes();
        List<Told> thrown = met(passes.stream().map(Pass::id).toList(), 5)
                .flatMap(m -> passes.stream()
                        .filter(p -> p.id().equals(m.play()))
                        .findFirst()
                        .flatMap(p -> Matchup.atTheSnap(m.lineup()).distribution(p, Side.RIGHT))
                        .map(d -> new Told(
                                Math.min(2, d.open().size()) + " routes nobody has",
                                m,
                                Outcome.of(m.simulation(), SEEDS)))
                        .stream())
                .toList();
        table("Passes, by how many routes nobody has (2: two and more)", thrown, 16);
    }

    private void table(String title, List<Told> told, int explosive) {
        print("%s; %d snaps each:%n", title, SEEDS);
        Map<String, List<Told>> by =
                told.stream().collect(Collectors.groupingBy(Told::verdict, TreeMap::new, Collectors.toList()));
        by.forEach((verdict, those) -> {
            print(
                    "  %-24s %5d line-ups: %.1f yd, nothing in %.0f %%, %d and more in %.0f %%%n",
                    verdict,
                    those.size(),
                    mean(those, Outcome::mean),
                    100 * mean(those, Outcome::stuffed),
                    explosive,
                    100 * mean(those, Outcome::explosive));
            named("longest", those, Comparator.comparingDouble(t -> -t.outcome().mean()));
            named("shortest", those, Comparator.comparingDouble(t -> t.outcome().mean()));
        });
    }

    private void named(String which, List<Told> those, Comparator<Told> first) {
        print(
                "    %s: %s%n",
                which,
                those.stream()
                        .sorted(first.thenComparing(t -> t.met().words()))
                        .limit(NAMED)
                        .map(t -> String.format(
                                Locale.ROOT,
                                "%s %.1f",
                                t.met().words(),
                                t.outcome().mean()))
                        .collect(Collectors.joining("; ")));
    }

    private interface Figure {
        double of(Outcome outcome);
    }

    private static double mean(List<Told> told, Figure figure) {
        return told.stream().mapToDouble(t -> figure.of(t.outcome())).average().orElse(Double.NaN);
    }

    /** The same snaps in order on one thread, and shuffled on all. */
    void determinism() {
        List<String> plays = new Playable(library.plays())
                .named().stream().map(Playable.Named::id).toList();
        List<Met> met = met(plays, 20).toList();
        int[] inOrder = hashes(met, IntStream.range(0, SNAPS));
        List<Integer> shuffled =
                new ArrayList<>(IntStream.range(0, SNAPS).boxed().toList());
        Collections.shuffle(shuffled, new Random(1));
        int[] other = hashes(met, shuffled.parallelStream().mapToInt(i -> i));
        print(
                "Determinism: %d snaps of %d plays at line-ups, in order on one thread and shuffled on %d: %s to the byte%n",
                SNAPS,
                met.size(),
                Runtime.getRuntime().availableProcessors(),
                Arrays.equals(inOrder, other) ? "equal" : "DIFFERENT");
    }

    private static int[] hashes(List<Met> met, IntStream snaps) {
        int[] hashes = new int[SNAPS];
        snaps.forEach(i -> hashes[i] = hash(met.get(i % met.size()).simulation().snap(i)));
        return hashes;
    }

    private static int hash(Unfolding snap) {
        int hash = Double.hashCode(snap.gain()) + 31 * snap.happenings().hashCode();
        for (float[] track : snap.tracks()) {
            hash = 31 * hash + Arrays.hashCode(track);
        }
        return hash;
    }

    /** Whether the named part is one of this class, done then. */
    static Optional<Runnable> part(String name, PrintStream out, Library library) {
        var tables = new SnapTables(out, library);
        return switch (name) {
            case "ledger" -> Optional.of(tables::ledger);
            case "determinism" -> Optional.of(tables::determinism);
            default -> Optional.empty();
        };
    }

    private void print(String words, Object... values) {
        out.printf(Locale.ROOT, words, values);
    }
}
