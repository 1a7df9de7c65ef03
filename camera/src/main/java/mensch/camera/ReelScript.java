package mensch.camera;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import mensch.camera.Scene.Fault;
import mensch.core.convention.Convention;
import mensch.core.field.Field;
import mensch.core.formation.Formation;
import mensch.core.formation.Man;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.roster.Player;
import mensch.core.roster.Roster;
import mensch.core.simulation.Fault.Kind;
import mensch.core.simulation.Happening;
import mensch.core.simulation.Playable;
import mensch.core.simulation.Simulation;
import mensch.core.simulation.Unfolding;

/**
 * Ten made-up snaps, run by the model to the whistle: the offence jittered, the defence as asked but for small human
 * errors and the scripted faults.
 */
public final class ReelScript {
    private static final double SPLIT_JITTER = 0.3;
    private static final double RECEIVER_JITTER = 1.0;
    private static final double STANCE_JITTER = 0.08;

    /** Formation, its side, our call, the spot, their play and the side it goes to. */
    private static final List<String[]> LOG = List.of(
            new String[] {"pro-i", "right", "anvil-drizzle", "hs m 62 1&10", "power", "right"},
            new String[] {"doubles-gun", "right", "anvil-drizzle", "hs l 57 2&5", "counter", "left"},
            new String[] {"trips-open", "left", "anvil-fog", "hs r 52 1&10", "zone-read", "right"},
            new String[] {"pro-i", "left", "anvil-drizzle", "hs l 46 2&4", "iso", "left"},
            new String[] {"ace-twin-ends", "right", "anvil-fog", "hs m 43 3&1", "duo", "right"},
            new String[] {"trips-nub", "right", "anvil-drizzle", "hs r 39 1&10", "hitches", "right"},
            new String[] {"empty-3x2", "right", "anvil-fog", "hs m 36 2&7", "smash", "right"},
            new String[] {"pro-i", "right", "anvil-fog", "hs l 30 1&10", "toss", "left"},
            new String[] {"doubles-gun", "left", "anvil-drizzle", "hs r 24 2&6", "curl-flat", "right"},
            new String[] {"trips-open", "right", "anvil-drizzle", "hs l 21 3&3", "draw", "right"});

    private static final Fault WIDE = stands("nickel", "nickel 1.8 yd wide", 1.8, 0);
    private static final Fault GAP_OVER = stands("will", "backer a gap over", 1.33, 0);
    private static final Fault DEEP = stands("free", "safety late, 4 yd deep of his place", 0, 4);
    private static final Fault FIVE = stands("end-call", "end in a 5 instead of a 7", -0.53, 0);
    private static final Fault LATE = does("mike", "backer reads 0.4 s late", Kind.SLOW_READ, 8);
    private static final Fault FOOLED = does("will", "backer takes the key for another", Kind.BAD_READ, 14);
    private static final Fault OFF_LATE = does("tackle", "tackle off the ball 0.2 s late", Kind.LATE, 4);
    private static final List<List<Fault>> FAULTS = List.of(
            List.of(WIDE, LATE),
            List.of(FOOLED),
            List.of(GAP_OVER, OFF_LATE),
            List.of(FIVE),
            List.of(DEEP, LATE),
            List.of(OFF_LATE),
            List.of(WIDE, DEEP),
            List.of(FIVE, FOOLED),
            List.of(GAP_OVER),
            List.of(WIDE));

    private static Fault stands(String job, String words, double wider, double deeper) {
        return new Fault(job, words, wider, deeper, Optional.empty());
    }

    private static Fault does(String job, String words, Kind kind, double ticks) {
        return new Fault(job, words, 0, 0, Optional.of(new mensch.core.simulation.Fault(job, kind, ticks, null)));
    }

    private final Library library = Library.shipped();
    private final Random random;
    private final Roster roster;

    /** @param roster whose numbers the defence wears */
    ReelScript(long seed, Roster roster) {
        this.random = new Random(seed);
        this.roster = roster;
    }

    public List<Scene> scenes() {
        var scenes = new ArrayList<Scene>();
        for (int i = 0; i < LOG.size(); i++) {
            scenes.add(scene(i + 1, LOG.get(i), FAULTS.get(i)));
        }
        return scenes;
    }

