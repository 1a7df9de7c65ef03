package mensch.core.simulation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mensch.core.convention.SnapModel;
import mensch.core.document.RefusedException;
import mensch.core.field.Situation;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Blocking;
import mensch.core.matchup.Matchup;
import mensch.core.play.BallPath;
import mensch.core.play.Run;

/**
 * A run at a line-up, ready to be run with any seed. The same line-up, play, faults, settings and seed give the same
 * snap to the byte.
 */
public final class Simulation {
    private static final String MISREAD = "misread";
    /** No play lasts longer, seconds. */
    private static final double LONGEST = 12;
    /** The ball is handed over when the carrier is so near to where he gets it, yards. */
    private static final double MESH = 1.2;
    /** It is handed over so much later at the most, seconds. */
    private static final double LATE = 0.5;
    /** Two bodies are no nearer to each other than this, yards. */
    private static final double BODIES = 0.6;

    private final Side play;
    private final Lineup asked;
    private final Cast cast;
    private final Matchup matchup;
    private final Run run;
    private final Blocking blocking;
    private final SnapModel model;
    private final List<Fault> faults;

    private Simulation(Side play, Lineup asked, Matchup matchup, Run run, Blocking blocking, List<Fault> faults) {
        this.play = play;
        this.asked = asked;
        this.matchup = matchup;
        this.cast = new Cast(matchup.lineup(), play);
        this.run = run;
        this.blocking = blocking;
        this.model = matchup.lineup().convention().snap();
        this.faults = faults;
        faults.forEach(this::known);
    }

    private void known(Fault fault) {
        if (cast.named(fault.man()) < 0) {
            throw new RefusedException("nobody is called \"" + fault.man() + "\" here; there are "
                    + String.join(", ", cast.actors.stream().map(Actor::id).toList()));
        }
        boolean offence = cast.named(fault.man()) < cast.defence;
        if (offence && fault.kind() != Fault.Kind.LATE) {
            throw new RefusedException(fault.man() + " is told no key to read and no first step here: a man of the"
                    + " offence can only be late");
        }
    }

    /**
     * None when the formation cannot run it to that side, and for an option with a pitch, which is not run yet.
     *
     * @throws RefusedException when a fault names nobody who is there
     */
    public static Optional<Simulation> of(Lineup lineup, Run run, Side play, List<Fault> faults) {
        if (run.option() && !run.paths().equals(List.of(BallPath.DIVE, BallPath.QUARTERBACK))) {
            return Optional.empty();
        }
        Lineup seen = play == Side.RIGHT ? lineup : lineup.mirror();
        Matchup matchup = Matchup.atTheSnap(seen);
        return matchup.blocking(run, Side.RIGHT).map(b -> new Simulation(play, lineup, matchup, run, b, faults));
    }

    /** One snap. */
    public Unfolding snap(long seed) {
        return new Snap(seed).unfold();
    }

    /** Down and distance it is run on. */
    public Situation situation() {
        return cast.lineup.snap().situation();
    }

    public int yardsToGoal() {
        return cast.lineup.snap().field().ball().yardsToGoal();
    }

    /** Why a snap went as it did. */
    public Cause cause(Unfolding snap) {
        return Causes.of(asked, snap, faults, Outcome.held(snap, situation(), yardsToGoal()));
    }

    /** One snap while it runs. */
    private final class Snap {
        private final long seed;
        private final Luck luck;
        private final Ground ground;
        private final Story story;
        private final Contests contests;
        private final Minds minds;
        private final Fits fits;
        private final Blockers blockers;
        private final Runner back;
        private final Optional<OptionRead> read;
        private Runner runner;
        private boolean decided;
        private final Tackles tackles;
        private final int carrier;
        private final int quarterback;
        private final Point mesh;
        private final int meshTick;
        private final List<float[]> frames = new ArrayList<>();
        private int ball;
        private boolean crossed;

