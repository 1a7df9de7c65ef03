package mensch.bench;

import java.io.PrintStream;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.concurrent.ConcurrentSkipListSet;
import java.util.concurrent.atomic.LongAdder;
import java.util.function.Predicate;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import mensch.core.call.Call;
import mensch.core.call.Layer;
import mensch.core.convention.Chosen;
import mensch.core.convention.Figure;
import mensch.core.convention.FigureGroup;
import mensch.core.document.DocumentRef;
import mensch.core.document.RefusedException;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.library.LibraryFormation;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Ladder;
import mensch.core.rung.RungId;
import mensch.core.rung.RungReader;
import mensch.core.simulation.Cause;
import mensch.core.simulation.Fault;
import mensch.core.simulation.Outcome;
import mensch.core.simulation.Playable;
import mensch.core.simulation.Simulation;
import mensch.core.simulation.Unfolding;

/**
 * What the model of a snap is worth, measured: the whole grid without a fault, what mending the man who is blamed does,
 * and which verdicts hang on which figure. Takes some minutes; nothing in it is by chance of the clock.
 */
public final class SnapReport {
    private static final String SPOT = "hs m 50 1&10";
    private static final List<String> FIGURES = List.of("snap-model", "snap-details", "key-limits");
    /** A verdict is asked of so many seeds. */
    private static final int SEEDS = 120;
    /** A play that comes out alike so often does not go by a figure. */
    private static final int FIRST = 12;
    /** What if, so often. */
    private static final int WHAT_IFS = 300;

    private static final int OF_EACH = 40;
    /** Nobody has to be farther out of the field than this, yards. */
    private static final double OUT = 3;
    /** Two men who are on no block are no nearer than this for long, yards. */
    private static final double BODIES = 0.3;

    private final PrintStream out;
    private final Library library;
    private final Map<Asked, Known> ships = new ConcurrentHashMap<>();

    private SnapReport(PrintStream out) {
        this.out = out;
        this.library = Library.shipped();
    }

    /** @param args which of the parts; all of them when none is named */
    public static void main(String[] args) {
        var report = new SnapReport(System.out);
        List<String> which = args.length == 0
                ? List.of("determinism", "ledger", "grid", "counterfactual", "sensitivity")
                : List.of(args);
        which.forEach(part -> SnapTables.part(part, report.out, report.library).ifPresent(Runnable::run));
        if (which.contains("grid")) {
            report.grid();
        }
        if (which.contains("counterfactual")) {
            report.counterfactual();
        }
        if (which.contains("sensitivity")) {
            report.sensitivity();
        }
    }

    private static Optional<Simulation> at(
            Library library, String formation, Call call, String play, Side side, List<Fault> faults) {
        try {
            LibraryFormation of = library.formation(formation);
            Lineup lineup = Lineup.of(call, of.snap(null, false, SPOT));
            var plays = new Playable(library.plays());
            return plays.named(play).flatMap(named -> plays.at(lineup, named, side, faults));
        } catch (RefusedException e) {
            return Optional.empty();
        }
    }

    /** Every call by every play by every formation of eleven: no place that is none, nobody out of the field. */
    private void grid() {
        List<Call> calls =
                library.calls().stream().filter(c -> c.front().players() == 11).toList();
        List<String> formations = library.formationsFor(calls.get(0)).stream()
                .map(LibraryFormation::id)
                .toList();
        var snaps = new LongAdder();
        var none = new LongAdder();
        var away = new LongAdder();
        var through = new LongAdder();
        long began = System.nanoTime();
        new Playable(library.plays())
                .named().parallelStream()
                        .forEach(play -> formations.forEach(formation ->
                                calls.forEach(call -> at(library, formation, call, play.id(), Side.RIGHT, List.of())
                                        .ifPresent(simulation -> {
                                            Unfolding snap = simulation.snap(0);
                                            snaps.increment();
                                            if (!sound(snap)) {
                                                none.increment();
                                            }
                                            if (outside(snap)) {
                                                away.increment();
                                            }
                                            if (together(snap)) {
                                                through.increment();
                                            }
                                        }))));
        double seconds = (System.nanoTime() - began) / 1e9;
        print(
                "Grid: %d snaps in %.0f s on %d cores; %d with a place that is none, %d with a man more than %.0f yd out of"
                        + " the field, %d with two defenders in one place for half a second%n",
                snaps.sum(),
                seconds,
                Runtime.getRuntime().availableProcessors(),
                none.sum(),
                away.sum(),
                OUT,
                through.sum());
    }

