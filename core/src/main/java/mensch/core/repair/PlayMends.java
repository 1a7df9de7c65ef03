package mensch.core.repair;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import mensch.core.audit.Audit;
import mensch.core.audit.Finding;
import mensch.core.audit.FindingKey;
import mensch.core.audit.Subject;
import mensch.core.call.Call;
import mensch.core.formation.Snap;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.lineup.Change;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.play.Plays;
import mensch.core.repair.Reach.Way;
import mensch.core.rung.Part;
import mensch.core.simulation.Cause;
import mensch.core.simulation.Happening;
import mensch.core.simulation.Outcome;
import mensch.core.simulation.Playable;
import mensch.core.simulation.Playable.Named;
import mensch.core.simulation.Simulation;
import mensch.core.simulation.Unfolding;
import org.jspecify.annotations.Nullable;

/**
 * The smallest changes with which a call holds one play better: every change within reach of the men who are to blame
 * is lined up and the play is run at it again with the same luck; what is better beyond chance and breaks nothing new
 * is offered, the fewest men who learn something else first.
 */
public final class PlayMends {
    /** How many are offered. */
    private static final int OFFERED = 3;
    /** A change is looked at over so many snaps first, and proven over so many. */
    private static final int FIRST = 16;

    private static final int SEEDS = 80;
    /** So many men are tried. */
    private static final int MEN = 4;
    /** A change has to make a play hold so much more often, of one. */
    private static final double BETTER = 0.1;
    /** What it costs against all other plays is looked at over so many snaps of each; more than so much is too dear. */
    private static final int OF_EACH = 6;

    private static final double TOO_DEAR = 0.04;
    private static final Comparator<Found> SMALLEST = Comparator.comparingInt(
                    (Found f) -> f.mend().men())
            .thenComparing(Found::natural)
            .thenComparing(
                    Comparator.comparingDouble((Found f) -> f.mend().with().holds())
                            .reversed())
            .thenComparingInt(f -> f.mend().parts());

    private final Plays plays;
    private final Playable playable;
    private final Reach reach;
    private final Tags tags;
    private final Changed changed;

    /** @param plays what the offence is taken to run */
    public PlayMends(Library library, Plays plays) {
        this.plays = plays;
        this.playable = new Playable(plays);
        this.reach = new Reach(library);
        this.tags = new Tags(library);
        this.changed = new Changed(library, new Checks(library));
    }

    /**
     * A change with which the call holds better.
     *
     * @param steps sentences to add
     * @param tag the movement or pressure they are, by name, or null
     * @param costs findings against the offence's plays that were not there before
     * @param men jobs that are others now
     * @param parts parts of them that are others
     * @param with what comes of the play then
     * @param others share in which the call holds then when all other plays are run at it, to both sides
     */
    public record Mend(
            List<Sentence> steps,
            @Nullable String tag,
            List<Finding> costs,
            int men,
            int parts,
            Outcome with,
            double others) {
        public Mend {
            steps = List.copyOf(steps);
            costs = List.copyOf(costs);
        }

        Mend at(List<Finding> price, double holdsOthers) {
            return new Mend(steps, tag, price, men, parts, with, holdsOthers);
        }
    }

    private record Found(Mend mend, Natural natural) {}

    /**
     * @param before what comes of the play as the call stands
     * @param others share in which the call holds when all other plays are run at it, to both sides
     * @param tried how many changes were run
     */
    public record Offer(Outcome before, double others, List<Mend> mends, int tried) {}

    private record Broken(
            Call call, Lineup lineup, Named play, Side side, Outcome first, Outcome before, Set<FindingKey> was) {}

    /** None when the formation cannot run the play to that side. */
    public Optional<Offer> offer(Call call, Snap snap, String play, Side side) {
        Lineup lineup = Lineup.of(call, snap);
        return playable.named(play)
                .flatMap(named ->
                        playable.at(lineup, named, side, List.of()).map(s -> offer(call, lineup, named, side, s)));
    }

    private Offer offer(Call call, Lineup lineup, Named play, Side side, Simulation simulation) {
        var broken = new Broken(
                call,
                lineup,
                play,
                side,
                Outcome.of(simulation, FIRST),
                Outcome.of(simulation, SEEDS),
                Costs.keys(Audit.of(lineup)));
        Set<Part> parts = parts(play.kind());
        List<Job> men = men(lineup, simulation);
        var ways = new ArrayList<>(reach.natural(call, lineup, men, parts));
        Map<List<Sentence>, String> named = tags.changes(call, lineup, (job, words) -> reach.step(lineup, job, words));
        named.keySet().forEach(t -> ways.add(new Way(t, Natural.TAG)));
        Set<List<Sentence>> known = new HashSet<>();
        Set<List<Job>> outcomes = new HashSet<>();
        List<Way> fresh = fresh(ways, known);
        int tried = fresh.size();
        List<Mend> mends = mending(broken, fresh, named, outcomes);
        if (mends.isEmpty()) {
            List<Way> taught = fresh(reach.taught(lineup, men, parts), known);
            tried += taught.size();
            mends = mending(broken, taught, named, outcomes);
        }
        if (mends.isEmpty()) {
            return new Offer(broken.before(), 0, mends, tried);
        }
        double others = others(lineup, play);
        return new Offer(broken.before(), others, payable(broken, mends, others), tried);
    }

    private static List<Way> fresh(List<Way> ways, Set<List<Sentence>> known) {
        return ways.stream().filter(w -> known.add(w.steps())).toList();
    }