    private Scene scene(int number, String[] log, List<Fault> faults) {
        boolean mirrored = log[1].equals("left");
        Formation sheet = library.formation(log[0]).formation();
        Snap spot = Notation.place(sheet, log[3]);
        Formation fitted = (mirrored ? sheet.mirror() : sheet)
                .fit(spot.field(), Convention.standard().bodies());
        Snap snap = new Snap(
                List.of(jittered(fitted, spot.field())),
                spot.field(),
                spot.situation(),
                mirrored ? Side.LEFT : Side.RIGHT,
                false,
                0,
                Set.of());
        Lineup lineup = Lineup.of(library.call(log[2]), snap);
        Side side = log[5].equals("left") ? Side.LEFT : Side.RIGHT;
        Unfolding unfolding = run(lineup, log[4], side, faults).snap(number);
        Map<String, Player> men = roster.fill(lineup).byJob();
        var bodies = new ArrayList<Body>();
        for (Man man : snap.formation().men()) {
            boolean line = man.interior();
            int index = bodies.size();
            int jersey = line ? 60 + index : man.post() == Man.Post.QUARTERBACK ? 7 : 80 + index;
            bodies.add(new Body(man.name(), jersey, false, man.feet(), way(unfolding, man.name()), line));
        }
        for (Job job : lineup.jobs()) {
            bodies.add(defender(job, number(job, men, bodies.size()), faults, way(unfolding, job.id())));
        }
        return new Scene(
                number,
                log[0],
                mirrored,
                log[2],
                log[3],
                snap,
                List.copyOf(bodies),
                ball(unfolding),
                ran(log[4], side, unfolding),
                faults);
    }

    private Simulation run(Lineup lineup, String play, Side side, List<Fault> faults) {
        var plays = new Playable(library.plays());
        return plays.at(
                        lineup,
                        plays.named(play).orElseThrow(),
                        side,
                        faults.stream().flatMap(f -> f.does().stream()).toList())
                .orElseThrow();
    }

    private static Scene.Run ran(String play, Side side, Unfolding unfolding) {
        return new Scene.Run(
                play,
                side,
                when(unfolding, Happening.What.BACK_COMMITS),
                when(unfolding, Happening.What.THROWN),
                pressed(unfolding),
                (unfolding.ticks() - 1) * Body.TICK,
                unfolding.gain(),
                unfolding.ending());
    }

    private static Optional<Scene.Press> pressed(Unfolding unfolding) {
        return unfolding.happenings().stream()
                .filter(h -> h.what() == Happening.What.HURRIED || h.what() == Happening.What.SACKED)
                .findFirst()
                .map(h -> new Scene.Press(h.who(), h.seconds()));
    }

    private static Optional<Double> when(Unfolding unfolding, Happening.What what) {
        return unfolding.happenings().stream()
                .filter(h -> h.what() == what)
                .map(Happening::seconds)
                .findFirst();
    }

    /** Where a man has come to from his first place, tick by tick. */
    private static List<Point> way(Unfolding unfolding, String man) {
        int index = unfolding.men().indexOf(man);
        Point from = unfolding.at(index, 0);
        return IntStream.range(0, unfolding.ticks())
                .mapToObj(t -> unfolding.at(index, t))
                .map(p -> new Point(p.x() - from.x(), p.y() - from.y()))
                .toList();
    }

    private static List<Point> ball(Unfolding unfolding) {
        float[] ball = unfolding.ball();
        return IntStream.range(0, ball.length / 2)
                .mapToObj(t -> new Point(ball[2 * t], ball[2 * t + 1]))
                .toList();
    }

    private Formation jittered(Formation formation, Field field) {
        var men = new ArrayList<Man>();
        for (Man man : formation.men()) {
            double jitter = man.interior() || man.post() == Man.Post.QUARTERBACK
                    ? 0
                    : Math.abs(man.x()) > 5 ? RECEIVER_JITTER : SPLIT_JITTER;
            double x = man.x() + (random.nextDouble() * 2 - 1) * jitter;
            double limit = 25.5;
            double inField = Math.max(
                    field.sidelineX(Side.LEFT) + 26.67 - limit,
                    Math.min(field.sidelineX(Side.RIGHT) - 26.67 + limit, x));
            men.add(man.at(inField, man.depth()));
        }
        return new Formation(formation.name(), men);
    }

    /** That of the man who plays there by the chart. */
    private static int number(Job job, Map<String, Player> men, int index) {
        return Optional.ofNullable(men.get(job.id()))
                .map(Player::number)
                .orElse(job.role().lineman() ? 80 + index : 20 + index);
    }

    private Body defender(Job job, int number, List<Fault> faults, List<Point> way) {
        Optional<Fault> fault =
                faults.stream().filter(f -> f.job().equals(job.id())).findFirst();
        Point asked = job.feet();
        double outward = asked.x() < 0 ? -1 : 1;
        boolean line = job.role().lineman();
        double wider = fault.map(Fault::wider).orElse(0.0) + random.nextGaussian() * STANCE_JITTER;
        double deeper = fault.map(Fault::deeper).orElse(0.0) + (line ? 0.2 : 0) + random.nextGaussian() * STANCE_JITTER;
        var stands = new Point(asked.x() + outward * wider, asked.y() + deeper);
        return new Body(job.id(), number, true, stands, way, line);
    }
}