        Snap(long seed) {
            this.seed = seed;
            this.luck = new Luck(seed);
            this.ground = new Ground(cast, model, luck);
            this.story = new Story(cast, ground);
            this.contests = new Contests(cast, ground, model, luck, story);
            this.minds = new Minds(cast, ground, contests, model, luck, story, matchup);
            this.fits = new Fits(cast, ground, contests, minds, model);
            this.blockers = new Blockers(cast, ground, contests, model, story, blocking);
            this.back =
                    new Runner(cast, ground, contests, model, blocking.point().x());
            this.runner = back;
            this.tackles = new Tackles(cast, ground, contests, model, luck, story);
            this.carrier = cast.of(run.carrier(cast.view));
            var taker = cast.shape.quarterback();
            this.quarterback = taker == null ? carrier : cast.of(taker);
            this.mesh = run.mesh(cast.view);
            this.meshTick = Clock.ticks(run.meshSeconds(cast.view));
            this.ball = quarterback;
            this.read = run.option()
                    ? blocking.read().stream()
                            .findFirst()
                            .map(job -> new OptionRead(
                                    ground,
                                    luck,
                                    model.runner().misreads(),
                                    cast.actors.get(quarterback),
                                    cast.actors.get(cast.of(job))))
                    : Optional.empty();
            for (Fault fault : faults) {
                int man = cast.named(fault.man());
                switch (fault.kind()) {
                    case LATE -> ground.from[man] += (int) Math.round(fault.amount());
                    case SLOW_READ -> minds.slower(man, (int) Math.round(fault.amount()));
                    case FALSE_STEP -> fits.falseStep(man, fault.amount());
                }
            }
        }

        Unfolding unfold() {
            story.tell(Happening.What.BALL_MOVES, cast.of(cast.shape.snapper()), 0, "");
            record();
            int last = Clock.ticks(LONGEST);
            for (int tick = 1; tick <= last; tick++) {
                if (next(tick)) {
                    return ended(tick);
                }
            }
            return done(ground.y[ball], false);
        }

        /** @return whether the play is over */
        private boolean next(int tick) {
            minds.look(tick, ball);
            fits.aim(tick, ball, runner.lane(), carrier, back.lane());
            blockers.aim(tick, runner.lane());
            backfield(tick);
            for (int man = 0; man < cast.size(); man++) {
                if (!contests.engaged(man)) {
                    ground.move(man, tick);
                }
            }
            contests.move(tick);
            apart();
            blockers.meet(tick, runner.lane());
            handOff(tick);
            cross(tick);
            record();
            if (ball != quarterback || carrier == quarterback || decided) {
                int tackler = tackles.tick(ball, tick);
                if (tackler >= 0) {
                    story.tell(Happening.What.TACKLE, tackler, ball, tick, "");
                    return true;
                }
            }
            return ground.y[ball] >= goal() || out();
        }

        private double goal() {
            return yardsToGoal();
        }

        private boolean out() {
            var field = cast.lineup.snap().field();
            return ground.x[ball] < field.sidelineX(Side.LEFT) || ground.x[ball] > field.sidelineX(Side.RIGHT);
        }

        private Unfolding ended(int tick) {
            if (ground.y[ball] >= goal()) {
                story.tell(Happening.What.SCORES, ball, tick, "");
                return done(goal(), true);
            }
            if (out()) {
                story.tell(Happening.What.OUT_OF_BOUNDS, ball, tick, "");
                return done(ground.y[ball], false);
            }
            int tackler = cast.named(story.last().who());
            double on = tackles.forward(tackler, ball);
            double speed = Math.max(1, ground.speed(ball));
            double y = ground.y[ball] + on * ground.vy[ball] / speed;
            return done(Math.min(y, goal()), y >= goal());
        }

        private void backfield(int tick) {
            boolean kept = ball == quarterback && decided;
            if (kept || ball == carrier && (carrier != quarterback || tick >= meshTick)) {
                if (runner.aim(ball, tick)) {
                    story.tell(Happening.What.BACK_COMMITS, ball, tick, "");
                    minds.ballGoes(tick, false);
                }
            } else {
                toTheMesh(tick);
            }
            if (kept) {
                // who has not got it runs as if he had
                ground.aim(carrier, blocking.point().x(), 3, ground.top[carrier] * 0.8, false);
            }
            for (int man = 0; man < cast.defence; man++) {
                boolean free = man != carrier && !blockers.works(man) && !(kept && man == ball);
                if (free && man == quarterback) {
                    boolean has = ball == quarterback;
                    // who has handed it off goes the other way, as on a boot
                    ground.aim(
                            man,
                            has ? mesh.x() : mesh.x() - 8,
                            has ? mesh.y() - 0.3 : mesh.y() - 2,
                            ground.top[man] * 0.8,
                            has);
                } else if (free) {
                    ground.aim(man, ground.x[man] + 3, ground.y[man] + 2, ground.top[man], false);
                }
            }
        }