    private static Set<Part> parts(Playable.Kind kind) {
        return switch (kind) {
            case RUN -> EnumSet.of(Part.RUN, Part.ALIGN, Part.MOVE);
            case PASS -> EnumSet.of(Part.PASS, Part.ALIGN);
            case OPTION -> EnumSet.of(Part.RUN, Part.PASS, Part.ALIGN);
        };
    }

    /** Whom the causes name most often, then who stands nearest to where the ball gets through. */
    private static List<Job> men(Lineup lineup, Simulation simulation) {
        Map<String, Integer> named = new HashMap<>();
        double x = 0;
        double y = 0;
        int through = 0;
        for (int seed = 0; seed < FIRST; seed++) {
            Unfolding snap = simulation.snap(seed);
            for (Cause.Link link : simulation.cause(snap).links()) {
                named.merge(link.man(), 1, Integer::sum);
            }
            Optional<Point> at = through(snap);
            if (at.isPresent()) {
                x += at.get().x();
                y += at.get().y();
                through++;
            }
        }
        Point where = through == 0 ? new Point(0, 0) : new Point(x / through, y / through);
        return lineup.placed().stream()
                .sorted(Comparator.comparing(
                                (Lineup.Placed p) -> -named.getOrDefault(p.job().id(), 0))
                        .thenComparingDouble(p -> p.feet().distance(where)))
                .map(Lineup.Placed::job)
                .limit(MEN)
                .toList();
    }

    private static Optional<Point> through(Unfolding snap) {
        return snap.happenings().stream()
                .filter(h -> h.what() == Happening.What.CAUGHT || h.what() == Happening.What.LINE_CROSSED)
                .findFirst()
                .map(Happening::place);
    }

    private List<Mend> mending(
            Broken broken, List<Way> ways, Map<List<Sentence>, String> named, Set<List<Job>> outcomes) {
        // each is alone; which of two that lead to the same is kept is decided in their order
        List<Tried> sound = ways.stream()
                .flatMap(way -> sound(broken, way, outcomes).stream())
                .toList();
        return sound.parallelStream()
                .flatMap(t -> mends(broken, t, named).stream())
                .sorted(SMALLEST)
                .map(Found::mend)
                .toList();
    }

    private record Tried(Way way, Lineup after) {}

    /** None when it cannot be read, changes nothing, leads where another did, or breaks what was sound. */
    private Optional<Tried> sound(Broken broken, Way way, Set<List<Job>> outcomes) {
        return changed.by(broken.call(), way.steps())
                .map(call -> Lineup.of(call, broken.lineup().snap()))
                .filter(after -> !after.jobs().equals(broken.lineup().jobs()) && outcomes.add(after.jobs()))
                .filter(after -> !dear(Costs.of(Audit.of(after), broken.was())))
                .map(after -> new Tried(way, after));
    }

    private Optional<Found> mends(Broken broken, Tried tried, Map<List<Sentence>, String> named) {
        Optional<Simulation> at = playable.at(tried.after(), broken.play(), broken.side(), List.of());
        if (at.isEmpty() || Outcome.of(at.get(), FIRST).mean() >= broken.first().mean()) {
            return Optional.empty();
        }
        Outcome with = Outcome.of(at.get(), SEEDS);
        boolean better = broken.before().over(with).clear()
                && with.holds() >= broken.before().holds() + BETTER;
        if (!better) {
            return Optional.empty();
        }
        List<Change> parts = Change.between(broken.lineup(), tried.after());
        var mend = new Mend(
                tried.way().steps(),
                named.get(tried.way().steps()),
                List.of(),
                (int) parts.stream().map(c -> c.is().id()).distinct().count(),
                parts.size(),
                with,
                0);
        return Optional.of(new Found(mend, tried.way().natural()));
    }

    /** Those that cost nothing dear when every play meets the call again, which only the smallest do. */
    private List<Mend> payable(Broken broken, List<Mend> mends, double others) {
        Set<FindingKey> was = Costs.keys(against(broken.lineup()));
        var offered = new ArrayList<Mend>();
        for (Mend mend : mends) {
            if (offered.size() == OFFERED) {
                break;
            }
            Lineup with = changed.by(broken.call(), mend.steps())
                    .map(call -> Lineup.of(call, broken.lineup().snap()))
                    .orElseThrow();
            List<Finding> costs = Costs.of(against(with), was);
            if (!dear(costs)) {
                double then = others(with, broken.play());
                if (then >= others - TOO_DEAR) {
                    offered.add(mend.at(costs, then));
                }
            }
        }
        return offered;
    }

    /** In what share of snaps the call holds when every other play is run at it. */
    private double others(Lineup lineup, Named but) {
        return playable.named().parallelStream()
                .filter(n -> !n.id().equals(but.id()))
                .flatMap(n ->
                        Stream.of(Side.values()).flatMap(side -> playable.at(lineup, n, side, List.of()).stream()))
                .mapToDouble(simulation -> Outcome.of(simulation, OF_EACH).holds())
                .average()
                .orElse(1);
    }

    private List<Finding> against(Lineup lineup) {
        return Audit.of(new Subject(lineup, plays, List.of()));
    }

    /** What breaks something, or leaves something weak: nobody pays so much for one play. */
    private static boolean dear(List<Finding> costs) {
        return Costs.weak(costs) > 0 || costs.stream().anyMatch(Costs::breaks);
    }
}
