package mensch.core.grading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import mensch.core.convention.FilmLimits;
import mensch.core.event.Event;
import mensch.core.film.Covariance;
import mensch.core.film.Places.Moved;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.grading.ReadVerdict.Outcome;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.lineup.Reaction;
import mensch.core.rung.Gives;
import mensch.core.rung.ReadTable;
import mensch.core.rung.Task;
import mensch.core.simulation.Fault;
import mensch.core.simulation.Happening;
import mensch.core.simulation.Playable;
import mensch.core.simulation.Simulation;
import mensch.core.simulation.Unfolding;
import org.jspecify.annotations.Nullable;

/**
 * Reads judged by movement. The call's rules and the play that was run say, by way of the simulated snap, how a man
 * moves who reads his keys right, who acts on them late, and who takes them for something else; how he was measured to
 * have moved is nearest to one of these, or cannot be told. Nothing is asked of a man whom no key tells anything.
 */
public final class ReadJudge {
    /** Snaps of each kind: blocks and contests go one way or another. */
    private static final int SEEDS = 6;
    /** Ticks late that still count as right, that may be either, and that are late. */
    private static final int MOST_LATE = 12;

    private static final int LATE_STEP = 2;
    /** How long he may believe what he read wrong, ticks. */
    private static final List<Integer> BELIEVES = List.of(8, 30);
    /** As fast as anybody runs, yards a second; and how likely it is beforehand that a man does something else. */
    private static final double RUNS = 7;

    private static final double OTHERWISE = 0.1;
    /** How many gaits are tried to either side of the model's. */
    private static final int GAITS = 3;
    /** Right and wrong are this many standard deviations apart where a click tells them. */
    private static final double APART = 3;

    /** What a man acts on, and when, seconds after the snap. */
    public record Told(String message, double seconds) {}

    private final Playable plays;
    private final Lineup asked;
    private final Playable.Named play;
    private final Side side;
    private final FilmLimits.Read limits;
    private final boolean pass;
    private final List<Unfolding> right;
    private @Nullable List<Other> others;
    private final Map<String, List<Way>> ways = new HashMap<>();

    /**
     * How he moves of one kind.
     *
     * @param as what he moves as on, where that is wrong
     */
    private record Way(Outcome outcome, double late, String as, List<Unfolding> snaps) {}

    private ReadJudge(Playable plays, Lineup asked, Playable.Named play, Side side, Simulation simulation) {
        this.plays = plays;
        this.asked = asked;
        this.play = play;
        this.side = side;
        this.limits = asked.convention().film().read();
        this.pass = simulation.pass();
        this.right = snaps(simulation);
    }

    /**
     * @param asked the line-up against the offence as it stood
     * @param side to which the play went
     * @return none when the formation cannot run the play to that side
     */
    public static Optional<ReadJudge> of(Playable plays, Lineup asked, String play, Side side) {
        return plays.named(play)
                .flatMap(named -> plays.at(asked, named, side, List.of())
                        .map(simulation -> new ReadJudge(plays, asked, named, side, simulation)));
    }

    private static List<Unfolding> snaps(Simulation simulation) {
        return IntStream.range(0, SEEDS).mapToObj(simulation::snap).toList();
    }

    /** What his keys tell him on this play that changes his job, in turn; the same in most snaps. */
    public List<Told> told(Job job) {
        return told(job, right.get(0));
    }

    private static List<Told> told(Job job, Unfolding snap) {
        return snap.happenings().stream()
                .filter(h -> h.what() == Happening.What.TOLD && h.who().equals(job.id()))
                .map(h -> new Told(h.said(), h.seconds()))
                .toList();
    }

    /** Whether the play is a pass. */
    public boolean pass() {
        return pass;
    }

    /** What he is to do once he has read this play right. */
    public Task resolved(Job job) {
        Task task = pass ? job.passTask() : job.runTask();
        for (Told told : told(job)) {
            ReadTable.Reaction reaction = reaction(job, told);
            if (reaction instanceof ReadTable.GoesToPass) {
                task = job.passTask();
            } else if (reaction instanceof ReadTable.Becomes becomes) {
                task = becomes(becomes, task);
            } else if (!pass) {
                task = job.runTask();
            }
        }
        return task;
    }

    private static ReadTable.Reaction reaction(Job job, Told told) {
        return Event.of(told.message()).map(e -> job.on(e).orders()).orElseGet(ReadTable.Stands::new);
    }

    private Task becomes(ReadTable.Becomes becomes, Task before) {
        Task task = before;
        for (Gives part : becomes.parts()) {
            if (!pass && part instanceof Gives.Run run) {
                task = run.steps().first();
            } else if (pass && part instanceof Gives.Pass now) {
                task = now.steps().first();
            }
        }
        return task;
    }