        private void toTheMesh(int tick) {
            double seconds = Math.max(Clock.TICK, Clock.seconds(meshTick - tick));
            double away = ground.distance(carrier, mesh.x(), mesh.y());
            boolean steps = run.ball().first() == Run.First.AWAY && Clock.seconds(tick) < 0.5;
            if (steps) {
                ground.aim(carrier, ground.x[carrier] - 3, ground.y[carrier] + 1, ground.top[carrier] * 0.5, false);
            } else if (run.ball().first() == Run.First.PASS && Clock.seconds(tick) < 0.6) {
                ground.stand(carrier);
            } else {
                ground.aim(
                        carrier, mesh.x(), mesh.y(), Math.max(4, Math.min(ground.top[carrier], away / seconds)), false);
            }
        }

        private void handOff(int tick) {
            if (ball == carrier || decided || tick < meshTick - 2) {
                return;
            }
            if (read.isPresent() && tick >= meshTick && read.get().keeps(mesh, blocking.point())) {
                decided = true;
                runner = new Runner(cast, ground, contests, model, read.get().lane());
                String wrong = read.get().misreads() ? MISREAD : "";
                story.tell(Happening.What.BALL_PULLED, quarterback, read.get().man(), tick, wrong);
                minds.handedOff(tick);
                minds.pulled(tick);
                return;
            }
            boolean near = ground.distance(carrier, mesh.x(), mesh.y()) < MESH && tick >= meshTick;
            if (near || tick >= meshTick + Clock.ticks(LATE)) {
                story.tell(Happening.What.HANDED_OFF, carrier, quarterback, tick, "");
                ball = carrier;
                minds.handedOff(tick);
            }
        }

        private void cross(int tick) {
            if (!crossed && ground.y[ball] > 0 && (ball == carrier || decided)) {
                crossed = true;
                story.tell(Happening.What.LINE_CROSSED, ball, tick, "");
                minds.ballGoes(tick, true);
            }
        }

        /** Bodies do not pass through one another; the smaller gives more way. All pairs at once. */
        private void apart() {
            int men = cast.size();
            double[] moveX = new double[men];
            double[] moveY = new double[men];
            for (int a = 0; a < men; a++) {
                for (int b = a + 1; b < men; b++) {
                    double squared = ground.squared(a, b);
                    if (squared >= BODIES * BODIES || together(a, b)) {
                        continue;
                    }
                    double apart = Math.max(1e-3, Math.sqrt(squared));
                    double push = (BODIES - apart) / apart;
                    int sizes = cast.actors.get(a).size() + cast.actors.get(b).size() + 2;
                    double partA = (double) (cast.actors.get(b).size() + 1) / sizes;
                    double dx = (ground.x[a] - ground.x[b]) * push;
                    double dy = (ground.y[a] - ground.y[b]) * push;
                    moveX[a] += dx * partA;
                    moveY[a] += dy * partA;
                    moveX[b] -= dx * (1 - partA);
                    moveY[b] -= dy * (1 - partA);
                }
            }
            for (int i = 0; i < men; i++) {
                ground.x[i] += moveX[i];
                ground.y[i] += moveY[i];
            }
        }

        /** The quarterback and whom he gives the ball; a blocker and his man keep their own distance. */
        private boolean together(int a, int b) {
            return a == quarterback && b == carrier
                    || b == quarterback && a == carrier
                    || a < cast.defence && contests.on[a] == b;
        }

        private void record() {
            float[] frame = new float[2 * cast.size()];
            for (int i = 0; i < cast.size(); i++) {
                frame[2 * i] = (float) (play.sign() * ground.x[i]);
                frame[2 * i + 1] = (float) ground.y[i];
            }
            frames.add(frame);
        }

        private Unfolding done(double gain, boolean scores) {
            var tracks = new ArrayList<float[]>();
            for (int i = 0; i < cast.size(); i++) {
                float[] track = new float[2 * frames.size()];
                for (int t = 0; t < frames.size(); t++) {
                    track[2 * t] = frames.get(t)[2 * i];
                    track[2 * t + 1] = frames.get(t)[2 * i + 1];
                }
                tracks.add(track);
            }
            List<Happening> told = story.happenings();
            return new Unfolding(
                    seed,
                    cast.actors.stream().map(Actor::id).toList(),
                    tracks,
                    play == Side.RIGHT
                            ? told
                            : told.stream().map(Happening::mirror).toList(),
                    gain,
                    scores);
        }
    }
}
