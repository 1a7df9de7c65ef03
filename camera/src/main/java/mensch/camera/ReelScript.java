package mensch.camera;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
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
import mensch.core.rung.Task;

/** Ten made-up snaps: the offence jittered, the defence as asked but for small human errors and the scripted faults. */
public final class ReelScript {
    private static final double SPLIT_JITTER = 0.3;
    private static final double RECEIVER_JITTER = 1.0;
    private static final double STANCE_JITTER = 0.08;

    private static final List<String[]> LOG = List.of(
            new String[] {"pro-i", "right", "anvil-drizzle", "hs m 62 1&10"},
                    new String[] {"doubles-gun", "right", "anvil-drizzle", "hs l 57 2&5"},
            new String[] {"trips-open", "left", "anvil-fog", "hs r 52 1&10"},
                    new String[] {"pro-i", "left", "anvil-drizzle", "hs l 46 2&4"},
            new String[] {"ace-twin-ends", "right", "anvil-fog", "hs m 43 3&1"},
                    new String[] {"trips-nub", "right", "anvil-drizzle", "hs r 39 1&10"},
            new String[] {"empty-3x2", "right", "anvil-fog", "hs m 36 2&7"},
                    new String[] {"pro-i", "right", "anvil-fog", "hs l 30 1&10"},
            new String[] {"doubles-gun", "left", "anvil-drizzle", "hs r 24 2&6"},
                    new String[] {"trips-open", "right", "anvil-drizzle", "hs l 21 3&3"});

    private static final Fault WIDE = new Fault("nickel", "nickel 1.8 yd wide", 1.8, 0);
    private static final Fault GAP_OVER = new Fault("will", "backer a gap over", 1.33, 0);
    private static final Fault LATE = new Fault("free", "safety late, 4 yd deep of his place", 0, 4);
    private static final Fault FIVE = new Fault("end-call", "end in a 5 instead of a 7", -0.53, 0);
    private static final List<List<Fault>> FAULTS = List.of(
            List.of(WIDE),
            List.of(),
            List.of(GAP_OVER),
            List.of(FIVE),
            List.of(LATE),
            List.of(),
            List.of(WIDE, LATE),
            List.of(FIVE),
            List.of(GAP_OVER),
            List.of(WIDE));

    private final Library library = Library.shipped();
    private final Random random;

    public ReelScript(long seed) {
        this.random = new Random(seed);
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
        var bodies = new ArrayList<Body>();
        for (Man man : snap.formation().men()) {
            bodies.add(offence(man, bodies.size()));
        }
        for (Job job : lineup.jobs()) {
            bodies.add(defender(
                    lineup,
                    job,
                    faults.stream()
                            .filter(f -> f.job().equals(job.id()))
                            .findFirst()
                            .orElse(null),
                    bodies.size()));
        }
        return new Scene(number, log[0], mirrored, log[2], log[3], snap, List.copyOf(bodies), faults);
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

    private Body offence(Man man, int index) {
        boolean line = man.interior();
        Point toward = line
                ? new Point(man.x() * 1.05, man.feet().y() - 1)
                : man.post() == Man.Post.QUARTERBACK
                        ? new Point(man.x(), man.feet().y() - 3)
                        : Math.abs(man.x()) < 3.5 ? new Point(man.x() + 3, -2) : new Point(man.x(), 12);
        int number = line ? 60 + index : man.post() == Man.Post.QUARTERBACK ? 7 : 80 + index;
        return new Body(man.name(), number, false, man.feet(), toward, line ? 1.5 : 6, line);
    }

    private Body defender(Lineup lineup, Job job, Fault fault, int index) {
        Point asked = job.feet();
        double outward = asked.x() < 0 ? -1 : 1;
        boolean line = job.role().lineman();
        double wider = (fault == null ? 0 : fault.wider()) + random.nextGaussian() * STANCE_JITTER;
        double deeper = (fault == null ? 0 : fault.deeper()) + (line ? 0.2 : 0) + random.nextGaussian() * STANCE_JITTER;
        var stands = new Point(asked.x() + outward * wider, asked.y() + deeper);
        Point toward = job.passTask() instanceof Task.Cover cover
                ? cover.landmark(lineup.view(job))
                : new Point(stands.x() * 0.8, -4);
        return new Body(job.id(), line ? 80 + index : 20 + index, true, stands, toward, line ? 3 : 5.5, line);
    }
}