    /** What he is taught to do on what he acts on, in the words he is told; empty when his job stands. */
    public List<String> taught(Job job) {
        return told(job).stream()
                .flatMap(t -> Event.of(t.message()).map(job::on).stream())
                .map(Reaction::said)
                .filter(said -> !said.isEmpty())
                .distinct()
                .toList();
    }

    /**
     * The first moment at which a click on him tells right from wrong, seconds after the snap; none when they look
     * alike to the end of the play or he is told nothing.
     *
     * @param sigma one standard deviation of a place on this film, yards
     */
    public Optional<Double> tellsAt(Job job, double sigma) {
        if (told(job).isEmpty()) {
            return Optional.empty();
        }
        List<Way> wrong =
                ways(job).stream().filter(w -> w.outcome() == Outcome.WRONG).toList();
        int ticks = right.stream().mapToInt(Unfolding::ticks).min().orElse(0);
        for (int tick = 1; tick < ticks; tick++) {
            Point here = middle(right, job, tick);
            for (Way way : wrong) {
                if (here.distance(middle(way.snaps(), job, tick)) > APART * Math.hypot(sigma, spread(here))) {
                    return Optional.of(tick * Unfolding.TICK_SECONDS);
                }
            }
        }
        return Optional.empty();
    }

    /** Where he has come to in the middle of some snaps. */
    private static Point middle(List<Unfolding> snaps, Job job, double tick) {
        double x = 0;
        double y = 0;
        for (Unfolding snap : snaps) {
            Point moved = moved(snap, job, tick);
            x += moved.x() / snaps.size();
            y += moved.y() / snaps.size();
        }
        return new Point(x, y);
    }

    /** @param steps at least one; places of one man after the snap */
    public ReadVerdict of(Job job, List<Moved> steps) {
        var shares = new HashMap<Outcome, List<Double>>();
        var best = new HashMap<Outcome, Way>();
        var most = new HashMap<Outcome, Double>();
        for (Way way : ways(job)) {
            double likely = likelihood(way.snaps(), job, steps);
            if (way.outcome() != Outcome.NOT_TOLD) {
                shares.computeIfAbsent(way.outcome(), o -> new ArrayList<>()).add(likely);
            }
            if (likely > most.getOrDefault(way.outcome(), -1.0)) {
                most.put(way.outcome(), likely);
                best.put(way.outcome(), way);
            }
        }
        double sum = shares.values().stream().mapToDouble(ReadJudge::mean).sum();
        if (otherwise(steps) * OTHERWISE > sum) {
            return unlike(job, steps);
        }
        Outcome likeliest = shares.entrySet().stream()
                .max(Comparator.comparingDouble(e -> mean(e.getValue())))
                .map(Map.Entry::getKey)
                .orElse(Outcome.NOT_TOLD);
        double sure = sum > 0 ? mean(shares.getOrDefault(likeliest, List.of())) / sum : 0;
        if (sure < limits.sure()) {
            return new ReadVerdict(
                    Outcome.NOT_TOLD,
                    0,
                    sure,
                    "told " + messages(job) + "; where he was clicked right, late and wrong look too much alike");
        }
        Way way = Objects.requireNonNull(best.get(likeliest));
        return new ReadVerdict(likeliest, way.late(), sure, words(job, way));
    }

    /** Who moves unlike right, late and misread: as on a play of another kind, or as on nothing that is known. */
    private ReadVerdict unlike(Job job, List<Moved> steps) {
        double least = otherwise(steps);
        Optional<Other> as = others().stream()
                // where another play tells him the same he has read nothing wrong
                .filter(o -> !messages(told(job, o.snaps().get(0))).equals(messages(job)))
                .filter(o -> likelihood(o.snaps(), job, steps) > least)
                .max(Comparator.comparingDouble(o -> likelihood(o.snaps(), job, steps)));
        return as.map(o -> new ReadVerdict(
                        Outcome.WRONG, 0, 1 - OTHERWISE, "moved as on " + o.as() + ", told " + messages(job)))
                .orElseGet(() -> new ReadVerdict(
                        Outcome.NOT_TOLD,
                        0,
                        0,
                        "told " + messages(job) + "; moved unlike who reads it right, late or wrong"));
    }

    private double likelihood(List<Unfolding> snaps, Job job, List<Moved> steps) {
        return snaps.stream()
                .mapToDouble(snap -> likelihood(snap, job, steps))
                .average()
                .orElse(0);
    }

    /** How likely his places are of a man who may have gone anywhere that he can run to. */
    private static double otherwise(List<Moved> steps) {
        double likely = 1;
        for (Moved step : steps) {
            double reach = 1 + RUNS * step.seconds();
            // density of an even spread over a circle, beside those of the normal spread without its 2 pi
            likely *= 2 / (reach * reach);
        }
        return likely;
    }

    private String messages(Job job) {
        return messages(told(job));
    }

    private static String messages(List<Told> told) {
        return String.join(
                ", then ", told.stream().map(Told::message).distinct().toList());
    }