    private static boolean sound(Unfolding snap) {
        for (float[] track : snap.tracks()) {
            for (float value : track) {
                if (!Float.isFinite(value)) {
                    return false;
                }
            }
        }
        return Double.isFinite(snap.gain());
    }

    private static boolean outside(Unfolding snap) {
        double wide = 53.0 + 1.0 / 3;
        for (float[] track : snap.tracks()) {
            for (int i = 0; i < track.length; i += 2) {
                if (Math.abs(track[i]) > wide / 2 + OUT) {
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean together(Unfolding snap) {
        int first = snap.men().size() - 11;
        for (int a = first; a < snap.men().size(); a++) {
            for (int b = a + 1; b < snap.men().size(); b++) {
                int ticks = 0;
                for (int tick = 0; tick < snap.ticks(); tick++) {
                    Point one = snap.at(a, tick);
                    ticks = one.distance(snap.at(b, tick)) < BODIES ? ticks + 1 : 0;
                    if (ticks >= 10) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    /**
     * Faults put in at random; where the chain blames the man who has one, he does as he is told and the same seeds are
     * run again.
     */
    private void counterfactual() {
        var random = new SplittableRandom(1);
        List<Call> calls =
                library.calls().stream().filter(c -> c.front().players() == 11).toList();
        List<Playable.Named> plays = new Playable(library.plays()).named();
        List<Fault.Kind> kinds =
                List.of(Fault.Kind.LATE, Fault.Kind.FALSE_STEP, Fault.Kind.SLOW_READ, Fault.Kind.BAD_READ);
        int asked = 0;
        int fell = 0;
        int same = 0;
        while (asked < WHAT_IFS) {
            String formation =
                    List.of("pro-i", "doubles-gun", "trips-open", "ace-h").get(random.nextInt(4));
            Call call = calls.get(random.nextInt(calls.size()));
            String play = plays.get(random.nextInt(plays.size())).id();
            Lineup lineup = Lineup.of(call, library.formation(formation).snap(null, false, SPOT));
            Job job = lineup.jobs().get(random.nextInt(lineup.jobs().size()));
            Fault.Kind kind = kinds.get(random.nextInt(kinds.size()));
            var fault = new Fault(job.id(), kind, kind == Fault.Kind.FALSE_STEP ? 1.5 : 8);
            Optional<Simulation> wrong = at(library, formation, call, play, Side.RIGHT, List.of(fault));
            Optional<Simulation> right = at(library, formation, call, play, Side.RIGHT, List.of());
            if (wrong.isEmpty() || right.isEmpty()) {
                continue;
            }
            List<Unfolding> blamed = LongStream.range(0, OF_EACH)
                    .mapToObj(wrong.get()::snap)
                    .filter(snap -> blames(wrong.get().cause(snap), job))
                    .toList();
            if (blamed.size() < 3) {
                continue;
            }
            asked++;
            double with = blamed.stream().mapToDouble(Unfolding::gain).average().orElseThrow();
            double without = blamed.stream()
                    .mapToDouble(snap -> right.get().snap(snap.seed()).gain())
                    .average()
                    .orElseThrow();
            if (without < with - 0.05) {
                fell++;
            } else if (without < with + 0.05) {
                same++;
            }
        }
        print(
                "Counterfactual: in %d what-ifs whose chain blames the man with the fault, the same seeds without it gain less"
                        + " in %.0f %%, the same in %.0f %% (asked: less in 80 %%)%n",
                asked, 100.0 * fell / asked, 100.0 * same / asked);
    }

    private static boolean blames(Cause cause, Job job) {
        return cause.to() == Cause.Blame.FAULT && cause.man().equals(job.id());
    }

    /** One thing is better than another, beyond chance: a verdict of the tests. */
    private record Verdict(String name, Asked more, Asked less) {}

    /** @param told one man told otherwise by hand, "role: sentence"; empty for nobody */
    private record Asked(String formation, String call, String play, String fault, String told) {
        Simulation in(Library library) {
            List<Fault> faults = fault.isEmpty()
                    ? List.of()
                    : List.of(Fault.of(fault, library.plays().routes()));
            return at(library, formation, call(library), play, Side.RIGHT, faults)
                    .orElseThrow();
        }

        private Call call(Library library) {
            if (told.isEmpty()) {
                return library.call(call);
            }
            String role = told.substring(0, told.indexOf(':'));
            var rung = RungReader.read(
                    new RungId("hand", role, "now"), told.substring(role.length() + 1), library.vocabulary());
            return library.call(call)
                    .under(new Layer(
                            Layer.Kind.HAND, new DocumentRef("hand", 0, ""), Map.of(role, new Ladder(List.of(rung)))));
        }
    }

    private static Asked asked(String formation, String call, String play, String fault) {
        return new Asked(formation, call, play, fault, "");
    }

    private static Asked told(String formation, String call, String play, String told) {
        return new Asked(formation, call, play, "", told);
    }

    private static final List<Verdict> VERDICTS = List.of(
            new Verdict(
                    "an end too wide opens power",
                    asked("pro-i", "anvil-drizzle", "power", "end-call:right:2"),
                    asked("pro-i", "anvil-drizzle", "power", "")),
            new Verdict(
                    "a bad read costs against the counter",
                    asked("ace-h", "anvil-drizzle", "counter", "mike:bad read:12"),
                    asked("ace-h", "anvil-drizzle", "counter", "")),
            new Verdict(
                    "a false step costs against the stretch",
                    asked("ace-h", "chisel-drizzle", "outside-zone", "end-call:false step:1.5"),
                    asked("ace-h", "chisel-drizzle", "outside-zone", "")),
            new Verdict(
                    "a slow corner is beaten by verticals",
                    asked("doubles-gun", "anvil-squall", "four-verticals", "corner-right:slow read:9"),
                    asked("doubles-gun", "anvil-squall", "four-verticals", "")),
            new Verdict(
                    "a corner who turns early gives the curl",
                    asked("doubles-gun", "anvil-squall", "curl-flat", "corner-right:turns early:5"),
                    asked("doubles-gun", "anvil-squall", "curl-flat", "")),
            new Verdict(
                    "inside zone gains more against two deep than against three deep with the safety down",
                    asked("pro-i", "anvil-fog", "inside-zone", ""),
                    asked("pro-i", "anvil-drizzle", "inside-zone", "")),
            new Verdict(
                    "a late read at the point costs against duo",
                    asked("ace-h", "anvil-fog", "duo", "mike:slow read:8"),
                    asked("ace-h", "anvil-fog", "duo", "")),
            new Verdict(
                    "a safety who helps on the crosser gives his own man away",
                    told("doubles-gun", "anvil-frost", "post-wheel", "free: pass hole"),
                    asked("doubles-gun", "anvil-frost", "post-wheel", "")),
            new Verdict(
                    "and takes the crosser away",
                    asked("doubles-gun", "anvil-frost", "drive", ""),
                    told("doubles-gun", "anvil-frost", "drive", "free: pass hole")),
            new Verdict(
                    "a backer who sees late that the fullback leaks is beaten on the boot",
                    asked("pro-i", "anvil-squall", "boot-flood", "mike:slow read:8"),
                    asked("pro-i", "anvil-squall", "boot-flood", "")),
            new Verdict(
                    "an edge pressure that aims at the back gives up the run round it",
                    told("doubles-gun", "anvil-drizzle", "outside-zone", "nickel: move blitz to 0 outside near back"),
                    told(
                            "doubles-gun",
                            "anvil-drizzle",
                            "outside-zone",
                            "nickel: move blitz to 2 outside quarterback")),
            new Verdict(
                    "an out beats inside leverage and loses to outside leverage",
                    told(
                            "doubles-open",
                            "anvil-squall",
                            "out-flat",
                            "corner: align over #1, inside, 1 x 5; pass man #1"),
                    told(
                            "doubles-open",
                            "anvil-squall",
                            "out-flat",
                            "corner: align over #1, outside, 1 x 5; pass man #1")),
            new Verdict(
                    "quick outs beat off inside leverage more than a corner in the flat",
                    asked("doubles-gun", "anvil-squall", "quick-outs", ""),
                    asked("doubles-gun", "anvil-fog", "quick-outs", "")));

    /** How a play comes out as it ships, and on its first snaps. */
    private record Known(List<Double> first, Outcome outcome) {}

    /** A figure set otherwise than it ships. */
    private record Otherwise(String figure, double to) {
        @Override
        public String toString() {
            return String.format(Locale.ROOT, "%s %.3g", figure, to);
        }
    }

    /** A figure a fifth up and down within its bounds; one that is counted by one. */
    private static Stream<Otherwise> fifths(FigureGroup group, Figure figure) {
        boolean counted = figure.unit().equals("ticks") || figure.unit().equals("men");
        return Stream.of(-1, 1)
                .map(way -> figure.value() + way * (counted ? 1 : Math.abs(figure.value()) / 5))
                .map(to -> Math.max(figure.least(), Math.min(figure.most(), to)))
                .filter(to -> to != figure.value())
                .map(to -> new Otherwise(group.id() + "/" + figure.id(), to));
    }

    /** Each figure a snap goes by a fifth up and down: which verdicts are others then. */
    private void sensitivity() {
        Map<String, Boolean> usual = verdicts(library);
        print("Sensitivity: verdicts as it ships: %s%n", usual);
        List<Otherwise> sets = library.vocabulary().convention().figures().groups().stream()
                .filter(g -> FIGURES.contains(g.id()))
                .flatMap(g -> g.figures().stream().flatMap(f -> fifths(g, f)))
                .toList();
        var flips = new ConcurrentSkipListMap<String, Set<String>>();
        sets.parallelStream().forEach(set -> {
            Map<String, Boolean> now = verdicts(measuring(set));
            usual.keySet().stream()
                    .filter(v -> !usual.get(v).equals(now.get(v)))
                    .forEach(v -> flips.computeIfAbsent(v, k -> new ConcurrentSkipListSet<>())
                            .add(set.toString()));
        });
        print(
                "%d figures, each a fifth up and down (%d runs), %d verdicts each:%n",
                sets.stream().map(Otherwise::figure).distinct().count(), sets.size(), usual.size());
        flips.forEach((verdict, by) -> print("  %s is another with %s%n", verdict, String.join(", ", by)));
        long held = usual.keySet().stream()
                .filter(Predicate.not(flips::containsKey))
                .count();
        print("  %d of %d verdicts hang on no single figure%n", held, usual.size());
    }

    /** The library with one figure set; one that is counted goes to the next whole number. */
    private Library measuring(Otherwise set) {
        try {
            return library.choosing(new Chosen(Map.of(), Map.of(set.figure(), set.to())));
        } catch (RefusedException e) {
            return library.choosing(new Chosen(Map.of(), Map.of(set.figure(), Math.rint(set.to()))));
        }
    }

    private Map<String, Boolean> verdicts(Library measured) {
        var answers = new LinkedHashMap<String, Boolean>();
        VERDICTS.forEach(v -> answers.put(
                v.name(), of(v.more(), measured).over(of(v.less(), measured)).clear()));
        return answers;
    }

    /** What comes of it; a play whose first snaps are as they ship, to the last digit, does not go by that figure. */
    private Outcome of(Asked asked, Library measured) {
        Simulation simulation = asked.in(measured);
        Known usual = ships.computeIfAbsent(asked, a -> {
            Simulation as = a.in(library);
            return new Known(first(as), Outcome.of(as, SEEDS));
        });
        return first(simulation).equals(usual.first()) ? usual.outcome() : Outcome.of(simulation, SEEDS);
    }

    private static List<Double> first(Simulation simulation) {
        return LongStream.range(0, FIRST)
                .mapToObj(seed -> simulation.snap(seed).gain())
                .toList();
    }

    private void print(String words, Object... values) {
        out.printf(Locale.ROOT, words, values);
    }
}