    private static double mean(List<Double> values) {
        return values.stream().mapToDouble(Double::doubleValue).average().orElse(0);
    }

    private String words(Job job, Way way) {
        return switch (way.outcome()) {
            case LATE -> String.format(Locale.ROOT, "moved as on %s, but %.1f s late", messages(job), way.late());
            case WRONG -> "moved as on " + way.as() + ", told " + messages(job);
            default -> "moved as on " + messages(job);
        };
    }

    /** Of a man faster or slower than the model's by as much as may be, any of them as likely. */
    private double likelihood(Unfolding snap, Job job, List<Moved> steps) {
        return IntStream.rangeClosed(-GAITS, GAITS)
                .mapToDouble(i -> likelihood(snap, job, steps, 1 + i * limits.gait() / GAITS))
                .average()
                .orElseThrow();
    }

    private double likelihood(Unfolding snap, Job job, List<Moved> steps, double gait) {
        double likely = 1;
        for (Moved step : steps) {
            Point model = moved(snap, job, step.seconds() / Unfolding.TICK_SECONDS);
            Covariance of = step.by().covariance().plus(Covariance.of(limits.step(), limits.step()));
            double sigmas = of.sigmasApart(
                    new Point(gait * model.x(), gait * model.y()), step.by().feet());
            likely *= Math.exp(-sigmas * sigmas / 2) / Math.sqrt(of.determinant());
        }
        return likely;
    }

    private double spread(Point by) {
        return Math.hypot(limits.step(), limits.gait() * by.distance(new Point(0, 0)));
    }

    private static Point moved(Unfolding snap, Job job, double tick) {
        int man = snap.men().indexOf(job.id());
        int last = snap.ticks() - 1;
        int before = Math.min(last, (int) Math.floor(tick));
        int after = Math.min(last, before + 1);
        double part = tick - Math.floor(tick);
        Point from = snap.at(man, 0);
        Point one = snap.at(man, before);
        Point two = snap.at(man, after);
        return new Point(
                one.x() + part * (two.x() - one.x()) - from.x(), one.y() + part * (two.y() - one.y()) - from.y());
    }

    private List<Way> ways(Job job) {
        return ways.computeIfAbsent(job.id(), id -> {
            var all = new ArrayList<Way>();
            all.add(new Way(Outcome.RIGHT, 0, "", right));
            for (int ticks = LATE_STEP; ticks <= MOST_LATE; ticks += LATE_STEP) {
                double seconds = ticks * Unfolding.TICK_SECONDS;
                Outcome outcome = seconds >= limits.late()
                        ? Outcome.LATE
                        : seconds < limits.late() / 2 ? Outcome.RIGHT : Outcome.NOT_TOLD;
                with(new Fault(id, Fault.Kind.SLOW_READ, ticks, null))
                        .ifPresent(snaps -> all.add(new Way(outcome, seconds, "", snaps)));
            }
            for (int ticks : BELIEVES) {
                with(new Fault(id, Fault.Kind.BAD_READ, ticks, null)).ifPresent(snaps -> {
                    List<String> taken = told(job, snaps.get(0)).stream()
                            .map(Told::message)
                            .filter(m -> told(job).stream()
                                    .noneMatch(t -> t.message().equals(m)))
                            .toList();
                    all.add(new Way(Outcome.WRONG, 0, taken.isEmpty() ? "another key" : taken.get(0), snaps));
                });
            }
            return all;
        });
    }

    private Optional<List<Unfolding>> with(Fault fault) {
        return plays.at(asked, play, side, List.of(fault)).map(ReadJudge::snaps);
    }

    /** Another kind of play from the same picture, for who takes this one for it. */
    private record Other(String as, List<Unfolding> snaps) {}

    /** A pass and the run to the other side, of a run; a run to either side, of a pass. Few men need them. */
    private List<Other> others() {
        if (others != null) {
            return others;
        }
        var found = new ArrayList<Other>();
        if (pass) {
            for (Side to : Side.values()) {
                first(Playable.Kind.RUN, to)
                        .ifPresent(snaps -> found.add(new Other("a run to their " + to.words(), snaps)));
            }
        } else {
            first(Playable.Kind.PASS, side).ifPresent(snaps -> found.add(new Other("a pass", snaps)));
            plays.at(asked, play, side.opposite(), List.of())
                    .ifPresent(away -> found.add(
                            new Other("a run to their " + side.opposite().words(), snaps(away))));
        }
        others = List.copyOf(found);
        return others;
    }

    private Optional<List<Unfolding>> first(Playable.Kind kind, Side to) {
        return plays.named().stream()
                .filter(n -> n.kind() == kind)
                .flatMap(n -> plays.at(asked, n, to, List.of()).stream())
                .findFirst()
                .map(ReadJudge::snaps);
    }
}
